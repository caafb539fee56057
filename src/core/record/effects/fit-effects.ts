import type { Beliefs } from './beliefs';
import type { Observation } from './observation';
import { learnSpreads, type Spread, spreadOf, type Variance } from './learn-spreads';
import { inverseOf } from './cholesky';
import { putTogether } from './together';
import { atLeast, trust } from './weigh';

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

/** Rounds of fitting at most, and how little they move anything at the end. */
const [ROUNDS, SETTLED] = [25, 3e-4];

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
 * fitEffects([], { effects: [0.1], spreads: [{ maker: 0.05, piece: 0.05 }], worth: 12, misread: 0.05, misreadBy: 0.5 }, 0).of([0]) // { mean: 0, sd: 0.1 }
 */
export function fitEffects(rows: readonly Observation[], beliefs: Beliefs, makers: number): Effects {
  const n = beliefs.effects.length;
  const size = rows.length;
  const { groups, of, works } = putTogether(rows, makers);
  const count = groups.length;
  let variances: readonly Variance[] = beliefs.spreads.map(({ maker, piece }) => ({
    maker: maker * maker,
    piece: piece * piece,
    pieces: beliefs.worth,
    makers: beliefs.worth,
  }));
  const trusted = new Float64Array(size).fill(1);
  const mean = new Float64Array(n);
  let cover: Float64Array = new Float64Array(n * n);
  for (let i = 0; i < n; i++) cover[i * n + i] = beliefs.effects[i]! ** 2;
  const maker = { mean: new Float64Array(makers), variance: new Float64Array(makers).fill(1) };
  const expected = { mean: new Float64Array(count), variance: new Float64Array(count) };
  const weight = new Float64Array(count);
  const value = new Float64Array(count);
  const reachOf = (spread: number): number => Math.sqrt(variances[spread]!.maker);
  const varianceOf = (effects: readonly number[]): number => {
    let sum = 0;
    for (const i of effects) for (const j of effects) sum += cover[i * n + j]!;
    return sum;
  };

  /** What each group is expected to be, and how far that may be off. */
  function expect(): void {
    for (let g = 0; g < count; g++) {
      const { effects, maker: m, spread } = groups[g]!;
      const reach = reachOf(spread);
      let sum = reach * maker.mean[m]!;
      for (const i of effects) sum += mean[i]!;
      expected.mean[g] = sum;
      expected.variance[g] = varianceOf(effects) + reach * reach * maker.variance[m]!;
    }
  }

  /** What each group’s observations come to, by how far each is trusted. */
  function weigh(): void {
    weight.fill(0);
    value.fill(0);
    for (let i = 0; i < size; i++) {
      const { y, censored, noise, spread } = rows[i]!;
      const g = of[i]!;
      const variance = variances[spread]!.piece + noise;
      const off = y - expected.mean[g]!;
      const p = trust(off, variance + expected.variance[g]!, censored, beliefs);
      trusted[i] = p;
      if (!censored) {
        weight[g]! += p / variance;
        value[g]! += (p / variance) * y;
        continue;
      }
      const own = Math.sqrt(variance);
      const { information, step } = atLeast(off / own);
      const w = (p * information) / variance;
      weight[g]! += w;
      value[g]! += w * (expected.mean[g]! + step * own);
    }
  }

  /** Effects and makers that the weighed observations make likeliest; makers are taken out of the sums first. Answers how far effects moved. */
  function solve(): number {
    const precision = new Float64Array(n * n);
    const right = new Float64Array(n);
    for (let i = 0; i < n; i++) precision[i * n + i] = 1 / beliefs.effects[i]! ** 2;
    for (let g = 0; g < count; g++)
      for (const i of groups[g]!.effects) {
        right[i]! += value[g]!;
        for (const j of groups[g]!.effects) precision[i * n + j]! += weight[g]!;
      }
    const sums = new Float64Array(makers).fill(1);
    const got = new Float64Array(makers);
    const shared = works.map((work, m) => {
      const on = new Float64Array(work.about.length);
      for (const g of work.groups) {
        const { spread, places } = groups[g]!;
        const reach = reachOf(spread);
        sums[m]! += reach * reach * weight[g]!;
        got[m]! += reach * value[g]!;
        for (const at of places) on[at]! += reach * weight[g]!;
      }
      for (let a = 0; a < on.length; a++) {
        const i = work.about[a]!;
        const part = on[a]! / sums[m]!;
        right[i]! -= part * got[m]!;
        for (let b = 0; b < on.length; b++) precision[i * n + work.about[b]!]! -= part * on[b]!;
      }
      return on;
    });
    cover = inverseOf(precision, n);
    let moved = 0;
    for (let i = 0; i < n; i++) {
      let sum = 0;
      for (let j = 0; j < n; j++) sum += cover[i * n + j]! * right[j]!;
      moved = Math.max(moved, Math.abs(sum - mean[i]!));
      mean[i] = sum;
    }
    works.forEach(({ about }, m) => {
      const on = shared[m]!;
      let known = got[m]!;
      let doubt = 0;
      for (let a = 0; a < on.length; a++) {
        const row = about[a]! * n;
        known -= on[a]! * mean[about[a]!]!;
        for (let b = 0; b < on.length; b++) doubt += on[a]! * on[b]! * cover[row + about[b]!]!;
      }
      maker.mean[m] = known / sums[m]!;
      maker.variance[m] = 1 / sums[m]! + doubt / (sums[m]! * sums[m]!);
    });
    return moved;
  }

  expect();
  for (let round = 0; round < (size > 0 ? ROUNDS : 0); round++) {
    weigh();
    const moved = solve();
    expect();
    const before = variances;
    variances = learnSpreads(rows, { of, groups, trusted, expected, maker }, before, beliefs);
    expect();
    const grown = variances.map((one, s) => Math.abs(spreadOf(one).all - spreadOf(before[s]!).all));
    if (Math.max(moved, ...grown) < SETTLED) break;
  }
  return {
    of: (effects) => {
      let sum = 0;
      for (const i of effects) sum += mean[i]!;
      return { mean: sum, sd: Math.sqrt(varianceOf(effects)) };
    },
    spreads: variances.map(spreadOf),
    makers: works.map((work, m) => {
      const first = work.groups[0];
      const reach = first === undefined ? 0 : reachOf(groups[first]!.spread);
      return { mean: reach * maker.mean[m]!, sd: reach * Math.sqrt(maker.variance[m]!) };
    }),
    trusted,
  };
}
