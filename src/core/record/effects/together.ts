import type { Observation } from './observation';

/** Observations that go together: of one sum of effects, by one maker, of one spread. What they add up to is all that counts. */
export interface Group {
  readonly effects: readonly number[];
  readonly maker: number;
  readonly spread: number;
  /** Where its effects stand among those that its maker’s work is about. */
  readonly places: readonly number[];
}

/** A maker’s groups, and the effects that they are about. */
export interface MakersWork {
  readonly groups: readonly number[];
  readonly about: readonly number[];
}

/** Observations put together, and which group each is of. */
export function putTogether(
  rows: readonly Observation[],
  makers: number,
): { readonly groups: readonly Group[]; readonly of: Int32Array; readonly works: readonly MakersWork[] } {
  const ways = new Map<string, number>();
  const known = new Map<readonly number[], number>();
  const wayOf = (effects: readonly number[]): number => {
    const before = known.get(effects);
    if (before !== undefined) return before;
    const name = effects.join();
    const way = ways.get(name) ?? ways.size;
    ways.set(name, way);
    known.set(effects, way);
    return way;
  };
  const byKey = new Map<number, number>();
  const groups: Group[] = [];
  const works = Array.from({ length: makers }, () => ({ groups: [] as number[], about: [] as number[] }));
  const of = new Int32Array(rows.length);
  const most = rows.reduce((found, { spread }) => Math.max(found, spread), 0) + 1;
  for (let i = 0; i < rows.length; i++) {
    const { effects, maker, spread } = rows[i]!;
    const key = (wayOf(effects) * makers + maker) * most + spread;
    let at = byKey.get(key);
    if (at === undefined) {
      byKey.set(key, (at = groups.length));
      const own = works[maker]!;
      own.groups.push(at);
      for (const effect of effects) if (!own.about.includes(effect)) own.about.push(effect);
      groups.push({ effects, maker, spread, places: effects.map((effect) => own.about.indexOf(effect)) });
    }
    of[i] = at;
  }
  return { groups, of, works };
}
