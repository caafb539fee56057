import { samplePath } from './sample';
import type { BeadPlace, Point, StitchGeometry, StrandPath } from './strand';

/** A run of a strand on the page: x across, y along, in worked diameters. */
export type Run = readonly (readonly [x: number, y: number])[];

/** Runs of one strand at about one depth. Draw the layers in order: the last lies on top. */
export interface Layer {
  readonly strand: string;
  /** Thickness of the strand, and the depth of the layer, front positive. */
  readonly thick: number;
  readonly depth: number;
  readonly runs: readonly Run[];
}

/** Depths are drawn in bands this thick: thinner than the clearance between strands, so no two that cross share one. */
const BAND = 0.3;

/** Sampled points of one strand over so many divisions. */
function whole(
  path: StrandPath,
  geometry: StitchGeometry,
  divisions: number,
  samples: number,
): [number, number, number][] {
  const one = samplePath(path, geometry.pitch, samples);
  const out: [number, number, number][] = [];
  const repeats = divisions / geometry.divisions;
  for (let k = 0; k < Math.ceil(repeats); k++) {
    const last = k === Math.ceil(repeats) - 1;
    const share = last ? repeats - k : 1;
    const points = share < 1 ? one.slice(0, Math.round((one.length - 1) * share) + 1) : one;
    for (const [x, y, z] of last ? points : points.slice(0, -1)) out.push([x, y + k * geometry.pitch, z]);
  }
  return out;
}

/** A strand to be drawn: its centre line, and how thick it is. */
export interface Line {
  readonly strand: string;
  readonly thick: number;
  readonly points: readonly Point[];
}

/**
 * Strands cut into runs by depth, back to front: every one as it lies over and under the others.
 *
 * @param band how deep a layer is: thinner than the clearance between strands, in the unit of their points
 *
 * @example
 * layered([{ strand: 'a', thick: 1, points: [[0, 0, 0], [0, 1, 0]] }], 'front').length // 1
 */
export function layered(lines: readonly Line[], side: 'front' | 'back', band = BAND): Layer[] {
  const facing = side === 'front' ? 1 : -1;
  const layers = new Map<number, Map<string, { thick: number; runs: [number, number][][] }>>();
  for (const { strand, thick, points } of lines) {
    let depth: number | null = null;
    let run: [number, number][] = [];
    for (let i = 1; i < points.length; i++) {
      const [p, q] = [points[i - 1]!, points[i]!];
      const at = Math.round(((p[2] + q[2]) * facing) / 2 / band);
      if (at !== depth) {
        depth = at;
        run = [[p[0] * facing, p[1]]];
        const strands = layers.get(at) ?? new Map<string, { thick: number; runs: [number, number][][] }>();
        layers.set(at, strands);
        const before = strands.get(strand);
        if (before) before.runs.push(run);
        else strands.set(strand, { thick, runs: [run] });
      }
      run.push([q[0] * facing, q[1]]);
    }
  }
  return [...layers.entries()]
    .sort(([a], [b]) => a - b)
    .flatMap(([at, strands]) =>
      [...strands].map(([strand, { thick, runs }]) => ({ strand, thick, depth: at * band, runs })),
    );
}

/**
 * The band as seen, from the same paths that are measured: every strand cut into runs by depth, back to front.
 *
 * @param divisions how many divisions of the repeat
 * @param side the back is the front turned over its long edge
 * @param samples points to each stretch between two control points: fewer for small pictures
 * @param reached for a step of the tying: how far each working strand has come, as a share
 *
 * @example
 * pictureOf(STITCHES['square-knot'].geometry({ strands: 2, width: 2, thickness: 1 }), 2, 'front').length > 0 // true
 */
export function pictureOf(
  geometry: StitchGeometry,
  divisions: number,
  side: 'front' | 'back',
  samples = 4,
  reached?: Readonly<Record<string, number>>,
): Layer[] {
  return layered(linesOf(geometry, divisions, samples, reached), side);
}

/**
 * The strands of so many divisions, each as far as it has come.
 *
 * @example
 * linesOf(STITCHES['square-knot'].geometry({ strands: 2, width: 2, thickness: 1 }), 2).length // 4
 */
export function linesOf(
  geometry: StitchGeometry,
  divisions: number,
  samples = 4,
  reached?: Readonly<Record<string, number>>,
): Line[] {
  return [...geometry.core, ...geometry.working].map((path): Line => {
    const share = geometry.working.includes(path) && reached ? (reached[path.strand] ?? 0) : 1;
    return { strand: path.strand, thick: path.thick ?? 1, points: whole(path, geometry, divisions * share, samples) };
  });
}

/**
 * Every bead of so many divisions, as seen from this side.
 *
 * @example
 * beadsOf(STITCHES['square-knot'].geometry({ strands: 2, width: 2, thickness: 1 }), 2, 'front') // []
 */
export function beadsOf(geometry: StitchGeometry, divisions: number, side: 'front' | 'back'): BeadPlace[] {
  const facing = side === 'front' ? 1 : -1;
  const end = (geometry.pitch * divisions) / geometry.divisions;
  return Array.from({ length: Math.ceil(divisions / geometry.divisions) }, (_, k) =>
    (geometry.beads ?? []).map((bead) => ({
      ...bead,
      at: [bead.at[0] * facing, bead.at[1] + k * geometry.pitch, bead.at[2] * facing] as const,
    })),
  )
    .flat()
    .filter(({ at }) => at[1] < end);
}
