import type { Catalogue } from '../../../../core/project';
import type { Row } from './list-rows';
import type { Reading } from './use-reading';
import { WrittenLine } from './written-line';

/** What a line is that seats nobody. */
const LEFT: Readonly<Record<NonNullable<Row['kind']>, string>> = {
  blank: 'empty',
  heading: 'a heading',
  text: 'a remark',
  total: 'a total',
  cancelled: 'not coming',
  part: 'of the seat above',
};

/** A line of the list that is nobody's, or whose seat was left out: to be somebody after all. */
export function NobodyRow({ row, catalogue, reading }: { row: Row; catalogue: Catalogue; reading: Reading }) {
  const back = () =>
    row.out
      ? reading.edit(row.key, (before) => ({ ...before, out: false }))
      : void reading.sayOf({ line: row.line, from: 0, to: Math.min(row.text.length, 1500), as: 'name' });
  return (
    <tr>
      <td className="num quiet align-top text-sm">{row.line}</td>
      <td className="quiet align-top">
        {row.leads ? <WrittenLine row={row} catalogue={catalogue} reading={reading} /> : 'on the same line'}
      </td>
      <td colSpan={7} className="quiet align-top text-sm">
        {!row.out
          ? row.kind === 'part' && row.seat.name
            ? `said of ${row.seat.name}`
            : LEFT[row.kind ?? 'text']
          : row.kind === 'cancelled'
            ? `${row.seat.name}: not coming`
            : `left out: ${row.seat.name}`}
        {row.kind !== 'part' && (
          <button type="button" className="btn btn-xs ml-2" onClick={back}>
            Seat {row.leads ? `line ${row.line}` : row.seat.name}
          </button>
        )}
      </td>
    </tr>
  );
}
