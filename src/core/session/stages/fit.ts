import { beadOf } from '../../seat';
import { labels, names, plural } from './words';
import { WAITS, type Progress, type StageFeature, type Verdict } from './stage';

function judge({ seats }: Progress): Verdict {
  if (seats.length === 0) return WAITS;
  const stuck = seats.filter((seat) => beadOf(seat.plan) === 'notched');
  if (stuck.length > 0)
    return { done: false, code: 'to-decide', values: labels(stuck), line: `To decide: ${names(stuck)}.` };
  const hollow = seats.filter((seat) => beadOf(seat.plan) === 'hollow');
  if (hollow.length > 0)
    return { done: false, code: 'no-wrist', values: labels(hollow), line: `No wrist yet: ${names(hollow)}.` };
  const estimates = seats.filter((seat) => beadOf(seat.plan) === 'ringed' && !seat.accepted);
  if (estimates.length > 0)
    return {
      done: false,
      code: 'estimates',
      values: labels(estimates),
      line: `${plural(estimates.length, 'seat')} still on ${estimates.length === 1 ? 'an estimate' : 'estimates'}: ${names(estimates)}.`,
    };
  return { done: true, code: 'fitted', line: 'Every seat fitted.' };
}

export const fit: StageFeature<'fit'> = { slug: 'fit', name: 'Fit', judge };
