import { useState } from 'react';
import type { SaidSpan } from '../../../../app/session/roster';
import type { Catalogue } from '../../../../core/project';
import { AVOIDS, SKILLS } from '../../../../core/studio';
import { request } from '../../../../ui/api';
import { SPAN_WORDS } from './span-words';
import type { Reading, Word } from './use-reading';

const KINDS = ['name', 'wrist', 'hand', 'age', 'skill', 'project', 'colour', 'skin', 'note', 'noise'] as const;

/** What each kind can mean, as a choice of values; none where the words themselves say it. */
function meaningsOf(kind: SaidSpan['as'], catalogue: Catalogue): readonly (readonly [string, string])[] {
  if (kind === 'project') return Object.values(catalogue.projects).map(({ slug, name }) => [slug, name]);
  if (kind === 'skill') return SKILLS.map((skill) => [skill, skill]);
  if (kind === 'skin') return [...AVOIDS.map((avoid) => [avoid, `no ${avoid}`] as const), ['note', 'kept as a note']];
  if (kind === 'colour') {
    const all = Object.values(catalogue.cords).flatMap(({ colours }) => colours);
    return [...new Map(all.map(({ hex, name }) => [hex, name])).entries()];
  }
  return [];
}

/** Says what some words of a line are: here, on every line that has them, or for good. */
export function SpanChooser({
  text,
  span,
  first,
  now,
  catalogue,
  reading,
  onClose,
}: {
  text: string;
  span: Omit<SaidSpan, 'as'>;
  first: SaidSpan['as'];
  /** What the seat has already, to start from. */
  now: readonly (string | null)[];
  catalogue: Catalogue;
  reading: Reading;
  onClose: () => void;
}) {
  const [kind, setKind] = useState<SaidSpan['as']>(first);
  const meanings = meaningsOf(kind, catalogue);
  const [means, setMeans] = useState('');
  const start = meanings.find(([value]) => now.includes(value)) ?? meanings[0];
  const chosen = meanings.some(([value]) => value === means) ? means : (start?.[0] ?? '');
  const isWord = kind !== 'name' && kind !== 'wrist' && kind !== 'hand' && kind !== 'age';
  const said = { ...span, as: kind, ...(meanings.length > 0 && { means: chosen }) };
  const word: Word | null = isWord ? { text: text.slice(0, 60), as: kind, means: chosen } : null;
  async function teach(own: Word) {
    try {
      await request('POST', '/api/words', own);
    } catch {
      reading.fail('The words could not be kept for other lists; on this one they are read so.');
    }
    await reading.sayWord(own);
  }
  return (
    <div
      role="group"
      aria-label={`What “${text}” is`}
      className="mt-1 flex flex-wrap items-center gap-1.5 border-l-4 border-info bg-base-200 px-2 py-1 text-sm"
      onKeyDown={(event) => event.key === 'Escape' && onClose()}
    >
      <span>“{text}” is</span>
      <select
        autoFocus
        className="select select-xs w-auto"
        aria-label="What it is"
        value={kind}
        onChange={(event) => setKind(KINDS.find((one) => one === event.target.value) ?? kind)}
      >
        {KINDS.map((one) => (
          <option key={one} value={one}>
            {one === 'noise' ? 'nothing of a seat' : SPAN_WORDS[one]}
          </option>
        ))}
      </select>
      {meanings.length > 0 && (
        <select
          className="select select-xs w-auto"
          aria-label="Which"
          value={chosen}
          onChange={(event) => setMeans(event.target.value)}
        >
          {meanings.map(([value, name]) => (
            <option key={value} value={value}>
              {name}
            </option>
          ))}
        </select>
      )}
      <button type="button" className="btn btn-xs bg-base-100" onClick={() => void reading.sayOf(said).then(onClose)}>
        Here
      </button>
      {word && (
        <>
          <button
            type="button"
            className="btn btn-xs bg-base-100"
            onClick={() => void reading.sayWord(word).then(onClose)}
          >
            On every line
          </button>
          <button type="button" className="btn btn-xs bg-base-100" onClick={() => void teach(word).then(onClose)}>
            For every list
          </button>
        </>
      )}
      <button type="button" className="btn btn-ghost btn-xs" onClick={onClose}>
        Close
      </button>
    </div>
  );
}
