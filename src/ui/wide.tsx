import type { ReactNode } from 'react';

/** Something that may be wider than its place: it is scrolled along there, by the keyboard too, and the page stays. */
export function Wide({ label, className = '', children }: { label: string; className?: string; children: ReactNode }) {
  return (
    <div
      role="group"
      aria-label={label}
      // Only what has the focus is scrolled by keys.
      tabIndex={0}
      className={`min-w-0 overflow-x-auto ${className}`}
    >
      {children}
    </div>
  );
}
