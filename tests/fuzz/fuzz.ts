import { ENDPOINTS } from './endpoints';
import { chance, Generator } from './generate';

/** One request to send, to the server's own listener or the one on the LAN. */
export interface FuzzRequest {
  readonly listener: 'home' | 'room';
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

/** Methods that no page uses, and one that every page answers to. */
const OTHER_METHODS = ['HEAD', 'HEAD', 'OPTIONS', 'TRACE', 'PROPFIND'];
/** What a client may claim about where it is. */
const CLAIMS = [
  { 'x-forwarded-for': '203.0.113.9' },
  { 'x-forwarded-host': 'evil.example', 'x-forwarded-proto': 'https' },
  { forwarded: 'for=127.0.0.1' },
  { host: 'evil.example' },
  { origin: 'null' },
];

/** A text, mostly; whatever else was made of it is written as JSON. */
function textOf(generator: Generator): string {
  const value = generator.value({ type: 'string' } as never);
  return typeof value === 'string' ? value : JSON.stringify(value);
}

/** Requests without end, the same for the same seed: mostly such as reach something, each part of them now and then spoilt. */
export function* requests(
  seed: number,
  known: readonly string[],
  origins: Readonly<Record<FuzzRequest['listener'], string>>,
): IterableIterator<FuzzRequest> {
  const random = chance(seed);
  for (;;) {
    const generator = new Generator(random, known, random() < 0.4 ? 0 : 0.06);
    const [method, template, schema] = generator.pick(ENDPOINTS);
    const path = template.replace(/:(\w+)/g, (_, what: string) => {
      const part = {
        id: () => (random() < 0.85 ? generator.pick(known) : textOf(generator)),
        slug: () =>
          generator.pick(['band-buckle', 'fob-ring', 'satin-2', 'buckle-15', 'constructor', 'no-such', '__proto__']),
        item: () => generator.pick(['cord/sheathed-4/race', 'hardware/buckle-15', 'tool/awl', 'x/y/z/%2e%2e']),
        file: () => generator.pick(FILES),
        number: () => generator.pick(['1', '7', '999999999999999999', '0', '-1', 'x']),
        text: () => textOf(generator),
      }[what]!();
      // A half of a character has no percent form: it is sent as the bytes that no text has.
      return part.isWellFormed() ? encodeURIComponent(part).replaceAll('%2F', '/') : '%ED%A0%80';
    });
    const body =
      method === 'GET'
        ? null
        : template === '/api/import'
          ? textOf(generator)
          : random() < 0.02
            ? '{"version": 1,'
            : JSON.stringify(generator.value(schema!));
    const listener = random() < 0.2 ? 'room' : 'home';
    const own = origins[listener];
    const json = { 'content-type': template === '/api/import' ? 'application/zip' : 'application/json', origin: own };
    const claims = random() < 0.05 ? generator.pick(CLAIMS) : {};
    if (random() < 0.08) yield { listener, method: generator.pick(OTHER_METHODS), path, body: null, headers: claims };
    else yield { listener, method, path, body, headers: { ...(method === 'GET' ? {} : json), ...claims } };
  }
}

/** Why an answer is not as every answer must be; null where it is. */
export function faultOf(
  request: FuzzRequest,
  answer: { readonly status: number; readonly type: string; readonly text: string; readonly ms: number },
): string | null {
  const said = `${request.method} ${request.path} ${request.body?.slice(0, 300) ?? ''}: ${answer.status}`;
  // 503 says why, and that it may do later.
  if (answer.status === 503 && answer.text.includes('"detail"')) return null;
  if (answer.status >= 500) return `${said} ${answer.text.slice(0, 200)}`;
  if (answer.ms > 8000) return `${said} after ${answer.ms.toFixed(0)} ms`;
  // As it arrives: whoever sends `..` is somewhere else.
  const { pathname } = new URL(request.path, 'http://localhost');
  if (
    request.method !== 'HEAD' &&
    pathname.startsWith('/api/') &&
    answer.status >= 400 &&
    !answer.type.startsWith('application/problem+json')
  )
    return `${said} answered as ${answer.type}`;
  if (
    /sequelize|node_modules|\bSELECT .* FROM\b|\bINSERT INTO\b|pg_|\.ts:\d+/.test(answer.text) &&
    answer.status >= 400
  )
    return `${said} tells its inside: ${answer.text.slice(0, 200)}`;
  return null;
}
