import { kitKeys } from '../../seat';
import { plural } from './words';
import type { Progress, StageFeature, Verdict } from './stage';

function judge({ seats, kits }: Progress): Verdict {
  if (seats.length === 0) return { done: false, line: 'Waits for seats.' };
  if (!kits?.issued) return { done: false, line: `${plural(seats.length, 'bag')} to pack.` };
  const now = kitKeys(seats);
  if (JSON.stringify(now) === JSON.stringify(kits.issued.cuts))
    return { done: true, line: `${plural(seats.length, 'kit')} issued.` };
  const changed = seats.find(({ id }) => {
    const of = (keys: readonly string[]): string => keys.filter((key) => key.startsWith(`${id}|`)).join(';');
    return of(now) !== of(kits.issued!.cuts);
  });
  return {
    done: false,
    line: changed
      ? `Came undone: ${changed.plan.label} now needs something else than was issued.`
      : 'Came undone: kits were issued for a seat that is not there now.',
  };
}

export const kit: StageFeature<'kit'> = { slug: 'kit', name: 'Kit', judge };
