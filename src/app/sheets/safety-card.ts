import { cautions } from '../../core/safety';
import type { PlannedSeat } from '../../core/seat';
import { openSession, planOf } from '../session/session';
import { headOf, type SheetFeature } from './sheet-feature';

/** Seats whose plans carry one of some messages, each with what it says. */
const told = (seats: readonly PlannedSeat[], codes: readonly string[]): string[] =>
  seats.flatMap(({ plan }, i) =>
    plan.messages.filter(({ code }) => codes.includes(code)).map(({ text }) => `${i + 1} ${plan.label}: ${text}`),
  );

/** For the wall and the venue: who may use heat today and who not, whose skin and age say what, and the usual cautions. */
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
    const made = seats.filter(({ plan }) => plan.piece);
    const flame = made.filter(({ plan }) => plan.piece!.flame);
    const open = flame.filter(({ record }) => record.age === null);
    const lists = [
      {
        heading: 'Heat',
        lines:
          flame.length === 0
            ? ['No piece of this session is finished with heat: no flame is lit.']
            : [
                `${flame.length === 1 ? 'One seat finishes' : `${flame.length} seats finish`} with heat, one at a time with each of ${adults === 1 ? 'one adult' : `${adults} adults`} at the station: ${flame.map(({ plan }) => plan.label).join(', ')}.`,
                `Nobody below ${figures.flame_age} uses heat.`,
                ...(open.length > 0
                  ? [`Age not known, ask before: ${open.map(({ plan }) => plan.label).join(', ')}.`]
                  : []),
              ],
      },
      { heading: 'No heat for', lines: told(seats, ['flame-age', 'flame-fibre']) },
      { heading: 'Skin', lines: told(seats, ['nickel', 'synthetic']) },
      { heading: 'Small parts and neck loops', lines: told(seats, ['small-parts', 'breakaway']) },
    ];
    return {
      session,
      settings: studio.settings,
      writing: writingFor(studio.settings.units),
      sheet: {
        ...headOf(session, 'Safety card'),
        corner: [session.leader ? `Led by ${session.leader}` : 'Who leads it: ____________'],
        warning:
          flame.length === 0
            ? null
            : fire_by
              ? `The venue’s fire rules were confirmed by ${fire_by}.`
              : 'Nobody has confirmed the venue’s fire rules yet: no flame is lit until somebody has. Confirmed by: ____________',
        sections: lists.filter(({ lines }) => lines.length > 0),
        closing: cautions({
          flame: flame.length > 0,
          glue: made.some(({ plan }) => plan.tools.includes('glue')),
          neckLoop: made.some(({ plan }) => plan.piece!.choices.loop === 'neck'),
          children: view.seats.some(({ age }) => age !== null && age < figures.flame_age),
        }),
      },
    };
  },
};
