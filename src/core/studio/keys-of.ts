/**
 * The keys of a table whose keys are known.
 *
 * @example
 * keysOf({ cm: 10, mm: 1 }) // ['cm', 'mm']
 */
export const keysOf = <Key extends string>(table: Readonly<Partial<Record<Key, unknown>>>): Key[] =>
  Object.keys(table).filter((key): key is Key => Object.hasOwn(table, key));
