import { blankSeat, type RosterLine } from './roster-line';
import type { Findings } from './findings';
import { wholeSpans } from './seat-of';

/** A line of a list is no longer than this; what stands past it is asked about, not read. */
export const MOST = 1_500;

/** A line as it was pasted. */
export interface Line {
  readonly number: number;
  readonly text: string;
}

/** Lines, each with its number; one in quotes that goes on below is one. */
export function linesOf(text: string): Line[] {
  const lines: Line[] = [];
  const raw = text.replace(/^\uFEFF/, '').split(/\r\n|\n|\r/);
  for (let i = 0; i < raw.length; i++) {
    const number = i + 1;
    let own = raw[i]!;
    // A cell in quotes may hold line ends: at most a few, or it is no quote.
    for (
      let more = 1;
      more <= 6 &&
      /(?:^|[,;\t|])\s*"/.test(own.slice(0, MOST)) &&
      own.length < MOST &&
      own.split('"').length % 2 === 0 &&
      i + 1 < raw.length;
      more++
    )
      own += `\n${raw[++i]!}`;
    lines.push({ number, text: own });
  }
  return lines;
}

/** A line that seats nobody. */
export const skipped = ({ number, text }: Line, kind: NonNullable<RosterLine['kind']>): RosterLine => ({
  line: number,
  text,
  seat: blankSeat(),
  faults: [],
  spans: wholeSpans([], text.length),
  skip: true,
  kind,
});

/** Asked about of a line that goes on past what is read. */
export function tooLong(found: Findings, { text }: Line): void {
  if (text.length <= MOST) return;
  found.faults.push({
    field: 'rest',
    text: text.slice(MOST, MOST + 60),
    problem: `The line goes on for ${text.length - MOST} signs more, which were not read`,
  });
}
