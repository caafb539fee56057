import { Suspense, useCallback, useEffect, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { RoomTimes } from '../../../core/room';
import type { Units } from '../../../core/measure';
import { STAGES, type SessionView, type Stage } from '../../../core/session';
import { StageCord } from '../../../ui/pictures/stage-cord';
import { Guard } from '../../../ui/guard';
import { todayHere } from '../../../ui/words/region';
import type { CountWords } from '../../../core/making';
import { useUnits } from '../../../ui/words/units';
import { Clip } from './clip';
import { Conflicts } from './conflicts';
import { SinceNote } from './since-note';
import { useSession } from '../model/use-session';
import { fetchTheRest, panels } from './panels';
import { RoomLine } from '../room/room-line';
import { useRoom } from '../room/use-room';
import type { Shown } from './stage-panel';

/** Focuses a field once it is on the page. */
const focusSoon = (selector: string) =>
  requestAnimationFrame(() => document.querySelector<HTMLElement>(selector)?.focus());

/** Where it is said in a line how the room will go, while the session is ahead. */
const ASKED_OF_THE_ROOM: readonly (Stage | 'room')[] = ['seats', 'fit', 'kit'];

/** The board on the instructor's lap: clip, stage cord, the stage's worksheet, and the tray beside it. */
export function Board({
  initial,
  initialTimes,
  stage: first,
  units: firstUnits,
  words,
  pasted,
  seat: firstSeat,
}: {
  initial: SessionView;
  /** What becomes of the room, where the page came with it. */
  initialTimes: RoomTimes | null;
  stage: Shown;
  units: Units;
  words: CountWords;
  pasted: boolean;
  /** The seat that the address asks for: a label's code opens its seat. */
  seat: string | null;
}) {
  const model = useSession(initial);
  const units = useUnits(firstUnits);
  const room = useRoom(model, initialTimes);
  const [stage, setStage] = useState<Shown>(first);
  const [selected, setSelected] = useState<string | null>(firstSeat);
  const [pasting, setPasting] = useState(pasted);
  const { id, title } = model.view.session;
  const href = (to: Stage | 'room') => `/sessions/${id}/${to}`;
  const printHref = `/sessions/${id}/print`;

  const go = useCallback(
    (to: Stage | 'room') => {
      if (to === 'bench') return window.location.assign(`/sessions/${id}/bench`);
      setStage(to);
      window.history.pushState({ stage: to }, '', `/sessions/${id}/${to}`);
    },
    [id],
  );
  useEffect(() => {
    const back = () =>
      setStage(
        (['room', ...STAGES.map(({ slug }) => slug)] as Shown[]).find((one) =>
          window.location.pathname.endsWith(`/${one}`),
        ) ?? 'seats',
      );
    window.addEventListener('popstate', back);
    return () => window.removeEventListener('popstate', back);
  }, []);
  useEffect(() => {
    document.title = `${title}: ${stage} · Lapboard`;
  }, [title, stage]);
  useEffect(() => {
    const unsaved = model.saveState !== 'saved';
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    if (unsaved) window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [model.saveState]);

  useEffect(fetchTheRest, []);

  const next = STAGES[STAGES.findIndex(({ slug }) => slug === stage) + 1]?.slug;
  const goOn = useCallback(() => next && go(next), [next, go]);

  const step = (by: number) => {
    const ids = model.seats.map(({ record }) => record.id);
    if (ids.length === 0) return;
    const at = selected ? ids.indexOf(selected) : by > 0 ? -1 : 0;
    setSelected(ids[(at + by + ids.length) % ids.length]!);
  };
  useHotkeys(
    STAGES.map((_, i) => String(i + 1)),
    (_, { keys }) => {
      go(STAGES[Number(keys?.[0]) - 1]!.slug);
      // The next tab is the stage’s first field.
      focusSoon('main');
    },
  );
  useHotkeys(
    'n',
    () => {
      go('seats');
      focusSoon('[data-new-seat]');
    },
    { preventDefault: true },
  );
  useHotkeys('[', () => step(-1), { useKey: true });
  useHotkeys(']', () => step(1), { useKey: true });
  useHotkeys('p', () => window.location.assign(printHref), { enabled: model.saveState === 'saved' });
  useHotkeys('mod+z', () => model.undo(), { preventDefault: true });
  useHotkeys('escape', () => setSelected(null));

  const seat = model.seats.find(({ record }) => record.id === selected);
  const { room: RoomPanel, tray: SeatTray, ...stages } = panels();
  const Panel = stage === 'room' ? null : stages[stage];
  const isAhead = model.view.session.held_on >= todayHere();
  return (
    <div className="flex min-h-screen flex-col">
      <Clip model={model} roomHref={href('room')} isRoom={stage === 'room'} onRoom={() => go('room')} />
      <div className="overflow-x-clip bg-base-200">
        <StageCord stages={model.stages} current={stage} href={href} onGo={go} />
      </div>
      <Conflicts model={model} />
      <SinceNote model={model} units={units} />
      <div className="flex flex-1">
        <main className="min-w-0 flex-1 pb-10 outline-none" tabIndex={-1} aria-label={`${title}, ${stage}`}>
          <Guard key={stage} of={model.view} what="This stage">
            {ASKED_OF_THE_ROOM.includes(stage) && isAhead && (
              <RoomLine
                room={room}
                seated={model.seats.length}
                asksFire={stage === 'kit' && model.view.session.room.fire_by === ''}
                href={href('room')}
                onGo={() => go('room')}
              />
            )}
            <Suspense fallback={<p className="quiet p-4">Opening…</p>}>
              {Panel ? (
                <Panel
                  model={model}
                  units={units}
                  words={words}
                  selected={selected}
                  onSelect={setSelected}
                  onNext={goOn}
                  printHref={printHref}
                  pasting={pasting}
                  setPasting={setPasting}
                />
              ) : (
                <RoomPanel model={model} units={units} room={room} onSelect={setSelected} />
              )}
            </Suspense>
          </Guard>
        </main>
        {seat && (
          <Guard key={seat.id} of={seat.plan} what={`The seat of ${seat.record.name}`}>
            <Suspense fallback={<aside className="w-[360px] shrink-0 border-l hair" />}>
              <SeatTray seat={seat} model={model} units={units} words={words} onClose={() => setSelected(null)} />
            </Suspense>
          </Guard>
        )}
      </div>
    </div>
  );
}
