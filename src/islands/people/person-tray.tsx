import { X } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { bareUnit, formatLength, parseGirth, WRIST, type Units } from '../../core/measure';
import type { Avoid } from '../../core/studio';
import type { PersonView } from '../../app/people/people';
import { WhenField } from '../../ui/fields/when-field';
import { day } from '../../ui/words/region';
import { problemOf, request } from '../../ui/api';
import { ErasePerson } from './erase-person';

interface Fields {
  name: string;
  age: string;
  nickel: boolean;
  synthetic: boolean;
  wrist: string;
  method: 'tape' | 'strip' | 'told';
  taken_on: string;
}

const fieldsOf = (person: PersonView, today: string): Fields => ({
  name: person.name,
  age: person.age === null ? '' : String(person.age),
  nickel: person.avoid.includes('nickel'),
  synthetic: person.avoid.includes('synthetic'),
  wrist: '',
  method: 'tape',
  taken_on: today,
});

/** One person beside the list: what is kept of them, their wrists over time, and a way to forget them. */
export function PersonTray({
  person,
  units,
  today,
  onSaved,
  onForgotten,
  onClose,
}: {
  person: PersonView;
  units: Units;
  today: string;
  onSaved: (person: PersonView) => void;
  onForgotten: () => void;
  onClose: () => void;
}) {
  const { register, handleSubmit, formState, reset, setValue, control } = useForm<Fields>({
    defaultValues: fieldsOf(person, today),
  });
  const taken = useWatch({ control, name: 'taken_on' });
  const [problem, setProblem] = useState<string | null>(null);
  const [asking, setAsking] = useState(false);
  const { errors } = formState;
  useEffect(() => reset(fieldsOf(person, today)), [person, today, reset]);

  async function save(fields: Fields) {
    setProblem(null);
    const avoid: Avoid[] = [
      ...(fields.nickel ? ['nickel' as const] : []),
      ...(fields.synthetic ? ['synthetic' as const] : []),
    ];
    const age = fields.age === '' ? null : Number(fields.age);
    const reading = fields.wrist.trim() ? parseGirth(fields.wrist, WRIST, bareUnit(units)) : null;
    const changes = {
      name: fields.name.trim(),
      ...(age !== person.age && { age }),
      avoid,
      ...(reading?.ok && {
        wrist: { mm: Math.round(reading.value.mm), method: fields.method, taken_on: fields.taken_on },
      }),
    };
    try {
      onSaved(await request<PersonView>('PATCH', `/api/people/${person.id}`, { version: person.version, changes }));
    } catch (error) {
      setProblem(problemOf(error).message);
    }
  }
  const wrong = problem ?? errors.name?.message ?? errors.age?.message ?? errors.wrist?.message;
  return (
    <aside aria-label={person.name} className="tray px-4 py-3">
      <header className="flex items-start justify-between">
        <h2 className="truncate text-xl">{person.name}</h2>
        <button type="button" className="btn btn-ghost btn-sm" onClick={onClose} aria-label="Close the tray">
          <X size={18} aria-hidden="true" />
        </button>
      </header>
      <form
        noValidate
        onSubmit={(event) => {
          // A day that could not be read says so under its field.
          if (event.currentTarget.checkValidity()) void handleSubmit(save)(event);
          else event.preventDefault();
        }}
        className="mt-2 space-y-2"
      >
        <label className="block">
          <span className="block text-sm">Name</span>
          <input
            className="input w-full"
            maxLength={120}
            autoComplete="off"
            {...register('name', { validate: (v) => v.trim() !== '' || 'A name is needed.' })}
          />
        </label>
        <label className="block">
          <span className="block text-sm">
            Age{person.age_on && <span className="quiet">, as given on {day(person.age_on, 'year')}</span>}
          </span>
          <input
            className="input w-24"
            inputMode="numeric"
            autoComplete="off"
            {...register('age', {
              pattern: { value: /^(\d{1,2}|1[01]\d|120)?$/, message: 'Age: whole years, 0 to 120.' },
            })}
          />
        </label>
        <fieldset className="flex gap-4">
          <legend className="text-sm">Skin sensitivities</legend>
          <label className="flex items-center gap-2">
            <input type="checkbox" className="checkbox checkbox-sm" {...register('nickel')} /> nickel
          </label>
          <label className="flex items-center gap-2">
            <input type="checkbox" className="checkbox checkbox-sm" {...register('synthetic')} /> synthetic cord
          </label>
        </fieldset>
        <fieldset className="flex flex-wrap gap-2">
          <legend className="text-sm">A new wrist</legend>
          <input
            className="input w-28"
            aria-label="Wrist"
            placeholder={units === 'in' ? '6 ½ in' : '16.5 cm'}
            autoComplete="off"
            {...register('wrist', {
              validate: (text) => {
                if (!text.trim()) return true;
                const reading = parseGirth(text, WRIST, bareUnit(units));
                return reading.ok || `Wrist: ${reading.fault.problem}.`;
              },
            })}
          />
          <select className="select w-24" aria-label="Taken by" {...register('method')}>
            <option value="tape">tape</option>
            <option value="strip">strip</option>
            <option value="told">told</option>
          </select>
          <WhenField
            label="Taken on"
            shows="day"
            toward="back"
            value={taken}
            onRead={({ day: on }) => on !== undefined && setValue('taken_on', on)}
            className="input w-40"
          />
        </fieldset>
        <p role="alert" className="font-semibold text-error empty:hidden">
          {wrong}
        </p>
        <button type="submit" className="btn btn-primary btn-sm" disabled={formState.isSubmitting}>
          Save
        </button>
      </form>
      <h3 className="mt-4 font-semibold">Wrists</h3>
      {person.wrists.length === 0 ? (
        <p className="quiet">None taken yet.</p>
      ) : (
        <table className="sheet">
          <tbody>
            {person.wrists.map((wrist) => (
              <tr key={wrist.taken_on}>
                <td>{day(wrist.taken_on, 'year')}</td>
                <td>{wrist.method}</td>
                <td className="num font-semibold">{formatLength(wrist.mm, units)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <div className="mt-5 border-t hair pt-3">
        {asking ? (
          <ErasePerson
            id={person.id}
            name={person.name}
            version={person.version}
            onErased={onForgotten}
            onKeep={() => setAsking(false)}
          />
        ) : (
          <button type="button" className="btn btn-ghost btn-sm" onClick={() => setAsking(true)}>
            Erase this person…
          </button>
        )}
      </div>
    </aside>
  );
}
