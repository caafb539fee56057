import { isSaid } from '../../record';
import { names, plural } from './words';
import type { Progress, StageFeature, Verdict } from './stage';

/** What of the tools laid out is not counted, or not all there. */
function toolsMissing({ seats, wrap }: Progress): string | null {
  const out = [...new Set(seats.flatMap(({ plan }) => plan.tools))];
  const open = out.filter((tool) => !Object.hasOwn(wrap.tools, tool));
  const gone = Object.entries(wrap.tools).filter(([, count]) => count.in < count.out);
  if (gone.length > 0)
    return `Not in yet: ${gone.map(([tool, { out: n, in: back }]) => `${n - back} × ${tool}`).join(', ')}.`;
  return open.length > 0 ? `${plural(open.length, 'tool')} to count in.` : null;
}

function judge(progress: Progress): Verdict {
  const { seats, bench, kits, wrap, noted } = progress;
  if (seats.length === 0) return { done: false, line: 'Waits for seats.' };
  const came = seats.filter(({ id }) => !bench.away.includes(id));
  const open = came.filter(({ id }) => !isSaid(noted[id]?.said ?? {}) && !wrap.nothing.includes(id));
  if (open.length > 0)
    return {
      done: false,
      line: open.length > 3 ? `${plural(open.length, 'piece')} to note.` : `To note: ${names(open)}.`,
    };
  const tools = toolsMissing(progress);
  if (tools) return { done: false, line: tools };
  if (kits?.issued && wrap.returned_on === null) return { done: false, line: 'What is left is not back on the shelf.' };
  return { done: true, line: `${plural(came.length - wrap.nothing.length, 'piece')} noted, all accounted for.` };
}

export const wrapUp: StageFeature<'wrap-up'> = { slug: 'wrap-up', name: 'Wrap-up', judge };
