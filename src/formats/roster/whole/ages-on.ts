import { ageOn } from '../../../core/studio';
import type { RosterFault, RosterLine } from '../roster-line';

/** Nobody on a list is older. */
const OLDEST = 100;

const agesOf = (days: readonly string[], today: string): number[] => [
  ...new Set(days.filter((day) => day <= today).map((day) => ageOn(0, day, today))),
];

/**
 * Lines with the ages of those whose birthday they tell, as of a day. Where a birthday can be read as two days between which the age
 * differs it stays a question. The birthday itself is not kept: the work needs the age.
 */
export const agesOnDay = (lines: readonly RosterLine[], today: string): RosterLine[] =>
  lines.map((line) => {
    let { age } = line.seat;
    const faults = line.faults.flatMap((fault): RosterFault[] => {
      if (!fault.born) return [fault];
      const ages = agesOf(fault.born, today).filter((one) => one <= OLDEST);
      age ??= ages.length === 1 ? ages[0]! : null;
      if (age !== null && ages.includes(age)) return [];
      const problem =
        ages.length === 0
          ? `“${fault.text}” is no birthday of anybody here; how old are they?`
          : `“${fault.text}”: are they ${ages.sort((a, b) => a - b).join(' or ')}?`;
      return [{ ...fault, problem }];
    });
    return { ...line, seat: { ...line.seat, age }, faults };
  });
