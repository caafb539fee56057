import { sectionsBy, type PieceAct } from '../acts';
import type { Fit } from '../fit';
import { idIn, type Piece, type PiecePart, type PieceSection } from '../project';
import type { Figures } from '../studio';
import { fineness, LEARNING, type Hands } from './hands';

/** What an act takes in minutes: knots; beads, parts and strands taken in hand; and what takes everybody the same. */
export interface ActMinutes {
  readonly knotting: number;
  readonly handling: number;
  readonly fixed: number;
}

const CHECKS: ReadonlySet<string> = new Set(['check', 'wear']);
const sum = (values: readonly number[]): number => values.reduce((all, value) => all + value, 0);

/** What is counted of a piece once, by the names of its parts and sections. */
interface Census {
  /** How often a part is made: once for so many strands as are tied as one. */
  readonly times: (item: PiecePart) => number;
  /** Acts that make a part, and that lay the strands of a section. */
  readonly making: ReadonlyMap<string, number>;
  readonly laying: ReadonlyMap<string, number>;
  /** Strands that go through a section. */
  readonly strands: ReadonlyMap<string, number>;
}

const isMaking = ({ act, by }: PieceAct): boolean => !CHECKS.has(act.phase) && by !== 'instructor';
const isLaying = ({ act }: PieceAct): boolean => act.phase === 'set-up' || act.phase === 'prepare';

type Route = Piece['cords'][number]['use']['legs'][number]['route'];
/** Parts that a leg makes and sections that it goes through, once each. Routes are a project's own: seats share them. */
const stops = new WeakMap<Route, { readonly parts: readonly string[]; readonly sections: readonly string[] }>();

function stopsOf(route: Route) {
  const found = stops.get(route);
  if (found) return found;
  const parts = new Set<string>();
  const sections = new Set<string>();
  for (const step of route) {
    const part = idIn(step, 'part');
    if (part !== undefined && !('stands' in step && step.stands)) parts.add(part);
    const section = idIn(step, 'work') ?? idIn(step, 'core');
    if (section !== undefined) sections.add(section);
  }
  const own = { parts: [...parts], sections: [...sections] };
  stops.set(route, own);
  return own;
}

function censusOf(acts: readonly PieceAct[], { cords }: Piece): Census {
  const tally = (names: readonly string[], into: Map<string, number>): void => {
    for (const name of names) into.set(name, (into.get(name) ?? 0) + 1);
  };
  const made = new Map<string, number>();
  const strands = new Map<string, number>();
  const making = new Map<string, number>();
  const laying = new Map<string, number>();
  for (const { use } of cords)
    for (const { route } of use.legs) {
      const { parts, sections } = stopsOf(route);
      tally(parts, made);
      tally(sections, strands);
    }
  for (const one of acts) {
    if (isMaking(one)) tally(one.of, making);
    if (isLaying(one)) tally(one.of, laying);
  }
  const times = ({ id, base }: PiecePart): number => Math.max(1, Math.ceil((made.get(id) ?? 0) / base.strands));
  return { times, making, laying, strands };
}

/** Beads of a section, all of them, or those on its core, or on its working strands. */
function beadsOf({ runs, beadCounts, arms, id }: PieceSection, { counts }: Fit, which: string): number {
  const all = which === 'beads' || which === 'all';
  const slug = which === 'core-beads' ? 'bead-on-core' : 'beads-on-workers';
  const unit = all
    ? sum(beadCounts)
    : sum(
        runs.map(({ stitch, measure, times }) =>
          stitch.slug === slug ? (sum(measure.beadCounts) * times) / measure.divisions : 0,
        ),
      );
  return unit * arms * counts[id]!;
}

/** Knots of a section, each as many as its stitch takes the work of. */
const tiesOf = ({ id, arms, runs }: PieceSection, { counts }: Fit): number =>
  counts[id]! * arms * sum(runs.map(({ stitch, times }) => times * stitch.effort));

const BEAD_UNITS: ReadonlySet<string> = new Set(['beads', 'core-beads', 'edge-pairs']);

/**
 * Minutes of each act of a piece, in their order. Knots are counted by the act that counts a section, but for half knots that an act
 * before it ties alone; beads by the act that threads them; a part by its own seconds, as often as it is made, over the acts that make
 * it; strands by the acts that lay them; and every act takes its reading.
 */
export function actMinutes(
  acts: readonly PieceAct[],
  piece: Piece,
  fit: Fit,
  hands: Hands,
  figures: Figures,
): ActMinutes[] {
  const perTie =
    { new: figures.half_knot_new, steady: figures.half_knot_steady, fluent: figures.half_knot_fluent }[hands.skill] *
    hands.child;
  const { times, making, laying, strands } = censusOf(acts, piece);
  const tiedAlone = new Map<string, number>();
  const threaded = new Map<string, number>();
  let tied = 0;
  /** So many ties of a section, the first of the piece slower. */
  const knots = (ties: number, { d }: PieceSection): number => {
    const first = Math.min(Math.max(0, LEARNING - tied), ties);
    tied += ties;
    return (ties + first * (figures.slow_start - 1)) * perTie * (1 + (figures.fine_slower - 1) * fineness(d));
  };
  const knotSeconds = ({ act, counts }: PieceAct): number => {
    const counted = counts.map((id) => {
      const section = piece.sections[id]!;
      return knots(Math.max(0, tiesOf(section, fit) - (tiedAlone.get(id) ?? 0)), section);
    });
    const [alone] = act.knots && !act.count ? act.knots.sections.flatMap((name) => sectionsBy(piece, name)) : [];
    if (alone) tiedAlone.set(alone.id, (tiedAlone.get(alone.id) ?? 0) + 1);
    return sum(counted) + (alone ? knots(1, alone) : 0);
  };
  const beadSeconds = ({ act, counts }: PieceAct): number => {
    const unit = act.count?.unit ?? '';
    const isThreading = BEAD_UNITS.has(unit);
    const early = isThreading ? act.count!.sections.flatMap((name) => sectionsBy(piece, name)) : [];
    const now = early
      .filter(({ id }) => !counts.includes(id))
      .map((section) => {
        const beads = beadsOf(section, fit, unit);
        threaded.set(section.id, (threaded.get(section.id) ?? 0) + beads);
        return beads;
      });
    const rest = counts.map((id) => Math.max(0, beadsOf(piece.sections[id]!, fit, 'all') - (threaded.get(id) ?? 0)));
    return (sum(now) + sum(rest)) * figures.bead_seconds;
  };
  const partsOf = ({ of }: PieceAct): PiecePart[] => of.flatMap((name) => piece.parts[name] ?? []);
  const partSeconds = (one: PieceAct): number =>
    isMaking(one) || one.by === 'instructor'
      ? sum(partsOf(one).map((item) => (item.part.seconds * times(item)) / Math.max(1, making.get(item.id) ?? 0)))
      : 0;
  const layingSeconds = (one: PieceAct): number => {
    const sections = isLaying(one) ? one.of.filter((name) => !(name in piece.parts)) : [];
    const shares = sections.flatMap((name) =>
      sectionsBy(piece, name).map(({ id }) => (strands.get(id) ?? 0) / Math.max(1, laying.get(name) ?? 0)),
    );
    return Math.max(0, ...shares) * figures.strand_seconds;
  };
  return acts.map((one): ActMinutes => {
    const knotting = knotSeconds(one) / 60;
    const atFlame = one.heat && one.by !== 'instructor';
    const ends = atFlame ? sum((one.end === undefined ? partsOf(one) : [piece.parts[one.end]!]).map(times)) : 0;
    if (atFlame)
      return {
        knotting,
        handling: 0,
        fixed: figures.station_minutes + (Math.max(1, ends) * figures.station_end_seconds) / 60,
      };
    const seconds = figures.act_seconds + beadSeconds(one) + partSeconds(one) + layingSeconds(one);
    return {
      knotting,
      handling: (seconds * (one.by === 'instructor' ? 1 : hands.slower)) / 60,
      fixed: one.act.phase === 'check' ? figures.check_minutes : 0,
    };
  });
}
