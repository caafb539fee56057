import { PARTS } from '../../../core/part';
import type { ProjectPart } from '../../../core/project';
import { wordOrder } from '../../../core/region';
import { TIED_BY } from '../../../core/studio';
import { changePart } from '../edit-project';
import { ClosureCount } from './closure-count';
import { TIED_WORDS } from '../../../ui/words/tied-words';
import { Count, Pick } from '../fields';
import type { ComposerModel } from '../use-composer';

const PART_OPTIONS = Object.values(PARTS)
  .map(({ slug, name }) => [slug, name] as const)
  .sort(([, a], [, b]) => wordOrder(a, b));

/** A start, closure, end, join or bead: which, on what, and what it closes over. */
export function PartFields({ model, index }: { model: ComposerModel; index: number }) {
  const { project, change } = model;
  const part = project.parts[index]!;
  const set = (changes: Partial<ProjectPart>) => change(changePart(project, index, changes));
  const none = ['', 'nothing'] as const;
  const clean = (value: string): string | undefined => value || undefined;
  return (
    <div>
      <p className="font-semibold">
        {part.id} <span className="quiet font-normal">{part.when ? 'part, for some choices' : 'part'}</span>
      </p>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <Pick label="Part" value={part.part} options={PART_OPTIONS} onChange={(slug) => set({ part: slug })} />
        {project.hardware.length > 0 && (
          <Pick
            label="on"
            value={part.on ?? ''}
            options={[none, ...project.hardware.map(({ id }) => [id, id] as const)]}
            onChange={(on) => set({ on: clean(on) })}
          />
        )}
        <Pick
          label="closes over"
          value={part.mate ?? ''}
          options={[none, ...project.parts.filter(({ id }) => id !== part.id).map(({ id }) => [id, id] as const)]}
          onChange={(mate) => set({ mate: clean(mate) })}
        />
        <Pick
          label="slides in"
          value={part.slider ?? ''}
          options={[none, ...[...new Set(project.closure)].map((id) => [id, id] as const)]}
          onChange={(slider) => set({ slider: clean(slider) })}
        />
        <Count label="Strands" value={part.strands ?? 1} max={24} onChange={(strands) => set({ strands })} />
        <Count label="Times" value={part.times ?? 1} max={40} onChange={(times) => set({ times })} />
        {(part.strands ?? 1) > 1 && PARTS[part.part]?.byOne && (
          <Pick
            label="Tied by"
            value={part.tied ?? 'all'}
            options={TIED_BY.map((by) => [by, TIED_WORDS[by]] as const)}
            onChange={(tied) => set({ tied: tied === 'all' ? undefined : tied })}
          />
        )}
        {PARTS[part.part]?.ring && <ClosureCount model={model} id={part.id} />}
      </div>
    </div>
  );
}
