import { useState, type KeyboardEvent } from 'react';
import type { SaidSpan } from '../../../../app/session/roster';
import type { Catalogue } from '../../../../core/project';
import type { Row } from './list-rows';
import { SpanChooser } from './span-chooser';
import { SPAN_WORDS } from './span-words';
import type { Reading } from './use-reading';

/** What the chooser starts with for a stretch. */
const startOf = (as: Row['spans'][number]['as']): SaidSpan['as'] =>
  as === 'rest' || as === 'line' || as === 'option' ? 'project' : as;

/** Arrow keys move from word to word of a line: one stop of the tab key a line. */
function alongLine(event: KeyboardEvent<HTMLElement>): void {
  const step = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
  if (!step || !(event.target instanceof HTMLButtonElement)) return;
  const all = [...event.currentTarget.querySelectorAll<HTMLButtonElement>('[data-span]')];
  const next = all[all.indexOf(event.target) + step];
  if (!next) return;
  event.preventDefault();
  next.focus();
}

/** A line as it was written, each stretch with what it was read as under it; what is unsure is underlined in waves. */
export function WrittenLine({ row, catalogue, reading }: { row: Row; catalogue: Catalogue; reading: Reading }) {
  const [open, setOpen] = useState<number | null>(null);
  const spans = row.spans.filter(({ from, to }) => row.text.slice(from, to).trim() !== '');
  const isUnsure = ({ from, to }: (typeof spans)[number]): boolean =>
    row.faults.some(({ text }) => {
      const at = text === '' ? -1 : row.text.indexOf(text);
      return at >= 0 && at < to && at + text.length > from;
    });
  const chosen = open === null ? undefined : spans[open];
  return (
    <div>
      <span className="flex flex-wrap items-start" onKeyDown={alongLine}>
        {spans.map((span, i) => {
          const text = row.text.slice(span.from, span.to).trim().slice(0, 200);
          const unsure = isUnsure(span);
          return (
            <button
              key={span.from}
              type="button"
              data-span
              tabIndex={i === 0 ? 0 : -1}
              aria-label={`“${text}”, ${SPAN_WORDS[span.as] || 'nothing of a seat'}${unsure ? ', to be looked at' : ''}`}
              aria-expanded={open === i}
              className={`max-w-full cursor-pointer px-0.5 text-left hover:bg-base-300 ${span.as === 'noise' ? 'quiet' : ''}`}
              onClick={() => setOpen(open === i ? null : i)}
            >
              <span
                className={`block break-words border-b ${
                  unsure
                    ? 'border-transparent underline decoration-wavy decoration-error underline-offset-4'
                    : span.as === 'noise'
                      ? 'border-transparent'
                      : 'border-base-content/50'
                }`}
              >
                {text}
              </span>
              <span className="quiet block text-[11px] leading-tight" aria-hidden="true">
                {SPAN_WORDS[span.as] || '\u00a0'}
              </span>
            </button>
          );
        })}
      </span>
      {chosen && (
        <SpanChooser
          key={chosen.from}
          text={row.text.slice(chosen.from, chosen.to).trim()}
          span={{ line: row.line, from: chosen.from, to: chosen.to }}
          first={startOf(chosen.as)}
          now={[row.seat.project, row.seat.skill, ...row.seat.avoid]}
          catalogue={catalogue}
          reading={reading}
          onClose={() => setOpen(null)}
        />
      )}
    </div>
  );
}
