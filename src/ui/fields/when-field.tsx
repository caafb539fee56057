import { useId } from 'react';
import { readWhen, type ReadBy, type When } from '../../core/region';
import { day, region, time, todayHere } from '../words/region';
import { useDraft } from './use-draft';

const written = ({ day: on, time: at }: When): string =>
  [on && day(on, 'dated'), at && time(at)].filter(Boolean).join(', ');

/**
 * A day or an hour as people write it: `fri 18:30`, `27.11.`, `in 2 weeks`. What is read stands under it while it is written; what
 * cannot be read stays, with the reason, and a form it stands in is not sent by it. A day's field takes an hour too, and the other
 * way round, so that both may be typed at once.
 */
export function WhenField({
  label,
  shows,
  value,
  toward = 'ahead',
  onRead,
  className = '',
  frame = '',
}: {
  label: string;
  shows: 'day' | 'time';
  /** `2026-12-01`, or `18:30`. */
  value: string | null;
  /** Whether days to come or gone are meant where it could be either. */
  toward?: ReadBy['toward'];
  /** What was read; an hour that was emptied is null. */
  onRead: (when: { readonly day?: string; readonly time?: string | null }) => void;
  className?: string;
  /** Around the field. */
  frame?: string;
}) {
  const shown = value === null ? '' : shows === 'day' ? day(value, 'dated') : time(value);
  const { frame: framed, text, problem, write, tells, object, drop } = useDraft(shown);
  const id = useId();

  /** What stands in the field, or what is wrong with it. */
  function reading(text: string): { readonly when: When } | { readonly wrong: string } {
    // The weekday that stood there goes with its day: who changes the day does not mean the weekday.
    const weekday = /^\S+\s/.exec(shown)?.[0] ?? '';
    const rest = shows === 'day' && weekday && text.startsWith(weekday) ? text.slice(weekday.length) : text;
    const today = todayHere();
    const read = readWhen(rest, { today, toward }, region());
    if (!read.ok) return { wrong: read.fault };
    const { day: on } = read.value;
    if (on && toward === 'back' && on > today) return { wrong: `${day(on, 'dated')} is still to come.` };
    return { when: read.value };
  }
  function take(input: HTMLInputElement) {
    const trimmed = text.trim();
    input.setCustomValidity('');
    if (trimmed === shown) return drop();
    if (trimmed === '' && shows === 'time') return tells('') ? onRead({ time: null }) : undefined;
    const read = trimmed === '' ? { wrong: 'A day is needed here.' } : reading(trimmed);
    if ('wrong' in read) {
      input.setCustomValidity(read.wrong);
      return object(read.wrong);
    }
    if (read.when[shows] === value && Object.keys(read.when).length === 1) return drop();
    if (tells(trimmed)) onRead(read.when);
    // What this field shows stays as it is: what was written was of the other.
    if ((read.when[shows] ?? value) === value) drop();
  }

  const changed = text.trim() !== '' && text.trim() !== shown;
  const read = changed && !problem ? reading(text.trim()) : null;
  const said = problem ?? (read && 'when' in read ? written(read.when) : null);
  return (
    <span ref={framed} className={`relative block ${frame}`}>
      <input
        className={className}
        aria-label={label}
        aria-invalid={problem !== null}
        aria-describedby={said ? id : undefined}
        value={text}
        placeholder={shows === 'day' ? 'fri 18:30' : '18:30'}
        autoComplete="off"
        onFocus={(event) => event.target.select()}
        onChange={(event) => write(event.target.value)}
        onBlur={(event) => take(event.currentTarget)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') take(event.currentTarget);
          if (event.key === 'Escape') drop();
        }}
      />
      {said && (
        <span
          id={id}
          role={problem ? 'alert' : 'status'}
          className={`absolute left-0 top-full z-20 w-max max-w-72 border bg-base-100 px-2 py-1 text-left text-sm ${problem ? 'border-error text-error' : 'hair text-base-content'}`}
        >
          {said}
        </span>
      )}
    </span>
  );
}
