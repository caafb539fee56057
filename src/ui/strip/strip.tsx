import { useMemo } from 'react';
import { formatLength, type Units } from '../../core/measure';
import { isSection, type Piece } from '../../core/project';
import { bandOf, type SeatPlan } from '../../core/seat';
import { PartShape } from './part-shape';
import { Ruler } from './ruler';
import { Section } from './section';

/** The hex of a colour slug among the piece's cords. */
function hexes(piece: Piece): Record<string, string> {
  return Object.fromEntries(
    piece.cords.flatMap(({ cord }) => cord.colours.map((colour): [string, string] => [colour.slug, colour.hex])),
  );
}

const LOOPS = new Set(['fold-loop', 'overhand-loop']);

/** The closing loop at a fold, as long as it is made. */
function LoopEnd({ piece, hex }: { piece: Piece; hex: string }) {
  const loop = Object.values(piece.parts).find(
    ({ part }) => part.slug === 'fold-loop' || part.slug === 'overhand-loop',
  );
  if (!loop) return null;
  const long = Math.min(34, (loop.part.slug === 'fold-loop' ? loop.base.mate : loop.base.loop) / 2.4);
  const wide = long * 0.34;
  return (
    <path
      d={`M 0.5 0 C ${-long * 0.3} ${-wide} ${-long} ${-wide} ${-long} 0 C ${-long} ${wide} ${-long * 0.3} ${wide} 0.5 0`}
      fill="none"
      stroke={hex}
      strokeWidth={Math.max(0.8, Math.min(piece.width * 0.16, 3))}
    />
  );
}

/** The ring or hook that a keychain hangs from, past its end. */
function RingEnd({ piece, length }: { piece: Piece; length: number }) {
  const ring = Object.values(piece.parts).find(({ part }) => part.slug === 'ring')?.base.hardware;
  if (!ring) return null;
  const r = Math.max(ring.opening_mm, 8) / 2;
  return (
    <circle cx={length + r} cy={0} r={r} fill="none" className="stroke-base-content" strokeWidth={ring.bar_mm * 0.7} />
  );
}

/** The band itself, drawn from the strand paths that are measured, to scale over a ruler; coarser where it is small. */
export function Strip({
  plan,
  side,
  units,
  ruler = true,
  small = false,
}: {
  plan: SeatPlan;
  side: 'front' | 'back';
  units: Units;
  ruler?: boolean;
  small?: boolean;
}) {
  const { piece, fit } = plan;
  const drawn = useMemo(() => {
    if (!piece || !fit) return null;
    const hex = hexes(piece);
    const first = hex[piece.cords[0]!.colour] ?? '#888888';
    return {
      first,
      items: bandOf(plan).map(({ item, from, length }) => (
        <g key={`${item.id} ${from}`}>
          {isSection(item) ? (
            <g transform={`translate(${from.toFixed(2)} 0)`}>
              <Section section={item} count={fit.counts[item.id]!} side={side} hex={hex} small={small} />
            </g>
          ) : (
            <PartShape part={item} from={from} length={length} width={piece.width} hex={first} />
          )}
        </g>
      )),
    };
  }, [piece, fit, plan, side, small]);
  if (!piece || !fit || !drawn) return null;
  const placed = bandOf(plan);
  const length = placed.reduce((sum, item) => sum + item.length, 0);
  const tallest = Math.max(
    piece.width,
    ...placed.map(({ item }) => (isSection(item) ? 0 : (item.base.hardware?.width_mm ?? 0))),
    ...Object.values(piece.parts).map(({ part, base }) =>
      part.slug === 'ring' ? Math.max(base.hardware?.opening_mm ?? 0, 8) + 2 : 0,
    ),
  );
  const half = tallest / 2 + 1.5;
  const looped = Object.values(piece.parts).some(({ part }) => LOOPS.has(part.slug));
  const ring = Object.values(piece.parts).find(({ part }) => part.slug === 'ring')?.base.hardware;
  /** A button or charm at an end stands out past the band length that it takes up. */
  const out = (at: 0 | -1): number => {
    const end = placed.at(at);
    return end && !isSection(end.item) ? Math.max(0, ((end.item.base.hardware?.width_mm ?? 0) - end.length) / 2) : 0;
  };
  const [before, after] = [
    Math.max(looped ? 36 : 3, out(0) + 2),
    Math.max(ring ? Math.max(ring.opening_mm, 8) + 3 : 3, out(-1) + 2),
  ];
  const size = Math.max(3.4, (length + before + after) / 76);
  const bottom = half + (ruler ? size * 2.6 : 1.5);
  const what =
    fit.half_knots === undefined ? `${Number(fit.repeats.toFixed(1))} repeats` : `${fit.half_knots} half knots`;
  return (
    <svg
      viewBox={`${-before} ${-half} ${length + before + after} ${half + bottom}`}
      className="block w-full"
      role="img"
      aria-label={`${piece.project.name}, ${side}, ${formatLength(fit.knotted_mm, units)} of band, ${what}`}
    >
      <LoopEnd piece={piece} hex={drawn.first} />
      <RingEnd piece={piece} length={length} />
      {drawn.items}
      {ruler && <Ruler length={length} top={half + 1} units={units} size={size} />}
    </svg>
  );
}
