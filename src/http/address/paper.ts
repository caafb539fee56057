import type { Units } from '../../core/measure';

/** How a sheet is to be printed: from its address, else on the studio's paper and in one unit. */
export function paperOf(url: URL, studio: 'a4' | 'letter', units: Units) {
  const wanted = url.searchParams.get('paper');
  return {
    paper: wanted === 'a4' || wanted === 'letter' ? wanted : studio,
    both: url.searchParams.get('both') === 'yes',
    other: units === 'in' ? ('cm' as const) : ('in' as const),
  };
}
