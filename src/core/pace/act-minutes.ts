import { sectionsBy, type PieceAct } from '../acts';
import type { Fit } from '../fit';
import { idIn, type Piece, type PiecePart, type PieceSection } from '../project';
import type { Figures } from '../studio';
import { fineness, type Hands } from './hands';

/** What an act takes in minutes: knots; beads, parts and strands taken in hand; and what takes everybody the same. */
export interface ActMinutes {
  readonly knotting: number;
  readonly handling: number;
  readonly fixed: number;
}

/** The first half knots of a piece are slower than the rest: this many. */
const LEARNING = 6;
const CHECKS: ReadonlySet<string> = new Set(['check', 'wear']);
const sum = (values: readonly number[]): number => values.reduce((all, value) => all + value, 0);

/** Legs of a piece that take a step of some kind. */
const legsWith = (
  { cords }: Piece,
  has: (step: Piece['cords'][number]['use']['legs'][number]['route'][number]) => boolean,
) => sum(cords.map(({ use }) => use.legs.filter(({ route }) => route.some(has)).length));

/** How often a part is made: once for so many strands as are tied as one. */
const timesMade = ({ id, base }: PiecePart, piece: Piece): number =>
  Math.max(
    1,
    Math.ceil(
      legsWith(piece, (step) => idIn(step, 'part') === id && !('stands' in step && step.stands)) / base.strands,
    ),
  );

/** Strands that go through a section. */
const strandsIn = (piece: Piece, id: string): number =>
  legsWith(piece, (step) => (idIn(step, 'work') ?? idIn(step, 'core')) === id);

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
  const isMaking = ({ act, by }: PieceAct): boolean => !CHECKS.has(act.phase) && by !== 'instructor';
  const isLaying = ({ act }: PieceAct): boolean => act.phase === 'set-up' || act.phase === 'prepare';
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
  const shareOf = (item: PiecePart): number => {
    const own = acts.filter((one) => isMaking(one) && one.of.includes(item.id));
    return (item.part.seconds * timesMade(item, piece)) / Math.max(1, own.length);
  };
  const partSeconds = (one: PieceAct): number =>
    isMaking(one) || one.by === 'instructor'
      ? sum(one.of.map((name) => (piece.parts[name] ? shareOf(piece.parts[name]) : 0)))
      : 0;
  const layingSeconds = (one: PieceAct): number => {
    if (!isLaying(one)) return 0;
    const ids = one.of.flatMap((name) => sectionsBy(piece, name)).map(({ id }) => id);
    const others = acts.filter((other) => isLaying(other) && ids.some((id) => other.of.includes(id))).length;
    const strands = ids.length > 0 ? Math.max(...ids.map((id) => strandsIn(piece, id))) / Math.max(1, others) : 0;
    return strands * figures.strand_seconds;
  };
  return acts.map((one): ActMinutes => {
    const knotting = knotSeconds(one) / 60;
    const atFlame = one.heat && one.by !== 'instructor';
    const ends = one.end
      ? timesMade(one.end, piece)
      : sum(one.of.map((name) => (piece.parts[name] ? timesMade(piece.parts[name], piece) : 0)));
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
