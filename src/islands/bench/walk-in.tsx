import { useState, type SyntheticEvent } from 'react';
import type { NewSeat } from '../../core/seat';
import { WRIST, type Units } from '../../core/measure';
import { problemOf, request } from '../../ui/api';
import { newId } from '../../ui/new-id';
import { LengthField } from '../../ui/fields/length-field';
import type { BenchModel } from './model/use-bench';

/** Somebody who walked in: a name, a wrist, and a piece like somebody's here or any project as it starts. */
export function WalkIn({ model, units, onClose }: { model: BenchModel; units: Units; onClose: () => void }) {
  const { view, seats, say, reload } = model;
  const [name, setName] = useState('');
  const [wrist, setWrist] = useState<number | null>(null);
  const [age, setAge] = useState('');
  const [like, setLike] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  const [id] = useState(newId);
  const projects = Object.values(view.studio.catalogue.projects).filter(({ slug }) => !slug.includes('@'));

  async function seatThem(event: SyntheticEvent): Promise<void> {
    event.preventDefault();
    const years = age.trim() === '' ? null : Number(age);
    if (name.trim() === '') return setProblem('Who is it? Write a name.');
    if (years !== null && !(Number.isInteger(years) && years > 0 && years < 121))
      return setProblem('An age is whole years.');
    const likeness = seats.find((seat) => seat.id === like)?.record;
    const seat: NewSeat = {
      id,
      name: name.trim(),
      age: years,
      ...(wrist !== null && { wrist_mm: wrist, wrist_method: 'tape' as const }),
      ...(likeness
        ? { project: likeness.project, options: likeness.options, cords: likeness.cords, skill: 'new' as const }
        : like !== '' && { project: like, skill: 'new' as const }),
    };
    setBusy(true);
    try {
      await request('POST', `/api/bench/${view.session.id}/seats`, { seats: [seat] });
      await reload();
      say('here', id);
      onClose();
    } catch (failed) {
      setProblem(problemOf(failed).message);
      setBusy(false);
    }
  }
  return (
    <form
      onSubmit={(event) => void seatThem(event)}
      className="mb-2 flex flex-wrap items-end gap-3 border hair bg-base-200 p-3 text-base"
      aria-label="Somebody who walked in"
    >
      <label className="min-w-40 flex-1">
        Name
        <input
          className="input h-11 w-full text-lg"
          value={name}
          maxLength={80}
          onChange={({ target }) => setName(target.value)}
          autoFocus
        />
      </label>
      <label className="w-28">
        Wrist
        <LengthField label="Wrist" value={wrist} units={units} girth={WRIST} onChange={setWrist} className="thumb" />
      </label>
      <label className="w-20">
        Age
        <input
          className="input h-11 w-full text-lg"
          inputMode="numeric"
          value={age}
          onChange={({ target }) => setAge(target.value)}
        />
      </label>
      <label className="min-w-48 flex-1">
        Makes
        <select className="select h-11 w-full text-lg" value={like} onChange={({ target }) => setLike(target.value)}>
          <option value="">not chosen yet</option>
          <optgroup label="The same as">
            {seats.map((seat, i) => (
              <option key={seat.id} value={seat.id}>
                {i + 1} {seat.plan.label}: {seat.plan.piece?.project.name ?? 'no project'}
              </option>
            ))}
          </optgroup>
          <optgroup label="Or">
            {projects.map(({ slug, name: called }) => (
              <option key={slug} value={slug}>
                {called}
              </option>
            ))}
          </optgroup>
        </select>
      </label>
      <span className="flex gap-2">
        <button type="submit" className="btn btn-primary h-11 text-base" disabled={isBusy}>
          Seat them
        </button>
        <button type="button" className="btn h-11 text-base" onClick={onClose}>
          Cancel
        </button>
      </span>
      {problem && (
        <p role="alert" className="w-full text-error">
          {problem}
        </p>
      )}
    </form>
  );
}
