import type { BeadState } from '../../core/seat';

const WORDS: Record<BeadState, string> = {
  hollow: 'no wrist yet',
  ringed: 'on an estimate',
  solid: 'measured',
  notched: 'needs a decision',
};

/** What a bead says, in words. */
export const beadWords = (state: BeadState): string => WORDS[state];

const INK = 'var(--color-base-content)';

/** Half discs where the piece has two colours, one disc where it has one, paper where none is chosen yet. */
function Disc({ colours, r, edge }: { colours: readonly string[]; r: number; edge: number }) {
  const [left = 'var(--color-base-100)', right = left] = colours;
  return (
    <>
      {left !== right && <path d={`M 0 ${-r} A ${r} ${r} 0 0 0 0 ${r} Z`} fill={left} />}
      {left !== right && <path d={`M 0 ${-r} A ${r} ${r} 0 0 1 0 ${r} Z`} fill={right} />}
      <circle r={r} fill={left === right ? left : 'none'} stroke={INK} strokeWidth={edge} />
    </>
  );
}

/** One seat as a bead: its shape says the state, its colour is the seat's cord. Decorative; say the state in words beside it. */
export function Bead({ state, colours, size = 20 }: { state: BeadState; colours: readonly string[]; size?: number }) {
  return (
    <svg viewBox="-10 -10 20 20" width={size} height={size} aria-hidden="true" className="inline-block shrink-0">
      {state === 'hollow' && <circle r={7.5} fill="none" stroke={INK} strokeWidth={1.5} strokeDasharray="3 2" />}
      {state === 'ringed' && (
        <>
          <Disc colours={colours} r={4.6} edge={0.8} />
          <circle r={8} fill="none" stroke={INK} strokeWidth={1.3} />
        </>
      )}
      {state === 'solid' && <Disc colours={colours} r={8} edge={1.2} />}
      {state === 'notched' && (
        <>
          <Disc colours={colours} r={8} edge={1.2} />
          <path d="M -4.5 -9.6 L 0 1.5 L 4.5 -9.6 Z" fill="var(--color-base-100)" stroke={INK} strokeWidth={1.2} />
        </>
      )}
    </svg>
  );
}
