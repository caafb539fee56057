import { handlingTail, riskAllowance, spreadOf } from '../allowance';
import { totalOf } from '../anatomy';
import type { School } from './school';

/** Lapboard's own: the strand's path, a tail to hold, and an allowance by risk. */
export const measured: School = {
  slug: 'measured',
  name: 'Measured',
  leg: (leg, { skill, figures }) => {
    if (!leg.held) return [...leg.entries];
    const use = totalOf(leg.entries.filter((entry) => entry.for === 'stitches'));
    return [
      ...leg.entries,
      {
        for: 'tail',
        mm: handlingTail(skill, leg.cord.cord, figures),
        because: `to hold while the last knots are tied (${skill})`,
      },
      ...(use > 0
        ? [
            {
              for: 'allowance' as const,
              mm: riskAllowance(use, skill, figures),
              because: `use varies by ${(spreadOf(skill, figures) * 100).toFixed(1)} % between makers (${skill}); about 1 in ${Math.round(figures.short_cost + 1)} would run short`,
            },
          ]
        : []),
    ];
  },
};
