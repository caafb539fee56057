import { planInTurn, type SessionView } from '../../../core/session';

/** As long as the page may stand still at a time, milliseconds: on a slow device it is four times as long. */
const AT_A_TIME = 4;

/** Lets the page answer to what is waiting: a key, a tap, a frame. */
const pause = (): Promise<void> => new Promise((done) => setTimeout(done));

/** Plans a session bit by bit, so that the page does not stand still; what is planned from then on is there already. */
export async function planAhead(view: SessionView): Promise<void> {
  await pause();
  let since = performance.now();
  for (const _ of planInTurn(view)) {
    if (performance.now() - since < AT_A_TIME) continue;
    await pause();
    since = performance.now();
  }
}
