import { isSaid } from '../../record';
import { labels, names, plural } from './words';
import { WAITS, type Progress, type StageFeature, type Verdict } from './stage';

/** What of the tools laid out is not counted, or not all there. */
function toolsMissing({ seats, wrap }: Progress): Verdict | null {
  const out = [...new Set(seats.flatMap(({ plan }) => plan.tools))];
  const open = out.filter((tool) => !Object.hasOwn(wrap.tools, tool));
  const gone = Object.entries(wrap.tools).filter(([, count]) => count.in < count.out);
  if (gone.length > 0)
    return {
      done: false,
      code: 'tools-missing',
      values: Object.fromEntries(gone.map(([tool, { out: n, in: back }]) => [tool, n - back])),
      line: `Not in yet: ${gone.map(([tool, { out: n, in: back }]) => `${n - back} × ${tool}`).join(', ')}.`,
    };
  return open.length === 0
    ? null
    : {
        done: false,
        code: 'tools-to-count',
        values: { tools: open },
        line: `${plural(open.length, 'tool')} to count in.`,
      };
}

function judge(progress: Progress): Verdict {
  const { seats, bench, kits, wrap, noted } = progress;
  if (seats.length === 0) return WAITS;
  const came = seats.filter(({ id }) => !bench.away.includes(id));
  const open = came.filter(({ id }) => !isSaid(noted[id]?.said ?? {}) && !wrap.nothing.includes(id));
  if (open.length > 0)
    return {
      done: false,
      code: 'to-note',
      values: labels(open),
      line: open.length > 3 ? `${plural(open.length, 'piece')} to note.` : `To note: ${names(open)}.`,
    };
  const tools = toolsMissing(progress);
  if (tools) return tools;
  if (kits?.issued && wrap.returned_on === null)
    return { done: false, code: 'not-returned', line: 'What is left is not back on the shelf.' };
  const pieces = came.length - wrap.nothing.length;
  return {
    done: true,
    code: 'noted',
    values: { pieces },
    line: `${plural(pieces, 'piece')} noted, all accounted for.`,
  };
}

export const wrapUp: StageFeature<'wrap-up'> = { slug: 'wrap-up', name: 'Wrap-up', judge };
