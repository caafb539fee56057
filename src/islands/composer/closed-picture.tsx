import { useSyncExternalStore } from 'react';
import type { Units } from '../../core/measure';
import type { SeatPlan } from '../../core/seat';
import { Closed, closedSize, closedWords } from '../../ui/strip';

const SMALL = '(width < 40rem)';
const watch = (changed: () => void): (() => void) => {
  const query = window.matchMedia(SMALL);
  query.addEventListener('change', changed);
  return () => query.removeEventListener('change', changed);
};

/** Whether the screen is a phone’s, where the closed piece stands with what it comes to, so that fields are not pushed off. */
export const useSmall = (): boolean =>
  useSyncExternalStore(
    watch,
    () => window.matchMedia(SMALL).matches,
    () => false,
  );

/** The closed piece of a bracelet: the server’s file of it while there is one. */
export function ClosedPicture({ plan, units, files }: { plan: SeatPlan; units: Units; files: string | null }) {
  if (plan.piece?.project.kind !== 'bracelet') return null;
  if (files === null) return <Closed plan={plan} units={units} />;
  return (
    <img
      src={`${files}closed.svg`}
      alt={closedWords(plan, units)}
      {...closedSize(plan)}
      // Not fetched where it is not shown.
      loading="lazy"
      className="block max-h-56 w-full object-contain"
    />
  );
}
