import { isFlat, moved, rise, sectionWith, type Fault } from '../fault';

export const turned: Fault = {
  slug: 'turned',
  seen: 'The band turns round itself',
  because: 'The same side has led twice. Left and right lead by turns; when one leads twice the band begins to turn.',
  undo: 'Back to where one edge has two upright bars in a row: open from the last knot to the second of them.',
  mend: 'Tie on with the other side leading. Before each half knot look at the edges: the side with the lowest bar leads next.',
  where: (piece) => sectionWith(piece, isFlat),
  bend: (lines, { from, length }) =>
    moved(
      lines,
      () => true,
      ([x, y, z]) => {
        const angle = rise(y, from, length + (length - from)) * 2 * Math.PI;
        return [x * Math.cos(angle) + z * Math.sin(angle), y, z * Math.cos(angle) - x * Math.sin(angle)];
      },
    ),
};
