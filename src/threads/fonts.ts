import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import type { FontFiles } from '../formats/pdf';
import { unpackWoff } from './woff';

let fonts: Promise<FontFiles> | undefined;

/** The fonts that ship with the app, for what is printed; read once. */
export function readFonts(): Promise<FontFiles> {
  const require = createRequire(`${process.cwd()}/package.json`);
  const file = async (name: string): Promise<Uint8Array> =>
    unpackWoff(
      await readFile(
        require.resolve(`@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-${name}-normal.woff`),
      ),
    );
  fonts ??= Promise.all([file('latin-400'), file('latin-700'), file('latin-ext-400')]).then(([latin, bold, more]) => ({
    latin: latin!,
    bold: bold!,
    more: more!,
  }));
  return fonts;
}
