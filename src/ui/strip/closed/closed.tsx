import { formatLength, type Units } from '../../../core/measure';
import { isSection, type PieceSection } from '../../../core/project';
import { aroundRing, closedGap, closedParts, ringOf, type DrawnPart, type Ring } from '../../../core/drawing';
import { bandOf, type SeatPlan } from '../../../core/seat';
import { Bent } from './bent';
import { frameOf } from '../frame';
import { hexes } from '../hexes';
import { PartPicture } from '../part-picture';

/** What the picture of a closed piece shows, in words. */
export function closedWords(plan: SeatPlan, units: Units): string {
  const { piece } = plan;
  const what = piece?.closure.map(({ label }) => label.toLowerCase()).join(', ') || 'ends together';
  const turns = piece?.choices.wraps ?? 1;
  const of = turns > 1 ? `; the turn it closes in, of ${turns}` : '';
  return `${piece?.project.name}, closed: ${what}, ${formatLength(closedGap(plan), units)} between the band’s ends${of}`;
}

/** The piece of the page, mm, that a closed piece fills: to each side of its middle, and from its far half down to its closure. */
function pageOf(plan: SeatPlan, ring: Ring) {
  const { gap, r, turn } = ring;
  const { closing, within } = closedParts(plan);
  const near = ring.matrix(gap / 2);
  const far = ring.matrix(gap / 2 + turn / 2);
  const seen = closing.flatMap(({ strands }) =>
    strands.flatMap(({ points, d }) => points.map((point) => [...ring.seen(point), d] as const)),
  );
  const top = far[5] - frameOf(plan, within).half * near[3] - 1;
  const bottom = Math.max(near[5] + frameOf(plan, closing).half, ...seen.map(([down, , , d]) => down + d));
  const wide = Math.max(r + (plan.piece?.thickness ?? 0), ...seen.map(([, across, , d]) => Math.abs(across) + d)) + 2;
  return { wide, top, high: bottom - top + 1 };
}

/** How wide and high a closed piece’s file is, in tenths of a mm, so that its place is kept until it is there. */
export function closedSize(plan: SeatPlan): { width: number; height: number } | null {
  const ring = ringOf(plan);
  if (!plan.fit || !ring) return null;
  const { wide, high } = pageOf(plan, ring);
  return { width: Math.round(20 * wide), height: Math.round(10 * high) };
}

/** A section of the closed band and where it begins, mm from the band’s end over the closure. */
interface Placed {
  readonly key: string;
  readonly section: PieceSection;
  readonly count: number;
  readonly from: number;
}

/** The ring as it is worn, seen from the side of the closure and a little from above, to scale: how it fastens. */
export function Closed({ plan, units }: { plan: SeatPlan; units: Units }) {
  const { piece, fit } = plan;
  const ring = ringOf(plan);
  if (!piece || !fit || !ring) return null;
  const sections = bandOf(plan).filter(({ item }) => isSection(item));
  const hex = hexes(piece);
  const hexOf = (colour: string): string => hex[colour] ?? '#888888';
  const placed = aroundRing(plan, ring).flatMap((by): Placed[] =>
    sections.flatMap(({ item, from, count }) =>
      isSection(item) ? [{ key: `${item.id} ${from} ${by}`, section: item, count, from: from + by }] : [],
    ),
  );
  const { closing, within } = closedParts(plan);
  const isFar = ({ at }: DrawnPart): boolean => Math.cos(ring.angle(at)) < 0;
  const isTail = ({ item }: DrawnPart): boolean => item.part.stretch === 'slide';
  const sliders = Object.values(piece.sections).flatMap(({ id, count, ...section }): Placed[] =>
    piece.project.closure?.includes(id) && count !== 'fill'
      ? [{ key: id, section: { id, count, ...section }, count, from: (ring.gap - count * section.unit) / 2 }]
      : [],
  );
  const pictures = (all: readonly DrawnPart[]) =>
    all.map((part) => (
      <PartPicture key={`${part.item.id} ${part.outward}`} part={part} side="front" hexOf={hexOf} ring={ring} />
    ));
  const bands = (all: readonly Placed[], half: 'near' | 'far') =>
    all.map(({ key, ...own }) => <Bent key={key} {...own} ring={ring} half={half} hex={hex} />);
  const { wide, top, high } = pageOf(plan, ring);
  return (
    <svg
      viewBox={[-wide, top, 2 * wide, high].map((mm) => mm.toFixed(2)).join(' ')}
      className="block max-h-56 w-full"
      role="img"
      aria-label={closedWords(plan, units)}
    >
      <g opacity={0.6}>
        {bands(placed, 'far')}
        {pictures(within.filter(isFar))}
      </g>
      {bands(placed, 'near')}
      {pictures(within.filter((part) => !isFar(part)))}
      {pictures(closing.filter(isTail))}
      {bands(sliders, 'near')}
      {pictures(closing.filter((part) => !isTail(part)))}
    </svg>
  );
}
