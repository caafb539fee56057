import { SKILLS, type Figures } from '../../studio';
import { asFigure, latest, type FigureSaid, type Point } from './figure-said';
import { fitEffects, type Effects } from '../effects/fit-effects';
import type { Observation } from '../effects/observation';
import { numbered, type Numbered } from '../effects/numbered';
import { useSeen, type UseSeen } from './use-seen';
import type { YieldRecord } from '../yield-record';

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
  readonly effectsOf: (stitch: string, cord: string, skill: string) => number[];
  readonly seen: readonly { readonly of: UseSeen; readonly row: Observation; readonly skill: number }[];
  readonly makers: Numbered;
}

/**
 * Learns use against geometry: the logarithm of a factor is the sum of what is the stitch's, the cord's, that stitch's in that cord, and the
 * skill's, each drawn to nothing; then the maker's, and the piece's.
 */
export function fitUse(records: readonly YieldRecord[], figures: Figures): UseLearned {
  const [stitches, cords, pairs, makers] = [numbered(), numbered(), numbered(), numbered()];
  const known = new Map<string, number>();
  const ways: { readonly parts: readonly [number, number, number, number]; effects: number[] }[] = [];
  const wayOf = (stitch: string, cord: string, skill: number): number => {
    const name = `${stitch}/${cord}/${skill}`;
    const before = known.get(name);
    if (before !== undefined) return before;
    known.set(name, ways.length);
    return (
      ways.push({ parts: [stitches.of(stitch), cords.of(cord), pairs.of(`${stitch}/${cord}`), skill], effects: [] }) - 1
    );
  };
  const seen: { of: UseSeen; skill: number; maker: number; way: number }[] = [];
  for (const record of records) {
    const skill = SKILLS.indexOf(record.planned.skill);
    for (const of of useSeen(record, figures))
      seen.push({ of, skill, maker: makers.of(record.maker), way: wayOf(of.stitch, of.cord, skill) });
  }
  const [s, c, p] = [stitches.names.length, cords.names.length, pairs.names.length];
  // One place for what has not been seen of each: it is as far from nothing as any, and nothing says which way.
  const [newStitch, newCord, newPair] = [s, s + 1 + c, s + 1 + c + 1 + p];
  const first = newPair + 1;
  const places = ([stitch, cord, pair, skill]: readonly [number, number, number, number]): number[] => [
    stitch,
    s + 1 + cord,
    s + 1 + c + 1 + pair,
    first + skill,
  ];
  for (const way of ways) way.effects = places(way.parts);
  const rows = seen.map(({ of, skill, maker, way }): Observation => {
    const { y, censored, noise } = of;
    return { effects: ways[way]!.effects, maker, y, censored, noise, spread: skill };
  });
  const many = (n: number, sd: number): number[] => Array.from({ length: n }, () => sd);
  const effects = fitEffects(
    rows,
    {
      effects: [
        ...many(s + 1, figures.learn_stitch),
        ...many(c + 1, figures.learn_cord),
        ...many(p + 1, figures.learn_pair),
        ...many(SKILLS.length, figures.learn_skill),
      ],
      spreads: SKILLS.map(() => ({ maker: figures.learn_maker, piece: figures.learn_piece })),
      worth: figures.learn_worth,
      misread: figures.misread_share,
      misreadBy: figures.misread_by,
    },
    makers.names.length,
  );
  return {
    effects,
    effectsOf: (stitch, cord, skill) => {
      const at = [stitches, cords, pairs].map(({ names }, i) => names.indexOf([stitch, cord, `${stitch}/${cord}`][i]!));
      return [
        at[0] === -1 ? newStitch : at[0]!,
        at[1] === -1 ? newCord : s + 1 + at[1]!,
        at[2] === -1 ? newPair : s + 1 + c + 1 + at[2]!,
        first + SKILLS.indexOf(skill as (typeof SKILLS)[number]),
      ];
    },
    seen: seen.map(({ of, skill }, i) => ({ of, skill, row: rows[i]! })),
    makers,
  };
}

/** What the records say of use: a factor for each stitch, cord and skill they are about, and the spread of each skill. */
export function useSaid(learned: UseLearned, figures: Figures): { figures: FigureSaid[]; makers: MakerSaid[] } {
  const { effects, seen, effectsOf, makers } = learned;
  const ways = new Map<string, { n: number; makers: Set<number>; points: Point[] }>();
  const bySkill = SKILLS.map(() => ({ n: 0, makers: new Set<number>(), points: [] as Point[] }));
  const byMaker = new Int32Array(makers.names.length);
  seen.forEach(({ of, skill, row }, i) => {
    const key = `use/${of.stitch}/${of.cord}/${SKILLS[skill]!}`;
    const way = ways.get(key) ?? { n: 0, makers: new Set<number>(), points: [] };
    ways.set(key, way);
    const point: Point = {
      predicted: of.path_mm,
      found: of.used_mm,
      trusted: effects.trusted[i]!,
      ...(of.censored && { more: true as const }),
    };
    for (const one of [way, bySkill[skill]!]) {
      one.n++;
      one.makers.add(row.maker);
      one.points.push(point);
    }
    byMaker[row.maker]!++;
  });
  const freedomOf = (skill: string): number =>
    effects.spreads[SKILLS.indexOf(skill as (typeof SKILLS)[number])]!.freedom;
  return {
    figures: [
      ...[...ways].map(([key, { n, makers: own, points }]): FigureSaid => {
        const [, stitch, cord, skill] = key.split('/') as [string, string, string, string];
        const said = asFigure(1, effects.of(effectsOf(stitch, cord, skill)), freedomOf(skill));
        return { key, kind: 'use', ...said, records: n, makers: own.size, points: latest(points), measure: 'mm' };
      }),
      ...SKILLS.flatMap((skill, i): FigureSaid[] => {
        const { n, makers: own, points } = bySkill[i]!;
        const { all, freedom } = effects.spreads[i]!;
        if (n === 0) return [];
        // The logarithm of a standard deviation is known to one over the root of twice its freedom.
        const said = asFigure(1, { mean: Math.log(all), sd: 1 / Math.sqrt(2 * freedom) }, freedom);
        const start = figures[`spread_${skill}`];
        const measured = { records: n, makers: own.size, points: latest(points), measure: 'mm' as const };
        return [{ key: `figure/spread_${skill}`, kind: 'spread', ...said, start, freedom, ...measured }];
      }),
    ],
    makers: makers.names.map((maker, m) => {
      const { mean, sd } = effects.makers[m]!;
      return { maker, uses: Math.exp(mean), doubt: sd, records: byMaker[m]! };
    }),
  };
}
