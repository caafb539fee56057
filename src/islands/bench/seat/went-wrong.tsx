import { useState } from 'react';
import type { SeatAtWork } from '../../../core/bench';
import { faultsOf } from '../../../core/fault';
import { dueStep, type MakingStep } from '../../../core/making';
import type { PlannedSeat } from '../../../core/seat';
import { FaultPicture } from '../../../ui/strip';

/** What the making says of mistakes so far; then, pictured in this seat's own piece, from what is seen to the cause, how far back to undo, and the fix. */
export function WentWrong({
  seat,
  atWork,
  steps,
}: {
  seat: PlannedSeat;
  atWork: SeatAtWork;
  steps: readonly MakingStep[];
}) {
  const { plan } = seat;
  const [open, setOpen] = useState<string | null>(null);
  if (!plan.piece || !plan.fit) return <p>It has no piece or size yet.</p>;
  // What the making says of this act and of those before it, the latest first.
  const due = dueStep(steps, plan, atWork);
  const mistakes = steps.slice(0, due + 1).flatMap(({ if_not = [] }) => if_not);
  const latest = mistakes.toReversed().filter(({ seen }, i, all) => all.findIndex((one) => one.seen === seen) === i);
  return (
    <div className="space-y-2">
      <p>What do you see?</p>
      {latest.length > 0 && (
        <dl>
          {latest.map(({ seen, fix }) => (
            <div key={seen} className="border-b hair py-1">
              <dt className="text-lg font-semibold">{seen}</dt>
              <dd>{fix}</dd>
            </div>
          ))}
        </dl>
      )}
      <ul className="space-y-2">
        {faultsOf(plan.piece).map(({ fault, place }) => {
          const isOpen = open === fault.slug;
          return (
            <li key={fault.slug} className="border hair">
              <button
                type="button"
                aria-expanded={isOpen}
                className="block w-full p-2 text-left"
                onClick={() => setOpen(isOpen ? null : fault.slug)}
              >
                <FaultPicture fault={fault} place={place} plan={plan} />
                <strong className="block pt-1 text-lg">{fault.seen}</strong>
              </button>
              {isOpen && (
                <dl className="space-y-1 px-2 pb-2">
                  <dt className="font-semibold">Because</dt>
                  <dd>{fault.because}</dd>
                  <dt className="font-semibold">Undo</dt>
                  <dd>{fault.undo}</dd>
                  <dt className="font-semibold">Fix</dt>
                  <dd>{fault.mend}</dd>
                </dl>
              )}
            </li>
          );
        })}
      </ul>
    </div>
  );
}
