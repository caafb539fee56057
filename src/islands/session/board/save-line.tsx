import { Check, CloudOff, Loader, Undo2, UserRoundX } from 'lucide-react';
import type { SaveState, SessionModel } from '../model/use-session';

const WORDS: Record<SaveState, string> = {
  saved: 'All saved',
  saving: 'Saving…',
  away: 'Not saved: the server cannot be reached. What you typed is kept here and saved when it is back.',
  conflict: 'Not saved: see below.',
};
const ICONS = { saved: Check, saving: Loader, away: CloudOff, conflict: UserRoundX } as const;

/** Whether everything is stored, in words, and the way back. */
export function SaveLine({ model }: { model: SessionModel }) {
  const { saveState, undo, undoable } = model;
  const Icon = ICONS[saveState];
  const bad = saveState === 'away' || saveState === 'conflict';
  return (
    <div className="flex items-center gap-3 text-sm">
      <p
        role="status"
        data-save={saveState}
        className={`flex items-center gap-1.5 ${bad ? 'border border-error px-2 py-0.5 font-semibold text-error' : 'quiet'}`}
      >
        <Icon size={15} aria-hidden="true" /> {WORDS[saveState]}
      </p>
      <button type="button" className="btn btn-ghost btn-sm" onClick={undo} disabled={undoable === 0} title="Ctrl Z">
        <Undo2 size={15} aria-hidden="true" /> Undo
      </button>
    </div>
  );
}
