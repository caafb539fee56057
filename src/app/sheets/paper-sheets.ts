import { format, parseISO } from 'date-fns';
import { formatLength, formatTotal, type Units } from '../../core/measure';
import { CARD, type SessionRecord } from '../../core/session';
import { cordOf } from '../../core/shelf';
import type { Settings } from '../../core/studio';
import type { Sheet } from '../../formats/sheets';
import { paper as paperOf } from './kept-papers';
import { packingSheet } from './packing-sheet';
import { cutSheet } from './cut-sheet';
import { nameOf } from '../shelf/item-names';
import { tableSheet } from './table-sheet';

/** The sheets of a session that can be had as PDF, by what they are called. */
export const SHEETS = ['cut-sheet', 'table-sheet', 'packing-list'] as const;
export type SheetName = (typeof SHEETS)[number];

const head = (session: SessionRecord, what: string): Pick<Sheet, 'title' | 'line'> => ({
  title: `${session.title}: ${what}`,
  line: [format(parseISO(session.held_on), 'EEEE d MMMM yyyy'), session.starts_at, session.place]
    .filter(Boolean)
    .join(', '),
});
const up = (mm: number, units: Units): string => formatLength(mm, units, 'up');

interface Made {
  readonly sheet: Sheet;
  readonly settings: Settings;
}

/** The units a sheet is in, of the studio's. */
type UnitsFor = (studio: Units) => Units;

async function cuts(id: string, unitsFor: UnitsFor): Promise<Made> {
  const { session, settings, groups, seats, hardware, cautions } = await cutSheet(id);
  const units = unitsFor(settings.units);
  const those = (state: 'hollow' | 'notched', what: string): string => {
    const names = seats.filter((seat) => seat.state === state).map(({ label }) => label);
    return names.length > 0 ? `${what}: ${names.join(', ')}.` : '';
  };
  const open = [those('hollow', 'Not in this list, no wrist yet'), those('notched', 'To decide first')];
  const estimated = (seat: number): string => (seats[seat - 1]!.state === 'ringed' ? ' (estimate)' : '');
  return {
    settings,
    sheet: {
      ...head(session, 'cut sheet'),
      warning: open.filter(Boolean).join(' ') || null,
      sections: [
        ...groups.map(({ cord, colour, total_mm, lines }) => ({
          heading: `${cord.name}, ${colour.name}: ${formatTotal(total_mm, units)} in all`,
          columns: [
            { name: 'Bag', share: 1, large: true },
            { name: 'Name', share: 5 },
            { name: 'Piece', share: 5 },
            { name: 'Lengths', share: 1.4, large: true },
            { name: 'Each', share: 3, large: true },
          ],
          rows: lines.map(({ seat, plan, cut }) => [
            String(seat),
            `${plan.label}${estimated(seat)}`,
            plan.piece!.project.name,
            `${cut.pieces} ×`,
            up(cut.length_mm, units),
          ]),
        })),
        ...(hardware.length > 0
          ? [
              {
                heading: 'Beside the cord',
                columns: [
                  { name: 'Count', share: 1, large: true },
                  { name: 'What', share: 8 },
                ],
                rows: hardware.map(({ name, count }) => [`${count} ×`, name]),
              },
            ]
          : []),
      ],
      closing: cautions,
    },
  };
}

async function table(id: string, unitsFor: UnitsFor): Promise<Made> {
  const { session, settings, groups, figures, fault } = await tableSheet(id);
  const units = unitsFor(settings.units);
  const { cut_loss, keep } = figures;
  const rest = (mm: number): string =>
    mm === 0
      ? 'Used up.'
      : `Left: ${formatTotal(mm, units, 'down')}${mm < keep ? ', scrap.' : ': label it and put it back.'}`;
  return {
    settings,
    sheet: {
      ...head(session, 'cutting table'),
      warning: fault,
      sections: groups.flatMap(({ name, lanes }) =>
        lanes.map((lane) => ({
          heading: [name, lane.name, formatTotal(lane.length_mm, units, 'down'), lane.place].filter(Boolean).join(', '),
          columns: [
            { name: 'Bag', share: 1, large: true },
            { name: 'For', share: 6 },
            { name: 'Length', share: 3, large: true },
            { name: 'Mark at', share: 3 },
          ],
          rows: lane.cuts.map(({ bag, label, mm, mark_mm }) => [
            String(bag),
            label,
            up(mm, units),
            formatLength(mark_mm, units),
          ]),
          after: rest(lane.rest_mm),
        })),
      ),
      closing: [`${formatLength(cut_loss, units)} lost a cut is in the marks.`],
    },
  };
}

async function packing(id: string, unitsFor: UnitsFor): Promise<Made> {
  const { session, settings, studio, bags, spares, tools, used } = await packingSheet(id);
  const units = unitsFor(settings.units);
  const name = (item: string): string => nameOf(item, studio.catalogue) ?? item;
  const columns = [
    { name: 'Count', share: 1, large: true },
    { name: 'Length', share: 2.5, large: true },
    { name: 'What', share: 8 },
  ];
  const counted = (heading: string, lines: readonly { readonly name: string; readonly count: number }[]) =>
    lines.length > 0 ? [{ heading, columns, rows: lines.map((line) => [`${line.count} ×`, '', line.name]) }] : [];
  return {
    settings,
    sheet: {
      ...head(session, 'packing list'),
      sections: [
        ...bags.map((bag) => ({
          heading: `${bag.number} ${bag.label}${bag.project && `, ${bag.project}`}`,
          columns,
          rows: [
            ...bag.lines.map(({ item, count, mm }) => [
              `${count} ×`,
              mm !== null && cordOf(item) ? up(mm, units) : '',
              name(item),
            ]),
            ['1 ×', '', CARD],
          ],
        })),
        ...counted('For the room', [
          ...tools.map(({ tool, count }) => ({ name: tool, count })),
          ...used.map((line) => ({ ...line, name: `${line.name}, used up` })),
        ]),
        ...counted(
          'Spares',
          spares.map(({ item, count }) => ({ name: name(item), count })),
        ),
      ],
      closing: [],
    },
  };
}

const MAKE: Readonly<Record<SheetName, (id: string, unitsFor: UnitsFor) => Promise<Made>>> = {
  'cut-sheet': cuts,
  'table-sheet': table,
  'packing-list': packing,
};

/** One of a session's sheets as a PDF, on the studio's paper unless another is asked for. */
export async function paperSheet(
  id: string,
  name: SheetName,
  unitsFor: UnitsFor,
  paper: 'a4' | 'letter' | null,
): Promise<Uint8Array> {
  const { sheet, settings } = await MAKE[name](id, unitsFor);
  return paperOf('sheet', { sheet, paper: paper ?? settings.paper });
}
