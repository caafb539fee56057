import type { Beliefs } from './beliefs';
import type { Observations } from './observation';
import { learnSpreads, type Spread, spreadOf, type Variance } from './learn-spreads';
import { inverseOf } from './cholesky';
import { nothingKnown, putBack, takeOut } from './makers';
import { putTogether } from './together';
import { atLeast, logDensity, unseenBeyond } from './weigh';

/** An estimate and its standard deviation. */
export interface Estimate {
  readonly mean: number;
  readonly sd: number;
}

export interface Effects {
  /** A sum of effects. */
  readonly of: (effects: readonly number[]) => Estimate;
  readonly spreads: readonly Spread[];
  /** Makers against the studio, by their number. */
  readonly makers: readonly Estimate[];
  /** How far each observation is trusted, 0 to 1. */
  readonly trusted: Float64Array;
}

/** Rounds of fitting at most; and how little the last may move an effect, and a spread, as a share of it. */
const [ROUNDS, SETTLED, CLOSE] = [40, 5e-4, 0.01];
/** Fewer that were not reported than this move nothing. */
const UNSEEN = 1e-4;

/**
 * Learns effects from observations that are sums of effects, of what is their maker’s, and of what is their own: a linear mixed model,
 * fitted by expectation and maximisation. Effects are normal about nothing, so that few observations leave them near it; makers are normal
 * about the studio; each observation is either one of its kind or a misreading (a mixture of two normals), and one that says only “more than
 * this” counts by what a normal distribution has beyond it. The spreads are learned with them, from what they are believed to be. The
 * formulas and where they are from: docs/learning.md.
 *
 * @param makers how many there are
 *
 * @example
 * fitEffects({ ways: [], way: [], maker: [], y: [], censored: [], limit: [], others: [], noise: [] }, { effects: [0.1], spreads: [{ maker: 0.05, piece: 0.05 }], worth: 12, worthMakers: 4, misread: 0.05, misreadBy: 0.5 }, 0).of([0]) // { mean: 0, sd: 0.1 }
 */
export function fitEffects(seen: Observations, beliefs: Beliefs, makers: number): Effects {
  const { way, y, censored, limit, others, noise } = seen;
  const n = beliefs.effects.length;
  const size = way.length;
  const together = putTogether(seen, makers);
  const { count, of, width, effects, groupsFrom, groups } = together;
  let variances: readonly Variance[] = beliefs.spreads.map(({ maker, piece }) => ({
    maker: maker * maker,
    piece: piece * piece,
    pieces: beliefs.worth,
    makers: beliefs.worthMakers,
  }));
  const misreadBy = beliefs.misreadBy ** 2;
  const kept = {
    trusted: new Float64Array(size).fill(1),
    share: new Float64Array(size).fill(1),
    y: Float64Array.from(y),
    off: new Float64Array(size),
  };
  const unseen = new Float64Array(size);
  const short = censored.reduce((sum, one) => sum + one, 0);
  let misread = beliefs.misread;
  // Of those that were more than could be measured, the share that is reported: it is not known at first.
  let reported = 0.5;
  let reaches = Float64Array.from(beliefs.effects, (sd) => sd * sd);
  const mean = new Float64Array(n);
  let cover: Float64Array = new Float64Array(n * n);
  for (let i = 0; i < n; i++) cover[i * n + i] = beliefs.effects[i]! ** 2;
  const maker = nothingKnown(makers, together);
  const expected = { mean: new Float64Array(count), variance: new Float64Array(count) };
  const weight = new Float64Array(count);
  const value = new Float64Array(count);
  const pieces = new Float64Array(count);
  const reach = new Float64Array(count);
  const varianceOf = (sum: readonly number[]): number => {
    let all = 0;
    for (const i of sum) for (const j of sum) all += cover[i * n + j]!;
    return all;
  };

  /** What each group is expected to be, and how far that may be off. */
  function expect(): void {
    for (let g = 0; g < count; g++) {
      const m = together.maker[g]!;
      const own = Math.sqrt(variances[together.spread[g]!]!.maker);
      reach[g] = own;
      let sum = own * maker.mean[m]!;
      let doubt = own * own * maker.variance[m]!;
      for (let k = g * width; k < (g + 1) * width; k++) {
        const i = effects[k]!;
        sum += mean[i]!;
        for (let l = g * width; l < (g + 1) * width; l++) doubt += cover[i * n + effects[l]!]!;
      }
      expected.mean[g] = sum;
      expected.variance[g] = doubt;
    }
  }

  /** What each group’s observations come to, by how far each is trusted. */
  function weigh(): void {
    weight.fill(0);
    value.fill(0);
    let [missing, asRead] = [0, 0];
    for (let g = 0; g < count; g++) pieces[g] = variances[together.spread[g]!]!.piece;
    for (let i = 0; i < size; i++) {
      const g = of[i]!;
      const variance = pieces[g]! + noise[i]!;
      const own = Math.sqrt(variance);
      if (censored[i] === 1) {
        more(g, (y[i]! - expected.mean[g]!) / own, own, 1);
        continue;
      }
      readAs(i, expected.mean[g]!, variance + expected.variance[g]!);
      const p = kept.share[i]!;
      const w = p / variance;
      weight[g]! += w;
      value[g]! += w * kept.y[i]!;
      asRead += kept.trusted[i]!;
      const room = (limit[i]! - expected.mean[g]!) / own;
      const beyond = p * unseenBeyond(room);
      missing += beyond;
      unseen[i] = (1 - reported) * beyond;
      if (unseen[i]! > UNSEEN) more(g, room, own, unseen[i]!);
    }
    reported = (short + 1) / (short + (1 - reported) * missing + 1);
    misread = (beliefs.worth * beliefs.misread + (size - short) - asRead) / (beliefs.worth + size - short);
  }

  /**
   * What an observation is, of its kind as it was read or as it was misread in a known way, each by its share of all that it may be; what is
   * left is a misreading of which nothing is known.
   */
  function readAs(i: number, mean: number, variance: number): void {
    const odds = Math.log(misread / (1 - misread) / (others.length + 1));
    const far = logDensity(y[i]! - mean, variance + misreadBy);
    const plain = logDensity(y[i]! - mean, variance) - odds;
    // What it most likely is counts as one, so that nothing runs over.
    let top = Math.max(plain, far);
    for (const other of others) {
      const log = other.stretch[i]! + logDensity(other.y[i]! - mean, variance);
      if (log > top) top = log;
    }
    const own = Math.exp(plain - top);
    let [all, share, sum, squares] = [own + Math.exp(far - top), own, own * y[i]!, own * y[i]! ** 2];
    for (const other of others) {
      const at = other.y[i]!;
      if (Number.isNaN(at)) continue;
      const part = Math.exp(other.stretch[i]! + logDensity(at - mean, variance) - top);
      all += part;
      share += part;
      sum += part * at;
      squares += part * at * at;
    }
    kept.trusted[i] = own / all;
    kept.share[i] = share / all;
    kept.y[i] = share > 0 ? sum / share : y[i]!;
    kept.off[i] = share > 0 ? Math.max(0, squares / share - (sum / share) ** 2) : 0;
  }

  /** So many of a group of which only so much is known that they lie more than so many deviations off. */
  function more(g: number, deviations: number, own: number, many: number): void {
    const { information, step } = atLeast(deviations);
    const w = (many * information) / (own * own);
    weight[g]! += w;
    value[g]! += w * (expected.mean[g]! + step * own);
  }

  /** How far effects of each kind lie from nothing, by what they are; what was believed counts as so many of them. */
  function learnReaches(): void {
    const { kinds, worthMakers } = beliefs;
    if (!kinds) return;
    const sums = new Map<number, { squares: number; count: number }>();
    kinds.forEach((kind, i) => {
      const sum = sums.get(kind) ?? { squares: worthMakers * beliefs.effects[i]! ** 2, count: worthMakers };
      sum.squares += mean[i]! ** 2 + cover[i * n + i]!;
      sum.count += 1;
      sums.set(kind, sum);
    });
    reaches = Float64Array.from(kinds, (kind) => sums.get(kind)!.squares / sums.get(kind)!.count);
  }

  /** Effects and makers that the weighed observations make likeliest; makers are taken out of the sums first. Answers how far effects moved. */
  function solve(): number {
    const precision = new Float64Array(n * n);
    const right = new Float64Array(n);
    for (let i = 0; i < n; i++) precision[i * n + i] = 1 / reaches[i]!;
    for (let g = 0; g < count; g++)
      for (let k = g * width; k < (g + 1) * width; k++) {
        const i = effects[k]!;
        right[i]! += value[g]!;
        for (let l = g * width; l < (g + 1) * width; l++) precision[i * n + effects[l]!]! += weight[g]!;
      }
    takeOut(together, maker, { reach, weight, value }, precision, right);
    cover = inverseOf(precision, n);
    let moved = 0;
    for (let i = 0; i < n; i++) {
      let sum = 0;
      for (let j = 0; j < n; j++) sum += cover[i * n + j]! * right[j]!;
      moved = Math.max(moved, Math.abs(sum - mean[i]!));
      mean[i] = sum;
    }
    putBack(together, maker, mean, cover);
    return moved;
  }

  expect();
  for (let round = 0; round < (size > 0 ? ROUNDS : 0); round++) {
    weigh();
    const moved = solve();
    learnReaches();
    expect();
    const before = variances;
    // What is expected next goes by these: makers' reach moves a little with them, and with the next round.
    variances = learnSpreads(seen, { together, kept, unseen, expected, maker }, before, beliefs);
    const settled = variances.every((one, s) => {
      const [is, was] = [spreadOf(one).all, spreadOf(before[s]!).all];
      return Math.abs(is - was) <= CLOSE * is;
    });
    if (moved < SETTLED && settled) break;
  }
  return {
    of: (some) => {
      let sum = 0;
      for (const i of some) sum += mean[i]!;
      return { mean: sum, sd: Math.sqrt(varianceOf(some)) };
    },
    spreads: variances.map(spreadOf),
    makers: Array.from({ length: makers }, (_, m) => {
      const first = groups[groupsFrom[m]!];
      const own = groupsFrom[m] === groupsFrom[m + 1] ? 0 : reach[first!]!;
      return { mean: own * maker.mean[m]!, sd: own * Math.sqrt(maker.variance[m]!) };
    }),
    trusted: kept.trusted,
  };
}
