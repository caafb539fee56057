import { lookUp } from '../project';
import { seatOf } from '../seat';
import type { SessionView } from '../session';
import type { SessionDocument } from './document';

/**
 * A session as a document that can be planned from a terminal. A seat without wrist or project cannot be said in it and is left out.
 *
 * @example
 * writeSessionDocument(view).seats.map(({ label }) => label) // ['Ada', 'Bo']
 */
export function writeSessionDocument({ session, seats, studio }: SessionView): SessionDocument {
  const school = session.school ?? studio.settings.school;
  return {
    format: 'lapboard-session',
    version: 1,
    title: session.title,
    school,
    seats: seats.flatMap((record) => {
      const seat = seatOf(record, school, studio.catalogue.projects);
      const sizing = record.project ? lookUp(studio.catalogue.projects, record.project)?.sizing : undefined;
      const size = seat.size ?? (sizing?.by === 'band' ? { knotted: sizing.band_mm } : null);
      if (!size || !record.project) return [];
      // The document has no colours: so many chosen are said as the option for so many.
      const colours = Math.max(0, ...Object.values(seat.cords).map((choice) => choice.colours?.length ?? 0));
      const cords = Object.fromEntries(Object.entries(seat.cords).map(([role, choice]) => [role, choice.cord]));
      return [
        {
          label: seat.label,
          size,
          ...(seat.hand !== null && { hand: seat.hand }),
          ...(seat.age !== null && { age: seat.age }),
          skill: seat.skill,
          ease: seat.ease,
          ...(seat.avoid.length > 0 && { avoid: [...seat.avoid] }),
          project: record.project,
          options: { ...(colours > 0 && { colours }), ...seat.options },
          cords,
          school: seat.school,
          ...(seat.made && { made: { half_knots: seat.made.half_knots, length: seat.made.length_mm } }),
        },
      ];
    }),
  };
}
