import { writeDay, writeMoney } from '../../core/region';
import { formatTotal } from '../../core/measure';
import { kindOf, orderGroups, usualWay, type Bought } from '../../core/shelf';
import type { Settings } from '../../core/studio';
import type { Sheet, SheetTable } from '../../formats/sheets';
import { inTransaction } from '../../data/database/transaction';
import type { Writing, WritingFor } from '../sheets/sheet-feature';
import { keptOf } from '../kept';
import { openOutlook, type ItemOutlook } from './outlook';
import { today } from '../studio/clock';
import { readStudio } from '../studio/studio';

/** What was chosen otherwise than usual: packs by item, and items left out. */
export interface Choices {
  readonly packs: ReadonlyMap<string, number>;
  readonly without: ReadonlySet<string>;
}

interface Line extends Bought {
  readonly of: ItemOutlook;
}

/** What is bought of all that is short, as it is usually bought or as was chosen; and what nobody is known to sell. */
function chosen(items: readonly ItemOutlook[], { packs, without }: Choices): { lines: Line[]; open: ItemOutlook[] } {
  const short = items.filter((item) => item.short > 0 && !without.has(item.item));
  const lines = short.flatMap((of): Line[] => {
    const own = of.ways.find(({ pack }) => pack === packs.get(of.item));
    const way = own ?? usualWay(of.ways, of.pack, of.short_on!);
    return way ? [{ item: of.item, way, of }] : [];
  });
  return { lines, open: short.filter(({ item }) => !lines.some((line) => line.item === item)) };
}

const COLUMNS: SheetTable['columns'] = [
  { name: 'Item', share: 6 },
  { name: 'Missing', share: 2, num: true },
  { name: 'Packs', share: 1.2, num: true, large: true },
  { name: 'Of', share: 2, num: true },
  { name: 'Order by', share: 2 },
  { name: 'Cost', share: 2, num: true },
];

/** How much of an item, rounded up: cord by length, everything else in pieces. */
const much = (item: string, amount: number, { units }: Writing): string =>
  kindOf(item) === 'cord' ? formatTotal(amount, units) : String(amount);

function sheetOf(items: readonly ItemOutlook[], choices: Choices, settings: Settings, writing: Writing): Sheet {
  const { region } = writing;
  const { lines, open } = chosen(items, choices);
  const groups = orderGroups(lines);
  const ordered = groups.flatMap((group) => group.lines);
  const sum = groups.reduce((all, { cost }) => all + cost, 0);
  const table: SheetTable = {
    heading: '',
    columns: COLUMNS,
    ticked: 'Got',
    groups: groups.map(({ supplier, lead_days, comes_on, lines: own, cost }) => ({
      from: ordered.indexOf(own[0]!),
      words: `${supplier || 'Bought elsewhere'}, ${lead_days} days: here on ${writeDay(comes_on, 'day', region)} if ordered today; ${writeMoney(cost, region)}`,
    })),
    rows: ordered.map(({ item, way, of }) => [
      of.name,
      much(item, of.short, writing),
      String(way.needed),
      much(item, way.pack, writing),
      of.order_by ? writeDay(of.order_by, 'short', region) : '',
      writeMoney(way.cost, region),
    ]),
    after: `In all ${writeMoney(sum, region)}`,
  };
  return {
    title: `${settings.name}: to order`,
    line: writeDay(today(), 'full', region),
    empty: 'Nothing is short.',
    sections: [
      ...(lines.length > 0 ? [table] : []),
      ...(open.length > 0
        ? [
            {
              heading: 'Nobody here sells as much of it',
              lines: open.map(({ item, name, short }) => `${name}: ${much(item, short, writing)}`),
            },
          ]
        : []),
    ],
    closing: [],
  };
}

/** All that is short as a list to order by, for page and paper. */
export async function orderList(
  choices: Choices,
  writingFor: WritingFor,
): Promise<{ readonly sheet: Sheet; readonly settings: Settings }> {
  const { items } = await openOutlook();
  const { settings } = await inTransaction((t) => readStudio(t));
  return { sheet: sheetOf(items, choices, settings, writingFor(settings)), settings };
}

/** The same as a PDF. */
export async function orderListPdf(
  choices: Choices,
  writingFor: WritingFor,
  paper: 'a4' | 'letter' | null,
): Promise<Uint8Array> {
  const { sheet, settings } = await orderList(choices, writingFor);
  return keptOf('sheet', { sheet, paper: paper ?? settings.paper });
}
