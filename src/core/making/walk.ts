import type { CountedStretch } from '../bench';
import type { PieceRun, PieceSection } from '../project';
import { sum } from './counts';
import type { MakingWords } from './words';

/** One thing to do in a stretch of several: its words, how many are tapped for it, and the beads it strings. */
export interface WalkStep {
  readonly text: string;
  readonly ties: number;
  readonly beads: number;
}

/** What strings the beads of a run says. */
function beadWords({ stitch }: PieceRun, { arms }: PieceSection, { walk }: MakingWords): string {
  if (stitch.slug === 'bead-on-core') return walk.core_bead;
  if (stitch.slug === 'beads-on-workers') return walk.edge_beads;
  return arms > 1 ? walk.arm_beads : walk.bead;
}

/** So many half knots in words: as square knots, where it is whole ones. */
function knotWords(half: number, arms: number, { units, walk }: MakingWords): string {
  const isWhole = half % 2 === 0;
  const many = isWhole ? half / 2 : half;
  const unit = units[isWhole ? 'square-knots' : 'half-knots'];
  const text = `${many} ${many === 1 ? unit.one : unit.many}`;
  return arms > 1 ? walk.each_arm.replace('{knots}', text) : text;
}

/** The steps of one run of a unit: its beads, then its knots; what has neither by the name of its stitch. */
function stepsOfRun(run: PieceRun, section: PieceSection, words: MakingWords): WalkStep[] {
  const { measure, times, stitch } = run;
  const share = times / measure.divisions;
  const beads = sum(measure.beadCounts) * share * section.arms;
  const half = Math.round(measure.halfKnots * share);
  const strung = beads > 0 ? [{ text: beadWords(run, section, words), ties: 0, beads }] : [];
  if (half > 0) return [...strung, { text: knotWords(half, section.arms, words), ties: half * section.arms, beads: 0 }];
  return strung.length > 0 ? strung : [{ text: stitch.name.toLowerCase(), ties: 0, beads: 0 }];
}

/**
 * A stretch of several things by turns, step by step, to be walked with the counter; null where it is one thing all the way. The ties
 * of its steps add up to those that are counted.
 */
export function walkOf(stretches: readonly CountedStretch[], words: MakingWords): WalkStep[] | null {
  const steps = stretches.flatMap(({ section, ties, perUnit, words: counted }) => {
    const unit = section.runs.flatMap((run) => stepsOfRun(run, section, words));
    // What has no half knots is tapped once a unit, when its last step is done.
    const own =
      counted === 'repeats' ? unit.map((step, i) => ({ ...step, ties: i === unit.length - 1 ? 1 : 0 })) : unit;
    return Array.from({ length: Math.round(ties / perUnit) }, () => own).flat();
  });
  return new Set(steps.map(({ text }) => text)).size > 1 ? steps : null;
}
