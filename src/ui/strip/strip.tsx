import { useId, useMemo } from 'react';
import { formatLength, type Units } from '../../core/measure';
import { isSection } from '../../core/project';
import type { MadeBand } from '../../core/bench';
import { drawnParts, knotsBehind, type DrawnPart } from '../../core/drawing';
import { bandOf, type BandItem, type SeatPlan } from '../../core/seat';
import { frameOf } from './frame';
import { hexes } from './hexes';
import { PartPicture } from './part-picture';
import { Ruler } from '../pictures/ruler';
import { Section } from './section';

/** What a strip shows, in words; of a piece that cannot be drawn, that. */
export function stripWords({ piece, fit }: SeatPlan, side: 'front' | 'back', units: Units): string {
  if (!piece || !fit) return 'This piece cannot be drawn.';
  const what =
    fit.half_knots === undefined ? `${Number(fit.repeats.toFixed(1))} repeats` : `${fit.half_knots} half knots`;
  return `${piece.project.name}, ${side}, ${formatLength(fit.knotted_mm, units)} of band, ${what}`;
}

/** The piece of the page, mm, that a strip fills, and how large its ruler is. */
function pageOf(plan: SeatPlan, parts: readonly DrawnPart[], ruler: boolean) {
  const { left, right, half, length } = frameOf(plan, parts);
  const size = Math.max(3.4, (right - left) / 76);
  return { left, right, half, length, size, high: 2 * half + (ruler ? size * 2.6 : 1.5) };
}

/** How wide and high a strip’s file is, in tenths of a mm, so that its place is kept until it is there. */
export function stripSize(plan: SeatPlan, ruler: boolean): { width: number; height: number } {
  const { left, right, high } = pageOf(plan, drawnParts(plan), ruler);
  return { width: Math.round(10 * (right - left)), height: Math.round(10 * high) };
}

/** How faintly what is not made yet is there. */
const FAINT = 0.22;

/** The band itself, drawn from the strand paths that are measured, to scale over a ruler; coarser where it is small. */
export function Strip({
  plan,
  side,
  units,
  ruler = true,
  small = false,
  made,
  near,
}: {
  plan: SeatPlan;
  side: 'front' | 'back';
  units: Units;
  ruler?: boolean;
  small?: boolean;
  /** The stretches that are made, mm; the rest is drawn faint. Everything is made by default. */
  made?: MadeBand['spans'];
  /** Only so much of the piece is shown, mm along it. */
  near?: readonly [from: number, to: number];
}) {
  const id = useId();
  const { piece, fit } = plan;
  const drawn = useMemo(() => {
    if (!piece || !fit) return null;
    const hex = hexes(piece);
    const hexOf = (colour: string): string => hex[colour] ?? '#888888';
    const parts = drawnParts(plan);
    const drawSections = (items: readonly BandItem[]) =>
      items.flatMap(({ item, from, count }) =>
        isSection(item)
          ? [
              <g key={`${item.id} ${from}`} transform={`translate(${from.toFixed(2)} 0)`}>
                <Section section={item} count={count} side={side} hex={hex} samples={small ? 1 : 4} />
              </g>,
            ]
          : [],
      );
    return {
      page: pageOf(plan, parts, ruler),
      sections: drawSections(bandOf(plan)),
      // They lie behind the button: its face hides them.
      behind: side === 'back' ? drawSections(knotsBehind(plan)) : null,
      parts: parts.map((part) => (
        <PartPicture key={`${part.item.id} ${part.outward}`} part={part} side={side} hexOf={hexOf} fine={!small} />
      )),
    };
  }, [piece, fit, plan, side, small, ruler]);
  if (!piece || !fit || !drawn) return null;
  const { left, right, half, length, size, high } = drawn.page;
  const spans = (made ?? []).map(([from, to]) => [Math.max(left, from), Math.min(right, to)] as const);
  const lacks = made !== undefined && !spans.some(([from, to]) => from <= left && to >= right);
  const begun = lacks && spans.some(([from, to]) => to > from);
  return (
    <svg
      viewBox={`${near?.[0] ?? left} ${-half} ${near ? near[1] - near[0] : right - left} ${high}`}
      className="block w-full"
      role="img"
      aria-label={stripWords(plan, side, units)}
    >
      <g opacity={lacks ? FAINT : undefined}>
        <g id={begun ? `${id}-all` : undefined}>
          {drawn.sections}
          {drawn.parts}
          {drawn.behind}
        </g>
      </g>
      {begun && (
        <>
          <defs>
            <clipPath id={`${id}-made`}>
              {spans.map(([from, to], i) => (
                <rect key={i} x={from} y={-half} width={Math.max(0, to - from)} height={2 * half} />
              ))}
            </clipPath>
          </defs>
          <use href={`#${id}-all`} clipPath={`url(#${id}-made)`} />
        </>
      )}
      {ruler && <Ruler length={length} top={half + 1} units={units} size={size} />}
    </svg>
  );
}
