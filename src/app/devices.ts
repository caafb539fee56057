import type { LabelPrinter, Scale, Supplier } from '../core/device';
import { simulatedPrinter } from '../standins/label-printer';
import { simulatedScale } from '../standins/scale';
import { simulatedSupplier } from '../standins/supplier';

/** What Lapboard speaks with outside itself. All of it is made up for now: a real one takes its place here. */
export const supplier: Supplier = simulatedSupplier;

/**
 * The scale with a lot on it.
 *
 * @param grams what lies on it, as far as the shelf knows
 * @param since milliseconds since it was laid there
 * @param place where the lot is kept: one that says “unplugged” or “drift” shows that fault, so that it can be tried
 */
export function scaleUnder(grams: number, since: number, place: string): Scale {
  const fault = /unplugged/.test(place) ? 'unplugged' : /drift/.test(place) ? 'drift' : 'none';
  return simulatedScale(grams, () => Math.max(0, since), fault);
}

let printer: LabelPrinter | undefined;

/** The studio's label printer, in this process: it holds nothing that is not on paper or in its queue. */
export function labelPrinter(): LabelPrinter {
  printer ??= simulatedPrinter(() => Date.now());
  return printer;
}
