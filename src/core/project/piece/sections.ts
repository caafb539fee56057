import { flatteningOf, factorOfUse, workedDiameter, type Cord } from '../../cord';
import type { Hardware } from '../../part';
import { measureStitch, STITCHES, type Around } from '../../stitch';
import type { Figures } from '../../studio';
import { drawOf, type MadeCount } from './draw';
import { entry } from '../catalogue';
import type { PieceCord, PieceRequest, PieceRun, PieceSection } from './piece';
import type { ProjectSection } from '../project';

interface Leg {
  readonly cord: Cord;
  readonly colour: string;
  readonly as: string | null;
}

/** The legs that work a section, or run through it, in the order of the cords. */
function legsIn(section: string, cords: readonly PieceCord[]): { working: Leg[]; core: Leg[] } {
  const working: Leg[] = [];
  const core: Leg[] = [];
  for (const { use, cord, colour } of cords) {
    for (let piece = 0; piece < (use.pieces ?? 1); piece++) {
      for (const leg of use.legs) {
        for (const step of leg.route) {
          if ('work' in step && step.work === section) working.push({ cord, colour, as: step.as });
          if ('core' in step && step.core === section) core.push({ cord, colour, as: null });
        }
      }
    }
  }
  return { working, core };
}

const mean = (values: readonly number[]): number => values.reduce((sum, v) => sum + v, 0) / values.length;

/** Cord of this diameter or more, mm, makes a slider of fewer square knots: the studio's figure for it. */
const SLIDER_THICK = 2;

/** The draw of a count: against the tightest pitch of the knotted stitch of a section that has no beads between its knots. */
function drawnBy(made: MadeCount, section: ProjectSection, around: Around, d: number): number | null {
  for (const { stitch: slug } of section.runs) {
    const stitch = entry(STITCHES, slug);
    const { pitch, halfKnots } = measureStitch(stitch, { ...around, draw: 1 });
    if (stitch.beads === 0 && halfKnots > 0) return made.length_mm / ((made.half_knots * pitch * d) / halfKnots);
  }
  return null;
}

/** What is known of a strand's use, over the stitches of a section: each counts by what it uses. What runs through unknotted is as long as it is. */
function factorOf(runs: readonly PieceRun[], cord: Cord, as: string, skill: PieceRequest['skill'], figures: Figures) {
  let [path, use, doubt, records] = [0, 0, 0, Infinity];
  for (const { stitch, measure, times } of runs) {
    const mm = ((measure.use[as] ?? measure.pitch) * times) / measure.divisions;
    const own = factorOfUse(cord, stitch.slug, skill, figures);
    path += mm;
    use += mm * own.factor;
    if (stitch.effort === 0) continue;
    doubt += mm * own.factor * own.doubt;
    records = Math.min(records, own.records);
  }
  return { factor: use / path, doubt: doubt / use, records };
}

/**
 * Measures a section of a piece, its knots drawn apart as this maker draws them; null where no cord of the piece goes through it. A
 * count that is tighter than there can be is a question, not a figure: the studio's stands.
 */
export function measureSection(
  section: ProjectSection,
  cords: readonly PieceCord[],
  hardware: Readonly<Record<string, Hardware>>,
  { skill, made }: Pick<PieceRequest, 'skill' | 'made'>,
  figures: Figures,
): PieceSection | null {
  const { working, core } = legsIn(section.id, cords);
  const lead = working[0] ?? core[0];
  if (!lead) return null;
  const arms = section.arms ?? 1;
  const d = workedDiameter(lead.cord);
  const tails = section.around ? cords.find(({ use }) => use.role === section.around!.of) : undefined;
  const through = section.around
    ? { strands: section.around.strands, diameter: workedDiameter((tails ?? lead).cord) / d }
    : {
        strands: Math.max(1, Math.round(core.length / arms)),
        diameter: core.length > 0 ? mean(core.map((leg) => workedDiameter(leg.cord))) / d : 1,
      };
  const beads = (section.beads ?? []).map((id) => hardware[id]!);
  const counted = made && drawnBy(made, section, through, d);
  const draw = counted !== null && counted >= 1 ? counted : drawOf(skill, lead.cord, figures);
  const aroundWith = (strung: readonly Hardware[]): Around => ({
    ...through,
    draw,
    beads: strung.map(({ length_mm, width_mm }) => ({ length: length_mm / d, width: width_mm / d })),
  });
  const runs = section.runs.map(({ stitch: slug, times, bead }): PieceRun => {
    const stitch = entry(STITCHES, slug);
    const strung = bead === undefined ? beads : [hardware[bead]!];
    const around = aroundWith(strung);
    const measure = measureStitch(stitch, around);
    return { stitch, around, beads: strung, measure, times, mm: ((times * measure.pitch) / measure.divisions) * d };
  });
  /** How many of a bead of the section one of its runs takes a division. */
  const strung = (index: number): number =>
    section.runs.reduce((sum, { bead, times }, i) => {
      const { measure } = runs[i]!;
      const place = bead === undefined ? index : bead === section.beads![index] ? 0 : -1;
      return sum + ((measure.beadCounts[place] ?? 0) * times * arms) / measure.divisions;
    }, 0);
  const halfKnots = runs.reduce((sum, { measure, times }) => sum + (measure.halfKnots * times) / measure.divisions, 0);
  const uses: Record<string, number> = { core: 0 };
  for (const { measure, times } of runs) {
    const repeats = times / measure.divisions;
    uses.core = uses.core! + (measure.use['core 1'] ?? measure.pitch) * repeats * d;
    for (const as of new Set(working.map((leg) => leg.as!)))
      uses[as] = (uses[as] ?? 0) + (measure.use[as] ?? measure.pitch) * repeats * d;
  }
  const factors = Object.fromEntries(
    working.map(({ cord, as }) => [as!, factorOf(runs, cord, as!, skill, figures)] as const),
  );
  const unit = runs.reduce((sum, run) => sum + run.mm, 0);
  const over = typeof section.count === 'object' && 'over' in section.count ? hardware[section.count.over] : undefined;
  const count = (): number => {
    if (over) return Math.max(4, Math.round((over.width_mm + over.length_mm) / unit / 2) * 2);
    const squares = lead.cord.diameter_mm >= SLIDER_THICK ? figures.slider_thick : figures.slider_thin;
    return Math.max(1, Math.round((2 * squares) / Math.max(1, halfKnots)));
  };
  return {
    id: section.id,
    runs,
    d,
    unit,
    halfKnots,
    draw: halfKnots > 0 ? draw : 1,
    tight: counted !== null && counted < 1,
    count: typeof section.count === 'object' ? count() : section.count,
    uses,
    factors,
    width: Math.max(...runs.map(({ measure }) => measure.width)) * d * arms,
    thickness:
      Math.max(...runs.map(({ measure }) => measure.thickness)) * d * (halfKnots > 0 ? flatteningOf(lead.cord) : 1),
    arms,
    odd: section.odd === true,
    joins: section.joins === true,
    beads,
    beadCounts: beads.map((_, index) => strung(index)),
    colours: Object.fromEntries([
      ...working.map((leg): [string, string] => [leg.as!, leg.colour]).reverse(),
      ...Array.from({ length: through.strands }, (_, i): [string, string] => [
        `core ${i + 1}`,
        (tails ?? core[i] ?? lead).colour,
      ]),
    ]),
  };
}
