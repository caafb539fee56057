import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import { SHIPPED } from '../../catalogue';
import { chance } from '../../demo/chance';
import {
  asValue,
  learnUse,
  learn,
  plannedPiece,
  putInForce,
  type PlannedPiece,
  type YieldRecord,
} from '../../src/core/record';
import { exampleSeat, planSeat, type Seat } from '../../src/core/seat';
import { SKILLS, STARTING_FIGURES, type Figures } from '../../src/core/studio';

/** What is really so in a studio: shares, as standard deviations where nothing else is said. */
export interface Reality {
  /** How far uses lie from geometry, each way on its own; and all of them together. */
  readonly truth: number;
  readonly all: number;
  /** How makers differ, and pieces of one maker. */
  readonly makers: number;
  readonly pieces: number;
  /** How tapes are misread: how many. */
  readonly misread: number;
  /** Makers there are; 0 for as many as the records ask for. */
  readonly people: number;
  /** Whether only those who finished report. */
  readonly finishedOnly: boolean;
  /** By how much more is used at the end of the year of records than at its start. */
  readonly drift: number;
}

export const KIND: Reality = {
  truth: 0.06,
  all: 0,
  makers: 0.05,
  pieces: 0.05,
  misread: 0.05,
  people: 0,
  finishedOnly: false,
  drift: 0,
};

/** Realities that are not as the learning believes. */
export const UNKIND: Readonly<Record<string, Reality>> = {
  'finished pieces alone are reported': { ...KIND, finishedOnly: true },
  'tape units confused in 1 of 5': { ...KIND, misread: 0.2 },
  'makers 10 % apart': { ...KIND, makers: 0.1 },
  'two makers': { ...KIND, people: 2 },
  'drift of 10 % over a year': { ...KIND, drift: 0.1 },
  'geometry off by 20 %': { ...KIND, all: 0.2 },
};
/** Stitches in cords that are tried: each a truth of its own. */
const WAYS = [
  ['band-buckle', 'whole', 'sheathed-3'],
  ['band-buckle', 'whole', 'sheathed-4'],
  ['band-buckle', 'whole', 'satin-2'],
  ['band-loop-knot', 'working', 'cotton-2'],
  ['double-spiral', 'working', 'waxed-1'],
  ['reversible-slider', 'working', 'satin-1'],
] as const;
const WRISTS = [140, 150, 160, 170, 180];

const seatFor = ([project, role, cord]: (typeof WAYS)[number], wrist: number, skill: Seat['skill']): Seat =>
  exampleSeat(SHIPPED.projects[project]!, { size: { wrist }, skill, age: 30, cords: { [role]: { cord } } });

/** A piece of a way as it is planned by some figures. */
export function plannedWith(way: number, skill: Seat['skill'], figures: Figures, wrist = WRISTS[2]!): PlannedPiece {
  const seat = seatFor(WAYS[way]!, wrist, skill);
  return plannedPiece(seat, planSeat(seat, SHIPPED, figures), figures, '2030-05-04')!;
}

const known = new Map<string, PlannedPiece>();
function plannedFor(way: number, wrist: number, skill: Seat['skill']): PlannedPiece {
  const key = `${way}/${wrist}/${skill}`;
  const found = known.get(key) ?? plannedWith(way, skill, STARTING_FIGURES, wrist);
  known.set(key, found);
  return found;
}

interface Studio {
  readonly records: readonly YieldRecord[];
  readonly reality: Reality;
  /** Logarithm of what is really used over geometry, by way, at the end of the records. */
  readonly truths: readonly number[];
  readonly share: () => number;
  readonly normal: () => number;
}

/** The day of the n-th of so many records over a year. */
const dayOf = (i: number, many: number): string =>
  new Date(Date.UTC(2030, 4, 4) - Math.round((1 - (i + 0.5) / many) * 364) * 86_400_000).toISOString().slice(0, 10);

/** A studio with so many records of each way, by makers of its own, at least five where there are as many records. */
export function simulated(seed: number, each: number, ways: number = WAYS.length, reality = KIND): Studio {
  const { share, normal } = chance(seed);
  const truths = Array.from({ length: ways }, () => reality.all + reality.truth * normal());
  const people = reality.people || Math.max(5, Math.ceil((each * ways) / 6));
  const makers = Array.from({ length: people }, () => ({
    uses: reality.makers * normal(),
    skill: SKILLS[Math.floor(share() * SKILLS.length)]!,
  }));
  const records = Array.from({ length: each * ways }, (_, n): YieldRecord[] => {
    const [i, way] = [Math.floor(n / ways), n % ways];
    const m = (way * 2 + i) % makers.length;
    const { uses, skill } = makers[m]!;
    const base = plannedFor(way, WRISTS[Math.floor(share() * WRISTS.length)]!, skill);
    const planned = { ...base, held_on: dayOf(n, each * ways) };
    const place = planned.cords.findIndex(({ stitch }) => stitch !== null);
    const cord = planned.cords[place]!;
    const drifted = reality.drift * ((n + 0.5) / (each * ways) - 1);
    const used = cord.stitches_mm * Math.exp(truths[way]! + drifted + uses + reality.pieces * normal());
    const rest = (cord.cut_mm - cord.other_mm - used) * cord.pieces;
    const misread = share() < reality.misread ? (share() < 0.5 ? 2.54 : 0.4) : 1;
    const isShort = rest < cord.tail_mm * cord.pieces;
    if (isShort && reality.finishedOnly) return [];
    const left: NonNullable<YieldRecord['said']['left']>[string] = isShort
      ? { short: true, at: '' }
      : { mm: [Math.round((rest * misread) / 5) * 5] };
    const said = { left: { [String(place)]: left } };
    return [{ piece: `${seed}-${n}`, session: `${i % 9}`, maker: `${seed}-${m}`, planned, seen: null, said }];
  }).flat();
  return { records, reality, truths, share, normal };
}

/** What a way's stitch and cord are, as a record has them. */
const wayOf = (way: number): { stitch: string; cord: string } => {
  const { stitch, cord } = plannedFor(way, WRISTS[2]!, 'steady').cords.find((one) => one.stitch !== null)!;
  return { stitch: stitch!, cord };
};

/** How often nine-in-ten intervals hold the truth, and how often the figure lies within 5 % of it, after so many records of each way. */
export function coverage(each: number, studios: number, ways: number = WAYS.length, reality = KIND) {
  let [cases, held, near] = [0, 0, 0];
  for (let studio = 0; studio < studios; studio++) {
    const { records, truths } = simulated(1000 * each + studio, each, ways, reality);
    const use = learnUse(records, STARTING_FIGURES);
    truths.forEach((truth, way) => {
      const { stitch, cord } = wayOf(way);
      // The figure of the skill that is recorded most: what is in force for whoever came.
      const skill = SKILLS.map((one) => records.filter(({ planned }) => planned.skill === one).length);
      const most = SKILLS[skill.indexOf(Math.max(...skill))]!;
      const { mean, sd } = use.of(stitch, cord, most);
      cases++;
      if (Math.abs(mean - truth) < tQuantile(0.95, use.spreadOf(most).freedom) * sd) held++;
      if (Math.abs(Math.exp(mean - truth) - 1) < 0.05) near++;
    });
  }
  return { cases, held: held / cases, near: near / cases };
}

/**
 * Which share of working ends runs short when pieces are cut after everything was accepted that so many records said: makers who were not
 * among them, cut by measure and without batches. And which share was chosen.
 */
export function ranShort(each: number, studios: number, pieces: number, reality = KIND) {
  let [ends, short] = [0, 0];
  for (let studio = 0; studio < studios; studio++) {
    const { records, truths, normal, share } = simulated(777_000 + studio, each, WAYS.length, reality);
    let now = { figures: STARTING_FIGURES, cords: SHIPPED.cords };
    for (const said of learn({ records, hands: [], growth: [] }, STARTING_FIGURES).figures)
      if (said.kind === 'use' || said.key.startsWith('figure/spread_')) now = putInForce(said.key, asValue(said), now);
    const catalogue = { ...SHIPPED, cords: now.cords };
    for (let i = 0; i < pieces; i++) {
      const way = i % truths.length;
      const skill = SKILLS[Math.floor(share() * SKILLS.length)]!;
      const seat = seatFor(WAYS[way]!, WRISTS[Math.floor(share() * WRISTS.length)]!, skill);
      const planned = plannedPiece(seat, planSeat(seat, catalogue, now.figures), now.figures, '2030-05-04')!;
      const cord = planned.cords.find(({ stitch }) => stitch !== null)!;
      const used = cord.stitches_mm * Math.exp(truths[way]! + reality.makers * normal() + reality.pieces * normal());
      ends += cord.ends;
      if (cord.other_mm + used + cord.tail_mm > cord.cut_mm) short += cord.ends;
    }
  }
  return { ends, share: short / ends, chosen: 1 / (STARTING_FIGURES.short_cost + 1) };
}

/** Records as a studio of many years has them: so many, of two thousand makers. */
export function manyRecords(count: number): YieldRecord[] {
  const { share, normal } = chance(4242);
  const base = Array.from({ length: WAYS.length * SKILLS.length }, (_, i) =>
    plannedFor(i % WAYS.length, WRISTS[i % WRISTS.length]!, SKILLS[Math.floor(i / WAYS.length)]!),
  );
  return Array.from({ length: count }, (_, i) => {
    const planned = base[Math.floor(share() * base.length)]!;
    const place = planned.cords.findIndex(({ stitch }) => stitch !== null);
    const cord = planned.cords[place]!;
    const used = cord.stitches_mm * Math.exp(0.07 * normal());
    const mm = Math.max(0, (cord.cut_mm - cord.other_mm - used) * cord.pieces);
    return {
      piece: `${i}`,
      session: `${Math.floor(i / 12)}`,
      maker: `${Math.floor(share() * 2000)}`,
      planned,
      seen: null,
      said: {
        left: { [String(place)]: { mm: [Math.round(mm)] } },
        half_knots: planned.half_knots,
        band_mm: Math.round(planned.knotted_mm * Math.exp(0.04 * normal())),
        minutes: Math.max(1, Math.round((planned.knotting + planned.parts) * Math.exp(0.2 * normal()))),
      },
    };
  });
}
