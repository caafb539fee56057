import { format, parseISO } from 'date-fns';
import { Clock } from 'lucide-react';
import { TextCell } from '../../../ui/fields/text-cell';
import { minutesProblem } from '../model/session-minutes';
import { SaveLine } from './save-line';
import type { SessionModel } from '../model/use-session';

const checkTitle = (text: string): string | null => (text ? null : 'A session needs a name');
const checkMinutes = (text: string): string | null => (text === '' ? null : minutesProblem(text));

/** The clip that holds the board: the session's name, and when and where it is. */
export function Clip({
  model,
  roomHref,
  isRoom,
  onRoom,
}: {
  model: SessionModel;
  roomHref: string;
  isRoom: boolean;
  onRoom: () => void;
}) {
  const { session } = model.view;
  const edit = (changes: Partial<typeof session>) => model.act({ kind: 'session', changes });
  return (
    <header className="bg-neutral text-neutral-content">
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1 px-4 pt-2 pb-1">
        <h1 className="min-w-60 flex-1 text-2xl">
          <TextCell
            label="Session name"
            value={session.title}
            check={checkTitle}
            onChange={(title) => edit({ title })}
            className="focus:text-base-content"
          />
        </h1>
        <div className="flex flex-wrap items-center gap-1 text-sm">
          <label>
            <span className="sr-only">Day</span>
            <input
              type="date"
              className="cell w-36 focus:text-base-content"
              value={session.held_on}
              onChange={(event) => event.target.value && edit({ held_on: event.target.value })}
            />
          </label>
          <span className="hidden lg:inline">{format(parseISO(session.held_on), 'EEEE')}</span>
          <label>
            <span className="sr-only">Start</span>
            <input
              type="time"
              className="cell w-28 focus:text-base-content"
              value={session.starts_at ?? ''}
              onChange={(event) => edit({ starts_at: event.target.value || null })}
            />
          </label>
          <span className="flex w-28 items-center">
            <TextCell
              label="Minutes"
              value={session.minutes === null ? '' : String(session.minutes)}
              placeholder="—"
              check={checkMinutes}
              onChange={(text) => edit({ minutes: text === '' ? null : Number(text) })}
              className="text-right focus:text-base-content"
            />
            <span>min</span>
          </span>
          <span className="w-44">
            <TextCell
              label="Place"
              value={session.place}
              placeholder="Place"
              maxLength={120}
              onChange={(place) => edit({ place })}
              className="focus:text-base-content"
            />
          </span>
        </div>
      </div>
      <div className="flex items-center justify-between bg-base-200 px-4 py-0.5 text-base-content">
        <SaveLine model={model} />
        <a
          href={roomHref}
          aria-current={isRoom ? 'page' : undefined}
          className={`btn btn-sm ${isRoom ? 'btn-active' : 'btn-ghost'}`}
          onClick={(event) => {
            event.preventDefault();
            onRoom();
          }}
        >
          <Clock size={15} aria-hidden="true" /> The room
        </a>
      </div>
    </header>
  );
}
