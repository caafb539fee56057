import { useState, type ReactNode } from 'react';

const STEPS = ['w-full', 'w-[200%]', 'w-[400%]', 'w-[800%]'] as const;

/** A drawing with its title, that can be looked at closer and followed along its ruler; it may follow from how much wider it is. */
export function Zoom({ title, children }: { title: string; children: ReactNode | ((wider: number) => ReactNode) }) {
  const [step, setStep] = useState(0);
  const zoom = (by: number, symbol: string, says: string) => (
    <button
      type="button"
      className="btn join-item btn-xs"
      disabled={STEPS[step + by] === undefined}
      aria-label={`${title}: show it ${says}`}
      onClick={() => setStep(step + by)}
    >
      {symbol}
    </button>
  );
  return (
    <div className="mt-1">
      <div className="flex items-center justify-between gap-3">
        <p className="quiet text-sm">{title}</p>
        <span className="join">
          {zoom(-1, '−', 'less closely')}
          {zoom(1, '+', 'closer')}
        </span>
      </div>
      <div
        className="overflow-x-auto"
        {...(step > 0 && { tabIndex: 0, role: 'group', 'aria-label': `${title}, along its ruler` })}
      >
        <div className={STEPS[step]}>{typeof children === 'function' ? children(2 ** step) : children}</div>
      </div>
    </div>
  );
}
