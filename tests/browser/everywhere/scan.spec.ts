import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import QRCode from 'qrcode';
import config from '../../../playwright.config';
import { pathOfCode } from '../../../src/core/kit/label-code';
import { expect, guest, makeSession, open, post, test } from '../fixture';

const SESSION = '11111111-1111-4111-8111-111111111111';
const SEAT = '22222222-2222-4222-8222-222222222222';
const FOLDER = join(import.meta.dirname, '../../../.lapboard');
const FILM = join(FOLDER, `label-${process.pid}.y4m`);

/** A film of one picture for a camera that is none: a label’s code, black on white. */
function film(text: string): Buffer {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
  const [side, scale] = [480, 10];
  const edge = Math.floor((side - modules.size * scale) / 2);
  const light = Buffer.alloc(side * side, 235);
  for (let y = 0; y < modules.size * scale; y++)
    for (let x = 0; x < modules.size * scale; x++)
      if (modules.get(Math.floor(y / scale), Math.floor(x / scale))) light[(y + edge) * side + x + edge] = 16;
  const frame = Buffer.concat([Buffer.from('FRAME\n'), light, Buffer.alloc((side * side) / 2, 128)]);
  return Buffer.concat([Buffer.from(`YUV4MPEG2 W${side} H${side} F10:1 Ip A1:1 C420jpeg\n`), frame, frame]);
}
mkdirSync(FOLDER, { recursive: true });
writeFileSync(FILM, film(`https://mill.local${pathOfCode({ kind: 'seat', session: SESSION, seat: SEAT })}`));

const own = config.use!.launchOptions!;
test.use({
  viewport: { width: 390, height: 844 },
  launchOptions: {
    ...own,
    args: [
      ...own.args!,
      '--use-fake-ui-for-media-stream',
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-video-capture=${FILM}`,
    ],
  },
});

test('a label held before the camera opens its seat’s bag, on a phone; the camera is lent to no other page', async ({
  page,
}) => {
  await open(page, '/');
  await makeSession(page, 'Another');
  await post(page, '/api/sessions', { id: SESSION, session: { title: 'Labelled', held_on: '2031-02-03' } });
  await post(page, `/api/sessions/${SESSION}/seats`, {
    seats: [{ id: SEAT, ...guest('Ada Quoin', 'satin-2', 'race') }],
  });
  await page.getByRole('button', { name: 'Read a label' }).click();
  await page.waitForURL(`**${pathOfCode({ kind: 'seat', session: SESSION, seat: SEAT })}`, { timeout: 30_000 });
  await expect(page.getByRole('complementary', { name: 'Seat of Ada Quoin' })).toBeVisible();
  const policy = async (path: string) => (await page.request.get(path)).headers()['permissions-policy'];
  expect(await policy('/shelf')).toContain('camera=(self)');
  expect(await policy('/settings')).toContain('camera=()');
});
