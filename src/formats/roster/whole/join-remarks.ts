import { blankSeat, type RosterLine } from '../roster-line';

const keyOf = ({ seat }: RosterLine): string => seat.name.toLowerCase();

/** Whether a line says no more of somebody than what to mind: “Elsie can’t have nickel”. */
const onlyRemarks = ({ seat, faults, skip, kind }: RosterLine): boolean =>
  (!skip || kind === 'text') &&
  seat.name !== '' &&
  (seat.avoid.length > 0 || seat.note !== '') &&
  [seat.wrist_mm, seat.hand_mm, seat.age, seat.skill, seat.project].every((value) => value === null) &&
  faults.length === 0;

/** What a line says of somebody who has a seat on another goes to that seat, and is asked about: it may be one of the same name. */
export function joinRemarks(lines: readonly RosterLine[]): RosterLine[] {
  const seats = new Map<string, number>();
  for (const [i, line] of lines.entries())
    if (!line.skip && !onlyRemarks(line) && !seats.has(keyOf(line))) seats.set(keyOf(line), i);
  const joined = [...lines];
  for (const [i, line] of lines.entries()) {
    const at = onlyRemarks(line) ? seats.get(keyOf(line)) : undefined;
    if (at === undefined) continue;
    const { seat, faults, ...own } = joined[at]!;
    const text = line.text.trim();
    const problem = `“${text}” on line ${line.line}: is it said of this ${seat.name}?`;
    joined[at] = {
      ...own,
      seat: {
        ...seat,
        avoid: [...new Set([...seat.avoid, ...line.seat.avoid])],
        note: [seat.note, line.seat.note].filter(Boolean).join('; ').slice(0, 500),
      },
      faults: [...faults, { field: 'line', text, problem }],
    };
    joined[i] = { ...line, seat: { ...blankSeat(), name: seat.name }, skip: true, kind: 'part' };
  }
  return joined;
}
