import type { Cord } from '../cord';
import type { Fit } from '../fit';
import { inCord, isSection, type LegStep, type Piece, type PieceCord } from '../project';
import { origin } from '../studio';
import type { AnatomyEntry } from './anatomy';

/** One leg walked through the piece, in order, by its measured path: no tail and no allowance yet. */
export interface LegWalk {
  readonly cord: PieceCord;
  readonly entries: readonly AnatomyEntry[];
  /** Whether it works the band or runs through it; a closure's own cord does not. */
  readonly inBand: boolean;
  /** How far what it uses in stitches may be off as a whole, by what is not known of this studio, mm: standard deviation. */
  readonly doubt: number;
  /** What each of its ends needs to be gripped by, beside what is left of it anyway. */
  readonly tails: readonly Tail[];
}

/** An end: to hold while the last repeats are tied or a board grips it, or just to draw a knot up by; never both. */
export interface Tail {
  readonly kind: 'hold' | 'draw';
  /** Of an end that stays long, how long: that is tail already. */
  readonly long_mm: number;
}

/**
 * What a step of the way uses; nothing where the piece's choices leave the part or section out.
 *
 * @example
 * walkStep(piece.cords[0].use.legs[0].route[0], piece.cords[0], piece, fit).for // 'start'
 */
export function walkStep(step: LegStep, { cord }: PieceCord, piece: Piece, fit: Fit): AnatomyEntry | null {
  if ('part' in step) {
    const made = piece.parts[step.part];
    if (!made) return null;
    // The ring as it is made, whole counts and all: what it is longer, its tails need less.
    const inner = fit.inner_mm === undefined ? undefined : fit.inner_mm + fit.error_mm;
    const use = made.part.use(inCord(made.base, cord, inner, step.stands));
    return {
      for: made.part.stretch,
      mm: use.mm,
      because: origin('part', { part: made.part.slug }, `${made.part.name}: ${use.because.text}`, [use.because]),
    };
  }
  if ('past' in step) {
    const passed = piece.parts[step.past];
    if (!passed) return null;
    const what = passed.part.name.toLowerCase();
    return {
      for: 'core',
      mm: passed.along,
      because: origin(
        'past',
        { part: passed.part.slug, along_mm: passed.along },
        `straight past the ${what}: ${passed.along.toFixed(1)}`,
      ),
    };
  }
  const section = piece.sections['core' in step ? step.core : step.work];
  if (!section) return null;
  const count = fit.counts[section.id]!;
  if ('core' in step) {
    const mm = count * section.uses.core!;
    const [code, way] =
      section.uses.core! > section.unit * 1.001
        ? ['core-path', 'by its path through the band']
        : ['core-straight', 'straight through the band'];
    return { for: 'core', mm, because: origin(code!, { way_mm: mm }, `${way}: ${mm.toFixed(1)}`) };
  }
  const use = section.uses[step.as]!;
  const { factor } = section.factors[step.as]!;
  const what = section.halfKnots === 1 ? 'half knots' : 'repeats';
  const counted = count === 1 ? what.slice(0, -1) : what;
  // A half knot by itself ties a cord on.
  return {
    for: section.count === 1 && section.halfKnots === 1 ? 'start' : 'stitches',
    mm: count * use * factor,
    because: origin(
      what === 'repeats' ? 'repeats' : 'half-knots',
      { count, each_mm: use, factor: factor === 1 ? null : factor },
      `${count} ${counted} × ${use.toFixed(2)}, the length of the strand’s path${factor !== 1 ? `, × ${factor.toFixed(3)}, what this studio’s makers use of it` : ''}`,
    ),
  };
}

/** What a step of the way is: legs in the same cord that go the same way are calculated once. */
function nameOf(step: LegStep): string {
  if ('part' in step) return `part ${step.part}${step.stands ? ' stands' : ''}`;
  if ('past' in step) return `past ${step.past}`;
  return 'core' in step ? `core ${step.core}` : `work ${step.work} ${step.as}`;
}

/** An end of a leg at this step, where the step ends one. */
function endAt(step: LegStep | undefined, cord: PieceCord, piece: Piece, kind: Tail['kind']): Tail[] {
  const made = step && 'part' in step ? piece.parts[step.part] : undefined;
  // An end that stands in another's knot or join is not drawn up.
  if (!made?.part.end || (step && 'part' in step && step.stands && made.part.stretch === 'join')) return [];
  return [{ kind, long_mm: made.part.end === 'long' ? made.part.use(inCord(made.base, cord.cord)).mm : 0 }];
}

/**
 * What a leg's ends need. The end it runs to is held where the last section it goes through is one it works, or where board, pin or
 * clip holds it; else a part that ends it is drawn up. A leg that begins with an end has that one to draw up too.
 *
 * @example
 * tailsOf(piece.cords[0].use.legs[0], piece.cords[0], piece).map(({ kind }) => kind) // ['hold']
 */
export function tailsOf({ route, held }: PieceCord['use']['legs'][number], cord: PieceCord, piece: Piece): Tail[] {
  const there = route.filter((step) =>
    'part' in step
      ? step.part in piece.parts
      : 'past' in step
        ? step.past in piece.parts
        : ('core' in step ? step.core : step.work) in piece.sections,
  );
  const at = there.findLastIndex((step) => 'core' in step || 'work' in step);
  const section = there[at];
  const kind = held || (section && 'work' in section) ? 'hold' : 'draw';
  // An end left long past the band is tail already, whatever is tied at its tip.
  const long = there
    .slice(at + 1)
    .flatMap((step) => endAt(step, cord, piece, kind).filter(({ long_mm }) => long_mm > 0));
  const end = long.length > 0 ? long : endAt(there.at(-1), cord, piece, kind);
  const last: Tail[] = end.length === 0 && kind === 'hold' ? [{ kind, long_mm: 0 }] : end;
  return [...(there.length > 1 ? endAt(there[0], cord, piece, 'draw') : []), ...last];
}

/** How far a leg's use may be off as a whole: what is not known of one stitch is off the same way along all of it. */
const doubtOf = (route: readonly LegStep[], piece: Piece, { counts }: Fit): number =>
  route.reduce((sum, step) => {
    const section = 'work' in step ? piece.sections[step.work] : undefined;
    if (!section || !('work' in step)) return sum;
    const { factor, doubt } = section.factors[step.as]!;
    return sum + counts[section.id]! * section.uses[step.as]! * factor * doubt;
  }, 0);

/**
 * Walks every leg of every cord through the fitted piece.
 *
 * @example
 * walkLegs(plan.piece, plan.fit).map(({ cord }) => cord.use.role) // ['whole', 'whole']
 */
export function walkLegs(piece: Piece, fit: Fit): LegWalk[] {
  const walked: LegWalk[] = [];
  const band = new Set(piece.layout.filter(isSection).map(({ id }) => id));
  const knownIn = new Map<Cord, Map<string, AnatomyEntry | null>>();
  for (const cord of piece.cords) {
    const known = knownIn.get(cord.cord) ?? new Map<string, AnatomyEntry | null>();
    knownIn.set(cord.cord, known);
    for (const leg of cord.use.legs) {
      const entries: AnatomyEntry[] = [];
      for (const step of leg.route) {
        const name = nameOf(step);
        let entry = known.get(name);
        if (entry === undefined) known.set(name, (entry = walkStep(step, cord, piece, fit)));
        if (entry && entry.mm > 0) entries.push(entry);
      }
      const inBand = leg.route.some((step) => band.has('core' in step ? step.core : 'work' in step ? step.work : ''));
      walked.push({ cord, entries, inBand, doubt: doubtOf(leg.route, piece, fit), tails: tailsOf(leg, cord, piece) });
    }
  }
  return walked;
}
