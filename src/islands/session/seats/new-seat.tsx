import { useState } from 'react';
import type { Units } from '../../../core/measure';
import type { KnownPerson } from '../../../core/person';
import { useTypedEarly } from '../../../ui/fields/use-typed-early';
import { request } from '../../../ui/api';
import { knownWords } from './known-words';
import type { SessionModel } from '../model/use-session';

/** One more seat by name. Where somebody of that name is known, it asks who it is. */
export function NewSeat({ model, units }: { model: SessionModel; units: Units }) {
  const [name, setName] = useState('');
  const frame = useTypedEarly<HTMLLabelElement>(name, setName);
  const [asked, setAsked] = useState<readonly KnownPerson[]>([]);
  const { catalogue } = model.view.studio;
  const add = (person_id: string | null) => {
    model.act({ kind: 'add', seats: [{ id: crypto.randomUUID(), name: name.trim().slice(0, 120), person_id }] });
    setName('');
    setAsked([]);
  };
  async function submit() {
    if (!name.trim()) return;
    const seated = new Set(model.seats.map(({ record }) => record.person_id));
    // While the server is away nobody can be looked up: somebody new, who can be joined with a known person later.
    const known = await request<KnownPerson[]>('GET', `/api/people?named=${encodeURIComponent(name.trim())}`).catch(
      () => [],
    );
    const open = known.filter(({ id }) => !seated.has(id));
    if (open.length === 0) add(null);
    else setAsked(open);
  }
  return (
    <form
      className="flex flex-wrap items-center gap-2 px-4 py-3"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <label ref={frame} className="flex items-center gap-2">
        <span className="quiet text-sm">One more seat</span>
        <input
          className="input input-sm w-60"
          value={name}
          onChange={(event) => {
            setName(event.target.value);
            setAsked([]);
          }}
          placeholder="Name"
          data-new-seat
          autoComplete="off"
        />
      </label>
      <button type="submit" className="btn btn-sm" disabled={!name.trim()}>
        Add seat
      </button>
      {asked.length > 0 && (
        <div role="group" aria-label={`Who ${name.trim()} is`} className="flex flex-wrap items-center gap-2 text-sm">
          {asked.map((person) => (
            <button key={person.id} type="button" className="btn btn-sm" onClick={() => add(person.id)}>
              Known: {knownWords(person, units, catalogue)}
            </button>
          ))}
          <button type="button" className="btn btn-sm" onClick={() => add(null)}>
            Somebody new
          </button>
        </div>
      )}
    </form>
  );
}
