import { expect, makeSession, open, ready, saved, test } from './fixture';

test('the API refuses what it cannot take, naming the field', async ({ page, baseURL }) => {
  await open(page, '/');
  const id = await makeSession(page, 'API', [
    { name: 'Ada', wrist_mm: 165, wrist_method: 'tape', project: 'band-buckle' },
  ]);
  const view = (await (await page.request.get(`/api/sessions/${id}`)).json()) as { seats: { id: string }[] };
  const seat = `/api/seats/${view.seats[0]!.id}`;
  const headers = { origin: baseURL!, 'content-type': 'application/json' };
  const patch = async (data: Buffer | string | object, more: Record<string, string> = {}) => {
    const response = await page.request.patch(seat, { headers: { ...headers, ...more }, data });
    expect(response.headers()['content-type']).toContain('application/problem+json');
    return { status: response.status(), ...((await response.json()) as { detail: string; pointer?: string }) };
  };
  const edit = (changes: object) => ({ version: 1, person_version: 1, changes });

  expect(await patch(Buffer.from('{"version": '))).toMatchObject({
    status: 400,
    detail: expect.stringContaining('not JSON') as unknown,
  });
  expect(await patch('version=1', { 'content-type': 'text/plain' })).toMatchObject({ status: 415 });
  expect(await patch(edit({ note: 'x' }), { origin: 'http://elsewhere.example.org' })).toMatchObject({ status: 403 });
  expect(await patch(edit({ wrist_mm: 2000 }))).toMatchObject({
    status: 422,
    pointer: '/changes/wrist_mm',
    detail: 'wrist mm must be at most 280.',
  });
  expect(await patch(edit({ wrist_mm: '165' }))).toMatchObject({ status: 422, pointer: '/changes/wrist_mm' });
  expect(await patch(edit({ age: 9.5 }))).toMatchObject({ status: 422, pointer: '/changes/age' });
  expect(await patch(edit({ hat: 1 }))).toMatchObject({ status: 422, pointer: '/changes/hat' });
  expect(await patch(edit({ project: 'no-such' }))).toMatchObject({
    status: 422,
    detail: expect.stringContaining('band-buckle') as unknown,
  });
  expect(await patch({ ...edit({ note: 'x' }), version: 7 })).toMatchObject({ status: 409 });
  expect(await patch(edit({ note: 'x'.repeat(2_000_000) }))).toMatchObject({ status: 413 });
  expect((await page.request.get('/api/sessions/not-an-id')).status()).toBe(404);
  expect((await page.request.get(`/api/sessions/${crypto.randomUUID()}`)).status()).toBe(404);
});

test('the shelf refuses what it cannot book, naming the field, and books none of it', async ({ page, baseURL }) => {
  await open(page, '/');
  const headers = { origin: baseURL! };
  const key = () => crypto.randomUUID();
  const post = async (path: string, data: object) => {
    const response = await page.request.post(path, { headers, data });
    return { status: response.status(), ...((await response.json()) as { detail?: string; pointer?: string }) };
  };
  const receive = (receipts: object[], more: object = { key: key() }) =>
    post('/api/shelf/receive', { receipts, ...more });
  const lot = { kind: 'spool', amount: 5000, place: '', tare: null };
  const cord = { item: 'cord/hemp-1/reed', note: '', lots: [lot] };
  const count = async () =>
    ((await (await page.request.get('/api/shelf/ledger')).json()) as { id: string }[])[0]?.id ?? '0';
  const before = await count();

  expect(await receive([cord], {})).toMatchObject({ status: 422, pointer: '/key' });
  expect(await receive([])).toMatchObject({ status: 422, pointer: '/receipts' });
  expect(await receive([{ ...cord, lots: [{ ...lot, amount: 0 }] }])).toMatchObject({
    status: 422,
    pointer: '/receipts/0/lots/0/amount',
  });
  expect(await receive([{ ...cord, lots: [{ ...lot, amount: 1.5 }] }])).toMatchObject({ status: 422 });
  expect(await receive([{ ...cord, lots: [{ ...lot, kind: 'barrel' }] }])).toMatchObject({
    status: 422,
    pointer: '/receipts/0/lots/0/kind',
  });
  expect(await receive([{ ...cord, item: 'cord/../etc' }])).toMatchObject({ status: 422, pointer: '/receipts/0/item' });
  // The second of two is unknown: the first is not booked either.
  expect(await receive([cord, { ...cord, item: 'cord/hemp-1/mauve' }])).toMatchObject({
    status: 422,
    detail: expect.stringContaining('has no “cord/hemp-1/mauve”') as unknown,
  });
  expect(await post(`/api/shelf/lots/${key()}`, { key: key(), kind: 'waste', amount: 1, note: '' })).toMatchObject({
    status: 404,
  });
  expect(await post('/api/orders', { key: key(), lines: [{ item: 'cord/hemp-1/reed', packs: 0 }] })).toMatchObject({
    status: 422,
    pointer: '/lines/0/packs',
  });
  expect(await post('/api/shelf/movements/1x', { key: key() })).toMatchObject({ status: 404 });
  expect((await page.request.get('/api/shelf/ledger?before=now')).status()).toBe(422);
  expect((await page.request.get(`/api/shelf/lots/${key()}/uses`)).status()).toBe(404);
  expect((await page.request.get('/api/shelf/items/cord/hemp-1/mauve')).status()).toBe(404);
  expect(await count()).toBe(before);
});

test('a page that says which studio it has is not sent it again', async ({ page }) => {
  await open(page, '/');
  const id = await makeSession(page, 'Marked', [{ name: 'Ada', wrist_mm: 165, wrist_method: 'tape' }]);
  const read = async (mark?: string) =>
    (await (
      await page.request.get(`/api/sessions/${id}`, { headers: mark ? { 'lapboard-studio': mark } : {} })
    ).json()) as { seats: object[]; studio?: { mark: string } };
  const whole = await read();
  expect(whole.studio!.mark).toBeTruthy();
  const known = await read(whole.studio!.mark);
  expect(known.studio).toBeUndefined();
  expect(known.seats).toEqual(whole.seats);
  expect((await read('another')).studio).toEqual(whole.studio);
});

test('the server tells browsers to run nothing but its own', async ({ page }) => {
  const response = await page.goto('/');
  const policy = response!.headers()['content-security-policy'];
  for (const part of ["default-src 'self'", "frame-ancestors 'none'", "script-src 'self'"])
    expect(policy).toContain(part);
  expect(policy).not.toContain('unsafe');
  expect(response!.headers()['x-content-type-options']).toBe('nosniff');
});

test('5,000 lines, an empty list and a wrist of 2 m are refused and nothing typed is lost', async ({ page, watch }) => {
  watch.mayBeRefused = true;
  await open(page, '/');
  const id = await makeSession(page, 'Lists');
  await open(page, `/sessions/${id}/seats`);
  const box = page.getByLabel('List of who is coming');
  await page.getByRole('button', { name: 'Read the list' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'The list is empty' })).toBeVisible();
  const long = Array.from({ length: 5000 }, (_, i) => `Person ${i} 16 cm`).join('\n');
  await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.evaluate((text) => navigator.clipboard.writeText(text), long);
  await box.focus();
  await page.keyboard.press('Control+V');
  await page.getByRole('button', { name: 'Read the list' }).click();
  await expect(
    page.getByRole('alert').filter({ hasText: '5,000 lines; a session holds at most 500 seats' }),
  ).toBeVisible();
  await page.reload();
  await expect(box).toHaveValue(long);

  await box.fill('<img src=x onerror=alert(1)>, 16.5 cm, 30, buckle');
  await page.getByRole('button', { name: 'Read the list' }).click();
  await page.getByRole('button', { name: 'Seat 1 person' }).click();
  await saved(page);
  await page.keyboard.press('2');
  await expect(page.getByRole('rowheader', { name: '<img src=x onerror=alert(1)>' })).toBeVisible();
  const wrist = page.getByRole('textbox', { name: 'Wrist of <img' });
  await wrist.fill('2 m');
  await wrist.press('Enter');
  await expect(
    page.getByRole('alert').filter({ hasText: '2000 mm cannot be a wrist: one is between 90 and 280 mm' }),
  ).toBeVisible();
  await expect(wrist).toHaveValue('2 m');
  await wrist.fill('17 kg');
  await wrist.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: '“kg” is not a unit' })).toBeVisible();
});

test('two tabs: the later edit gets a clear choice, and no one is overwritten silently', async ({
  page,
  context,
  watch,
}) => {
  watch.mayBeRefused = true;
  await open(page, '/');
  const id = await makeSession(page, 'Two tabs', [
    { name: 'Ada Quoin', wrist_mm: 165, wrist_method: 'tape', project: 'band-buckle' },
  ]);
  await open(page, `/sessions/${id}/fit`);
  const other = await context.newPage();
  await open(other, `/sessions/${id}/fit`);
  const set = async (tab: typeof page, wrist: string) => {
    await tab.getByRole('textbox', { name: 'Wrist of Ada Quoin' }).fill(wrist);
    await tab.getByRole('textbox', { name: 'Wrist of Ada Quoin' }).press('Enter');
  };
  await set(page, '170 mm');
  await saved(page);
  await set(other, '180 mm');
  const conflict = other.getByRole('alert').filter({ hasText: 'Someone else changed this seat' });
  await expect(conflict).toContainText('now 170 mm, yours 180 mm');
  await expect(other.getByRole('textbox', { name: 'Wrist of Ada Quoin' })).toHaveValue('18.0 cm');
  await conflict.getByRole('button', { name: 'Save mine over it' }).click();
  await saved(other);
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Wrist of Ada Quoin' })).toHaveValue('18.0 cm');

  await ready(page);
  await set(page, '150 mm');
  await saved(page);
  await set(other, '200 mm');
  await conflict.getByRole('button', { name: 'Keep what is there' }).click();
  await expect(other.getByRole('textbox', { name: 'Wrist of Ada Quoin' })).toHaveValue('15.0 cm');
  await saved(other);
});

test('a session deleted in another tab says so and comes back with what was typed', async ({
  page,
  context,
  watch,
}) => {
  watch.mayBeRefused = true;
  await open(page, '/');
  const id = await makeSession(page, 'Deleted elsewhere', [
    { name: 'Ada Quoin', wrist_mm: 165, wrist_method: 'tape', project: 'band-buckle' },
  ]);
  await open(page, `/sessions/${id}/fit`);
  const other = await context.newPage();
  await open(other, '/sessions');
  await other.getByRole('button', { name: 'Delete Deleted elsewhere' }).click();
  await expect(other.getByRole('status').filter({ hasText: 'Deleted elsewhere deleted.' })).toBeVisible();
  await page.getByRole('textbox', { name: 'Wrist of Ada Quoin' }).fill('17.1');
  await page.getByRole('textbox', { name: 'Wrist of Ada Quoin' }).press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: 'deleted in another tab' })).toBeVisible();
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await saved(page);
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Wrist of Ada Quoin' })).toHaveValue('17.1 cm');
});
