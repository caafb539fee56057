import { Undo2, X } from 'lucide-react';
import { lazy, Suspense, useEffect, useMemo, useRef, useState } from 'react';
import type { Told } from '../../../app/session/making';
import { seatAtWork, type ProgressEntry } from '../../../core/bench';
import { makerOf, makingSteps, withTexts } from '../../../core/making';
import type { Units } from '../../../core/measure';
import type { PlannedSeat } from '../../../core/seat';
import { problemOf, request } from '../../../ui/api';
import { Guard } from '../../../ui/guard';
import { Tabs } from '../../../ui/tabs';
import type { BenchModel } from '../model/use-bench';
import type { Ends } from '../seat-card';
import { clockWords } from '../words';
import { Pad } from './pad';
import { WhereWasI } from './where-was-i';
import { WillLast } from './will-last';

/** All that can go wrong, drawn: fetched as soon as a seat is opened, not with the room. */
const wrong = () => import('./went-wrong');
const WentWrong = lazy(async () => ({ default: (await wrong()).WentWrong }));

const VIEWS = {
  progress: 'Progress',
  last: 'Will it last?',
  where: 'Where was I?',
  wrong: 'What went wrong?',
} as const;

const SAID: Readonly<Record<string, string>> = {
  here: 'is here',
  away: 'did not come',
  home: 'takes it home',
  length: 'band measured',
  resize: 'length changed',
  step: 'next step',
  help: 'asks for help',
  helped: 'helped',
  ready: 'wants the station',
  turn: 'at the station',
  done: 'done',
  rescue: 'rescued',
  table: 'table',
};
const saidWords = ({ what, value }: ProgressEntry): string =>
  what === 'made' ? `${Number(value) > 0 ? '+' : '−'}${Math.abs(Number(value))}` : (SAID[what] ?? what);

/** One seat opened: what is pressed of it, and the three questions that are asked at every table. */
export function SeatPanel({
  seat,
  model,
  told,
  units,
  ends,
  isDesk,
  link: firstLink,
  onClose,
}: {
  seat: PlannedSeat;
  model: BenchModel;
  told: Told;
  units: Units;
  ends: Ends | null;
  isDesk: boolean;
  /** Of the seat's own page; null where that is not this screen's to give out. */
  link: string | null;
  onClose: () => void;
}) {
  const [view, setView] = useState<keyof typeof VIEWS>('progress');
  const { plan, id } = seat;
  const atWork = seatAtWork(model.bench, id);
  const { figures } = model;
  const steps = useMemo(
    () => makingSteps(makerOf(seat.record), withTexts(seat.plan, told.texts), told.words, { units }, figures),
    [seat, told, units, figures],
  );
  const shared = { seat, atWork, model, units };
  const panel = useRef<HTMLElement>(null);
  const [link, setLink] = useState(firstLink);
  const [changed, setChanged] = useState<string | null>(null);
  async function changeLink(): Promise<void> {
    try {
      const path = `/api/sessions/${model.view.session.id}/links`;
      setLink((await request<{ link: string }>('DELETE', path, { seat: id })).link);
      setChanged('Cards that were printed open nothing now: print its card again.');
    } catch (failed) {
      setChanged(problemOf(failed).message);
    }
  }
  // Where it covers the room, whoever reads on is in it.
  useEffect(() => {
    panel.current?.focus({ preventScroll: true });
    // So that it is here though the network goes; the tab says so where it is not.
    wrong().catch(() => undefined);
  }, []);
  const isUnfinished = atWork.here === 'home' || (model.bench.closed !== null && atWork.done === null);
  return (
    <aside
      ref={panel}
      tabIndex={-1}
      aria-label={`Seat of ${plan.label}`}
      className="sticky top-0 max-h-screen w-[27rem] shrink-0 self-start overflow-y-auto border-l hair bg-base-100 p-3 text-base outline-none narrow:w-[25rem] narrow:pb-20 max-sm:fixed max-sm:inset-0 max-sm:z-50 max-sm:h-dvh max-sm:max-h-none max-sm:w-full!"
    >
      <header className="flex items-start gap-2 pb-2">
        <div className="min-w-0 flex-1">
          <h2 className="truncate text-2xl">{plan.label}</h2>
          <p>
            {plan.piece?.project.name ?? 'No project yet'}
            {ends && `, done about ${clockWords(ends.at)}`}
          </p>
        </div>
        {atWork.last && (
          <button
            type="button"
            className="btn btn-ghost h-11 text-base"
            aria-label={`Take back: ${saidWords(atWork.last)}`}
            onClick={() => model.takeBack(atWork.last!)}
          >
            <Undo2 size={18} aria-hidden="true" /> {saidWords(atWork.last)}
          </button>
        )}
        <button type="button" className="btn h-11 w-11 p-0" aria-label="Close" onClick={onClose}>
          <X size={20} aria-hidden="true" />
        </button>
      </header>
      {link && (
        <p className="flex flex-wrap items-center gap-2 pb-2">
          <a className="link" href={`/s/${link}`} target="_blank" rel="noreferrer">
            Its own page
          </a>
          <button type="button" className="btn btn-ghost h-11 text-base" onClick={() => void changeLink()}>
            Change its code
          </button>
          {changed && <span role="status">{changed}</span>}
        </p>
      )}
      {isUnfinished && (
        <p className="mb-2 border-l-4 border-info bg-base-200 px-3 py-1">
          Not finished.{' '}
          {isDesk ? (
            <a className="link" href={`/sessions/${model.view.session.id}/home-cards?seat=${id}`}>
              A card that says where it is, to take home
            </a>
          ) : (
            'A card that says where it is prints at the desk.'
          )}
        </p>
      )}
      <Tabs label="Of this seat" views={VIEWS} shown={view} onShow={setView} tall>
        <div className="pt-3">
          {view === 'progress' && <Pad {...shared} steps={steps} words={told.words} />}
          {view === 'last' && <WillLast {...shared} />}
          {view === 'where' && <WhereWasI {...shared} steps={steps} />}
          {view === 'wrong' && (
            <Guard what="What can go wrong">
              <Suspense fallback={<p className="quiet">Fetching the pictures…</p>}>
                <WentWrong seat={seat} atWork={atWork} steps={steps} />
              </Suspense>
            </Guard>
          )}
        </div>
      </Tabs>
    </aside>
  );
}
