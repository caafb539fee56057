import { idIn, inCord, type Piece, type PiecePart, type PieceSection } from '../project';
import { bandOf, type BandItem, type SeatPlan } from '../seat';
import { sampleOpen, type Point } from '../stitch';
import { closedGap } from './closed-gap';
import { legsByPart, type Leg } from './legs';

/** A strand of a part as it lies in the piece: x across, y along the band from its start, z to the front, all mm. */
export interface DrawnStrand {
  readonly points: readonly Point[];
  readonly d: number;
  /** The slug of its colour. */
  readonly colour: string;
  /** Which leg of which of the piece's cords it is. */
  readonly leg: string;
}

/** A part in its place: where the band's edge is that it stands at, and which way it goes on from there. */
export interface DrawnPart {
  readonly item: PiecePart;
  readonly at: number;
  readonly outward: 1 | -1;
  readonly strands: readonly DrawnStrand[];
}

/** Ends that are left long are shown so far past the closure, mm. */
const SHOWN = 14;

/** Where a strand left a knot at its side, and towards which side it goes on. */
interface SideExit {
  readonly at: Point;
  readonly towards: 1 | -1;
}

/** Where a strand leaves a part, if that is more across the band than along it. */
function sideExit({ points }: DrawnStrand): SideExit | null {
  const [before, at] = [points.at(-2), points.at(-1)];
  if (!before || !at || Math.abs(at[0] - before[0]) <= Math.abs(at[1] - before[1])) return null;
  return { at, towards: at[0] > before[0] ? 1 : -1 };
}

/** An end that goes on from where its strand left a knot at its side: the same part, turned to that side. */
const turnedTo = ({ at: [x, y, z], towards }: SideExit, strand: DrawnStrand, from: number): DrawnStrand => ({
  ...strand,
  points: strand.points.map(([, py, pz]): Point => [x + towards * Math.abs(py - from), y, z + pz]),
});

const movedAcross = (strand: DrawnStrand, across: number): DrawnStrand => ({
  ...strand,
  points: strand.points.map(([x, y, z]): Point => [x + across, y, z]),
});

/** The strands of a part for some of its legs, at the band's edge and outward from there. */
function strandsOf(item: PiecePart, legs: readonly Leg[], at: number, outward: 1 | -1, shown: number): DrawnStrand[] {
  const ordered = legs.toSorted((a, b) => Number(a.stands) - Number(b.stands));
  const one = ordered[0]!;
  const ways = item.part.ways(inCord(item.base, one.cord));
  // Of a part that each leg makes for itself there are as many as legs, side by side.
  const alone = ways.length === 1 && (ordered.length > 1 || one.side !== null);
  const all = alone
    ? ordered.map(({ side }, leg) => {
        const across = side ?? (leg - (ordered.length - 1) / 2) * one.d * 1.1;
        return { leg, points: ways[0]!.points.map(([x, y, z]): Point => [x + across * outward, y, z]) };
      })
    : ways;
  return all.map(({ leg, points }) => {
    const { colour, d, of, leg: own } = ordered[leg % ordered.length]!;
    const line = sampleOpen(points, 5).filter(([, y]) => y <= shown || !isLong(item));
    return {
      colour,
      d,
      leg: `${of} ${own}`,
      // Towards the start of the band it is the same part turned round in the plane of the band.
      points: line.map(([x, y, z]): Point => [x * outward, at + y * outward, z]),
    };
  });
}

/** Whether it is an end left long, of which the picture shows a part. */
const isLong = ({ part }: PiecePart): boolean => part.stretch === 'slide' || part.end === 'long';

/**
 * Every part of the fitted band with its strands in their places: those of the band, and those past its two ends, one behind the
 * other outward. Parts of what closes it with cord of its own are not of the band.
 *
 * @example
 * drawnParts(plan).some(({ item }) => item.part.slug === 'larks-head') // true
 */
export function drawnParts(plan: SeatPlan): readonly DrawnPart[] {
  const found = known.get(plan) ?? placeParts(plan);
  known.set(plan, found);
  return found;
}

/** A piece is looked at from both sides, closed, and step by step: its parts are placed once. */
const known = new WeakMap<SeatPlan, readonly DrawnPart[]>();

/** The knots that a leg makes next after a part, off the band: they lie under what closes it and take nothing of its length. */
function knotsAfter({ cords, sections, layout, project }: Piece, id: string): PieceSection | undefined {
  const next = cords
    .flatMap(({ use }) => use.legs)
    .map(({ route }) => route[route.findIndex((step) => idIn(step, 'part') === id) + 1])
    .map((step) => step && (idIn(step, 'core') ?? idIn(step, 'work')))
    .find((section) => section !== undefined);
  const isOfBand = layout.some((item) => item.id === next) || project.closure?.includes(next ?? '');
  return next === undefined || isOfBand ? undefined : sections[next];
}

/** How far out the strands of a part reach from where it stands, mm. */
const reachOf = ({ strands, at, outward }: DrawnPart): number =>
  Math.max(0, ...strands.flatMap(({ points }) => points.map(([, y]) => (y - at) * outward)));

/**
 * Sections that are knotted off the band, behind a button: where each lies, mm from the band's start.
 *
 * @example
 * knotsBehind(plan).length // 0
 */
export function knotsBehind(plan: SeatPlan): BandItem[] {
  const { piece } = plan;
  if (!piece) return [];
  return drawnParts(plan).flatMap((part) => {
    const section = knotsAfter(piece, part.item.id);
    if (!section || section.count === 'fill') return [];
    const [count, length] = [section.count, section.count * section.unit];
    const reach = reachOf(part);
    const from = part.outward === 1 ? part.at + reach : part.at - reach - length;
    return { item: section, from, length, count };
  });
}

function placeParts(plan: SeatPlan): DrawnPart[] {
  const { piece } = plan;
  if (!piece) return [];
  const band = bandOf(plan);
  const byPart = legsByPart(piece, band);
  const shown = closedGap(plan) + SHOWN;
  // How far out each cord has come at each end of the band, by the edge and the way out: cords stand beside each other there.
  const reached = new Map<string, number>();
  const exits = new Map<string, SideExit | null>();
  const out: DrawnPart[] = [];
  /** Where across the band the strands of these legs left the part before, on the mean, mm. */
  const leftAt = (legs: readonly Leg[], outward: 1 | -1): number => {
    const own = new Set(legs.map(({ of, leg }) => `${of} ${leg}`));
    const before = out.filter(({ item, outward: way }) => item.id === legs[0]!.after && way === outward);
    const places = before
      .flatMap(({ strands }) => strands.filter(({ leg }) => own.has(leg)))
      .map((s) => s.points.at(-1)![0]);
    return places.length > 0 ? places.reduce((sum, x) => sum + x, 0) / places.length : 0;
  };
  const draw = (id: string, outward: 1 | -1): void => {
    const legs = (byPart.get(id) ?? []).filter((leg) => leg.outward === outward);
    // Ends that leave different knots are drawn each at its own knot.
    const knots = [...new Set(legs.map(({ after }) => after))];
    if (piece.parts[id]?.part.stretch !== 'end' || knots.length < 2) drawFor(id, legs, outward, 0);
    else
      for (const knot of knots) {
        const own = legs.filter(({ after }) => after === knot);
        drawFor(id, own, outward, knot === null ? 0 : leftAt(own, outward));
      }
  };
  const drawFor = (id: string, legs: readonly Leg[], outward: 1 | -1, across: number): void => {
    const item = piece.parts[id];
    const [first] = legs;
    if (!item || !first || item.part.stretch === 'join') return;
    const here = band.find((own) => own.item.id === id);
    const key = `${first.of} ${first.edge} ${outward}`;
    // A bead of the band stands past a knot that closes between it and the rest of the band.
    const knot = out.find((part) => part.item.part.grips && part.outward === outward && part.at === first.edge);
    const isPast = here && knot && item.part.stretch === 'beads';
    const place =
      here && !isPast ? (outward === 1 ? here.from : here.from + here.length) : (reached.get(key) ?? first.edge);
    const at = first.side === null ? place : first.edge;
    const isEnd = item.part.stretch === 'end';
    const strands = strandsOf(item, legs, at, outward, shown).map((strand) => {
      const exit = isEnd && exits.get(`${strand.leg} ${outward}`);
      return exit ? turnedTo(exit, strand, at) : movedAcross(strand, across);
    });
    const part = { item, at, outward, strands };
    out.push(part);
    if (item.part.stretch === 'closure' && !item.base.hardware)
      for (const strand of strands) exits.set(`${strand.leg} ${outward}`, sideExit(strand));
    if (first.side !== null) return;
    const behind = knotsAfter(piece, id);
    const reach = behind
      ? reachOf(part) + Number(behind.count) * behind.unit
      : here
        ? here.length
        : item.part.stretch === 'start' && !item.part.ring
          ? 0
          : reachOf(part);
    reached.set(key, at + outward * reach);
  };
  // On each side the parts stand outward in the order that their legs come to them.
  for (const outward of [-1, 1] as const) {
    const rank = (id: string): number =>
      Math.min(...byPart.get(id)!.map((leg) => (leg.outward === outward ? leg.rank : Infinity)));
    for (const id of [...byPart.keys()].toSorted((x, y) => rank(x) - rank(y))) draw(id, outward);
  }
  return out;
}
