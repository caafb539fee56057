import { fuses, workedDiameter, type Cord } from '../cord';
import type { CordChoice } from '../project';
import type { PlannedSeat } from '../seat';
import { labelsOf, seatsInWords, type RemedyFeature } from './remedy';

/** A cord more than this many times as thick makes another piece of it. */
const MOST = 1.6;

/** The next thicker cord of the kind that a piece is knotted of; null where there is none. */
function nextThicker(cord: Cord, cords: readonly Cord[]): Cord | null {
  const d = workedDiameter(cord);
  return (
    cords
      .filter((own) => own.fibre === cord.fibre && fuses(own) === fuses(cord))
      .filter((own) => workedDiameter(own) > d * 1.05 && workedDiameter(own) <= d * MOST)
      .toSorted((a, b) => workedDiameter(a) - workedDiameter(b))[0] ?? null
  );
}

/** The seat’s cords with the thicker one for each role that ties; colours it also has stay. */
function inThicker(
  { plan, record }: PlannedSeat,
  cords: Readonly<Record<string, Cord>>,
): PlannedSeat['record']['cords'] | null {
  const used = (plan.piece?.cords ?? []).filter(({ use }) => use.role === 'working' || use.role === 'whole');
  const cord = used[0]?.cord;
  const thicker = cord && nextThicker(cord, Object.values(cords));
  if (!thicker) return null;
  const has = thicker.colours.map(({ slug }) => slug);
  const choices: Record<string, CordChoice> = {};
  for (const { use, colour } of used) {
    const before = choices[use.role]?.colours ?? [];
    const free = has.filter((slug) => !before.includes(slug));
    const own = free.includes(colour) ? colour : free[0];
    if (own === undefined) return null;
    choices[use.role] = { cord: thicker.slug, colours: [...before, own] };
  }
  return { ...record.cords, ...choices };
}

/** Thicker cord: fewer half knots for the same band. */
export const thicker: RemedyFeature = ({ view, risk }) => {
  const edits = risk.flatMap((seat) => {
    const cords = seat.kept ? null : inThicker(seat, view.studio.catalogue.cords);
    return cords ? [{ seat, edit: { id: seat.id, changes: { cords } } }] : [];
  });
  if (edits.length === 0) return [];
  const seats = edits.map(({ seat }) => seat);
  return [
    {
      slug: 'thicker',
      what: `Thicker cord for ${seatsInWords(seats)}`,
      values: { seats: labelsOf(seats) },
      cost: {},
      operation: { kind: 'seats', edits: edits.map(({ edit }) => edit) },
    },
  ];
};
