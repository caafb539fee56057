import type { DrawnPart } from '../../core/seat';
import { layered, type Layer } from '../../core/stitch';
import { pathOf } from './layers';
import { Solid } from './solid';
import { Strand } from './strand';

/** Strands whose middle lines lie closer than this in depth are in one layer, in diameters. */
const LAYER = 0.3;

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
    part.strands.map(({ points, d }, i) => ({ strand: String(i), thick: d, points })),
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
