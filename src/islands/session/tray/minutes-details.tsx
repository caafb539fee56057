import { number } from '../../../ui/words/region';
import { minutesByPhase, type Pace } from '../../../core/pace';
import { PHASE_NAMES } from '../../../ui/words/phases';

/** What a seat's minutes are made of, phase by phase; half of all makers like this one are quicker. */
export function MinutesDetails({ pace }: { pace: Pace }) {
  const { steps, spread, prepared } = pace;
  const atFlame = steps.reduce((sum, { at, minutes }) => sum + (at === 'station' ? minutes : 0), 0);
  return (
    <details className="mt-1 text-sm">
      <summary className="cursor-pointer">Where the minutes go</summary>
      <ul className="tabular-nums">
        {minutesByPhase(pace).map(({ phase, minutes }) => (
          <li key={phase} className="flex justify-between border-t hair py-0.5">
            <span>{PHASE_NAMES[phase]}</span>
            <span>~{number(minutes, 1)} min</span>
          </li>
        ))}
      </ul>
      <p className="quiet">
        Two makers in three take between {number(Math.exp(-spread), 1)} and {number(Math.exp(spread), 1)} times as long,
        by the figures of pace in the settings. Settling and tidying are not counted as making.
        {atFlame > 0 && ` At the flame: ~${number(atFlame, 1)} min.`}
        {prepared > 0 && ` Prepared by you before the session: ~${number(prepared, 1)} min.`}
      </p>
    </details>
  );
}
