import { FileButton } from '../../ui/fields/file-button';
import { Undo2 } from 'lucide-react';
import { TextCell } from '../../ui/fields/text-cell';
import type { ComposerModel } from './use-composer';
import type { useKeeping } from './use-keeping';

const checkSlug = (text: string): string | null =>
  /^[a-z0-9-]{1,40}$/.test(text) ? null : 'Small letters, digits and hyphens, at most 40';
const checkName = (text: string): string | null => (text ? null : 'A project needs a name');

/** What the project is called, and where it is kept. */
export function ComposerHead({ model, keeping }: { model: ComposerModel; keeping: ReturnType<typeof useKeeping> }) {
  const { project, change } = model;
  const { base, problem, done, saving, save, open, download } = keeping;
  return (
    <>
      <header className="flex flex-wrap items-center gap-3">
        <h1 className="min-w-72 flex-1 text-2xl">
          <TextCell
            label="Name of the project"
            value={project.name}
            check={checkName}
            maxLength={80}
            onChange={(name) => change({ ...project, name })}
            className="border-base-300!"
          />
        </h1>
        <span className="inline-flex items-center gap-1 text-sm">
          <span className="quiet">Short name</span>
          <span className="w-44">
            <TextCell
              label="Short name"
              value={project.slug}
              check={checkSlug}
              disabled={base !== null}
              onChange={(slug) => change({ ...project, slug })}
              className="border-base-300!"
            />
          </span>
        </span>
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          onClick={model.undo}
          disabled={!model.undoable}
          title="Ctrl Z"
        >
          <Undo2 size={15} aria-hidden="true" /> Undo
        </button>
        <button type="button" className="btn btn-sm" onClick={download}>
          Save as JSON
        </button>
        <FileButton
          label="Open JSON"
          accept=".json,application/json"
          className="btn btn-sm"
          onFile={(file) => void open(file)}
        />
        <button type="button" className="btn btn-primary btn-sm" disabled={saving} onClick={() => void save()}>
          {saving ? 'Saving…' : 'Save the project'}
        </button>
      </header>
      <p role="alert" className="font-semibold text-error">
        {problem}
      </p>
      <p role="status" className="text-sm">
        {done}
      </p>
    </>
  );
}
