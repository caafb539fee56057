import { Problem } from '../../core/problem';
import type { StockLine } from '../../formats/stock';
import { hardwareItem, kindOf } from '../../core/shelf';
import { lotsNumbered, type Lot } from '../../data/shelf/lots';
import { readItems } from '../../data/shelf/items';
import { inTransaction } from '../../data/database/transaction';
import { readStudio } from '../studio/studio';
import { inThread } from '../../threads/pool';

/** A line as read, with the lot it counts. */
export interface StockRow extends StockLine {
  readonly counted: Lot | null;
}

/** Reads a stock list or a count for a preview; nothing is stored. */
export async function readStock(text: string, counting: boolean, signal?: AbortSignal): Promise<StockRow[]> {
  const names = await inTransaction(async (t) => {
    const { catalogue } = await readStudio(t);
    const named = (await readItems(t))
      .map(({ doc }) => doc)
      .filter(({ id }) => !['cord', 'hardware'].includes(kindOf(id)));
    return {
      cords: Object.values(catalogue.cords),
      pieces: [
        ...Object.values(catalogue.hardware).map(({ slug, name }) => ({ item: hardwareItem(slug), slug, name })),
        ...named.map(({ id, name }) => ({ item: id, slug: id.split('/')[1]!, name })),
      ],
    };
  });
  const { lines, fault } = await inThread('stock', { text, names, counting }, { signal });
  if (fault) throw new Problem(422, 'unreadable', fault, { pointer: '/text' });
  if (lines.length > 5000)
    throw new Problem(422, 'too-many', `The list has ${lines.length} lines; at most 5,000 at once.`, {
      pointer: '/text',
    });
  return inTransaction(async (t) => {
    const lots = counting
      ? await lotsNumbered(
          lines.flatMap((line) => line.lot ?? []),
          t,
        )
      : [];
    const numbered = new Map(lots.map((lot) => [lot.number, lot]));
    return lines.map((line) => {
      const counted = (line.lot !== null && numbered.get(line.lot)) || null;
      const unknown = counting && line.lot !== null && !counted;
      const unit = counted && line.amount !== null ? unitFault(line, counted) : null;
      return {
        ...line,
        counted,
        faults: [
          ...line.faults,
          ...(unknown ? [{ column: 'lot', problem: `there is no lot ${line.lot}` }] : []),
          ...(unit ? [{ column: 'amount', problem: unit }] : []),
        ],
      };
    });
  });
}

/** A cord is counted by its length, everything else in pieces. */
function unitFault({ written }: StockLine, { item }: Lot): string | null {
  const isLength = /\d\s*(mm|cm|m|in|ft|yd|["″])/i.test(written);
  if (item.startsWith('cord/') && !isLength) return 'a cord is counted by its length, with the unit';
  if (!item.startsWith('cord/') && isLength) return 'this lot is counted in pieces';
  return null;
}
