import { lazy, Suspense, useEffect, useRef } from 'react';
import type { Action } from './palette';

const Palette = lazy(async () => ({ default: (await import('./palette')).Palette }));

/** The dialog that anything is found in; what it needs is fetched when it is first opened. */
export function FindDialog({
  open,
  actions,
  onClose,
}: {
  open: boolean;
  actions: readonly Action[];
  onClose: () => void;
}) {
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    if (open) dialog.current?.showModal();
    else dialog.current?.close();
  }, [open]);
  return (
    <dialog
      ref={dialog}
      className="modal modal-top"
      aria-label="Find anything"
      onClose={onClose}
      onClick={(event) => event.target === event.currentTarget && onClose()}
    >
      <div className="modal-box mx-auto mt-[8vh] max-w-2xl border hair bg-base-100 p-0 shadow-none">
        {open && (
          <Suspense fallback={<p className="p-3">Opening…</p>}>
            <Palette actions={actions} onDone={onClose} />
          </Suspense>
        )}
      </div>
    </dialog>
  );
}
