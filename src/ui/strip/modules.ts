import type { PieceSection } from '../../core/project';
import { beadsOf, pictureOf, type BeadPlace, type Layer } from '../../core/stitch';

/** What is drawn of a section: its strands in layers, back to front, and its beads. */
export interface Drawing {
  readonly layers: readonly Layer[];
  readonly beads: readonly BeadPlace[];
}

/**
 * A section of several stitches to a repeat as one drawing, in its diameters: what lies at one depth is painted at once, whichever
 * repeat, stitch and arm it is of.
 *
 * @param isNear whether a stitch is wanted that begins at a place and is so long, mm
 */
export function modulesOf(
  { runs, arms, width, unit, d }: PieceSection,
  count: number,
  side: 'front' | 'back',
  samples: number,
  isNear: (at: number, mm: number) => boolean,
): Drawing {
  const layers: Layer[] = [];
  const beads: BeadPlace[] = [];
  let start = 0;
  for (const { stitch, around, times, mm } of runs) {
    const geometry = stitch.geometry(around);
    const drawn = pictureOf(geometry, times, side, samples);
    const set = beadsOf(geometry, times, side);
    for (let i = 0; i < count; i++) {
      const at = i * unit + start;
      if (!isNear(at, mm)) continue;
      for (let arm = 0; arm < arms; arm++) {
        const [x, y] = [((arm - (arms - 1) / 2) * width) / arms / d, at / d];
        layers.push(
          ...drawn.map((layer) => ({
            ...layer,
            runs: layer.runs.map((run) => run.map(([a, b]) => [a + x, b + y] as const)),
          })),
        );
        beads.push(...set.map((bead) => ({ ...bead, at: [bead.at[0] + x, bead.at[1] + y, bead.at[2]] as const })));
      }
    }
    start += mm;
  }
  return { layers: layers.sort((a, b) => a.depth - b.depth), beads };
}
