import type { DrawnPart, DrawnStrand, Ring } from '../../core/drawing';
import { layered, type Point } from '../../core/stitch';
import { pathOf } from './paint/layers';
import { paintedOf, type Painted } from './paint/painted';
import { Solid } from './solid';
import { Fine, Strand } from './paint/strand';

/** Strands whose middle lines lie closer than this in depth are in one layer, in diameters. */
const LAYER = 0.3;

/** Two legs that meet at a fold are one cord: each is drawn a little way on into the other, so that there is no seam. */
function overFold(strand: DrawnStrand, all: readonly DrawnStrand[]): readonly Point[] {
  const { points } = strand;
  const meets = (a: Point | undefined, b: Point | undefined): boolean =>
    a !== undefined && b !== undefined && Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]) < 0.02;
  const others = all.filter((own) => own !== strand).map((own) => own.points);
  const after = others.find((own) => meets(own.at(-1), points.at(-1)));
  const before = others.find((own) => meets(own[0], points[0]));
  return [...(before ? before.slice(1, 2) : []), ...points, ...(after ? after.slice(-2, -1) : [])];
}

/** A line with no two points farther apart than a ring may be taken as straight, mm. */
function closely(points: readonly Point[]): Point[] {
  return points.flatMap((p, i): Point[] => {
    const q = points[i + 1];
    if (!q) return [p];
    const steps = Math.max(1, Math.ceil(Math.hypot(q[0] - p[0], q[1] - p[1], q[2] - p[2]) / 2));
    return Array.from({ length: steps }, (_, k) => {
      const share = k / steps;
      return [p[0] + (q[0] - p[0]) * share, p[1] + (q[1] - p[1]) * share, p[2] + (q[2] - p[2]) * share];
    });
  });
}

/** A part from the ways of its strands, which are as long as it is measured, with what it is tied to between them. */
export function PartPicture({
  part,
  side,
  hexOf,
  fine = true,
  ring,
  leads,
}: {
  part: DrawnPart;
  side: 'front' | 'back';
  hexOf: (colour: string) => string;
  fine?: boolean;
  /** Where it is of a band that is closed: what it is tied to stays flat, and its strands go round with the band. */
  ring?: Ring;
  /** The colour of the strand that leads, which no other has. */
  leads?: string;
}) {
  const thin = Math.min(...part.strands.map(({ d }) => d));
  const along = (points: readonly Point[]): readonly Point[] => (ring ? closely(points).map(ring.seen) : points);
  const middle = part.at + (part.outward * part.item.along) / 2;
  const layers = layered(
    part.strands.map((strand, i) => ({
      strand: String(i),
      thick: strand.d,
      points: along(overFold(strand, part.strands)),
    })),
    side,
    LAYER * thin,
  );
  const painted = paintedOf(layers, (strand) => hexOf(part.strands[Number(strand)]!.colour));
  const draw = ({ hex, ...layer }: Painted, i: number) => (
    <Strand key={i} path={pathOf(layer, 1, fine)} hex={hex} width={layer.thick} fine={fine} leads={hex === leads} />
  );
  return (
    <g data-part={part.item.id}>
      <Fine>{painted.filter(({ depth }) => depth < 0).map(draw)}</Fine>
      <g {...(ring && { transform: `matrix(${ring.matrix(middle).join(' ')}) translate(${-middle} 0)` })}>
        <Solid part={part} />
      </g>
      <Fine>{painted.filter(({ depth }) => depth >= 0).map(draw)}</Fine>
    </g>
  );
}
