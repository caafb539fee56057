import { useState, type ReactNode, type SelectHTMLAttributes } from 'react';
import { lookUp, type Catalogue, type CordChoice } from '../../../core/project';
import type { SeatRecord } from '../../../core/seat';
import { WRIST_METHODS } from '../../../core/person';
import { EASES, SKILLS, type Avoid } from '../../../core/studio';
import { AsText, useAsText } from '../../../ui/fields/as-text';

type Options<Value extends string = string> = readonly { readonly value: Value; readonly label: string }[];

/** With words for no choice, where that is allowed; without them something is always chosen. */
type Chosen<Value extends string> =
  | { readonly empty: string; readonly onChange: (value: Value | null) => void }
  | { readonly empty?: undefined; readonly onChange: (value: Value) => void };

type ChoiceProps<Value extends string> = {
  readonly label: string;
  readonly value: Value | null;
  readonly options: Options<Value>;
} & Chosen<Value> &
  Omit<SelectHTMLAttributes<HTMLSelectElement>, 'value' | 'onChange'>;

/**
 * A native choice that looks like paper until it is touched. Its options are put in when it is: a list of forty seats would have
 * thousands of them to style and lay out, and shows one each.
 */
export function Choice<Value extends string>(props: ChoiceProps<Value>) {
  const { value, options, empty } = props;
  if (!useAsText()) return <Chooser {...props} />;
  // Browsers set the words of a choice in a little.
  return (
    <AsText
      className="cell-opens pl-2.5"
      text={options.find((option) => option.value === value)?.label ?? empty ?? ''}
    />
  );
}

function Chooser<Value extends string>(props: ChoiceProps<Value>) {
  const { label, value, options, empty, onChange: _told, ...rest } = props;
  const [touched, setTouched] = useState(false);
  const shown = touched ? options : options.filter((option) => option.value === value);
  const choose = (text: string): void => {
    const found = options.find((option) => option.value === text)?.value ?? null;
    if (props.empty !== undefined) props.onChange(found);
    else if (found !== null) props.onChange(found);
  };
  return (
    <select
      {...rest}
      onPointerDown={() => setTouched(true)}
      onFocus={() => setTouched(true)}
      className="cell"
      aria-label={label}
      value={value ?? ''}
      onChange={(event) => choose(event.target.value)}
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

const words = <Value extends string>(list: readonly Value[]): Options<Value> =>
  list.map((value) => ({ value, label: value }));
export const SKILL_OPTIONS = words(SKILLS);
export const EASE_OPTIONS = words(EASES);
export const METHOD_OPTIONS = words(WRIST_METHODS).map(({ value, label }) => ({
  value,
  label: value === 'piece' ? 'piece that fits' : label,
}));
export const AVOID_OPTIONS: Options<Avoid> = [
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
