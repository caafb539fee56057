import type { Substitute } from '../../../app/buying/substitutes';
import type { Units } from '../../../core/measure';
import { kindOf, type OrderGroup, type Way } from '../../../core/shelf';
import { Swatch } from '../../../ui/pictures/swatch';
import { amountOf } from '../../../ui/words/amount';
import { day, money } from '../../../ui/words/region';
import type { OrderLine } from './order-words';

/** The ways that cost less than the one that is taken, and still come in time where that one does; the cheapest first. */
function cheaper({ of, way }: OrderLine): Way[] {
  const isInTime = way.comes_on <= of.short_on!;
  return of.ways
    .filter(({ cost, comes_on }) => cost < way.cost && (!isInTime || comes_on <= of.short_on!))
    .sort((a, b) => a.cost - b.cost)
    .slice(0, 1);
}

/** What is bought of one supplier and sent as quickly; beside each line, what would save money. */
export function OrderGroupRows({
  group,
  units,
  instead,
  onPack,
  onTake,
}: {
  group: OrderGroup<OrderLine>;
  units: Units;
  instead: Readonly<Record<string, Substitute>>;
  onPack: (item: string, pack: number) => void;
  onTake: (item: string, taken: boolean) => void;
}) {
  const { supplier, lead_days, comes_on, lines } = group;
  const cost = lines.reduce((sum, { way, without }) => sum + (without ? 0 : way.cost), 0);
  return (
    <tbody>
      <tr>
        <th scope="rowgroup" colSpan={7} className="pt-2!">
          <strong className="text-base">
            {supplier || 'Bought elsewhere'}, {lead_days} days
          </strong>{' '}
          <span className="quiet">
            here on {day(comes_on)} if ordered today, {money(cost)}
          </span>
        </th>
      </tr>
      {lines.map((line) => {
        const { item, of, way, usual, without } = line;
        const late = way.comes_on > of.short_on!;
        const substitute = instead[item];
        return (
          <tr key={item} className={without ? 'quiet line-through' : ''}>
            <td>
              <input
                type="checkbox"
                className="checkbox checkbox-xs"
                aria-label={`Order ${of.name}`}
                checked={!without}
                onChange={(event) => onTake(item, event.target.checked)}
              />
            </td>
            <td className="truncate" title={of.name}>
              {of.hex && <Swatch hex={of.hex} />} {of.name}
            </td>
            <td className="num">{amountOf(item, of.short, units, 'needed')}</td>
            <td className="num">
              {way.needed} × {amountOf(item, way.pack, units)}
            </td>
            <td className="num">{money(way.cost)}</td>
            <td className={late ? 'font-bold text-error' : ''}>
              {of.order_by && day(of.order_by, 'short')}
              {late && ' (late)'}
            </td>
            <td>
              <span className="flex flex-wrap gap-x-4">
                {!without && way.pack !== usual.pack && (
                  <button type="button" className="link" onClick={() => onPack(item, usual.pack)}>
                    back to {usual.needed} × {amountOf(item, usual.pack, units)}
                  </button>
                )}
                {!without &&
                  cheaper(line).map((other) => (
                    <button key={other.pack} type="button" className="link" onClick={() => onPack(item, other.pack)}>
                      {money(way.cost - other.cost)} with {other.needed} × {amountOf(item, other.pack, units)}
                    </button>
                  ))}
                {!without && substitute && (
                  <a
                    className="link"
                    href={`/sessions/${substitute.sessions[0]!.id}/${kindOf(item) === 'cord' ? 'cut' : 'fit'}`}
                  >
                    {money(way.cost)} with {substitute.name} from the shelf
                  </a>
                )}
              </span>
            </td>
          </tr>
        );
      })}
    </tbody>
  );
}
