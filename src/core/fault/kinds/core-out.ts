import { hill, isCore, moved, sectionWith, type Fault } from '../fault';

export const coreOut: Fault = {
  slug: 'core-out',
  seen: 'A core strand stands out at the side',
  because: 'A half knot went round only some of the core: that strand was not taken in.',
  undo: 'Back to the knot where the strand comes out, and that one too.',
  mend: 'Gather all core strands in one hand, count them, and tie round all of them. A clip keeps them together.',
  where: (piece) =>
    sectionWith(piece, ({ runs }) => (runs[0]?.around.strands ?? 0) > 1 && runs[0]!.measure.halfKnots > 0),
  bend: (lines, { from, pitch, half }) => {
    const last = lines.filter(isCore).at(-1);
    return moved(
      lines,
      (line) => line === last,
      ([x, y, z]) => {
        const out = hill(y, from - pitch * 0.2, from + pitch * 1.3);
        return [x + out * (half + 0.7 - x), y, z + out * 1.2];
      },
    );
  },
};
