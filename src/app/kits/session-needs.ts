import type { Transaction } from 'sequelize';
import { consumablesOf, sessionNeeds, type ItemNeed } from '../../core/kit';
import { readItems } from '../../data/shelf/items';
import { planOf } from '../session/session';
import type { SessionView } from '../../core/session';

/** Everything a session's kits take from the shelf. */
export async function needsOf(view: SessionView, t: Transaction): Promise<ItemNeed[]> {
  const { seats, figures } = planOf(view);
  const items = (await readItems(t)).map(({ doc }) => doc);
  return sessionNeeds(
    seats.map(({ plan }) => plan),
    figures,
    consumablesOf(items),
  );
}
