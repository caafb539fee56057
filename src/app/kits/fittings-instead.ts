import type { Transaction } from 'sequelize';
import { fittingInstead } from '../../core/layout';
import { seatOf } from '../../core/seat';
import { hardwareItem } from '../../core/shelf';
import { planOf, viewSession } from '../session/session';

/** What could stand in for hardware of a session, as items: of its kind, and no worse in any seat that has it. */
export async function fittingsInstead(id: string, item: string, t: Transaction): Promise<string[]> {
  const view = await viewSession(id, t);
  const { catalogue, settings } = view.studio;
  const { seats, figures } = planOf(view);
  const school = view.session.school ?? settings.school;
  const all = Object.values(catalogue.hardware);
  const old = all.find(({ slug }) => hardwareItem(slug) === item);
  const users = seats
    .map(({ plan }, i) => ({ plan, seat: seatOf(view.seats[i]!, school, catalogue.projects) }))
    .filter(({ plan }) => plan.items.some((own) => own.item === old?.slug));
  if (!old || users.length === 0) return [];
  return all
    .filter(({ slug, kind }) => kind === old.kind && slug !== old.slug)
    .filter(({ slug }) =>
      users.every(({ seat, plan }) => fittingInstead(seat, plan, old.slug, slug, catalogue, figures)),
    )
    .map(({ slug }) => hardwareItem(slug));
}
