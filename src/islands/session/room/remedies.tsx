import { useEffect, useRef, useState } from 'react';
import { formatTotal, type Units } from '../../../core/measure';
import type { Cost, Remedy } from '../../../core/remedy';
import { money, number } from '../../../ui/words/region';
import { Wide } from '../../../ui/wide';
import { startRemedies } from '../../../workers/room';
import type { SessionModel } from '../model/use-session';

/** What a remedy costs, in words. */
export function costInWords(cost: Cost, units: Units): string {
  const { cord_mm = 0, preparing, adults, minutes, early, money: paid } = cost;
  const parts = [
    cord_mm > 0 && `${formatTotal(cord_mm, units)} more cord`,
    cord_mm < 0 && `${formatTotal(-cord_mm, units)} less cord`,
    preparing !== undefined && `${Math.ceil(preparing)} min of preparation`,
    adults && 'one more adult',
    minutes && `${minutes} min more of the room`,
    early && `${early} to ask to come early`,
    paid && money(paid),
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(', ') : 'nothing more';
}

type State =
  | { readonly kind: 'idle' }
  | { readonly kind: 'trying'; readonly tried: number; readonly of: number }
  | { readonly kind: 'tried'; readonly all: readonly Remedy[]; readonly view: SessionModel['view'] }
  | { readonly kind: 'failed'; readonly why: string };

/** What would help the room, tried in a worker when it is asked for; each done by one press, and undone as everything is. */
export function Remedies({ model, units }: { model: SessionModel; units: Units }) {
  const [state, setState] = useState<State>({ kind: 'idle' });
  const stop = useRef<(() => void) | null>(null);
  useEffect(() => () => stop.current?.(), []);
  const { view } = model;
  const { held_on, starts_at } = view.session;
  const ask = () => {
    const hasBegun = new Date(`${held_on}T${starts_at ?? '23:59'}`) <= new Date();
    setState({ kind: 'trying', tried: 0, of: 1 });
    const trying = startRemedies(view, hasBegun, (tried, of) =>
      setState((now) => (now.kind === 'trying' ? { kind: 'trying', tried, of } : now)),
    );
    stop.current = trying.stop;
    trying.done.then(
      (all) => setState(all ? { kind: 'tried', all, view } : { kind: 'idle' }),
      (error: Error) => setState({ kind: 'failed', why: error.message }),
    );
  };
  const isOld = state.kind === 'tried' && state.view !== view;
  return (
    <section aria-label="What would help" className="px-4 py-3">
      <div className="flex items-center gap-3">
        <h2 className="text-lg">What would help</h2>
        {state.kind === 'trying' ? (
          <>
            <progress
              className="progress progress-primary w-40"
              value={state.tried}
              max={state.of}
              aria-label="Tried"
            />
            <button type="button" className="btn btn-sm" onClick={() => stop.current?.()}>
              Stop
            </button>
          </>
        ) : (
          <button type="button" className="btn btn-sm" onClick={ask}>
            {state.kind === 'idle' ? 'Try what would help' : 'Try again'}
          </button>
        )}
        {isOld && <span className="quiet text-sm">The session has changed since.</span>}
      </div>
      {state.kind === 'failed' && <p className="text-sm text-error">It could not be tried: {state.why}.</p>}
      {state.kind === 'tried' && state.all.length === 0 && (
        <p className="text-sm">Nothing that is known here would let more finish.</p>
      )}
      {state.kind === 'tried' && state.all.length > 0 && (
        <Wide label="What would help, as a table" className="mt-2 max-w-4xl text-sm">
          <table className="sheet">
            <caption className="sr-only">What would help, the most first</caption>
            <thead>
              <tr>
                <th scope="col">What</th>
                <th scope="col" className="num">
                  More finish
                </th>
                <th scope="col" className="num">
                  In all
                </th>
                <th scope="col">It takes</th>
                <th scope="col">
                  <span className="sr-only">Do it</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {state.all.map((remedy) => (
                <tr key={remedy.slug}>
                  <td>{remedy.what}</td>
                  <td className="num font-semibold">+{number(remedy.more, 1)}</td>
                  <td className="num">{number(remedy.finishing, 1)}</td>
                  <td>{costInWords(remedy.cost, units)}</td>
                  <td className="text-right">
                    <button
                      type="button"
                      className="btn btn-sm"
                      disabled={isOld}
                      aria-label={`Do it: ${remedy.what}`}
                      onClick={() => model.act(remedy.operation)}
                    >
                      Do it
                    </button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </Wide>
      )}
    </section>
  );
}
