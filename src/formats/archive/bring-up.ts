import type { Row, Tables } from './manifest';

type Step = (row: Row) => Row;

const text = (value: unknown): string => (typeof value === 'string' ? value : '');

/** A cord or a piece of hardware with one version, as one revision of it. */
const asRevision: Step = ({ version, doc, ...row }) => ({
  ...row,
  revision: version,
  doc: { ...(doc as object), revision: version },
});

/** Lengths noted as cut, as the record that holds whole plans since: of these only the lengths are known. */
function asRecord(cut_done: unknown, on: string): unknown {
  if (!Array.isArray(cut_done)) return cut_done;
  const seats = new Map<string, { label: string; cuts: object[] }>();
  for (const { seat, label, ...cut } of cut_done as Record<string, unknown>[]) {
    const own = seats.get(text(seat)) ?? { label: text(label), cuts: [] };
    own.cuts.push({ ...cut, anatomy: [] });
    seats.set(text(seat), own);
  }
  return {
    on,
    bases: [],
    seats: [...seats].map(([seat, { label, cuts }]) => ({
      seat,
      person: null,
      label,
      asks: null,
      basis: null,
      plan: { items: [], tools: [], messages: [], cut: { cuts } },
    })),
  };
}

/** What each level of archives lacks of the next, table by table; the time stands in where a moment was not kept. */
const STEPS: Readonly<Record<number, (now: string) => Readonly<Record<string, Step>>>> = {
  5: (made_at) => ({
    settings: ({ id: _, version, doc }) => ({ revision: version, doc, made_at }),
    cords: (row) => ({ ...asRevision(row), made_at }),
    hardware: (row) => ({ ...asRevision(row), made_at }),
    projects: (row) => ({ ...row, made_at }),
    people: (row) => ({ ...row, forgotten: row.name === 'Forgotten' && row.age === null }),
    sessions: (row) => ({
      ...row,
      noted_at: made_at,
      cut_done: asRecord(row.cut_done, text(row.held_on)),
    }),
  }),
  6: () => ({ lots: (row) => ({ ...row, version: 1 }) }),
};

/** Tables of an earlier level as they would be now. */
export function bringUp(tables: Tables, from: number, to: number, now: string): Tables {
  let brought = tables;
  for (let level = from; level < to; level++) {
    const steps = STEPS[level]?.(now) ?? {};
    brought = Object.fromEntries(
      Object.entries(brought).map(([name, rows]) => [
        name,
        Object.hasOwn(steps, name) ? rows.map((row) => steps[name]!(row)) : rows,
      ]),
    );
  }
  return brought;
}
