import { safetyClass } from '../part';
import { groupsOf, isSection, type Piece, type PiecePart, type ProjectAct } from '../project';
import { builtActs } from './built-acts';
import { isIn, sectionsBy } from './sections-by';

/** An act of a piece, without its words. */
export interface PieceAct {
  readonly act: ProjectAct;
  /** Parts and sections that it makes, by the names its project uses. */
  readonly of: readonly string[];
  /** Sections whose ties are counted while it is done: it is the last to count them. */
  readonly counts: readonly string[];
  /** The part whose ends it finishes, by name. */
  readonly end: string | undefined;
  readonly tools: readonly string[];
  readonly heat: boolean;
  readonly glue: boolean;
  /** Who does it. `anybody` is the participant; where there is a flame, an adult for a child. */
  readonly by: 'anybody' | 'helper' | 'instructor';
  /** The knot that the seat chose in place of the project's own, by name. */
  readonly other: string | undefined;
}

/** Everything that an act is of. */
const namesOf = ({ of = [], count, knots, finish }: ProjectAct): string[] => [
  ...new Set([
    ...of,
    ...(count?.sections ?? []),
    ...(knots?.sections ?? []),
    ...(finish === undefined ? [] : [finish]),
  ]),
];

function applies(act: ProjectAct, piece: Piece): boolean {
  const { choices, flame } = piece;
  const { when } = act;
  const names = namesOf(act);
  return (
    (names.length === 0 || names.some((name) => isIn(piece, name))) &&
    (when?.colours === undefined || when.colours === choices.colours) &&
    (when?.swap === undefined || when.swap === (choices.swap ?? false)) &&
    (when?.beads === undefined || when.beads === (choices.beads !== null)) &&
    (when?.flame === undefined || when.flame === flame)
  );
}

/** The part that an act ties in place of its project's own, where the seat chose another knot. */
function otherKnot({ of: [id, ...more] = [], phase }: ProjectAct, { parts, project }: Piece): PiecePart | undefined {
  const item = id === undefined || more.length > 0 || phase !== 'close' ? undefined : parts[id];
  const isOwn =
    !item ||
    id !== project.options.stopper ||
    project.parts.some((use) => use.id === id && use.part === item.part.slug);
  return isOwn ? undefined : item;
}

/** The acts that apply to a piece. Where the seat chose another knot, one act is enough for it: the first. */
function applying(piece: Piece): ProjectAct[] {
  const told = new Set<string>();
  return (piece.project.making?.acts ?? builtActs(piece))
    .filter((act) => applies(act, piece))
    .filter((act) => {
      const other = otherKnot(act, piece);
      if (!other) return true;
      const isFirst = !told.has(other.id);
      told.add(other.id);
      return isFirst;
    });
}

/** Of each act the sections that it is the last to count; sections that repeat by turns are counted together. */
function countsOf(acts: readonly ProjectAct[], piece: Piece): string[][] {
  const groups = groupsOf(piece).map((group) => group.filter(isSection).map(({ id }) => id));
  const taken = new Set<string>();
  const own = acts.map((act, i): string[] => {
    if (!act.count) return [];
    const later = new Set(acts.slice(i + 1).flatMap((next) => (next.count ? namesOf(next) : [])));
    return namesOf(act)
      .filter((name) => !later.has(name))
      .flatMap((name) => sectionsBy(piece, name))
      .flatMap(({ id }) => groups.find((group) => group.includes(id)) ?? [id])
      .filter((id) => {
        const isNew = !taken.has(id);
        taken.add(id);
        return isNew;
      });
  });
  // What is tied and counted by nobody belongs to the last act that makes it.
  for (const { id, runs } of Object.values(piece.sections)) {
    if (taken.has(id) || runs.every(({ stitch }) => stitch.effort === 0)) continue;
    const makes = (act: ProjectAct): boolean =>
      act.phase !== 'check' && namesOf(act).some((name) => sectionsBy(piece, name).some((one) => one.id === id));
    const last = acts.findLastIndex(makes);
    own[last < 0 ? own.length - 1 : last]?.push(id);
  }
  return own;
}

/** Acts by the project of a piece, which holds its choices, with a flame and without: seats that choose alike share them. */
const known = new WeakMap<Piece['project'], Map<boolean, readonly PieceAct[]>>();

/**
 * The acts by which a piece is made, in order: those of its project's making, or built from its strands and parts where it has none.
 *
 * @example
 * actsOf(piece).at(-1).act.phase // 'wear'
 */
export function actsOf(piece: Piece): readonly PieceAct[] {
  const ofProject = known.get(piece.project) ?? new Map<boolean, readonly PieceAct[]>();
  known.set(piece.project, ofProject);
  const found = ofProject.get(piece.flame) ?? findActs(piece);
  ofProject.set(piece.flame, found);
  return found;
}

function findActs(piece: Piece): PieceAct[] {
  const acts = applying(piece);
  const counts = countsOf(acts, piece);
  return acts.map((act, i): PieceAct => {
    const end = act.finish === undefined ? undefined : piece.parts[act.finish];
    const other = otherKnot(act, piece);
    const kind = end && safetyClass(end.part);
    return {
      act,
      of: namesOf(act).filter((name) => isIn(piece, name)),
      counts: counts[i]!,
      end: end?.id,
      tools: [...new Set([...(act.tools ?? []), ...(end?.part.tools ?? []), ...(other?.part.tools ?? [])])],
      heat: act.heat ?? kind === 'heat',
      glue: act.glue ?? end?.part.tools.includes('glue') ?? false,
      by: act.by ?? 'anybody',
      other: other?.id,
    };
  });
}
