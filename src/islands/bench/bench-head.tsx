import { time } from '../../ui/words/region';
import { CloudOff, Pause, Play, Undo2, Wifi } from 'lucide-react';
import { queuesOf } from '../../core/bench';
import type { BenchModel } from './model/use-bench';
import { closesAt } from './model/use-rest';
import { useNow } from './use-now';
import { clockWords } from './words';

/** The time that is left, as it is read across a table. */
function TimeLeft({ model }: { model: BenchModel }) {
  const now = useNow(model.clock, 1000);
  const { bench, view } = model;
  const closes = closesAt(model);
  if (bench.closed !== null) return <strong className="text-2xl">Closed at {clockWords(bench.closed)}</strong>;
  if (bench.began === null)
    return (
      <span className="text-xl">
        {view.session.starts_at ? `Begins at ${time(view.session.starts_at)}` : 'Not begun yet'}
      </span>
    );
  const left = closes === null ? null : Math.round((closes - now) / 60_000);
  return (
    <span className="flex items-baseline gap-2" role="timer" aria-live="off">
      <strong className={`font-display text-4xl tabular-nums ${left !== null && left < 0 ? 'text-error' : ''}`}>
        {left === null ? Math.round((now - bench.began) / 60_000) : Math.abs(left)}
      </strong>
      <span className="text-lg">
        {left === null ? 'min so far' : left < 0 ? 'min over' : `min left, closes ${clockWords(closes!)}`}
        {bench.paused !== null && <strong className="text-warning"> · paused</strong>}
      </span>
    </span>
  );
}

/** The head of the bench: the time left, begin, pause and close, and whether every screen hears of it. */
export function BenchHead({ model, finishing }: { model: BenchModel; finishing: string }) {
  const { bench, say, undo, link, unsent, refused, seats } = model;
  const isOn = bench.began !== null && bench.closed === null;
  const { help } = queuesOf(bench);
  const over = [...bench.seats.values()].filter(
    ({ done, here }) => done !== null || here === 'home' || here === 'away',
  ).length;
  const close = (): void => {
    const open = seats.length - over;
    const question = `${open} ${open === 1 ? 'seat is' : 'seats are'} still at work. Close the room all the same?`;
    if (open === 0 || window.confirm(question)) say('close');
  };
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2 border-b hair px-3 py-2">
      <TimeLeft model={model} />
      <span
        className={`min-w-0 flex-1 content-center text-lg narrow:order-last narrow:w-full narrow:flex-none ${isOn ? 'min-h-14' : ''}`}
        role="status"
      >
        {isOn && finishing}
        {help.length > 0 && <span className="sr-only"> {help.length} ask for help.</span>}
      </span>
      <span className="flex items-center gap-2" role="status">
        {link === 'live' && unsent === 0 ? (
          <span className="quiet flex items-center gap-1 text-base">
            <Wifi size={18} aria-hidden="true" /> live
          </span>
        ) : link !== 'away' ? (
          <span className="text-base">{link === 'first' ? 'connecting…' : 'saving…'}</span>
        ) : (
          <span className="flex items-center gap-1 border border-error px-2 text-base font-semibold text-error">
            <CloudOff size={18} aria-hidden="true" /> no connection
            {unsent > 0 && `, ${unsent} kept here`}
          </span>
        )}
      </span>
      <span className="flex gap-2">
        <button type="button" className="btn h-11 text-base" disabled={!undo} onClick={() => undo?.()}>
          <Undo2 size={18} aria-hidden="true" /> Undo
        </button>
        {bench.began === null && (
          <button type="button" className="btn btn-primary h-11 text-base" onClick={() => say('begin')}>
            <Play size={18} aria-hidden="true" /> Begin
          </button>
        )}
        {isOn && (
          <button
            type="button"
            className="btn h-11 text-base"
            onClick={() => say(bench.paused === null ? 'pause' : 'resume')}
          >
            {bench.paused === null ? <Pause size={18} aria-hidden="true" /> : <Play size={18} aria-hidden="true" />}
            {bench.paused === null ? 'Pause' : 'Go on'}
          </button>
        )}
        {isOn && (
          <button type="button" className="btn h-11 text-base" onClick={close}>
            Close the room
          </button>
        )}
      </span>
      {refused && (
        <p role="alert" className="w-full border-l-4 border-error bg-base-200 px-3 py-1">
          {refused}
        </p>
      )}
    </div>
  );
}
