import { ArrowDown, ArrowUp, Plus, Trash2 } from 'lucide-react';
import { builtMaking, type MakingWords } from '../../core/making';
import { ACT_PHASES, type Catalogue } from '../../core/project';
import type { Settings } from '../../core/studio';
import { addAct, changeAct, changeText, moveAct, removeAct } from './edit-making';
import { Pick } from './fields';
import { usePlan, type Trial } from './trial';
import type { ComposerModel } from './use-composer';

const PHASE_NAMES = ACT_PHASES.map((phase) => [phase, phase.replace('-', ' ')] as const);

/** How the piece is made, act by act, as a plain list; until it is edited it follows the strands and parts. */
export function MakingList({
  model,
  catalogue,
  settings,
  trial,
  words,
}: {
  model: ComposerModel;
  catalogue: Catalogue;
  settings: Settings;
  trial: Trial;
  words: MakingWords;
}) {
  const { project, change } = model;
  const plan = usePlan(project, catalogue, settings, trial);
  const { making } = project;
  if (!making)
    return (
      <p className="flex flex-wrap items-center gap-3">
        <span className="quiet text-sm">The making follows the strands and parts.</span>
        {typeof plan !== 'string' && plan.fit && (
          <button
            type="button"
            className="btn btn-sm"
            onClick={() => change({ ...project, making: builtMaking(plan, words) })}
          >
            Edit the making
          </button>
        )}
      </p>
    );
  const last = making.acts.length - 1;
  return (
    <>
      <p className="quiet text-sm">
        Figures of the seat stand in braces, as {'{band_length}'}. With other parts, sections or ways this making is
        dropped, and follows them again.
      </p>
      <ol className="border-t hair">
        {making.acts.map(({ id, phase, checkpoint }, i) => {
          const { text, right = '' } = making.texts.en[id]!;
          return (
            <li key={id} className="border-b hair py-2">
              <div className="flex flex-wrap items-center gap-2">
                <span className="w-7 text-right font-semibold">{i + 1}</span>
                <Pick
                  label="Phase"
                  value={phase}
                  options={PHASE_NAMES}
                  onChange={(own) => change(changeAct(project, i, { phase: own }))}
                />
                <label className="flex items-center gap-1 text-sm">
                  <input
                    type="checkbox"
                    className="checkbox checkbox-sm"
                    checked={checkpoint === true}
                    onChange={(event) => change(changeAct(project, i, { checkpoint: event.target.checked }))}
                  />
                  checkpoint
                </label>
                <span className="ml-auto flex">
                  <button
                    type="button"
                    className="btn btn-ghost btn-xs"
                    aria-label={`Move act ${i + 1} up`}
                    disabled={i === 0}
                    onClick={() => change(moveAct(project, i, i - 1))}
                  >
                    <ArrowUp size={16} aria-hidden="true" />
                  </button>
                  <button
                    type="button"
                    className="btn btn-ghost btn-xs"
                    aria-label={`Move act ${i + 1} down`}
                    disabled={i === last}
                    onClick={() => change(moveAct(project, i, i + 1))}
                  >
                    <ArrowDown size={16} aria-hidden="true" />
                  </button>
                  <button
                    type="button"
                    className="btn btn-ghost btn-xs"
                    aria-label={`Add an act behind ${i + 1}`}
                    onClick={() => change(addAct(project, i, 'What to do here.'))}
                  >
                    <Plus size={16} aria-hidden="true" />
                  </button>
                  <button
                    type="button"
                    className="btn btn-ghost btn-xs"
                    aria-label={`Remove act ${i + 1}`}
                    disabled={last === 0}
                    onClick={() => change(removeAct(project, i))}
                  >
                    <Trash2 size={16} aria-hidden="true" />
                  </button>
                </span>
              </div>
              <textarea
                key={`text ${text}`}
                className="textarea mt-1 w-full text-base"
                rows={3}
                maxLength={600}
                aria-label={`What to do in act ${i + 1}`}
                defaultValue={text}
                onBlur={(event) =>
                  event.target.value !== text && change(changeText(project, id, { text: event.target.value }))
                }
              />
              <input
                key={`right ${right}`}
                className="input input-sm mt-1 w-full"
                maxLength={600}
                aria-label={`What right looks like in act ${i + 1}`}
                placeholder="What right looks like"
                defaultValue={right}
                onBlur={(event) =>
                  event.target.value !== right && change(changeText(project, id, { right: event.target.value }))
                }
              />
            </li>
          );
        })}
      </ol>
    </>
  );
}
