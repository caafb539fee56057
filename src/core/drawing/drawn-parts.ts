import { workedDiameter } from '../cord';
import { inCord, isSection, idIn, type Piece, type PiecePart } from '../project';
import { sampleOpen, type Point } from '../stitch';
import { bandOf, type BandItem, type SeatPlan } from '../seat';

/** A strand of a part as it lies in the piece: x across, y along the band from its start, z to the front, all mm. */
export interface DrawnStrand {
  readonly points: readonly Point[];
  readonly d: number;
  /** The slug of its colour. */
  readonly colour: string;
}

/** A part in its place: where the band's edge is that it stands at, and which way it goes on from there. */
export interface DrawnPart {
  readonly item: PiecePart;
  readonly at: number;
  readonly outward: 1 | -1;
  readonly strands: readonly DrawnStrand[];
}

interface Leg {
  readonly colour: string;
  readonly d: number;
  readonly cord: Piece['cords'][number]['cord'];
  readonly stands: boolean;
  /** Where the band's edge is that it comes from or goes to, and which way out of it the part stands. */
  readonly edge: number;
  readonly outward: 1 | -1;
  /** How far out it comes among the leg's parts on that side of the band. */
  readonly rank: number;
  /** Whether it comes straight out of a section that it works: its end is at the side of the band. */
  readonly side: number | null;
}

/** Ends that are left long are shown so far past the closure, mm. */
const SHOWN = 14;

/**
 * What stands between the band's two ends when it is closed, mm: its closure, and the parts at its ends that nothing closes over.
 *
 * @example
 * closedGap(plan) > 0 // true
 */
export function closedGap({ piece }: SeatPlan): number {
  if (!piece) return 0;
  const ends = piece.layout.filter((item) => !isSection(item));
  const closing = ends.reduce(
    (sum, item) => sum + (!('runs' in item) && !item.closedOver && isAtEnd(item.id, piece) ? item.along : 0),
    0,
  );
  return piece.closure.reduce((sum, { mm }) => sum + mm, closing);
}

/** Whether no section lies past a part of the band, on one of its sides. */
const isAtEnd = (id: string, { layout }: Piece): boolean => {
  const at = layout.findIndex((item) => item.id === id);
  return !layout.slice(0, at).some(isSection) || !layout.slice(at + 1).some(isSection);
};

/** The legs that make each part, each with the place where it comes to it. */
function legsByPart(piece: Piece, band: readonly BandItem[]): Map<string, Leg[]> {
  const found = new Map<string, Leg[]>();
  const order = band.map(({ item }) => item.id);
  for (const { use, cord, colour } of piece.cords)
    for (const [n, { route }] of use.legs.entries()) {
      const places = route.map((step) => order.indexOf(idIn(step, 'work') ?? idIn(step, 'core') ?? ''));
      const first = places.find((place) => place >= 0);
      if (first === undefined) continue;
      const begins = route
        .slice(0, places.indexOf(first))
        .map((step) => order.indexOf(idIn(step, 'part') ?? ''))
        .find((place) => place >= 0);
      // A leg that begins at a part laid out past its first section goes towards the start of the band.
      // The next place of the layout that it goes on to, section or part, says which way it goes.
      const onward = route
        .slice(places.indexOf(first) + 1)
        .map((step, i) => Math.max(places[places.indexOf(first) + 1 + i]!, order.indexOf(idIn(step, 'part') ?? '')))
        .find((place) => place >= 0 && place !== first);
      let outward: 1 | -1 =
        (begins !== undefined && begins > first) || (begins === undefined && onward !== undefined && onward < first)
          ? -1
          : 1;
      let at: number | null = null;
      route.forEach((step, i) => {
        const place = places[i]!;
        if (place >= 0) {
          if (place === at) outward = outward === 1 ? -1 : 1;
          else if (at !== null) outward = place > at ? 1 : -1;
          at = place;
          return;
        }
        const id = idIn(step, 'part');
        if (id === undefined) return;
        const { item, from, length } = band[at ?? first]!;
        // Before its first section a leg stands on the side that it comes from.
        const out = at === null ? (-outward as 1 | -1) : outward;
        const next = route[at === null ? i + 1 : i - 1];
        // A trimmed end is where its strand leaves the knotting.
        const part = piece.parts[id]?.part;
        const isTrimmed = part?.stretch === 'end' && part.end === 'drawn' && !part.girth && !part.byOne;
        const works = isTrimmed && next !== undefined && order.includes(idIn(next, 'work') ?? '');
        const leg: Leg = {
          colour,
          d: workedDiameter(cord),
          cord,
          stands: 'stands' in step && step.stands === true,
          edge: out === 1 ? from + length : from,
          outward: out,
          rank:
            at === null
              ? places.findIndex((own) => own >= 0) - i
              : i - places.findLastIndex((own, k) => own >= 0 && k < i),
          side: works && isSection(item) ? ((n % 2 === 0 ? 1 : -1) * (item.width - workedDiameter(cord))) / 2 : null,
        };
        found.set(id, [...(found.get(id) ?? []), leg]);
      });
    }
  return found;
}

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
    const { colour, d } = ordered[leg % ordered.length]!;
    const line = sampleOpen(points, 5).filter(([, y]) => y <= shown || !LONG.has(item.part.slug));
    return {
      colour,
      d,
      // Towards the start of the band it is the same part turned round in the plane of the band.
      points: line.map(([x, y, z]): Point => [x * outward, at + y * outward, z]),
    };
  });
}

const LONG: ReadonlySet<string> = new Set(['slide-tail', 'leg-tail', 'tie-tail']);

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

function placeParts(plan: SeatPlan): DrawnPart[] {
  const { piece } = plan;
  if (!piece) return [];
  const band = bandOf(plan);
  const byPart = legsByPart(piece, band);
  const shown = closedGap(plan) + SHOWN;
  // How far out each end of the band has come, by the edge and the way out.
  const reached = new Map<string, number>();
  const out: DrawnPart[] = [];
  const draw = (id: string, outward: 1 | -1): void => {
    const item = piece.parts[id];
    const legs = (byPart.get(id) ?? []).filter((leg) => leg.outward === outward);
    const [first] = legs;
    if (!item || !first || item.part.stretch === 'join') return;
    const here = band.find((own) => own.item.id === id);
    const key = `${first.edge} ${outward}`;
    const place = here ? (outward === 1 ? here.from : here.from + here.length) : (reached.get(key) ?? first.edge);
    const at = first.side === null ? place : first.edge;
    const strands = strandsOf(item, legs, at, outward, shown);
    out.push({ item, at, outward, strands });
    if (first.side !== null) return;
    const reach = Math.max(0, ...strands.flatMap(({ points }) => points.map(([, y]) => (y - at) * outward)));
    reached.set(
      key,
      at + outward * (here ? here.length : item.part.stretch === 'start' && !item.part.ring ? 0 : reach),
    );
  };
  // On each side the parts stand outward in the order that their legs come to them.
  for (const outward of [-1, 1] as const) {
    const rank = (id: string): number =>
      Math.min(...byPart.get(id)!.map((leg) => (leg.outward === outward ? leg.rank : Infinity)));
    for (const id of [...byPart.keys()].toSorted((x, y) => rank(x) - rank(y))) draw(id, outward);
  }
  return out;
}
