import { fitEffects, type Effects } from '../effects/fit-effects';
import { numbered } from '../effects/numbered';
import { SKILLS, type Figures, type Skill } from '../../studio';
import { asFigure, MOST_POINTS, spreadAsFigure, type FigureSaid, type Point } from './figure-said';
import type { Indexed } from './indexed';
import { seenUse, type UseSeen } from './seen-use';

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
  readonly effectsOf: (stitch: string, cord: string, skill: Skill) => number[];
  /** What it was learned from, the way of each, and who made it. */
  readonly seen: readonly UseSeen[];
  readonly way: readonly number[];
  readonly maker: readonly number[];
  readonly ways: readonly { readonly stitch: string; readonly cord: string; readonly skill: number }[];
}

/**
 * Learns use against geometry: the logarithm of a factor is the sum of what is the stitch's, the cord's, that stitch's in that cord, and the
 * skill's, each drawn to nothing; then the maker's, and the piece's.
 */
export function fitUse({ records, maker: makerOf, makers, bySkill }: Indexed, figures: Figures): UseLearned {
  const [stitches, cords, pairs, names] = [numbered(), numbered(), numbered(), numbered()];
  const ways: { stitch: string; cord: string; skill: number }[] = [];
  const seen: UseSeen[] = [];
  const [way, maker, y, censored, noise]: number[][] = [[], [], [], [], []];
  bySkill.forEach((own, skill) => {
    for (const at of own)
      for (const one of seenUse(records[at]!, figures)) {
        const { stitch, cord } = one;
        const pair = `${stitch}/${cord}`;
        const number = names.of(`${pair}/${skill}`);
        if (number === ways.length) {
          ways.push({ stitch, cord, skill });
          stitches.of(stitch);
          cords.of(cord);
          pairs.of(pair);
        }
        seen.push(one);
        way!.push(number);
        maker!.push(makerOf[at]!);
        y!.push(one.y);
        censored!.push(one.censored ? 1 : 0);
        noise!.push(one.noise);
      }
  });
  const [s, c, p] = [stitches.names.length, cords.names.length, pairs.names.length];
  // One place more of each, for what has not been seen: it is as far from nothing as any, and nothing says which way.
  const [toCords, toPairs, toSkills] = [s + 1, s + c + 2, s + c + p + 3];
  const place = (all: readonly string[], name: string): number => {
    const at = all.indexOf(name);
    return at < 0 ? all.length : at;
  };
  const effectsOf = (stitch: string, cord: string, skill: Skill): number[] => [
    place(stitches.names, stitch),
    toCords + place(cords.names, cord),
    toPairs + place(pairs.names, `${stitch}/${cord}`),
    toSkills + SKILLS.indexOf(skill),
  ];
  const many = (n: number, sd: number): number[] => Array.from({ length: n }, () => sd);
  const effects = fitEffects(
    {
      ways: ways.map(({ stitch, cord, skill }) => ({
        effects: effectsOf(stitch, cord, SKILLS[skill]!),
        spread: skill,
      })),
      way: way!,
      maker: maker!,
      y: y!,
      censored: censored!,
      noise: noise!,
    },
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

/** What the records say of use: a factor for each stitch, cord and skill they are about, and the spread of each skill of which there are enough. */
export function saidOfUse(
  learned: UseLearned,
  { makers }: Indexed,
  start: Figures,
  figures: Figures,
): { figures: FigureSaid[]; makers: MakerSaid[] } {
  const { effects, effectsOf, ways, maker } = learned;
  const byWay = count(learned, ways.length, (way) => way);
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
      ...ways.map(({ stitch, cord, skill: at }, i): FigureSaid => {
        const skill = SKILLS[at]!;
        const said = asFigure(1, effects.of(effectsOf(stitch, cord, skill)), effects.spreads[at]!.freedom);
        return { key: `use/${stitch}/${cord}/${skill}`, kind: 'use', ...said, ...told(byWay[i]!) };
      }),
      ...SKILLS.flatMap((skill, i): FigureSaid[] => {
        const { all, freedom } = effects.spreads[i]!;
        // Under as many as it is believed by, it is mostly what was believed.
        if (bySkill[i]!.n < figures.learn_worth) return [];
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
