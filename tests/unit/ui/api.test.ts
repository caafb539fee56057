import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { book, request, RequestProblem } from '../../../src/ui/api';

interface Sent {
  readonly path: string;
  readonly method: string;
  readonly body: Record<string, unknown> & { readonly key?: string };
}
let sent: Sent[] = [];
let answers: (Response | Error)[] = [];

beforeEach(() => {
  sent = [];
  answers = [];
  vi.stubGlobal('fetch', (path: string, init: RequestInit) => {
    const body = init.body ? (JSON.parse(init.body as string) as Sent['body']) : {};
    sent.push({ path, method: init.method!, body });
    const next = answers.shift() ?? new Error('nothing answers');
    return next instanceof Error ? Promise.reject(next) : Promise.resolve(next);
  });
});
afterEach(() => vi.unstubAllGlobals());

const json = (status: number, body: object): Response =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });
const refused = (status: number, code: string): Response =>
  json(status, { type: `/problems/${code}`, detail: 'Not so.', pointer: '/item', current: { version: 2 } });
const LOST = new TypeError('Failed to fetch');

const receive = (amount: number) => book('POST', '/api/shelf/receive', { item: 'cord/satin-2/race', amount });
const keys = (): (string | undefined)[] => sent.map(({ body }) => body.key);

describe('asking the server', () => {
  it('tells what it refuses with the field at fault, and what stands now', async () => {
    answers = [refused(409, 'stale')];
    const problem = await request('POST', '/api/x', { a: 1 }).catch((error: unknown) => error as RequestProblem);
    expect(problem).toMatchObject({
      status: 409,
      code: 'stale',
      pointer: '/item',
      current: { version: 2 },
      away: false,
    });
    expect((problem as RequestProblem).message).toBe('Not so.');
  });

  it('knows a server that is away from one that refuses', async () => {
    const away = async (answer: Response | Error): Promise<boolean> => {
      answers = [answer];
      return request('GET', '/api/x').then(
        () => false,
        (problem: RequestProblem) => problem.away,
      );
    };
    expect(await away(LOST)).toBe(true);
    expect(await away(refused(503, 'database-away'))).toBe(true);
    expect(await away(new Response('<h1>Bad gateway</h1>', { status: 502 }))).toBe(true);
    expect(await away(refused(422, 'invalid'))).toBe(false);
    expect(await away(json(200, {}))).toBe(false);
  });

  it('asks for nothing with a body, and takes an empty answer', async () => {
    answers = [json(200, { n: 1 }), new Response(null, { status: 204 })];
    expect(await request('GET', '/api/x')).toEqual({ n: 1 });
    expect(await request('DELETE', '/api/x')).toBeUndefined();
    expect(sent.map(({ method }) => method)).toEqual(['GET', 'DELETE']);
  });
});

describe('asking for something to be booked', () => {
  it('carries a key of its own each time it was answered', async () => {
    answers = [json(200, {}), json(200, {})];
    await receive(5);
    await receive(5);
    expect(new Set(keys()).size).toBe(2);
    expect(sent[0]!.body).toMatchObject({ item: 'cord/satin-2/race', amount: 5 });
  });

  it('carries the same key again where no answer came, until one does', async () => {
    answers = [LOST, refused(503, 'database-away'), json(200, {}), json(200, {})];
    await expect(receive(7)).rejects.toMatchObject({ away: true });
    await expect(receive(7)).rejects.toMatchObject({ away: true });
    await receive(7);
    await receive(7);
    const [first, second, third, fourth] = keys();
    expect([second, third]).toEqual([first, first]);
    expect(fourth).not.toBe(first);
  });

  it('is another thing where anything of it differs: the amount, the place it goes to, the way', async () => {
    answers = [LOST, LOST, LOST];
    await receive(8).catch(() => undefined);
    await receive(9).catch(() => undefined);
    await book('DELETE', '/api/shelf/receive', { item: 'cord/satin-2/race', amount: 8 }).catch(() => undefined);
    expect(new Set(keys()).size).toBe(3);
  });

  it('begins anew after a refusal, since nothing was booked', async () => {
    answers = [refused(409, 'not-enough'), json(200, {})];
    await expect(receive(11)).rejects.toMatchObject({ code: 'not-enough' });
    await receive(11);
    expect(new Set(keys()).size).toBe(2);
  });
});
