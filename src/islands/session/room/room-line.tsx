import type { RoomModel } from './use-room';
import { inWords, isUnlikely } from './clock-words';

/** In one line, which keeps its place from the first, whether the room finishes, and at the kits whether a flame is planned that nobody has asked the venue about; with the way there. */
export function RoomLine({
  room,
  seated,
  asksFire,
  href,
  onGo,
}: {
  room: RoomModel;
  /** How many there are: those without a wrist or a project are not reckoned. */
  seated: number;
  /** Whether nobody has confirmed the venue’s fire rules, and it is time to. */
  asksFire: boolean;
  href: string;
  onGo: () => void;
}) {
  if (!room.room || room.problem) return null;
  const { seats } = room.room;
  const late = room.times?.seats.filter(({ finishes }) => isUnlikely(finishes)).length ?? 0;
  const flame = asksFire ? seats.filter(({ steps }) => steps.some(({ at }) => at === 'station')).length : 0;
  const says = [
    late > 0 && `${inWords(late)} of ${inWords(seats.length)} will probably not finish`,
    flame > 0 &&
      `${inWords(flame)} ${flame === 1 ? 'finishes' : 'finish'} with heat, and nobody has confirmed the venue’s fire rules`,
  ].filter((line) => line !== false);
  const asks = says.length > 0;
  const all = seats.length < seated ? `All of the ${inWords(seats.length)} that can be reckoned` : 'Everyone';
  const calm = room.times ? `${all} will probably finish` : 'Reckoning the room';
  const line = asks ? says.join('; ').replace(/^./, (first) => first.toUpperCase()) : calm;
  return (
    <p className={`border-l-4 bg-base-200 px-3 py-1.5 text-sm ${asks ? 'border-warning' : 'quiet border-base-300'}`}>
      {asks ? <strong>{line}:</strong> : `${line}:`}{' '}
      <a
        className="link"
        href={href}
        onClick={(event) => {
          event.preventDefault();
          onGo();
        }}
      >
        see the room
      </a>
      .
    </p>
  );
}
