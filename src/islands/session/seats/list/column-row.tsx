import type { Row } from './list-rows';
import { COLUMN_WORDS } from './span-words';
import type { Column, Reading } from './use-reading';

const WORDS = Object.entries(COLUMN_WORDS);
const isColumn = (text: string): text is Column => text in COLUMN_WORDS;

/** The headings of a table, each with what its column is read as, to be named otherwise. */
export function ColumnRow({ row, reading }: { row: Row; reading: Reading }) {
  return (
    <tr className="bg-base-200">
      <td className="num quiet text-sm">{row.line}</td>
      <td colSpan={8}>
        <span className="flex flex-wrap items-end gap-x-3 gap-y-1">
          {row.columns?.map(({ heading, as }, i) => (
            <label key={i} className="text-sm">
              <span className="block font-semibold">{heading.trim() || 'no heading'}</span>
              <select
                className="select select-xs w-auto"
                aria-label={`Column ${heading.trim() || i + 1}`}
                value={as}
                onChange={(event) => isColumn(event.target.value) && void reading.sayColumn(i, event.target.value)}
              >
                {WORDS.map(([value, name]) => (
                  <option key={value} value={value}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
          ))}
        </span>
      </td>
    </tr>
  );
}
