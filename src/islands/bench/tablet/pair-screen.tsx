import { useState, type SyntheticEvent } from 'react';
import { problemOf, request } from '../../../ui/api';

/** Where a tablet is paired: the code that the instructor's screen shows. */
export function PairScreen() {
  const [code, setCode] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  async function pair(event: SyntheticEvent): Promise<void> {
    event.preventDefault();
    setBusy(true);
    try {
      await request('POST', '/api/pair', { code });
      window.location.assign('/bench');
    } catch (failed) {
      setProblem(problemOf(failed).message);
      setBusy(false);
    }
  }
  return (
    <form onSubmit={(event) => void pair(event)} className="mx-auto max-w-md space-y-4 p-6 text-xl">
      <h1 className="text-3xl">Pair this tablet</h1>
      <label className="block">
        The code on the instructor’s screen
        <input
          className="input mt-1 h-16 w-full font-display text-3xl tracking-[0.15em] uppercase"
          value={code}
          maxLength={12}
          autoComplete="off"
          autoCapitalize="characters"
          onChange={({ target }) => setCode(target.value)}
        />
      </label>
      {problem && (
        <p role="alert" className="text-error">
          {problem}
        </p>
      )}
      <button type="submit" className="btn btn-primary h-16 w-full text-2xl" disabled={isBusy || code.trim() === ''}>
        Pair
      </button>
    </form>
  );
}
