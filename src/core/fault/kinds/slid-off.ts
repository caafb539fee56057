import { isCore, moved, partWith, sectionWith, type Fault } from '../fault';

export const slidOff: Fault = {
  slug: 'slid-off',
  seen: 'The working cord slides along or off at the start',
  because: 'It was never locked: the first half knot was let go before the second held it.',
  undo: 'Push it back up to the start; the first two half knots if they have opened.',
  mend: 'Tie two half knots, hold them with a finger or tape, and draw them up before going on. Gently while only tape holds it.',
  where: (piece) =>
    partWith(piece, ({ part }) => part.slug === 'tie-middle') &&
    sectionWith(piece, ({ runs }) => runs[0]!.measure.halfKnots > 0),
  bend: (lines) =>
    moved(
      lines,
      (line) => !isCore(line),
      ([x, y, z]) => [x * (1 + 0.3 * Math.exp(-y / 3)), y + 3.2, z],
    ),
};
