import type { Units } from '../../../core/measure';
import { SURE } from '../../../core/remedy';
import { Wide } from '../../../ui/wide';
import type { SessionModel } from '../model/use-session';
import { clockTime, inWords } from './clock-words';
import { Remedies } from './remedies';
import { RoomAsks } from './room-asks';
import { RoomCharts } from './room-charts';
import { RoomClock } from './room-clock';
import type { RoomModel } from './use-room';

/** How the session's time will pass: who finishes, where they queue, and what would help. */
export function RoomPanel({
  model,
  units,
  room: { room, times, problem },
  onSelect,
}: {
  model: SessionModel;
  units: Units;
  room: RoomModel;
  onSelect: (id: string) => void;
}) {
  const { session } = model.view;
  const unplanned = model.seats.length - (room?.seats.length ?? 0);
  const isSure = times?.seats.every(({ finishes }) => finishes >= SURE) ?? true;
  return (
    <div>
      <RoomAsks model={model} times={times} />
      {session.minutes === null && (
        <p className="px-4">How long is the session? Fill in its minutes, and the room can be reckoned.</p>
      )}
      {problem && <p className="px-4 text-error">The room could not be reckoned: {problem}.</p>}
      {room && !times && !problem && <p className="quiet px-4">Reckoning…</p>}
      {room && times && (
        <>
          <p className="px-4 pb-2 text-lg">
            <strong>
              About {inWords(Math.round(times.finishing.mean))} of {inWords(times.seats.length)} finish by{' '}
              {clockTime(session.starts_at, room.minutes)}
            </strong>
            {times.finishing.p10 < times.seats.length &&
              `, one time in ten only ${inWords(times.finishing.p10)}${times.finishing.p10 > 0 ? ' or fewer' : ''}`}
            .
            <span className="quiet block text-sm">
              An estimate over {times.runs} runs, by the figures of pace and of the room in the settings
              {unplanned > 0 && `; ${inWords(unplanned)} without a wrist or project not reckoned`}.
            </span>
          </p>
          <p className="flex gap-3 px-4 pb-1 text-sm">
            <a className="link" href={`/sessions/${session.id}/room-sheet`}>
              Room sheet
            </a>
            <a className="link" href={`/sessions/${session.id}/safety-card`}>
              Safety card
            </a>
          </p>
          <RoomClock room={room} times={times} startsAt={session.starts_at} onSelect={onSelect} />
          {!isSure && <Remedies model={model} units={units} />}
          <RoomCharts times={times} startsAt={session.starts_at} closes={room.minutes} />
          <details className="px-4 py-3 text-sm">
            <summary className="cursor-pointer">The same as a table</summary>
            <Wide label="Times of each seat" className="mt-2 max-w-3xl">
              <table className="sheet">
                <caption className="sr-only">When each seat begins, is ready, has its turn and is done</caption>
                <thead>
                  <tr>
                    {[
                      'Seat',
                      'Begins',
                      'Ready for the flame',
                      'Its turn',
                      'Done',
                      'One in ten before',
                      'One in ten after',
                      'In time',
                    ].map((head, i) => (
                      <th key={head} scope="col" className={i > 0 ? 'num' : undefined}>
                        {head}
                      </th>
                    ))}
                  </tr>
                </thead>
                <tbody>
                  {times.seats.map(({ id, label, begins, visits: [first], done, finishes }) => (
                    <tr key={id}>
                      <th scope="row">{label}</th>
                      {[begins.p50, first?.ready.p50, first?.turn.p50, done.p50, done.p10, done.p90].map(
                        (minute, i) => (
                          <td key={i} className="num">
                            {minute === undefined ? 'at the seat' : clockTime(session.starts_at, minute)}
                          </td>
                        ),
                      )}
                      <td className="num">{Math.round(finishes * 100)} %</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </Wide>
          </details>
        </>
      )}
    </div>
  );
}
