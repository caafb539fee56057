import { lengthOf, samplePath } from './sample';
import type { Around, Stitch, StitchGeometry } from './strand';

/** What a stitch comes to, all in worked diameters of the working cord. */
export interface StitchMeasure {
  readonly pitch: number;
  readonly divisions: number;
  readonly halfKnots: number;
  /** Cord each strand uses a repeat, along its centre line; core strands by their names. */
  readonly use: Readonly<Record<string, number>>;
  /** Outside width and thickness: centre lines plus half a strand on each side, or the beads where they stand out. */
  readonly width: number;
  readonly thickness: number;
  /** How many of each bead a repeat takes, by the bead's place in the row. */
  readonly beadCounts: readonly number[];
}

const span = (lows: readonly number[], highs: readonly number[]): number => Math.max(...highs) - Math.min(...lows);

/** Measures the very paths that are drawn. */
export function measureGeometry(geometry: StitchGeometry): StitchMeasure {
  const sampled = [...geometry.working, ...geometry.core].map((path) => ({
    path,
    half: (path.thick ?? 1) / 2,
    points: samplePath(path, geometry.pitch),
  }));
  const beads = geometry.beads ?? [];
  const extent = (axis: 0 | 2): number => {
    const lows = sampled.flatMap(({ points, half }) => points.map((p) => p[axis] - half));
    const highs = sampled.flatMap(({ points, half }) => points.map((p) => p[axis] + half));
    for (const bead of beads) {
      const half = (axis === 0 && bead.hole === 'across' ? bead.length : bead.width) / 2;
      lows.push(bead.at[axis] - half);
      highs.push(bead.at[axis] + half);
    }
    return span(lows, highs);
  };
  return {
    pitch: geometry.pitch,
    divisions: geometry.divisions,
    halfKnots: geometry.halfKnots,
    use: Object.fromEntries(sampled.map(({ path, points }) => [path.strand, lengthOf(points)])),
    width: extent(0),
    thickness: extent(2),
    beadCounts: beads.reduce<number[]>((counts, { index }) => {
      counts[index] = (counts[index] ?? 0) + 1;
      return counts;
    }, []),
  };
}

const known = new Map<string, StitchMeasure>();

/**
 * A stitch around something, measured; remembered, since a session has few combinations and many seats.
 *
 * @example
 * measureStitch(STITCHES['square-knot'], piece.layout.find(isSection).runs[0].around).pitch > 0 // true
 */
export function measureStitch(stitch: Stitch, around: Around): StitchMeasure {
  const beads = (around.beads ?? []).map((bead) => `${bead.length.toFixed(3)}×${bead.width.toFixed(3)}`).join();
  const key = `${stitch.slug}|${around.strands}|${around.diameter.toFixed(4)}|${(around.draw ?? 1).toFixed(4)}|${beads}`;
  let measure = known.get(key);
  if (!measure) known.set(key, (measure = measureGeometry(stitch.geometry(around))));
  return measure;
}
