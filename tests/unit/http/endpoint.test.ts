import { Type } from '@sinclair/typebox';
import type { APIContext } from 'astro';
import { describe, expect, it, vi } from 'vitest';
import { Problem } from '../../../src/core/problem';
import { checker } from '../../../src/formats/check';
import { downloads, idOf, reads, takesFile, writes } from '../../../src/http/endpoint';
import { unlessKnown } from '../../../src/http/known-studio';
import { paperOf } from '../../../src/http/address/paper';

const HOME = 'http://127.0.0.1:4320';
const asked = (init: RequestInit & { params?: Record<string, string> } = {}): APIContext => {
  const { params = {}, ...request } = init;
  return {
    request: new Request(`${HOME}/api/things`, request),
    url: new URL(`${HOME}/api/things`),
    params,
    locals: {},
  } as never;
};
const posted = (body: unknown, headers: Record<string, string> = {}): APIContext =>
  asked({
    method: 'POST',
    headers: { origin: HOME, 'content-type': 'application/json', ...headers },
    body: typeof body === 'string' ? body : JSON.stringify(body),
  });
const told = async (answer: Response | Promise<Response>) => {
  const response = await answer;
  return { status: response.status, ...((await response.json()) as Record<string, unknown>) };
};

const check = checker(
  Type.Object({ changes: Type.Object({ wrist_mm: Type.Integer({ maximum: 280 }) }) }, { additionalProperties: false }),
);
const write = writes(check, async ({ changes }) => ({ stored: changes.wrist_mm }));

describe('an endpoint that writes', () => {
  it('does what a page of ours asks', async () => {
    expect(await told(write(posted({ changes: { wrist_mm: 165 } })) as Promise<Response>)).toEqual({
      status: 200,
      stored: 165,
    });
  });

  it('takes nothing from another page, nor from nobody', async () => {
    const body = { changes: { wrist_mm: 165 } };
    const from = (origin: string) => told(write(posted(body, { origin })) as Promise<Response>);
    expect(await from('http://127.0.0.1:9999')).toMatchObject({ status: 403, type: '/problems/cross-origin' });
    expect(await from('http://evil.example.org')).toMatchObject({ status: 403 });
    const unsaid = asked({
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    expect(await told(write(unsaid) as Promise<Response>)).toMatchObject({ status: 403 });
    // A browser that says no origin says where the page is from.
    const same = asked({
      method: 'POST',
      headers: { 'content-type': 'application/json', 'sec-fetch-site': 'same-origin' },
      body: JSON.stringify(body),
    });
    expect(await told(write(same) as Promise<Response>)).toMatchObject({ status: 200 });
  });

  it('names the field at fault as a person would', async () => {
    const refused = async (body: unknown) => told(write(posted(body)) as Promise<Response>);
    expect(await refused({ changes: { wrist_mm: 999 } })).toMatchObject({
      status: 422,
      pointer: '/changes/wrist_mm',
      detail: expect.stringMatching(/^wrist mm must be at most 280/) as string,
    });
    expect(await refused({ changes: { wrist_mm: 165 }, hat: 1 })).toMatchObject({ status: 422, pointer: '/hat' });
    expect(await refused('{"changes":')).toMatchObject({ status: 400, type: '/problems/malformed' });
    expect(await refused('[]')).toMatchObject({ status: 422 });
    const plain = posted('x', { 'content-type': 'text/plain' });
    expect(await told(write(plain) as Promise<Response>)).toMatchObject({ status: 415 });
    expect(await refused({ changes: { wrist_mm: 165 }, note: 'x'.repeat(1_000_001) })).toMatchObject({ status: 413 });
  });

  it('tells a problem as itself and hides the inside of anything else', async () => {
    const failing = (error: Error) =>
      told(writes(check, () => Promise.reject(error))(posted({ changes: { wrist_mm: 1 } })) as Promise<Response>);
    expect(
      await failing(new Problem(409, 'stale', 'Someone else changed it.', { current: { version: 3 } })),
    ).toMatchObject({ status: 409, detail: 'Someone else changed it.', current: { version: 3 } });
    const log = vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const hidden = await failing(new Error('relation "people" at 10.0.0.3'));
    expect(hidden).toMatchObject({ status: 500, type: '/problems/unforeseen' });
    expect(JSON.stringify(hidden)).not.toContain('people');
    expect(log).toHaveBeenCalledOnce();
    log.mockRestore();
  });
});

describe('an endpoint that reads or gives', () => {
  it('answers with JSON that no cache keeps, or with nothing', async () => {
    const answer = (await reads(() => Promise.resolve({ n: 1 }))(asked())) as Response;
    expect(answer.headers.get('cache-control')).toBe('no-store');
    expect(await answer.json()).toEqual({ n: 1 });
    expect(((await reads(() => Promise.resolve(undefined))(asked())) as Response).status).toBe(204);
  });

  it('gives a file a name that every system can keep, and the right one to those that can', async () => {
    const give = downloads(() => Promise.resolve({ body: 'x', type: 'text/csv', name: 'Mühle "Ebbe".csv' }));
    const header = ((await give(asked())) as Response).headers.get('content-disposition')!;
    expect(header).toContain('filename="M-hle-Ebbe-.csv"');
    expect(header).toContain(`filename*=UTF-8''M%C3%BChle%20%22Ebbe%22.csv`);
  });

  it('takes a file of its type only, whole', async () => {
    const take = takesFile('application/zip', async (parts) => {
      let bytes = 0;
      for await (const part of parts) bytes += part.length;
      return { bytes };
    });
    const given = (type: string) =>
      asked({ method: 'POST', headers: { origin: HOME, 'content-type': type }, body: new Uint8Array(12) });
    expect(await told(take(given('application/zip')) as Promise<Response>)).toEqual({ status: 200, bytes: 12 });
    expect(await told(take(given('text/html')) as Promise<Response>)).toMatchObject({ status: 415 });
  });

  it('knows an id when it sees one', () => {
    const id = '3f2b8c1e-0000-4000-8000-00000000abcd';
    expect(idOf(asked({ params: { id } }))).toBe(id);
    for (const wrong of ['', '7', `${id}x`, "1' OR '1'='1"])
      expect(() => idOf(asked({ params: { id: wrong } }))).toThrow(/no such page/);
  });

  it('sends the studio to a page that has another, and to no other', () => {
    const view = { seats: [1], studio: { mark: 'b', catalogue: {} } };
    const asking = (mark?: string) => unlessKnown(view, asked({ headers: mark ? { 'lapboard-studio': mark } : {} }));
    expect(asking()).toBe(view);
    expect(asking('a')).toBe(view);
    expect(asking('b')).toEqual({ seats: [1] });
  });

  it('prints on the studio’s paper unless the address asks for another', () => {
    const of = (query: string) => paperOf(new URL(`${HOME}/x${query}`), 'letter', 'cm');
    expect(of('')).toEqual({ paper: 'letter', both: false, other: 'in' });
    expect(of('?paper=a4&both=yes')).toEqual({ paper: 'a4', both: true, other: 'in' });
    expect(of('?paper=a0').paper).toBe('letter');
  });
});
