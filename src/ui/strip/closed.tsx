import { formatLength, type Units } from '../../core/measure';
import { inCord, isSection, type PiecePart, type PieceSection } from '../../core/project';
import { closedGap, drawnParts, type DrawnPart } from '../../core/drawing';
import { bandOf, type SeatPlan } from '../../core/seat';
import type { Point } from '../../core/stitch';
import { frameOf } from './frame';
import { hexes } from './hexes';
import { PartPicture } from './part-picture';
import { Section } from './section';

/** Band shown on each side of the closure, mm. */
const STUB = 16;

/** A section as a stub of so many whole units at the closure. */
const unitsIn = (section: PieceSection): number => Math.max(1, Math.round(STUB / section.unit));

const moved = (part: DrawnPart, by: number): DrawnPart => ({
  ...part,
  at: part.at + by,
  strands: part.strands.map((strand) => ({
    ...strand,
    points: strand.points.map(([x, y, z]): Point => [x, y + by, z]),
  })),
});

/** What the picture of a closed piece shows, in words. */
export function closedWords(plan: SeatPlan, units: Units): string {
  const { piece } = plan;
  const what = piece?.closure.map(({ label }) => label.toLowerCase()).join(', ') || 'ends together';
  return `${piece?.project.name}, closed: ${what}, ${formatLength(closedGap(plan), units)} between the band’s ends`;
}

/** How the piece fastens: both ends of the band as they meet when it is worn, seen from that side, to scale. */
export function Closed({ plan, units }: { plan: SeatPlan; units: Units }) {
  const { piece, fit } = plan;
  const sections = bandOf(plan).filter(({ item }) => isSection(item));
  const [first, last] = [sections[0], sections.at(-1)];
  if (!piece || !fit || !first || !last || !isSection(first.item) || !isSection(last.item)) return null;
  const hex = hexes(piece);
  const hexOf = (colour: string): string => hex[colour] ?? '#888888';
  const end = last.from + last.length;
  const gap = closedGap(plan);
  const placed = drawnParts(plan).filter(({ at }) => at <= first.from + 0.01 || at >= end - 0.01);
  const long = ({ part, base, cord }: PiecePart): number => part.ring?.(inCord(base, cord)).mm ?? 0;
  const ofEnd = placed
    .filter(({ outward, at }) => outward === 1 && at >= end - 0.01)
    .map((part) => moved(part, part.item.part.grips ? gap - long(part.item) - part.at : -end));
  const ofStart = placed
    .filter(({ outward, at }) => outward === -1 && at <= first.from + 0.01)
    .map((part) => moved(part, part.item.part.grips ? long(part.item) - part.at : gap - first.from));
  const isTail = ({ item }: DrawnPart): boolean => item.part.stretch === 'slide';
  const tails = [...ofEnd, ...ofStart].filter(isTail);
  const sliders = Object.values(piece.sections).flatMap(({ id, count, ...section }) =>
    piece.project.closure?.includes(id) && count !== 'fill' ? [{ section: { id, count, ...section }, count }] : [],
  );
  const frame = frameOf(plan, [...ofEnd, ...ofStart]);
  const [left, right] = [
    Math.min(-unitsIn(last.item) * last.item.unit, frame.left),
    Math.max(gap + unitsIn(first.item) * first.item.unit, Math.min(frame.right, gap + 3 * STUB)),
  ];
  return (
    <svg
      viewBox={`${left - 1} ${-frame.half} ${right - left + 2} ${2 * frame.half}`}
      className="block max-h-48 w-full"
      role="img"
      aria-label={closedWords(plan, units)}
    >
      {tails.map((part) => (
        <PartPicture key={`${part.item.id} ${part.outward}`} part={part} side="front" hexOf={hexOf} />
      ))}
      <g transform={`translate(${-unitsIn(last.item) * last.item.unit} 0)`}>
        <Section section={last.item} count={unitsIn(last.item)} side="front" hex={hex} small={false} />
      </g>
      <g transform={`translate(${gap} 0)`}>
        <Section section={first.item} count={unitsIn(first.item)} side="front" hex={hex} small={false} />
      </g>
      {sliders.map(({ section, count }) => (
        <Section key={section.id} section={section} count={count} side="front" hex={hex} small={false} />
      ))}
      {[...ofStart, ...ofEnd]
        .filter((part) => !isTail(part))
        .map((part) => (
          <PartPicture key={`${part.item.id} ${part.outward}`} part={part} side="front" hexOf={hexOf} />
        ))}
    </svg>
  );
}
