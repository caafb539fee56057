import { Type, type Static } from '@sinclair/typebox';

const Id = Type.String({ format: 'uuid' });
const most = { maxItems: 1000, uniqueItems: true };

/** How a session's room is arranged, beyond its seats. */
export const ArrangementSchema = Type.Object(
  {
    adults: Type.Integer({ minimum: 1, maximum: 12, title: 'Adults at the flame' }),
    fire_by: Type.String({ maxLength: 120, title: 'Who confirmed the venue’s fire rules' }),
    tied: Type.Array(Id, { ...most, title: 'Seats whose start is tied beforehand' }),
    early: Type.Array(Id, { ...most, title: 'Seats that begin before the room' }),
  },
  { additionalProperties: false },
);
export type Arrangement = Static<typeof ArrangementSchema>;

/** A room as it is until somebody arranges it. */
export const PLAIN_ROOM: Arrangement = { adults: 1, fire_by: '', tied: [], early: [] };
