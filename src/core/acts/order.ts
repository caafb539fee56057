import { idIn, isSection, type LegStep, type Piece } from '../project';

/** What a leg comes to: a part, or a section that it works or runs through while another works it. */
function stops(route: readonly LegStep[]): string[] {
  const worked = new Set(route.flatMap((step) => idIn(step, 'work') ?? []));
  return route.flatMap((step) => {
    const core = idIn(step, 'core');
    // Led along first and tied round on the way back: the section comes when it is tied.
    if (core !== undefined) return worked.has(core) ? [] : [core];
    return idIn(step, 'part') ?? idIn(step, 'work') ?? [];
  });
}

/**
 * The sections and parts of a piece in the order they are made: as its legs come to them, what closes it with cord of its own after
 * its band. Where legs say nothing of two, as they are laid out.
 *
 * @example
 * makingOrder(piece) // ['near', 'far', 'band', 'end']
 */
export function makingOrder(piece: Piece): string[] {
  const inBand = new Set(piece.layout.filter(isSection).map(({ id }) => id));
  const routes = piece.cords.flatMap(({ use }) => use.legs.map(({ route }) => stops(route)));
  const isThere = (id: string): boolean => id in piece.parts || id in piece.sections;
  const ofBand = routes.filter((route) => route.some((id) => inBand.has(id)));
  const apart = routes.filter((route) => !ofBand.includes(route));
  const layout = piece.layout.map(({ id }) => id);
  const out: string[] = [];
  for (const group of [ofBand, apart]) {
    // Each leg is followed as far as the others have come; where all wait for each other, the first laid out goes first.
    const left = group.map((route) => route.filter(isThere));
    while (left.some((route) => route.length > 0)) {
      const heads = [...new Set(left.flatMap((route) => route.slice(0, 1)))];
      const isReady = (id: string): boolean => left.every((route) => route.indexOf(id) <= 0);
      const place = (id: string): number => (layout.includes(id) ? layout.indexOf(id) : layout.length);
      const sorted = heads.toSorted((a, b) => place(a) - place(b));
      const next = sorted.find(isReady) ?? sorted[0]!;
      if (!out.includes(next)) out.push(next);
      left.forEach((route, i) => {
        if (route[0] === next) left[i] = route.slice(1);
      });
    }
  }
  return [...out, ...[...layout, ...Object.keys(piece.parts)].filter((id) => isThere(id) && !out.includes(id))].filter(
    (id, i, all) => all.indexOf(id) === i,
  );
}

/**
 * Whether a section is tied from its far end back: its own core was led along it first by the leg that works it; or that leg comes to it from
 * what is laid out after it, or goes on from it to what is laid out before it.
 *
 * @example
 * isTiedBack(piece, 'band') // true
 */
export const isTiedBack = (piece: Piece, section: string): boolean =>
  piece.cords.some(({ use }) =>
    use.legs.some(({ route }) => {
      const work = route.findIndex((step) => idIn(step, 'work') === section);
      if (work < 0) return false;
      const core = route.findIndex((step) => idIn(step, 'core') === section);
      if (core >= 0) return core < work;
      const layout = piece.layout.map(({ id }) => id);
      const placeOf = (step: LegStep): number =>
        layout.indexOf(idIn(step, 'part') ?? idIn(step, 'past') ?? idIn(step, 'work') ?? idIn(step, 'core') ?? '');
      const own = layout.indexOf(section);
      const [before] = route
        .slice(0, work)
        .map(placeOf)
        .filter((place) => place >= 0)
        .slice(-1);
      const [after] = route
        .slice(work + 1)
        .map(placeOf)
        .filter((place) => place >= 0);
      return before !== undefined ? before > own : after !== undefined && after < own;
    }),
  );
