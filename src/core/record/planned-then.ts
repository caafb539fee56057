import type { Catalogue } from '../project';
import { exampleSeat, planSeat } from '../seat';
import type { Figures, Role, Skill } from '../studio';
import { plannedPiece } from './planned-piece';
import type { PlannedPiece } from './yield-record';

/** A piece made elsewhere, or before there were records: what of it is known. Lengths in mm. */
export interface MadeThen {
  readonly on: string;
  readonly project: string;
  readonly skill: Skill;
  readonly band_mm: number;
  readonly cords: readonly { readonly cord: string; readonly role: Role | null; readonly cut_mm: number | null }[];
}

/** Such a piece as it would be planned now, and which of its planned cords each told one is; null where it is none of them. */
export interface PlannedThen {
  readonly planned: PlannedPiece;
  readonly places: readonly (number | null)[];
}

/**
 * Plans a piece that was made elsewhere, so that its record can be held against geometry: by its project, its band's length and its
 * cords. What is not told is as the project starts; a cord without a role is that of the first strand that is worked.
 *
 * @returns what is planned, or why it cannot be
 *
 * @example
 * plannedThen({ on: '2029-05-04', project: 'no-such', skill: 'new', band_mm: 150, cords: [] }, catalogue, figures) // 'There is no project “no-such”.'
 */
export function plannedThen(made: MadeThen, catalogue: Catalogue, figures: Figures): PlannedThen | string {
  const { on, project, skill, band_mm, cords } = made;
  const doc = Object.hasOwn(catalogue.projects, project) ? catalogue.projects[project]! : null;
  if (!doc) return `There is no project “${project}”.`;
  const works = doc.cords.find(({ legs }) => legs.some(({ route }) => route.some((step) => 'work' in step)));
  const first = works?.role ?? doc.cords[0]!.role;
  const chosen = Object.fromEntries(cords.map(({ cord, role }) => [role ?? first, { cord }]));
  const seat = exampleSeat(doc, { age: null, skill, size: { knotted: band_mm }, cords: chosen });
  const plan = planSeat(seat, catalogue, figures);
  const planned = plannedPiece(seat, plan, figures, on);
  if (!planned) return plan.messages.find(({ level }) => level === 'error')?.text ?? 'It cannot be planned.';
  const taken = new Set<number>();
  const places = cords.map(({ cord, role }) => {
    const place = planned.cords.findIndex(
      (own, i) => !taken.has(i) && own.cord === cord && own.role === (role ?? first),
    );
    if (place < 0) return null;
    taken.add(place);
    return place;
  });
  const cut = (place: number): number | null => cords[places.indexOf(place)]?.cut_mm ?? null;
  return {
    planned: { ...planned, cords: planned.cords.map((own, i) => ({ ...own, cut_mm: cut(i) ?? own.cut_mm })) },
    places,
  };
}
