import { SKILLS, type Figures } from '../../studio';
import type { YieldRecord } from '../yield-record';
import { spreadAsFigure, type FigureSaid } from './figure-said';
import type { Indexed } from './indexed';
import { learnScale, measure, nothingMeasured, type Measured } from './learn-scale';

/** So many knots seen say how quickly somebody ties; and knotting that is at least such a share of the work may be told from all of it. */
const [SEEN, MOSTLY] = [6, 0.6];

/** Minutes of knotting: as the bench saw them, or all the minutes where knotting is most of the work. `change` brings the plan back to the starting figure. */
function knotting(all: Measured, maker: number, { planned, seen, said }: YieldRecord, change: number): void {
  const usual = planned.knotting * change;
  if (usual <= 0) return;
  if (seen && seen.ties >= SEEN && seen.knotting > 0 && planned.ties > 0)
    return measure(all, maker, (usual * seen.ties) / planned.ties, seen.knotting, 0);
  const minutes = said.minutes ?? seen?.minutes;
  const share = usual / (usual + planned.parts);
  if (!minutes || said.finished === 'not finished' || share < MOSTLY) return;
  // What is not knotting goes its own way: as much less it says.
  measure(all, maker, usual + planned.parts, minutes, (1 - share) ** 2);
}

/** Minutes of what is not knotting: what is left of all of them, where the bench saw the knotting. */
function parts(all: Measured, maker: number, { planned, seen, said }: YieldRecord, change: number): void {
  const minutes = said.minutes ?? seen?.minutes;
  const predicted = planned.parts * change;
  if (!minutes || !seen || seen.ties < SEEN || predicted <= 0 || said.finished === 'not finished') return;
  const found = minutes - (seen.knotting * planned.ties) / seen.ties;
  if (found > 0) measure(all, maker, predicted, found, 0);
}

/** Seconds a half knot, how much slower than a fluent maker's parts are, and how much people differ in time: by skill. */
export function minutesSaid(
  { records, maker, makers, bySkill }: Indexed,
  start: Figures,
  figures: Figures,
): FigureSaid[] {
  return SKILLS.flatMap((skill, s): FigureSaid[] => {
    const [usual, share] = [start[`pace_spread_${skill}`], start.person_share];
    const spread = { maker: usual * Math.sqrt(share), piece: usual * Math.sqrt(1 - share) };
    const learned = (name: string, from: number, seen: Measured) =>
      learnScale(
        {
          key: `figure/${name}`,
          kind: 'minutes',
          start: from,
          reach: figures.learn_minutes,
          spread,
          measure: 'minutes',
          seen,
          makers: makers.length,
        },
        figures,
      );
    const half = start[`half_knot_${skill}`];
    const slower = skill === 'fluent' ? 1 : start[`part_slower_${skill}`];
    const [knots, rest] = [nothingMeasured(), nothingMeasured()];
    for (const at of bySkill[s]!) {
      const record = records[at]!;
      const { half_knot, part_slower } = record.planned.figures;
      knotting(knots, maker[at]!, record, half / half_knot);
      if (skill !== 'fluent') parts(rest, maker[at]!, record, slower / part_slower);
    }
    const found: FigureSaid[] = [];
    const pace = learned(`half_knot_${skill}`, half, knots);
    if (pace) {
      const { figure, spread: all, freedom } = pace;
      const about = spreadAsFigure(usual, all, freedom);
      found.push(figure, { ...figure, key: `figure/pace_spread_${skill}`, kind: 'spread', ...about });
    }
    const own = learned(`part_slower_${skill}`, slower, rest);
    if (own) found.push(own.figure);
    return found;
  });
}
