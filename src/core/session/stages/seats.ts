import { names, plural } from './words';
import type { Progress, StageFeature, Verdict } from './stage';

function judge({ seats }: Progress): Verdict {
  if (seats.length === 0) return { done: false, line: 'Nobody yet: paste the list of who is coming.' };
  const undecided = seats.filter((seat) => seat.plan.messages.some((m) => m.code === 'no-project'));
  if (undecided.length > 0) return { done: false, line: `No project yet: ${names(undecided)}.` };
  return { done: true, line: `${plural(seats.length, 'seat')}, each with a project.` };
}

export const seats: StageFeature<'seats'> = { slug: 'seats', name: 'Seats', judge };
