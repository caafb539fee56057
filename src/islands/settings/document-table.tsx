import { readNumber } from '../../core/region';
import { plain } from '../../ui/words/region';
import { useState } from 'react';
import { problemOf, request } from '../../ui/api';
import { TextCell } from '../../ui/fields/text-cell';

/** A number of a document that can be changed, with its limits. */
export interface NumberField<Doc> {
  readonly key: keyof Doc & string;
  readonly label: string;
  readonly unit: string;
  readonly min: number;
  readonly max: number;
  /** What an entry has that does not say. */
  readonly unset?: number;
}

/** Catalogue entries of one kind with the numbers the sizing rests on, each to be changed in place. */
export function DocumentTable<Doc extends { slug: string; name: string; source: string; revision: number }>({
  path,
  initial,
  shipped: firstShipped,
  fields,
  words,
}: {
  path: 'cords' | 'hardware';
  initial: readonly Doc[];
  /** As they ship, those that the studio has changed. */
  shipped: Readonly<Record<string, Doc>>;
  fields: readonly NumberField<Doc>[];
  /** What else is said of an entry, in words. */
  words: (doc: Doc) => string;
}) {
  const [entries, setEntries] = useState(initial);
  const [shipped, setShipped] = useState(firstShipped);
  const shippedOf = (slug: string): Doc | null => (Object.hasOwn(shipped, slug) ? shipped[slug]! : null);
  const [note, setNote] = useState<{ text: string; bad: boolean } | null>(null);
  async function save(doc: Doc) {
    try {
      const view = await request<Record<typeof path, Doc[]> & { shipped: Record<typeof path, Record<string, Doc>> }>(
        'PUT',
        `/api/${path}/${doc.slug}`,
        {
          version: doc.revision,
          doc,
        },
      );
      setEntries(view[path]);
      setShipped(view.shipped[path]);
      setNote({ text: `${doc.name} saved.`, bad: false });
    } catch (error) {
      const { status, message, current } = problemOf(error);
      if (status === 409) setEntries(entries.map((e) => (e.slug === doc.slug ? (current as Doc) : e)));
      setNote({
        text: `${doc.name} not saved: ${message}${status === 409 ? ' It is shown as it is now.' : ''}`,
        bad: true,
      });
    }
  }
  return (
    <>
      <p role="status" className={`min-h-6 text-sm ${note?.bad ? 'font-semibold text-error' : 'quiet'}`}>
        {note?.text}
      </p>
      <table className="sheet">
        <thead>
          <tr>
            <th scope="col">Name</th>
            {fields.map((field) => (
              <th key={field.key} scope="col" className="num">
                {field.label}, {field.unit}
              </th>
            ))}
            <th scope="col">Is</th>
            <th scope="col">Source</th>
          </tr>
        </thead>
        <tbody>
          {entries.map((entry) => (
            <tr key={entry.slug}>
              <th scope="row" className="border-b-0! font-normal!">
                {entry.name}
                {shippedOf(entry.slug) && (
                  <span className="quiet block text-sm">
                    changed by the studio{' '}
                    <button
                      type="button"
                      className="btn btn-ghost btn-xs"
                      onClick={() => void save({ ...shippedOf(entry.slug)!, revision: entry.revision })}
                    >
                      back to what ships
                    </button>
                  </span>
                )}
              </th>
              {fields.map((field) => (
                <td key={field.key} className="w-28">
                  <TextCell
                    label={`${field.label} of ${entry.name}`}
                    value={plain(Number(entry[field.key] ?? field.unset))}
                    className="text-right tabular-nums"
                    inputMode="decimal"
                    check={(text) => {
                      const number = readNumber(text) ?? NaN;
                      return number >= field.min && number <= field.max
                        ? null
                        : `${plain(field.min)} to ${plain(field.max)} ${field.unit}`;
                    }}
                    onChange={(text) => void save({ ...entry, [field.key]: readNumber(text) })}
                  />
                  {shippedOf(entry.slug) &&
                    (shippedOf(entry.slug)![field.key] ?? field.unset) !== (entry[field.key] ?? field.unset) && (
                      <span className="quiet block text-right text-sm tabular-nums">
                        ships as {plain(Number(shippedOf(entry.slug)![field.key] ?? field.unset))}
                      </span>
                    )}
                </td>
              ))}
              <td className="text-sm">{words(entry)}</td>
              <td className="quiet text-sm">{entry.source}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
