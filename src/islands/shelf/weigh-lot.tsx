import { readNumber } from '../../core/region';
import { number } from '../../ui/words/region';
import { Scale as ScaleIcon } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { formatTotal, type Units } from '../../core/measure';
import type { ScaleReading } from '../../core/device';
import { weigh } from '../../core/shelf';
import type { Lot } from '../../data/shelf/lots';
import { book, request } from '../../ui/api';
import { TextCell } from '../../ui/fields/text-cell';
import type { ShelfModel } from './use-shelf';

/** Weighs what is left of a spool: the scale is read until it stands still; only then can it be counted by. */
export function WeighLot({
  lot,
  mass,
  measured,
  doubt,
  model,
  units,
}: {
  lot: Lot;
  mass: number | null;
  measured: boolean;
  /** How far off the mass may be, as a share of it. */
  doubt: number;
  model: ShelfModel;
  units: Units;
}) {
  const [on, setOn] = useState(false);
  const [reading, setReading] = useState<ScaleReading | 'away' | null>(null);
  const started = useRef(0);
  useEffect(() => {
    if (!on) return;
    started.current = Date.now();
    const read = () => {
      const since = Date.now() - started.current;
      request<ScaleReading | null>('GET', `/api/scale?lot=${lot.id}&since=${since}`)
        .then((value) => setReading(value ?? 'away'))
        .catch(() => setReading('away'));
    };
    read();
    const timer = setInterval(read, 400);
    return () => clearInterval(timer);
  }, [on, lot.id]);
  if (mass === null) return null;
  const live = reading && reading !== 'away' ? reading : null;
  const found = live && lot.tare !== null ? weigh(live.grams, lot.tare, mass, live.step, doubt) : null;
  const use = async () => {
    if (!found?.ok) return;
    const given = { kind: 'count', amount: found.value.mm, note: `weighed ${live!.grams} g` };
    if (await model.act(() => book('POST', `/api/shelf/lots/${lot.id}`, given), `Lot ${lot.number} counted by weight.`))
      setOn(false);
  };
  return (
    <div className="my-2 text-sm">
      <div className="flex items-center gap-2">
        <label className="flex items-center gap-1">
          Empty spool
          <span className="w-20">
            <TextCell
              label="Grams of the empty spool"
              className="text-right"
              value={lot.tare === null ? '' : String(lot.tare)}
              placeholder="g"
              check={(text) => (text === '' || /^\d+([.,]\d+)?$/.test(text) ? null : 'Grams, such as 42.5')}
              onChange={(text) =>
                void model.act(
                  () =>
                    request('PATCH', `/api/shelf/lots/${lot.id}`, {
                      version: lot.version,
                      place: lot.place,
                      tare: text === '' ? null : readNumber(text),
                    }),
                  'Saved.',
                )
              }
            />
          </span>
          g
        </label>
        <button
          type="button"
          className="btn btn-sm"
          onClick={() => {
            setReading(null);
            setOn(!on);
          }}
          disabled={lot.tare === null}
        >
          <ScaleIcon size={14} aria-hidden="true" /> {on ? 'Stop weighing' : 'Weigh it'}
        </button>
      </div>
      {on && (
        <div role="status" className="mt-1">
          {reading === 'away' && (
            <p className="text-error">The scale does not answer: plug it in again. Nothing was counted.</p>
          )}
          {live && (
            <p>
              {number(live.grams, 1)} g, {live.stable ? 'standing still' : 'not standing still yet…'}
            </p>
          )}
          {found && !found.ok && <p className="text-error">Put the right spool on: {found.fault}.</p>}
          {found?.ok && (
            <p>
              About <strong>{formatTotal(found.value.mm, units, 'down')}</strong>, give or take{' '}
              {formatTotal(found.value.off_mm, units)}
              {!measured && ' (the cord’s mass is an estimate)'}.{' '}
              <button
                type="button"
                className="btn btn-primary btn-xs"
                disabled={!live!.stable || model.busy}
                onClick={() => void use()}
              >
                Count it as this
              </button>
            </p>
          )}
        </div>
      )}
    </div>
  );
}
