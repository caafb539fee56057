import { pairTablet } from '../../app/bench/tablets';
import { checkPairing } from '../../http/checks';
import { writes } from '../../http/endpoint';
import { TABLET_COOKIE } from '../../http/room-door';
import { countingWrong } from '../../http/limits/wrong';

/** Pairs the tablet that asks, by a code. Its cookie is for no script, and for no other site. */
export const POST = writes(checkPairing, async ({ code }, { cookies, url, locals }) => {
  const { token, tablet } = await countingWrong(pairTablet(code), locals);
  cookies.set(TABLET_COOKIE, token, {
    path: '/',
    httpOnly: true,
    sameSite: 'strict',
    secure: url.protocol === 'https:',
    maxAge: 24 * 3600,
  });
  return { name: tablet.name };
});
