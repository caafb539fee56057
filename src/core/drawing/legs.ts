import { workedDiameter } from '../cord';
import { idIn, isSection, type Piece } from '../project';
import type { BandItem } from '../seat';

type Route = Piece['cords'][number]['use']['legs'][number]['route'];

/** A leg as it comes to a part of the piece. */
export interface Leg {
  readonly colour: string;
  readonly d: number;
  readonly cord: Piece['cords'][number]['cord'];
  /** Which of the piece's cords it is a leg of, and which of that cord's legs. */
  readonly of: number;
  readonly leg: number;
  readonly stands: boolean;
  /** Where the band's edge is that it comes from or goes to, and which way out of it the part stands. */
  readonly edge: number;
  readonly outward: 1 | -1;
  /** The part that the leg comes out of to this one, null where it comes out of a section. */
  readonly after: string | null;
  /** How far out it comes among the leg's parts on that side of the band. */
  readonly rank: number;
  /** Whether it comes straight out of a section that it works: its end is at the side of the band. */
  readonly side: number | null;
}

/** Each section and part of the band, from where it first begins to where it last ends, mm. */
function spansOf(band: readonly BandItem[]) {
  const spans = new Map<string, { id: string; item: BandItem['item']; from: number; to: number }>();
  for (const { item, from, length } of band)
    spans.set(item.id, { id: item.id, item, from: spans.get(item.id)?.from ?? from, to: from + length });
  return [...spans.values()];
}

/** The place in the layout of the first section that a leg goes through; −1 where it goes through none. */
const firstPlace = (route: Route, order: readonly string[]): number =>
  route.map((step) => order.indexOf(idIn(step, 'work') ?? idIn(step, 'core') ?? '')).find((place) => place >= 0) ?? -1;

/** The legs that make each part, each with the place where it comes to it. */
export function legsByPart(piece: Piece, band: readonly BandItem[]): Map<string, Leg[]> {
  const found = new Map<string, Leg[]>();
  const spans = spansOf(band);
  const order = spans.map(({ id }) => id);
  for (const [of, { use, cord, colour }] of piece.cords.entries())
    for (const [n, { route }] of use.legs.entries()) {
      const places = route.map((step) => order.indexOf(idIn(step, 'work') ?? idIn(step, 'core') ?? ''));
      // One that goes through no section leaves from where its cord’s other leg begins.
      const isBare = places.every((place) => place < 0);
      const first = isBare
        ? (use.legs.map((other) => firstPlace(other.route, order)).find((place) => place >= 0) ?? -1)
        : places.find((place) => place >= 0)!;
      if (first < 0) continue;
      const before = route.slice(0, isBare ? route.length : places.indexOf(first));
      const begins = before
        .map((step) => order.indexOf(idIn(step, 'part') ?? idIn(step, 'past') ?? ''))
        .find((place) => place >= 0);
      // A leg that begins at a part, or past one, that is laid out past its first section goes towards the start of the band.
      // The next place of the layout that it goes on to, section or part, says which way it goes.
      const onward = route
        .slice(before.length + 1)
        .map((step, i) => Math.max(places[before.length + 1 + i]!, order.indexOf(idIn(step, 'part') ?? '')))
        .find((place) => place >= 0 && place !== first);
      // One that says neither begins where the cord's other leg does, or in a knot of the band's far end that it stands in.
      const beside = use.legs.some(
        (other) => other.route !== route && before.length === 0 && firstPlace(other.route, order) > first,
      );
      const fromFarEnd = before.some(
        (step) => 'stands' in step && step.stands && piece.parts[idIn(step, 'part') ?? '']?.part.grips,
      );
      const isBackwards =
        !isBare &&
        (begins !== undefined ? begins > first : onward !== undefined ? onward < first : beside || fromFarEnd);
      let outward: 1 | -1 = isBackwards ? -1 : 1;
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
        const { item, from, to } = spans[at ?? first]!;
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
          of,
          leg: n,
          stands: 'stands' in step && step.stands === true,
          after: (next && idIn(next, 'part')) ?? null,
          edge: out === 1 ? to : from,
          outward: out,
          rank:
            at === null
              ? isBare
                ? i + 1
                : before.length - i
              : i - places.findLastIndex((own, k) => own >= 0 && k < i),
          side: works && isSection(item) ? ((n % 2 === 0 ? 1 : -1) * (item.width - workedDiameter(cord))) / 2 : null,
        };
        found.set(id, [...(found.get(id) ?? []), leg]);
      });
    }
  return found;
}
