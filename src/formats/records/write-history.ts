import type { YieldRecord } from '../../core/record';
import { toCsv } from '../csv';
import { HISTORY_COLUMNS } from './history-line';

/** Records as CSV, a line a cord, lengths in mm; makers by a name that says nothing. What is read back from it is the same. */
export function historyCsv(records: readonly YieldRecord[], titles: ReadonlyMap<string, string>): string {
  const makers = new Map<string, number>();
  const rows = records.flatMap(({ piece, session, maker, planned, said, seen }) => {
    makers.set(maker, makers.get(maker) ?? makers.size + 1);
    return planned.cords.map((cord, i) => {
      const left = said.left?.[String(i)];
      return {
        piece,
        date: planned.held_on,
        session: titles.get(session) ?? session,
        maker: `maker ${makers.get(maker)!}`,
        project: planned.project,
        skill: planned.skill,
        cord: cord.cord,
        role: cord.role,
        'planned band mm': Math.round(planned.knotted_mm),
        'cut mm': cord.cut_mm,
        'left mm': !left ? '' : 'mm' in left ? left.mm.join(' + ') : `short${left.at ? ` at ${left.at}` : ''}`,
        'half knots': said.half_knots ?? '',
        'band mm': said.band_mm ?? '',
        fits: said.fits ?? '',
        minutes: said.minutes ?? (seen?.minutes == null ? '' : Math.round(seen.minutes)),
        finished: said.finished ?? '',
      };
    });
  });
  return toCsv(rows, HISTORY_COLUMNS);
}
