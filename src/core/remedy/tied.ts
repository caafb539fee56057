import { paceOf, startOf } from '../pace';
import { labelsOf, seatsInWords, type RemedyFeature } from './remedy';

/** The start of those who are slow tied beforehand: it is the hardest part. */
export const tied: RemedyFeature = ({ view, begun, risk, figures }) => {
  const { room } = view.session;
  const starts = risk.flatMap((seat) => {
    const { piece, fit } = seat.plan;
    if (!piece || !fit || room.tied.includes(seat.id)) return [];
    const start = startOf(paceOf(piece, fit, { skill: 'fluent', age: null }, figures));
    const minutes = start.reduce((sum, step) => sum + step.minutes, 0);
    return minutes > 0 ? [{ seat, minutes }] : [];
  });
  if (begun || starts.length === 0) return [];
  const seats = starts.map(({ seat }) => seat);
  return [
    {
      slug: 'tied',
      what: `The start tied beforehand for ${seatsInWords(seats)}`,
      values: { seats: labelsOf(seats) },
      cost: { preparing: starts.reduce((sum, { minutes }) => sum + minutes, 0) },
      operation: {
        kind: 'session',
        changes: { room: { ...room, tied: [...room.tied, ...seats.map(({ id }) => id)] } },
      },
    },
  ];
};
