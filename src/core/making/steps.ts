import type { Figures } from '../studio';
import { courseOf } from '../bench';
import type { SeatPlan } from '../seat';
import { halfKnotAt, sayHalfKnot, type Side } from './half-knots';
import { makingOf, type Act, type Maker, type Telling } from './making';
import { lengthQuestion, type LengthQuestion } from './length-question';
import { nameStrands } from './placeholders';
import { tapWords } from './tap-words';
import type { PieceSection } from '../project';
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

/** Names of the drawings of an act: of the half knot it ties, else of the parts it makes, begun at the first act of a part and done at its last. */
function drawingsOf(
  plan: SeatPlan,
  acts: readonly Act[],
  act: Act,
  words: MakingWords,
  convention: Convention,
): readonly string[] {
  const { parts, sections } = plan.piece!;
  const section = act.knots?.sections.flatMap((id) => sections[id] ?? [])[0];
  if (act.knots && section?.runs.length === 1) return tieOf(plan, section, act.knots, words, convention).drawings;
  if (act.phase === 'check' || act.phase === 'wear') {
    // A loop is looked at by itself; a length or an opening, on the closed piece.
    const loop = act.last_chance === 'loop' ? act.of?.find((id) => id in parts) : undefined;
    return loop === undefined ? ['closed'] : [`part-last-${loop}`];
  }
  return (act.of ?? [])
    .filter((id) => id in parts)
    .slice(0, 1)
    .flatMap((id) => {
      const own = acts.filter(({ of = [], phase }) => of.includes(id) && phase !== 'check');
      const isFirst = own[0] === act;
      const isLast = own.at(-1) === act;
      return [...(isFirst || !isLast ? [`part-0-${id}`] : []), ...(isLast ? [`part-last-${id}`] : [])];
    });
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
    .map(({ id, n: _n, count: _count, ...act }, i, own): MakingStep => {
      const whole = acts.find((one) => one.id === id)!;
      return {
        ...act,
        id,
        drawings: i === own.length - 1 ? ['closed'] : drawingsOf(plan, acts, whole, words, convention),
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
