import { CircleHelp, Moon, Ruler, Search, Sun } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { Units } from '../../core/measure';
import { metric, remember, switchUnits } from '../../ui/words/units';

import { FindDialog } from './find-dialog';
import type { Action } from './palette';
import { noteRecent } from './recent';

type Theme = 'linen' | 'walnut';

const KEYS: readonly (readonly [string, string])[] = [
  ['1 2 3 4 5 6', 'Seats, Fit, Cut, Kit, Bench, Wrap-up'],
  ['n', 'New seat'],
  ['[ ]', 'Seat before, seat after'],
  ['u', 'Centimetres or inches'],
  ['p', 'Print the cut sheet'],
  ['/', 'Find anything'],
  ['Ctrl Z', 'Undo'],
  ['↑ ↓ ← →', 'Move between the fields of a table'],
  ['Esc', 'Leave a field, close the tray'],
  ['?', 'These keys'],
];

const PLACES: readonly Action[] = [
  { title: 'Today', href: '/' },
  { title: 'Plan a session', href: '/sessions#new' },
  { title: 'All sessions', href: '/sessions' },
  { title: 'People', href: '/people' },
  { title: 'Projects', href: '/projects' },
  { title: 'Compose a project', href: '/composer/new' },
  { title: 'The shelf', href: '/shelf' },
  { title: 'What is short, and what to order', href: '/shelf?view=outlook' },
  { title: 'The ledger', href: '/shelf?view=ledger' },
  { title: 'Records, and the studio’s own figures', href: '/records' },
  { title: 'Settings', href: '/settings' },
];

/** What every page has at the foot of the rail: units, theme, and the list of keys. */
export function Chrome({ units: firstUnits, theme: firstTheme }: { units: Units; theme: Theme }) {
  const [units, setUnits] = useState(firstUnits);
  const [theme, setTheme] = useState(firstTheme);
  const dialog = useRef<HTMLDialogElement>(null);
  const [finding, setFinding] = useState(false);
  const isMetric = units !== 'in';
  const nextUnits = isMetric ? 'in' : metric();
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
  useEffect(() => {
    const title = document.title.replace(/ · Lapboard$/, '');
    noteRecent({ title, href: window.location.pathname });
  }, []);
  const actions: Action[] = [
    ...PLACES,
    { title: `Write lengths in ${isMetric ? 'inches' : 'centimetres'}`, run: toggleUnits },
    { title: `The ${nextTheme === 'walnut' ? 'dark theme, walnut' : 'light theme, linen'}`, run: toggleTheme },
    { title: 'All keys', run: () => dialog.current?.showModal() },
  ];
  useHotkeys('u', toggleUnits);
  useHotkeys('?', () => dialog.current?.showModal(), { useKey: true });
  // By what it writes: on many keyboards these are not the key of their own that the name of a code means.
  useHotkeys('/', () => setFinding(true), { useKey: true, preventDefault: true });

  const button =
    'flex w-full flex-col items-center gap-0.5 py-2 text-xs hover:bg-base-300/60 narrow:w-12 narrow:shrink-0 narrow:pt-2 narrow:pb-1';
  return (
    <>
      <button type="button" className={button} onClick={() => setFinding(true)} title="/">
        <Search size={19} aria-hidden="true" />
        Find
      </button>
      <FindDialog open={finding} actions={actions} onClose={() => setFinding(false)} />
      <button
        type="button"
        className={`${button} max-sm:hidden`}
        onClick={toggleUnits}
        title="u"
        aria-label={`${isMetric ? 'cm' : 'inches'}: change from ${isMetric ? 'centimetres to inches' : 'inches to centimetres'}`}
      >
        <Ruler size={19} aria-hidden="true" />
        {isMetric ? 'cm' : 'inches'}
      </button>
      <button
        type="button"
        className={`${button} max-sm:hidden`}
        onClick={toggleTheme}
        aria-label={`${theme}: change the theme to ${nextTheme}`}
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
