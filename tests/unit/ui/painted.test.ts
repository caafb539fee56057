import { describe, expect, it } from 'vitest';
import { pictureOf, STITCHES } from '../../../src/core/stitch';
import { paintedOf } from '../../../src/ui/strip/paint/painted';

const AROUND = { strands: 2, width: 2, thickness: 1, diameter: 4 };
/** Every second strand is of another colour. */
const hexOf = (strand: string): string => (strand.length % 2 ? '#111111' : '#222222');

describe('what of a picture is painted at once', () => {
  it.each(Object.values(STITCHES).map((stitch) => [stitch.slug, stitch] as const))(
    '%s: all its runs, at their depths and in their colours, back to front, each colour of a depth once',
    (_, stitch) => {
      const geometry = stitch.geometry(AROUND);
      const layers = pictureOf(geometry, 2 * geometry.divisions, 'front');
      const painted = paintedOf(layers, hexOf);
      const listed = (all: readonly { depth: number; thick: number; hex: string; runs: readonly unknown[] }[]) =>
        all
          .flatMap(({ depth, thick, hex, runs }) => runs.map((run) => JSON.stringify([depth, thick, hex, run])))
          .toSorted();
      expect(listed(painted)).toEqual(listed(layers.map((layer) => ({ ...layer, hex: hexOf(layer.strand) }))));
      const depths = painted.map(({ depth }) => depth);
      expect(depths).toEqual(depths.toSorted((a, b) => a - b));
      const kinds = painted.map(({ depth, thick, hex }) => `${depth} ${thick} ${hex}`);
      expect(new Set(kinds).size).toBe(kinds.length);
    },
  );

  it('is fewer paths where many strands are of one colour', () => {
    const geometry = STITCHES['eight-strand-panels']!.geometry(AROUND);
    const layers = pictureOf(geometry, 2 * geometry.divisions, 'front');
    expect(paintedOf(layers, () => '#111111').length).toBeLessThan(layers.length / 2);
  });
});
