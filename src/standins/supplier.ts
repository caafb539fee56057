import type { Supplier } from '../core/device';
import { done, not } from '../core/result';
import { cordOf, kindOf } from '../core/shelf';

/** A number from a text, the same every time. */
function numberOf(text: string): number {
  let hash = 2_166_136_261;
  for (const character of text) hash = Math.imul(hash ^ character.codePointAt(0)!, 16_777_619);
  return hash >>> 0;
}

const addDays = (on: string, days: number): string =>
  new Date(Date.parse(on) + days * 86_400_000).toISOString().slice(0, 10);

/**
 * A made-up supplier that ships with the app: a price list, a stock, and now and then a late delivery or an item that is out,
 * always the same for the same item, so that what is shown can be tried again.
 */
export const simulatedSupplier: Supplier = {
  offer(item) {
    const cord = cordOf(item);
    if (cord) {
      const thin = /(-1|-05|-15|floss)/.test(cord.cord);
      const pack = /yarn|cotton/.test(cord.cord) ? 50_000 : thin ? 20_000 : 30_000;
      return {
        pack,
        price: Math.round((pack / 1000) * (12 + (numberOf(cord.cord) % 20))),
        lead_days: 3 + (numberOf(item) % 5),
        packs: numberOf(item) % 11 === 0 ? 0 : 2 + (numberOf(item) % 12),
      };
    }
    if (kindOf(item) === 'hardware')
      return { pack: 20, price: 180 + (numberOf(item) % 400), lead_days: 4, packs: 3 + (numberOf(item) % 9) };
    return null;
  },
  order(item, packs, on) {
    const offer = this.offer(item);
    if (!offer) return not('the supplier does not carry it');
    if (offer.packs === 0) return not('the supplier is out of it; try another colour');
    const sent = Math.min(packs, offer.packs);
    const late = numberOf(`${item}${on}`) % 4 === 0 ? 3 : 0;
    const notes = [sent < packs && `only ${sent} of ${packs} packs`, late > 0 && `${late} days late`].filter(Boolean);
    return done({ packs: sent, due_on: addDays(on, offer.lead_days + late), note: notes.join(', ') });
  },
};
