import type { Fit } from '../fit';
import { inCord, type LegStep, type Piece, type PieceCord } from '../project';
import type { AnatomyEntry } from './anatomy';

/** One leg walked through the piece, in order, by its measured path: no tail and no allowance yet. */
export interface LegWalk {
  readonly cord: PieceCord;
  readonly entries: readonly AnatomyEntry[];
  /** Whether its end is worked or tied by hand, so that something to hold comes on top. */
  readonly held: boolean;
}

/** What a step of the way uses; nothing where the piece's choices leave the part or section out. */
function walkStep(step: LegStep, { cord }: PieceCord, piece: Piece, fit: Fit): AnatomyEntry | null {
  if ('part' in step) {
    const made = piece.parts[step.part];
    if (!made) return null;
    // The ring as it is made, whole counts and all: what it is longer, its tails need less.
    const inner = fit.inner_mm === undefined ? undefined : fit.inner_mm + fit.error_mm;
    const use = made.part.use(inCord(made.base, cord, inner));
    return { for: made.part.stretch, mm: use.mm, because: `${made.part.name}: ${use.because}` };
  }
  if ('past' in step) {
    const passed = piece.parts[step.past];
    if (!passed) return null;
    const what = passed.part.name.toLowerCase();
    return { for: 'core', mm: passed.along, because: `straight past the ${what}: ${passed.along.toFixed(1)}` };
  }
  const section = piece.sections['core' in step ? step.core : step.work];
  if (!section) return null;
  const count = fit.counts[section.id]!;
  if ('core' in step) {
    const mm = count * section.uses.core!;
    const way =
      section.uses.core! > section.unit * 1.001 ? 'by its path through the band' : 'straight through the band';
    return { for: 'core', mm, because: `${way}: ${mm.toFixed(1)}` };
  }
  const use = section.uses[step.as]!;
  const single = section.runs.length === 1 ? section.runs[0]! : null;
  const what = single && single.measure.halfKnots === single.measure.divisions ? 'half knots' : 'repeats';
  return {
    for: 'stitches',
    mm: count * use,
    because: `${count} ${what} × ${use.toFixed(2)}, the length of the strand’s path`,
  };
}

/** What a step of the way is, so that legs of one cord that go the same way are reckoned once. */
function nameOf(step: LegStep): string {
  if ('part' in step) return `part ${step.part}`;
  if ('past' in step) return `past ${step.past}`;
  return 'core' in step ? `core ${step.core}` : `work ${step.work} ${step.as}`;
}

/** Walks every leg of every cord through the fitted piece. */
export function walkLegs(piece: Piece, fit: Fit): LegWalk[] {
  const walked: LegWalk[] = [];
  for (const cord of piece.cords) {
    const known = new Map<string, AnatomyEntry | null>();
    for (const leg of cord.use.legs) {
      const entries: AnatomyEntry[] = [];
      let held = false;
      for (const step of leg.route) {
        const name = nameOf(step);
        let entry = known.get(name);
        if (entry === undefined) known.set(name, (entry = walkStep(step, cord, piece, fit)));
        if (entry && entry.mm > 0) entries.push(entry);
        if ('work' in step) held ||= step.work in piece.sections;
        else if ('part' in step) held ||= piece.parts[step.part]?.part.held ?? false;
      }
      walked.push({ cord, entries, held });
    }
  }
  return walked;
}
