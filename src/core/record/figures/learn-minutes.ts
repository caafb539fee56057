import { SKILLS, type Figures, type Skill } from '../../studio';
import type { FigureSaid } from './figure-said';
import { learnScale, type Measured, type Scale } from './learn-scale';
import type { YieldRecord } from '../yield-record';

/** So many knots seen say how quickly somebody ties; and knotting that is at least such a share of the work may be told from all of it. */
const [SEEN, MOSTLY] = [6, 0.6];

/** Minutes of knotting: as the bench saw them, or all the minutes where knotting is most of the work. */
function knotting({ planned, seen, said, maker }: YieldRecord, change: number): Measured[] {
  const usual = planned.knotting * change;
  if (usual <= 0) return [];
  if (seen && seen.ties >= SEEN && seen.knotting > 0 && planned.ties > 0) {
    const predicted = (usual * seen.ties) / planned.ties;
    return [{ maker, y: Math.log(seen.knotting / predicted), noise: 0, point: { predicted, found: seen.knotting } }];
  }
  const minutes = said.minutes ?? seen?.minutes;
  const share = usual / (usual + planned.parts);
  if (!minutes || said.finished === 'not finished' || share < MOSTLY) return [];
  const predicted = usual + planned.parts;
  // What is not knotting goes its own way: as much less it says.
  return [{ maker, y: Math.log(minutes / predicted), noise: (1 - share) ** 2, point: { predicted, found: minutes } }];
}

/** Minutes of what is not knotting: what is left of all of them, where the bench saw the knotting. */
function parts({ planned, seen, said, maker }: YieldRecord, change: number): Measured[] {
  const minutes = said.minutes ?? seen?.minutes;
  const predicted = planned.parts * change;
  if (!minutes || !seen || seen.ties < SEEN || predicted <= 0 || said.finished === 'not finished') return [];
  const found = minutes - (seen.knotting * planned.ties) / seen.ties;
  return found > 0 ? [{ maker, y: Math.log(found / predicted), noise: 0, point: { predicted, found } }] : [];
}

const scaleOf = (
  name: string,
  start: number,
  skill: Skill,
  seen: readonly Measured[],
  custom: Figures,
  figures: Figures,
): Scale => {
  const all = custom[`pace_spread_${skill}`];
  const maker = all * Math.sqrt(custom.person_share);
  const spread = { maker, piece: Math.sqrt(Math.max(0, all * all - maker * maker)) };
  return { name, kind: 'minutes', start, reach: figures.learn_minutes, spread, measure: 'minutes', seen };
};

/** Seconds a half knot, how much slower than a fluent maker's parts are, and how much people differ in time: by skill. */
export function minutesSaid(records: readonly YieldRecord[], start: Figures, figures: Figures): FigureSaid[] {
  return SKILLS.flatMap((skill): FigureSaid[] => {
    const own = records.filter(({ planned }) => planned.skill === skill);
    const custom = start[`half_knot_${skill}`];
    const knots = own.flatMap((one) => knotting(one, custom / one.planned.figures.half_knot));
    const pace = learnScale(scaleOf(`half_knot_${skill}`, custom, skill, knots, start, figures), figures);
    const found: FigureSaid[] = [];
    if (pace) {
      const { figure, spread, freedom } = pace;
      const usual = start[`pace_spread_${skill}`];
      const doubt = 1 / Math.sqrt(2 * freedom);
      const about = {
        value: spread,
        low: spread * Math.exp(-1.7 * doubt),
        high: spread * Math.exp(1.7 * doubt),
        doubt,
      };
      found.push(figure, { ...figure, key: `figure/pace_spread_${skill}`, kind: 'spread', start: usual, ...about });
    }
    if (skill !== 'fluent') {
      const slower = start[`part_slower_${skill}`];
      const rest = own.flatMap((one) => parts(one, slower / one.planned.figures.part_slower));
      const learned = learnScale(scaleOf(`part_slower_${skill}`, slower, skill, rest, start, figures), figures);
      if (learned) found.push(learned.figure);
    }
    return found;
  });
}
