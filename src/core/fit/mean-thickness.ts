import { isSection, type Piece } from '../project';

/**
 * Thickness of the band as the ring meets it, mm: each section's own over its share of the way round, what fills the band over the rest.
 * A knot or a row of beads lifts the middle line only where it lies.
 */
export function meanThickness(piece: Piece, inner: number): number {
  const band = piece.layout.filter(isSection);
  const filling = band.filter(({ count }) => count === 'fill').map(({ thickness }) => thickness);
  if (filling.length === 0) return piece.thickness;
  const thin = Math.max(...filling);
  const round = inner + Math.PI * thin;
  return band.reduce(
    (mean, { count, unit, thickness }) =>
      count === 'fill' ? mean : mean + Math.min(1, (count * unit) / round) * (thickness - thin),
    thin,
  );
}
