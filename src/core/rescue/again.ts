import { mm, type Rescue, type Short } from './rescue';

/** The last resort: what it costs. */
export function again({ plan }: Short): Rescue | null {
  const cuts = plan.cut?.cuts ?? [];
  const longest = cuts.reduce((most, { length_mm }) => Math.max(most, length_mm), 0);
  return {
    slug: 'again',
    title: 'Begin again',
    text: `Cut ${mm(longest)} anew${cuts.length > 1 ? ' and what goes with it' : ''}; about ${plan.minutes ?? 0} minutes of work once more.`,
    keeps: 'Nothing of it.',
    values: { cut_mm: longest, cuts: cuts.length, minutes: plan.minutes ?? 0 },
  };
}
