import { ENDPOINTS } from './endpoints';
import { chance, Generator } from './generate';

/** One request to send. */
export interface FuzzRequest {
  readonly method: string;
  readonly path: string;
  readonly body: string | null;
  readonly headers: Readonly<Record<string, string>>;
}

const FILES = [
  'session.json',
  'cuts.csv',
  'cut-sheet.pdf',
  'room-sheet.pdf',
  'safety-card.pdf',
  'table-sheet.pdf',
  'packing-list.pdf',
  'print',
  'shelf.csv',
  'no.such',
];

/** Requests without end, the same for the same seed: mostly such as reach something, each part of them now and then spoilt. */
export function* requests(seed: number, known: readonly string[], origin: string): IterableIterator<FuzzRequest> {
  const random = chance(seed);
  for (;;) {
    const generator = new Generator(random, known, random() < 0.4 ? 0 : 0.06);
    const [method, template, schema] = generator.pick(ENDPOINTS);
    const path = template.replace(/:(\w+)/g, (_, what: string) => {
      const part = {
        id: () => (random() < 0.85 ? generator.pick(known) : String(generator.value({ type: 'string' } as never))),
        slug: () =>
          generator.pick(['band-buckle', 'fob-ring', 'satin-2', 'buckle-15', 'constructor', 'no-such', '__proto__']),
        item: () => generator.pick(['cord/sheathed-4/race', 'hardware/buckle-15', 'tool/awl', 'x/y/z/%2e%2e']),
        file: () => generator.pick(FILES),
        number: () => generator.pick(['1', '7', '999999999999999999', '0', '-1', 'x']),
        text: () => String(generator.value({ type: 'string' } as never)),
      }[what]!();
      // A half of a character has no percent form: it is sent as the bytes that no text has.
      return part.isWellFormed() ? encodeURIComponent(part).replaceAll('%2F', '/') : '%ED%A0%80';
    });
    const body =
      method === 'GET'
        ? null
        : template === '/api/import'
          ? String(generator.value({ type: 'string' } as never))
          : random() < 0.02
            ? '{"version": 1,'
            : JSON.stringify(generator.value(schema!));
    const json = { 'content-type': template === '/api/import' ? 'application/zip' : 'application/json', origin };
    yield { method, path, body, headers: method === 'GET' ? {} : json };
  }
}

/** Why an answer is not as every answer must be; null where it is. */
export function faultOf(
  request: FuzzRequest,
  answer: { readonly status: number; readonly type: string; readonly text: string; readonly ms: number },
): string | null {
  const said = `${request.method} ${request.path} ${request.body?.slice(0, 300) ?? ''}: ${answer.status}`;
  if (answer.status >= 500) return `${said} ${answer.text.slice(0, 200)}`;
  if (answer.ms > 8000) return `${said} after ${answer.ms.toFixed(0)} ms`;
  // As it arrives: whoever sends `..` is somewhere else.
  const { pathname } = new URL(request.path, 'http://localhost');
  if (pathname.startsWith('/api/') && answer.status >= 400 && !answer.type.startsWith('application/problem+json'))
    return `${said} answered as ${answer.type}`;
  if (
    /sequelize|node_modules|\bSELECT .* FROM\b|\bINSERT INTO\b|pg_|\.ts:\d+/.test(answer.text) &&
    answer.status >= 400
  )
    return `${said} tells its inside: ${answer.text.slice(0, 200)}`;
  return null;
}
