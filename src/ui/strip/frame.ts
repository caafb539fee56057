import { isSection } from '../../core/project';
import { type DrawnPart } from '../../core/drawing';
import { bandOf, type SeatPlan } from '../../core/seat';

/** How far what a part is tied to stands out past it, and to each side, mm. */
function solidOf({ item, at, outward }: DrawnPart): { reach: number; across: number } {
  const { hardware } = item.base;
  if (!hardware) return { reach: 0, across: 0 };
  const wide = hardware.width_mm || hardware.opening_mm + 5;
  const long =
    hardware.kind === 'buckle'
      ? hardware.closed_mm / 2
      : item.along > 0
        ? Math.max(item.along, (wide + item.along) / 2)
        : Math.max(hardware.length_mm, Math.max(wide, 8) + hardware.bar_mm);
  return { reach: at + outward * long, across: Math.max(wide, 8) / 2 };
}

/** The frame that holds the whole of a drawn piece, mm: from the band's start, and to each side of its middle. */
export function frameOf(plan: SeatPlan, parts: readonly DrawnPart[]) {
  const band = bandOf(plan);
  const last = band.findLast(({ item }) => isSection(item));
  const length = band.reduce((sum, item) => sum + item.length, 0);
  const strands = parts.flatMap(({ strands: own }) => own);
  const along = strands.flatMap(({ points, d }) => points.flatMap(([, y]) => [y - d / 2, y + d / 2]));
  const across = strands.flatMap(({ points, d }) => points.map(([x]) => Math.abs(x) + d / 2));
  const solids = parts.map(solidOf);
  const ends = [0, last ? last.from + last.length : 0, ...along, ...solids.map(({ reach }) => reach)];
  const right = Math.max(...ends) + 2;
  return {
    // What closes past the frame is not measured by its ruler.
    length: Math.min(length, right - 2),
    left: Math.min(...ends) - 2,
    right,
    half: Math.max((plan.piece?.width ?? 0) / 2, ...across, ...solids.map((solid) => solid.across)) + 1.5,
  };
}
