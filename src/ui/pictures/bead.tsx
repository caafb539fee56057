import type { BeadState } from '../../core/seat';

const WORDS: Record<BeadState, string> = {
  hollow: 'no wrist yet',
  ringed: 'on an estimate',
  solid: 'measured',
  notched: 'needs a decision',
};

/** What a bead says, in words. */
export const beadWords = (state: BeadState): string => WORDS[state];

/** Half discs where the piece has two colours, one disc where it has one, paper where none is chosen yet. */
function Filling({ colours, r }: { colours: readonly string[]; r: number }) {
  const [left = 'var(--color-base-100)', right = left] = colours;
  return (
    <>
      <path d={`M 0 ${-r} A ${r} ${r} 0 0 0 0 ${r} Z`} fill={left} />
      <path d={`M 0 ${-r} A ${r} ${r} 0 0 1 0 ${r} Z`} fill={right} />
    </>
  );
}

/** One seat as a bead: its shape says the state, its colour is the seat's cord. Decorative; say the state in words beside it. */
export function Bead({ state, colours, size = 20 }: { state: BeadState; colours: readonly string[]; size?: number }) {
  const ink = 'var(--color-base-content)';
  return (
    <svg viewBox="-10 -10 20 20" width={size} height={size} aria-hidden="true" className="inline-block shrink-0">
      {state === 'hollow' && <circle r={7.5} fill="none" stroke={ink} strokeWidth={1.5} strokeDasharray="3 2" />}
      {state === 'ringed' && (
        <>
          <Filling colours={colours} r={4.6} />
          <circle r={4.6} fill="none" stroke={ink} strokeWidth={0.8} />
          <circle r={8} fill="none" stroke={ink} strokeWidth={1.3} />
        </>
      )}
      {state === 'solid' && (
        <>
          <Filling colours={colours} r={8} />
          <circle r={8} fill="none" stroke={ink} strokeWidth={1.2} />
        </>
      )}
      {state === 'notched' && (
        <>
          <Filling colours={colours} r={8} />
          <circle r={8} fill="none" stroke={ink} strokeWidth={1.2} />
          <path d="M -4.5 -9.6 L 0 1.5 L 4.5 -9.6 Z" fill="var(--color-base-100)" stroke={ink} strokeWidth={1.2} />
        </>
      )}
    </svg>
  );
}
