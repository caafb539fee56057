import { sectionsBy, type PieceAct } from '../acts';
import { idIn, type Piece, type PiecePart, type PieceSection } from '../project';
import { fineness } from './hands';

/** Beads of a section: so many for each time that it repeats. */
interface Beads {
  readonly section: string;
  readonly each: number;
}

/** Knots likewise, less so many that an act before tied. */
interface Knots extends Beads {
  readonly less: number;
  /** How fine its cord is. */
  readonly fine: number;
}

/** What an act asks of hands, whatever the size of the piece. */
export interface ActWork {
  readonly knots: readonly Knots[];
  readonly beads: readonly Beads[];
  /** Seconds of a fluent adult for its parts. */
  readonly partSeconds: number;
  /** Strands that it lays: those of the section that has most, shared among the acts that lay it. */
  readonly strands: number;
  /** Ends that it takes to the flame. */
  readonly ends: number;
}

const CHECKS: ReadonlySet<string> = new Set(['check', 'wear']);
const BEAD_UNITS: ReadonlySet<string> = new Set(['beads', 'core-beads', 'edge-pairs']);
const sum = (values: readonly number[]): number => values.reduce((all, value) => all + value, 0);
const isMaking = ({ act, by }: PieceAct): boolean => !CHECKS.has(act.phase) && by !== 'instructor';
const isLaying = ({ act }: PieceAct): boolean => act.phase === 'set-up' || act.phase === 'prepare';

/** How often each name occurs. */
function tally(names: readonly string[]): ReadonlyMap<string, number> {
  const times = new Map<string, number>();
  for (const name of names) times.set(name, (times.get(name) ?? 0) + 1);
  return times;
}

/** How many strands of a piece make each part and go through each section. */
function strandsAt({ cords }: Piece) {
  const routes = cords.flatMap(({ use }) => use.legs.map(({ route }) => route));
  const parts = routes.map((route) =>
    route.flatMap((step) => ('stands' in step && step.stands ? [] : (idIn(step, 'part') ?? []))),
  );
  const sections = routes.map((route) => route.flatMap((step) => idIn(step, 'work') ?? idIn(step, 'core') ?? []));
  const once = (names: readonly string[]): string[] => [...new Set(names)];
  return { parts: tally(parts.flatMap(once)), sections: tally(sections.flatMap(once)) };
}

/** Beads of one repeat of a section: all of them, or those on its core, or on its working strands. */
function beadsIn({ runs, beadCounts, arms }: PieceSection, unit: string): number {
  if (unit === 'beads') return sum(beadCounts) * arms;
  const slug = unit === 'core-beads' ? 'bead-on-core' : 'beads-on-workers';
  const own = runs.filter(({ stitch }) => stitch.slug === slug);
  return sum(own.map(({ measure, times }) => (sum(measure.beadCounts) * times) / measure.divisions)) * arms;
}

/** Knots of one repeat of a section, each as many as its stitch takes the work of. */
const tiesIn = ({ arms, runs }: PieceSection): number =>
  arms * sum(runs.map(({ stitch, times }) => times * stitch.effort));

function findWork(acts: readonly PieceAct[], piece: Piece): ActWork[] {
  const strands = strandsAt(piece);
  const making = tally(acts.filter(isMaking).flatMap(({ of }) => of));
  const laying = tally(acts.filter(isLaying).flatMap(({ of }) => of));
  const times = ({ id, base }: PiecePart): number =>
    Math.max(1, Math.ceil((strands.parts.get(id) ?? 0) / base.strands));
  const sectionsOf = (names: readonly string[]): PieceSection[] => names.flatMap((name) => sectionsBy(piece, name));
  const partsOf = ({ of }: PieceAct): PiecePart[] => of.flatMap((name) => piece.parts[name] ?? []);
  const tiedAlone = new Map<string, number>();
  const threaded = new Map<string, number>();
  const add = (into: Map<string, number>, id: string, more: number): void => {
    into.set(id, (into.get(id) ?? 0) + more);
  };
  const knotsOf = ({ act, counts }: PieceAct): Knots[] => {
    const counted = counts.map((id): Knots => {
      const section = piece.sections[id]!;
      return { section: id, each: tiesIn(section), less: tiedAlone.get(id) ?? 0, fine: fineness(section.d) };
    });
    const [alone] = act.knots && !act.count ? sectionsOf(act.knots.sections) : [];
    if (!alone) return counted;
    add(tiedAlone, alone.id, 1);
    // One of its own, whatever the section counts.
    return [...counted, { section: alone.id, each: 0, less: -1, fine: fineness(alone.d) }];
  };
  const beadsOf = ({ act, counts }: PieceAct): Beads[] => {
    const unit = act.count?.unit ?? '';
    const early = BEAD_UNITS.has(unit) ? sectionsOf(act.count!.sections).filter(({ id }) => !counts.includes(id)) : [];
    const now = early.map((section) => {
      const each = beadsIn(section, unit);
      add(threaded, section.id, each);
      return { section: section.id, each };
    });
    const rest = counts.map((id) => ({
      section: id,
      each: beadsIn(piece.sections[id]!, 'beads') - (threaded.get(id) ?? 0),
    }));
    return [...now, ...rest].filter(({ each }) => each > 0);
  };
  const partSeconds = (one: PieceAct): number =>
    isMaking(one) || one.by === 'instructor'
      ? sum(partsOf(one).map((item) => (item.part.seconds * times(item)) / Math.max(1, making.get(item.id) ?? 0)))
      : 0;
  const laid = (one: PieceAct): number =>
    Math.max(
      0,
      ...(isLaying(one) ? one.of : [])
        .filter((name) => !(name in piece.parts))
        .flatMap((name) =>
          sectionsOf([name]).map(({ id }) => (strands.sections.get(id) ?? 0) / Math.max(1, laying.get(name) ?? 0)),
        ),
    );
  return acts.map((one) => ({
    knots: knotsOf(one),
    beads: beadsOf(one),
    partSeconds: partSeconds(one),
    strands: laid(one),
    ends: sum((one.end === undefined ? partsOf(one) : [piece.parts[one.end]!]).map(times)),
  }));
}

const known = new WeakMap<readonly PieceAct[], readonly ActWork[]>();

/**
 * What each act of a piece asks of hands, in their order. Knots belong to the act that counts a section, but for half knots that an act
 * before it ties alone; beads to the act that threads them; a part, as often as it is made, to the acts that make it; strands to the
 * acts that lay them. Pieces that share their acts differ in size alone, and share this.
 */
export function workOf(acts: readonly PieceAct[], piece: Piece): readonly ActWork[] {
  const found = known.get(acts) ?? findWork(acts, piece);
  known.set(acts, found);
  return found;
}
