import type { YieldRecord } from '../../core/record';
import type { CsvRow } from '../csv';
import { HISTORY_COLUMNS } from './history-line';

type Column = (typeof HISTORY_COLUMNS)[number];

/** A record as rows of a history, one a cord, lengths in mm. What is read back from them is the same. */
export function historyRows(
  { piece, planned, said, seen }: YieldRecord,
  session: string,
  maker: string,
): (Readonly<Record<Column, string | number>> & CsvRow)[] {
  return planned.cords.map((cord, i) => {
    const left = said.left?.[String(i)];
    return {
      piece,
      date: planned.held_on,
      session,
      maker,
      project: planned.project,
      skill: planned.skill,
      cord: cord.cord,
      role: cord.role,
      'planned band mm': Math.round(planned.knotted_mm),
      'cut mm': cord.cut_mm,
      'left mm': !left ? '' : 'mm' in left ? left.mm.join(' + ') : `short${left.at ? ` at ${left.at}` : ''}`,
      'half knots': said.half_knots ?? '',
      'band mm': said.band_mm ?? '',
      'thick mm': said.thick_mm ?? '',
      fits: said.fits ?? '',
      minutes: said.minutes ?? (seen?.minutes == null ? '' : Math.round(seen.minutes)),
      finished: said.finished ?? '',
    };
  });
}
