import { createHmac, timingSafeEqual } from 'node:crypto';
import type { Transaction } from 'sequelize';
import { Problem } from '../../core/problem';
import { epochsOf, findLinked, raiseEpoch } from '../../data/links';
import { inTransaction } from '../../data/database/transaction';
import { dayIn } from '../studio/clock';
import { readStudio } from '../studio/studio';
import { findStanding } from '../session/session';

/** Half of what the function gives: too much to guess. */
const MAC_BYTES = 16;
const LINK = /^[A-Za-z0-9_-]{43}$/;

/** What links are made from: kept beside the database, not in it, so that whoever has the one has not the other. */
function secret(): Buffer {
  const hex = process.env.LAPBOARD_SECRET ?? '';
  if (!/^[0-9a-f]{64}$/.test(hex)) throw new Error('LAPBOARD_SECRET is not set; npm start sets it');
  return Buffer.from(hex, 'hex');
}

const macOf = (seat: Buffer, epoch: number): Buffer =>
  createHmac('sha256', secret()).update(seat).update(`/${epoch}`).digest().subarray(0, MAC_BYTES);
const bytesOf = (uuid: string): Buffer => Buffer.from(uuid.replaceAll('-', ''), 'hex');
const uuidOf = (bytes: Buffer): string =>
  bytes.toString('hex').replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5');

/** The link of a seat in an epoch: the seat, and what only this studio can make of it. */
export const linkOf = (seat: string, epoch: number): string =>
  Buffer.concat([bytesOf(seat), macOf(bytesOf(seat), epoch)]).toString('base64url');

/** What is told to everybody whose link opens nothing: whether it was ever good is not said. */
const closed = (): Problem =>
  new Problem(
    404,
    'not-open',
    'This page does not open. It is good on the day of its session only; ask for a new code if yours was changed.',
  );

/**
 * The seat that a link opens: on its session's day in the studio's time zone, while its epoch stands. The same is done and the same
 * said, whether there is no such seat or the link is not its own.
 */
export async function openLink(link: string, t: Transaction) {
  const bytes = Buffer.from(LINK.test(link) ? link : 'A'.repeat(43), 'base64url');
  const seat = bytes.subarray(0, 16);
  const found = await findLinked(uuidOf(seat), t);
  const isOwn = timingSafeEqual(bytes.subarray(16), macOf(seat, found?.epoch ?? 0));
  const { settings } = await readStudio(t);
  if (!isOwn || !found || found.gone || found.held_on !== dayIn(settings.time_zone)) throw closed();
  return found;
}

/** The links of all of a session's seats, for its cards. */
export function linksOf(session: string): Promise<ReadonlyMap<string, string>> {
  return inTransaction(async (t) => {
    await findStanding(session, t);
    return new Map([...(await epochsOf(session, t))].map(([seat, epoch]) => [seat, linkOf(seat, epoch)]));
  });
}

/** Revokes a seat's link; the card printed next has another. */
export function revokeLink(session: string, seat: string): Promise<{ link: string }> {
  return inTransaction(async (t) => {
    await findStanding(session, t);
    const epoch = await raiseEpoch(session, seat, t);
    if (epoch === null) throw new Problem(404, 'not-found', 'There is no such seat in this session.');
    return { link: linkOf(seat, epoch) };
  });
}
