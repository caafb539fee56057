import { STARTING_FIGURES, type Figures } from '../../studio';
import type { FigureSaid } from './figure-said';
import { indexed } from './indexed';
import { bodySaid, type GrowthSeen, type HandSeen } from './learn-body';
import { drawSaid } from './learn-draw';
import { flatteningSaid } from './learn-flattening';
import { minutesSaid } from './learn-minutes';
import { tailsSaid } from './learn-tails';
import { fitUse, saidOfUse, type MakerSaid } from './learn-use';
import type { YieldRecord } from '../yield-record';

/** All that there is to learn from. */
export interface Evidence {
  /** Oldest first. */
  readonly records: readonly YieldRecord[];
  readonly hands: readonly HandSeen[];
  readonly growth: readonly GrowthSeen[];
}

/** What a studio’s records say of its figures. */
export interface WhatIsSaid {
  readonly figures: readonly FigureSaid[];
  readonly makers: readonly MakerSaid[];
  readonly records: number;
}

/**
 * Learns every figure that records can correct. Each starts from geometry or custom, not from what the studio has accepted since: nothing
 * is counted twice. Of very many records the latest are learned from.
 *
 * @param figures the studio’s, for how far to believe records
 *
 * @example
 * learn({ records: [], hands: [], growth: [] }, figures).figures // []
 */
export function learn({ records, hands, growth }: Evidence, figures: Figures): WhatIsSaid {
  const start = STARTING_FIGURES;
  const all = indexed(records.slice(-figures.learn_latest));
  const learned = fitUse(all, figures);
  const use = saidOfUse(learned, all, start, figures);
  return {
    figures: [
      ...use.figures,
      ...drawSaid(all, start, figures),
      ...flatteningSaid(all, figures),
      ...minutesSaid(all, start, figures),
      ...tailsSaid(learned, start, figures),
      ...bodySaid(hands, growth, start, figures),
    ],
    makers: use.makers,
    records: records.length,
  };
}
