/** Names as numbers, in the order in which they come. */
export interface Numbered {
  readonly of: (name: string) => number;
  readonly names: readonly string[];
}

export function numbered(): Numbered {
  const known = new Map<string, number>();
  const names: string[] = [];
  return {
    names,
    of: (name) => {
      const before = known.get(name);
      if (before !== undefined) return before;
      known.set(name, names.length);
      return names.push(name) - 1;
    },
  };
}
