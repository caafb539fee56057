import type { Figures } from '../../studio';
import type { FigureSaid } from './figure-said';
import { learnScale, type Measured } from './learn-scale';

/** A hand that was measured with its wrist, mm; whose, by a name that says nothing. */
export interface HandSeen {
  readonly person: string;
  readonly wrist: number;
  readonly hand: number;
}

/** A child’s wrist taken twice: by how much it grew, mm, in so many years. */
export interface GrowthSeen {
  readonly person: string;
  readonly grew: number;
  readonly years: number;
}

/** Wrists taken nearer to each other than this, years, tell tapes apart and not growth. */
export const NEAREST = 0.2;

/** The hand against the wrist, and how children’s wrists grow. Each person says it once. */
export function bodySaid(
  hands: readonly HandSeen[],
  growth: readonly GrowthSeen[],
  start: Figures,
  figures: Figures,
): FigureSaid[] {
  const spread = { maker: figures.learn_maker, piece: figures.learn_piece };
  const ofHands = hands.map(({ person, wrist, hand }): Measured => {
    const predicted = wrist * start.hand_per_wrist;
    const noise = (figures.tape_reads / wrist) ** 2 + (figures.tape_reads / hand) ** 2;
    return { maker: person, y: Math.log(hand / predicted), noise, point: { predicted, found: hand } };
  });
  const hand = learnScale(
    {
      name: 'hand_per_wrist',
      kind: 'body',
      start: start.hand_per_wrist,
      reach: figures.learn_draw,
      spread,
      measure: 'mm',
      seen: ofHands,
    },
    figures,
  );
  // Growth is a difference, not a share of anything: its figure is learned as it is, mm a year.
  const differs = figures.growth_differs;
  const ofGrowth = growth
    .filter(({ years }) => years >= NEAREST)
    .map(({ person, grew, years }): Measured => {
      const noise = 2 * (figures.tape_reads / years) ** 2;
      const point = { predicted: start.wrist_growth, found: grew / years };
      return { maker: person, y: grew / years - start.wrist_growth, noise, point };
    });
  const grown = learnScale(
    {
      name: 'wrist_growth',
      kind: 'body',
      start: 1,
      reach: differs,
      spread: { maker: differs, piece: differs / 2 },
      measure: 'mm a year',
      seen: ofGrowth,
    },
    figures,
  );
  const asIs = (figure: FigureSaid): FigureSaid => {
    const back = (value: number): number => Math.max(0, start.wrist_growth + Math.log(value));
    return {
      ...figure,
      start: start.wrist_growth,
      value: back(figure.value),
      low: back(figure.low),
      high: back(figure.high),
    };
  };
  return [...(hand ? [hand.figure] : []), ...(grown ? [asIs(grown.figure)] : [])];
}
