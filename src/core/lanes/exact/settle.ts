import { choicesOf, keepable, leastScrap, type Choice } from './choices';
import { Filling } from './filling';
import { grainsOf, type Grains } from './grains';
import type { Filled, Instance } from '../instance';

/** How good a plan is of which every cut is placed: compared in this order, less is better. */
interface Rank {
  readonly fresh: number;
  readonly scrap: number;
  readonly touched: number;
}

/** Steps, by the hundred and more, of a first look for a filling. */
const SHORT_LOOK = 12;

const isLess = (a: Rank, b: Rank): boolean => (a.fresh - b.fresh || a.scrap - b.scrap || a.touched - b.touched) < 0;

/**
 * Settles a small problem by its choices of pieces, those first that could come to least: each is filled with less scrap than the
 * best plan so far, or as much on fewer pieces, until it is shown that it cannot be. What is told last is the best there is.
 *
 * @param known how good the known plan is, in units; only better ones are looked for
 * @param running whether there is time left
 * @param onBetter told each better plan
 * @returns whether it is proved that there is none better than the last one told, or the known one
 */
export function settle(
  instance: Instance,
  known: Rank,
  running: () => boolean,
  onBetter: (filled: readonly Filled[]) => void,
): boolean {
  const grains = grainsOf(instance);
  if (!grains) return false;
  const choices = choicesOf(instance, grains, known.fresh);
  if (choices.length === 0) return false;
  let best: Rank = { ...known, scrap: known.scrap / grains.grain };
  const could = ({ fresh, scrap, order }: Choice): Rank => ({ fresh, scrap, touched: order.length });
  choices.sort((a, b) => (isLess(could(a), could(b)) ? -1 : 1));
  for (const choice of choices) {
    if (!isLess(could(choice), best)) return true;
    const least = leastScrap(grains, choice.order);
    const atLeast = least[0]![keepable(choice.rest, grains.keep, choice.order.length)]![grains.cuts]!;
    const fewest = Math.max(atLeast, choice.scrap);
    // As much scrap is better still on fewer pieces, and any is where less is opened.
    const limit = (): number =>
      choice.fresh < best.fresh ? choice.rest : choice.order.length < best.touched ? best.scrap : best.scrap - 1;
    const offer = (filled: readonly Filled[]): void => {
      onBetter(filled);
      best = { fresh: choice.fresh, scrap: scrapOf(filled, grains), touched: choice.order.length };
    };
    // A tight limit leads straight to a filling where there is one: a short look at ever looser ones.
    for (let more = 0; fewest + more <= limit(); more = 2 * more + 1) {
      let steps = SHORT_LOOK;
      const filled = new Filling(grains, choice, fewest + more, least, () => steps-- > 0).find();
      if (filled) {
        offer(filled);
        break;
      }
    }
    while (fewest <= limit()) {
      const filling = new Filling(grains, choice, limit(), least, running);
      const filled = filling.find();
      if (filling.late) return false;
      if (!filled) break;
      offer(filled);
    }
  }
  return true;
}

function scrapOf(filled: readonly Filled[], { widths, lengths, keep }: Grains): number {
  return filled.reduce((sum, { bar, counts }) => {
    let rest = lengths[bar]!;
    for (const [want, n] of counts) rest -= n * widths[want]!;
    return sum + (rest < keep ? rest : 0);
  }, 0);
}
