import type { InputHTMLAttributes } from 'react';
import { readNumber } from '../../core/region';
import { plain } from '../words/region';
import { AsText, useAsText } from './as-text';
import { useDraft } from './use-draft';

type TextCellProps = {
  label: string;
  value: string;
  onChange: (value: string) => void;
  check?: (value: string) => string | null;
} & Omit<InputHTMLAttributes<HTMLInputElement>, 'value' | 'onChange'>;

/** A text field that reports once, when it is left or Enter is pressed; `check` says what is wrong, or null. */
export const TextCell = (props: TextCellProps) =>
  useAsText() ? (
    <AsText className={props.className ?? ''} text={props.value} placeholder={props.placeholder} />
  ) : (
    <Written {...props} />
  );

function Written({ label, value, onChange, check, ...rest }: TextCellProps) {
  const { frame, text, problem, write, tells, object, drop } = useDraft(value);
  function report() {
    const written = text.trim();
    if (written === value) return drop();
    const wrong = check?.(written) ?? null;
    if (wrong) object(wrong);
    else if (tells(written)) onChange(written);
  }
  return (
    <span ref={frame} className="relative block">
      <input
        {...rest}
        className={`cell ${rest.className ?? ''}`}
        aria-label={label}
        aria-invalid={problem !== null}
        autoComplete="off"
        value={text}
        onChange={(event) => write(event.target.value)}
        onBlur={report}
        onKeyDown={(event) => {
          if (event.key === 'Enter' || event.key === 'ArrowDown' || event.key === 'ArrowUp') report();
          if (event.key === 'Escape') drop();
        }}
      />
      {problem && (
        <span
          role="alert"
          className="absolute left-0 top-full z-20 w-56 border border-error bg-base-100 px-2 py-1 text-sm text-error"
        >
          {problem}
        </span>
      )}
    </span>
  );
}

/** What is wrong with an age, or null. */
export const checkAge = (text: string): string | null =>
  text === '' || (/^\d{1,3}$/.test(text) && Number(text) <= 120) ? null : 'Whole years, 0 to 120';
/** What is wrong with a name, or null. */
export const checkName = (text: string): string | null =>
  text === '' ? 'A name is needed' : text.length > 120 ? 'At most 120 characters' : null;
/** What is wrong with a number that must lie within limits, or null. */
export const checkSize = (text: string, min: number, max: number): string | null =>
  (readNumber(text) ?? NaN) >= min && readNumber(text)! <= max ? null : `A number, ${plain(min)} to ${plain(max)}`;
