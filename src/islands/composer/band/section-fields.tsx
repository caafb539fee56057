import type { Project, ProjectSection } from '../../../core/project';
import { STITCHES } from '../../../core/stitch';
import { ClosureCount } from './closure-count';
import { changeSection, mirrorSection } from '../edit-project';
import { Count, Pick } from '../fields';
import type { ComposerModel } from '../use-composer';

const STITCH_OPTIONS = Object.values(STITCHES).map(({ slug, name }) => [slug, name] as const);

/** How far a section goes: it fills, it is counted, or it has a length of its own. */
function howFar(project: Project): (readonly [string, string])[] {
  return [
    ['fill', 'fills to length'],
    ['fixed', 'a fixed count'],
    ['slider', 'as long as a slider'],
    ...project.hardware.map(({ id }) => [`over:${id}`, `a slit that ${id} passes`] as const),
  ];
}
const kindOf = ({ count }: ProjectSection): string =>
  count === 'fill' ? 'fill' : typeof count === 'number' ? 'fixed' : 'over' in count ? `over:${count.over}` : 'slider';

/** Whether the section laid out before one fills the band, so that both can repeat by turns. */
const fillsBefore = ({ layout, sections }: Project, id: string): boolean =>
  sections.some((section) => section.id === layout[layout.indexOf(id) - 1] && section.count === 'fill');

/** A section of the band: its stitches in turn, how far it goes, and the beads strung in it. */
export function SectionFields({ model, index }: { model: ComposerModel; index: number }) {
  const { project, change } = model;
  const section = project.sections[index]!;
  const set = (changes: Partial<ProjectSection>) => change(changeSection(project, index, changes));
  const beadOptions = [['', 'no bead'] as const, ...project.hardware.map(({ id }) => [id, id] as const)];
  return (
    <div>
      <p className="font-semibold">
        {section.id} <span className="quiet font-normal">section</span>
      </p>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        {section.runs.map((run, i) => (
          <span key={i} className="inline-flex flex-wrap items-center gap-1">
            <Pick
              label={i === 0 ? 'Stitch' : 'then'}
              value={run.stitch}
              options={STITCH_OPTIONS}
              onChange={(stitch) => set({ runs: section.runs.map((r, k) => (k === i ? { ...r, stitch } : r)) })}
            />
            <Count
              label="×"
              value={run.times}
              max={200}
              onChange={(times) => set({ runs: section.runs.map((r, k) => (k === i ? { ...r, times } : r)) })}
            />
            {section.runs.length > 1 && (
              <button
                type="button"
                className="btn btn-ghost btn-xs"
                onClick={() => set({ runs: section.runs.filter((_, k) => k !== i) })}
                aria-label={`Take stitch ${i + 1} out of ${section.id}`}
              >
                ✕
              </button>
            )}
          </span>
        ))}
        <button
          type="button"
          className="btn btn-xs"
          disabled={section.runs.length >= 6}
          onClick={() => set({ runs: [...section.runs, { stitch: 'square-knot', times: 2 }] })}
        >
          Add a stitch to the repeat
        </button>
      </div>
      <div className="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1">
        <Pick
          label="It"
          value={kindOf(section)}
          options={howFar(project)}
          onChange={(kind) =>
            set({
              joins: kind === 'fill' ? section.joins : undefined,
              count:
                kind === 'fill'
                  ? 'fill'
                  : kind === 'fixed'
                    ? 4
                    : kind === 'slider'
                      ? { length: 'slider' }
                      : { over: kind.slice(5) },
            })
          }
        />
        {typeof section.count === 'number' && (
          <Count label="Count" value={section.count} max={500} onChange={(count) => set({ count })} />
        )}
        {section.runs.some(({ stitch }) => (STITCHES[stitch]?.beads ?? 0) > 0) && (
          <Pick
            label="Bead"
            value={section.beads?.[0] ?? ''}
            options={beadOptions}
            onChange={(bead) => set({ beads: bead ? [bead, ...(section.beads?.slice(1) ?? [])] : undefined })}
          />
        )}
        <Count
          label="Arms"
          value={section.arms ?? 1}
          max={4}
          onChange={(arms) => set({ arms: arms === 1 ? undefined : arms })}
        />
        {section.count === 'fill' && (section.joins || fillsBefore(project, section.id)) && (
          <label className="inline-flex items-center gap-1">
            <input
              type="checkbox"
              className="checkbox checkbox-xs"
              checked={section.joins ?? false}
              onChange={({ target }) => set({ joins: target.checked || undefined })}
            />
            repeats by turns with the section before it
          </label>
        )}
        {section.count !== 'fill' && <ClosureCount model={model} id={section.id} />}
        <button type="button" className="btn btn-xs" onClick={() => change(mirrorSection(project, section.id))}>
          Same again at the other end
        </button>
      </div>
    </div>
  );
}
