import { beadOf } from '../../seat';
import { names, plural } from './words';
import type { Progress, StageFeature, Verdict } from './stage';

function judge({ seats }: Progress): Verdict {
  if (seats.length === 0) return { done: false, line: 'Waits for seats.' };
  const stuck = seats.filter((seat) => beadOf(seat.plan) === 'notched');
  if (stuck.length > 0) return { done: false, line: `To decide: ${names(stuck)}.` };
  const hollow = seats.filter((seat) => beadOf(seat.plan) === 'hollow');
  if (hollow.length > 0) return { done: false, line: `No wrist yet: ${names(hollow)}.` };
  const estimates = seats.filter((seat) => beadOf(seat.plan) === 'ringed' && !seat.accepted);
  if (estimates.length > 0)
    return {
      done: false,
      line: `${plural(estimates.length, 'seat')} still on ${estimates.length === 1 ? 'an estimate' : 'estimates'}: ${names(estimates)}.`,
    };
  return { done: true, line: 'Every seat fitted.' };
}

export const fit: StageFeature<'fit'> = { slug: 'fit', name: 'Fit', judge };
