import { expect, makeSession, open, saved, test } from '../fixture';

/** Those that sort, or write numbers and days. */
const STAGES = ['fit', 'cut', 'kit', 'wrap-up'];

// The first question to the browser's own tables of languages takes long on a weak machine, and what they say depends on it.
test('no page asks the browser how its language sorts or writes as it comes up', async ({ page }) => {
  await open(page, '/');
  const id = await makeSession(page, 'No language asked', [
    { name: 'Quillan Dray', age: 30, skill: 'steady', wrist_mm: 160, wrist_method: 'tape', project: 'band-buckle' },
    { name: 'Merrow Tane', age: 30, skill: 'new', wrist_mm: 170, wrist_method: 'tape', project: 'petal-arms' },
  ]);
  await page.addInitScript(() => {
    const asked: string[] = [];
    Object.assign(window, { asked });
    const heard = <T extends object>(kind: T, name: string): T =>
      new Proxy(kind, {
        construct: (target, args) => (asked.push(name), Reflect.construct(target as never, args)),
        apply: (target, self, args) => (asked.push(name), Reflect.apply(target as never, self, args)),
      });
    const kinds = Intl as unknown as Record<string, object>;
    for (const name of [
      'Collator',
      'NumberFormat',
      'DateTimeFormat',
      'RelativeTimeFormat',
      'PluralRules',
      'ListFormat',
    ])
      kinds[name] = heard(kinds[name]!, name);
    for (const kind of [String, Number, Date].map((one) => one.prototype as unknown as Record<string, object>))
      for (const name of ['localeCompare', 'toLocaleString', 'toLocaleDateString', 'toLocaleTimeString'])
        if (Object.hasOwn(kind, name)) kind[name] = heard(kind[name]!, name);
  });
  const pages = ['/composer/petal-arms', '/shelf', '/settings'];
  for (const path of [...pages, ...STAGES.map((stage) => `/sessions/${id}/${stage}`)]) {
    await open(page, path);
    expect(await page.evaluate(() => (window as unknown as { asked: string[] }).asked), path).toEqual([]);
  }
});

test('the room comes with what probably becomes of it, as it was last saved', async ({ page }) => {
  await open(page, '/');
  const id = await makeSession(page, 'Room ahead', [
    { name: 'Osra Fenn', age: 30, skill: 'steady', wrist_mm: 160, wrist_method: 'tape', project: 'band-buckle' },
  ]);
  const sent = async () => (await page.request.get(`/sessions/${id}/room`)).text();
  await open(page, `/sessions/${id}/room`);
  expect(await sent()).not.toContain('finish by');
  for (const minutes of ['15', '115']) {
    await page.getByLabel('Minutes of the room').fill(minutes);
    await page.getByLabel('Minutes of the room').press('Enter');
    const said = page.locator('strong', { hasText: new RegExp(`^About .* finish by ${minutes} min`) });
    await expect(said).toBeVisible();
    await saved(page);
    const words = await said.innerText();
    // The marks that keep pieces of text apart are not read. A busy machine sends the first page before it has reckoned.
    await expect.poll(async () => (await sent()).replaceAll('<!-- -->', ''), { timeout: 30_000 }).toContain(words);
  }
});
