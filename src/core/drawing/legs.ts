import { workedDiameter } from '../cord';
import { idIn, isSection, type Piece } from '../project';
import type { BandItem } from '../seat';

type Route = Piece['cords'][number]['use']['legs'][number]['route'];

/** A leg as it comes to a part of the piece. */
export interface Leg {
  readonly colour: string;
  readonly d: number;
  readonly cord: Piece['cords'][number]['cord'];
  /** Which of the piece's cords it is a leg of. */
  readonly of: number;
  readonly stands: boolean;
  /** Where the band's edge is that it comes from or goes to, and which way out of it the part stands. */
  readonly edge: number;
  readonly outward: 1 | -1;
  /** How far out it comes among the leg's parts on that side of the band. */
  readonly rank: number;
  /** Whether it comes straight out of a section that it works: its end is at the side of the band. */
  readonly side: number | null;
}

/** The place in the layout of the first section that a leg goes through; −1 where it goes through none. */
const firstPlace = (route: Route, order: readonly string[]): number =>
  route.map((step) => order.indexOf(idIn(step, 'work') ?? idIn(step, 'core') ?? '')).find((place) => place >= 0) ?? -1;

/** The legs that make each part, each with the place where it comes to it. */
export function legsByPart(piece: Piece, band: readonly BandItem[]): Map<string, Leg[]> {
  const found = new Map<string, Leg[]>();
  const order = band.map(({ item }) => item.id);
  for (const [of, { use, cord, colour }] of piece.cords.entries())
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
      // One that says neither begins where the cord's other leg does, or in a knot of the band's far end that it stands in.
      const before = route.slice(0, places.indexOf(first));
      const beside = use.legs.some(
        (other) => other.route !== route && before.length === 0 && firstPlace(other.route, order) > first,
      );
      const fromFarEnd = before.some(
        (step) => 'stands' in step && step.stands && piece.parts[idIn(step, 'part') ?? '']?.part.grips,
      );
      const isBackwards =
        begins !== undefined ? begins > first : onward !== undefined ? onward < first : beside || fromFarEnd;
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
          of,
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
