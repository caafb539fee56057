import { number } from '../../../ui/words/region';
import type { Pace } from '../../../core/pace';

const WHERE = { seat: '', station: ', at the flame' } as const;

/** What a seat's minutes are made of, phase by phase; half of all makers like this one are quicker. */
export function MinutesDetails({ pace: { phases, spread } }: { pace: Pace }) {
  return (
    <details className="mt-1 text-sm">
      <summary className="cursor-pointer">Where the minutes go</summary>
      <ul className="tabular-nums">
        {phases.map(({ phase, minutes, at }) => (
          <li key={phase} className="flex justify-between border-t hair py-0.5">
            <span>
              {phase}
              {WHERE[at]}
            </span>
            <span>~{number(minutes, 1)} min</span>
          </li>
        ))}
      </ul>
      <p className="quiet">
        Two makers in three take between {number(Math.exp(-spread), 1)} and {number(Math.exp(spread), 1)} times as long,
        by the figures of pace in the settings. Settling, checking and tidying are not counted as making.
      </p>
    </details>
  );
}
