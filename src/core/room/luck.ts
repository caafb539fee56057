/** A stream of numbers between 0 and 1, the same for the same seed: splitmix over 32 bits. */
function stream(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x9e3779b9) >>> 0;
    let mixed = state;
    mixed = Math.imul(mixed ^ (mixed >>> 16), 0x21f0aaad);
    mixed = Math.imul(mixed ^ (mixed >>> 15), 0x735a2d97);
    return ((mixed ^ (mixed >>> 15)) >>> 0) / 0x1_0000_0000;
  };
}

/** A number for a name: each seat has luck of its own, whoever sits beside it. */
function mark(name: string): number {
  let sum = 0x811c9dc5;
  for (const letter of name) sum = Math.imul(sum ^ letter.codePointAt(0)!, 0x01000193);
  return sum >>> 0;
}

/** What befalls somebody or something in each of many runs, drawn beforehand, so that two plans meet the same luck. */
export interface Luck {
  /** Numbers of a normal distribution, mean 0, spread 1: so many to a run. */
  readonly normal: Float64Array;
  /** Numbers between 0 and 1, two to a run. */
  readonly even: Float64Array;
}

const drawn = new Map<string, Luck>();
/** Luck kept for plans to be compared on: some rooms’ worth. */
const KEPT = 600;

/**
 * The luck of one of a room in so many runs, with so many normal numbers to a run; the same for the same name and seed.
 *
 * @example
 * luckOf('ada', 7, 10, 2).normal.length // 20
 */
export function luckOf(name: string, seed: number, runs: number, each: number): Luck {
  const key = `${seed} ${runs} ${each} ${name}`;
  const known = drawn.get(key);
  if (known) return known;
  const next = stream(mark(name) ^ Math.imul(seed, 0x9e3779b1));
  const normal = new Float64Array(runs * each);
  const even = new Float64Array(runs * 2);
  for (let i = 0; i < normal.length; i += 2) {
    // Two at a time, after Box and Muller.
    const far = Math.sqrt(-2 * Math.log(1 - next()));
    const turned = 2 * Math.PI * next();
    normal[i] = far * Math.cos(turned);
    if (i + 1 < normal.length) normal[i + 1] = far * Math.sin(turned);
  }
  for (let i = 0; i < even.length; i++) even[i] = next();
  if (drawn.size >= KEPT) drawn.clear();
  const luck = { normal, even };
  drawn.set(key, luck);
  return luck;
}
