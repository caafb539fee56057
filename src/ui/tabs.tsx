import { keysOf } from '../core/studio';
import { useRef, type KeyboardEvent, type ReactNode } from 'react';

/** Where an arrow key, Home or End leads from one of so many tabs; null for any other key. */
function tabAfter(key: string, at: number, count: number): number | null {
  switch (key) {
    case 'ArrowRight':
      return (at + 1) % count;
    case 'ArrowLeft':
      return (at + count - 1) % count;
    case 'Home':
      return 0;
    case 'End':
      return count - 1;
    default:
      return null;
  }
}

/** Views of one thing, one shown at a time in the panel below its tabs; arrow keys go from tab to tab. */
export function Tabs<View extends string>({
  label,
  views,
  shown,
  onShow,
  tall = false,
  beside,
  children,
}: {
  label: string;
  /** What each is called, in their order. */
  views: Readonly<Record<View, string>>;
  shown: View;
  onShow: (view: View) => void;
  /** As large as a thumb, and as wide as there is room. */
  tall?: boolean;
  /** What stands in the line of the tabs, at its end. */
  beside?: ReactNode;
  /** The view that is shown. */
  children: ReactNode;
}) {
  // By its name, not by useId: server and browser count those differently.
  const id = `tabs-${label.toLowerCase().replace(/\W+/g, '-')}`;
  const list = useRef<HTMLDivElement>(null);
  const names = keysOf<View>(views);
  const turn = (event: KeyboardEvent) => {
    const to = tabAfter(event.key, names.indexOf(shown), names.length);
    if (to === null) return;
    event.preventDefault();
    onShow(names[to]!);
    list.current?.querySelectorAll<HTMLElement>('[role=tab]')[to]?.focus();
  };
  return (
    <>
      <div className={tall ? '' : 'flex flex-wrap items-center gap-x-4 gap-y-2 px-4 py-2'}>
        <div
          ref={list}
          role="tablist"
          aria-label={label}
          className={tall ? 'grid grid-cols-2 gap-1' : 'flex flex-wrap gap-1'}
          onKeyDown={turn}
        >
          {names.map((one) => (
            <button
              key={one}
              type="button"
              role="tab"
              id={`${id}-${one}`}
              aria-selected={shown === one}
              aria-controls={shown === one ? `${id}-panel` : undefined}
              tabIndex={shown === one ? 0 : -1}
              className={`btn ${tall ? 'h-11 text-base' : 'btn-sm'} ${shown === one ? 'btn-neutral' : 'btn-ghost'}`}
              onClick={() => onShow(one)}
            >
              {views[one]}
            </button>
          ))}
        </div>
        {beside && <div className="flex flex-wrap items-center gap-2">{beside}</div>}
      </div>
      <div role="tabpanel" id={`${id}-panel`} aria-labelledby={`${id}-${shown}`}>
        {children}
      </div>
    </>
  );
}
