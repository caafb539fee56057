import { Undo2 } from 'lucide-react';
import type { LedgerLine } from '../../data/shelf/ledger';
import { formatLength, type Units } from '../../core/measure';
import { kindOf } from '../../core/shelf';
import { book } from '../../ui/api';
import { amountOf } from '../../ui/words/amount';
import { moment } from '../../ui/words/region';
import { type ShelfModel, useLedger } from './use-shelf';
import { Heads, num, unseen } from '../../ui/heads';

export const MOVEMENT_WORDS: Record<string, string> = {
  receive: 'Received',
  reserve: 'Reserved',
  release: 'Released',
  issue: 'Issued',
  return: 'Returned',
  waste: 'Wasted',
  count: 'Counted',
  undo: 'Undone',
};

/** What a movement changes, to the millimetre: rounded sums would not add up to what is on the shelf. */
function signed(item: string, amount: number, units: Units): string {
  if (amount === 0) return '';
  const much = Math.abs(amount);
  const exact = kindOf(item) === 'cord' && much % 100 !== 0;
  return `${amount > 0 ? '+' : '−'}${exact ? formatLength(much, units) : amountOf(item, much, units)}`;
}

const why = ({ session, note }: LedgerLine): string => [session, note].filter(Boolean).join(': ');

/** The newest lines of the ledger; each can be undone by a counter-entry. */
export function LedgerTable({ model, units, lot }: { model: ShelfModel; units: Units; lot: string | null }) {
  const { data, isLoading, hasNextPage, isFetchingNextPage, fetchNextPage } = useLedger(lot);
  const lines = data?.pages.flat() ?? [];
  const names = new Map(model.shelf.lines.map(({ doc }) => [doc.id, doc.name]));
  if (isLoading) return <p className="px-4 py-2">Reading the ledger…</p>;
  if (lines.length === 0) return <p className="px-4 py-2">Nothing has moved yet.</p>;
  return (
    <div className={lot ? '' : 'overflow-x-auto px-2'}>
      <table className="sheet text-sm">
        <caption className="sr-only">Movements, newest first</caption>
        <Heads of={['When', 'What', !lot && 'Lot', num('On hand'), num('Reserved'), !lot && 'For', unseen('Undo')]} />
        <tbody>
          {lines.map((line) => (
            <tr key={line.id} className={line.undone ? 'line-through opacity-70' : ''}>
              <td className="whitespace-nowrap">{moment(line.made_at)}</td>
              <td>
                {MOVEMENT_WORDS[line.kind] ?? line.kind}
                {lot && <span className="quiet block text-xs">{why(line)}</span>}
              </td>
              {!lot && (
                <td>
                  {line.number}, {names.get(line.item) ?? line.item}
                </td>
              )}
              <td className="num">{signed(line.item, line.hand, units)}</td>
              <td className="num">{signed(line.item, line.held, units)}</td>
              {!lot && <td className="min-w-48">{why(line)}</td>}
              <td className="text-right">
                {line.kind !== 'undo' && !line.undone && line.session_id === null && (
                  <button
                    type="button"
                    className="btn btn-ghost btn-xs"
                    disabled={model.busy}
                    onClick={() =>
                      void model.act(
                        () => book('POST', `/api/shelf/movements/${line.id}`, {}),
                        'Undone by a counter-entry.',
                      )
                    }
                  >
                    <Undo2 size={13} aria-hidden="true" /> {lot ? <span className="sr-only">Undo</span> : 'Undo'}
                  </button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {hasNextPage && (
        <button
          type="button"
          className="btn btn-sm my-2"
          disabled={isFetchingNextPage}
          onClick={() => void fetchNextPage()}
        >
          {isFetchingNextPage ? 'Reading…' : 'Older movements'}
        </button>
      )}
    </div>
  );
}
