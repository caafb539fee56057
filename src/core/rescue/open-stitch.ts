import { measureStitch, STITCHES } from '../stitch';
import { knots, mm, type Rescue, type Short } from './rescue';

/** Beads that may stand between knots, mm long. */
const BEADS = [6, 8, 10, 12];

/** The rest in a stitch that takes less cord a length, or with beads between, past which the strands only run. */
export function openStitch({ stretch, lasts, toCome }: Short): Rescue | null {
  const { section, pitch } = stretch;
  const run = section.runs[0]!;
  if (section.runs.length > 1 || run.stitch.slug !== 'square-knot' || lasts.worst.as === null) return null;
  const lacks = -lasts.worst.over;
  const { d } = section;
  const spiral = measureStitch(STITCHES['half-knot-spiral']!, run.around);
  const perMm = (spiral.use.a! * d) / (spiral.pitch * d);
  const saves = toCome * (lasts.worst.perTie - perMm * pitch);
  if (saves >= lacks) {
    const rest = Math.ceil((lacks / saves) * toCome);
    return {
      slug: 'open',
      title: 'Go on in a spiral',
      text: `Tie the last ${knots(stretch, rest).replace(' more', '')} as a spiral, the same side leading: that takes ${mm(saves * (rest / toCome))} less.`,
      keeps: 'All of it; the end of the band turns.',
    };
  }
  const room = toCome * pitch;
  for (const length of BEADS) {
    // Past a bead a strand runs straight, with half a diameter before and after it.
    const takes = length + d;
    const saved = (takes / pitch) * lasts.worst.perTie - takes * 1.06;
    const beads = Math.ceil(lacks / saved);
    if (saved > 0 && beads * (takes + 2 * pitch) <= room)
      return {
        slug: 'open',
        title: 'Set beads between',
        text: `${beads} ${beads === 1 ? 'bead' : 'beads'} of ${mm(length)} on the core, a square knot or more between them: each saves ${mm(saved)}.`,
        keeps: 'All of it, with beads in the rest.',
      };
  }
  return null;
}
