import { hasStitch, isCore, sectionWith, type Fault } from '../fault';

/** How far a bead lies off its knot, in diameters. */
const GAP = 1.6;

export const gap: Fault = {
  slug: 'gap',
  seen: 'There is a gap before a bead',
  because: 'The bead was not pushed up to the knot, or the next knot was drawn tight before it lay close.',
  undo: 'Back to the bead: the half knots behind it.',
  mend: 'Push the bead up to the last knot, hold it there, and draw the next knot up close behind it, gently: never tighten hard against a bead.',
  where: (piece) => sectionWith(piece, (section) => hasStitch(section, 'bead-on-core', 'beads-on-workers', 'bead-row')),
  // The first bead and all behind it have slipped away from the knot before it.
  bend: (lines, { pitch }) =>
    lines.map((line) => ({
      ...line,
      points: isCore(line)
        ? line.points
        : line.points.map(([x, y, z]) => [x, y > pitch * 0.55 ? y + GAP : y, z] as const),
    })),
  beads: (beads) => beads.map((bead) => ({ ...bead, at: [bead.at[0], bead.at[1] + GAP, bead.at[2]] })),
};
