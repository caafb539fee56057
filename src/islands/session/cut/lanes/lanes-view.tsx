import { PackageCheck, PackageX, Printer, Square } from 'lucide-react';
import type { Units } from '../../../../core/measure';
import { cutList } from '../../../../core/seat';
import { TO_BUY } from '../../../../core/layout';
import { cordItem } from '../../../../core/shelf';
import type { SessionModel } from '../../model/use-session';
import { ColourWishes } from './colour-wishes';
import { LaneGroup } from './lane-group';
import { useLanes } from './use-lanes';
import { Refusal } from '../../../../ui/refusal';

/** The cutting lanes of a session: what is cut from which piece on the shelf, to change, reserve and take to the table. */
export function LanesView({
  model,
  units,
  first,
}: {
  model: SessionModel;
  units: Units;
  /** The cord that is looked for. */
  first: string | null;
}) {
  const lanes = useLanes(model);
  const { figures } = model;
  const groups = cutList(model.seats.map(({ plan }) => plan));
  const names = new Map(groups.map((group) => [cordItem(group.cord.slug, group.colour.slug), group]));
  const { laid, busy, fault, unplaced, isKept, refused, sending } = lanes;
  const issued = model.view.session.kits?.issued;
  const buys = laid?.reduce((sum, one) => sum + one.lanes.filter((lane) => lane.stock === TO_BUY).length, 0) ?? 0;
  if (lanes.error && !lanes.stock)
    return <Refusal why={`The shelf cannot be read just now: ${lanes.error.message}`} className="m-4" />;
  if (!laid) return <p className="p-4">Looking at the shelf…</p>;
  return (
    <div>
      <div className="flex flex-wrap items-center gap-3 px-4 py-2">
        {busy ? (
          <button type="button" className="btn btn-sm" onClick={lanes.stop}>
            <Square size={14} aria-hidden="true" /> Stop here
          </button>
        ) : (
          <button type="button" className="btn btn-sm" onClick={() => void lanes.solve()} disabled={Boolean(issued)}>
            Lay out again
          </button>
        )}
        {isKept && !fault ? (
          <>
            <span className="flex items-center gap-1.5">
              <PackageCheck size={16} aria-hidden="true" /> {issued ? 'Issued to the kits.' : 'Reserved on the shelf.'}
            </span>
            <a className="btn btn-sm" href={`/sessions/${model.view.session.id}/table`}>
              <Printer size={15} aria-hidden="true" /> Cutting table sheet
            </a>
            {!issued && (
              <button
                type="button"
                className="btn btn-ghost btn-sm"
                onClick={() => void lanes.release()}
                disabled={sending}
              >
                <PackageX size={15} aria-hidden="true" /> Give it back
              </button>
            )}
          </>
        ) : (
          <button
            type="button"
            className="btn btn-primary btn-sm"
            onClick={() => void lanes.reserve()}
            disabled={busy || sending || unplaced || fault !== null || model.saveState !== 'saved' || Boolean(issued)}
          >
            <PackageCheck size={15} aria-hidden="true" /> Reserve this on the shelf
          </button>
        )}
        {buys > 0 && !busy && (
          <span className="text-sm">
            {buys} {buys === 1 ? 'pack has' : 'packs have'} to be bought:{' '}
            <a className="link" href="/shelf?view=outlook">
              see what to order
            </a>
          </span>
        )}
        <span className="quiet text-sm" role="status">
          {busy && 'Laying out…'}
        </span>
      </div>
      {fault && (
        <p role="alert" className="mx-4 mb-2 border-l-4 border-warning bg-base-200 px-3 py-1.5 text-sm">
          <strong>Not of the cuts as they are now:</strong> {fault}. Lay them out again.
        </p>
      )}
      <Refusal why={refused} className="mx-4 mb-2" />
      <ColourWishes model={model} />
      {laid.map((one) => {
        const group = names.get(one.item);
        return (
          group && (
            <LaneGroup
              key={one.item}
              isFirst={one.item === first}
              laid={one}
              lanes={lanes}
              model={model}
              name={`${group.cord.name}, ${group.colour.name}`}
              hex={group.colour.hex}
              loss={figures.cut_loss}
              keep={figures.keep}
              units={units}
            />
          )
        );
      })}
    </div>
  );
}
