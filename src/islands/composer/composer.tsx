import { Undo2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { Units } from '../../core/measure';
import { PARTS } from '../../core/part';
import { lookUp, type Catalogue, type Project } from '../../core/project';
import type { Settings } from '../../core/studio';
import { request, type RequestProblem } from '../../ui/api';
import { Guard } from '../../ui/guard';
import { TextCell } from '../../ui/fields/text-cell';
import { useUnits } from '../../ui/words/units';
import { BandList } from './band-list';
import { CordList } from './cord-list';
import { addPart, addSection, removeItem, setTools } from './edit-project';
import { Count, Pick } from './fields';
import { HardwareList } from './hardware-list';
import { OptionFields } from './option-fields';
import { PartFields } from './part-fields';
import { Preview } from './preview';
import { SectionFields } from './section-fields';
import { useComposer } from './use-composer';

const PART_NAMES = Object.values(PARTS)
  .map(({ slug, name }) => [slug, name] as const)
  .sort(([, a], [, b]) => a.localeCompare(b));
const checkSlug = (text: string): string | null =>
  /^[a-z0-9-]{1,40}$/.test(text) ? null : 'Small letters, digits and hyphens, at most 40';
const checkName = (text: string): string | null => (text ? null : 'A project needs a name');

/** Composes a project from starts, sections and finishes; the piece beside it follows as one goes. */
export function Composer({
  first,
  base: firstBase,
  catalogue,
  settings,
  units: firstUnits,
}: {
  first: Project;
  /** The revision it is changed from; null for a new project. */
  base: number | null;
  catalogue: Catalogue;
  settings: Settings;
  units: Units;
}) {
  const model = useComposer(first);
  const { project, change } = model;
  const units = useUnits(firstUnits);
  const [base, setBase] = useState(firstBase);
  const [problem, setProblem] = useState<string | null>(null);
  const [done, setDone] = useState<string | null>(null);
  const [saving, setSaving] = useState(false);
  const [part, setPart] = useState('through-bead');
  useHotkeys('mod+z', model.undo, { preventDefault: true });
  useEffect(() => {
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    if (model.changed) window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [model.changed]);

  async function save() {
    setProblem(null);
    setDone(null);
    setSaving(true);
    const sent = project;
    try {
      const stored = await request<Project>('POST', '/api/projects', { base, doc: sent });
      model.saved(sent, stored);
      setBase(stored.revision);
      setDone(`Saved as revision ${stored.revision}. Sessions planned with an earlier one keep it.`);
      window.history.replaceState(null, '', `/composer/${stored.slug}?edit=yes`);
    } catch (error) {
      const { message, pointer } = error as RequestProblem;
      setProblem(pointer ? `${message} (${pointer.replace('/doc', '')})` : message);
    } finally {
      setSaving(false);
    }
  }
  async function open(file: File) {
    setProblem(null);
    if (file.size > 500_000) return setProblem(`${file.name} is over 0.5 MB: that is no project.`);
    try {
      const doc: unknown = JSON.parse(await file.text());
      const read = await request<Project>('POST', '/api/projects/check', { doc });
      change(read);
      setBase(lookUp(catalogue.projects, read.slug)?.revision ?? null);
      setDone(`${file.name} read; nothing is saved yet.`);
    } catch (error) {
      const { message, pointer } = error as Partial<RequestProblem> & Error;
      setProblem(`${file.name}: ${pointer ? `${message} (${pointer.replace('/doc', '')})` : message}`);
    }
  }
  function download() {
    const url = URL.createObjectURL(new Blob([JSON.stringify(project, null, 2)], { type: 'application/json' }));
    const link = Object.assign(document.createElement('a'), { href: url, download: `${project.slug}.json` });
    link.click();
    URL.revokeObjectURL(url);
  }
  const off = project.parts.map((p, i) => ({ ...p, i })).filter(({ id }) => !project.layout.includes(id));
  const offSections = project.sections.map((s, i) => ({ ...s, i })).filter(({ id }) => !project.layout.includes(id));
  const fieldsOf = (id: string) => {
    const section = project.sections.findIndex((s) => s.id === id);
    if (section >= 0) return <SectionFields model={model} index={section} />;
    return <PartFields model={model} index={project.parts.findIndex((p) => p.id === id)} />;
  };
  return (
    <main className="px-6 py-4">
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
        <label className="btn btn-sm">
          Open JSON
          <input
            type="file"
            accept=".json,application/json"
            className="sr-only"
            onChange={(event) => {
              const file = event.target.files?.[0];
              event.target.value = '';
              if (file) void open(file);
            }}
          />
        </label>
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
      <div className="grid grid-cols-[minmax(0,1fr)_27rem]">
        <div className="py-3">
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
              onChange={(kind) => change({ ...project, kind: kind as Project['kind'] })}
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
              onChange={(opens) => change({ ...project, opens: opens as Project['opens'] })}
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
          <h2 className="mt-4 text-lg">The band, from start to finish</h2>
          <p className="quiet text-sm">Sections that fill share one count, so that both halves stay alike.</p>
          <BandList model={model} render={fieldsOf} />
          <div className="mt-2 flex flex-wrap items-center gap-2">
            <button type="button" className="btn btn-sm" onClick={() => change(addSection(project))}>
              Add a section
            </button>
            <Pick label="or the part" value={part} options={PART_NAMES} onChange={setPart} />
            <button type="button" className="btn btn-sm" onClick={() => change(addPart(project, part, true))}>
              Add it in the band
            </button>
            <button type="button" className="btn btn-sm" onClick={() => change(addPart(project, part, false))}>
              Add it beside
            </button>
          </div>
          {(off.length > 0 || offSections.length > 0) && (
            <>
              <h2 className="mt-4 text-lg">Beside the band: loops, tails, ends, joins and sliders</h2>
              <ul className="border-t hair">
                {[...off, ...offSections].map(({ id }, i) => (
                  <li key={`${id} ${i}`} className="flex items-start border-b hair py-2">
                    <div className="min-w-0 flex-1">{fieldsOf(id)}</div>
                    <button
                      type="button"
                      className="btn btn-ghost btn-xs"
                      onClick={() => change(removeItem(project, id))}
                      aria-label={`Take ${id} out`}
                    >
                      ✕
                    </button>
                  </li>
                ))}
              </ul>
            </>
          )}
          <h2 className="mt-4 text-lg">Beads and hardware</h2>
          <HardwareList model={model} catalogue={catalogue} />
          <label className="mt-3 block">
            <span className="text-sm">Tools at the seat, apart by commas, beside what the parts take</span>
            <TextCell
              label="Tools at the seat"
              className="border hair"
              value={(project.tools ?? []).join(', ')}
              placeholder="clip, pin board"
              maxLength={300}
              onChange={(text) => change(setTools(project, text))}
            />
          </label>
          <h2 className="mt-4 text-lg">What a seat may choose</h2>
          <OptionFields model={model} />
          <h2 className="mt-4 text-lg">Cords: which strand works where</h2>
          <CordList model={model} catalogue={catalogue} />
        </div>
        <Guard what="The piece as it stands" of={project}>
          <Preview project={project} catalogue={catalogue} settings={settings} units={units} />
        </Guard>
      </div>
    </main>
  );
}
