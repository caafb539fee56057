import type { RosterLine } from '../roster-line';

/** The same name on two lines: one person twice, or two people. */
export function markTwins(lines: readonly RosterLine[]): RosterLine[] {
  const seen = new Set<string>();
  return lines.map((line) => {
    const key = line.seat.name.toLowerCase();
    if (line.skip || key === '' || !seen.has(key)) {
      if (!line.skip) seen.add(key);
      return line;
    }
    const problem = `${line.seat.name} is on the list twice; remove one, or tell the two apart`;
    return { ...line, faults: [...line.faults, { field: 'name', text: line.seat.name, problem }] };
  });
}

/** A seat of somebody who is said not to come on another line: which of the two holds. */
export function askGone(lines: readonly RosterLine[]): RosterLine[] {
  const gone = new Map<string, number>();
  for (const { kind, seat, line } of lines)
    if (kind === 'cancelled' && seat.name !== '') gone.set(seat.name.toLowerCase(), line);
  return lines.map((line) => {
    const other = line.skip ? undefined : gone.get(line.seat.name.toLowerCase());
    if (other === undefined) return line;
    const problem = `Line ${other} says that ${line.seat.name} is not coming: is there still a seat for them?`;
    return { ...line, faults: [...line.faults, { field: 'line', text: line.seat.name, problem }] };
  });
}
