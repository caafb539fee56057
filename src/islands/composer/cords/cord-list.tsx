import type { Catalogue } from '../../../core/project';
import { ROLES } from '../../../core/studio';
import { addCord, changeCord, setHeld } from '../edit-project';
import { Count, Pick } from '../fields';
import { RouteEditor } from './route-editor';
import type { ComposerModel } from '../use-composer';

const ROLE_OPTIONS = ROLES.map((role) => [role, role] as const);

/** The cords and which strands work where: each leg's way through the piece. */
export function CordList({ model, catalogue }: { model: ComposerModel; catalogue: Catalogue }) {
  const { project, change } = model;
  const kinds = Object.values(catalogue.cords).map(({ slug, name }) => [slug, name] as const);
  return (
    <div>
      {project.cords.map((cord, i) => (
        <section key={i} className="border-t hair py-2" aria-label={`Cord ${i + 1}`}>
          <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
            <strong>Cord {i + 1}</strong>
            <Pick
              label="Role"
              value={cord.role}
              options={ROLE_OPTIONS}
              onChange={(role) => change(changeCord(project, i, { role }))}
            />
            <Pick
              label="Cord"
              value={cord.default}
              options={kinds}
              onChange={(kind) => change(changeCord(project, i, { default: kind }))}
            />
            <Count
              label="Colour"
              value={cord.colour + 1}
              max={6}
              onChange={(n) => change(changeCord(project, i, { colour: n - 1 }))}
            />
            <Count
              label="Pieces"
              value={cord.pieces ?? 1}
              max={12}
              onChange={(pieces) => change(changeCord(project, i, { pieces }))}
            />
            {cord.when && (
              <span className="quiet text-sm">
                when{' '}
                {Object.entries(cord.when)
                  .map(([key, value]) => `${key} is ${String(value)}`)
                  .join(', ')}
              </span>
            )}
            <button
              type="button"
              className="btn btn-xs"
              disabled={cord.legs.length >= 8}
              onClick={() => change(changeCord(project, i, { legs: [...cord.legs, cord.legs.at(-1)!] }))}
            >
              Add a leg
            </button>
            <button
              type="button"
              className="btn btn-ghost btn-xs"
              disabled={project.cords.length === 1}
              onClick={() => change({ ...project, cords: project.cords.filter((_, k) => k !== i) })}
            >
              Take out
            </button>
          </div>
          {cord.legs.map((leg, k) => (
            <div key={k} className="mt-1 flex items-baseline gap-2 max-sm:flex-wrap">
              <span className="quiet w-12 shrink-0 text-sm">Leg {k + 1}</span>
              <RouteEditor model={model} cord={i} leg={k} />
              <label className="inline-flex shrink-0 items-center gap-1 text-sm">
                <input
                  type="checkbox"
                  className="checkbox checkbox-xs"
                  aria-label={`Leg ${k + 1} of cord ${i + 1} is held`}
                  checked={leg.held ?? false}
                  onChange={(event) => change(setHeld(project, i, k, event.target.checked))}
                />
                <span className="quiet">held</span>
              </label>
              {cord.legs.length > 1 && (
                <button
                  type="button"
                  className="btn btn-ghost btn-xs"
                  onClick={() => change(changeCord(project, i, { legs: cord.legs.filter((__, n) => n !== k) }))}
                  aria-label={`Take leg ${k + 1} of cord ${i + 1} out`}
                >
                  ✕
                </button>
              )}
            </div>
          ))}
        </section>
      ))}
      <button
        type="button"
        className="btn btn-sm mt-1"
        disabled={project.cords.length >= 20}
        onClick={() => change(addCord(project))}
      >
        Add a cord
      </button>
    </div>
  );
}
