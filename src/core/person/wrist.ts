import { Type, type Static } from '@sinclair/typebox';
import { DateSchema } from '../studio';

/** How a wrist was taken. An estimate by age is not a measurement and is shown as what it is. */
export const WRIST_METHODS = ['tape', 'strip', 'told', 'estimate'] as const;
export type WristMethod = (typeof WRIST_METHODS)[number];

/** How a wrist was taken that somebody's history keeps: an estimate is no wrist of theirs. */
const TAKEN = ['tape', 'strip', 'told'] as const;

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
