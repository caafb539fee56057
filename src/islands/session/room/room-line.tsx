import type { RoomModel } from './use-room';
import { inWords } from './clock-words';

/** In one line whether the room finishes, with the way to see why. */
export function RoomLine({ room, href, onGo }: { room: RoomModel; href: string; onGo: () => void }) {
  if (!room.times) return null;
  const { seats } = room.times;
  const late = seats.filter(({ finishes }) => finishes < 0.5).length;
  if (late === 0) return null;
  const of = inWords(seats.length);
  return (
    <p className="border-l-4 border-warning bg-base-200 px-3 py-1.5 text-sm">
      <strong>
        {`${inWords(late).replace(/^./, (first) => first.toUpperCase())} of ${of} will probably not finish:`}
      </strong>{' '}
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
