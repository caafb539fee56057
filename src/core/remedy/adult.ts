import type { RemedyFeature } from './remedy';

/** One more adult at the flame. */
export const adult: RemedyFeature = ({ view, times, figures }) => {
  if (!times.seats.some(({ visits }) => visits.length > 0)) return [];
  const { room } = view.session;
  const adults = room.adults + 1;
  return [
    {
      slug: 'adult',
      what: `One more adult at the flame, ${adults} in all`,
      values: { adults },
      cost: { adults: 1, ...(figures.adult_money > 0 && { money: figures.adult_money }) },
      operation: { kind: 'session', changes: { room: { ...room, adults } } },
    },
  ];
};
