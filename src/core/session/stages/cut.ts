import { cutKey, cutsNow, type CutDone } from '../../seat';
import { plural } from './words';
import type { Progress, StageFeature, Verdict } from './stage';

/** Why what was cut is no longer what is called for, or null when it still is. */
function changedSince(done: readonly CutDone[], now: readonly CutDone[]): string | null {
  const keysOf = (cuts: readonly CutDone[], seat: string): string =>
    cuts
      .filter((cut) => cut.seat === seat)
      .map(cutKey)
      .sort()
      .join(';');
  for (const { seat, label } of now) {
    const [before, after] = [keysOf(done, seat), keysOf(now, seat)];
    if (before === after) continue;
    if (before === '') return `Came undone: ${label} is new since the cords were cut.`;
    const [was, is] = [done, now].map((cuts) =>
      cuts
        .filter((cut) => cut.seat === seat)
        .map((cut) => `${cut.length_mm} mm`)
        .join(' + '),
    );
    return was === is
      ? `Came undone: ${label} now wants another cord or colour.`
      : `Came undone: ${label} was cut ${was}, and now needs ${is}.`;
  }
  const gone = done.find((cut) => !now.some((other) => other.seat === cut.seat));
  return gone ? `Came undone: cords were cut for ${gone.label}, whose seat needs none now.` : null;
}

function judge({ seats, cutDone }: Progress): Verdict {
  const now = cutsNow(seats);
  if (!cutDone)
    return {
      done: false,
      line:
        now.length > 0
          ? `${plural(
              now.reduce((n, cut) => n + cut.pieces, 0),
              'length',
            )} to cut.`
          : 'Nothing to cut yet.',
    };
  const why = changedSince(cutDone, now);
  return why ? { done: false, line: why } : { done: true, line: `${plural(now.length, 'length')} cut.` };
}

export const cut: StageFeature<'cut'> = { slug: 'cut', name: 'Cut', judge };
