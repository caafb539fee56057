import { Type, type Static } from '@sinclair/typebox';
import { DateSchema } from '../studio';

/** How a wrist was taken that somebody's history keeps. */
export const TAKEN = ['tape', 'strip', 'told'] as const;

/**
 * Where a seat's size comes from: a wrist that was taken; an estimate by age, shown as what it is; or the overall length, closed, of a
 * piece that fits.
 */
export const WRIST_METHODS = [...TAKEN, 'estimate', 'piece'] as const;
export type WristMethod = (typeof WRIST_METHODS)[number];

/** A wrist in whole millimetres. */
export const WristMmSchema = Type.Integer({ minimum: 90, maximum: 280 });

/** A wrist as it was taken. */
export const WristSchema = Type.Object(
  {
    mm: WristMmSchema,
    method: Type.Unsafe<(typeof TAKEN)[number]>({ type: 'string', enum: [...TAKEN] }),
    taken_on: DateSchema,
  },
  { additionalProperties: false },
);
export type Wrist = Static<typeof WristSchema>;
