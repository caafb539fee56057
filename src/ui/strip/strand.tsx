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
      <path d={path} stroke={body} strokeWidth={round(width * 0.74)} strokeLinecap="round" />
      {fine && <path d={path} stroke={middle} strokeWidth={round(width * 0.24)} strokeLinecap="round" />}
    </g>
  );
}

const round = (mm: number): number => Math.round(mm * 100) / 100;
