import { courseOf } from '../bench';
import { flatteningOf } from '../cord';
import { tailOf, totalOf, walkLegs, type Cut, type LegWalk } from '../cut';
import type { Fit } from '../fit';
import type { PaceStep } from '../pace';
import { drawOf, isSection, type Piece, type PieceCord } from '../project';
import type { Seat, SeatPlan } from '../seat';
import type { Figures, Skill } from '../studio';
import type { PlannedCord, PlannedPiece } from './yield-record';

/** A stitch stands for a cord where at least so much of what the cord uses in stitches is its. */
const NEARLY_ALL = 0.8;

/** What one cord of a piece uses in each stitch by its path, mm. */
function pathByStitch({ use }: PieceCord, piece: Piece, counts: Readonly<Record<string, number>>): Map<string, number> {
  const found = new Map<string, number>();
  for (const { route } of use.legs)
    for (const step of route) {
      const section = 'work' in step ? piece.sections[step.work] : undefined;
      if (!section || !('work' in step)) continue;
      for (const { stitch, measure, times } of section.runs) {
        const mm =
          (counts[section.id]! * (measure.use[step.as] ?? measure.pitch) * times * section.d) / measure.divisions;
        found.set(stitch.slug, (found.get(stitch.slug) ?? 0) + mm);
      }
    }
  return found;
}

function plannedCord(
  cut: Cut,
  { piece, fit }: { readonly piece: Piece; readonly fit: Fit },
  legs: readonly LegWalk[],
  skill: Skill,
  figures: Figures,
): PlannedCord {
  const own = piece.cords.find(
    ({ use, cord, colour }) => use.role === cut.role && cord.slug === cut.cord && colour === cut.colour,
  );
  const together = legs.filter(({ cord }) => cord === own);
  const stitches = own ? pathByStitch(own, piece, fit.counts) : new Map<string, number>();
  const path = [...stitches.values()].reduce((sum, mm) => sum + mm, 0);
  const most = [...stitches].sort(([, a], [, b]) => b - a)[0];
  const entries = together.flatMap((leg) => leg.entries);
  const used = totalOf(entries.filter((entry) => entry.for === 'stitches'));
  const tails = together.flatMap((leg) => leg.tails);
  return {
    role: cut.role,
    cord: cut.cord,
    colour: cut.colour,
    pieces: cut.pieces,
    cut_mm: cut.length_mm,
    stitch: most && most[1] >= NEARLY_ALL * path ? most[0] : null,
    stitches_mm: path,
    factor: path > 0 && used > 0 ? used / path : 1,
    other_mm: totalOf(entries) - used,
    tail_mm: own ? tails.reduce((sum, tail) => sum + tailOf(tail, skill, own.cord, figures), 0) : 0,
    ends: tails.length,
  };
}

/** Tightest length of a half knot, where every knotted section of the band is of one kind; what the cord's stiffness opens it by is in it. */
function tightOf(piece: Piece, figures: Figures): number | null {
  const band = piece.layout.filter(isSection);
  const knotted = band.filter(({ halfKnots }) => halfKnots > 0);
  const lengths = knotted.map(({ unit, halfKnots, draw }) => unit / halfKnots / draw);
  const { cord } = piece.cords[0]!;
  const stiff = drawOf('steady', cord, figures) / figures.draw_steady;
  const [first] = lengths;
  return first !== undefined && knotted.length === band.length && lengths.every((mm) => Math.abs(mm / first - 1) < 0.01)
    ? first * stiff
    : null;
}

/** How thick a band comes out that is knotted of one cord, before its strands flatten where they cross; null where a ruler meets other things. */
function flatOf({ layout, cords }: Piece): PlannedPiece['flat'] | null {
  const band = layout.filter(isSection);
  const { cord } = cords[0]!;
  const isOne = band.every(({ halfKnots, beads }) => halfKnots > 0 && beads.length === 0);
  if (!isOne || cords.some((other) => other.cord !== cord)) return null;
  const start = flatteningOf(cord);
  return { cord: cord.slug, stacked_mm: Math.max(...band.map(({ thickness }) => thickness)) / start, start };
}

/**
 * What a seat's record will be held against: its plan in numbers, and the figures it was planned with. Null where there is nothing cut to
 * hold anything against.
 *
 * @param on the day it is made
 *
 * @example
 * plannedPiece(ada, plan, figures, '2030-05-04').cords[0].stitch // 'square-knot'
 */
export function plannedPiece(
  { skill, age }: Pick<Seat, 'skill' | 'age'>,
  plan: SeatPlan,
  figures: Figures,
  on: string,
): PlannedPiece | null {
  const { piece, fit, cut, pace } = plan;
  if (!piece || !fit || !cut || !pace) return null;
  const minutes = (of: (step: PaceStep) => number): number => pace.steps.reduce((sum, step) => sum + of(step), 0);
  const legs = walkLegs(piece, fit);
  const flat = flatOf(piece);
  return {
    held_on: on,
    project: piece.project.slug,
    revision: piece.project.revision,
    skill,
    child: age !== null && age < figures.child_age,
    half_knots: fit.half_knots ?? null,
    knotted_mm: fit.knotted_mm,
    tight_mm: tightOf(piece, figures),
    ...(flat && { flat }),
    ties: courseOf(plan).ties,
    knotting: minutes(({ knotting }) => knotting),
    parts: minutes(({ handling }) => handling),
    figures: {
      draw: figures[`draw_${skill}`],
      spread: figures[`spread_${skill}`],
      half_knot: figures[`half_knot_${skill}`],
      // Parts take a fluent maker their own seconds.
      part_slower: skill === 'fluent' ? 1 : figures[`part_slower_${skill}`],
      tail: figures[`tail_${skill}`],
    },
    cords: cut.cuts.map((one) => plannedCord(one, { piece, fit }, legs, skill, figures)),
  };
}
