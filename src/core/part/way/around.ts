import { bundle, type Point } from '../../stitch';
import { straight, wayLength, type Way } from './way';

/**
 * The middle line of a cord drawn tight round so many strands of its own diameter, mm: at a share of the way round, from the right
 * over the front. One strand and bundles are circles, two strands side by side a circle drawn out by their spacing.
 */
export function around(strands: number, d: number): (share: number) => readonly [x: number, z: number] {
  if (strands !== 2) {
    const r = bundle(strands, d).radius + d / 2;
    return (share) => [r * Math.cos(2 * Math.PI * share), r * Math.sin(2 * Math.PI * share)];
  }
  const girth = (2 * Math.PI + 2) * d;
  return (share) => {
    const half = share - Math.floor(share) < 0.5 ? 1 : -1;
    // From the right end over the front to the left one, and back behind.
    const s = (share - Math.floor(share * 2) / 2) * girth;
    const quarter = (Math.PI * d) / 2;
    const [x, z] =
      s < quarter
        ? [d / 2 + d * Math.cos(s / d), d * Math.sin(s / d)]
        : s < quarter + d
          ? [d / 2 - (s - quarter), d]
          : [-d / 2 - d * Math.sin((s - quarter - d) / d), d * Math.cos((s - quarter - d) / d)];
    return [half * x, half * z];
  };
}

const PER_TURN = 24;

/** So many turns round so many strands, rising by so much a turn, from a place along the band and a share of the way round. */
export function wound(strands: number, d: number, turns: number, rise: number, from = 0, start = 0): Point[] {
  const at = around(strands, d);
  const steps = Math.ceil(turns * PER_TURN);
  return Array.from({ length: steps + 1 }, (_, i): Point => {
    const share = (turns * i) / steps;
    const [x, z] = at(start + share);
    return [x, from + rise * share, z];
  });
}

/** Half a turn round a bar across the band at y = 0: from its front, over its far side, to behind it. */
export function halfTurn(x: number, r: number, drift = 0): Point[] {
  return Array.from({ length: 9 }, (_, i): Point => {
    const a = (Math.PI * i) / 8;
    return [x + (drift * i) / 8, r * Math.sin(a), r * Math.cos(a)];
  });
}

/**
 * A strand wound so many turns round a bundle that it is one of itself, turn beside turn, and led back under all of them: the
 * first leg winds, the others stand.
 *
 * @param strands of the bundle, the end that lies in it among them
 */
export function coil(strands: number, d: number, times: number): Way[] {
  // Across, as the turns go round them: the end is the one at the right, where the turns come out.
  const [[x, z] = [0, 0], ...others] = bundle(strands, d).places.map(([a, b]): [number, number] => [b, a]);
  const long = (times + 1) * d;
  const out = wound(strands, d, times, d, 0.5 * d);
  const [ox, oy, oz] = out.at(-1)!;
  const winding: Point[] = [
    ...out,
    [ox * 0.8 + x * 0.2, oy + 0.75 * d, oz * 0.8 + z * 0.2],
    [x, long + 0.1 * d, z],
    [x, 0.5 * long, z],
    [x, 0, z],
  ];
  return [
    { leg: 0, points: winding },
    ...others.map(([sx, sz], i): Way => ({ leg: i + 1, points: straight(sx, 0, long, sz) })),
  ];
}

const known = new Map<string, number>();

/** Cord of the leg that winds such a coil, in diameters. */
export function coilLength(strands: number, times: number): number {
  const key = `${strands} ${times}`;
  const found = known.get(key) ?? wayLength(coil(strands, 1, times)[0]!.points);
  known.set(key, found);
  return found;
}
