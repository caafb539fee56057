import { origin } from '../../studio';
import { riskAllowance, spreadOf, tailOf } from '../allowance';
import { totalOf } from '../anatomy';
import type { School } from './school';

/** Lapboard's own: the strand's path, a tail to hold, and an allowance by risk. */
export const measured: School = {
  slug: 'measured',
  name: 'Measured',
  meant: 'every piece',
  leg: (leg, { skill, figures }) => {
    const use = totalOf(leg.entries.filter((entry) => entry.for === 'stitches'));
    return [
      ...leg.entries,
      ...leg.tails.flatMap((tail) => {
        const mm = tailOf(tail, skill, leg.cord.cord, figures);
        const because =
          tail.kind === 'hold'
            ? origin('to-hold-by', { skill }, `to hold by (${skill})`)
            : origin('to-draw-up-by', { skill }, `to draw the end up by (${skill})`);
        return mm > 0 ? [{ for: 'tail' as const, mm, because }] : [];
      }),
      ...(use > 0
        ? [
            {
              for: 'allowance' as const,
              mm: riskAllowance({ use, doubt: leg.doubt }, skill, figures),
              because: origin(
                'risk',
                { spread: spreadOf(skill, figures), doubt: leg.doubt / use, skill, one_in: figures.short_cost + 1 },
                `use varies by ${(spreadOf(skill, figures) * 100).toFixed(1)} % between makers (${skill})${leg.doubt > 0 ? `, and may be off by ${((leg.doubt / use) * 100).toFixed(1)} % as a whole` : ''}; about 1 in ${Math.round(figures.short_cost + 1)} would run short`,
              ),
            },
          ]
        : []),
    ];
  },
};
