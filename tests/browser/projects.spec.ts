import { expect, makeSession, open, saved, test } from './fixture';

test('the gallery shows every project, drawn, and a page for each', async ({ page }) => {
  await open(page, '/projects');
  await expect(page.getByRole('img', { name: /, front, / })).toHaveCount(20);
  await page.getByRole('link', { name: /^Wrapped ladder/ }).click();
  await expect(page.getByRole('heading', { name: 'Wrapped ladder' })).toBeVisible();
  // It is told act by act, in the order in which it is made, with the figures of a usual seat.
  const acts = page.getByRole('region', { name: 'How it is made' }).getByRole('listitem');
  await expect(acts.first()).toContainText('Fold the leather exactly in the middle');
  await expect(acts.filter({ hasText: 'right thread end' })).toContainText('from left to right');
  await expect(acts.filter({ hasText: /\d+ beads in all/ })).toHaveCount(1);
  await expect(acts.last()).toContainText('push the button through the loop');
  await expect(page.getByRole('row', { name: /17\.0 cm/ })).toContainText('beads');
});

test('every drawing fills its frame and does not stand out of it', async ({ page }) => {
  await open(page, '/projects');
  const drawings = await page.getByRole('img', { name: /, front, / }).evaluateAll(async (all) => {
    const files = await Promise.all(all.map(async (img) => (await fetch((img as HTMLImageElement).src)).text()));
    return files.map((file) => {
      document.body.insertAdjacentHTML('beforeend', file.replace(/<style>.*?<\/style>/s, ''));
      const svg = document.body.lastElementChild as SVGSVGElement;
      const { x, y, width, height } = svg.viewBox.baseVal;
      const box = svg.getBBox();
      return {
        name: svg.getAttribute('aria-label')!,
        x,
        y,
        width,
        height,
        box: { x: box.x, y: box.y, w: box.width, h: box.height },
      };
    });
  });
  expect(drawings).toHaveLength(20);
  for (const { name, x, y, width, height, box } of drawings) {
    // The strokes of a strand end a hair past its middle line.
    expect(box.x, name).toBeGreaterThan(x - 1);
    expect(box.y, name).toBeGreaterThan(y - 1);
    expect(box.x + box.w, name).toBeLessThan(x + width + 1);
    expect(box.y + box.h, name).toBeLessThan(y + height + 1);
    expect(box.w / width, name).toBeGreaterThan(0.75);
    expect(box.h / height, name).toBeGreaterThan(0.35);
  }
});

test('a copy is composed, saved, used in a session, and revised without changing it', async ({ page }) => {
  await open(page, '/composer/band-buckle');
  const name = page.getByRole('textbox', { name: 'Name of the project' });
  await name.fill('Spiral buckle band');
  await name.press('Enter');
  const slug = `spiral-${Date.now().toString(36)}`;
  await page.getByRole('textbox', { name: 'Short name' }).fill(slug);
  await page.getByRole('textbox', { name: 'Short name' }).press('Enter');
  const preview = page.getByRole('region', { name: 'As it comes out' });
  const cutNow = async () => parseFloat(await preview.locator('td.num').first().innerText());
  const before = await cutNow();
  await page.getByLabel('Stitch', { exact: true }).selectOption('half-knot-spiral');
  await expect(
    page.getByRole('region', { name: 'The piece', exact: true }).getByRole('img', { name: /front/ }),
  ).toBeVisible();
  await expect.poll(cutNow).not.toBe(before);
  // A step that names nothing is said at once, with where it is.
  await page.getByRole('button', { name: 'Take far out' }).click();
  await page.getByRole('button', { name: 'Take near out' }).click();
  await expect(preview).not.toContainText('Buckle, closed');
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  // The order of the band, from the keyboard.
  await page.getByRole('button', { name: 'Move band towards the start' }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Control+z');
  await page.getByRole('button', { name: 'Save the project' }).click();
  await expect(page.getByText('Saved as revision 1.')).toBeVisible();

  const id = await makeSession(page, 'With our own', [
    { name: 'Ada Quoin', age: 30, wrist_mm: 165, wrist_method: 'tape', project: slug },
  ]);
  await open(page, `/sessions/${id}/cut`);
  const row = page.getByRole('row', { name: /Ada Quoin/ });
  const planned = await row.innerText();
  await open(page, `/composer/${slug}?edit=yes`);
  await page.getByLabel('Stitch', { exact: true }).selectOption('square-knot');
  await page.getByLabel('Cord', { exact: true }).first().selectOption('sheathed-3');
  await page.getByRole('button', { name: 'Save the project' }).click();
  await expect(page.getByText('Saved as revision 2.')).toBeVisible();

  await open(page, `/sessions/${id}/cut`);
  expect(await row.innerText()).toBe(planned);
  await page.getByRole('button', { name: 'Open the cut of Ada Quoin' }).click();
  await page.getByRole('button', { name: 'Use the newer' }).click();
  await saved(page);
  await expect(row).not.toHaveText(planned);
});

test('the composer shows the server’s drawings until the piece is another', async ({ page }) => {
  await open(page, '/composer/band-buckle');
  const front = page.getByRole('img', { name: /, front, / });
  const closed = page.getByRole('img', { name: /, closed: / });
  await expect(front).toHaveAttribute('src', '/strips/band-buckle/ruled-front.svg');
  await expect(closed).toHaveAttribute('src', '/strips/band-buckle/closed.svg');
  const [before, height] = [await front.getAttribute('alt'), (await front.boundingBox())!.height];
  await page.getByLabel('Wrist to try').fill('19');
  await page.getByLabel('Wrist to try').press('Enter');
  await expect(front).not.toHaveAttribute('src', /./);
  expect(await front.getAttribute('aria-label')).not.toBe(before);
  // Longer, it is as wide as before, and so a little lower.
  const now = (await front.boundingBox())!.height;
  expect(now).toBeLessThan(height);
  expect(now).toBeGreaterThan(height * 0.8);
});

test('the band is put in order by dragging, with a pointer or from the keyboard', async ({ page }) => {
  // Room for the whole list under the piece: at the foot of the page a drag scrolls it.
  await page.setViewportSize({ width: 1280, height: 1100 });
  await open(page, '/composer/band-buckle');
  const grips = page.getByRole('button', { name: /^Drag / });
  const order = () => grips.evaluateAll((all) => all.map((grip) => grip.getAttribute('aria-label')!.slice(5)));
  expect(await order()).toEqual(['near', 'band', 'far']);
  const [from, to] = [await grips.nth(0).boundingBox(), await grips.nth(1).boundingBox()];
  await page.mouse.move(from!.x + 8, from!.y + 8);
  await page.mouse.down();
  await page.mouse.move(from!.x + 8, from!.y + 24, { steps: 4 });
  await page.mouse.move(to!.x + 8, to!.y + 30, { steps: 8 });
  await page.mouse.up();
  await expect.poll(order).toEqual(['band', 'near', 'far']);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(order).toEqual(['near', 'band', 'far']);

  // What is taken up and where it is said aloud. A key before the places are measured moves nothing: it is pressed again.
  const said = page.getByRole('status').filter({ hasText: /item/ });
  const downTo = (place: string) =>
    expect(async () => {
      await page.keyboard.press('ArrowDown');
      await expect(said).toContainText(`area ${place}`, { timeout: 1500 });
    }).toPass({ timeout: 30_000 });
  await grips.nth(1).focus();
  await page.keyboard.press('Space');
  await expect(said).toContainText('item band was moved over droppable area band');
  await downTo('far');
  await page.keyboard.press('Space');
  await expect.poll(order).toEqual(['near', 'far', 'band']);
  // Taken up and let go with Escape, it stays where it was.
  await grips.nth(0).focus();
  await page.keyboard.press('Space');
  await expect(said).toContainText('item near was moved over droppable area near');
  await downTo('far');
  await page.keyboard.press('Escape');
  await expect(said).toContainText(/cancel/i);
  expect(await order()).toEqual(['near', 'far', 'band']);

  const tools = page.getByLabel('Tools at the seat');
  await tools.fill('clip, awl');
  await tools.press('Enter');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(tools).toHaveValue('');
});

test('a project file is taken if it holds, and refused with the field at fault', async ({ page, watch, baseURL }) => {
  watch.mayBeRefused = true;
  await open(page, '/composer/new');
  const doc = (await (await page.request.get('/api/projects/ring-centre')).json()) as Record<string, unknown>;
  const give = (content: unknown, name = 'piece.json') =>
    page.locator('input[type=file]').setInputFiles({
      name,
      mimeType: 'application/json',
      buffer: Buffer.from(typeof content === 'string' ? content : JSON.stringify(content)),
    });
  await give('{"format":');
  await expect(page.getByRole('alert').filter({ hasText: 'piece.json' })).toBeVisible();
  await give({ ...doc, opens: 'magic' });
  await expect(page.getByRole('alert').filter({ hasText: '/opens' })).toContainText('fastener, slides, no');
  await give({ ...doc, parts: [{ id: 'ring', part: 'zip' }] });
  await expect(page.getByRole('alert').filter({ hasText: '/parts/0/part' })).toContainText('“zip” is not a part');
  await give({ ...doc, slug: 'ring-two', name: 'Ring again' });
  await expect(page.getByRole('textbox', { name: 'Name of the project' })).toHaveValue('Ring again');
  await expect(page.getByText('nothing is saved yet')).toBeVisible();

  // A flame cannot come in by a file: a cotton band with a fused end is planned with the ends tucked.
  const headers = { origin: baseURL!, 'content-type': 'application/json' };
  const band = (await (await page.request.get('/api/projects/band-buckle')).json()) as Record<string, unknown>;
  const slug = `flame-${Date.now().toString(36)}`;
  const made = await page.request.post('/api/projects', { headers, data: { base: null, doc: { ...band, slug } } });
  expect(made.status()).toBe(200);
  expect(
    (await page.request.post('/api/projects', { headers, data: { base: 7, doc: { ...band, slug } } })).status(),
  ).toBe(409);
  const id = await makeSession(page, 'No flame', [
    { name: 'Bo Trow', age: 9, wrist_mm: 150, wrist_method: 'tape', project: slug, options: { flame: true } },
  ]);
  await open(page, `/sessions/${id}/print`);
  await expect(page.getByRole('row', { name: /Bo Trow/ })).toContainText('no flame');
});

test('a strand’s way is read in words, changed step by step, one at a time, and taken back', async ({ page }) => {
  await open(page, '/composer/petal-arms');
  const first = page.getByRole('region', { name: 'Cord 1', exact: true });
  const way = 'works start as a, works first as a, works above as a, works join as a';
  await expect(first).toContainText(way);
  await expect(page.getByRole('combobox', { name: /^Step/ })).toHaveCount(0);
  const toggle = page.getByRole('button', { name: 'Change the way of leg 1 of cord 1' });
  await toggle.press('Enter');
  await page.getByLabel('Step 2 of cord 1, leg 1', { exact: true }).selectOption({ label: 'core through first' });
  await page.getByRole('button', { name: 'Step 3 of cord 1, leg 1 later' }).click();
  await toggle.click();
  await expect(first).toContainText('works start as a, core through first, works join as a, works above as a');

  await toggle.click();
  await page.getByRole('button', { name: 'Change the way of leg 1 of cord 2' }).click();
  await expect(page.getByRole('list', { name: /^Way of/ })).toHaveCount(1);
  await expect(page.getByRole('list', { name: 'Way of cord 2, leg 1' })).toBeVisible();
  // A leg that is added is a way to be told.
  await first.getByRole('button', { name: 'Add a leg' }).click();
  await expect(page.getByRole('list', { name: /^Way of/ })).toHaveCount(1);
  await expect(page.getByRole('list', { name: 'Way of cord 1, leg 3' })).toBeVisible();

  for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'Undo' }).click();
  await expect(first).toContainText(way);
});
