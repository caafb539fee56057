import { ArrowLeft, ArrowRight, X } from 'lucide-react';
import type { LegStep } from '../../../core/project';
import { STITCHES } from '../../../core/stitch';
import { Select } from '../fields';
import { changeRoute, targetOf } from '../edit-project';
import type { ComposerModel } from '../use-composer';

/** Every step that a leg of this project could take, by a key, with what it says. */
function choices({ project }: ComposerModel): { key: string; name: string; step: LegStep }[] {
  const sections = project.sections.flatMap((section) => {
    const strands = new Set(
      section.runs.flatMap(({ stitch }) =>
        (STITCHES[stitch]?.geometry({ strands: 2, diameter: 1 }).working ?? []).map(({ strand }) => strand),
      ),
    );
    return [
      { key: `core:${section.id}`, name: `core through ${section.id}`, step: { core: section.id } },
      ...[...strands].map((as) => ({
        key: `work:${section.id}.${as}`,
        name: `works ${section.id} as ${as}`,
        step: { work: section.id, as },
      })),
    ];
  });
  const parts = project.parts.flatMap(({ id }) => [
    { key: `part:${id}`, name: `makes ${id}`, step: { part: id } },
    { key: `stands:${id}`, name: `stands in ${id}`, step: { part: id, stands: true as const } },
    { key: `past:${id}`, name: `passes ${id}`, step: { past: id } },
  ]);
  const unique = new Map([...sections, ...parts].map((choice) => [choice.key, choice]));
  return [...unique.values()];
}

const keyOf = (step: LegStep): string => {
  const target = targetOf(step);
  if ('part' in step) return step.stands ? `stands:${target}` : `part:${target}`;
  if ('past' in step) return `past:${target}`;
  return 'core' in step ? `core:${target}` : `work:${target}.${step.as}`;
};

/** One leg's way from the fold or start to its end, step by step. */
export function RouteEditor({ model, cord, leg }: { model: ComposerModel; cord: number; leg: number }) {
  const { project, change } = model;
  const { route } = project.cords[cord]!.legs[leg]!;
  const offered = choices(model);
  const options = offered.map((choice) => [choice.key, choice.name] as const);
  const stepOf = (key: string): LegStep => offered.find((choice) => choice.key === key)!.step;
  const set = (next: readonly LegStep[]) => change(changeRoute(project, cord, leg, next));
  const swap = (i: number, k: number) => {
    const next = [...route];
    [next[i], next[k]] = [next[k]!, next[i]!];
    set(next);
  };
  const name = `cord ${cord + 1}, leg ${leg + 1}`;
  return (
    <ol className="flex flex-wrap items-center gap-1" aria-label={`Way of ${name}`}>
      {route.map((step, i) => (
        <li key={i} className="inline-flex items-center border hair">
          <Select
            className="py-0 text-sm"
            label={`Step ${i + 1} of ${name}`}
            value={keyOf(step)}
            options={options}
            onChange={(key) => set(route.map((s, k) => (k === i ? stepOf(key) : s)))}
          />
          <button
            type="button"
            className="grid min-h-6 min-w-6 place-items-center"
            disabled={i === 0}
            onClick={() => swap(i, i - 1)}
            aria-label={`Step ${i + 1} of ${name} earlier`}
          >
            <ArrowLeft size={12} aria-hidden="true" />
          </button>
          <button
            type="button"
            className="grid min-h-6 min-w-6 place-items-center"
            disabled={i === route.length - 1}
            onClick={() => swap(i, i + 1)}
            aria-label={`Step ${i + 1} of ${name} later`}
          >
            <ArrowRight size={12} aria-hidden="true" />
          </button>
          <button
            type="button"
            className="grid min-h-6 min-w-6 place-items-center"
            disabled={route.length === 1}
            onClick={() => set(route.filter((_, k) => k !== i))}
            aria-label={`Take step ${i + 1} of ${name} out`}
          >
            <X size={12} aria-hidden="true" />
          </button>
        </li>
      ))}
      <li>
        <button
          type="button"
          className="btn btn-xs"
          disabled={route.length >= 40}
          onClick={() => set([...route, route.at(-1)!])}
        >
          Add a step
        </button>
      </li>
    </ol>
  );
}
