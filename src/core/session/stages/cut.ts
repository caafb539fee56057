import { cutKey, cutsNow, type CutDone } from '../../seat';
import { plural } from './words';
import type { Progress, StageFeature, Verdict } from './stage';

/** Why what was cut is no longer what is called for, or null when it still is. */
function changedSince(done: readonly CutDone[], now: readonly CutDone[]): Verdict | null {
  const undone = (seat: string, line: string): Verdict => ({
    done: false,
    code: 'came-undone',
    values: { seats: [seat] },
    line: `Came undone: ${line}`,
  });
  const keysOf = (cuts: readonly CutDone[], seat: string): string =>
    cuts
      .filter((cut) => cut.seat === seat)
      .map(cutKey)
      .sort()
      .join(';');
  for (const { seat, label } of now) {
    const [before, after] = [keysOf(done, seat), keysOf(now, seat)];
    if (before === after) continue;
    if (before === '') return undone(label, `${label} is new since the cords were cut.`);
    const [was, is] = [done, now].map((cuts) =>
      cuts
        .filter((cut) => cut.seat === seat)
        .map((cut) => `${cut.length_mm} mm`)
        .join(' + '),
    );
    return undone(
      label,
      was === is ? `${label} now wants another cord or colour.` : `${label} was cut ${was}, and now needs ${is}.`,
    );
  }
  const gone = done.find((cut) => !now.some((other) => other.seat === cut.seat));
  return gone ? undone(gone.label, `cords were cut for ${gone.label}, whose seat needs none now.`) : null;
}

function judge({ seats, cutDone }: Progress): Verdict {
  const now = cutsNow(seats);
  const pieces = now.reduce((n, cut) => n + cut.pieces, 0);
  if (!cutDone)
    return pieces > 0
      ? { done: false, code: 'to-cut', values: { pieces }, line: `${plural(pieces, 'length')} to cut.` }
      : { done: false, code: 'nothing-to-cut', line: 'Nothing to cut yet.' };
  return (
    changedSince(cutDone, now) ?? {
      done: true,
      code: 'cut',
      values: { pieces: now.length },
      line: `${plural(now.length, 'length')} cut.`,
    }
  );
}

export const cut: StageFeature<'cut'> = { slug: 'cut', name: 'Cut', judge };
