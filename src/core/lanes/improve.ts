import { fillUp } from './fill';
import { isBetter, remnantOf, scoreOf, type Filled, type Instance } from './instance';

const shuffled = <T>(items: readonly T[], random: () => number): T[] => {
  const all = [...items];
  for (let i = all.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    [all[i], all[j]] = [all[j]!, all[i]!];
  }
  return all;
};

/** A plan's own bars, each by itself, with what it holds, and the free bars that are not fresh. */
function free({ bars }: Instance, filled: readonly Filled[]): number[] {
  const used = new Map<number, number>();
  for (const { bar } of filled) used.set(bar, (used.get(bar) ?? 0) + 1);
  return bars.flatMap((bar, i) =>
    bar.fresh ? [] : Array.from({ length: bar.ids.length - (used.get(i) ?? 0) }, () => i),
  );
}

/**
 * One try at a better plan: takes a few lanes apart, one with scrap among them where there is one, and fills them anew in another
 * order, now and then leaving a piece to keep on one of them.
 */
export function improveOnce(instance: Instance, filled: readonly Filled[], random: () => number): Filled[] | null {
  const { bars, wants, keep } = instance;
  const scrappy = filled.filter((lane) => {
    const rest = remnantOf(instance, lane);
    return rest > 0 && rest < keep;
  });
  const first = scrappy[Math.floor(random() * scrappy.length)];
  const size = 2 + Math.floor(random() * 4);
  const chosen = new Set(
    [...(first ? [first] : []), ...shuffled(filled, random)].slice(0, Math.min(size, filled.length)),
  );
  const taken = wants.map(() => 0);
  for (const { counts } of chosen) for (const [want, n] of counts) taken[want]! += n;
  const spare = shuffled(free(instance, filled), random).slice(0, 2);
  const order = shuffled([...[...chosen].map((lane) => lane.bar), ...spare], random);
  const kept = random() < 0.5 ? Math.floor(random() * order.length) : -1;
  const part: Instance = {
    ...instance,
    bars: order.map((bar, i) => ({
      ...bars[bar]!,
      length: i === kept ? Math.max(0, bars[bar]!.length - keep) : bars[bar]!.length,
      ids: ['one'],
    })),
    wants: wants.map((want, i) => ({ ...want, ids: want.ids.slice(0, taken[i]) })),
  };
  const share = random() * 0.4;
  const anew = fillUp(
    part,
    order.map((_, i) => i),
    () => random() < share,
  ).map(({ bar, counts }) => ({ bar: order[bar]!, counts }));
  const before = [...chosen];
  const whole = { ...instance, wants: part.wants };
  if (!isBetter(scoreOf(whole, anew), scoreOf(whole, before))) return null;
  return [...filled.filter((lane) => !chosen.has(lane)), ...anew];
}
