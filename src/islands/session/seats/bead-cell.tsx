import { beadOf, coloursOf, type PlannedSeat } from '../../../core/seat';
import { Bead, beadWords } from '../../../ui/pictures/bead';

/** A row's bead: it says the seat's state, and opens the seat in the tray. */
export function BeadCell({ seat, onOpen }: { seat: PlannedSeat; onOpen: () => void }) {
  const state = beadOf(seat.plan);
  return (
    <td className="w-10">
      <button
        type="button"
        className="flex p-1"
        onClick={onOpen}
        title={beadWords(state)}
        aria-label={`Open ${seat.record.name}: ${beadWords(state)}`}
      >
        <Bead state={state} colours={coloursOf(seat.plan)} />
      </button>
    </td>
  );
}
