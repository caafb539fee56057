import { Suspense, type ReactNode } from 'react';
import { Later, useAsText } from './as-text';

/**
 * Until somebody works on the page it is laid out when it comes into view, by a guess of how high it is; from then on at once, so that
 * nothing moves under whoever goes to the page's end.
 */
const WhileAsText = ({ className, children }: { className: string; children: ReactNode }) => (
  <section className={`${className} ${useAsText() ? 'part-lazy' : ''}`}>{children}</section>
);

/** A part of a long form, taken over by itself: a page of many fields answers meanwhile. Its fields come in their turn. */
export const LatePart = ({ turn, children }: { turn: number; children: ReactNode }) => (
  <Suspense fallback={null}>
    <Later turn={turn}>{children}</Later>
  </Suspense>
);

/** The same of a part that is far down the page: it is not even laid out before it is come to. */
export const LazyPart = ({
  turn,
  className = '',
  children,
}: {
  turn: number;
  className?: string;
  children: ReactNode;
}) => (
  <LatePart turn={turn}>
    <WhileAsText className={className}>{children}</WhileAsText>
  </LatePart>
);
