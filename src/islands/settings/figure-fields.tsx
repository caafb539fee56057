import { useWatch, type UseFormReturn } from 'react-hook-form';
import { readNumber } from '../../core/region';
import type { Figure, FigureName } from '../../core/studio';
import { plain } from '../../ui/words/region';
import type { Form } from './settings-form';

/** The figures by group: each with its unit, where it comes from, and a way back to where it starts. */
export function FigureFields({
  form: { register, setValue, control, formState },
  figures,
}: {
  form: UseFormReturn<Form>;
  figures: readonly Figure<FigureName>[];
}) {
  const now = useWatch({ control, name: 'figures' });
  const { errors } = formState;
  const groups = [...new Set(figures.map((f) => f.group))];
  return (
    <>
      {groups.map((group) => (
        <section key={group} className="mt-5 overflow-x-auto">
          <h2 className="text-xl">{group}</h2>
          <table className="sheet">
            <thead className="sr-only">
              <tr>
                <th scope="col">Figure</th>
                <th scope="col">Value</th>
                <th scope="col">Unit</th>
                <th scope="col">Source</th>
                <th scope="col">Reset</th>
              </tr>
            </thead>
            <tbody>
              {figures
                .filter((f) => f.group === group)
                .map((f) => (
                  <tr key={f.name}>
                    <td className="w-80">
                      <label htmlFor={f.name}>{f.label}</label>
                    </td>
                    <td className="w-28">
                      <input
                        id={f.name}
                        inputMode="decimal"
                        autoComplete="off"
                        className="cell border-base-300! text-right tabular-nums"
                        aria-invalid={Boolean(errors.figures?.[f.name])}
                        {...register(`figures.${f.name}`, {
                          validate: (text) => {
                            const value = readNumber(text) ?? NaN;
                            return (
                              (value >= f.min && value <= f.max) ||
                              `${f.label}: ${plain(f.min)} to ${plain(f.max)} ${f.unit}.`
                            );
                          },
                        })}
                      />
                    </td>
                    <td className="w-36 text-sm">{f.unit}</td>
                    <td className="quiet text-sm">{f.source}</td>
                    <td className="w-32 text-right">
                      {readNumber(now[f.name]) !== f.start && (
                        <button
                          type="button"
                          className="btn btn-ghost btn-xs"
                          aria-label={`Set ${f.label} back to ${plain(f.start)}`}
                          onClick={() =>
                            setValue(`figures.${f.name}`, plain(f.start), {
                              shouldDirty: true,
                              shouldValidate: true,
                            })
                          }
                        >
                          back to {plain(f.start)}
                        </button>
                      )}
                    </td>
                  </tr>
                ))}
            </tbody>
          </table>
        </section>
      ))}
    </>
  );
}
