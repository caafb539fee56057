import { RoleSchema, StretchSchema } from '../studio';
import { Type, type Static } from '@sinclair/typebox';
import type { AnatomyEntry } from '../cut';
import type { SeatPlan } from '../seat';

const Mm = Type.Number({ description: 'millimetres, to a tenth' });

/** The answer to a session document. Fields that do not apply to a seat are left out. */
export const PlanAnswerSchema = Type.Object(
  {
    seats: Type.Array(
      Type.Object(
        {
          label: Type.String(),
          fit: Type.Optional(
            Type.Object(
              {
                inner_mm: Type.Optional(Mm),
                centre_mm: Type.Optional(Mm),
                knotted_mm: Mm,
                half_knots: Type.Optional(Type.Number()),
                repeats: Type.Number(),
                error_mm: Mm,
              },
              { additionalProperties: false },
            ),
          ),
          cuts: Type.Array(
            Type.Object(
              {
                role: RoleSchema,
                cord: Type.String(),
                colour: Type.String(),
                pieces: Type.Integer({ minimum: 1 }),
                length_mm: Type.Number({ description: 'one piece' }),
                anatomy: Type.Array(Type.Object({ for: StretchSchema, mm: Mm }, { additionalProperties: false }), {
                  description: 'sums to length_mm',
                }),
              },
              { additionalProperties: false },
            ),
          ),
          items: Type.Array(
            Type.Object({ item: Type.String(), count: Type.Integer({ minimum: 1 }) }, { additionalProperties: false }),
          ),
          minutes: Type.Optional(Type.Integer({ minimum: 1 })),
          messages: Type.Array(
            Type.Object(
              { level: Type.String(), code: Type.String(), text: Type.String() },
              { additionalProperties: false },
            ),
          ),
        },
        { additionalProperties: false },
      ),
    ),
  },
  { additionalProperties: false, $id: 'lapboard-plan' },
);
export type PlanAnswer = Static<typeof PlanAnswerSchema>;

const tenth = (mm: number): number => Math.round(mm * 10) / 10;

/** The stretches to a tenth of a millimetre, still summing to the cut: what rounding moves goes to the last, which is the rounding. */
function tenths(anatomy: readonly AnatomyEntry[], length: number): { for: AnatomyEntry['for']; mm: number }[] {
  const rounded = anatomy.slice(0, -1).map((entry) => ({ for: entry.for, mm: tenth(entry.mm) }));
  const rest = length - rounded.reduce((sum, entry) => sum + entry.mm, 0);
  return [...rounded, { for: anatomy.at(-1)!.for, mm: Math.round(rest * 100) / 100 }];
}

/**
 * Seat plans as the answer of the command line.
 *
 * @example
 * planAnswer([plan]).seats[0].label // 'Ada'
 */
export function planAnswer(plans: readonly SeatPlan[]): PlanAnswer {
  return {
    seats: plans.map(({ label, fit, cut, items, minutes, messages }) => ({
      label,
      ...(fit && {
        fit: {
          ...(fit.inner_mm !== undefined && { inner_mm: tenth(fit.inner_mm) }),
          ...(fit.centre_mm !== undefined && { centre_mm: tenth(fit.centre_mm) }),
          knotted_mm: tenth(fit.knotted_mm),
          ...(fit.half_knots !== undefined && { half_knots: fit.half_knots }),
          repeats: fit.repeats,
          error_mm: tenth(fit.error_mm),
        },
      }),
      cuts: (cut?.cuts ?? []).map((c) => ({ ...c, anatomy: tenths(c.anatomy, c.length_mm) })),
      items: [...items],
      ...(minutes !== undefined && { minutes }),
      messages: messages.map(({ level, code, text }) => ({ level, code, text })),
    })),
  };
}
