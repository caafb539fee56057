import { tonesOf } from '../pictures/tint';

/** A run of a strand: an edge in a darker tone, its own colour, and a lighter middle. */
export function Strand({
  path,
  hex,
  width,
  fine = true,
}: {
  path: string;
  hex: string;
  width: number;
  fine?: boolean;
}) {
  const { edge, body, middle } = tonesOf(hex);
  return (
    <g fill="none" strokeLinejoin="round">
      <path d={path} stroke={edge} strokeWidth={round(width * 1.06)} />
      <path d={path} stroke={body} strokeWidth={round(width * 0.74)} />
      {fine && <path d={path} stroke={middle} strokeWidth={round(width * 0.22)} />}
    </g>
  );
}

/** The end that leads, wrapped with tape as makers mark it. */
export function Tape({ points, width }: { points: readonly (readonly [x: number, y: number])[]; width: number }) {
  const path = points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${round(y)} ${round(x)}`).join('');
  return (
    <g fill="none">
      <path d={path} stroke="#1d1a16" strokeWidth={round(width * 1.3)} />
      <path d={path} stroke="#ffffff" strokeWidth={round(width)} />
    </g>
  );
}

const round = (mm: number): number => Math.round(mm * 100) / 100;
