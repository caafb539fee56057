import type { Transaction } from 'sequelize';
import { consumablesOf, sessionNeeds, type ItemNeed } from '../core/kit';
import type { StageSeat } from '../core/session';
import { readItems } from '../data/shelf';
import { stageSeats, type SessionView } from './session';

/** A view's seats with their plans. */
export const staged = (view: SessionView): StageSeat[] => stageSeats(view.seats, view.session, view.studio);

/** Everything a session's kits take from the shelf. */
export async function needsOf(view: SessionView, t: Transaction): Promise<ItemNeed[]> {
  const plans = staged(view).map(({ plan }) => plan);
  const items = (await readItems(t)).map(({ doc }) => doc);
  return sessionNeeds(plans, view.studio.settings.figures, consumablesOf(items));
}
