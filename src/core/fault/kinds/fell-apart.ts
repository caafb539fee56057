import { hill, isCore, isFlat, hasStitch, moved, sectionWith, type Fault } from '../fault';

export const fellApart: Fault = {
  slug: 'fell-apart',
  seen: 'A half knot falls apart',
  because: 'The second strand went behind the first one’s tail, not over it; or it did not pass round the core.',
  undo: 'That one half knot only: it opens by itself.',
  mend: 'Lay the leading strand across. The other goes over its tail, behind all of the core, and out through the loop from behind.',
  where: (piece) =>
    sectionWith(piece, (section) => isFlat(section) || hasStitch(section, 'half-knot-spiral', 'double-spiral')),
  bend: (lines, { from, pitch, half }) =>
    moved(
      lines,
      (line) => !isCore(line),
      ([x, y, z]) => {
        const open = hill(y, from, from + pitch * 0.9);
        return [x + Math.sign(x) * open * half * 0.9, y, z * (1 - open * 0.8)];
      },
    ),
};
