import { bandAt, benchOf, courseOf, madeBand, seatAtWork, tiesAt, type MadeBand } from '../../core/bench';
import { dueStep, dueTie, resizePlan } from '../../core/making';
import type { Figures } from '../../core/studio';
import type { SeatPlan, SeatRecord } from '../../core/seat';
import type { Units } from '../../core/measure';
import type { SessionView } from '../../core/session';
import { progressAfter } from '../../data/progress';
import { inTransaction } from '../../data/database/transaction';
import { stepsOf } from '../session/making';
import { planOf, viewSession } from '../session/session';

/** Where somebody's piece is who goes on at home, and what is left of it. */
export interface HomeCard {
  readonly seat: string;
  readonly number: number;
  readonly label: string;
  readonly project: string;
  readonly plan: SeatPlan;
  /** How much is knotted, mm, what of the band that is, and how many knots of how many there are. */
  readonly made_mm: number;
  readonly spans: MadeBand['spans'];
  readonly made: number;
  readonly ties: number;
  readonly words: string;
  /** Who leads next, where a strand does: its colour's name, and its side. */
  readonly next: { readonly colour: string; readonly from: string; readonly text: string } | null;
  readonly watch: string;
  readonly rest: readonly string[];
}

function cardOf(
  record: SeatRecord,
  plan: SeatPlan,
  made: number,
  step: string | null,
  units: Units,
  figures: Figures,
): Omit<HomeCard, 'seat' | 'number' | 'label'> {
  const course = courseOf(plan);
  const steps = stepsOf(record, plan, { units }, figures);
  const due = dueStep(steps, plan, { made, step });
  const { tally } = steps[due]!;
  const tie = dueTie(steps[due]!, made);
  const isBegun = tally !== null && made > tally.from;
  const colours = plan.piece?.cords.flatMap(({ cord }) => cord.colours) ?? [];
  const counted = tally ?? steps.findLast((one) => one.tally)?.tally;
  return {
    project: plan.piece?.project.name ?? '',
    plan,
    made_mm: bandAt(course, made),
    spans: madeBand(plan, made).spans,
    made: Math.min(made, course.ties),
    ties: course.ties,
    words: counted?.words ?? '',
    next: tie && {
      colour: colours.find(({ slug }) => slug === tie.colour)?.name ?? '',
      from: tie.from,
      text: tie.text,
    },
    watch: tally?.watch ?? '',
    rest: steps
      .slice(isBegun ? due + 1 : due)
      .filter(({ phase }) => phase !== 'settle' && phase !== 'tidy')
      .map(({ text }) => text),
  };
}

/** Cards for those of a session who did not finish, or for one seat. */
export function homeCards(session: string, only: string | null): Promise<{ view: SessionView; cards: HomeCard[] }> {
  return inTransaction(async (t) => {
    const view = await viewSession(session, t);
    const { seats, figures } = planOf(view);
    const plans = new Map(seats.map(({ id, plan }) => [id, plan]));
    const bench = benchOf(await progressAfter(session, 0, t), (seat, mm) => {
      const plan = plans.get(seat);
      return plan ? tiesAt(courseOf(plan), mm) : 0;
    });
    const isFor = (id: string): boolean => {
      if (only !== null) return id === only;
      const { done, here, made } = seatAtWork(bench, id);
      return done === null && here !== 'away' && (here !== 'expected' || made > 0);
    };
    const { units } = view.studio.settings;
    const cards = seats.flatMap(({ id, plan: planned, record }, i): HomeCard[] => {
      if (!isFor(id) || !planned.fit) return [];
      const { made, step, resized: by } = seatAtWork(bench, id);
      const plan = resizePlan(planned, by);
      return [{ seat: id, number: i + 1, label: plan.label, ...cardOf(record, plan, made, step, units, figures) }];
    });
    return { view, cards };
  });
}
