import type { Together } from './together';

/** What is known of makers while effects are fitted: a column of each thing. */
export interface Makers {
  readonly mean: Float64Array;
  readonly variance: Float64Array;
  /** Precision of each, what their groups say, and how much of it each effect has a share in. */
  readonly sums: Float64Array;
  readonly got: Float64Array;
  readonly shared: Float64Array;
}

export const nothingKnown = (makers: number, { about }: Together): Makers => ({
  mean: new Float64Array(makers),
  variance: new Float64Array(makers).fill(1),
  sums: new Float64Array(makers),
  got: new Float64Array(makers),
  shared: new Float64Array(about.length),
});

/** Takes each maker out of the sums (their block of the equations is solved for): what is left in `precision` and `right` is about effects alone. */
export function takeOut(
  { groupsFrom, groups, aboutFrom, about, width, places }: Together,
  { sums, got, shared }: Makers,
  {
    reach,
    weight,
    value,
  }: { readonly reach: Float64Array; readonly weight: Float64Array; readonly value: Float64Array },
  precision: Float64Array,
  right: Float64Array,
): void {
  const n = right.length;
  shared.fill(0);
  for (let m = 0; m < sums.length; m++) {
    let sum = 1;
    let known = 0;
    for (let at = groupsFrom[m]!; at < groupsFrom[m + 1]!; at++) {
      const g = groups[at]!;
      const own = reach[g]! * weight[g]!;
      sum += reach[g]! * own;
      known += reach[g]! * value[g]!;
      for (let k = g * width; k < (g + 1) * width; k++) shared[places[k]!]! += own;
    }
    sums[m] = sum;
    got[m] = known;
    const end = aboutFrom[m + 1]!;
    for (let a = aboutFrom[m]!; a < end; a++) {
      const row = about[a]! * n;
      const part = shared[a]! / sum;
      right[about[a]!]! -= part * known;
      for (let b = aboutFrom[m]!; b < end; b++) precision[row + about[b]!]! -= part * shared[b]!;
    }
  }
}

/** What is known of each maker, once the effects are. */
export function putBack(
  { aboutFrom, about }: Together,
  { mean, variance, sums, got, shared }: Makers,
  effects: Float64Array,
  cover: Float64Array,
): void {
  const n = effects.length;
  for (let m = 0; m < sums.length; m++) {
    let known = got[m]!;
    let doubt = 0;
    const end = aboutFrom[m + 1]!;
    for (let a = aboutFrom[m]!; a < end; a++) {
      const row = about[a]! * n;
      known -= shared[a]! * effects[about[a]!]!;
      let sum = 0;
      for (let b = aboutFrom[m]!; b < end; b++) sum += shared[b]! * cover[row + about[b]!]!;
      doubt += shared[a]! * sum;
    }
    mean[m] = known / sums[m]!;
    variance[m] = 1 / sums[m]! + doubt / (sums[m]! * sums[m]!);
  }
}
