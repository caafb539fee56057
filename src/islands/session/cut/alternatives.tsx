import { useState } from 'react';
import type { Units } from '../../../core/measure';
import { RiskSlider } from './risk-slider';
import { SessionSchools } from './session-schools';
import type { SessionModel } from '../model/use-session';

/** The session by another school or at another risk, worked out once somebody asks. */
export function Alternatives({ model, units }: { model: SessionModel; units: Units }) {
  const [open, setOpen] = useState(false);
  return (
    <details className="mx-4 mb-6" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="cursor-pointer text-sm">By another school, or at another risk</summary>
      {open && (
        <div className="space-y-3 py-2">
          <SessionSchools model={model} units={units} />
          <RiskSlider model={model} units={units} />
        </div>
      )}
    </details>
  );
}
