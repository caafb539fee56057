import { kitKeys } from '../../seat';
import { plural } from './words';
import { WAITS, type Progress, type StageFeature, type Verdict } from './stage';

function judge({ seats, kits }: Progress): Verdict {
  if (seats.length === 0) return WAITS;
  if (!kits?.issued)
    return {
      done: false,
      code: 'to-pack',
      values: { bags: seats.length },
      line: `${plural(seats.length, 'bag')} to pack.`,
    };
  const now = kitKeys(seats);
  if (JSON.stringify(now) === JSON.stringify(kits.issued.cuts))
    return {
      done: true,
      code: 'issued',
      values: { kits: seats.length },
      line: `${plural(seats.length, 'kit')} issued.`,
    };
  const changed = seats.find(({ id }) => {
    const of = (keys: readonly string[]): string => keys.filter((key) => key.startsWith(`${id}|`)).join(';');
    return of(now) !== of(kits.issued!.cuts);
  });
  return {
    done: false,
    code: 'came-undone',
    values: { seats: changed ? [changed.plan.label] : [] },
    line: changed
      ? `Came undone: ${changed.plan.label} now needs something else than was issued.`
      : 'Came undone: kits were issued for a seat that is not there now.',
  };
}

export const kit: StageFeature<'kit'> = { slug: 'kit', name: 'Kit', judge };
