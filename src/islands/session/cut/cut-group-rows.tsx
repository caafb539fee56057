import { GanttChart, Layers2 } from 'lucide-react';
import { useState } from 'react';
import { foldWords } from '../../../core/cut';
import { formatLength, formatTotal, type Units } from '../../../core/measure';
import { beadOf, type CutGroup } from '../../../core/seat';
import { cordItem } from '../../../core/shelf';
import { CutAnatomy } from '../../../ui/pictures/cut-anatomy';
import { Swatch } from '../../../ui/pictures/swatch';
import type { SessionModel } from '../model/use-session';
import { BatchTable } from './batch-table';

/** The lengths of one cord and colour: who they are for, how long, by the board, and what each is made of. */
export function CutGroupRows({
  group,
  seats,
  units,
  board,
  scale,
  selected,
  onSelect,
  onLanes,
}: {
  group: CutGroup;
  seats: SessionModel['seats'];
  units: Units;
  board: number;
  /** The longest length of all cords, mm. */
  scale: number;
  selected: string | null;
  onSelect: (seat: string) => void;
  onLanes: (item: string) => void;
}) {
  const [merging, setMerging] = useState(false);
  const { cord, colour, lines, total_mm } = group;
  const name = `${cord.name}, ${colour.name}`;
  const pieces = lines.reduce((sum, { cut }) => sum + cut.pieces, 0);
  const differ = new Set(lines.map(({ cut }) => cut.length_mm)).size > 1;
  const tool = 'btn btn-ghost btn-xs btn-square';
  return (
    <tbody>
      {lines.map(({ seat, plan, cut }, i) => {
        const { record } = seats[seat - 1]!;
        const estimate = beadOf(plan) === 'ringed';
        return (
          <tr key={i} aria-selected={record.id === selected} onClick={() => onSelect(record.id)}>
            {i === 0 && (
              <>
                <th scope="rowgroup" rowSpan={lines.length} className="align-top">
                  <span className="flex items-baseline gap-2">
                    <Swatch hex={colour.hex} />
                    <span className="min-w-0 truncate font-semibold" title={name}>
                      {name}
                    </span>
                  </span>
                  {pieces > 1 && (
                    <span className="quiet block pl-[22px] text-[13px] leading-tight">
                      {pieces} lengths, {formatTotal(total_mm, units)}
                    </span>
                  )}
                </th>
                <td
                  rowSpan={lines.length}
                  className="align-top max-sm:hidden"
                  onClick={(event) => event.stopPropagation()}
                >
                  <span className="flex justify-end">
                    {differ && (
                      <button
                        type="button"
                        className={`${tool} ${merging ? 'btn-active' : ''}`}
                        aria-expanded={merging}
                        aria-label={`${name} in fewer sizes`}
                        title="In fewer sizes"
                        onClick={() => setMerging(!merging)}
                      >
                        <Layers2 size={15} aria-hidden="true" />
                      </button>
                    )}
                    <button
                      type="button"
                      className={tool}
                      aria-label={`${name} from the shelf`}
                      title="From the shelf"
                      onClick={() => onLanes(cordItem(cord.slug, colour.slug))}
                    >
                      <GanttChart size={15} aria-hidden="true" />
                    </button>
                  </span>
                </td>
              </>
            )}
            <td className="num">{seat}</td>
            <td className="truncate">
              <button
                type="button"
                className="max-w-full truncate text-left align-bottom hover:underline"
                onClick={() => onSelect(record.id)}
                aria-label={`Open the cut of ${plan.label}`}
              >
                {plan.label}
              </button>
            </td>
            <td className={`num text-base font-semibold ${estimate ? 'italic' : ''}`}>
              {cut.pieces > 1 && `${cut.pieces} × `}
              {estimate && (
                <>
                  <span aria-hidden="true">~</span>
                  <span className="sr-only">on an estimate, </span>
                </>
              )}
              {formatLength(cut.length_mm, units, 'up')}
            </td>
            <td className="num quiet text-[13px] max-sm:hidden">{foldWords(cut.length_mm, board, units)}</td>
            {!selected && (
              <td className="narrow:hidden">
                <CutAnatomy anatomy={cut.anatomy} length={cut.length_mm} scale={scale} hex={colour.hex} height={12} />
              </td>
            )}
          </tr>
        );
      })}
      {merging && (
        <tr>
          <td colSpan={7} className="bg-base-200">
            <BatchTable group={group} units={units} board={board} />
          </td>
        </tr>
      )}
    </tbody>
  );
}
