import type { Project } from '../../core/project';
import { LOOPS } from '../../core/studio';
import { Count, Pick } from './fields';
import type { ComposerModel } from './use-composer';

/** What a seat may choose about the piece: colours, wraps, a carry loop, and which bead, button or row it may size. */
export function OptionFields({ model }: { model: ComposerModel }) {
  const { project, change } = model;
  const { options } = project;
  const set = (changes: Partial<Project['options']>) => change({ ...project, options: { ...options, ...changes } });
  const none = ['', 'none'] as const;
  const hardware = [none, ...project.hardware.map(({ id }) => [id, id] as const)];
  const parts = [none, ...project.parts.map(({ id }) => [id, id] as const)];
  const sections = [none, ...project.sections.map(({ id }) => [id, id] as const)];
  const startOf = (range: { start: number } | undefined, most: number): number => Math.min(range?.start ?? 1, most);
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t hair py-2">
      <Count
        label="Colours, at most"
        value={options.colours?.most ?? 1}
        max={6}
        onChange={(most) => set({ colours: { most, start: startOf(options.colours, most) } })}
      />
      <Count
        label="starting with"
        value={options.colours?.start ?? 1}
        max={options.colours?.most ?? 1}
        onChange={(start) => set({ colours: { most: options.colours?.most ?? start, start } })}
      />
      <Count
        label="Times round, at most"
        value={options.wraps?.most ?? 1}
        max={4}
        onChange={(most) => set({ wraps: most === 1 ? undefined : { most, start: startOf(options.wraps, most) } })}
      />
      <Pick
        label="Carry loop"
        value={options.loop ?? ''}
        options={[none, ...LOOPS.map((loop) => [loop, loop] as const)]}
        onChange={(loop) => set({ loop: loop || undefined })}
      />
      {project.hardware.length > 0 && (
        <>
          <Pick
            label="Bead to size"
            value={options.bead ?? ''}
            options={hardware}
            onChange={(bead) => set({ bead: bead || undefined })}
          />
          <Pick
            label="Button to size"
            value={options.button ?? ''}
            options={hardware}
            onChange={(button) => set({ button: button || undefined })}
          />
        </>
      )}
      <Pick
        label="Row whose beads are counted"
        value={options.beads ?? ''}
        options={sections}
        onChange={(beads) => set({ beads: beads || undefined })}
      />
      <Pick
        label="End knot to choose"
        value={options.stopper ?? ''}
        options={parts}
        onChange={(stopper) => set({ stopper: stopper || undefined })}
      />
      <Pick
        label="Knot whose turns are chosen"
        value={options.turns ?? ''}
        options={parts}
        onChange={(turns) => set({ turns: turns || undefined })}
      />
    </div>
  );
}
