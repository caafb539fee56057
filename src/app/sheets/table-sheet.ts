import { boardWords } from '../../core/cut';
import { formatLength, formatTotal } from '../../core/measure';
import type { SheetTable } from '../../formats/sheets';
import { cutWords, headOf, whoCell, type SheetFeature } from './sheet-feature';
import { cutsByItem, layoutFault, takenBy, TO_BUY } from '../../core/layout';
import type { SessionRecord } from '../../core/session';
import type { Figures, Settings } from '../../core/studio';
import { findLot } from '../../data/shelf/lots';
import { inTransaction } from '../../data/database/transaction';
import { planOf, viewSession } from '../session/session';
import { nameOf } from '../shelf/item-names';

/** What one spool, hank, pack or offcut is cut into, with the running mark after each cut. */
export interface TableLane {
  readonly name: string;
  readonly place: string;
  readonly length_mm: number;
  readonly rest_mm: number;
  readonly cuts: readonly {
    readonly bag: number;
    readonly label: string;
    readonly estimated: boolean;
    readonly mm: number;
    /** Where along the piece this cut ends, its loss with it. */
    readonly mark_mm: number;
  }[];
}

/** The sheet for the cutting table. */
export interface TableSheet {
  readonly session: SessionRecord;
  readonly settings: Settings;
  readonly figures: Figures;
  readonly groups: readonly { readonly name: string; readonly lanes: readonly TableLane[] }[];
  /** Why it must not be cut by, where something changed since. */
  readonly fault: string | null;
}

export function tableSheet(id: string): Promise<TableSheet> {
  return inTransaction(async (t) => {
    const view = await viewSession(id, t);
    const { settings, catalogue } = view.studio;
    const { seats, figures } = planOf(view);
    const { cut_loss } = figures;
    const cuts = cutsByItem(seats);
    const byId = new Map([...cuts.values()].flat().map((cut) => [cut.id, cut]));
    const layout = view.session.lanes ?? [];
    const groups = [];
    for (const group of layout) {
      const lanes: TableLane[] = [];
      for (const lane of group.lanes) {
        const lot = lane.stock === TO_BUY ? null : await findLot(lane.stock, t);
        let mark = 0;
        lanes.push({
          name: lot ? `${lot.kind[0]!.toUpperCase()}${lot.kind.slice(1)} ${lot.number}` : 'A new pack, to be bought',
          place: lot?.place ?? '',
          length_mm: lane.length_mm,
          rest_mm: lane.length_mm - takenBy(lane, cut_loss),
          cuts: lane.cuts.map(({ id: cut, mm }) => {
            mark += mm + cut_loss;
            const { bag = 0, label = 'no seat now', estimated = false } = byId.get(cut) ?? {};
            return { bag, label, estimated, mm, mark_mm: mark };
          }),
        });
      }
      groups.push({ name: nameOf(group.item, catalogue) ?? group.item, lanes });
    }
    const why = view.session.lanes ? layoutFault(view.session.lanes, cuts) : 'nothing is laid out yet';
    return {
      session: view.session,
      settings,
      figures,
      groups,
      fault: why ? `Do not cut by this sheet: ${why}. Lay the cuts out again first.` : null,
    };
  });
}

const COLUMNS = [
  { name: 'Bag', share: 1, num: true, large: true },
  { name: 'For', share: 6 },
  { name: 'Length', share: 3, num: true, length: true },
  { name: 'Mark at', share: 3, num: true },
];

/** Piece by piece, what is cut from it and at which mark. */
export const tableSheetFeature: SheetFeature = {
  file: 'table-sheet',
  page: 'table',
  name: 'Cutting table',
  stage: 'cut',
  async make(id, writingFor) {
    const { session, settings, figures, groups, fault } = await tableSheet(id);
    const writing = writingFor(settings);
    const { units } = writing;
    const rest = (mm: number): string =>
      mm === 0
        ? 'Used up.'
        : mm < figures.keep
          ? `Left: ${formatLength(mm, units)}, scrap.`
          : `Left: ${formatTotal(mm, units, 'down')}: label it and put it back.`;
    return {
      session,
      settings,
      writing,
      sheet: {
        ...headOf(session, 'Cutting table', writing.region),
        corner: [`${formatLength(figures.cut_loss, units)} lost a cut,`, 'in the marks.'],
        warning: fault,
        sections: groups.flatMap(({ name, lanes }) =>
          lanes.map((lane): SheetTable => ({
            heading: name,
            caption: [`${lane.name}, ${formatTotal(lane.length_mm, units, 'down')}`, lane.place]
              .filter(Boolean)
              .join(', '),
            columns: COLUMNS,
            ticked: 'Cut',
            rows: lane.cuts.map(({ bag, label, estimated, mm, mark_mm }) => [
              String(bag),
              whoCell(label, estimated),
              { ...cutWords(mm, writing), under: boardWords(mm, figures.board, units) },
              formatLength(mark_mm, units),
            ]),
            after: rest(lane.rest_mm),
          })),
        ),
        closing: [],
      },
    };
  },
};
