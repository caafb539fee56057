import { useEffect, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { Units } from '../../core/measure';
import { PARTS } from '../../core/part';
import type { Catalogue, Project } from '../../core/project';
import { wordOrder } from '../../core/region';
import type { Settings } from '../../core/studio';
import { Guard } from '../../ui/guard';
import type { MakingWords } from '../../core/making';
import { LatePart, LazyPart } from '../../ui/fields/lazy-part';
import { TextCell } from '../../ui/fields/text-cell';
import { useUnits } from '../../ui/words/units';
import { AboutFields } from './about-fields';
import { BandList } from './band/band-list';
import { ComposerHead } from './composer-head';
import { useKeeping } from './use-keeping';
import { CordList } from './cords/cord-list';
import { addPart, addSection, removeItem, setTools } from './edit-project';
import { Pick } from './fields';
import { HardwareList } from './hardware-list';
import { MakingList } from './making-list';
import { OptionFields } from './option-fields';
import { PartFields } from './band/part-fields';
import { PieceOnTop } from './piece-on-top';
import { Preview } from './preview';

import { FIRST_TRIAL, type Trial } from './trial';
import { SectionFields } from './band/section-fields';
import { useComposer } from './use-composer';

const PART_NAMES = Object.values(PARTS)
  .map(({ slug, name }) => [slug, name] as const)
  .sort(([, a], [, b]) => wordOrder(a, b));

/** Composes a project from starts, sections and finishes; the piece beside it follows as one goes. */
export function Composer({
  first,
  base: firstBase,
  drawn,
  catalogue,
  settings,
  words,
  units: firstUnits,
}: {
  first: Project;
  /** The revision it is changed from; null for a new project. */
  base: number | null;
  /** The project whose drawings on the server are those of `first`; null where there is none yet. */
  drawn: string | null;
  catalogue: Catalogue;
  settings: Settings;
  words: MakingWords;
  units: Units;
}) {
  const model = useComposer(first);
  const { project, change } = model;
  const units = useUnits(firstUnits);
  const keeping = useKeeping(model, firstBase, catalogue);
  const [part, setPart] = useState('through-bead');
  useHotkeys('mod+z', model.undo, { preventDefault: true });
  useEffect(() => {
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    if (model.changed) window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [model.changed]);

  const [trial, setTrial] = useState<Trial>(FIRST_TRIAL);
  const isAsDrawn = project === first && trial === FIRST_TRIAL && units === firstUnits;
  const files = drawn !== null && isAsDrawn ? `/strips/${drawn}/` : null;

  const off = project.parts.map((p, i) => ({ ...p, i })).filter(({ id }) => !project.layout.includes(id));
  const offSections = project.sections.map((s, i) => ({ ...s, i })).filter(({ id }) => !project.layout.includes(id));
  const fieldsOf = (id: string) => {
    const section = project.sections.findIndex((s) => s.id === id);
    if (section >= 0) return <SectionFields model={model} index={section} />;
    return <PartFields model={model} index={project.parts.findIndex((p) => p.id === id)} />;
  };
  return (
    <main className="px-6 py-4">
      <ComposerHead model={model} keeping={keeping} />
      <Guard what="The piece as it stands" of={project}>
        <PieceOnTop
          project={project}
          catalogue={catalogue}
          settings={settings}
          units={units}
          trial={trial}
          onTry={setTrial}
          files={files}
        />
      </Guard>
      <div className="grid grid-cols-[minmax(0,1fr)_27rem] narrow:grid-cols-[minmax(0,1fr)]">
        <div className="py-3">
          <AboutFields model={model} />
          <h2 className="mt-4 text-lg">The band, from start to finish</h2>
          <p className="quiet text-sm">Sections that fill share one count, so that both halves stay alike.</p>
          <BandList
            model={model}
            render={(id) => <LatePart turn={project.layout.indexOf(id)}>{fieldsOf(id)}</LatePart>}
          />
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
          <LazyPart turn={project.layout.length}>
            {(off.length > 0 || offSections.length > 0) && (
              <>
                <h2 className="mt-4 text-lg">Beside the band: loops, tails, ends, joins and sliders</h2>
                <ul className="border-t hair">
                  {[...off, ...offSections].map(({ id }, i) => (
                    <li key={`${id} ${i}`} className="flex items-start border-b hair py-2 narrow:flex-wrap">
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
          </LazyPart>
          <LazyPart turn={project.layout.length + 1}>
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
          </LazyPart>
          <LazyPart turn={project.layout.length + 2}>
            <h2 className="mt-4 text-lg">What a seat may choose</h2>
            <OptionFields model={model} />
          </LazyPart>
          <LazyPart turn={project.layout.length + 3}>
            <h2 className="mt-4 text-lg">Cords: which strand works where</h2>
            <CordList model={model} catalogue={catalogue} />
          </LazyPart>
          <LazyPart turn={project.layout.length + 4}>
            <h2 className="mt-4 text-lg">How it is made</h2>
            <MakingList model={model} catalogue={catalogue} settings={settings} trial={trial} words={words} />
          </LazyPart>
        </div>
        <Guard what="What it comes to" of={project}>
          <LatePart turn={1}>
            <Preview
              project={project}
              catalogue={catalogue}
              settings={settings}
              units={units}
              words={words}
              trial={trial}
              files={files}
            />
          </LatePart>
        </Guard>
      </div>
    </main>
  );
}
