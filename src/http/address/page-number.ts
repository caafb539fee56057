/** The page that an address asks for, from 1 on; 1 where it asks for none that there can be. */
export const pageNumber = (url: URL): number =>
  Math.min(100_000, Math.max(1, Math.trunc(Number(url.searchParams.get('page') ?? 1)) || 1));
