import { fitEffects, type Effects } from '../effects/fit-effects';
import { numbered } from '../effects/numbered';
import { SKILLS, STARTING_FIGURES, type Figures, type Skill } from '../../studio';
import { asFigure, MOST_POINTS, spreadAsFigure, type FigureSaid, type Point } from './figure-said';
import type { Indexed } from './indexed';
import { INCH, seenUse, type UseSeen } from './seen-use';

/** Makers and cords of a season are alike; of many seasons ago, all together. Seasons of so many days, and as many of them. */
const [PERIOD, PERIODS, DAY] = [91, 12, 86_400_000];

/** A maker against the studio: what they use of what others use, and how far that may be off, as shares. */
export interface MakerSaid {
  readonly maker: string;
  readonly uses: number;
  readonly doubt: number;
  readonly records: number;
}

/** What of use is learned from some records: a factor for any stitch, cord and skill, makers, and spreads by skill. */
export interface UseLearned {
  readonly effects: Effects;
  /** Season 0 is the latest. */
  readonly effectsOf: (stitch: string, cord: string, skill: Skill, period?: number) => number[];
  /** What it was learned from, the way of each, and who made it. */
  readonly seen: readonly UseSeen[];
  readonly way: readonly number[];
  readonly maker: readonly number[];
  readonly ways: readonly {
    readonly stitch: string;
    readonly cord: string;
    readonly skill: number;
    readonly period: number;
  }[];
}

/**
 * Learns use against geometry: the logarithm of a factor is the sum of what is the stitch's, the cord's, that stitch's in that cord, and the
 * skill's, each drawn to nothing; then the maker's, and the piece's.
 */
export function fitUse({ records, maker: makerOf, makers, bySkill }: Indexed, figures: Figures): UseLearned {
  const [stitches, cords, pairs, names] = [numbered(), numbered(), numbered(), numbered()];
  const ways: { stitch: string; cord: string; skill: number; period: number }[] = [];
  const latest = records.reduce((last, { planned }) => Math.max(last, Date.parse(planned.held_on)), 0);
  const others = [0, 1].map(() => ({ y: [] as number[], stretch: [] as number[] }));
  const seen: UseSeen[] = [];
  const [way, maker, y, censored, limit, noise]: number[][] = [[], [], [], [], [], []];
  bySkill.forEach((own, skill) => {
    for (const at of own) {
      const days = (latest - Date.parse(records[at]!.planned.held_on)) / DAY;
      const period = Math.min(PERIODS - 1, Math.floor(days / PERIOD));
      for (const one of seenUse(records[at]!, figures)) {
        const { stitch, cord } = one;
        const pair = `${stitch}/${cord}`;
        const number = names.of(`${pair}/${skill}/${period}`);
        if (number === ways.length) {
          ways.push({ stitch, cord, skill, period });
          stitches.of(stitch);
          cords.of(cord);
          pairs.of(pair);
        }
        seen.push(one);
        way!.push(number);
        maker!.push(makerOf[at]!);
        y!.push(one.y);
        censored!.push(one.censored ? 1 : 0);
        limit!.push(one.limit);
        noise!.push(one.noise);
        others.forEach((column, k) => {
          column.y.push(one.others[k]!);
          column.stretch.push((k === 0 ? 1 : -1) * Math.log(INCH) + one.y - one.others[k]!);
        });
      }
    }
  });
  const [s, c, p] = [stitches.names.length, cords.names.length, pairs.names.length];
  // One place more of each, for what has not been seen: it is as far from nothing as any, and nothing says which way.
  const [toCords, toPairs, toSkills] = [s + 1, s + c + 2, s + c + p + 3];
  const toPeriods = toSkills + SKILLS.length;
  const place = (all: readonly string[], name: string): number => {
    const at = all.indexOf(name);
    return at < 0 ? all.length : at;
  };
  const effectsOf = (stitch: string, cord: string, skill: Skill, period = 0): number[] => [
    place(stitches.names, stitch),
    toCords + place(cords.names, cord),
    toPairs + place(pairs.names, `${stitch}/${cord}`),
    toSkills + SKILLS.indexOf(skill),
    toPeriods + period,
  ];
  const many = (n: number, sd: number): number[] => Array.from({ length: n }, () => sd);
  const effects = fitEffects(
    {
      ways: ways.map(({ stitch, cord, skill, period }) => ({
        effects: effectsOf(stitch, cord, SKILLS[skill]!, period),
        spread: skill,
      })),
      way: way!,
      maker: maker!,
      y: y!,
      censored: censored!,
      limit: limit!,
      others,
      noise: noise!,
    },
    {
      effects: [
        ...many(s + 1, figures.learn_stitch),
        ...many(c + 1, figures.learn_cord),
        ...many(p + 1, figures.learn_pair),
        ...many(SKILLS.length, figures.learn_skill),
        ...many(PERIODS, figures.learn_drift),
      ],
      kinds: [...many(s + 1, 0), ...many(c + 1, 1), ...many(p + 1, 2), ...many(SKILLS.length, 3), ...many(PERIODS, 4)],
      spreads: SKILLS.map((skill) => {
        const share = STARTING_FIGURES[`spread_${skill}`] / Math.hypot(figures.learn_maker, figures.learn_piece);
        return { maker: share * figures.learn_maker, piece: share * figures.learn_piece };
      }),
      worth: figures.learn_worth,
      worthMakers: figures.learn_makers_worth,
      misread: figures.misread_share,
      misreadBy: figures.misread_by,
    },
    makers.length,
  );
  return { effects, effectsOf, seen, way: way!, maker: maker!, ways };
}

/** Observations counted: how many, of how many makers, and the latest as points. */
interface Counted {
  n: number;
  makers: Set<number>;
  points: Point[];
}

function count(learned: UseLearned, groups: number, of: (way: number) => number): Counted[] {
  const { seen, way, maker, effects } = learned;
  const all = Array.from({ length: groups }, (): Counted => ({ n: 0, makers: new Set(), points: [] }));
  for (let i = seen.length - 1; i >= 0; i--) {
    const own = all[of(way[i]!)]!;
    own.n++;
    own.makers.add(maker[i]!);
    if (own.points.length === MOST_POINTS) continue;
    const { path_mm: predicted, used_mm: found, censored } = seen[i]!;
    const trusted = effects.trusted[i]!;
    own.points.push(censored ? { predicted, found, trusted, more: true } : { predicted, found, trusted });
  }
  return all;
}

/**
 * What the records say of use: a factor for each stitch and cord they are about, of makers of every skill (one without records of its own has what
 * the others teach), and the spread of each skill, once there are enough.
 */
export function saidOfUse(
  learned: UseLearned,
  { makers }: Indexed,
  start: Figures,
  figures: Figures,
): { figures: FigureSaid[]; makers: MakerSaid[] } {
  const { effects, effectsOf, ways, way, maker } = learned;
  const pairs = ways.filter(
    ({ stitch, cord }, i) => ways.findIndex((one) => one.stitch === stitch && one.cord === cord) === i,
  );
  const keyOf = (at: number): string => `${ways[at]!.stitch}/${ways[at]!.cord}/${SKILLS[ways[at]!.skill]!}`;
  const keys = [...new Set(ways.map((_, at) => keyOf(at)))];
  const keyAt = ways.map((_, at) => keys.indexOf(keyOf(at)));
  const byKey = count(learned, keys.length, (at) => keyAt[at]!);
  const bySkill = count(learned, SKILLS.length, (way) => ways[way]!.skill);
  const byMaker = new Int32Array(makers.length);
  for (const m of maker) byMaker[m]!++;
  const told = ({ n, makers: own, points }: Counted) => ({
    records: n,
    makers: own.size,
    points: points.reverse(),
    measure: 'mm' as const,
  });
  return {
    figures: [
      ...pairs.flatMap(({ stitch, cord }) =>
        SKILLS.map((skill, at): FigureSaid => {
          const said = asFigure(1, effects.of(effectsOf(stitch, cord, skill)), effects.spreads[at]!.freedom);
          const key = `${stitch}/${cord}/${skill}`;
          const seen = byKey[keys.indexOf(key)] ?? { n: 0, makers: new Set(), points: [] };
          return { key: `use/${key}`, kind: 'use', ...said, ...told(seen) };
        }),
      ),
      ...SKILLS.flatMap((skill, i): FigureSaid[] => {
        const { all, freedom } = effects.spreads[i]!;
        // Under as many as it is believed by, it is mostly what was believed.
        if (way.length < figures.learn_worth) return [];
        const said = spreadAsFigure(start[`spread_${skill}`], all, freedom);
        return [{ key: `figure/spread_${skill}`, kind: 'spread', ...said, freedom, ...told(bySkill[i]!) }];
      }),
    ],
    makers: makers.flatMap((name, m) => {
      const { mean, sd } = effects.makers[m]!;
      return byMaker[m]! > 0 ? [{ maker: name, uses: Math.exp(mean), doubt: sd, records: byMaker[m]! }] : [];
    }),
  };
}
