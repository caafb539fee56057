import { Clock } from 'lucide-react';
import { TextCell } from '../../../ui/fields/text-cell';
import { WhenField } from '../../../ui/fields/when-field';
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
  const held = ({ day, time }: { day?: string; time?: string | null }) =>
    edit({ ...(day !== undefined && { held_on: day }), ...(time !== undefined && { starts_at: time }) });
  return (
    <header className="bg-neutral text-neutral-content">
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1 px-4 pt-2 pb-1">
        <h1 className="min-w-60 flex-1 text-2xl narrow:min-w-full">
          <TextCell
            label="Session name"
            value={session.title}
            check={checkTitle}
            onChange={(title) => edit({ title })}
            className="focus:text-base-content"
          />
        </h1>
        <div className="flex flex-wrap items-center gap-1 text-sm">
          <WhenField
            label="Day"
            shows="day"
            value={session.held_on}
            onRead={held}
            frame="w-40"
            className="cell text-right narrow:text-left focus:text-base-content"
          />
          <WhenField
            label="Start"
            shows="time"
            value={session.starts_at}
            onRead={held}
            frame="w-20"
            className="cell focus:text-base-content"
          />
          <span className="flex w-28 items-center narrow:w-[4.5rem]">
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
