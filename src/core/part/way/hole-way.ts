import { bundle } from '../../stitch';
import { straight, type Way } from './way';

/** Strands straight through a hole, packed as it takes them. */
export const throughHole = (strands: number, d: number, mm: number): Way[] =>
  bundle(strands, d).places.map(([x, z], leg) => ({ leg, points: straight(x, 0, mm, z) }));
