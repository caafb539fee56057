import { memo } from 'react';
import { useFormState, useWatch, type UseFormReturn } from 'react-hook-form';
import { readNumber } from '../../core/region';
import type { Figure, FigureName } from '../../core/studio';
import { AsText, useAsText } from '../../ui/fields/as-text';
import { plain } from '../../ui/words/region';
import { Part } from './part';
import type { Form } from './settings-form';

type Own = Pick<UseFormReturn<Form>, 'control' | 'register' | 'setValue'>;

/** A figure: its unit, where it comes from, and a way back to where it starts. It follows nothing but itself. */
const FigureRow = memo(function FigureRow({
  figure,
  control,
  register,
  setValue,
}: { figure: Figure<FigureName> } & Own) {
  const name = `figures.${figure.name}` as const;
  const asText = useAsText();
  const now = useWatch({ control, name });
  const { errors } = useFormState({ control, name });
  const validate = (text: string): true | string => {
    const value = readNumber(text) ?? NaN;
    const fits = value >= figure.min && value <= figure.max;
    return fits || `${figure.label}: ${plain(figure.min)} to ${plain(figure.max)} ${figure.unit}.`;
  };
  return (
    <tr>
      <td className="w-80 narrow:w-auto">
        <label htmlFor={asText ? undefined : figure.name}>{figure.label}</label>
      </td>
      <td className="w-28 min-w-20">
        {asText ? (
          <AsText id={figure.name} className="border-base-300! text-right tabular-nums" text={now} />
        ) : (
          <input
            id={figure.name}
            inputMode="decimal"
            autoComplete="off"
            className="cell border-base-300! text-right tabular-nums"
            aria-invalid={Boolean(errors.figures?.[figure.name])}
            {...register(name, { validate })}
          />
        )}
      </td>
      <td className="w-36 text-sm narrow:w-auto">{figure.unit}</td>
      <td className="quiet text-sm">{figure.source}</td>
      <td className="w-32 text-right narrow:w-auto">
        {readNumber(now) !== figure.start && (
          <button
            type="button"
            className="btn btn-ghost btn-xs"
            aria-label={`Set ${figure.label} back to ${plain(figure.start)}`}
            onClick={() => setValue(name, plain(figure.start), { shouldDirty: true, shouldValidate: true })}
          >
            back to {plain(figure.start)}
          </button>
        )}
      </td>
    </tr>
  );
});

/** The groups that figures come in, in their order. */
export const groupsOf = (figures: readonly Figure<FigureName>[]): string[] => [...new Set(figures.map((f) => f.group))];

/** The figures by group. */
export const FigureFields = memo(function FigureFields({
  figures,
  ...own
}: { figures: readonly Figure<FigureName>[] } & Own) {
  return groupsOf(figures).map((group, i) => (
    <Part key={group} name={group} turn={i + 1}>
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
            .map((figure) => (
              <FigureRow key={figure.name} figure={figure} {...own} />
            ))}
        </tbody>
      </table>
    </Part>
  ));
});
