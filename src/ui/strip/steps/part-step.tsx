import { workedDiameter } from '../../../core/cord';
import { inCord, type PiecePart } from '../../../core/project';
import { sampleOpen, type Point } from '../../../core/stitch';
import { drawnParts, type DrawnPart, type DrawnStrand } from '../../../core/drawing';
import { type SeatPlan } from '../../../core/seat';
import { apartFrom } from '../../pictures/tint';
import { hexes } from '../hexes';
import { PartPicture } from '../part-picture';
import { Tape } from '../paint/strand';

/** How much of the leg that ties is there in the pictures of a part, in order. */
const SHARES = [0.55, 0.8, 1];

const upTo = (strand: DrawnStrand, share: number): DrawnStrand => ({
  ...strand,
  points: strand.points.slice(0, Math.max(2, Math.ceil(strand.points.length * share))),
});

/** A part that is not seen in the band, as a join under the knotting: its legs side by side, each of its own cord's colour. */
function bySelf(item: PiecePart, plan: SeatPlan): DrawnPart {
  const cords = plan.piece!.cords.slice(0, 2);
  const ways = item.part.ways(inCord(item.base, item.cord));
  const legs = ways.length === 1 && item.part.stretch === 'join' ? [ways[0]!, ways[0]!] : ways;
  const d = workedDiameter(item.cord);
  return {
    item,
    at: 0,
    outward: 1,
    strands: legs.map(({ points }, i) => ({
      colour: cords[i % cords.length]!.colour,
      d,
      leg: String(i),
      points: sampleOpen(points, 5).map(([x, y, z]): Point => [ways.length === 1 ? x + i * d : x, y, z]),
    })),
  };
}

/** How many pictures a part has: begun, on the way and done, or one where there is too little to it. */
export function framesOf(item: PiecePart, plan: SeatPlan): number {
  const { strands } = drawnParts(plan).find((own) => own.item.id === item.id) ?? bySelf(item, plan);
  return strands.length === 0 ? 0 : strands[0]!.points.length > 12 ? SHARES.length : 1;
}

/** A part as it is tied: begun, and done; the leg that ties has tape on its end, and is never of the colour of the others. */
export function PartStep({ item, plan, frame }: { item: PiecePart; plan: SeatPlan; frame: number }) {
  if (!plan.piece) return null;
  const part = drawnParts(plan).find((own) => own.item.id === item.id) ?? bySelf(item, plan);
  if (part.strands.length === 0) return null;
  const hex = hexes(plan.piece);
  const hexOf = (colour: string): string => hex[colour] ?? (colour.startsWith('#') ? colour : '#888888');
  const [tie, ...rest] = part.strands;
  const clash = rest.some(({ colour }) => colour === tie!.colour);
  const own = clash ? { ...tie!, colour: apartFrom(hexOf(tie!.colour)) } : tie!;
  const all = part.strands.flatMap(({ points }) => points);
  const d = Math.max(...part.strands.map((strand) => strand.d));
  const { hardware } = item.base;
  const solid = hardware ? Math.max(hardware.width_mm || hardware.opening_mm + 5, 8) / 2 : 0;
  const half = Math.max(solid, ...all.map(([x]) => Math.abs(x))) + d;
  const ends = all.map(([, y]) => y);
  const out = hardware ? part.at + part.outward * Math.max(hardware.length_mm, hardware.width_mm, 14) : part.at;
  const [left, right] = [Math.min(...ends, out) - 1.5 * d, Math.max(...ends, out) + 1.5 * d];
  // One strand alone is drawn as a leg's worth at least, so that it can be seen what it is.
  const shares = tie!.points.length > 12 ? SHARES : [1];
  const strand = upTo(own, shares[Math.min(frame, shares.length - 1)]!);
  const isDone = frame >= shares.length - 1;
  return (
    <svg viewBox={`${-half} ${left} ${2 * half} ${right - left}`} role="img" aria-label={partWords(item, isDone)}>
      {/* The band's start at the top. */}
      <g transform="rotate(90)">
        <PartPicture
          part={{ ...part, strands: [strand, ...rest] }}
          side="front"
          hexOf={hexOf}
          {...(rest.length > 0 && { leads: hexOf(own.colour) })}
        />
        <Tape line={strand.points.map(([x, y]) => [x, y])} width={0.8 * strand.d} />
      </g>
    </svg>
  );
}

/** What the picture of a part shows. */
const partWords = ({ part }: PiecePart, isDone: boolean): string => `${part.name}, ${isDone ? 'done' : 'begun'}`;
