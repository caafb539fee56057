import type { SharedTool } from '../../../core/kit';
import { wordOrder } from '../../../core/region';
import type { Wrap } from '../../../core/session';
import { TextCell } from '../../../ui/fields/text-cell';

/** What hurts whoever finds it later is counted first. */
const SHARP = /needle|pin|lighter|scissors|blade|knife/;

/** Tools laid out, to be counted in; needles and pins above all. */
export function ToolsIn({
  tools,
  wrap,
  onWrap,
}: {
  tools: readonly SharedTool[];
  wrap: Wrap;
  onWrap: (tools: Wrap['tools']) => void;
}) {
  const inOrder = [...tools].sort(
    (a, b) => Number(SHARP.test(b.tool)) - Number(SHARP.test(a.tool)) || wordOrder(a.tool, b.tool),
  );
  const count = (tool: string, out: number, back: number): Wrap['tools'] => ({
    ...wrap.tools,
    [tool]: { out, in: back },
  });
  const open = inOrder.filter(({ tool, count: out }) => (wrap.tools[tool]?.in ?? -1) < out);
  return (
    <section aria-labelledby="tools-in">
      <div className="flex items-baseline justify-between gap-3">
        <h2 id="tools-in" className="text-lg">
          Tools in
        </h2>
        {open.length > 0 && (
          <button
            type="button"
            className="btn btn-sm"
            onClick={() =>
              onWrap({
                ...wrap.tools,
                ...Object.fromEntries(open.map(({ tool, count: out }) => [tool, { out, in: out }])),
              })
            }
          >
            All are in
          </button>
        )}
      </div>
      <ul>
        {inOrder.map(({ tool, count: out }) => {
          const back = wrap.tools[tool]?.in;
          return (
            <li key={tool} className="flex items-center gap-2 border-b hair py-0.5">
              <span className={`flex-1 ${SHARP.test(tool) ? 'font-semibold' : ''}`}>
                {tool}
                {back !== undefined && back < out && (
                  <span className="ml-2 text-sm font-semibold text-error">{out - back} missing</span>
                )}
              </span>
              <span className="w-14">
                <TextCell
                  label={`${tool} counted in`}
                  value={back?.toString() ?? ''}
                  className="text-right tabular-nums"
                  check={(text) => (text === '' || /^\d{1,4}$/.test(text) ? null : 'A whole number')}
                  onChange={(text) => {
                    const { [tool]: _gone, ...rest } = wrap.tools;
                    onWrap(text === '' ? rest : count(tool, out, Number(text)));
                  }}
                />
              </span>
              <span className="quiet w-12 text-sm tabular-nums">of {out}</span>
            </li>
          );
        })}
        {inOrder.length === 0 && <li className="quiet">No tool was laid out.</li>}
      </ul>
    </section>
  );
}
