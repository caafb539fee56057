import { lookUp, type Catalogue, type CordChoice } from '../project';
import { cordOf } from '../shelf';
import type { Figures } from '../studio';
import { planSeat, type SeatPlan, type Seat } from '../seat';

/** What another cord or colour would change for one seat: mm, more than 0 where it grows. */
export interface Instead {
  readonly cords: Readonly<Record<string, CordChoice>>;
  readonly plan: SeatPlan;
  /** Of the cord that would be cut in place of the other, mm in all. */
  readonly cut_mm: number;
  readonly width_mm: number;
  readonly knotted_mm: number;
}

/**
 * A seat's cords with one cord and colour replaced by another, role by role; null where the seat does not use it, or where the
 * other cord lacks a colour that stays beside it.
 *
 * @example
 * replaceCord(plan, 'cord/sheathed-4/race', 'cord/sheathed-4/night', catalogue) // { whole: { cord: 'sheathed-4', colours: ['night'] } }
 */
export function replaceCord(plan: SeatPlan, from: string, to: string, catalogue: Catalogue): Seat['cords'] | null {
  const [old, other] = [cordOf(from)!, cordOf(to)!];
  const roles = new Map<string, NonNullable<SeatPlan['piece']>['cords'][number][]>();
  for (const cord of plan.piece?.cords ?? []) roles.set(cord.use.role, [...(roles.get(cord.use.role) ?? []), cord]);
  const cords: Record<string, CordChoice> = {};
  let found = false;
  for (const [role, used] of roles) {
    const colours: string[] = [];
    for (const { use, colour } of used) colours[use.colour] = colour;
    const cord = used[0]!.cord.slug;
    if (cord !== old.cord || !colours.includes(old.colour)) {
      cords[role] = { cord, colours: colours.filter(Boolean) };
      continue;
    }
    found = true;
    const now = colours.filter(Boolean).map((colour) => (colour === old.colour ? other.colour : colour));
    const has = lookUp(catalogue.cords, other.cord)?.colours.map((colour) => colour.slug) ?? [];
    if (now.some((colour) => !has.includes(colour)) || new Set(now).size < now.length) return null;
    cords[role] = { cord: other.cord, colours: now };
  }
  return found ? cords : null;
}

const cutOf = (plan: SeatPlan): number => plan.cut?.total_mm ?? 0;

/**
 * What a seat becomes with another cord or colour in place of one; null where that cannot be.
 *
 * @example
 * seatInstead(ada, plan, 'cord/sheathed-4/race', 'cord/sheathed-4/night', catalogue, figures).cut_mm // 0
 */
export function seatInstead(
  seat: Seat,
  plan: SeatPlan,
  from: string,
  to: string,
  catalogue: Catalogue,
  figures: Figures,
): Instead | null {
  const cords = replaceCord(plan, from, to, catalogue);
  if (!cords) return null;
  const now = planSeat({ ...seat, cords }, catalogue, figures);
  if (!now.cut || now.messages.some((message) => message.level === 'error')) return null;
  return {
    cords,
    plan: now,
    cut_mm: cutOf(now) - cutOf(plan),
    width_mm: now.piece!.width - plan.piece!.width,
    knotted_mm: now.fit!.knotted_mm - plan.fit!.knotted_mm,
  };
}
