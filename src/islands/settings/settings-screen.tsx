import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { SCHOOL_LIST } from '../../core/cut';
import type { Figure, FigureName } from '../../core/studio';
import type { SettingsView } from '../../app/studio/settings';
import { region } from '../../ui/words/region';
import { problemOf, request } from '../../ui/api';
import { Later } from '../../ui/fields/as-text';
import { FigureFields, groupsOf } from './figure-fields';
import { formOf, settingsOf, type Form } from './settings-form';
import { ExportImport } from './export-import';
import { WordTable } from './word-table';
import { Documents } from './documents';

const optional = { setValueAs: (text: string | undefined) => (text?.trim() ? text.trim() : undefined) };

/** The studio's own figures: each with its unit, where it comes from, and what it was to begin with. */
export function SettingsScreen({
  view,
  figures,
  regions,
  currencies,
}: {
  view: SettingsView;
  figures: readonly Figure<FigureName>[];
  regions: readonly { readonly tag: string; readonly name: string }[];
  currencies: readonly { readonly code: string; readonly name: string }[];
}) {
  const [version, setVersion] = useState(view.version);
  const [note, setNote] = useState<{ text: string; bad: boolean } | null>(null);
  const { register, control, handleSubmit, formState, reset, setValue } = useForm<Form>({
    defaultValues: formOf(view.settings),
  });
  const { errors } = formState;
  const wrong = figures.find((f) => errors.figures && f.name in errors.figures);

  // What follows the groups of figures has its fields after theirs.
  const turn = groupsOf(figures).length + 1;

  async function save(form: Form) {
    try {
      const settings = settingsOf(form);
      const saved = await request<SettingsView>('PUT', '/api/settings', { version, settings });
      setVersion(saved.version);
      reset(formOf(saved.settings));
      // Everything on the page is written as before: it is drawn again.
      if (saved.settings.region !== region().tag || saved.settings.currency !== view.settings.currency)
        window.location.reload();
      setNote({ text: 'Saved. Every session is reckoned with these figures from now on.', bad: false });
    } catch (error) {
      const { message, status } = problemOf(error);
      setNote({
        text:
          status === 409
            ? `${message} Open the page again to see them; what you typed is still here to compare.`
            : message,
        bad: true,
      });
    }
  }
  return (
    <div className="px-4">
      <form noValidate onSubmit={handleSubmit(save)} aria-label="Studio settings">
        <section className="flex flex-wrap gap-4 border-y hair bg-base-200 px-4 py-3">
          <label className="block">
            <span className="block text-sm">Studio</span>
            <input
              className="input w-72"
              maxLength={80}
              {...register('name', { required: 'The studio needs a name.' })}
            />
          </label>
          <label className="block">
            <span className="block text-sm">Units</span>
            <select className="select w-36" {...register('units')}>
              <option value="cm">centimetres</option>
              <option value="in">inches</option>
            </select>
          </label>
          <label className="block">
            <span className="block text-sm">Paper</span>
            <select className="select w-32" {...register('paper')}>
              <option value="a4">A4</option>
              <option value="letter">US Letter</option>
            </select>
          </label>
          <label className="block">
            <span className="block text-sm">Time zone</span>
            <input
              className="input w-52"
              placeholder="this machine’s own"
              maxLength={60}
              {...register('time_zone', optional)}
            />
          </label>
          <label className="block">
            <span className="block text-sm">Days and numbers as in</span>
            <select className="select w-60" {...register('region', optional)}>
              {regions.map(({ tag, name }) => (
                <option key={tag} value={tag}>
                  {name}
                </option>
              ))}
            </select>
          </label>
          <label className="block">
            <span className="block text-sm">Currency</span>
            <select className="select w-60" {...register('currency', optional)}>
              <option value="">not named</option>
              {currencies.map(({ code, name }) => (
                <option key={code} value={code}>
                  {name}, {code}
                </option>
              ))}
            </select>
          </label>
          <label className="block">
            <span className="block text-sm">Cuts by school</span>
            <select className="select w-44" {...register('school')}>
              {Object.values(SCHOOL_LIST).map(({ slug, name }) => (
                <option key={slug} value={slug}>
                  {name}
                </option>
              ))}
            </select>
          </label>
        </section>
        <FigureFields figures={figures} control={control} register={register} setValue={setValue} />
        <div className="sticky bottom-0 mt-4 flex items-center gap-3 border-t hair bg-base-100 py-3 narrow:bottom-13">
          <button type="submit" className="btn btn-primary" disabled={formState.isSubmitting}>
            Save the settings
          </button>
          <p role="status" className={note?.bad || wrong ? 'font-semibold text-error' : 'quiet'}>
            {errors.name?.message ??
              (wrong && errors.figures?.[wrong.name]?.message) ??
              note?.text ??
              (formState.isDirty ? 'Changed, not saved yet.' : '')}
          </p>
        </div>
      </form>
      <Documents view={view} turn={turn} />
      <Later turn={turn + 2}>
        <WordTable
          projects={view.projects}
          version={version}
          initial={view.words}
          onSaved={(saved) => {
            setVersion(saved.version);
            setValue('words', saved.settings.words);
          }}
        />
      </Later>
      <ExportImport />
    </div>
  );
}
