import { labelsOf, seatsInWords, type RemedyFeature } from './remedy';

/** Those who are slow begin before the room, and are shown on their own. */
export const early: RemedyFeature = ({ view, begun, risk, figures }) => {
  const { room } = view.session;
  const seats = begun ? [] : risk.filter(({ id }) => !room.early.includes(id));
  if (seats.length === 0) return [];
  return [
    {
      slug: 'early',
      what: `${seatsInWords(seats)} ${seats.length === 1 ? 'begins' : 'begin'} ${figures.early_minutes} minutes before the room`,
      values: { seats: labelsOf(seats), minutes: figures.early_minutes },
      cost: { early: seats.length },
      operation: {
        kind: 'session',
        changes: { room: { ...room, early: [...room.early, ...seats.map(({ id }) => id)] } },
      },
    },
  ];
};
