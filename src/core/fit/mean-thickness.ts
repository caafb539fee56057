import { groupsOf, isSection, type Piece } from '../project';

/**
 * Thickness of the band as the ring meets it, mm: each section's own over its share of the way round, what fills the band over the rest.
 * A knot or a row of beads lifts the middle line only where it lies.
 */
export function meanThickness(piece: Piece, inner: number): number {
  const band = piece.layout.filter(isSection);
  // Of sections that repeat by turns each lifts its own share of the repeat.
  const filling = groupsOf(piece)
    .map((group) => group.filter(isSection).filter(({ count }) => count === 'fill'))
    .filter(({ length }) => length > 0)
    .map((group) => {
      const long = group.reduce((sum, { unit }) => sum + unit, 0);
      return group.reduce((sum, { unit, thickness }) => sum + (unit * thickness) / long, 0);
    });
  if (filling.length === 0) return piece.thickness;
  const thin = Math.max(...filling);
  const round = inner + Math.PI * thin;
  return band.reduce(
    (mean, { count, unit, thickness }) =>
      count === 'fill' ? mean : mean + Math.min(1, (count * unit) / round) * (thickness - thin),
    thin,
  );
}
