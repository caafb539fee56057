import type { WalkStep } from '../core/making';

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
export function Walk({ walk, done }: { walk: readonly WalkStep[]; done: number }) {
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
