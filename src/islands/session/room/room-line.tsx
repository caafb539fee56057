import type { RoomModel } from './use-room';
import { inWords, isUnlikely } from './clock-words';

/** In one line whether the room finishes, and at the kits whether a flame is planned that nobody has asked the venue about; with the way there. */
export function RoomLine({
  room,
  asksFire,
  href,
  onGo,
}: {
  room: RoomModel;
  /** Whether nobody has confirmed the venue’s fire rules, and it is time to. */
  asksFire: boolean;
  href: string;
  onGo: () => void;
}) {
  if (!room.times) return null;
  const { seats } = room.times;
  const late = seats.filter(({ finishes }) => isUnlikely(finishes)).length;
  const flame = asksFire ? seats.filter(({ turn }) => turn).length : 0;
  if (late === 0 && flame === 0) return null;
  const says = [
    late > 0 && `${inWords(late)} of ${inWords(seats.length)} will probably not finish`,
    flame > 0 &&
      `${inWords(flame)} ${flame === 1 ? 'finishes' : 'finish'} with heat, and nobody has confirmed the venue’s fire rules`,
  ].filter((line) => line !== false);
  return (
    <p className="border-l-4 border-warning bg-base-200 px-3 py-1.5 text-sm">
      <strong>{`${says.join('; ').replace(/^./, (first) => first.toUpperCase())}:`}</strong>{' '}
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
