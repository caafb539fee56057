import { DndContext, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { Loader, Lock, LockOpen } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { formatLength, formatTotal, type Units } from '../../../../core/measure';
import { lacking, takenBy, TO_BUY } from '../../../../core/layout';
import { Swatch } from '../../../../ui/pictures/swatch';
import type { SessionModel } from '../../model/use-session';
import { InsteadList } from './instead-list';
import { laneName, LaneBar } from './lane-bar';
import type { Laid, LanesModel } from './use-lanes';
import { Refusal } from '../../../../ui/refusal';

const SAID = { draggable: 'Choose a length to move it or lock it with the buttons below the lanes.' };

/** What the plan opens and leaves, and how much better any could be, in words. */
function inWords(laid: Laid, lanes: LanesModel, loss: number, keep: number, units: Units): string[] {
  const lots = new Map(lanes.lotsOf(laid.item).map((lot) => [lot.id, lot]));
  const bought = laid.lanes.filter((lane) => lane.stock === TO_BUY);
  const opened = laid.lanes.filter((lane) => lots.get(lane.stock)?.fresh);
  const rests = laid.lanes.map((lane) => lane.length_mm - takenBy(lane, loss)).filter((rest) => rest > 0);
  const scrap = rests.filter((rest) => rest < keep).reduce((sum, rest) => sum + rest, 0);
  const fresh = (bought.length > 0 ? bought : opened).reduce((sum, lane) => sum + lane.length_mm, 0);
  const gap = Math.max(0, fresh - laid.bound_mm);
  return [
    bought.length > 0
      ? `${bought.length} ${bought.length === 1 ? 'pack' : 'packs'} of ${formatTotal(bought[0]!.length_mm, units)} to buy`
      : fresh > 0
        ? `Opens ${opened.length === 1 ? 'a pack' : `${opened.length} packs`} (${formatTotal(fresh, units)})`
        : 'Opens nothing new',
    scrap > 0 ? `${formatLength(scrap, units)} of scrap` : 'no scrap',
    gap === 0 ? 'no plan opens less' : `at most ${formatTotal(gap, units)} better is possible`,
  ];
}

/** One cord and colour: its lanes, what they open and leave, and the means to change them. */
export function LaneGroup({
  laid,
  lanes,
  model,
  name,
  hex,
  loss,
  keep,
  units,
  isFirst,
}: {
  laid: Laid;
  lanes: LanesModel;
  model: SessionModel;
  name: string;
  hex: string;
  loss: number;
  keep: number;
  units: Units;
  /** Whether this is the cord that somebody came for. */
  isFirst: boolean;
}) {
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    if (isFirst) heading.current?.focus();
  }, [isFirst]);
  const [chosen, setChosen] = useState<string | null>(null);
  const [looking, setLooking] = useState(false);
  // From the keyboard a length is chosen, then moved and locked with the buttons: Enter is not the dragging's.
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const cuts = new Map((lanes.cuts.get(laid.item) ?? []).map((cut) => [cut.id, cut]));
  const lots = new Map(lanes.lotsOf(laid.item).map((lot) => [lot.id, lot]));
  const fullest = Math.max(1, ...laid.lanes.map((lane) => takenBy(lane, loss)));
  const scale = Math.max(
    fullest,
    Math.min(fullest * 1.2, Math.max(...laid.lanes.map((lane) => lane.length_mm), fullest)),
  );
  const cut = chosen ? cuts.get(chosen) : undefined;
  const at = laid.lanes.findIndex((lane) => lane.cuts.some(({ id }) => id === chosen));
  const isLocked = at >= 0 && laid.lanes[at]!.locked.includes(chosen!);
  const solving = laid.state !== 'done';
  const words = inWords(laid, lanes, loss, keep, units);
  const dropped = ({ active, over }: DragEndEvent) => {
    const lane = /^lane (\d+)$/.exec(String(over?.id ?? ''));
    if (lane) lanes.moveTo(laid.item, String(active.id), Number(lane[1]));
  };
  return (
    <section className="px-2 pb-5" aria-label={name}>
      <h2 ref={heading} tabIndex={-1} className="flex flex-wrap items-baseline gap-2 px-2 pt-2 text-lg">
        <Swatch hex={hex} size={16} /> {name}
        <span className="quiet font-sans text-sm font-normal">
          {cuts.size} {cuts.size === 1 ? 'length' : 'lengths'} from {laid.lanes.length}{' '}
          {laid.lanes.length === 1 ? 'piece' : 'pieces'}
        </span>
      </h2>
      <p className="flex items-center gap-2 px-2 text-sm">
        {solving && <Loader size={14} aria-hidden="true" />}
        {laid.state === 'waiting'
          ? 'Waiting its turn…'
          : solving
            ? `Best so far: ${words.join('; ')}`
            : `${words.join('; ')}.`}
      </p>
      <Refusal why={laid.problem} className="mx-2 my-1" />
      {laid.unplaced.length > 0 && !solving && (
        <p role="alert" className="mx-2 my-1 border-l-4 border-warning bg-base-200 px-2 py-1 text-sm">
          <strong>Not enough on the shelf for:</strong>{' '}
          {laid.unplaced
            .map((id) => `${cuts.get(id)?.label ?? id} (${formatLength(cuts.get(id)?.mm ?? 0, units, 'up')})`)
            .join(', ')}
          .{' '}
          {lanes.packOf(laid.item) === null
            ? 'Say on the shelf how this cord is bought, or receive some.'
            : 'No pack is that long: receive a longer spool.'}
        </p>
      )}
      {!solving && (laid.unplaced.length > 0 || laid.lanes.some((lane) => lane.stock === TO_BUY)) && (
        <details className="px-2 text-sm" onToggle={(event) => setLooking(event.currentTarget.open)}>
          <summary className="cursor-pointer">What would do instead</summary>
          {looking && <InsteadList item={laid.item} model={model} units={units} />}
        </details>
      )}
      {laid.lanes.length > 0 && (
        <DndContext sensors={sensors} onDragEnd={dropped} accessibility={{ screenReaderInstructions: SAID }}>
          <table className="sheet mt-1 table-fixed">
            <caption className="sr-only">Which lengths of {name} are cut from which piece</caption>
            <colgroup>
              <col className="w-40" />
              <col />
              <col className="w-32" />
            </colgroup>
            <thead className="sr-only">
              <tr>
                <th scope="col">Piece</th>
                <th scope="col">Cuts</th>
                <th scope="col">Left</th>
              </tr>
            </thead>
            <tbody>
              {laid.lanes.map((lane, i) => (
                <LaneBar
                  key={`${lane.stock} ${i}`}
                  index={i}
                  lane={lane}
                  lot={lots.get(lane.stock)}
                  cuts={cuts}
                  scale={scale}
                  hex={hex}
                  units={units}
                  loss={loss}
                  keep={keep}
                  chosen={chosen}
                  onChoose={(id) => setChosen(id === chosen ? null : id)}
                />
              ))}
            </tbody>
          </table>
        </DndContext>
      )}
      {cut && at >= 0 && !solving && (
        <div className="mx-2 mt-1 flex flex-wrap items-center gap-3 bg-base-200 px-3 py-1.5 text-sm">
          <span>
            <strong>{cut.label}</strong>, bag {cut.bag}, {formatLength(cut.mm, units, 'up')}
          </span>
          <button type="button" className="btn btn-sm" onClick={() => lanes.lock(laid.item, cut.id, !isLocked)}>
            {isLocked ? <LockOpen size={14} aria-hidden="true" /> : <Lock size={14} aria-hidden="true" />}
            {isLocked ? 'Unlock' : 'Lock here'}
          </button>
          <label className="flex items-center gap-2">
            Move to
            <select
              className="select select-sm w-auto"
              value={at}
              onChange={(event) => lanes.moveTo(laid.item, cut.id, Number(event.target.value))}
            >
              {laid.lanes.map((lane, i) => {
                const over = i === at ? 0 : lacking(lane, cut.mm, loss);
                return (
                  <option key={i} value={i}>
                    {laneName(lane, lots.get(lane.stock))}
                    {over > 0 ? ` (${formatLength(over, units, 'up')} too short)` : ''}
                  </option>
                );
              })}
            </select>
          </label>
          <button type="button" className="btn btn-sm" onClick={() => void lanes.solve(laid.item)}>
            Lay out the rest again
          </button>
        </div>
      )}
    </section>
  );
}
