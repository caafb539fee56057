import type { DrawnPart, DrawnStrand } from '../../core/drawing';
import { layered, type Layer, type Point } from '../../core/stitch';
import { pathOf } from './layers';
import { Solid } from './solid';
import { Strand } from './strand';

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

/** A part from the ways of its strands, which are as long as it is measured, with what it is tied to between them. */
export function PartPicture({
  part,
  side,
  hexOf,
  fine = true,
}: {
  part: DrawnPart;
  side: 'front' | 'back';
  hexOf: (colour: string) => string;
  fine?: boolean;
}) {
  const thin = Math.min(...part.strands.map(({ d }) => d));
  const layers = layered(
    part.strands.map((strand, i) => ({ strand: String(i), thick: strand.d, points: overFold(strand, part.strands) })),
    side,
    LAYER * thin,
  );
  const draw = (layer: Layer, i: number) => (
    <Strand
      key={i}
      path={pathOf(layer, 1)}
      hex={hexOf(part.strands[Number(layer.strand)]!.colour)}
      width={layer.thick}
      fine={fine}
    />
  );
  return (
    <g data-part={part.item.id}>
      {layers.filter(({ depth }) => depth < 0).map(draw)}
      <Solid part={part} />
      {layers.filter(({ depth }) => depth >= 0).map(draw)}
    </g>
  );
}
