import { knots, mm, type Rescue, type Short } from './rescue';

/**
 * New cord under the knotting, from where the old one has just enough to lie along with it. The new end does all that the old one had
 * still to do, in this stretch and in those after it, and keeps what is held to the last knot.
 */
export function joinIn({ lasts, stretch, toCome, figures, offcuts }: Short): Rescue | null {
  const { worst } = lasts;
  if (worst.as === null) return null;
  const overlap = figures.tuck_join;
  const before = Math.min(toCome, Math.max(0, Math.floor((worst.left - overlap) / worst.perTie)));
  const needs = worst.ties_mm + worst.rest_mm - before * worst.perTie + worst.hold_mm + overlap;
  const { slug } = worst.of.cord;
  const offcut = offcuts
    .filter(({ cord, colour, mm: long }) => cord === slug && colour === worst.of.colour && long >= needs)
    .toSorted((a, b) => a.mm - b.mm)[0];
  const from = offcut
    ? `${offcut.label} (${mm(offcut.mm)}) is long enough`
    : 'no offcut of that cord and colour on the shelf is long enough: cut it from a spool';
  return {
    slug: 'join',
    title: 'Join in new cord',
    text: `${before === 0 ? 'Now' : `After ${knots(stretch, before)}`} lay a new length of ${mm(needs)} along the core, ${mm(overlap)} of it and of the old end under the next knots, and go on with it: ${from}.`,
    keeps: 'All of it; two ends to tuck more.',
    values: {
      after: before,
      new_mm: needs,
      overlap_mm: overlap,
      offcut: offcut?.label ?? null,
      offcut_mm: offcut?.mm ?? null,
    },
  };
}
