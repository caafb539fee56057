import { Suspense, type ReactNode } from 'react';
import { Later, useAsText } from '../../ui/fields/as-text';

/**
 * Until somebody works on the page it is laid out when it comes into view, by a guess of how high it is; from then on at once, so that
 * nothing moves under whoever goes to the page's end.
 */
function Section({ name, children }: { name: string; children: ReactNode }) {
  return (
    <section className={`mt-6 overflow-x-auto ${useAsText() ? 'part-lazy' : ''}`}>
      <h2 className="text-xl">{name}</h2>
      {children}
    </section>
  );
}

/** A part of a long form, taken over by itself: a page of a hundred and fifty fields answers meanwhile. Its fields come in their turn. */
export const Part = ({ name, turn, children }: { name: string; turn: number; children: ReactNode }) => (
  <Suspense fallback={null}>
    <Later turn={turn}>
      <Section name={name}>{children}</Section>
    </Later>
  </Suspense>
);
