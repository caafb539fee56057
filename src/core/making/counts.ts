import { actsOf, sectionsBy } from '../acts';
import { isSection, type ActUnit } from '../project';
import type { Fitted } from './fitted';
import type { CountWords } from './words';

type Counted = Pick<Fitted, 'piece' | 'fit'>;

/** The sum of some numbers. */
export const sum = (values: readonly number[]): number => values.reduce((all, value) => all + value, 0);

/** Half knots of some sections together; of sections in arms, of one arm. */
function halfKnotsOf(fitted: Counted, ids: readonly string[]): number {
  const own = ids.flatMap((id) => sectionsBy(fitted.piece, id));
  return Math.round(sum(own.map((section) => section.halfKnots * fitted.fit.counts[section.id]!)));
}

/** Beads that some sections string: all, those on the core, or pairs of those on the working strands. */
function beadsOf(fitted: Counted, ids: readonly string[], which: 'beads' | 'core-beads' | 'edge-pairs'): number {
  const { piece, fit } = fitted;
  const bead = piece.project.options.bead;
  const large = Object.entries(piece.hardware).flatMap(([id, hardware]) =>
    bead !== undefined && (id === bead || id.startsWith(`${bead}-`)) ? [hardware] : [],
  );
  return sum(
    ids.flatMap((id) =>
      sectionsBy(fitted.piece, id).map((section) => {
        const count = fit.counts[section.id]!;
        if (which !== 'beads') {
          const stitch = which === 'core-beads' ? 'bead-on-core' : 'beads-on-workers';
          return count * sum(section.runs.map((run) => (run.stitch.slug === stitch ? run.times : 0)));
        }
        return sum(
          section.beads.map((own, i) => (large.includes(own) ? Math.round(section.beadCounts[i]! * count) : 0)),
        );
      }),
    ),
  );
}

/**
 * How many of a unit some sections come to, and of square knots the half knot over.
 */
export function countIn(fitted: Counted, ids: readonly string[], unit: ActUnit): { of: number; over: number } {
  const half = halfKnotsOf(fitted, ids);
  switch (unit) {
    case 'square-knots':
    case 'square-knots-an-arm':
      return { of: Math.floor(half / 2), over: half % 2 };
    case 'half-knots':
      return { of: half, over: 0 };
    case 'beads':
    case 'core-beads':
    case 'edge-pairs':
      return { of: beadsOf(fitted, ids, unit), over: 0 };
    case 'tubes':
    case 'courses':
    case 'hitches': {
      const own = ids.flatMap((id) => sectionsBy(fitted.piece, id));
      const times = own.map(({ id, runs }) => fitted.fit.counts[id]! * sum(runs.map((run) => run.times)));
      return { of: sum(times), over: 0 };
    }
    case 'rows':
    case 'flowers':
      return {
        of: sum(ids.flatMap((id) => sectionsBy(fitted.piece, id)).map(({ id }) => fitted.fit.counts[id]!)),
        over: 0,
      };
  }
}

const counted = (n: number, { one, many }: { one: string; many: string }): string => `${n} ${n === 1 ? one : many}`;

/**
 * A count as hands count it: `13 square knots and 1 half knot`.
 */
export function sayCount({ of, over }: { of: number; over: number }, unit: ActUnit, words: CountWords): string {
  const whole = counted(of, words.units[unit]);
  const rest = counted(over, words.units['half-knots']);
  if (over === 0) return whole;
  return of === 0 ? rest : words.and.replace('{a}', whole).replace('{b}', rest);
}

/**
 * How much a band takes as hands count it, of one side where two grow alike; empty where nothing of it is counted.
 *
 * @example
 * bandCount(plan, words) // '12 square knots and 1 half knot'
 */
export function bandCount({ piece, fit }: Counted, words: CountWords): string {
  const counting = actsOf(piece).flatMap(({ act }) => act.count ?? []);
  const unitOf = (id: string): ActUnit | undefined =>
    counting.findLast(({ sections }) => sections.some((name) => sectionsBy(piece, name).some((own) => own.id === id)))
      ?.unit;
  // What fills the band shares one count.
  const growing = piece.layout.filter(isSection).filter(({ count }) => count === 'fill');
  const [own] = growing.flatMap(({ id }) => {
    const unit = unitOf(id);
    return unit ? [sayCount(countIn({ piece, fit }, [id], unit), unit, words)] : [];
  });
  if (own === undefined) return '';
  const isOneSide = growing.filter(({ joins }) => !joins).length === 2;
  return isOneSide ? words.each_side.replace('{count}', own) : own;
}
