import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { colourGifts, colourProblems, type ColourGift } from '../../../../core/layout';
import { request } from '../../../../ui/api';
import { Swatch } from '../../../../ui/pictures/swatch';
import { assignInWorker } from '../../../../workers/solver';
import { itemLook } from '../../kit/item-look';
import type { SessionModel } from '../../model/use-session';
import { Heads } from '../../../../ui/heads';

const RANKS = ['first wish', 'second wish', 'third wish', 'fourth wish', 'fifth wish', 'sixth wish'];

/** Weighs the wishes in a worker, cord by cord, against the pieces that are free on the shelf. */
async function weighWishes({
  view,
  seats,
  figures,
}: SessionModel): Promise<{ gifts: ColourGift[]; without: string[] }> {
  const { id } = view.session;
  const { catalogue } = view.studio;
  const wishes = new Map(view.seats.map((seat) => [seat.id, seat.wishes]));
  const { problems, several } = colourProblems(seats, (seat) => wishes.get(seat) ?? [], figures.cut_loss);
  const gifts: ColourGift[] = [];
  for (const problem of problems) {
    const pieces = await request<Record<string, number[]>>('GET', `/api/sessions/${id}/pieces?cord=${problem.cord}`);
    const given = await assignInWorker(problem.wishing, problem.keeping, pieces);
    gifts.push(...colourGifts(problem, given, seats, catalogue));
  }
  const served = new Set(gifts.map(({ seat }) => seat));
  const asked = problems.flatMap(({ wishing }) => wishing.map(({ seat }) => seat));
  return { gifts, without: [...several, ...asked.filter((seat) => !served.has(seat))] };
}

function Proposal({ model }: { model: SessionModel }) {
  const { id } = model.view.session;
  const marks = model.seats.map(({ record }) => `${record.id}${record.version}`).join('|');
  const labels = new Map(model.seats.map(({ record }) => [record.id, record.name]));
  const { data, error } = useQuery<Awaited<ReturnType<typeof weighWishes>>, Error>({
    queryKey: ['colours', id, marks],
    queryFn: () => weighWishes(model),
    retry: 1,
  });
  if (error) return <p className="text-sm text-error">{error.message}</p>;
  if (!data) return <p className="quiet text-sm">Weighing the wishes…</p>;
  const changes = data.gifts.filter((gift) => gift.from !== gift.to);
  return (
    <div className="text-sm">
      <table className="sheet max-w-3xl">
        <caption className="sr-only">Colours by wish</caption>
        <Heads of={['For', 'Would get', 'Which is']} />
        <tbody>
          {data.gifts.map((gift) => {
            const { name, hex } = itemLook(gift.to, model.view.studio);
            return (
              <tr key={gift.seat}>
                <td>{labels.get(gift.seat)}</td>
                <td>
                  <span className="flex items-center gap-2">
                    {hex && <Swatch hex={hex} />} {name}
                    {gift.from === gift.to && <span className="quiet"> as it is</span>}
                  </span>
                </td>
                <td>{gift.rank === null ? 'none of their wishes' : `their ${RANKS[gift.rank]}`}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {data.without.length > 0 && (
        <p className="my-1">
          <strong>Left as they are:</strong> {data.without.map((seat) => labels.get(seat)).join(', ')}: no colour of
          their cord is left, or the piece has several.
        </p>
      )}
      <button
        type="button"
        className="btn btn-sm mt-1"
        disabled={changes.length === 0}
        onClick={() =>
          model.act({ kind: 'seats', edits: changes.map(({ seat, cords }) => ({ id: seat, changes: { cords } })) })
        }
      >
        Give {changes.length} {changes.length === 1 ? 'seat' : 'seats'} these colours
      </button>
    </div>
  );
}

/** The seats' wishes for colours against the shelf; shown where anybody wishes for any. */
export function ColourWishes({ model }: { model: SessionModel }) {
  const [open, setOpen] = useState(false);
  const wishing = model.seats.filter(({ record }) => record.wishes.length > 0).length;
  if (wishing === 0) return null;
  return (
    <details className="mx-4 mb-2" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="cursor-pointer text-sm">
        Colours by wish: {wishing} {wishing === 1 ? 'seat has' : 'seats have'} a list
      </summary>
      {open && <Proposal model={model} />}
    </details>
  );
}
