import { plural } from './words';
import { WAITS, type Progress, type StageFeature, type Verdict } from './stage';

function judge({ seats, bench }: Progress): Verdict {
  if (seats.length === 0) return WAITS;
  if (!bench.began) return { done: false, code: 'not-begun', line: 'Not begun yet.' };
  const among = (ids: readonly string[]): number => seats.filter(({ id }) => ids.includes(id)).length;
  const [done, home, away] = [among(bench.done), among(bench.home), among(bench.away)];
  const rest = seats.length - done - home - away;
  const line = [
    `${done} done`,
    home > 0 && `${home} ${home === 1 ? 'goes' : 'go'} on at home`,
    away > 0 && `${away} did not come`,
    rest > 0 && `${plural(rest, 'seat')} ${bench.closed ? 'left as they were' : 'at work'}`,
  ].filter(Boolean);
  return {
    done: bench.closed || rest === 0,
    code: bench.closed ? 'closed' : 'at-work',
    values: { done, home, away, rest },
    line: `${line.join(', ')}.`,
  };
}

export const bench: StageFeature<'bench'> = { slug: 'bench', name: 'Bench', judge };
