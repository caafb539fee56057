import { type SessionView, CARD, outdatedTicks, type Bag } from '../../../core/session';
import type { KitCost } from '../../../core/kit';
import type { Units } from '../../../core/measure';
import { Swatch } from '../../../ui/pictures/swatch';
import { CostWords } from './cost-words';
import { itemLook, lineWords } from './item-look';
import { Heads, num, unseen } from '../../../ui/heads';

/** One thing in a bag, to be ticked off. */
function Tick({
  done,
  onChange,
  children,
}: {
  done: boolean;
  onChange: (on: boolean) => void;
  children: React.ReactNode;
}) {
  return (
    <li>
      <label className="flex items-center gap-1.5">
        <input
          type="checkbox"
          className="checkbox checkbox-sm size-6"
          checked={done}
          onChange={(event) => onChange(event.target.checked)}
        />
        {children}
      </label>
    </li>
  );
}

/** Whether a bag’s seat is fitted: else there is no cord for it, nor a price. */
export const hasCord = (bag: Bag): boolean => bag.lines.some(({ what }) => what === 'cord');

/** The packing list: a bag a seat, each thing in it to be ticked off, or the bag as a whole. */
export function BagTable({
  bags,
  costs,
  studio,
  units,
  ticks,
  selected,
  onSelect,
  onTick,
}: {
  bags: readonly Bag[];
  costs: readonly KitCost[] | null;
  studio: SessionView['studio'];
  units: Units;
  ticks: ReadonlySet<string>;
  selected: string | null;
  onSelect: (id: string) => void;
  onTick: (ticks: string[]) => void;
}) {
  const tick = (bag: Bag, ids: readonly string[], on: boolean) => {
    const outdated = new Set(outdatedTicks(bag, [...ticks]));
    const next = new Set([...ticks].filter((one) => !outdated.has(one)));
    for (const one of ids) {
      if (on) next.add(one);
      else next.delete(one);
    }
    onTick([...next]);
  };
  return (
    <table className="sheet">
      <caption className="sr-only">Packing list, a bag a seat</caption>
      <Heads
        of={[
          unseen('Packed', 'w-10'),
          num('Bag', 'w-12'),
          { name: 'For', width: 'w-56 max-sm:w-24' },
          'What goes in',
          num('Cost', 'w-20 max-sm:hidden'),
        ]}
      />
      <tbody>
        {bags.map((bag, i) => {
          const { card } = bag;
          const ids = [...bag.lines.map((line) => line.id), card];
          const isFitted = hasCord(bag);
          const outdated = outdatedTicks(bag, [...ticks]).length > 0;
          return (
            <tr key={bag.seat} aria-selected={bag.seat === selected}>
              <td className="align-top">
                <input
                  type="checkbox"
                  className="checkbox mt-1"
                  checked={ids.every((one) => ticks.has(one))}
                  aria-label={`Bag ${bag.number} of ${bag.label} is packed`}
                  onChange={(event) => tick(bag, ids, event.target.checked)}
                />
              </td>
              <td className="num align-top pt-1.5 text-lg font-semibold">{bag.number}</td>
              <td className="align-top pt-1.5">
                <button type="button" className="text-left hover:underline" onClick={() => onSelect(bag.seat)}>
                  {bag.label}
                </button>
                <span className="quiet block text-sm">{bag.project || 'no project yet'}</span>
                {bag.estimated && <em className="quiet block text-sm">by an estimate of the wrist</em>}
                {outdated && (
                  <strong className="block text-sm text-accent">Changed since it was packed: look at it again.</strong>
                )}
              </td>
              <td className="align-top">
                <ul className="flex flex-wrap gap-x-5 py-1">
                  {bag.lines.map((line) => {
                    const { hex } = itemLook(line.item, studio);
                    return (
                      <Tick key={line.id} done={ticks.has(line.id)} onChange={(on) => tick(bag, [line.id], on)}>
                        {hex && <Swatch hex={hex} />}
                        {lineWords(line, studio, units)}
                      </Tick>
                    );
                  })}
                  {!isFitted && (
                    <li className="flex items-center font-semibold">No cord yet: the seat is not fitted.</li>
                  )}
                  <Tick done={ticks.has(card)} onChange={(on) => tick(bag, [card], on)}>
                    {CARD}
                  </Tick>
                </ul>
              </td>
              <td className="num align-top pt-1.5 max-sm:hidden">
                {costs && (isFitted ? <CostWords cost={costs[i]!} /> : '—')}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
