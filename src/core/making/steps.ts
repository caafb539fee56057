import type { Figures } from '../studio';
import { sectionsBy } from '../acts';
import { courseOf } from '../bench';
import type { SeatPlan } from '../seat';
import { halfKnotAt, sayHalfKnot, type Side } from './half-knots';
import { makingOf, type Act, type Maker, type Telling } from './making';
import { lengthQuestion, type LengthQuestion } from './length-question';
import { nameStrands } from './placeholders';
import { tapWords } from './tap-words';
import type { ActPicture, PieceSection } from '../project';
import { walkOf, type WalkStep } from './walk';
import type { Convention, MakingWords } from './words';

/** Who leads, and what to do, of one tie of a stretch; `colour` is the slug of the leading strand's. */
export interface StepTie {
  readonly from: Side;
  readonly colour: string;
  readonly text: string;
  /** Which half knot of its stitch's repeat it is, and the names of its drawings. */
  readonly nth: number;
  readonly drawings: readonly string[];
}

/** An act as a seat's own page shows it: its words, its drawings, and what is counted. */
export interface MakingStep extends Omit<Act, 'id' | 'n' | 'count' | 'phase'> {
  /** The name of its act; `settle` and `tidy` beside them: what progress notes. */
  readonly id: string;
  readonly phase: Act['phase'] | 'settle' | 'tidy';
  readonly drawings: readonly string[];
  /** Of a step that is counted: from how many ties on, how many, in which unit they are tapped, and each tie of a repeat. */
  readonly tally: {
    readonly from: number;
    readonly ties: number;
    readonly words: string;
    readonly each: readonly StepTie[];
    readonly watch: string;
    /** What is done by turns, step by step; null where it is one thing all the way. */
    readonly walk: readonly WalkStep[] | null;
  } | null;
  /** Where the length can be changed for the last time: what is asked. */
  readonly length: LengthQuestion | null;
}

/** A half knot of a section: the side that leads it and the strand, its sentence, and the drawings of a tie led from there. */
function tieOf(
  plan: SeatPlan,
  section: PieceSection,
  knots: NonNullable<Act['knots']>,
  words: MakingWords,
  convention: Convention,
) {
  const leads = section.runs[0]!.stitch.leads ?? [];
  const { side } = halfKnotAt(convention, knots.nth, knots.leads, knots.turns === true);
  const alike = leads.findIndex(({ from }, k) => from === side && k % 2 === knots.nth % 2);
  const drawn = Math.max(0, alike >= 0 ? alike : leads.findIndex(({ from }) => from === side));
  return {
    side,
    text: nameStrands(sayHalfKnot(knots, convention, words).half_knot, plan, words),
    nth: drawn,
    lead: leads[drawn]?.strand ?? '',
    drawings: (leads[drawn]?.steps ?? []).map((_, j) => `tie-${drawn}-${j}-${section.id}`),
  };
}

/** The ties that are counted while an act is done; null where none are. */
function tallyOf(plan: SeatPlan, act: Act, words: MakingWords, convention: Convention): MakingStep['tally'] {
  const own = courseOf(plan).steps.find(({ id }) => id === act.id)?.stretches ?? [];
  const [first] = own;
  if (!act.count || !first) return null;
  const { section } = first;
  const run = section.runs[0]!;
  const isOne = own.every((one) => one.section.runs.length === 1 && one.section.runs[0]!.stitch === run.stitch);
  const { knots } = act;
  const repeat = isOne && knots ? (run.stitch.leads ?? []) : [];
  const each = repeat.map((_, n): StepTie => {
    const { side, text, nth, lead, drawings } = tieOf(plan, section, { ...knots!, nth: n }, words, convention);
    return { from: side, colour: section.colours[lead] ?? '', text, nth, drawings };
  });
  const ties = own.reduce((sum, one) => sum + one.ties, 0);
  return {
    from: first.from,
    ties,
    words: tapWords(plan, act.id, words) ?? '',
    each,
    watch: run.stitch.watch,
    walk: walkOf(own, words),
  };
}

/** The section whose stitch alone is that of the knots an act ties: its own, or, in a stretch of several stitches, one of the same piece. */
function knotted(plan: SeatPlan, { knots }: Act): PieceSection | undefined {
  const { sections } = plan.piece!;
  const own = knots?.sections.flatMap((id) => sections[id] ?? [])[0];
  if (!own || own.runs.length === 1) return own;
  return Object.values(sections).find(
    ({ runs: [run, ...more] }) => more.length === 0 && run?.stitch.leads !== undefined && run.stitch.beads === 0,
  );
}

/** The picture of how ends are finished, as their tools say; none where they are tied. */
const finishing = ({ heat, glue, tools = [] }: Act): ActPicture | undefined =>
  heat
    ? 'melt'
    : tools.includes('blunt needle')
      ? 'weave'
      : glue
        ? 'glue'
        : tools.includes('scissors')
          ? 'trim'
          : undefined;

/** Names of the drawings of the part an act makes: begun at the first act of it, on the way, and done at the last. */
function partDrawings(plan: SeatPlan, acts: readonly Act[], act: Act, isAlone: boolean): readonly string[] {
  const id = act.of?.find((one) => one in plan.piece!.parts);
  if (id === undefined) return [];
  const own = acts.filter(({ of = [], phase }) => of.includes(id) && phase !== 'check');
  const [isFirst, isLast] = [own[0] === act, own.at(-1) === act];
  // What its hands do is its beginning; how it should look then, its end.
  const begun = !isAlone ? [] : isFirst ? [`part-0-${id}`] : isLast ? [] : [`part-1-${id}`];
  return [...begun, ...(isLast ? [`part-last-${id}`] : [])];
}

/**
 * Names of the drawings of an act: the picture its making names; of the half knot it ties, else of the part it makes. A look at a length
 * or an opening without one is at the closed piece.
 */
function drawingsOf(
  plan: SeatPlan,
  acts: readonly Act[],
  act: Act,
  words: MakingWords,
  convention: Convention,
): readonly string[] {
  const { shows, picture, phase } = act;
  const nth = shows?.run ?? 0;
  const shown = shows && sectionsBy(plan.piece!, shows.section).find(({ runs }) => runs[nth]?.stitch.steps[shows.step]);
  if (shows && shown) return [`step-${nth}-${shows.step}-${shown.id}`];
  const named = picture ?? (phase === 'finish' ? finishing(act) : undefined);
  const hands = named === undefined ? [] : [`act-${named}`];
  const section = knotted(plan, act);
  if (act.knots && section?.runs.length === 1)
    return [...hands, ...tieOf(plan, section, act.knots, words, convention).drawings];
  if (phase === 'wear') return [...hands, 'closed'];
  if (phase === 'check') return hands.length > 0 ? hands : ['closed'];
  // Where the work is laid or held, that is enough.
  if (phase === 'set-up' && hands.length > 0) return hands;
  return [...hands, ...partDrawings(plan, acts, act, hands.length === 0)];
}

/**
 * A seat’s making as its own page shows it: what it makes, its acts but those that were done beforehand, and the tidying.
 *
 * @example
 * makingSteps(ada, plan, words, { units: 'cm' }, figures).find(({ tally }) => tally).tally.each[0].from // 'left'
 */
export function makingSteps(
  maker: Maker,
  plan: SeatPlan,
  words: MakingWords,
  telling: Telling,
  figures: Figures,
): MakingStep[] {
  const acts = makingOf(maker, plan, words, telling);
  const plain = { by: 'participant' as const, tally: null, length: null };
  const { piece, fit } = plan;
  const { convention = 'left-right' } = telling;
  const steps = acts
    .filter(({ by }) => by !== 'instructor')
    .map(({ id, n: _n, count: _count, ...act }): MakingStep => {
      const whole = acts.find((one) => one.id === id)!;
      return {
        ...act,
        id,
        drawings: drawingsOf(plan, acts, whole, words, convention),
        tally: tallyOf(plan, whole, words, convention),
        length:
          act.last_chance === 'length' && piece && fit
            ? lengthQuestion(
                { maker, piece, fit, units: telling.units, words },
                plan,
                piece.project.making?.acts ?? [],
                maker.skill,
                figures,
              )
            : null,
      };
    });
  return [
    {
      ...plain,
      id: 'settle',
      phase: 'settle',
      text: words.page.settle,
      drawings: plan.piece ? ['small-front', 'closed'] : [],
    },
    ...steps,
    { ...plain, id: 'tidy', phase: 'tidy', text: words.page.tidy, drawings: [] },
  ];
}
