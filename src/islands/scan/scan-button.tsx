import { ScanLine } from 'lucide-react';
import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { pathOfCode, readLabelCode, type LabelCode } from '../../core/kit';

const Camera = lazy(async () => ({ default: (await import('./camera')).Camera }));

/** A button that reads a label’s code by the camera, and opens its seat or lot; or does with it what the page does. */
export function ScanButton({
  onCode = (code) => {
    window.location.assign(pathOfCode(code));
    return null;
  },
  className = 'btn btn-sm',
}: {
  /** Answers what speaks against it, where it is not one for this page. */
  onCode?: (code: LabelCode) => string | null;
  className?: string;
}) {
  const [open, setOpen] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    if (open) dialog.current?.showModal();
    else dialog.current?.close();
  }, [open]);
  const read = (text: string): void => {
    const code = readLabelCode(text);
    const wrong = code ? onCode(code) : 'This code is not on a label of Lapboard’s.';
    setProblem(wrong);
    if (wrong === null) setOpen(false);
  };
  return (
    <>
      <button
        type="button"
        className={className}
        onClick={() => {
          setProblem(null);
          setOpen(true);
        }}
      >
        <ScanLine size={16} aria-hidden="true" /> Read a label
      </button>
      <dialog ref={dialog} className="modal" aria-labelledby="scan-title" onClose={() => setOpen(false)}>
        <div className="modal-box max-w-lg border hair bg-base-100 p-0">
          <div className="flex items-center justify-between gap-3 px-4 py-2">
            <h2 id="scan-title" className="text-xl">
              Hold a label before the camera
            </h2>
            <button type="button" className="btn h-11" onClick={() => setOpen(false)}>
              Close
            </button>
          </div>
          {open && (
            <Suspense fallback={<p className="p-4">Opening the camera…</p>}>
              <Camera onText={read} />
            </Suspense>
          )}
          <p role="status" className="px-4 py-2 text-base font-semibold empty:hidden">
            {problem}
          </p>
        </div>
      </dialog>
    </>
  );
}
