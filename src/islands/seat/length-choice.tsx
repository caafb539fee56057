import { useState } from 'react';
import { spareSteps, type LengthQuestion } from '../../core/making';
import { formatLength, type Units } from '../../core/measure';
import { LengthField } from '../../ui/fields/length-field';

const LARGE = 'btn h-14 text-lg';

/** The last look at the length: go on as planned, stop here, or a step more or fewer. A longer band is first held against its cord. */
export function LengthChoice({
  question,
  made,
  resized,
  units,
  onResize,
}: {
  question: LengthQuestion;
  made: number;
  resized: number;
  units: Units;
  onResize: (steps: number) => void;
}) {
  const { step, ties, end, fewest, needs } = question;
  const [isLonger, setLonger] = useState(false);
  const [left, setLeft] = useState<number | null>(null);
  // A new length is a new question.
  const [asked, setAsked] = useState(resized);
  if (asked !== resized) {
    setAsked(resized);
    setLonger(false);
    setLeft(null);
  }
  const toCome = Math.max(0, end - made);
  const needed = needs ? needs.rest_mm + needs.tie_mm * (toCome + ties) : 0;
  const lasts = left !== null && left >= needed;
  const spare = spareSteps(question, made);
  return (
    <section aria-label="Length" className="flex flex-col gap-2 border-2 hair p-3">
      <p className="text-xl font-semibold">Does it fit?</p>
      {resized !== 0 && (
        <p role="status">
          {Math.abs(resized)} × {step} {resized > 0 ? 'more' : 'fewer'} than planned.
        </p>
      )}
      <div className="grid grid-cols-2 gap-2">
        <button type="button" className={LARGE} disabled={fewest > -1} onClick={() => onResize(resized - 1)}>
          Too long: {step} fewer
        </button>
        <button
          type="button"
          className={LARGE}
          aria-expanded={needs ? isLonger : undefined}
          onClick={() => (needs ? setLonger(true) : onResize(resized + 1))}
        >
          Too short: {step} more
        </button>
        {spare > 0 && (
          <button type="button" className={`${LARGE} col-span-2`} onClick={() => onResize(resized - spare)}>
            Long enough: stop here
          </button>
        )}
      </div>
      {isLonger && (
        <div className="flex flex-col gap-2">
          <p>
            First check the cord. Measure the shortest working end from{' '}
            {made > 0 ? 'the last knot' : 'where its knots begin'}: it must be at least{' '}
            <strong className="whitespace-nowrap">{formatLength(needed, units, 'up')}</strong>.
          </p>
          <label className="flex items-center gap-2">
            <span>Shortest end</span>
            <span className="w-32">
              <LengthField
                label="Shortest end"
                value={left}
                units={units}
                range={{ name: 'end', min: 1, max: 5000 }}
                onChange={setLeft}
                className="thumb"
              />
            </span>
          </label>
          {left !== null && !lasts && <p role="alert">Too short for that. Call your instructor: press I need help.</p>}
          <button
            type="button"
            className={`${LARGE} btn-primary`}
            disabled={!lasts}
            onClick={() => onResize(resized + 1)}
          >
            It is long enough: add {step}
          </button>
        </div>
      )}
    </section>
  );
}
