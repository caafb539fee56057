import type { Fault, FaultFrame, FaultPlace } from '../../core/fault';
import { drawnParts } from '../../core/drawing';
import { beadsOf, layered, linesOf, type Point } from '../../core/stitch';
import type { PiecePart, PieceSection } from '../../core/project';
import type { SeatPlan } from '../../core/seat';
import { hexes } from './hexes';
import { Drawn } from './paint/layers';
import { PartPicture } from './part-picture';

/** How many half knots of a section are shown, or repeats where there are none. */
const [KNOTS, REPEATS] = [9, 3];

/** The place of a fault in the middle of a piece: the same paths that are measured and drawn, with the fault in them. */
function SectionFault({ fault, section, plan }: { fault: Fault; section: PieceSection; plan: SeatPlan }) {
  const run = section.runs.find(({ stitch }) => stitch.slug !== 'plain') ?? section.runs[0]!;
  const { stitch, around, measure } = run;
  const { d } = section;
  const geometry = stitch.geometry(around);
  const perRepeat = measure.halfKnots || 1;
  const repeats = Math.min(REPEATS * 2, Math.max(REPEATS, KNOTS / perRepeat));
  const whole = Math.max(1, Math.round(repeats * geometry.divisions) / geometry.divisions);
  const shown = measure.halfKnots > 6 ? KNOTS / perRepeat : whole;
  const divisions = shown * geometry.divisions;
  const length = shown * geometry.pitch;
  const half = measure.width / 2;
  const frame: FaultFrame = { pitch: Math.min(geometry.pitch, length / 2), half, from: length * 0.42, length };
  const lines = linesOf(geometry, divisions, 4);
  const bent = fault.bend?.(lines, frame) ?? lines;
  const beads = beadsOf(geometry, divisions, 'front');
  const hex = hexes(plan.piece!);
  const points = bent.flatMap((line) => line.points);
  const [left, right] = [Math.min(...points.map(([, y]) => y)), Math.max(...points.map(([, y]) => y))];
  const across = Math.max(half, ...points.map(([x]) => Math.abs(x))) + 0.8;
  return (
    <svg
      viewBox={`${(left - 1) * d} ${-across * d} ${(right - left + 2) * d} ${2 * across * d}`}
      className="block max-h-40 w-full"
      role="img"
      aria-label={fault.seen}
    >
      <Drawn
        layers={layered(bent, 'front')}
        beads={fault.beads?.(beads, frame) ?? beads}
        d={d}
        hexOf={(strand) => hex[section.colours[strand] ?? ''] ?? '#888888'}
      />
    </svg>
  );
}

function PartFault({ fault, part, plan }: { fault: Fault; part: PiecePart; plan: SeatPlan }) {
  const drawn = drawnParts(plan).find(({ item }) => item.id === part.id);
  if (!drawn) return null;
  const hex = hexes(plan.piece!);
  const bend = (points: readonly Point[]): readonly Point[] =>
    // As if it stood outward from nought, and back to its place.
    (fault.bendPart?.(points.map(([x, y, z]): Point => [x, (y - drawn.at) * drawn.outward, z])) ?? points).map(
      ([x, y, z]): Point => [x, drawn.at + y * drawn.outward, z],
    );
  const bent = { ...drawn, strands: drawn.strands.map((strand) => ({ ...strand, points: bend(strand.points) })) };
  const all = bent.strands.flatMap(({ points }) => points);
  const d = Math.max(...bent.strands.map((strand) => strand.d));
  const half = Math.max(...all.map(([x]) => Math.abs(x))) + 1.5 * d;
  const [left, right] = [Math.min(...all.map(([, y]) => y)) - 1.5 * d, Math.max(...all.map(([, y]) => y)) + 1.5 * d];
  return (
    <svg
      viewBox={`${left} ${-half} ${right - left} ${2 * half}`}
      className="block max-h-40 w-full"
      role="img"
      aria-label={fault.seen}
    >
      <PartPicture part={bent} side="front" hexOf={(colour) => hex[colour] ?? '#888888'} />
    </svg>
  );
}

/** A fault as it is seen in this very piece: its strands and colours, bent by what went wrong. */
export function FaultPicture({ fault, place, plan }: { fault: Fault; place: FaultPlace; plan: SeatPlan }) {
  return 'section' in place ? (
    <SectionFault fault={fault} section={place.section} plan={plan} />
  ) : (
    <PartFault fault={fault} part={place.part} plan={plan} />
  );
}
