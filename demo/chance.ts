/** Chance that comes out the same each time it is asked from the same seed: a small generator (Mulberry, 32 bits) and the normal numbers made of it. */
export function chance(seed: number) {
  let state = seed | 0;
  const share = (): number => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
  /** A number of a normal distribution about nothing, by Box and Muller. */
  const normal = (): number => Math.sqrt(-2 * Math.log(1 - share())) * Math.cos(2 * Math.PI * share());
  return { share, normal };
}
