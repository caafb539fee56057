import { Check, Hand, Flame, House, UserRoundX } from 'lucide-react';
import { memo } from 'react';
import { courseOf, madeBand, phaseNow, type SeatAtWork } from '../../core/bench';
import type { MakingWords } from '../../core/making';
import type { Units } from '../../core/measure';
import { beadOf, coloursOf, type PlannedSeat } from '../../core/seat';
import { Bead } from '../../ui/pictures/bead';
import { Strip } from '../../ui/strip';
import { useNear } from '../../ui/use-near';
import { clockWords, countWords, PHASE_WORDS } from './words';

/** So many cards have their piece from the first, as many as a phone shows; the others when they are near the screen. */
const SEEN = 8;

/** How a seat will probably end: when, and the chance that it is before the room closes. */
export interface Ends {
  readonly at: number;
  readonly chance: number;
}

/** What stands at the foot of a card: where the seat is, and what is the matter. */
function state(
  seat: SeatAtWork,
  { plan }: PlannedSeat,
  ends: Ends | null,
): { words: string; Icon?: typeof Hand; bad?: true } {
  if (seat.done !== null) return { words: `done at ${clockWords(seat.done)}`, Icon: Check };
  if (seat.here === 'home') return { words: 'goes on at home', Icon: House };
  if (seat.here === 'away') return { words: 'did not come', Icon: UserRoundX };
  if (seat.help !== null) return { words: 'asks for help', Icon: Hand, bad: true };
  if (seat.turn !== null) return { words: 'at the station', Icon: Flame };
  const atFlame = plan.pace?.steps.some(({ at }) => at === 'station');
  if (seat.ready !== null)
    return atFlame
      ? { words: 'waits for the station', Icon: Flame }
      : { words: 'says it is done: look at it', Icon: Hand };
  if (seat.here === 'expected' && seat.made === 0 && seat.step === null) return { words: 'not here yet' };
  const phase = PHASE_WORDS[phaseNow(courseOf(plan), seat)];
  if (!ends) return { words: phase };
  const at = clockWords(ends.at);
  return ends.chance < 0.5 ? { words: `${phase}, late: ${at}`, bad: true } : { words: `${phase}, done ~${at}` };
}

/** A seat as it is seen across the room: who, the piece as far as it is made, and what is the matter. */
export const SeatCard = memo(function SeatCard({
  seat,
  number,
  called,
  atWork,
  words: making,
  ends,
  units,
  isOpen,
  onOpen,
}: {
  seat: PlannedSeat;
  number: number;
  /** A first name, or as much of it as tells two apart. */
  called: string;
  atWork: SeatAtWork;
  words: MakingWords;
  ends: Ends | null;
  units: Units;
  isOpen: boolean;
  onOpen: (id: string) => void;
}) {
  const { plan, id } = seat;
  const { words, Icon, bad } = state(atWork, seat, ends);
  const [isNear, ref] = useNear('25%');
  const isOver = atWork.done !== null || atWork.here === 'home' || atWork.here === 'away';
  return (
    <button
      type="button"
      onClick={() => onOpen(id)}
      aria-pressed={isOpen}
      className={`flex h-full w-full flex-col gap-1 border-2 p-2 text-left text-base ${
        isOpen ? 'border-primary' : bad ? 'border-error' : 'border-base-300'
      } ${isOver ? 'bg-base-200' : 'bg-base-100'}`}
    >
      <span className="flex w-full items-center gap-2">
        <span className="quiet order-last">{number}</span>
        <Bead state={beadOf(plan)} colours={coloursOf(plan)} size={22} />
        <span className="min-w-0 flex-1 truncate font-display text-xl font-semibold" title={plan.label}>
          <span aria-hidden="true">{called}</span>
          <span className="sr-only">{plan.label}</span>
        </span>
      </span>
      <span ref={ref} className="flex h-10 w-full items-center overflow-hidden [&>svg]:max-h-10" aria-hidden="true">
        {!plan.fit && <span className="quiet">no size yet</span>}
        {plan.fit && (number <= SEEN || isNear) && (
          <Strip
            plan={plan}
            side="front"
            units={units}
            ruler={false}
            small
            made={atWork.done !== null ? undefined : madeBand(plan, atWork.made).spans}
          />
        )}
      </span>
      <span className="w-full truncate tabular-nums">{countWords(plan, atWork, making)}</span>
      <span className={`flex w-full items-center gap-1.5 ${bad ? 'font-semibold text-error' : 'quiet'}`}>
        {Icon && <Icon size={18} aria-hidden="true" className="shrink-0" />}
        <span className="min-w-0">{words}</span>
      </span>
    </button>
  );
});
