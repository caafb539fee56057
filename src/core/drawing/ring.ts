import { isSection } from '../project';
import { bandOf, type SeatPlan } from '../seat';
import type { Point } from '../stitch';
import { closedGap } from './closed-gap';

/** How far from above the side of the closure is looked at, so that the far side shows over the near one. */
const TILT = (24 * Math.PI) / 180;
const [SIN, COS] = [Math.sin(TILT), Math.cos(TILT)];

/** The band closed and worn: places along it, mm from its end over the closure to its start, and how they are seen. */
export interface Ring {
  /** Radius of the middle line, mm. */
  readonly r: number;
  /** What stands between the band’s two ends, mm. */
  readonly gap: number;
  /** One turn, mm; of a band that goes round more often the turn that the closure is in. */
  readonly turn: number;
  /** The angle that a place stands at, radians: 0 in the middle of the closure. */
  angle(along: number): number;
  /** A point of the band, x across, y along, z outward, as it is seen: down, to the right, and towards the eye where it is the front. */
  seen(point: Point): Point;
  /** The same at a place for what is drawn flat from there, as a matrix of SVG; turned over where its inside is seen. */
  matrix(along: number): readonly [number, number, number, number, number, number];
}

/**
 * The ring that a fitted band makes with its closure, looked at from the side of the closure; null without a band.
 *
 * @example
 * ringOf(plan).turn > 0 // true
 */
export function ringOf(plan: SeatPlan): Ring | null {
  const sections = bandOf(plan).filter(({ item }) => isSection(item));
  const [first, last] = [sections[0], sections.at(-1)];
  if (!plan.fit || !first || !last) return null;
  const gap = closedGap(plan);
  const turn = (last.from + last.length - first.from + gap) / (plan.piece?.choices.wraps ?? 1);
  const isRigid = Object.values(plan.piece?.parts ?? {}).some(({ base }) => base.hardware?.kind === 'buckle');
  return ringFor(turn, gap, isRigid ? gap : 0);
}

/**
 * A ring of so long a turn with so much of it between the ends of the band, and of that so much rigid: a chord where the rest is an arc.
 *
 * @example
 * ringFor(180, 20, 0).matrix(10)[0] // 1
 */
export function ringFor(turn: number, gap: number, rigid: number): Ring {
  const r = radius(turn, rigid);
  // The arc begins at this angle on both sides of the chord.
  const begins = Math.PI - (turn - rigid) / (2 * r);
  const isChord = (along: number): boolean => Math.abs(along - gap / 2) <= rigid / 2;
  const angle = (along: number): number => {
    const from = along - gap / 2;
    return isChord(along) ? 0 : Math.sign(from) * (begins + (Math.abs(from) - rigid / 2) / r);
  };
  /** Where a place is, to the right and towards the eye, and the angle of the way out from there. */
  const at = (along: number, out: number): { across: number; near: number; turned: number } => {
    if (isChord(along)) return { across: along - gap / 2, near: r * Math.cos(begins) + out, turned: 0 };
    const turned = angle(along);
    return { across: (r + out) * Math.sin(turned), near: (r + out) * Math.cos(turned), turned };
  };
  return {
    r,
    gap,
    turn,
    angle,
    seen([x, y, z]) {
      const { across, near, turned } = at(y, z);
      return [x * COS + near * SIN, across, Math.cos(turned) < 0 ? -z : z];
    },
    matrix(along) {
      const { across, near, turned } = at(along, 0);
      return [Math.cos(turned), -Math.sin(turned) * SIN, 0, Math.cos(turned) < 0 ? -COS : COS, across, near * SIN];
    },
  };
}

/** The radius at which an arc and a chord of so much make one turn, mm. */
function radius(turn: number, rigid: number): number {
  const arc = turn - rigid;
  let [least, most] = [arc / (2 * Math.PI), turn];
  // The arc leaves a chord of 2 r sin(arc / 2r), which grows with the radius.
  for (let i = 0; i < 40; i++) {
    const r = (least + most) / 2;
    if (2 * r * Math.sin(arc / (2 * r)) < rigid) least = r;
    else most = r;
  }
  return (least + most) / 2;
}
