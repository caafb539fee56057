import { TextCell } from '../../ui/fields/text-cell';
import { Count, Pick } from './fields';
import type { ComposerModel } from './use-composer';

/** What the piece is, in a sentence, and whom and what size it is for. */
export function AboutFields({ model }: { model: ComposerModel }) {
  const { project, change } = model;
  return (
    <>
      <TextCell
        label="What it is, in a sentence"
        value={project.summary}
        placeholder="What it is, in a sentence"
        maxLength={400}
        onChange={(summary) => change({ ...project, summary })}
        className="border-base-300!"
      />
      <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1">
        <Pick
          label="Kind"
          value={project.kind}
          options={[
            ['bracelet', 'bracelet'],
            ['keychain', 'keychain'],
          ]}
          onChange={(kind) => change({ ...project, kind })}
        />
        <Pick
          label="Made to"
          value={project.sizing.by}
          options={[
            ['wrist', 'a wrist'],
            ['band', 'a fixed length'],
          ]}
          onChange={(by) => change({ ...project, sizing: by === 'wrist' ? { by } : { by: 'band', band_mm: 90 } })}
        />
        {project.sizing.by === 'band' && (
          <Count
            label="mm"
            value={project.sizing.band_mm}
            max={1000}
            onChange={(band_mm) => change({ ...project, sizing: { by: 'band', band_mm } })}
          />
        )}
        <Pick
          label="Over the hand"
          value={project.opens}
          options={[
            ['fastener', 'a fastener opens it'],
            ['slides', 'it slides open'],
            ['no', 'it does not open'],
          ]}
          onChange={(opens) => change({ ...project, opens })}
        />
        <Pick
          label="For"
          value={String(project.difficulty)}
          options={[
            ['1', 'a first session'],
            ['2', 'has tied before'],
            ['3', 'practised hands'],
          ]}
          onChange={(n) => change({ ...project, difficulty: Number(n) })}
        />
      </div>
    </>
  );
}
