import { useState, type ReactNode, type SelectHTMLAttributes } from 'react';
import { lookUp, type Catalogue, type CordChoice } from '../../../core/project';
import type { SeatRecord } from '../../../core/seat';
import { EASES, SKILLS } from '../../../core/studio';

type Options = readonly { readonly value: string; readonly label: string }[];

/**
 * A native choice that looks like paper until it is touched. Its options are put in when it is: a list of forty seats would have
 * thousands of them to style and lay out, and shows one each.
 */
export function Choice({
  label,
  value,
  options,
  empty,
  onChange,
  ...rest
}: {
  label: string;
  value: string | null;
  options: Options;
  /** The words for no choice, where that is allowed. */
  empty?: string;
  onChange: (value: string | null) => void;
} & Omit<SelectHTMLAttributes<HTMLSelectElement>, 'value' | 'onChange'>) {
  const [touched, setTouched] = useState(false);
  const shown = touched ? options : options.filter((option) => option.value === value);
  return (
    <select
      {...rest}
      onPointerDown={() => setTouched(true)}
      onFocus={() => setTouched(true)}
      className="cell"
      aria-label={label}
      value={value ?? ''}
      onChange={(event) => onChange(event.target.value || null)}
    >
      {empty !== undefined && <option value="">{empty}</option>}
      {shown.map((option) => (
        <option key={option.value} value={option.value}>
          {option.label}
        </option>
      ))}
    </select>
  );
}

const words = (list: readonly string[]): Options => list.map((value) => ({ value, label: value }));
export const SKILL_OPTIONS = words(SKILLS);
export const EASE_OPTIONS = words(EASES);
export const METHOD_OPTIONS: Options = [
  { value: 'tape', label: 'tape' },
  { value: 'strip', label: 'strip' },
  { value: 'told', label: 'told' },
  { value: 'estimate', label: 'estimate' },
];
export const AVOID_OPTIONS: Options = [
  { value: 'nickel', label: 'no nickel' },
  { value: 'synthetic', label: 'no synthetic' },
];

const named = (table: Readonly<Record<string, { readonly slug: string; readonly name: string }>>): Options =>
  Object.values(table).map(({ slug, name }) => ({ value: slug, label: name }));
export const projectOptions = (catalogue: Catalogue): Options => named(catalogue.projects);
export const cordOptions = (catalogue: Catalogue): Options => named(catalogue.cords);

/** The cord chosen for the piece's one role, with the project's own where the seat has not said. */
export function cordOf(
  record: SeatRecord,
  catalogue: Catalogue,
): { role: string; cord: string; colours: readonly string[] } | null {
  const use = record.project ? lookUp(catalogue.projects, record.project)?.cords[0] : undefined;
  if (!use) return null;
  const choice: CordChoice | undefined = record.cords[use.role as keyof SeatRecord['cords']];
  return { role: use.role, cord: choice?.cord ?? use.default, colours: choice?.colours ?? [] };
}

/** A label over a field, for the tray. */
export function Labelled({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div className="flex items-center justify-between gap-3 border-b hair py-0.5">
      <span className="quiet shrink-0 text-sm">{label}</span>
      <span className="w-48">{children}</span>
    </div>
  );
}
