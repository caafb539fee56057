import { hill, isCore, moved, sectionWith, type Fault } from '../fault';

export const uneven: Fault = {
  slug: 'uneven',
  seen: 'The band is wider or looser in places',
  because: 'Uneven pulls: one knot drawn hard, the next left soft.',
  undo: 'Nothing: it is mended as it is.',
  mend: 'Work the slack along from knot to knot towards the open end with the fingers. Then small even pulls, both hands alike; do not pull harder.',
  where: (piece) => sectionWith(piece, ({ runs }) => runs[0]!.measure.halfKnots > 0),
  bend: (lines, { from, pitch }) =>
    moved(
      lines,
      (line) => !isCore(line),
      ([x, y, z]) => {
        const loose = hill(y, from - pitch, from + pitch) + hill(y, from + pitch * 1.2, from + pitch * 2.2) * 0.6;
        return [x * (1 + 0.42 * loose), y + 0.25 * loose, z * (1 + 0.2 * loose)];
      },
    ),
};
