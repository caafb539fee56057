import {
  createColumnHelper,
  createSortedRowModel,
  rowSortingFeature,
  sortFn_alphanumeric,
  sortFn_text,
  tableFeatures,
  useTable,
  type ColumnDef,
} from '@tanstack/react-table';
import { ChevronDown, ChevronUp } from 'lucide-react';

const features = tableFeatures({
  rowSortingFeature,
  sortedRowModel: createSortedRowModel(),
  sortFns: { alphanumeric: sortFn_alphanumeric, text: sortFn_text },
});

/** Columns of a sortable list. */
export const columnsOf = <Row extends object>() => createColumnHelper<typeof features, Row>();

/** A list whose headings sort it; the chosen row is marked. */
export function SortTable<Row extends { readonly id: string }>({
  rows,
  columns,
  caption,
  numeric,
  selected,
}: {
  rows: readonly Row[];
  // eslint-disable-next-line @typescript-eslint/no-explicit-any -- columns of one table hold values of several types
  columns: ColumnDef<typeof features, Row, any>[];
  caption: string;
  /** Ids of the columns whose values are numbers, set to the right. */
  numeric: readonly string[];
  selected?: string | null;
}) {
  const table = useTable({ features, columns, data: rows as Row[], getRowId: (row) => row.id });
  return (
    <table className="sheet">
      <caption className="sr-only">{caption}</caption>
      <thead>
        {table.getHeaderGroups().map((group) => (
          <tr key={group.id}>
            {group.headers.map((header) => {
              const sorted = header.column.getIsSorted();
              return (
                <th
                  key={header.id}
                  scope="col"
                  className={numeric.includes(header.column.id) ? 'num' : ''}
                  aria-sort={
                    header.column.getCanSort()
                      ? sorted === 'asc'
                        ? 'ascending'
                        : sorted === 'desc'
                          ? 'descending'
                          : 'none'
                      : undefined
                  }
                >
                  {header.column.getCanSort() ? (
                    <button
                      type="button"
                      className="inline-flex items-center gap-1"
                      onClick={header.column.getToggleSortingHandler()}
                    >
                      <table.FlexRender header={header} />
                      {sorted === 'asc' && <ChevronUp size={14} aria-hidden="true" />}
                      {sorted === 'desc' && <ChevronDown size={14} aria-hidden="true" />}
                    </button>
                  ) : (
                    <span className="sr-only">
                      <table.FlexRender header={header} />
                    </span>
                  )}
                </th>
              );
            })}
          </tr>
        ))}
      </thead>
      <tbody>
        {table.getRowModel().rows.map((row) => (
          <tr key={row.id} aria-selected={row.id === selected}>
            {row.getAllCells().map((cell) => (
              <td key={cell.id} className={numeric.includes(cell.column.id) ? 'num' : ''}>
                <table.FlexRender cell={cell} />
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
