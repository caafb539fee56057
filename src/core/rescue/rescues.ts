import { courseOf } from '../bench';
import type { SeatPlan } from '../seat';
import type { Figures, Skill } from '../studio';
import { again } from './again';
import { endsToCome, stretchAt } from './ends-to-come';
import { joinIn } from './join-in';
import { openStitch } from './open-stitch';
import type { Rescue, RescueKind, ShelfOffcut } from './rescue';
import { stopEarly } from './stop-early';
import { swap } from './swap';
import { willItLast, type Left } from './will-it-last';

/** In the order of what they keep of the piece. A new one is a file beside these and a word here. */
const KINDS: readonly RescueKind[] = [swap, stopEarly, openStitch, joinIn, again];

/**
 * What would rescue a seat whose cord will not last, in the order of what each keeps of the piece, each in figures for this seat. None
 * where it lasts, or nothing was measured.
 *
 * @param left what is left of the ends to come, by their place, mm
 *
 * @example
 * rescuesFor(plan, 20, { 0: 100, 1: 100 }, 'steady', figures, []).at(-1).slug // 'again'
 */
export function rescuesFor(
  plan: SeatPlan,
  made: number,
  left: Left,
  skill: Skill,
  figures: Figures,
  offcuts: readonly ShelfOffcut[],
): Rescue[] {
  const lasts = willItLast(plan, made, left, skill, figures);
  const course = courseOf(plan);
  const stretch = stretchAt(course, made);
  const { piece, fit } = plan;
  if (!lasts || lasts.lasts === 'yes' || !stretch || !piece || !fit) return [];
  const toCome = stretch.from + stretch.ties - made;
  const possible = Math.min(toCome, lasts.worst.ties);
  const ends = endsToCome(plan, made, skill, figures);
  const short = {
    plan,
    piece,
    fit,
    course,
    stretch,
    made,
    toCome,
    possible,
    lasts,
    left,
    ends,
    skill,
    figures,
    offcuts,
  };
  return KINDS.flatMap((kind) => kind(short) ?? []);
}
