import { beadsOf, pictureOf, type BeadPlace, type Layer, type Run, type StitchGeometry } from '../../../core/stitch';
import { paintedOf, type Painted } from './painted';
import type { Drawing } from '../modules';
import { FINE, Fine, Strand } from './strand';
import { thinned } from './thinned';

/** A place a little way past the first of two, in the line of both. */
function past([x, y]: readonly [number, number], [bx, by]: readonly [number, number], far: number): [number, number] {
  const span = Math.hypot(x - bx, y - by) || 1;
  return [x + ((x - bx) / span) * far, y + ((y - by) / span) * far];
}

/**
 * A place closer to its line than this is not written, twentieths of a mm: a fifth of a pixel where a strip fills a screen at 5 px a mm,
 * a third of one where it is small, at 3.
 */
const UNSEEN = { fine: 0.7, coarse: 2 };

/**
 * A layer as one path, in twentieths of a mm: across the band is up and down the page, along it is left to right. Runs reach a hair into each other, so
 * that none shows a seam.
 */
export const pathOf = (layer: Pick<Layer, 'thick' | 'runs'>, d: number, fine: boolean): string =>
  layer.runs
    .map((run) => {
      const far = layer.thick * 0.12;
      const line = [past(run[0]!, run[1]!, far), ...run.slice(1, -1), past(run.at(-1)!, run.at(-2)!, far)];
      let [px, py] = [0, 0];
      const drawn = line.map(([x, y]) => [y * d * FINE, x * d * FINE] as const);
      return thinned(drawn, fine ? UNSEEN.fine : UNSEEN.coarse)
        .map(([x, y], i) => {
          const [qx, qy] = [Math.round(x), Math.round(y)];
          const step = i === 0 ? `M${qx} ${qy}` : `${i === 1 ? 'l' : ' '}${qx - px} ${qy - py}`;
          [px, py] = [qx, qy];
          return step;
        })
        .join('');
    })
    .join('');

/** A stretch along a picture, mm. */
export type Stretch = readonly [from: number, to: number];

/** What of a picture reaches into a stretch of it. */
export function reaching({ layers, beads }: Drawing, [from, to]: Stretch, d: number) {
  const meets = (along: readonly number[], half: number): boolean =>
    (Math.max(...along) + half) * d >= from && (Math.min(...along) - half) * d <= to;
  const near = (thick: number) => (run: Run) =>
    meets(
      run.map(([, y]) => y),
      thick / 2,
    );
  return {
    layers: layers
      .map((layer) => ({ ...layer, runs: layer.runs.filter(near(layer.thick)) }))
      .filter(({ runs }) => runs.length > 0),
    beads: beads.filter(({ at, length, width }) => meets([at[1]], Math.max(length, width) / 2)),
  };
}

/** A stitch as it is seen: its strands in the order of their depth, and its beads among them. */
export function Layers({
  geometry,
  divisions,
  side,
  d,
  hexOf,
  samples = 4,
  reached,
  within,
  leads,
}: {
  geometry: StitchGeometry;
  divisions: number;
  side: 'front' | 'back';
  /** mm a worked diameter. */
  d: number;
  hexOf: (strand: string) => string;
  samples?: number;
  reached?: Readonly<Record<string, number>>;
  /** Only what reaches into this stretch is drawn. */
  within?: Stretch | undefined;
  /** The colour of the strand that leads, which no other has. */
  leads?: string;
}) {
  const all = {
    beads: beadsOf(geometry, divisions, side),
    layers: pictureOf(geometry, divisions, side, samples, reached),
  };
  return (
    <Drawn
      {...(within ? reaching(all, within, d) : all)}
      d={d}
      hexOf={hexOf}
      fine={samples > 1}
      {...(leads !== undefined && { leads })}
    />
  );
}

/** Strands in layers, back to front, and the beads among them. */
export function Drawn({
  layers,
  beads,
  d,
  hexOf,
  fine = true,
  leads,
}: {
  layers: readonly Layer[];
  beads: readonly BeadPlace[];
  d: number;
  hexOf: (strand: string) => string;
  fine?: boolean;
  leads?: string;
}) {
  // What lies deeper than a bead's face is behind or inside it.
  const face = Math.max(-Infinity, ...beads.map((bead) => bead.at[2] + bead.width / 2 - 0.2));
  const draw = ({ hex, ...layer }: Painted, i: number) => (
    <Strand key={i} path={pathOf(layer, d, fine)} hex={hex} width={layer.thick * d} fine={fine} leads={hex === leads} />
  );
  const painted = paintedOf(layers, hexOf);
  return (
    <g>
      <Fine>{painted.filter((layer) => layer.depth < face).map(draw)}</Fine>
      {beads.map(({ at, hole, length, width }, i) => {
        const [w, h] = hole === 'along' ? [length, width] : [width, length];
        return (
          <rect
            key={i}
            x={(at[1] - w / 2) * d}
            y={(at[0] - h / 2) * d}
            width={w * d}
            height={h * d}
            rx={Math.min(w, h) * d * 0.42}
            className="bead"
          />
        );
      })}
      <Fine>{painted.filter((layer) => layer.depth >= face).map(draw)}</Fine>
    </g>
  );
}
