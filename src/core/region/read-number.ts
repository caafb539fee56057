/**
 * A number as somebody types it, its decimals behind a point or a comma; null where it is none.
 *
 * @example
 * readNumber('4,20') // 4.2
 * readNumber('1.234,5') // null
 */
export function readNumber(text: string): number | null {
  const written = text.trim().replace('−', '-');
  return /^-?(\d+([.,]\d*)?|[.,]\d+)$/.test(written) ? Number(written.replace(',', '.')) : null;
}
