import { isTiedBack } from '../acts';
import { isSection } from '../project';
import { bandOf, type SeatPlan } from '../seat';
import { courseOf } from './course';

type Span = readonly [from: number, to: number];

/** What of a band is made, mm along it, and where the next of it comes. */
export interface MadeBand {
  readonly spans: readonly Span[];
  readonly edge: number;
  /** Whether what comes next lies before that place and not after it. */
  readonly isBack: boolean;
}

/** Nearer than this, two places of a band are one, mm. */
const CLOSE = 0.01;

/**
 * What of the band is made after so many ties: of each stretch as much as is tied, from the end it is tied from; the parts that its knots have
 * come to; and what lies past the band's end, where they began or end there.
 *
 * @example
 * madeBand(plan, 0).isBack // true
 */
export function madeBand(plan: SeatPlan, made: number): MadeBand {
  const { stretches } = courseOf(plan);
  const placed = stretches.flatMap((stretch) => (stretch.place ? [{ ...stretch, place: stretch.place }] : []));
  const isBackIn = (id: string): boolean => isTiedBack(plan.piece!, id);
  const next = placed.find(({ from, ties }) => made < from + ties);
  if (!next) return { spans: [[-Infinity, Infinity]], edge: Infinity, isBack: false };
  const spans: Span[] = placed
    .filter(({ from }) => from === 0 || made > from)
    .map(({ section, from, pitch, place }): Span => {
      const end = place.from + place.length;
      const done = Math.min(place.length, Math.max(0, made - from) * pitch);
      return isBackIn(section.id) ? [end - done, end] : [place.from, place.from + done];
    });
  // Parts that touch what is made are made with it, and so on outward.
  const band = bandOf(plan);
  const touches = (at: number): boolean => spans.some((span) => span.some((edge) => Math.abs(edge - at) < CLOSE));
  for (let found = true; found;) {
    const part = band.find(
      ({ item, from, length }) =>
        !isSection(item) &&
        (touches(from) || touches(from + length)) &&
        !spans.some(([a, b]) => a <= from && b >= from + length && b > a),
    );
    found = part !== undefined && part.length > 0;
    if (found) spans.push([part!.from, part!.from + part!.length]);
  }
  const last = band.at(-1);
  const end = last ? last.from + last.length : 0;
  if (touches(0)) spans.push([-Infinity, 0]);
  if (touches(end)) spans.push([end, Infinity]);
  const isBack = isBackIn(next.section.id);
  const done = Math.max(0, made - next.from) * next.pitch;
  return { spans, edge: isBack ? next.place.from + next.place.length - done : next.place.from + done, isBack };
}
