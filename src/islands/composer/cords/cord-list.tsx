import { useState } from 'react';
import type { Catalogue } from '../../../core/project';
import { ROLES } from '../../../core/studio';
import { addCord, changeCord } from '../edit-project';
import { Count, Pick } from '../fields';
import { LegRow } from './leg-row';
import type { ComposerModel } from '../use-composer';

const ROLE_OPTIONS = ROLES.map((role) => [role, role] as const);

/** The cords and which strands work where: each leg's way through the piece, one of them open to be changed. */
export function CordList({ model, catalogue }: { model: ComposerModel; catalogue: Catalogue }) {
  const { project, change } = model;
  const [open, setOpen] = useState<string | null>(null);
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
              onClick={() => {
                change(changeCord(project, i, { legs: [...cord.legs, cord.legs.at(-1)!] }));
                setOpen(`${i} ${cord.legs.length}`);
              }}
            >
              Add a leg
            </button>
            <button
              type="button"
              className="btn btn-ghost btn-xs"
              disabled={project.cords.length === 1}
              onClick={() => {
                change({ ...project, cords: project.cords.filter((_, k) => k !== i) });
                setOpen(null);
              }}
            >
              Take out
            </button>
          </div>
          {cord.legs.map((_, k) => (
            <LegRow
              key={k}
              model={model}
              cord={i}
              leg={k}
              isOpen={open === `${i} ${k}`}
              onOpen={(isOpen) => setOpen(isOpen ? `${i} ${k}` : null)}
            />
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
