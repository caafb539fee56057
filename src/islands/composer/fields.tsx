import type { ReactNode } from 'react';
import { useAsText } from '../../ui/fields/as-text';
import { checkSize, TextCell } from '../../ui/fields/text-cell';

/** A small labelled place for one value. */
export function Field({ label, children }: { label: string; children: ReactNode }) {
  return (
    <label className="inline-flex items-center gap-1 text-sm">
      <span className="quiet">{label}</span>
      {children}
    </label>
  );
}

export function Pick<Value extends string>({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: Value;
  options: readonly (readonly [value: Value, name: string])[];
  onChange: (value: Value) => void;
}) {
  const chosen = (text: string): Value => options.find(([own]) => own === text)?.[0] ?? value;
  if (useAsText())
    return (
      <span className="inline-flex items-center gap-1 text-sm">
        <span className="quiet">{label}</span>
        <span data-soon="" className="cell inline-block w-auto border-base-300! py-0.5">
          {options.find(([own]) => own === value)?.[1] ?? value}
        </span>
      </span>
    );
  return (
    <Field label={label}>
      <select
        aria-label={label}
        className="cell w-auto border-base-300! py-0.5"
        value={value}
        onChange={(event) => onChange(chosen(event.target.value))}
      >
        {options.map(([v, name]) => (
          <option key={v} value={v}>
            {name}
          </option>
        ))}
      </select>
    </Field>
  );
}

export function Count({
  label,
  value,
  min = 1,
  max,
  onChange,
}: {
  label: string;
  value: number;
  min?: number;
  max: number;
  onChange: (value: number) => void;
}) {
  return (
    <span className="inline-flex items-center gap-1 text-sm">
      <span className="quiet" aria-hidden="true">
        {label}
      </span>
      <span className="w-14">
        <TextCell
          label={label}
          value={String(value)}
          inputMode="numeric"
          check={(text) => (/^\d+$/.test(text) ? checkSize(text, min, max) : `A whole number, ${min} to ${max}`)}
          onChange={(text) => onChange(Number(text))}
          className="border-base-300! text-right"
        />
      </span>
    </span>
  );
}
