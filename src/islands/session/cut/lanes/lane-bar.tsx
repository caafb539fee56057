import { useDraggable, useDroppable } from '@dnd-kit/core';
import { Lock } from 'lucide-react';
import { formatLength, formatTotal, type Units } from '../../../../core/measure';
import { takenBy, TO_BUY, type BagCut, type CuttableLot, type LayoutLane } from '../../../../core/layout';
import { inkOn } from '../../../../ui/pictures/tint';

const KINDS: Record<string, string> = { spool: 'Spool', hank: 'Hank', pack: 'Pack', offcut: 'Offcut', bag: 'Bag' };

/** What a lane is cut from, in words. */
export const laneName = (lane: LayoutLane, lot: CuttableLot | undefined): string =>
  lane.stock === TO_BUY ? 'Pack to buy' : lot ? `${KINDS[lot.kind] ?? lot.kind} ${lot.number}` : 'A lot that is gone';

/** One cut in its lane: dragged to another, or chosen to be moved and locked with buttons. */
function CutBox({
  cut,
  share,
  hex,
  units,
  chosen,
  locked,
  onChoose,
}: {
  cut: BagCut;
  share: number;
  hex: string;
  units: Units;
  chosen: boolean;
  locked: boolean;
  onChoose: () => void;
}) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({ id: cut.id });
  const length = formatLength(cut.mm, units, 'up');
  return (
    <button
      ref={setNodeRef}
      type="button"
      {...attributes}
      {...listeners}
      aria-pressed={chosen}
      aria-label={`Bag ${cut.bag}, ${cut.label}, ${length}${cut.estimated ? ', by an estimate' : ''}${locked ? ', locked' : ''}`}
      title={`${cut.label}, ${length}${cut.estimated ? ', by an estimate' : ''}`}
      onClick={onChoose}
      className={`h-full overflow-hidden border-r-2 border-base-100 px-1 text-left text-xs leading-tight whitespace-nowrap ${chosen ? 'outline-2 -outline-offset-3 outline-primary' : ''} ${isDragging ? 'z-20 opacity-80' : ''}`}
      style={{
        width: `${share * 100}%`,
        background: hex,
        color: inkOn(hex),
        transform: transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined,
      }}
    >
      <span className="flex items-center gap-1 font-bold">
        {cut.bag} <span className="truncate font-normal">{cut.label}</span>
        {locked && <Lock size={11} className="shrink-0" aria-hidden="true" />}
      </span>
      <span aria-hidden="true" className={cut.estimated ? 'italic' : ''}>
        {cut.estimated && '~'}
        {length}
      </span>
    </button>
  );
}

/** One spool, hank, pack or offcut with its cuts in order, and what is left at its end. */
export function LaneBar({
  index,
  lane,
  lot,
  cuts,
  scale,
  hex,
  units,
  loss,
  keep,
  chosen,
  onChoose,
}: {
  index: number;
  lane: LayoutLane;
  lot: CuttableLot | undefined;
  cuts: ReadonlyMap<string, BagCut>;
  /** mm that fill the width. */
  scale: number;
  hex: string;
  units: Units;
  loss: number;
  keep: number;
  chosen: string | null;
  onChoose: (id: string) => void;
}) {
  const { setNodeRef, isOver } = useDroppable({ id: `lane ${index}` });
  const rest = lane.length_mm - takenBy(lane, loss);
  const isScrap = rest > 0 && rest < keep;
  const used = takenBy(lane, loss);
  const shown = Math.min(rest, scale - used);
  return (
    <tr>
      <th scope="row" className="w-44 align-middle whitespace-nowrap">
        <span className="font-semibold">{laneName(lane, lot)}</span>
        <span className="quiet block text-xs">
          {formatTotal(lane.length_mm, units, 'down')}
          {lot?.place && `, ${lot.place}`}
        </span>
      </th>
      <td className="py-1">
        <div
          ref={setNodeRef}
          className={`flex h-11 w-full border-y ${isOver ? 'border-primary bg-base-200' : 'hair'}`}
          data-lane={index}
        >
          {lane.cuts.map(({ id, mm }) => {
            const cut = cuts.get(id);
            return (
              cut && (
                <CutBox
                  key={id}
                  cut={cut}
                  share={(mm + loss) / scale}
                  hex={hex}
                  units={units}
                  chosen={chosen === id}
                  locked={lane.locked.includes(id)}
                  onChoose={() => onChoose(id)}
                />
              )
            );
          })}
          {shown > 0 && (
            <div
              className={`flex items-center border-r-4 ${isScrap ? 'border-dashed border-error' : 'border-base-content'}`}
              style={{ width: `${(shown / scale) * 100}%` }}
            >
              <svg viewBox="0 0 10 10" preserveAspectRatio="none" className="h-2 w-full" aria-hidden="true">
                <path
                  d="M 0 5 H 10"
                  stroke={hex}
                  strokeWidth={6}
                  strokeDasharray={rest > shown ? '0.25 0.25' : undefined}
                />
              </svg>
            </div>
          )}
        </div>
      </td>
      <td className="num w-32 text-sm">
        {rest === 0 ? (
          'used up'
        ) : isScrap ? (
          <>
            <strong className="text-error">scrap</strong> {formatLength(rest, units)}
          </>
        ) : (
          `${formatTotal(rest, units, 'down')} left`
        )}
      </td>
    </tr>
  );
}
