import { isSaid } from '../../../core/record';
import { packingOf, UNWRAPPED } from '../../../core/session';
import type { PanelProps } from '../board/stage-panel';
import { itemLook } from '../kit/item-look';
import { useStock } from '../model/use-stock';
import { PutBack } from './put-back';
import { ToolsIn } from './tools-in';
import { WrapTable } from './wrap-table';

/** The end of a session: what each piece came to, tools counted in, and what is left back on the shelf. */
export function WrapStage({ model, units }: PanelProps) {
  const { view, seats, figures, stages } = model;
  const { id, kits, wrap: own } = view.session;
  const wrap = own ?? UNWRAPPED;
  const stock = useStock(id);
  const name = (item: string): string => stock?.names[item] ?? itemLook(item, view.studio).name;
  const open = seats.filter(
    ({ id: seat }) =>
      !view.bench.away.includes(seat) && !isSaid(view.noted[seat]?.said ?? {}) && !wrap.nothing.includes(seat),
  );
  const state = stages.find(({ stage }) => stage === 'wrap-up')!;
  if (seats.length === 0) return <p className="p-4">Nobody is seated yet: there is nothing to wrap up.</p>;
  return (
    <div>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1 px-4 py-2">
        <strong>{state.line}</strong>
        <span className="quiet text-sm">
          Type down a column; most may stay empty. Left: each end apart, as 12; 9, or short at 22. Fits: t, r, l.
          Finished: f, g, w, h, n.
        </span>
        <span className="flex-1" />
        {open.length > 0 && open.length < seats.length && (
          <button
            type="button"
            className="btn btn-sm"
            onClick={() =>
              model.act({
                kind: 'wrap',
                wrap: { ...wrap, nothing: [...wrap.nothing, ...open.map(({ id: seat }) => seat)] },
              })
            }
          >
            Nothing to note of the other {open.length}
          </button>
        )}
      </div>
      <WrapTable model={model} units={units} />
      <div className="grid items-start gap-8 px-4 lg:grid-cols-2">
        <ToolsIn
          tools={packingOf(seats, figures).tools}
          wrap={wrap}
          onWrap={(tools) => model.act({ kind: 'wrap', wrap: { ...wrap, tools } })}
        />
        <PutBack model={model} issued={kits?.issued?.items ?? null} wrap={wrap} name={name} units={units} />
      </div>
    </div>
  );
}
