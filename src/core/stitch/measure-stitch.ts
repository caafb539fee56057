import { lengthOf, samplePath } from './sample';
import type { Around, Stitch, StitchGeometry } from './strand';

/** What a stitch comes to, all in worked diameters of the working cord. */
export interface StitchMeasure {
  readonly pitch: number;
  readonly halfKnots: number;
  /** Cord each working strand uses a repeat, along its centre line. */
  readonly use: Readonly<Record<string, number>>;
  /** Outside width and thickness: centre lines plus half a cord on each side. */
  readonly width: number;
  readonly thickness: number;
}

/** Largest less smallest of a list. */
const span = (values: readonly number[]): number => Math.max(...values) - Math.min(...values);

/** Measures the very paths that are drawn. */
export function measureGeometry(geometry: StitchGeometry): StitchMeasure {
  const sampled = geometry.working.map((path) => ({ path, points: samplePath(path, geometry.pitch) }));
  const all = sampled.flatMap(({ points }) => points);
  return {
    pitch: geometry.pitch,
    halfKnots: geometry.halfKnots,
    use: Object.fromEntries(sampled.map(({ path, points }) => [path.strand, lengthOf(points)])),
    width: span(all.map((p) => p[0])) + 1,
    thickness: span(all.map((p) => p[2])) + 1,
  };
}

const known = new Map<string, StitchMeasure>();

/** A stitch around something, measured; remembered, since a session has few combinations and many seats. */
export function measureStitch(stitch: Stitch, around: Around): StitchMeasure {
  const key = `${stitch.slug}|${around.strands}|${around.diameter.toFixed(4)}`;
  let measure = known.get(key);
  if (!measure) known.set(key, (measure = measureGeometry(stitch.geometry(around))));
  return measure;
}
