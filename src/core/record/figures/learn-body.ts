import type { Figures } from '../../studio';
import type { FigureSaid } from './figure-said';
import { learnScale, measure, nothingMeasured } from './learn-scale';

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
  const ofHands = nothingMeasured();
  hands.forEach(({ wrist, hand }, i) => {
    const noise = (figures.tape_reads / wrist) ** 2 + (figures.tape_reads / hand) ** 2;
    measure(ofHands, i, wrist * start.hand_per_wrist, hand, noise);
  });
  const hand = learnScale(
    {
      key: 'figure/hand_per_wrist',
      kind: 'body',
      start: start.hand_per_wrist,
      reach: figures.learn_draw,
      spread,
      measure: 'mm',
      seen: ofHands,
      makers: hands.length,
    },
    figures,
  );
  // Growth is a difference, not a share of anything: its figure is learned as it is, mm a year.
  const differs = figures.growth_differs;
  const ofGrowth = nothingMeasured();
  growth.forEach(({ grew, years }, i) => {
    if (years < NEAREST) return;
    ofGrowth.maker.push(i);
    ofGrowth.y.push(grew / years - start.wrist_growth);
    ofGrowth.noise.push(2 * (figures.tape_reads / years) ** 2);
    ofGrowth.predicted.push(start.wrist_growth);
    ofGrowth.found.push(grew / years);
  });
  const grown = learnScale(
    {
      key: 'figure/wrist_growth',
      kind: 'body',
      start: 1,
      reach: differs,
      spread: { maker: differs, piece: differs / 2 },
      measure: 'mm a year',
      seen: ofGrowth,
      makers: growth.length,
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
