import { Minus } from 'lucide-react';
import type { SeatPage } from '../../app/bench/seat-page';
import type { MakingStep, WalkStep } from '../../core/making';
import { Swatch } from '../../ui/pictures/swatch';

/** How many steps are shown before and after the one that is due. */
const [BEFORE, AFTER] = [1, 3];

/** Where so many ties have come to: the first step that is not wholly done. */
function placeIn(walk: readonly WalkStep[], done: number): number {
  let ties = 0;
  const place = walk.findIndex((step) => {
    // A bead is put on when the knot after it is due.
    const isDue = done < ties + step.ties || (step.ties === 0 && done === ties);
    ties += step.ties;
    return isDue;
  });
  return place < 0 ? walk.length : place;
}

/** A stretch of several things by turns: what was done, what is due, what comes then, and the beads left. */
function Walk({ walk, done }: { walk: readonly WalkStep[]; done: number }) {
  const place = placeIn(walk, done);
  // A bead and the knot that holds it are due together.
  const last = walk[place]?.ties === 0 ? place + 1 : place;
  const beads = walk.slice(place).reduce((sum, step) => sum + step.beads, 0);
  const first = Math.max(0, place - BEFORE);
  return (
    <div className="text-lg">
      <ol className="flex flex-wrap gap-x-2" aria-label="What comes next">
        {walk.slice(first, last + 1 + AFTER).map(({ text }, i) => {
          const at = first + i;
          const isDue = at >= place && at <= last;
          return (
            <li key={at} aria-current={isDue ? 'step' : undefined} className={isDue ? 'font-bold' : 'opacity-70'}>
              {text}
              {at < Math.min(walk.length - 1, last + AFTER) && ' ·'}
            </li>
          );
        })}
      </ol>
      {beads > 0 && (
        <p>
          {beads} {beads === 1 ? 'bead' : 'beads'} left
        </p>
      )}
    </div>
  );
}

/** The next knot, as large as the page, one button, and the count. */
export function Counter({
  step,
  made,
  page,
  file,
  onMade,
}: {
  step: MakingStep & { readonly tally: NonNullable<MakingStep['tally']> };
  made: number;
  page: SeatPage;
  file: (name: string) => string;
  onMade: (by: number) => void;
}) {
  const { from, ties, words, each, watch, walk } = step.tally;
  const done = Math.min(ties, Math.max(0, made - from));
  const tie = each.length > 0 ? each[done % each.length]! : null;
  const colour = tie ? page.colours[tie.colour] : undefined;
  const pictures = tie ? tie.drawings : step.drawings;
  return (
    <>
      <div className={`grid ${pictures.length > 1 ? 'grid-cols-2' : ''} gap-2`}>
        {pictures.map((name) => (
          <img key={name} src={file(name)} alt="" className="h-40 w-full object-contain" />
        ))}
      </div>
      {tie && (
        <p className="flex items-center gap-2 text-2xl">
          {colour && <Swatch hex={colour.hex} size={22} />}
          <strong>
            {colour && Object.keys(page.colours).length > 1 ? colour.name : 'The strand'} on the {tie.from} first.
          </strong>
        </p>
      )}
      {tie && ties > 1 && <p>{tie.text}</p>}
      {walk && <Walk walk={walk} done={done} />}
      <p className="text-xl" aria-live="polite">
        <strong className="font-display text-6xl tabular-nums">{done}</strong> of {ties} {words}
      </p>
      <div className="flex gap-2">
        <button
          type="button"
          className="btn h-20 w-20 text-2xl"
          aria-label="One back"
          disabled={done === 0}
          onClick={() => onMade(-1)}
        >
          <Minus size={28} aria-hidden="true" />
        </button>
        <button
          type="button"
          className="btn btn-primary h-20 flex-1 text-3xl"
          disabled={done === ties}
          onClick={() => onMade(1)}
        >
          {words === 'half knots' ? (done === ties ? 'All tied' : 'Tied') : done === ties ? 'All done' : 'One done'}
        </button>
      </div>
      <details className="text-lg">
        <summary className="min-h-11 cursor-pointer py-2">Lost? Look at your work</summary>
        <p>{watch}</p>
      </details>
    </>
  );
}
