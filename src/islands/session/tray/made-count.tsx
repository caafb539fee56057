import { useState } from 'react';
import type { PlannedSeat } from '../../../core/seat';
import type { Units } from '../../../core/measure';
import { LengthField } from '../../../ui/fields/length-field';
import { checkSize, TextCell } from '../../../ui/fields/text-cell';
import type { SessionModel } from '../model/use-session';

const COUNTED = { name: 'counted band', min: 4, max: 5000 };

/** What this maker counted: so many half knots over so much band. It says how far apart their knots come, and stands at once. */
export function MadeCount({ seat, model, units }: { seat: PlannedSeat; model: SessionModel; units: Units }) {
  const { record, plan } = seat;
  const [half, setHalf] = useState<number | null>(record.made?.half_knots ?? null);
  const [length, setLength] = useState<number | null>(record.made?.length_mm ?? null);
  const knotted = Object.values(plan.piece?.sections ?? {}).find(({ halfKnots }) => halfKnots > 0);
  if (!knotted) return null;
  const keep = (half_knots: number | null, length_mm: number | null) => {
    setHalf(half_knots);
    setLength(length_mm);
    const both = half_knots !== null && length_mm !== null;
    if (both) model.act({ kind: 'seat', id: record.id, changes: { made: { half_knots, length_mm } } });
    else if (record.made && half_knots === null && length_mm === null)
      model.act({ kind: 'seat', id: record.id, changes: { made: null } });
  };
  const percent = Math.round((knotted.draw - 1) * 100);
  const whose = !record.made
    ? 'reckoned by skill and cord'
    : knotted.tight
      ? 'the count is too tight: by skill'
      : 'by this count';
  return (
    <fieldset className="border-b hair py-1.5">
      <legend className="sr-only">Counted by this maker</legend>
      <span className="flex items-center gap-1.5">
        <span className="quiet text-sm" aria-hidden="true">
          Counted
        </span>
        <span className="w-14">
          <TextCell
            label="Half knots counted"
            value={half === null ? '' : String(half)}
            inputMode="numeric"
            check={(text) => (text === '' ? null : /^\d+$/.test(text) ? checkSize(text, 2, 1000) : 'A whole number')}
            onChange={(text) => keep(text === '' ? null : Number(text), length)}
            className="border-base-300! text-right"
          />
        </span>
        <span className="text-sm">half knots over</span>
        <LengthField
          label="Length they made"
          value={length}
          units={units}
          range={COUNTED}
          onChange={(mm) => keep(half, mm)}
          className="w-22 border hair"
        />
      </span>
      <span className="quiet block text-[13px]">
        Knots {percent} % longer than the tightest there can be, {whose}.
      </span>
    </fieldset>
  );
}
