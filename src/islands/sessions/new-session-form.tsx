import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import type { NewSession } from '../../core/session';
import { WhenField } from '../../ui/fields/when-field';
import { problemOf, request } from '../../ui/api';

/** The form for a new session: a name and a day are enough. */
export function NewSessionForm({ today }: { today: string }) {
  const { register, handleSubmit, formState, setValue, control } = useForm<{
    title: string;
    held_on: string;
    starts_at: string;
    place: string;
  }>({
    defaultValues: { title: '', held_on: today, starts_at: '', place: '' },
  });
  const [on, at] = useWatch({ control, name: ['held_on', 'starts_at'] });
  const held = ({ day, time }: { day?: string; time?: string | null }) => {
    if (day !== undefined) setValue('held_on', day);
    if (time !== undefined) setValue('starts_at', time ?? '');
  };
  const [problem, setProblem] = useState<string | null>(null);
  const [id] = useState(() => crypto.randomUUID());
  async function create({ starts_at, ...given }: { title: string; held_on: string; starts_at: string; place: string }) {
    setProblem(null);
    try {
      const session: NewSession = { ...given, ...(starts_at && { starts_at }) };
      await request('POST', '/api/sessions', { id, session });
      window.location.assign(`/sessions/${id}/seats`);
    } catch (error) {
      setProblem(`${problemOf(error).message} Nothing you wrote is lost; try again.`);
    }
  }
  return (
    <form
      id="new"
      noValidate
      onSubmit={(event) => {
        // A day that could not be read says so under its field.
        if (event.currentTarget.checkValidity()) void handleSubmit(create)(event);
        else event.preventDefault();
      }}
      className="mt-3 flex flex-wrap items-end gap-3 border-y hair bg-base-200 px-4 py-3"
      aria-label="New session"
    >
      <label className="block">
        <span className="block text-sm">New session</span>
        <input
          className="input w-64"
          placeholder="Name"
          maxLength={120}
          autoComplete="off"
          aria-invalid={Boolean(formState.errors.title)}
          {...register('title', { validate: (v) => v.trim() !== '' || 'Give the session a name.' })}
        />
      </label>
      <div>
        <span className="block text-sm">Day</span>
        <WhenField label="Day" shows="day" value={on} onRead={held} className="input w-44" />
      </div>
      <div>
        <span className="block text-sm">Start</span>
        <WhenField label="Start" shows="time" value={at || null} onRead={held} className="input w-28" />
      </div>
      <label className="block">
        <span className="block text-sm">Place</span>
        <input className="input w-48" maxLength={120} autoComplete="off" {...register('place')} />
      </label>
      <button type="submit" className="btn btn-primary" disabled={formState.isSubmitting}>
        Plan it
      </button>
      <p role="alert" className="w-full font-semibold text-error empty:hidden">
        {problem ?? formState.errors.title?.message}
      </p>
    </form>
  );
}
