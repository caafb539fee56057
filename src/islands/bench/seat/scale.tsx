import { useState } from 'react';
import { formatLength, type Units } from '../../../core/measure';

const KEPT = 'lapboard-px-per-mm';
/** What a screen is taken to have until somebody lays a ruler on it: 96 dots an inch, as browsers reckon. */
const USUAL = 96 / 25.4;
/** The stretch that is held against a ruler, mm. */
const CHECK = 50;
const FOLDS = [1, 2, 4] as const;

function keptScale(): number {
  const kept = Number(localStorage.getItem(KEPT));
  return kept > 1 && kept < 30 ? kept : USUAL;
}

/** A scale on the screen to lay a cord against: where its end lies is pressed; a long one is folded. */
export function Scale({ units, onRead }: { units: Units; onRead: (mm: number) => void }) {
  const [perMm, setPerMm] = useState(keptScale);
  const [fold, setFold] = useState<(typeof FOLDS)[number]>(1);
  const [isSetting, setSetting] = useState(false);
  const step = units === 'in' ? 25.4 / 4 : 5;
  const long = units === 'in' ? 4 : 2;
  const ticks = Math.ceil(400 / step);
  return (
    <div className="space-y-1">
      <div className="flex flex-wrap items-center gap-1 text-base">
        <span>Lay it on, folded in</span>
        {FOLDS.map((n) => (
          <button
            key={n}
            type="button"
            aria-pressed={fold === n}
            className={`btn h-11 min-w-11 text-base ${fold === n ? 'btn-active' : 'btn-ghost'}`}
            onClick={() => setFold(n)}
          >
            {n}
          </button>
        ))}
        <button type="button" className="btn btn-ghost h-11 text-base" onClick={() => setSetting(!isSetting)}>
          Is the scale true?
        </button>
      </div>
      {isSetting && (
        <label className="block text-base">
          Lay a ruler on the bar and draw it until it is {formatLength(CHECK, units)} long.
          <span className="block h-3 bg-neutral" style={{ width: CHECK * perMm }} />
          <input
            type="range"
            className="range w-full"
            min={2}
            max={9}
            step={0.02}
            value={perMm}
            onChange={({ target }) => {
              const next = Number(target.value);
              setPerMm(next);
              localStorage.setItem(KEPT, String(next));
            }}
          />
        </label>
      )}
      <button
        type="button"
        className="block h-16 w-full overflow-hidden border border-base-content bg-base-100"
        aria-label="Scale: press where the end lies"
        onClick={({ currentTarget, clientX }) => {
          const { left } = currentTarget.getBoundingClientRect();
          onRead(Math.max(1, Math.round(((clientX - left) / perMm) * fold)));
        }}
      >
        <svg width={400 * perMm} height={62} className="block" aria-hidden="true">
          {Array.from({ length: ticks }, (_, i) => {
            const x = i * step * perMm;
            const isLong = i % long === 0;
            return (
              <g key={i} className="stroke-base-content">
                <line x1={x} x2={x} y1={0} y2={isLong ? 26 : 14} strokeWidth={isLong ? 1.6 : 1} />
                {isLong && i > 0 && (
                  <text x={x} y={46} textAnchor="middle" className="fill-base-content" stroke="none" fontSize={16}>
                    {units === 'in' ? Math.round((i * step * fold) / 25.4) : Math.round((i * step * fold) / 10)}
                  </text>
                )}
              </g>
            );
          })}
        </svg>
      </button>
    </div>
  );
}
