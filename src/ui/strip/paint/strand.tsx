import type { ReactNode } from 'react';
import { lineOn, tonesOf } from '../../pictures/tint';

/** Paths are written in whole parts of a mm: a twentieth is finer than any screen shows. */
export const FINE = 20;

/** What strands are drawn in: their paths are in whole parts of a mm. */
export const Fine = ({ children }: { children: readonly ReactNode[] }) =>
  children.length > 0 && (
    <g transform={`scale(${1 / FINE})`} fill="none" strokeLinejoin="round">
      {children}
    </g>
  );

/** A run of a strand, in `Fine`: an edge in a darker tone, its own colour, and a lighter middle. */
export function Strand({
  path,
  hex,
  width,
  fine = true,
  leads = false,
}: {
  path: string;
  hex: string;
  width: number;
  fine?: boolean;
  /** The one that leads has a dashed line along it, so that it can be told from the others in grey too. */
  leads?: boolean;
}) {
  const { edge, body, middle } = tonesOf(hex);
  const stroke = (share: number): number => Math.round(width * FINE * share);
  return (
    <>
      <path d={path} stroke={edge} strokeWidth={stroke(1.06)} />
      <path d={path} stroke={body} strokeWidth={stroke(0.74)} />
      {fine && <path d={path} stroke={middle} strokeWidth={stroke(0.22)} />}
      {leads && (
        <path
          d={path}
          stroke={lineOn(hex)}
          strokeWidth={stroke(0.2)}
          strokeDasharray={`${stroke(0.5)} ${stroke(0.4)}`}
        />
      )}
    </>
  );
}

/** The end that leads, wrapped with tape as makers mark it: over the last of its line. */
export function Tape({ line, width }: { line: readonly (readonly [x: number, y: number])[]; width: number }) {
  const [end, before] = [line.at(-1), line.at(-2)];
  if (!end || !before) return null;
  const span = Math.hypot(end[0] - before[0], end[1] - before[1]) || 1;
  const [dx, dy] = [((end[0] - before[0]) / span) * width, ((end[1] - before[1]) / span) * width];
  const path = `M${round(end[1] - dy * 0.9)} ${round(end[0] - dx * 0.9)}L${round(end[1] + dy * 0.1)} ${round(end[0] + dx * 0.1)}`;
  return (
    <g fill="none">
      <path d={path} stroke="#1d1a16" strokeWidth={round(width * 1.3)} />
      <path d={path} stroke="#ffffff" strokeWidth={round(width)} />
    </g>
  );
}

const round = (mm: number): number => Math.round(mm * 100) / 100;
