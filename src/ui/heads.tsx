/** A column's heading: its name, whether numbers stand under it, its width, and whether it is for the ear alone. */
export interface Head {
  readonly name: string;
  readonly number?: boolean;
  readonly width?: string;
  readonly unseen?: boolean;
}

/** A heading over numbers. */
export const num = (name: string, width?: string): Head => ({ name, number: true, ...(width && { width }) });
/** A heading that the eye does not need. */
export const unseen = (name: string, width?: string): Head => ({ name, unseen: true, ...(width && { width }) });

/** The headings of a table, in the order of its columns; what is false is left out. */
export function Heads({ of }: { of: readonly (Head | string | false)[] }) {
  return (
    <thead>
      <tr>
        {of.map((head) => {
          if (head === false) return null;
          const { name, number, width, unseen: hidden }: Head = typeof head === 'string' ? { name: head } : head;
          return (
            <th key={name} scope="col" className={[number && 'num', width].filter(Boolean).join(' ') || undefined}>
              {hidden ? <span className="sr-only">{name}</span> : name}
            </th>
          );
        })}
      </tr>
    </thead>
  );
}
