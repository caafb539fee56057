import { fittingInstead } from '../../core/layout';
import { seatOf } from '../../core/seat';
import { hardwareItem } from '../../core/shelf';
import type { PlannedIn } from './instead';

/** What could stand in for hardware of a session, as items: of its kind, and no worse in any seat that has it. */
export function fittingsInstead({ session, seats, studio }: PlannedIn, item: string): string[] {
  const { catalogue, settings } = studio;
  const school = session.school ?? settings.school;
  const all = Object.values(catalogue.hardware);
  const old = all.find(({ slug }) => hardwareItem(slug) === item);
  const users = seats
    .filter(({ plan }) => plan.items.some((own) => own.item === old?.slug))
    .map(({ plan, record }) => ({ plan, seat: seatOf(record, school, catalogue.projects) }));
  if (!old || users.length === 0) return [];
  return all
    .filter(({ slug, kind }) => kind === old.kind && slug !== old.slug)
    .filter(({ slug }) =>
      users.every(({ seat, plan }) => fittingInstead(seat, plan, old.slug, slug, catalogue, settings.figures)),
    )
    .map(({ slug }) => hardwareItem(slug));
}
