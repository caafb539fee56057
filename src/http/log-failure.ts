/** What a database's error says of itself beside its text, which may hold somebody's note or wrist. */
interface DatabaseParts {
  readonly code?: unknown;
  readonly constraint?: unknown;
  readonly table?: unknown;
}

const word = (value: unknown): string => (typeof value === 'string' && /^[\w.-]{1,80}$/.test(value) ? value : '');

/**
 * An unforeseen failure as one line for the server's log: what kind it is, the database's code and constraint, and where in the
 * program. Never its text, nor the SQL it happened in: both carry what people wrote.
 */
export function failureLine(error: unknown, where: string): string {
  if (!(error instanceof Error)) return `${where}: threw something that is no error`;
  const inner = (error as { original?: DatabaseParts; parent?: DatabaseParts }).original ?? (error as DatabaseParts);
  const parts = [error.name, word(inner.code), word(inner.table), word(inner.constraint)].filter(Boolean);
  const frames = (error.stack ?? '')
    .split('\n')
    .filter((line) => /^\s+at /.test(line))
    .slice(0, 12)
    .map((line) => line.trim());
  return `${where}: ${parts.join(' ')} ${frames.join(' | ')}`;
}

/** Notes an unforeseen failure on the server's own log. */
export const logFailure = (error: unknown, where: string): void => console.error(failureLine(error, where));
