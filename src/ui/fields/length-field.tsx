import { useId, type KeyboardEvent, type Ref } from 'react';
import { bareUnit, formatLength, parseGirth, parseLength, type Girth, type Units } from '../../core/measure';
import { AsText, useAsText } from './as-text';
import { useDraft } from './use-draft';

const NOTHING = '—';

type LengthFieldProps = {
  label: string;
  value: number | null;
  units: Units;
  /** For body measures, whose bare numbers are read in the unit that makes sense. */
  girth?: Girth;
  /** For other lengths, read as centimetres or inches when bare. */
  range?: Girth;
  estimated?: boolean;
  onChange: (mm: number | null) => void;
  className?: string;
  /** What stands in the empty field: an example only where nobody would take it for a value. */
  placeholder?: string;
  inputRef?: Ref<HTMLInputElement>;
  onKeyDown?: (event: KeyboardEvent<HTMLInputElement>) => void;
} & Record<`data-${string}`, string | number>;

const shownOf = ({ value, estimated, units }: Pick<LengthFieldProps, 'value' | 'estimated' | 'units'>): string =>
  value === null ? '' : `${estimated ? '~' : ''}${formatLength(value, units)}`;

/**
 * A length written as makers write it: `16.5`, `165 mm`, `6 1/2 in`, `6½"`. It is read when the field is left or Enter is
 * pressed; what cannot be read stays, with the reason under it.
 */
export const LengthField = (props: LengthFieldProps) =>
  useAsText() ? (
    <AsText
      className={`text-right tabular-nums ${props.estimated ? 'italic' : ''}`}
      text={shownOf(props)}
      placeholder={props.placeholder ?? NOTHING}
    />
  ) : (
    <Written {...props} />
  );

function Written({
  label,
  value,
  units,
  girth,
  range,
  estimated = false,
  onChange,
  className = '',
  placeholder = NOTHING,
  inputRef,
  onKeyDown,
  ...rest
}: LengthFieldProps) {
  const shown = shownOf({ value, estimated, units });
  const { frame, text, problem, write, tells, object, drop } = useDraft(shown);
  const id = useId();

  function read() {
    if (text === shown) return;
    const written = text.trim().replace(/^~\s*/, '');
    if (written === '') {
      if (value === null) drop();
      else if (tells(written)) onChange(null);
      return;
    }
    const reading = girth ? parseGirth(written, girth, bareUnit(units)) : parseLength(written, bareUnit(units));
    if (!reading.ok) return object(reading.fault.problem);
    const mm = Math.round(reading.value.mm);
    if (range && (mm < range.min || mm > range.max)) {
      return object(
        `A ${range.name} is between ${formatLength(range.min, units)} and ${formatLength(range.max, units)}`,
      );
    }
    // The tape may say what was estimated: written without its mark it is measured.
    const measured = estimated && !text.trim().startsWith('~');
    if (mm === value && !measured) drop();
    else if (tells(written)) onChange(mm);
  }

  return (
    <span ref={frame} className={`relative block ${className}`}>
      <input
        {...rest}
        ref={inputRef}
        className={`cell text-right tabular-nums ${estimated ? 'italic' : ''}`}
        aria-label={label}
        aria-invalid={problem !== null}
        aria-describedby={problem ? id : undefined}
        value={text}
        placeholder={placeholder}
        inputMode="text"
        autoComplete="off"
        onChange={(event) => write(event.target.value)}
        onBlur={read}
        onKeyDown={(event) => {
          if (event.key === 'Enter' || event.key === 'ArrowDown' || event.key === 'ArrowUp') read();
          if (event.key === 'Escape') drop();
          onKeyDown?.(event);
        }}
      />
      {problem && (
        <span
          id={id}
          role="alert"
          className="absolute right-0 top-full z-20 w-64 border border-error bg-base-100 px-2 py-1 text-left text-sm text-error"
        >
          {problem}
        </span>
      )}
    </span>
  );
}
