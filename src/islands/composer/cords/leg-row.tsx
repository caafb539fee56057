import { ChevronRight } from 'lucide-react';
import { changeCord, setHeld } from '../edit-project';
import type { ComposerModel } from '../use-composer';
import { RouteEditor } from './route-editor';
import { stepWords } from './step-words';

/** A leg of a cord: its way in words, or open to be changed step by step. */
export function LegRow({
  model,
  cord,
  leg,
  isOpen,
  onOpen,
}: {
  model: ComposerModel;
  cord: number;
  leg: number;
  isOpen: boolean;
  onOpen: (isOpen: boolean) => void;
}) {
  const { project, change } = model;
  const { legs } = project.cords[cord]!;
  const { route, held } = legs[leg]!;
  const name = `leg ${leg + 1} of cord ${cord + 1}`;
  return (
    <div className="mt-1 flex items-baseline gap-2 max-sm:flex-wrap">
      <button
        type="button"
        className="btn btn-ghost btn-xs shrink-0 gap-1 px-1 font-normal"
        aria-expanded={isOpen}
        aria-label={`Change the way of ${name}`}
        onClick={() => onOpen(!isOpen)}
      >
        <ChevronRight size={14} aria-hidden="true" className={isOpen ? 'rotate-90' : undefined} />
        Leg {leg + 1}
      </button>
      {isOpen ? (
        <RouteEditor model={model} cord={cord} leg={leg} />
      ) : (
        <p className="min-w-0 flex-1 text-sm">{route.map(stepWords).join(', ')}</p>
      )}
      <label className="inline-flex shrink-0 items-center gap-1 text-sm">
        <input
          type="checkbox"
          className="checkbox checkbox-xs"
          aria-label={`Leg ${leg + 1} of cord ${cord + 1} is held`}
          checked={held ?? false}
          onChange={(event) => change(setHeld(project, cord, leg, event.target.checked))}
        />
        <span className="quiet">held</span>
      </label>
      {legs.length > 1 && (
        <button
          type="button"
          className="btn btn-ghost btn-xs"
          onClick={() => {
            onOpen(false);
            change(changeCord(project, cord, { legs: legs.filter((_, k) => k !== leg) }));
          }}
          aria-label={`Take ${name} out`}
        >
          ✕
        </button>
      )}
    </div>
  );
}
