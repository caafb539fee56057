import { parseGirth, WRIST } from '../../core/measure';
import type { Findings, Run } from './findings';
import { BARE_CM, BARE_INCHES, within } from './words/measures';

/** A small whole number: an age where the wrist is known, a wrist where the age is; else for the person where it could be both. */
export function readSmalls(
  found: Findings,
  seat: { age: number | null; wrist: boolean },
  smalls: readonly Run[],
): Run[] {
  const rest: Run[] = [];
  for (const small of smalls) {
    const number = Number(small.text);
    const girth = parseGirth(small.text, WRIST);
    if (seat.age === null && (seat.wrist || !(within(number, BARE_INCHES) || within(number, BARE_CM)))) {
      found.ages.push({ age: number, from: small.from, to: small.to });
      found.spans.push({ from: small.from, to: small.to, as: 'age' });
      seat.age = number;
    } else if (seat.age !== null && !seat.wrist && girth.ok) {
      found.wrists.push({ mm: girth.value.mm, estimate: false, from: small.from, to: small.to });
      found.spans.push({ from: small.from, to: small.to, as: 'wrist' });
      seat.wrist = true;
    } else if (seat.age === null && within(number, BARE_INCHES)) {
      found.ages.push({ age: number, from: small.from, to: small.to });
      found.spans.push({ from: small.from, to: small.to, as: 'age' });
      found.faults.push({
        field: 'age',
        text: small.text,
        problem: `“${small.text}” is taken as an age or, in inches, could be a wrist: which?`,
      });
      seat.age = number;
    } else if (seat.age === null) {
      found.faults.push({
        field: 'wrist',
        text: small.text,
        problem: `“${small.text}” could be an age or a wrist; fill in which`,
      });
      found.notes.push(small.text);
    } else rest.push(small);
  }
  return rest;
}
