import { ACT_PHASES } from '../project';
import type { Act } from '../making';
import { RoleSchema, StretchSchema } from '../studio';
import { Type, type Static } from '@sinclair/typebox';
import type { AnatomyEntry } from '../cut';
import type { SeatPlan } from '../seat';

const Mm = Type.Number({ description: 'millimetres, to a tenth' });

const oneOf = <const T extends string>(values: readonly T[]) => Type.Unsafe<T>({ type: 'string', enum: [...values] });

/** One action of a seat’s making. */
const ActAnswerSchema = Type.Object(
  {
    n: Type.Integer({ minimum: 1 }),
    phase: oneOf(ACT_PHASES),
    text: Type.String(),
    right: Type.Optional(Type.String({ description: 'what right looks like' })),
    if_not: Type.Optional(Type.String({ description: 'mistakes, each with its fix' })),
    of: Type.Optional(Type.Array(Type.String(), { description: 'the parts and sections it makes' })),
    count: Type.Optional(
      Type.Object(
        {
          of: Type.Integer({ minimum: 0 }),
          unit: Type.String(),
          over: Type.Optional(Type.Integer({ description: 'a half knot beyond the square knots' })),
        },
        { additionalProperties: false },
      ),
    ),
    hold: Type.Optional(Type.String({ description: 'what holds the work from here on' })),
    tool: Type.Optional(Type.String()),
    heat: Type.Optional(Type.Literal(true)),
    glue: Type.Optional(Type.Literal(true)),
    by: oneOf(['participant', 'helper', 'instructor']),
    checkpoint: Type.Optional(Type.Literal(true)),
    last_chance: Type.Optional(oneOf(['length', 'loop', 'opening', 'order'])),
  },
  { additionalProperties: false },
);

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
          making: Type.Optional(Type.Array(ActAnswerSchema)),
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

const actAnswer = ({
  id: _id,
  knots: _knots,
  picture: _picture,
  shows: _shows,
  if_not,
  tools,
  count,
  of,
  ...act
}: Act): Static<typeof ActAnswerSchema> => ({
  ...act,
  ...(if_not && { if_not: if_not.map(({ seen, fix }) => `${seen.replace(/\.$/, '')}: ${fix}`).join(' ') }),
  ...(tools && { tool: tools.join(', ') }),
  ...(of && { of: [...of] }),
  ...(count && {
    count: { of: count.of, unit: count.unit, ...(count.over !== undefined && { over: count.over }) },
  }),
});

/**
 * Seat plans as the answer of the command line.
 *
 * @example
 * planAnswer([plan], [[]]).seats[0].label // 'Ada'
 */
export function planAnswer(plans: readonly SeatPlan[], makings: readonly (readonly Act[])[]): PlanAnswer {
  return {
    seats: plans.map(({ label, fit, cut, items, minutes, messages }, i) => ({
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
      ...(makings[i]!.length > 0 && { making: makings[i]!.map(actAnswer) }),
      messages: messages.map(({ level, code, text }) => ({ level, code, text })),
    })),
  };
}
