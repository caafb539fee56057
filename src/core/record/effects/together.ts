import type { Observations } from './observation';

/**
 * Observations put together: a group for those of one way by one maker, since what they add up to is all that counts. In columns: there are as many
 * groups as makers have ways, and each is come by many times.
 */
export interface Together {
  readonly count: number;
  /** Of each observation, its group. */
  readonly of: Int32Array;
  /** Of each group, its maker, its spread, and its effects: so many to each group, one after the other. */
  readonly maker: Int32Array;
  readonly spread: Int32Array;
  readonly width: number;
  readonly effects: Int32Array;
  /** Where each of those stands among the effects that its maker’s groups are about. */
  readonly places: Int32Array;
  /** Each maker’s groups, from one of these to the next. */
  readonly groupsFrom: Int32Array;
  readonly groups: Int32Array;
  /** The effects that each maker’s groups are about, from one of these to the next. */
  readonly aboutFrom: Int32Array;
  readonly about: Int32Array;
}

export function putTogether({ ways, way, maker: makerOf }: Observations, makers: number): Together {
  const width = ways[0]?.effects.length ?? 0;
  const byKey = new Int32Array(ways.length * makers).fill(-1);
  const of = new Int32Array(way.length);
  const [maker, wayOf]: [number[], number[]] = [[], []];
  for (let i = 0; i < way.length; i++) {
    const key = way[i]! * makers + makerOf[i]!;
    let at = byKey[key]!;
    if (at < 0) {
      byKey[key] = at = maker.length;
      maker.push(makerOf[i]!);
      wayOf.push(way[i]!);
    }
    of[i] = at;
  }
  const count = maker.length;
  const groupsFrom = new Int32Array(makers + 1);
  for (const m of maker) groupsFrom[m + 1]!++;
  for (let m = 0; m < makers; m++) groupsFrom[m + 1]! += groupsFrom[m]!;
  const next = groupsFrom.slice(0, makers);
  const groups = new Int32Array(count);
  for (let g = 0; g < count; g++) groups[next[maker[g]!]!++] = g;

  const effects = new Int32Array(count * width);
  const places = new Int32Array(count * width);
  const aboutFrom = new Int32Array(makers + 1);
  const about: number[] = [];
  for (let m = 0; m < makers; m++) {
    const from = about.length;
    for (let at = groupsFrom[m]!; at < groupsFrom[m + 1]!; at++) {
      const g = groups[at]!;
      for (let k = 0; k < width; k++) {
        const effect = ways[wayOf[g]!]!.effects[k]!;
        let place = about.indexOf(effect, from);
        if (place < 0) place = about.push(effect) - 1;
        effects[g * width + k] = effect;
        places[g * width + k] = place;
      }
    }
    aboutFrom[m + 1] = about.length;
  }
  return {
    count,
    of,
    maker: Int32Array.from(maker),
    spread: Int32Array.from(wayOf, (one) => ways[one]!.spread),
    width,
    effects,
    places,
    groupsFrom,
    groups,
    aboutFrom,
    about: Int32Array.from(about),
  };
}
