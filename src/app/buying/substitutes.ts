import type { Transaction } from 'sequelize';
import { kindOf } from '../../core/shelf';
import { standingOf } from '../../data/shelf/items';
import { inTransaction } from '../../data/database/transaction';
import { fittingsInstead } from '../kits/fittings-instead';
import { replacementInAll, type PlannedIn } from '../kits/instead';
import { nameOf } from '../shelf/item-names';
import { netSessions, plannedAhead, type ItemOutlook } from './outlook';

/** What is free on the shelf and would do instead of something short, in every session that lacks it. */
export interface Substitute {
  readonly item: string;
  readonly name: string;
  readonly sessions: readonly { readonly id: string; readonly title: string }[];
}

/** Of so many items, lacking in so few sessions, it is looked for: each of their seats is planned anew with what is on the shelf. */
const [MOST_ITEMS, MOST_SESSIONS] = [12, 2];

/** Of items for each of several sessions, those that are for all of them. */
const forAll = ([first = [], ...rest]: readonly (readonly string[])[]): string[] =>
  first.filter((one) => rest.every((others) => others.includes(one)));

/** How many of something the sessions ahead leave free on the shelf, whatever is on its way. */
async function leftFree(item: string, items: readonly ItemOutlook[], t: Transaction): Promise<number> {
  const [standing] = await standingOf([item], t);
  const lines = items.find((own) => own.item === item)?.lines ?? [];
  const wanted = lines.reduce((sum, { amount, reserved }) => sum + Math.max(0, amount - reserved), 0);
  return (standing ? standing.hand - standing.held : 0) - wanted;
}

/** Hardware of which there is enough for all that is lacking of another. */
async function hardwareFor(
  item: string,
  lacking: ItemOutlook['lines'],
  sessions: readonly PlannedIn[],
  items: readonly ItemOutlook[],
  t: Transaction,
): Promise<string | undefined> {
  const offered = sessions.map((session) => fittingsInstead(session, item));
  const needed = lacking.reduce((sum, { amount }) => sum + amount, 0);
  for (const one of forAll(offered)) if ((await leftFree(one, items, t)) >= needed) return one;
  return undefined;
}

/** By what is short: what could stand in for it, so that none of it has to be bought. Tools and consumables do not stand in. */
export function openSubstitutes(): Promise<Readonly<Record<string, Substitute>>> {
  return inTransaction(async (t) => {
    const { planned, studio } = await plannedAhead(t);
    const items = await netSessions(planned, studio, t);
    const found: Record<string, Substitute> = {};
    const short = items.filter((own) => own.short > 0 && ['cord', 'hardware'].includes(kindOf(own.item)));
    for (const { item, lines } of short.slice(0, MOST_ITEMS)) {
      const lacking = lines.filter((line) => line.short > 0);
      if (lacking.length > MOST_SESSIONS) continue;
      const sessions = planned
        .filter(({ session }) => lacking.some((line) => line.session === session.id))
        .map(({ session, seats }) => ({ session, seats, studio }));
      const best =
        kindOf(item) === 'cord'
          ? await replacementInAll(sessions, item, t)
          : await hardwareFor(item, lacking, sessions, items, t);
      if (best)
        found[item] = {
          item: best,
          name: nameOf(best, studio.catalogue) ?? best,
          sessions: lacking.map(({ session, title }) => ({ id: session, title })),
        };
    }
    return found;
  });
}
