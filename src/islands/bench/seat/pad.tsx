import { useState } from 'react';
import { courseOf, placeOf, type SeatAtWork } from '../../../core/bench';
import { lengthStep, resizePlan, spareSteps, type MakingStep, type MakingWords } from '../../../core/making';
import { endsToCome } from '../../../core/rescue';
import { formatLength, type Units } from '../../../core/measure';
import type { PlannedSeat } from '../../../core/seat';
import { LengthField } from '../../../ui/fields/length-field';
import type { BenchModel } from '../model/use-bench';
import { TABLES } from '../tables';
import { countWords, PHASE_WORDS } from '../words';

const LAID = 'btn h-12 text-lg';

/** What is pressed of a seat: half knots made, the length seen, the next phase, help, station, and how it ends. */
export function Pad({
  seat,
  atWork,
  model,
  steps,
  words,
  units,
}: {
  seat: PlannedSeat;
  atWork: SeatAtWork;
  model: BenchModel;
  steps: readonly MakingStep[];
  words: MakingWords;
  units: Units;
}) {
  const { id, plan } = seat;
  const { say } = model;
  const [measured, setMeasured] = useState<number | null>(null);
  const course = courseOf(plan);
  const pace = plan.pace?.steps ?? [];
  const here = placeOf(course, atWork, model.figures.slow_start).step;
  const isAtFlame = atWork.ready !== null || atWork.turn !== null;
  const station = pace.findIndex(({ at }, i) => i >= here && at === 'station');
  // Who is at the station goes on with what comes after it.
  const now = isAtFlame && station >= 0 ? station : here;
  const next = course.steps.find(({ phase }, i) => i > now && (phase !== course.steps[now]!.phase || isAtFlame));
  const isOver = atWork.done !== null || atWork.here === 'home' || atWork.here === 'away';
  const step = lengthStep(plan);
  const spare = step ? spareSteps(step, atWork.made) : 0;
  const one = steps.find(({ length }) => length)?.length?.step ?? '1 step';
  // What a longer band needs of the working end that needs most.
  const longer = step
    ? endsToCome(resizePlan(plan, 1), atWork.made, seat.record.skill ?? 'new', model.figures).filter(
        ({ as }) => as !== null,
      )
    : [];
  const needed = Math.max(0, ...longer.map(({ ties_mm, rest_mm, tail_mm }) => ties_mm + rest_mm + tail_mm));
  const tell = (what: Parameters<typeof say>[0], value?: Parameters<typeof say>[2]) => () => say(what, id, value);
  return (
    <div className="space-y-3">
      {course.ties > 0 && (
        <section aria-label="Made so far" className="space-y-2">
          <p className="text-lg">
            <strong className="font-display text-3xl tabular-nums">{atWork.made}</strong>{' '}
            {countWords(plan, atWork, words).replace(/^\d+ /, '')}
          </p>
          <div className="grid grid-cols-4 gap-2">
            {[-1, 1, 5, 10].map((by) => (
              <button
                key={by}
                type="button"
                className={by > 0 ? 'btn btn-primary h-12 text-lg' : LAID}
                disabled={by < 0 && atWork.made === 0}
                onClick={tell('made', by)}
              >
                {by > 0 ? `+${by}` : `−${-by}`}
              </button>
            ))}
          </div>
          <label className="flex items-center gap-2 text-base">
            <span>or band so far</span>
            <span className="w-32">
              <LengthField
                label="Band so far"
                value={measured}
                units={units}
                range={{ name: 'band', min: 1, max: 3000 }}
                onChange={(mm) => {
                  setMeasured(mm);
                  if (mm !== null) say('length', id, mm);
                }}
                className="thumb"
              />
            </span>
          </label>
        </section>
      )}
      {step && step.ties > 0 && !isOver && (
        <section aria-label="Length of the band" className="space-y-2 text-base">
          <p>
            Length: {formatLength(plan.fit!.knotted_mm, units)}
            {atWork.resized !== 0 &&
              `, ${Math.abs(atWork.resized)} × ${one} ${atWork.resized > 0 ? 'more' : 'fewer'} than planned`}
          </p>
          <div className="grid grid-cols-2 gap-2">
            <button
              type="button"
              className={LAID}
              disabled={step.fewest > -1}
              onClick={tell('resize', atWork.resized - 1)}
            >
              {one} fewer
            </button>
            <button type="button" className={LAID} onClick={tell('resize', atWork.resized + 1)}>
              {one} more
            </button>
            {spare > 0 && (
              <button type="button" className={`${LAID} col-span-2`} onClick={tell('resize', atWork.resized - spare)}>
                Stop here
              </button>
            )}
          </div>
          {needed > 0 && (
            <p className="text-sm">
              For {one} more, the shortest working end must be at least {formatLength(needed, units, 'up')}.
            </p>
          )}
        </section>
      )}
      <section aria-label="Where it is" className="grid grid-cols-2 gap-2">
        {next && !isOver && (
          <button type="button" className={`${LAID} col-span-2`} onClick={tell('step', next.id)}>
            {atWork.turn !== null ? 'Back from the station: ' : 'On to '}
            {PHASE_WORDS[next.phase]}
          </button>
        )}
        <button
          type="button"
          className={LAID}
          aria-pressed={atWork.help !== null}
          onClick={tell(atWork.help === null ? 'help' : 'helped')}
        >
          {atWork.help === null ? 'Asks for help' : 'Helped'}
        </button>
        {station >= 0 && atWork.turn === null && atWork.done === null && (
          <button type="button" className={LAID} onClick={tell(atWork.ready === null ? 'ready' : 'turn')}>
            {atWork.ready === null ? 'Wants the station' : 'Comes to the station'}
          </button>
        )}
        {atWork.done === null && (
          <button type="button" className={LAID} onClick={tell('done')}>
            Done
          </button>
        )}
        {atWork.done === null && atWork.here !== 'home' && (
          <button type="button" className={LAID} onClick={tell('home')}>
            Takes it home
          </button>
        )}
        {(atWork.here === 'expected' || atWork.here === 'away' || atWork.here === 'home') && (
          <button type="button" className={LAID} onClick={tell('here')}>
            Is here
          </button>
        )}
        {atWork.here === 'expected' && (
          <button type="button" className={LAID} onClick={tell('away')}>
            Did not come
          </button>
        )}
      </section>
      <section aria-label="Table" className="flex flex-wrap items-center gap-1 text-base">
        <span className="pr-1">Table</span>
        {TABLES.map((name) => (
          <button
            key={name}
            type="button"
            aria-pressed={atWork.table === name}
            className={`btn h-11 min-w-11 px-2 text-base ${atWork.table === name ? 'btn-active' : 'btn-ghost'}`}
            onClick={tell('table', name)}
          >
            {name}
          </button>
        ))}
      </section>
    </div>
  );
}
