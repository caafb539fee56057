import type { Units } from '../../../core/measure';
import { daysAfter, daysBetween } from '../../../core/region';
import type { Level } from '../../../core/shelf';
import { Chart } from '../../../ui/chart/chart';
import { levelSteps } from '../../../ui/chart/level-steps';
import { amountOf } from '../../../ui/words/amount';
import { day } from '../../../ui/words/region';

/** The level of an item over the days ahead, a step at each session and delivery; below nothing, what is missing. */
export function LevelChart({
  item,
  name,
  hand,
  levels,
  today,
  units,
}: {
  item: string;
  name: string;
  hand: number;
  levels: readonly Level[];
  today: string;
  units: Units;
}) {
  const words = (amount: number): string =>
    amount < 0 ? `−${amountOf(item, -amount, units, 'needed')}` : amountOf(item, amount, units);
  const dayOf = (days: number): string => day(daysAfter(today, Math.round(days)), 'short');
  const missing = levels.find(({ level }) => level < 0);
  const last = levels.at(-1)?.level ?? hand;
  return (
    <Chart
      label={`${name}: ${words(hand)} now, ${words(last)} after all that is ahead`}
      kind="step"
      x={{ title: '', words: dayOf, ticks: 6 }}
      y={{ title: '', words }}
      series={[{ name: 'there', tone: 'primary', points: levelSteps(hand, levels, today) }]}
      marks={missing ? [{ at: daysBetween(today, missing.on), words: missing.by ?? 'missing' }] : []}
    />
  );
}
