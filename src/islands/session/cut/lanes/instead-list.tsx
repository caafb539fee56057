import { useQuery } from '@tanstack/react-query';
import type { Replacement } from '../../../../app/kits/instead';
import { formatLength, formatMm, formatTotal, type Units } from '../../../../core/measure';
import { request, type RequestProblem } from '../../../../ui/api';
import { Swatch } from '../../../../ui/pictures/swatch';
import type { SessionModel } from '../../model/use-session';
import { Heads, num, unseen } from '../../../../ui/heads';

/** A change in words, the one for more and the one for less; nothing where it is under half a millimetre. */
const change = (mm: number, [up, down]: readonly [string, string], format: (mm: number) => string): string =>
  Math.abs(mm) < 0.5 ? '' : (mm > 0 ? up : down).replace('%', format(Math.abs(mm)));

/** What on the shelf would do in place of a cord there is too little of, what it changes, and the means to take it. */
export function InsteadList({ item, model, units }: { item: string; model: SessionModel; units: Units }) {
  const { id } = model.view.session;
  const { data, error } = useQuery<Replacement[], RequestProblem>({
    queryKey: ['instead', id, item],
    queryFn: () => request('GET', `/api/sessions/${id}/instead?item=${encodeURIComponent(item)}`),
  });
  if (error) return <p className="px-2 text-sm text-error">{error.message}</p>;
  if (!data) return <p className="quiet px-2 text-sm">Looking along the shelf…</p>;
  if (data.length === 0) return <p className="px-2 text-sm">Nothing on the shelf would do in its place.</p>;
  return (
    <table className="sheet max-w-4xl text-sm">
      <caption className="sr-only">What would do in its place</caption>
      <Heads of={['Instead', num('Free'), 'What it changes', unseen('Take it')]} />
      <tbody>
        {data.map((one) => (
          <tr key={one.item}>
            <td>
              <span className="flex items-center gap-2">
                <Swatch hex={one.hex} /> {one.name}
              </span>
            </td>
            <td className="num">{formatTotal(one.free_mm, units, 'down')}</td>
            <td>
              {[
                change(one.cut_mm, ['% more to cut', '% less to cut'], (mm) => formatTotal(mm, units)),
                change(one.width_mm, ['band % wider', 'band % narrower'], formatMm),
                change(one.knotted_mm, ['knotted % longer', 'knotted % shorter'], (mm) => formatLength(mm, units)),
              ]
                .filter(Boolean)
                .join(', ') || 'the colour alone'}
            </td>
            <td className="text-right">
              <button
                type="button"
                className="btn btn-sm"
                onClick={() =>
                  model.act({
                    kind: 'seats',
                    edits: one.seats.map(({ id: seat, cords }) => ({ id: seat, changes: { cords } })),
                  })
                }
              >
                Use it in {one.seats.length} {one.seats.length === 1 ? 'seat' : 'seats'}
              </button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
