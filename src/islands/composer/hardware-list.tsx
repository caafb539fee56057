import type { Catalogue } from '../../core/project';
import { wordOrder } from '../../core/region';
import { freshId } from './edit-project';
import { Pick } from './fields';
import type { ComposerModel } from './use-composer';

/** The hardware, beads and buttons the piece takes. */
export function HardwareList({ model, catalogue }: { model: ComposerModel; catalogue: Catalogue }) {
  const { project, change } = model;
  const options = Object.values(catalogue.hardware)
    .map(({ slug, name }) => [slug, name] as const)
    .sort(([, a], [, b]) => wordOrder(a, b));
  const needOf = (id: string, slug: string) => ({ id, kinds: [catalogue.hardware[slug]!.kind], default: slug });
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t hair py-2">
      {project.hardware.map((need, i) => (
        <span key={need.id} className="inline-flex items-center gap-1">
          <Pick
            label={need.id}
            value={need.default}
            options={options}
            onChange={(slug) =>
              change({
                ...project,
                hardware: project.hardware.map((other, k) =>
                  k === i ? { ...other, ...needOf(need.id, slug) } : other,
                ),
              })
            }
          />
          <button
            type="button"
            className="btn btn-ghost btn-xs"
            onClick={() => change({ ...project, hardware: project.hardware.filter((_, k) => k !== i) })}
            aria-label={`Take ${need.id} out`}
          >
            ✕
          </button>
        </span>
      ))}
      <button
        type="button"
        className="btn btn-xs"
        disabled={project.hardware.length >= 8}
        onClick={() =>
          change({ ...project, hardware: [...project.hardware, needOf(freshId(project, 'bead'), 'bead-6')] })
        }
      >
        Add a bead or hardware
      </button>
    </div>
  );
}
