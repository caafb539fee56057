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

/** The longest of some names: a choice is as wide as that, also before its field is there. */
const longest = (names: readonly string[]): string =>
  names.reduce((long, name) => (name.length > long.length ? name : long), '');

/** One of several. */
export function Select<Value extends string>({
  label,
  value,
  options,
  onChange,
  className,
}: {
  label: string;
  value: Value;
  options: readonly (readonly [value: Value, name: string])[];
  onChange: (value: Value) => void;
  className: string;
}) {
  const chosen = options.find(([own]) => own === value);
  if (useAsText())
    return (
      <span
        data-soon=""
        data-widest={longest(options.map(([, name]) => name))}
        className={`cell cell-opens inline-block w-auto ${className}`}
      >
        {chosen?.[1] ?? value}
      </span>
    );
  return (
    <select
      aria-label={label}
      className={`cell w-auto ${className}`}
      value={value}
      onChange={(event) => onChange(options.find(([own]) => own === event.target.value)?.[0] ?? value)}
    >
      {!chosen && <option value={value}>{value}</option>}
      {options.map(([v, name]) => (
        <option key={v} value={v}>
          {name}
        </option>
      ))}
    </select>
  );
}

export function Pick<Value extends string>(props: Omit<Parameters<typeof Select<Value>>[0], 'className'>) {
  const select = <Select {...props} className="border-base-300! py-0.5" />;
  // What is not a field yet has no label.
  if (!useAsText()) return <Field label={props.label}>{select}</Field>;
  return (
    <span className="inline-flex items-center gap-1 text-sm">
      <span className="quiet">{props.label}</span>
      {select}
    </span>
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
