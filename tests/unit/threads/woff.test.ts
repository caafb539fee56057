import fontkit from '@pdf-lib/fontkit';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { expect, it } from 'vitest';
import { unpackWoff } from '../../../src/threads/woff';

const require = createRequire(import.meta.url);

it.each(['latin-400', 'latin-700', 'latin-ext-400'])(
  'unpacks %s into the same letters, as wide and as drawn',
  (name) => {
    const packed = readFileSync(
      require.resolve(`@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-${name}-normal.woff`),
    );
    const [one, other] = [packed, unpackWoff(packed)].map((bytes) => fontkit.create(bytes)) as [
      ReturnType<typeof fontkit.create>,
      ReturnType<typeof fontkit.create>,
    ];
    expect(other.characterSet).toEqual(one.characterSet);
    for (const code of one.characterSet) {
      const [first, second] = [one, other].map((font) => font.glyphForCodePoint(code)) as [
        ReturnType<typeof one.glyphForCodePoint>,
        ReturnType<typeof one.glyphForCodePoint>,
      ];
      expect([second.advanceWidth, second.path.toSVG()]).toEqual([first.advanceWidth, first.path.toSVG()]);
    }
  },
);
