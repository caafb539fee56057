import { kindOf } from '../../core/shelf';
import { replacements } from '../kits/instead';
import { openOutlook } from './outlook';

/** What is free on the shelf and would do instead of something short, in every session that lacks it. */
export interface Substitute {
  readonly item: string;
  readonly name: string;
  readonly hex: string;
  readonly sessions: readonly { readonly id: string; readonly title: string }[];
}

/** Of so many items, lacking in so few sessions, it is looked for: each is planned anew in every other cord of the shelf. */
const [MOST_ITEMS, MOST_SESSIONS] = [12, 2];

/** By what is short: what could stand in for it, so that none of it has to be bought. Cord only: other things do not stand in. */
export async function openSubstitutes(): Promise<Readonly<Record<string, Substitute>>> {
  const { items } = await openOutlook();
  const found: Record<string, Substitute> = {};
  const cords = items.filter(({ item, short }) => short > 0 && kindOf(item) === 'cord');
  for (const { item, lines } of cords.slice(0, MOST_ITEMS)) {
    const lacking = lines.filter((line) => line.short > 0);
    if (lacking.length > MOST_SESSIONS) continue;
    const offered = await Promise.all(lacking.map(({ session }) => replacements(session, item)));
    const [first = [], ...rest] = offered;
    const best = first.find((one) => rest.every((others) => others.some((other) => other.item === one.item)));
    if (best)
      found[item] = {
        item: best.item,
        name: best.name,
        hex: best.hex,
        sessions: lacking.map(({ session, title }) => ({ id: session, title })),
      };
  }
  return found;
}
