import { ArrowLeft, ArrowRight, X } from 'lucide-react';
import type { LegStep } from '../../../core/project';
import { STITCHES } from '../../../core/stitch';
import { Select } from '../fields';
import { changeRoute, targetOf } from '../edit-project';
import type { ComposerModel } from '../use-composer';
import { stepWords } from './step-words';

const keyOf = (step: LegStep): string => {
  const target = targetOf(step);
  if ('part' in step) return step.stands ? `stands:${target}` : `part:${target}`;
  if ('past' in step) return `past:${target}`;
  return 'core' in step ? `core:${target}` : `work:${target}.${step.as}`;
};

/** Every step that a leg of this project could take, each once, with a key to choose it by. */
function choices({ project }: ComposerModel): { key: string; step: LegStep }[] {
  const sections = project.sections.flatMap(({ id, runs }): LegStep[] => {
    const strands = new Set(
      runs.flatMap(({ stitch }) =>
        (STITCHES[stitch]?.geometry({ strands: 2, diameter: 1 }).working ?? []).map(({ strand }) => strand),
      ),
    );
    return [{ core: id }, ...[...strands].map((as) => ({ work: id, as }))];
  });
  const parts = project.parts.flatMap(({ id }): LegStep[] => [{ part: id }, { part: id, stands: true }, { past: id }]);
  const unique = new Map([...sections, ...parts].map((step) => [keyOf(step), { key: keyOf(step), step }]));
  return [...unique.values()];
}

/** One leg's way from the fold or start to its end, step by step. */
export function RouteEditor({ model, cord, leg }: { model: ComposerModel; cord: number; leg: number }) {
  const { project, change } = model;
  const { route } = project.cords[cord]!.legs[leg]!;
  const offered = choices(model);
  const options = offered.map(({ key, step }) => [key, stepWords(step)] as const);
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
