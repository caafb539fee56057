import { formatLength, type Units } from '../../../core/measure';
import type { CutGroup } from '../../../core/seat';
import { Heads, num, unseen } from '../../../ui/heads';
import type { SessionModel } from '../model/use-session';
import { CutGroupRows } from './cut-group-rows';

/** Every length of the session in one table: the cord at the left of its lengths, everything else in columns over all cords. */
export function CutTable({
  groups,
  model,
  units,
  selected,
  onSelect,
  onLanes,
}: {
  groups: readonly CutGroup[];
  model: SessionModel;
  units: Units;
  selected: string | null;
  onSelect: (seat: string) => void;
  /** Shows from which pieces of the shelf a cord is cut. */
  onLanes: (item: string) => void;
}) {
  const { board } = model.figures;
  const longest = Math.max(0, ...groups.flatMap(({ lines }) => lines.map(({ cut }) => cut.length_mm)));
  return (
    <table className="sheet sheet-close mx-2 mb-6 w-[calc(100%-1rem)] table-fixed">
      <caption className="sr-only">Lengths to cut, by cord and colour, long ones first</caption>
      <Heads
        of={[
          { name: 'Cord', width: selected ? 'w-[40%]' : 'w-[27%] narrow:w-[38%] max-sm:w-[34%]' },
          unseen('What else', 'w-16 max-sm:hidden'),
          num('Bag', 'w-11'),
          { name: 'Name', width: 'w-[17%]' },
          num('Cut', 'w-28'),
          num(`${formatLength(board, units)} boards`, 'w-32 max-sm:hidden'),
          // Beside the tray, which has it larger, there is no room for it, nor on a small screen.
          !selected && { name: 'What it is made of', width: 'narrow:hidden' },
        ]}
      />
      {groups.map((group) => (
        <CutGroupRows
          key={`${group.cord.slug}|${group.colour.slug}`}
          group={group}
          seats={model.seats}
          units={units}
          board={board}
          scale={longest}
          selected={selected}
          onSelect={onSelect}
          onLanes={onLanes}
        />
      ))}
    </table>
  );
}
