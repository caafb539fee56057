import { ArrowLeft, ArrowRight, Hand, TriangleAlert } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import type { SeatPage } from '../../app/bench/seat-page';
import type { MakingStep } from '../../core/making';
import { LAST_CHANCES } from '../../ui/words/last-chances';
import { PHASE_NAMES } from '../../ui/words/phases';
import { Counter } from './counter';
import { keepPage } from './keep-page';
import { LengthChoice } from './length-choice';
import { useOwnBench } from './use-own-bench';

const isCounted = (step: MakingStep): step is MakingStep & { tally: NonNullable<MakingStep['tally']> } =>
  step.tally !== null;

/** What a page calls its steps. */
const TITLES = { ...PHASE_NAMES, settle: 'This is what you make', tidy: 'Done' };

/** The step a page is at: as it was said, else where its count has come to. */
function placeOf(steps: readonly MakingStep[], said: string | null, made: number): number {
  const own = steps.findIndex(({ id }) => id === said);
  if (own >= 0) return own;
  const counted = steps.findIndex(({ tally }) => tally !== null && made > 0 && made < tally.from + tally.ties);
  return Math.max(0, counted);
}

/** The names of all pictures of a step. */
const picturesOf = ({ drawings, tally }: MakingStep): readonly string[] => [
  ...drawings,
  ...(tally?.each ?? []).flatMap((tie) => tie.drawings),
];

/** A participant's own page: one idea a screen, and the two things they may want to say. */
export function SeatScreen({ page, link }: { page: SeatPage; link: string }) {
  const { atWork, say, isAway, unsent, isClosed } = useOwnBench(page, link);
  const { steps, number, first, project } = page;
  const place = placeOf(steps, atWork.step, atWork.made);
  const step = steps[place]!;
  const file = (name: string): string => `/s/${link}/${name}.svg`;
  const go = (to: number): void => {
    const next = steps[to];
    if (next) say('step', next.id);
    window.scrollTo({ top: 0 });
  };
  // Over HTTPS a reload without a network shows the page as it was.
  // What is for later is fetched when the page has come to rest: whoever has opened it is to press, not to wait.
  const [isAtRest, setAtRest] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setAtRest(true), 2500);
    return () => clearTimeout(timer);
  }, []);
  const pictures = useMemo(() => steps.flatMap(picturesOf).map((name) => `/s/${link}/${name}.svg`), [steps, link]);
  useEffect(() => {
    if (isAtRest) void keepPage(pictures).catch(() => undefined);
  }, [isAtRest, pictures]);
  const isLast = place === steps.length - 1;
  const isFlame = step.heat === true;
  return (
    <div className="mx-auto flex min-h-screen max-w-xl flex-col gap-2 p-4 pb-24 text-lg">
      <header className="flex items-baseline justify-between gap-2">
        <p className="text-xl font-semibold">
          {number} {first}
        </p>
        <p className="truncate">{project}</p>
      </header>
      <progress
        className="progress progress-primary h-2.5 w-full"
        max={steps.length}
        value={place + 1}
        aria-label={`Step ${place + 1} of ${steps.length}`}
      />
      <main className="flex flex-1 flex-col gap-2">
        <h1 className="text-2xl">{TITLES[step.phase]}</h1>
        {[
          step.heat && 'Flame: only at the finishing station.',
          step.glue && 'Glue: window open, and only a little.',
          step.last_chance && LAST_CHANCES[step.last_chance],
        ].map(
          (line) =>
            line && (
              <p key={line} className="flex gap-2 border-2 border-accent p-2">
                <TriangleAlert size={24} aria-hidden="true" className="shrink-0 text-accent" /> {line}
              </p>
            ),
        )}
        <>
          {!isCounted(step) &&
            step.drawings.map((name) => (
              <img key={name} src={file(name)} alt="" className="h-40 w-full object-contain" />
            ))}
          <p className="text-xl">{step.text}</p>
          {isCounted(step) && (
            <Counter step={step} made={atWork.made} page={page} file={file} onMade={(by) => say('made', by)} />
          )}
          {step.length && (
            <LengthChoice
              question={step.length}
              made={atWork.made}
              resized={page.resized}
              units={page.units}
              onResize={(steps) => say('resize', steps)}
            />
          )}
          {step.tools && <p>You need: {step.tools.join(', ')}.</p>}
          {step.hold && <p>Held by: {step.hold}.</p>}
          {step.right && (
            <p>
              <strong>Right:</strong> {step.right}
            </p>
          )}
          {step.if_not && (
            <dl>
              {step.if_not.map(({ seen, fix }) => (
                <div key={seen} className="mt-1">
                  <dt className="font-semibold">{seen}</dt>
                  <dd>{fix}</dd>
                </div>
              ))}
            </dl>
          )}
          {place === 0 && (
            <ul className="list-disc space-y-1 pl-6">
              {page.cautions.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
          )}
        </>
        {isFlame && atWork.done === null && (
          <button
            type="button"
            className="btn h-14 text-xl"
            disabled={atWork.ready !== null}
            onClick={() => say('ready')}
          >
            {atWork.turn !== null
              ? 'Your turn: go to the station'
              : atWork.ready !== null
                ? 'You are in the queue'
                : 'I am ready for the station'}
          </button>
        )}
        <p className="mt-auto flex gap-2 pt-2">
          <button
            type="button"
            className="btn h-14 flex-1 text-xl"
            disabled={place === 0}
            onClick={() => go(place - 1)}
          >
            <ArrowLeft size={22} aria-hidden="true" /> Back
          </button>
          <button type="button" className="btn h-14 flex-1 text-xl" disabled={isLast} onClick={() => go(place + 1)}>
            Next <ArrowRight size={22} aria-hidden="true" />
          </button>
        </p>
        {/* Pictures of the steps to come are fetched while there is a network. */}
        <div className="hidden" aria-hidden="true">
          {isAtRest && pictures.map((name) => <img key={name} src={name} alt="" />)}
        </div>
      </main>
      <footer className="fixed inset-x-0 bottom-0 border-t hair bg-base-200 p-2">
        <div className="mx-auto flex max-w-xl items-center gap-2">
          <button
            type="button"
            className={`btn h-14 flex-1 text-xl ${atWork.help !== null ? 'btn-accent' : ''}`}
            aria-pressed={atWork.help !== null}
            onClick={() => say(atWork.help === null ? 'help' : 'helped')}
          >
            <Hand size={22} aria-hidden="true" /> {atWork.help === null ? 'I need help' : 'Help is coming'}
          </button>
          {isLast && (
            <button
              type="button"
              className="btn btn-primary h-14 flex-1 text-xl"
              disabled={atWork.ready !== null || atWork.done !== null}
              onClick={() => say('ready')}
            >
              {atWork.done !== null ? 'Done' : atWork.ready !== null ? 'Show it' : 'I am done'}
            </button>
          )}
        </div>
        <p role="status" className="mx-auto max-w-xl text-base">
          {isClosed
            ? 'The room is closed. This page goes on until the end of the day.'
            : isAway && unsent > 0
              ? 'No network: go on, it is kept here.'
              : ''}
        </p>
      </footer>
    </div>
  );
}
