import type { SeatRecord } from '../../../core/seat';
import type { Operation } from '../../../core/session';
import type { SessionModel, Unsaved } from '../model/use-session';

const FIELD_NAMES: Record<string, string> = {
  wrist_mm: 'wrist',
  hand_mm: 'hand',
  band_mm: 'band length',
  wrist_method: 'how the wrist was taken',
  held_on: 'date',
  starts_at: 'start',
};

/** A stored value in words; lengths are in mm as stored. */
function inWords(value: unknown, field: string): string {
  if (value === null || value === undefined || value === '') return 'nothing';
  if (typeof value === 'object')
    return (
      JSON.stringify(value)
        .replace(/["{}[\]]/g, '')
        .replaceAll(',', ', ') || 'nothing'
    );
  return field.endsWith('_mm') ? `${String(value)} mm` : String(value);
}

function Difference({
  operation,
  current,
}: {
  operation: Extract<Operation, { kind: 'seat' | 'session' }>;
  current: Record<string, unknown>;
}) {
  return (
    <ul className="my-2 list-disc pl-5">
      {Object.entries(operation.changes).map(([field, mine]) => (
        <li key={field}>
          {FIELD_NAMES[field] ?? field}: now <strong>{inWords(current[field], field)}</strong>, yours{' '}
          <strong>{inWords(mine, field)}</strong>
        </li>
      ))}
    </ul>
  );
}

function Conflict({ item, model }: { item: Unsaved; model: SessionModel }) {
  const { operation, problem } = item;
  const stale = problem?.status === 409;
  const current = problem?.current as Record<string, unknown> | undefined;
  const name =
    operation.kind === 'seat'
      ? ((current as SeatRecord | undefined)?.name ?? model.view.seats.find((s) => s.id === operation.id)?.name)
      : null;
  return (
    <div className="border border-error bg-base-100 p-3" role="alert">
      <p>
        <strong>{name ? `${name}: ` : ''}not saved.</strong> {problem?.message}
      </p>
      {stale && current && (operation.kind === 'seat' || operation.kind === 'session') && (
        <Difference operation={operation} current={current} />
      )}
      <div className="mt-2 flex gap-2">
        {stale && (
          <button type="button" className="btn btn-primary btn-sm" onClick={() => void model.insist(item)}>
            Save mine over it
          </button>
        )}
        <button type="button" className="btn btn-sm" onClick={() => void model.drop(item)}>
          {stale ? 'Keep what is there' : 'Discard my change'}
        </button>
      </div>
    </div>
  );
}

/** Changes that could not be stored, each with a clear choice; nothing is overwritten or lost without one. */
export function Conflicts({ model }: { model: SessionModel }) {
  if (model.deleted) {
    return (
      <div className="m-4 border border-error bg-base-100 p-3" role="alert">
        <p>
          <strong>This session was deleted in another tab.</strong> Nothing of it is lost
          {model.failed.length > 0 && ', and what you changed since is kept here'}.
        </p>
        <button type="button" className="btn btn-primary btn-sm mt-2" onClick={() => void model.bringBack()}>
          Bring it back
        </button>
      </div>
    );
  }
  if (model.failed.length === 0) return null;
  return (
    <div className="m-4 space-y-2">
      {model.failed.map((item) => (
        <Conflict key={item.mutation.mutationId} item={item} model={model} />
      ))}
    </div>
  );
}
