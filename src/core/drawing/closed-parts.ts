import { inCord, isSection } from '../project';
import { bandOf, type SeatPlan } from '../seat';
import type { Point } from '../stitch';
import { drawnParts, type DrawnPart } from './drawn-parts';
import { ringOf, type Ring } from './ring';
import { tied } from './tied';

/** The parts of a piece that is closed, placed along its ring: those that close it, and those within the band. */
export interface ClosedParts {
  readonly closing: readonly DrawnPart[];
  readonly within: readonly DrawnPart[];
}

const moved = (part: DrawnPart, by: number): DrawnPart => ({
  ...part,
  at: part.at + by,
  strands: part.strands.map((strand) => ({
    ...strand,
    points: strand.points.map(([x, y, z]): Point => [x, y + by, z]),
  })),
});

/** Whether it is an end left long to tie with. */
const isLong = ({ item }: DrawnPart): boolean => item.part.end === 'long' && item.part.stretch === 'end';

/** How far out the ring is that a part that grips the other end closes at, mm. */
const reachOf = ({ item: { part, base, cord } }: DrawnPart): number => part.ring?.(inCord(base, cord)).mm ?? 0;

/** Where the band's first section begins and its last ends, mm from the band's start. */
function bandEnds(plan: SeatPlan): { start: number; end: number } {
  const sections = bandOf(plan).filter(({ item }) => isSection(item));
  const last = sections.at(-1)!;
  return { start: sections[0]!.from, end: last.from + last.length };
}

/**
 * By how much what lies along the band is moved to lie along the ring, from its start over the closure and from its end: of a place
 * that both reach, the one on this side of the ring counts.
 *
 * @example
 * aroundRing(plan, ringOf(plan)).length // 2
 */
export function aroundRing(plan: SeatPlan, { gap }: Ring): readonly [fromStart: number, fromEnd: number] {
  const { start, end } = bandEnds(plan);
  return [gap - start, -end];
}

/**
 * The parts of a fitted piece as they lie when it is closed: those at both ends over the closure, those that grip the other end past
 * it, long ends of both sides tied with each other (of those of one side the maker ties as it suits). None without a band.
 *
 * @example
 * closedParts(plan).closing.length > 0 // true
 */
export function closedParts(plan: SeatPlan): ClosedParts {
  const ring = ringOf(plan);
  if (!ring) return { closing: [], within: [] };
  const { gap } = ring;
  const { start, end } = bandEnds(plan);
  const [fromStart, fromEnd] = aroundRing(plan, ring);
  const parts = drawnParts(plan);
  const ofEnd = parts
    .filter(({ outward, at }) => outward === 1 && at >= end - 0.01)
    .map((part) => moved(part, part.item.part.grips ? gap - reachOf(part) - part.at : fromEnd));
  const ofStart = parts
    .filter(({ outward, at }) => outward === -1 && at <= start + 0.01)
    .map((part) => moved(part, part.item.part.grips ? reachOf(part) - part.at : fromStart));
  const all = [...ofStart, ...ofEnd];
  const isTied = ofEnd.some(isLong) && ofStart.some(isLong);
  return {
    closing: isTied ? [...all.filter((part) => !isLong(part)), ...tied(all.filter(isLong), gap)] : all,
    within: parts
      .filter(({ at }) => at > start + 0.01 && at < end - 0.01)
      .flatMap((part) => [moved(part, fromStart), moved(part, fromEnd)])
      .filter(({ at }) => Math.abs(ring.angle(at)) <= Math.PI),
  };
}
