import { createHash, randomBytes, randomInt, randomUUID } from 'node:crypto';
import { Problem } from '../../core/problem';
import { findSession } from '../../data/sessions';
import { inTransaction } from '../../data/database/transaction';
import { findTablet, insertTablet, keepCode, revokeTablet, tabletsOf, useCode, type Tablet } from '../../data/tablets';
import { dayIn } from '../studio/clock';
import { readStudio } from '../studio/studio';

/** Signs that are not taken for one another, read aloud or off a screen. */
const SIGNS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';
const LONG = 8;
const MINUTES = 5;

const markOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');

/** A code that pairs one tablet, once, within some minutes. It is shown now and kept nowhere. */
export function newPairingCode(): Promise<{ code: string; minutes: number }> {
  const code = Array.from({ length: LONG }, () => SIGNS[randomInt(SIGNS.length)]).join('');
  return inTransaction(async (t) => {
    await keepCode(markOf(code), MINUTES, t);
    return { code, minutes: MINUTES };
  });
}

/** Pairs a tablet for today by a code, which is used up. Answers what the tablet shows from then on. */
export function pairTablet(typed: string): Promise<{ token: string; tablet: Tablet }> {
  const code = typed.toUpperCase().replace(/[^A-Z0-9]/g, '');
  return inTransaction(async (t) => {
    if (!(await useCode(markOf(code), t)))
      throw new Problem(
        403,
        'no-such-code',
        'That code does not pair: it is mistyped, was used, or is over five minutes old.',
      );
    const token = randomBytes(32).toString('base64url');
    const { settings } = await readStudio(t);
    return { token, tablet: await insertTablet(randomUUID(), markOf(token), dayIn(settings.time_zone), t) };
  });
}

/** The tablet that shows a token, if it is paired for today; and, where a session is asked for, if that is today's. */
export function tabletAt(token: string, session: string | null): Promise<Tablet | null> {
  return inTransaction(async (t) => {
    const tablet = await findTablet(markOf(token), t);
    const { settings } = await readStudio(t);
    const day = dayIn(settings.time_zone);
    if (tablet?.day !== day) return null;
    if (session === null) return tablet;
    const asked = await findSession(session, t);
    return asked && !asked.deleted && asked.held_on === day ? tablet : null;
  });
}

/** The tablets that are paired today. */
export function pairedToday(): Promise<Tablet[]> {
  return inTransaction(async (t) => tabletsOf(dayIn((await readStudio(t)).settings.time_zone), t));
}

export function unpair(id: string): Promise<void> {
  return inTransaction((t) => revokeTablet(id, t));
}
