import type { Offer, Supplier } from '../core/device';
import { daysAfter } from '../core/region';
import { done, not } from '../core/result';
import { cordOf, kindOf } from '../core/shelf';

/** A number from a text, the same every time. */
function numberOf(text: string): number {
  let hash = 2_166_136_261;
  for (const character of text) hash = Math.imul(hash ^ character.codePointAt(0)!, 16_777_619);
  return hash >>> 0;
}

/** Who sells what, made up. */
const [CORD, SMALLS] = ['Marram Rope Walk', 'Mudbank Sundries'];

/** The usual pack of an item. */
function usual(item: string): Offer | null {
  const cord = cordOf(item);
  if (cord) {
    const thin = /(-1|-05|-15|floss)/.test(cord.cord);
    const pack = /yarn|cotton/.test(cord.cord) ? 50_000 : thin ? 20_000 : 30_000;
    return {
      supplier: CORD!,
      pack,
      price: Math.round((pack / 1000) * (12 + (numberOf(cord.cord) % 20))),
      lead_days: 3 + (numberOf(item) % 5),
      packs: numberOf(item) % 11 === 0 ? 0 : 2 + (numberOf(item) % 12),
    };
  }
  if (kindOf(item) === 'hardware')
    return {
      supplier: SMALLS!,
      pack: 20,
      price: 180 + (numberOf(item) % 400),
      lead_days: 4,
      packs: 3 + (numberOf(item) % 9),
    };
  return null;
}

/** The same in a smaller pack, dearer by the metre or piece, and in a large one, cheaper and slower. */
const sized = (offer: Offer): Offer[] => [
  offer,
  { ...offer, pack: Math.round(offer.pack / 4), price: Math.round(offer.price * 0.4), packs: offer.packs * 2 },
  { ...offer, pack: offer.pack * 5, price: Math.round(offer.price * 3.6), lead_days: offer.lead_days + 2, packs: 4 },
];

/**
 * Made-up suppliers that ship with the app: a price list, a stock, and now and then a late delivery or an item that is out, always
 * the same for the same item, so that what is shown can be tried again.
 */
export const simulatedSupplier: Supplier = {
  offers(item) {
    const offer = usual(item);
    return offer ? sized(offer) : [];
  },
  order(item, pack, packs, on) {
    const offers = this.offers(item);
    const offer = offers.find((one) => one.pack === pack);
    if (offers.length === 0) return not('the supplier does not carry it');
    if (!offer) return not('the supplier has no such pack');
    if (offer.packs === 0) return not('the supplier is out of it; try another colour');
    const sent = Math.min(packs, offer.packs);
    const late = numberOf(`${item}${on}`) % 4 === 0 ? 3 : 0;
    const notes = [offer.supplier, sent < packs && `only ${sent} of ${packs} packs`, late > 0 && `${late} days late`];
    return done({ packs: sent, due_on: daysAfter(on, offer.lead_days + late), note: notes.filter(Boolean).join(', ') });
  },
};
