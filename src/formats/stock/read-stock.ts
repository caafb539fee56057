import Papa from 'papaparse';
import { parseLength } from '../../core/measure';
import { cordItem, LOT_KINDS, type LotKind } from '../../core/shelf';

/** What a line of stock can be of. */
export interface StockNames {
  readonly cords: readonly {
    readonly slug: string;
    readonly name: string;
    readonly colours: readonly { readonly slug: string; readonly name: string }[];
  }[];
  /** Whatever is counted in pieces, each with its item. */
  readonly pieces: readonly { readonly item: string; readonly slug: string; readonly name: string }[];
}

/** One line of a stock list, as read; what is wrong with it, with the column, where something is. */
export interface StockLine {
  readonly line: number;
  readonly text: string;
  /** The amount as it was written. */
  readonly written: string;
  readonly item: string | null;
  readonly name: string;
  readonly kind: LotKind | null;
  /** Millimetres of cord, or pieces. */
  readonly amount: number | null;
  readonly lots: number;
  readonly place: string;
  /** The number written on the lot, for a count. */
  readonly lot: number | null;
  readonly faults: readonly { readonly column: string; readonly problem: string }[];
}

/** A stock list as read: its lines, or why nothing of it could be read. */
export interface StockRead {
  readonly lines: readonly StockLine[];
  readonly fault: string | null;
}

/** Headings as people write them. */
const COLUMNS: Readonly<Record<string, readonly string[]>> = {
  lot: ['lot', 'number', 'no', 'nr', 'label'],
  item: ['item', 'what', 'cord', 'name', 'product', 'article'],
  colour: ['colour', 'color', 'shade'],
  kind: ['kind', 'type', 'lot kind', 'form'],
  amount: ['amount', 'length', 'quantity', 'qty', 'count', 'left', 'counted'],
  lots: ['lots', 'packs', 'times', 'pieces of it'],
  place: ['place', 'where', 'shelf', 'drawer', 'location'],
};

const plain = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/** The one of some names that a text means: its slug, its name, or a name that begins so and no other does. */
function meant<T extends { slug: string; name: string }>(all: readonly T[], text: string): T | null {
  const wanted = plain(text);
  if (!wanted) return null;
  const exact = all.find((one) => plain(one.slug) === wanted || plain(one.name) === wanted);
  const starting = all.filter((one) => plain(one.name).startsWith(wanted));
  return exact ?? (starting.length === 1 ? starting[0]! : null);
}

function readAmount(text: string, ofCord: boolean): { value: number } | { problem: string } {
  const written = text.trim();
  if (!written) return { problem: 'nothing is written' };
  if (ofCord) {
    // A bare number on a stock list could be metres, feet or millimetres: nobody is to guess.
    if (/^[\d.,\s]+$/.test(written)) return { problem: `“${written}” has no unit; write ${written} m, ft or mm` };
    const reading = parseLength(written);
    return reading.ok ? { value: Math.round(reading.value.mm) } : { problem: reading.fault.problem };
  }
  const count = /^(\d+)\s*(pcs?|pieces?|x|×)?$/i.exec(written);
  return count ? { value: Number(count[1]) } : { problem: `“${written}” is no whole number of pieces` };
}

/**
 * Reads a CSV of stock or of a stock count: any of the usual separators, with or without a byte-order mark, quoted line breaks,
 * columns in any order under headings people use. Nothing is guessed: what cannot be read is said for its line and column.
 *
 * @param counting whether the lines are counts of lots that are there, each by its number
 */
export function readStockCsv(text: string, { cords, pieces }: StockNames, counting: boolean): StockRead {
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const broken = parsed.errors.find((error) => error.type === 'Quotes');
  if (broken) return { lines: [], fault: `A quotation mark is not closed from line ${(broken.row ?? 0) + 1} on.` };
  const [head = [], ...rows] = parsed.data;
  const at: Readonly<Record<string, number>> = Object.fromEntries(
    Object.entries(COLUMNS).map(([column, names]) => [column, head.findIndex((cell) => names.includes(plain(cell)))]),
  );
  const needed = counting ? ['lot', 'amount'] : ['item', 'amount'];
  const absent = needed.filter((column) => at[column]! < 0);
  if (absent.length > 0) {
    return {
      lines: [],
      fault: `The first line must name the columns; ${absent.map((column) => `“${column}”`).join(' and ')} ${absent.length === 1 ? 'is' : 'are'} missing. It has: ${head.join(', ') || 'nothing'}.`,
    };
  }
  const seen = new Map<number, number>();
  const lines = rows.map((row, i): StockLine => {
    const cell = (column: string): string => (at[column]! >= 0 ? (row[at[column]!] ?? '').trim() : '');
    const faults: { column: string; problem: string }[] = [];
    const line = i + 2;
    const lotText = cell('lot').replace(/^#/, '');
    const lot = /^\d+$/.test(lotText) ? Number(lotText) : null;
    if (counting) {
      if (lot === null) faults.push({ column: 'lot', problem: `“${cell('lot')}” is no lot number` });
      else if (seen.has(lot)) faults.push({ column: 'lot', problem: `lot ${lot} is on line ${seen.get(lot)} already` });
      else seen.set(lot, line);
    }
    const cord = meant(cords, cell('item'));
    const piece = cord ? null : meant(pieces, cell('item'));
    const colour = cord ? meant(cord.colours, cell('colour')) : null;
    if (!counting && !cord && !piece)
      faults.push({
        column: 'item',
        problem: `“${cell('item')}” is no cord or hardware of the catalogue, nor on the shelf`,
      });
    if (cord && !colour)
      faults.push({
        column: 'colour',
        problem: `${cord.name} has no colour “${cell('colour')}”; it has ${cord.colours.map((c) => c.name).join(', ')}`,
      });
    const ofCord = counting ? !/^\d+\s*(pcs?|pieces?|x|×)?$/i.test(cell('amount')) : cord !== null;
    const amount = readAmount(cell('amount'), ofCord);
    if ('problem' in amount) faults.push({ column: 'amount', problem: amount.problem });
    const kindText = plain(cell('kind'));
    const kind = LOT_KINDS.find((known) => known === kindText) ?? null;
    if (kindText && !kind)
      faults.push({ column: 'kind', problem: `“${cell('kind')}” is none of: ${LOT_KINDS.join(', ')}` });
    const lots = cell('lots') === '' ? 1 : Number(cell('lots'));
    if (!Number.isInteger(lots) || lots < 1 || lots > 500)
      faults.push({ column: 'lots', problem: `“${cell('lots')}” is no number of lots, 1 to 500` });
    return {
      line,
      text: row.join(' | '),
      written: cell('amount'),
      item: cord && colour ? cordItem(cord.slug, colour.slug) : (piece?.item ?? null),
      name: cord && colour ? `${cord.name}, ${colour.name}` : (piece?.name ?? cell('item')),
      kind: kind ?? (cord ? 'spool' : piece ? 'bag' : null),
      amount: 'value' in amount ? amount.value : null,
      lots: Number.isInteger(lots) ? lots : 1,
      place: cell('place').slice(0, 80),
      lot,
      faults,
    };
  });
  return { lines, fault: lines.length === 0 ? 'No line under the headings.' : null };
}
