import { labels, names, plural } from './words';
import type { Progress, StageFeature, Verdict } from './stage';

function judge({ seats }: Progress): Verdict {
  if (seats.length === 0) return { done: false, code: 'nobody', line: 'Nobody yet: paste the list of who is coming.' };
  const undecided = seats.filter((seat) => seat.plan.messages.some((m) => m.code === 'no-project'));
  if (undecided.length > 0)
    return { done: false, code: 'no-project', values: labels(undecided), line: `No project yet: ${names(undecided)}.` };
  return {
    done: true,
    code: 'seated',
    values: { seats: seats.length },
    line: `${plural(seats.length, 'seat')}, projects chosen.`,
  };
}

export const seats: StageFeature<'seats'> = { slug: 'seats', name: 'Seats', judge };
