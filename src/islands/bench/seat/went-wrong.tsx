import { useState } from 'react';
import { faultsOf } from '../../../core/fault';
import type { PlannedSeat } from '../../../core/seat';
import { FaultPicture } from '../../../ui/strip';

/** From what is seen to the cause, how far back to undo, and the mend; pictured in this seat's own piece. */
export function WentWrong({ seat }: { seat: PlannedSeat }) {
  const { plan } = seat;
  const [open, setOpen] = useState<string | null>(null);
  if (!plan.piece || !plan.fit) return <p>It has no piece or size yet.</p>;
  return (
    <div className="space-y-2">
      <p>What do you see?</p>
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
                  <dt className="font-semibold">Mend</dt>
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
