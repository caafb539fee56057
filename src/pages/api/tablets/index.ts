import { newPairingCode, pairedToday } from '../../../app/bench/tablets';
import { checkNothing } from '../../../http/checks';
import { reads, writes } from '../../../http/endpoint';
import { room } from '../../../http/site';

/** Where the room's door is, and which tablets are paired today. */
export const GET = reads(async () => ({ door: room()?.origin ?? null, tablets: await pairedToday() }));
/** A new code to pair one tablet by. */
export const POST = writes(checkNothing, () => newPairingCode());
