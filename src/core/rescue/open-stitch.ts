import { measureStitch, STITCHES } from '../stitch';
import { knots, mm, type Rescue, type Short } from './rescue';

/** Beads that may stand between knots, mm long. */
const BEADS = [6, 8, 10, 12];

/** The rest in a stitch that takes less cord a length, or with beads between, past which the strands only run. */
export function openStitch({ stretch, lasts, toCome }: Short): Rescue | null {
  const { section, pitch } = stretch;
  const run = section.runs[0]!;
  if (section.runs.length > 1 || run.stitch.slug !== 'square-knot' || lasts.worst.as === null) return null;
  // Where it may just last, what makers differ by is made up for.
  const { over, give } = lasts.worst;
  const lacks = over < 0 ? -over : give - over;
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
      values: { way: 'spiral', ties: rest, less_mm: saves * (rest / toCome) },
    };
  }
  const room = toCome * pitch;
  const knot = measureStitch(STITCHES['square-knot']!, run.around);
  for (const length of BEADS) {
    // What a round bead on the core takes of a strand that is carried past it, and of the band: by the paths of both stitches.
    const bead = { length: length / d, width: length / d };
    const beaded = measureStitch(STITCHES['bead-on-core']!, { ...run.around, beads: [bead] });
    const takes = (beaded.pitch - knot.pitch) * d;
    const saved = (takes / pitch) * lasts.worst.perTie - (beaded.use.a! - knot.use.a!) * d;
    const beads = Math.ceil(lacks / saved);
    if (saved > 0 && beads * (takes + 2 * pitch) <= room)
      return {
        slug: 'open',
        title: 'Set beads between',
        text: `${beads} round ${beads === 1 ? 'bead' : 'beads'} of ${mm(length)} on the core, a square knot or more between them: each saves ${mm(saved)}.`,
        keeps: 'All of it, with beads in the rest.',
        values: { way: 'beads', beads, bead_mm: length, each_mm: saved },
      };
  }
  return null;
}
