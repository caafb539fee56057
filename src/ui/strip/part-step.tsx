import { type PiecePart } from '../../core/project';
import { drawnParts, type DrawnStrand } from '../../core/drawing';
import { type SeatPlan } from '../../core/seat';
import { apartFrom } from '../pictures/tint';
import { hexes } from './hexes';
import { PartPicture } from './part-picture';
import { Tape } from './strand';

/** How much of the leg that ties is there in the pictures of a part, in order. */
const SHARES = [0.55, 1];

const upTo = (strand: DrawnStrand, share: number): DrawnStrand => ({
  ...strand,
  points: strand.points.slice(0, Math.max(2, Math.ceil(strand.points.length * share))),
});

/** A part as it is tied: begun, and done; the leg that ties has tape on its end, and is never of the colour of the others. */
export function PartStep({ item, plan, frame }: { item: PiecePart; plan: SeatPlan; frame: number }) {
  const part = drawnParts(plan).find((own) => own.item.id === item.id);
  if (!part || !plan.piece || part.strands.length === 0) return null;
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
    <svg viewBox={`${left} ${-half} ${right - left} ${2 * half}`} role="img" aria-label={partWords(item, isDone)}>
      <PartPicture part={{ ...part, strands: [strand, ...rest] }} side="front" hexOf={hexOf} />
      <Tape line={strand.points.map(([x, y]) => [x, y])} width={0.8 * strand.d} />
    </svg>
  );
}

/** What the picture of a part shows. */
export const partWords = ({ part }: PiecePart, isDone: boolean): string => `${part.name}, ${isDone ? 'done' : 'begun'}`;
