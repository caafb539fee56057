import type { RemedyFeature } from './remedy';

/** Steps that a session is made longer by, minutes; no session is longer than the last. */
const STEPS = [15, 30];
const LONGEST = 720;

/** A longer session. */
export const longer: RemedyFeature = ({ room, figures }) =>
  STEPS.filter((step) => room.minutes + step <= LONGEST).map((step) => ({
    slug: `longer-${step}`,
    what: `${step} minutes more, until ${room.minutes + step} minutes`,
    values: { minutes: step, until: room.minutes + step },
    cost: { minutes: step, ...(figures.room_money > 0 && { money: Math.round((figures.room_money * step) / 60) }) },
    operation: { kind: 'session', changes: { minutes: room.minutes + step } },
  }));
