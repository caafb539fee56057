import { CircleHelp, Moon, Ruler, Sun } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { Units } from '../../core/measure';
import { remember, switchUnits } from '../../ui/words/units';

type Theme = 'linen' | 'walnut';

const KEYS: readonly (readonly [string, string])[] = [
  ['1 2 3 4 5 6', 'Seats, Fit, Cut, Kit, Bench, Wrap-up'],
  ['n', 'New seat'],
  ['[ ]', 'Seat before, seat after'],
  ['u', 'Centimetres or inches'],
  ['p', 'Print the cut sheet'],
  ['/', 'Find'],
  ['Ctrl Z', 'Undo'],
  ['↑ ↓ ← →', 'Move between the fields of a table'],
  ['Esc', 'Leave a field, close the tray'],
  ['?', 'These keys'],
];

/** What every page has at the foot of the rail: units, theme, and the list of keys. */
export function Chrome({ units: firstUnits, theme: firstTheme }: { units: Units; theme: Theme }) {
  const [units, setUnits] = useState(firstUnits);
  const [theme, setTheme] = useState(firstTheme);
  const dialog = useRef<HTMLDialogElement>(null);
  const nextUnits = units === 'cm' ? 'in' : 'cm';
  const nextTheme = theme === 'linen' ? 'walnut' : 'linen';

  function toggleUnits() {
    setUnits(nextUnits);
    switchUnits(nextUnits);
  }
  function toggleTheme() {
    setTheme(nextTheme);
    remember('theme', nextTheme);
  }
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);
  useHotkeys('u', toggleUnits);
  useHotkeys('?', () => dialog.current?.showModal(), { useKey: true });
  // By what it writes: on many keyboards these are not the key of their own that the name of a code means.
  useHotkeys('/', () => document.querySelector<HTMLElement>('[data-find]')?.focus(), {
    useKey: true,
    preventDefault: true,
  });

  const button =
    'flex w-full flex-col items-center gap-0.5 py-2 text-xs hover:bg-base-300/60 narrow:w-12 narrow:shrink-0 narrow:pt-2 narrow:pb-1 narrow:text-[11px]';
  return (
    <>
      <button
        type="button"
        className={button}
        onClick={toggleUnits}
        title="u"
        aria-label={`Units: ${units === 'cm' ? 'centimetres' : 'inches'}. Change to ${nextUnits === 'cm' ? 'centimetres' : 'inches'}`}
      >
        <Ruler size={19} aria-hidden="true" />
        {units === 'cm' ? 'cm' : 'inches'}
      </button>
      <button
        type="button"
        className={button}
        onClick={toggleTheme}
        aria-label={`Theme: ${theme}. Change to ${nextTheme}`}
      >
        {theme === 'linen' ? <Sun size={19} aria-hidden="true" /> : <Moon size={19} aria-hidden="true" />}
        {theme}
      </button>
      <button type="button" className={`${button} max-sm:hidden`} onClick={() => dialog.current?.showModal()} title="?">
        <CircleHelp size={19} aria-hidden="true" />
        Keys
      </button>
      <dialog ref={dialog} className="modal" aria-labelledby="keys-title">
        <div className="modal-box max-w-md border hair bg-base-100">
          <h2 id="keys-title" className="mb-2 text-xl">
            Keys
          </h2>
          <table className="sheet">
            <tbody>
              {KEYS.map(([key, does]) => (
                <tr key={key}>
                  <th scope="row" className="border-b-0! font-mono">
                    {key}
                  </th>
                  <td>{does}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="quiet mt-2 text-sm">Keys work when no field is being written in; Esc leaves a field.</p>
          <form method="dialog" className="mt-3 text-right">
            <button className="btn btn-sm">Close</button>
          </form>
        </div>
      </dialog>
    </>
  );
}
