import type { PlannedSeat } from '../../core/seat';
import { openSession, planOf } from '../session/session';
import { cautionsOf } from './cautions-of';
import { headOf, type SheetFeature } from './sheet-feature';

/** Seats by their numbers: what hangs on a wall names nobody, and tells nobody's age. */
const seatsThat = (seats: readonly PlannedSeat[], is: (seat: PlannedSeat) => boolean): string => {
  const numbers = seats.flatMap((seat, i) => (is(seat) ? [i + 1] : []));
  return numbers.length === 0 ? '' : `${numbers.length === 1 ? 'seat' : 'seats'} ${numbers.join(', ')}`;
};
const says =
  (code: string) =>
  ({ plan }: PlannedSeat): boolean =>
    plan.messages.some((message) => message.code === code);
const isFlame = ({ plan }: PlannedSeat): boolean => plan.piece?.flame ?? false;

/** For the wall and the venue: which seats may use heat today and which not, what skin and age say, and the usual cautions. */
export const safetyCardFeature: SheetFeature = {
  file: 'safety-card',
  page: 'safety-card',
  name: 'Safety card',
  stage: 'room',
  async make(id, writingFor) {
    const view = await openSession(id);
    const { session, studio } = view;
    const { seats, figures } = planOf(view);
    const { adults, fire_by } = session.room;
    const where = (is: (seat: PlannedSeat) => boolean): string => seatsThat(seats, is);
    const line = (words: string, is: (seat: PlannedSeat) => boolean): string[] =>
      where(is) ? [`${words}: ${where(is)}.`] : [];
    const station = adults === 1 ? 'an adult' : `each of ${adults} adults`;
    const lists = [
      {
        heading: 'Heat',
        lines: where(isFlame)
          ? [
              `One at a time with ${station} at the station: ${where(isFlame)}.`,
              `Nobody below ${figures.flame_age} uses heat.`,
              ...line('Age not known, ask before', (seat) => isFlame(seat) && seat.record.age === null),
            ]
          : ['No piece of this session is finished with heat: no flame is lit.'],
      },
      {
        heading: 'No heat',
        lines: [
          ...line(`Below ${figures.flame_age}`, says('flame-age')),
          ...line('Cord that burns and does not fuse', says('flame-fibre')),
        ],
      },
      {
        heading: 'Skin',
        lines: [
          ...line('No nickel', ({ record }) => record.avoid.includes('nickel')),
          ...line('No synthetic cord', ({ record }) => record.avoid.includes('synthetic')),
        ],
      },
      {
        heading: 'Small parts and neck loops',
        lines: [
          ...line('An adult keeps the small parts', says('small-parts')),
          ...line('With a breakaway connector', says('breakaway')),
        ],
      },
    ];
    const writing = writingFor(studio.settings);
    return {
      session,
      settings: studio.settings,
      writing,
      sheet: {
        ...headOf(session, 'Safety card', writing.region),
        corner: [session.leader ? `Led by ${session.leader}` : 'Who leads it: ____________'],
        warning: !where(isFlame)
          ? null
          : fire_by
            ? `The venue’s fire rules were confirmed by ${fire_by}.`
            : 'Nobody has confirmed the venue’s fire rules yet: no flame is lit until somebody has. Confirmed by: ____________',
        sections: lists.filter(({ lines }) => lines.length > 0),
        closing: cautionsOf(seats, figures),
      },
    };
  },
};
