import { formatLength, type Units } from '../../../core/measure';
import { planSeat, seatOf, type PlannedSeat } from '../../../core/seat';
import type { SessionModel } from '../model/use-session';

/** What changing places half-way saves: the longest cut, which is what must be found on a spool, and the cord in all. */
export function SwapSaving({ seat, model, units }: { seat: PlannedSeat; model: SessionModel; units: Units }) {
  const { studio, session } = model.view;
  const base = seatOf(seat.record, session.school ?? studio.settings.school, studio.catalogue.projects);
  const [without, swapped] = [false, true].map(
    (swap) =>
      planSeat({ ...base, options: { ...base.options, swap } }, studio.catalogue, studio.settings.figures, model.group)
        .cut,
  );
  if (!without || !swapped) return null;
  const longest = (cut: typeof without) => Math.max(...cut.cuts.map((c) => c.length_mm));
  const [shorter, less] = [longest(without) - longest(swapped), without.total_mm - swapped.total_mm];
  const words = [
    shorter > 0 ? `the longest cut ${formatLength(shorter, units)} shorter` : 'the longest cut no shorter',
    less > 0
      ? `${formatLength(less, units)} less cord in all`
      : less < 0
        ? `${formatLength(-less, units)} more in all`
        : 'the same cord in all',
  ];
  return <span className="quiet block text-[13px]">Changing: {words.join(', ')}.</span>;
}
