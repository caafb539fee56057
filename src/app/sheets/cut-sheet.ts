import { lookUp } from '../../core/project';
import { beadOf, cutList, type BeadState, type CutGroup, type SeatPlan } from '../../core/seat';
import type { SessionRecord } from '../../core/session';
import { cautions } from '../../core/safety';
import type { Figures, Settings } from '../../core/studio';
import { openSession, planOf } from '../session/session';

/** All that the printed cut sheet says. */
export interface CutSheet {
  readonly session: SessionRecord;
  readonly settings: Settings;
  /** The figures it is cut by. */
  readonly figures: Figures;
  readonly groups: readonly CutGroup[];
  readonly seats: readonly {
    readonly label: string;
    readonly plan: SeatPlan;
    readonly state: BeadState;
    readonly accepted: boolean;
  }[];
  readonly hardware: readonly { readonly name: string; readonly count: number }[];
  readonly cautions: readonly string[];
}

export async function cutSheet(id: string): Promise<CutSheet> {
  const view = await openSession(id);
  const { settings, catalogue } = view.studio;
  const { seats: staged, figures } = planOf(view);
  const plans = staged.map((seat) => seat.plan);
  const counts = new Map<string, number>();
  for (const { item, count } of plans.flatMap((plan) => plan.items)) counts.set(item, (counts.get(item) ?? 0) + count);
  const made = plans.filter((plan) => plan.piece);
  return {
    session: view.session,
    settings,
    figures,
    groups: cutList(plans),
    seats: staged.map(({ plan, accepted }) => ({ label: plan.label, plan, state: beadOf(plan), accepted })),
    hardware: [...counts].map(([item, count]) => ({ name: lookUp(catalogue.hardware, item)?.name ?? item, count })),
    cautions: cautions({
      flame: made.some((plan) => plan.piece!.flame),
      glue: made.some((plan) => plan.tools.includes('glue')),
      neckLoop: made.some((plan) => plan.piece!.choices.loop === 'neck'),
      children: view.seats.some((seat) => seat.age !== null && seat.age < figures.flame_age),
    }),
  };
}
