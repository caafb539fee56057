import { OVERHAND, OVERHAND_HEIGHT } from './overhand';
import type { Point, Stitch } from './strand';

/** Beads on a strand, one behind the other, and an overhand knot of the strand behind them. */
export const beadRow: Stitch = {
  slug: 'bead-row',
  name: 'Beads with a knot behind',
  geometry: ({ beads = [] }) => {
    const strung = beads.reduce((sum, bead) => sum + bead.length, 0);
    const pitch = strung + OVERHAND_HEIGHT;
    // Straight through the beads; then the knot, from half its height before its middle to half after.
    const middle = strung + OVERHAND_HEIGHT / 2;
    const knot = OVERHAND.filter(([, y]) => Math.abs(y) < OVERHAND_HEIGHT / 2).map(([x, y, z]): Point => [
      x + 0.06,
      y + middle,
      z,
    ]);
    const through = Array.from({ length: 6 }, (_, i): Point => [0, (strung * i) / 6, 0]);
    let from = 0;
    return {
      pitch,
      divisions: 1,
      halfKnots: 0,
      working: [{ strand: 'a', points: [...through, ...knot] }],
      core: [],
      beads: beads.map((bead, index) => {
        const at: Point = [0, from + bead.length / 2, 0];
        from += bead.length;
        return { ...bead, index, at, hole: 'along' as const };
      }),
    };
  },
  beads: 1,
  through: 1,
  effort: 4,
  difficulty: 1,
  steps: [
    { text: 'Thread the bead and its spacer, and push them up to the last knot.', active: 'a', reached: { a: 0.4 } },
    {
      text: 'Tie an overhand knot close behind; walk it up with a pin before you draw it tight.',
      active: 'a',
      reached: { a: 1 },
    },
  ],
  watch: 'A knot drawn tight too early cannot be moved: place it with a pin first.',
};
