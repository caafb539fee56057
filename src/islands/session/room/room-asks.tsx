import { useState } from 'react';
import type { RoomTimes } from '../../../core/room';
import { WhenField } from '../../../ui/fields/when-field';
import { TextCell } from '../../../ui/fields/text-cell';
import { minutesProblem } from '../model/session-minutes';
import type { SessionModel } from '../model/use-session';

/** What the room rests on: when, how long, who leads, who stands at the flame, and who asked the venue about it. */
export function RoomAsks({ model, times }: { model: SessionModel; times: RoomTimes | null }) {
  const { session } = model.view;
  const { room } = session;
  // What the head of the page already says is asked for here only where it was missing, and then as long as one is here.
  const [missed] = useState({ start: session.starts_at === null, minutes: session.minutes === null });
  const edit = (changes: Partial<typeof session>) => model.act({ kind: 'session', changes });
  const atFlame = times?.seats.filter(({ visits }) => visits.length > 0).length ?? 0;
  const missing = 'bg-warning/25';
  return (
    <div className="flex flex-wrap items-end gap-x-6 gap-y-2 px-4 py-3 text-sm">
      {missed.start && (
        <div className="w-28">
          <span className="quiet block">Starts at</span>
          <WhenField
            label="Starts at"
            shows="time"
            value={session.starts_at}
            onRead={({ time }) => time !== undefined && edit({ starts_at: time })}
            className={`cell ${session.starts_at ? '' : missing}`}
          />
        </div>
      )}
      {missed.minutes && (
        <label className="w-24">
          <span className="quiet block">Minutes</span>
          <TextCell
            label="Minutes of the room"
            value={session.minutes === null ? '' : String(session.minutes)}
            placeholder="how long?"
            check={minutesProblem}
            onChange={(text) => edit({ minutes: Number(text) })}
            className={session.minutes === null ? missing : ''}
          />
        </label>
      )}
      <label className="w-52">
        <span className="quiet block">Who leads it</span>
        <TextCell
          label="Who leads it"
          value={session.leader}
          placeholder="who leads it?"
          maxLength={120}
          onChange={(leader) => edit({ leader })}
          className={session.leader ? '' : missing}
        />
      </label>
      {atFlame > 0 && (
        <>
          <label>
            <span className="quiet block">Adults at the flame</span>
            <input
              type="number"
              min={1}
              max={12}
              className="cell w-20 text-right"
              value={room.adults}
              onChange={(event) => {
                const adults = event.target.valueAsNumber;
                if (adults >= 1 && adults <= 12) edit({ room: { ...room, adults } });
              }}
            />
          </label>
          <label className="w-64">
            <span className="quiet block">Venue’s fire rules confirmed by</span>
            <TextCell
              label="Venue’s fire rules confirmed by"
              value={room.fire_by}
              placeholder="nobody yet: ask before it is lit"
              maxLength={120}
              onChange={(fire_by) => edit({ room: { ...room, fire_by } })}
              className={room.fire_by ? '' : missing}
            />
          </label>
        </>
      )}
    </div>
  );
}
