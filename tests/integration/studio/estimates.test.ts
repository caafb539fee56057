import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { reserveSession } from '../../../src/app/kits/reserve';
import { addSeats } from '../../../src/app/session/seats';
import { createSession } from '../../../src/app/session/session';
import { cellOf, SHEETS } from '../../../src/app/sheets';
import type { SheetTable } from '../../../src/formats/sheets';
import { regionOf } from '../../../src/core/region';
import { freshStudio } from '../support/database';
import { CORD, layOut, stock } from '../support/shelf';

freshStudio();

/** A session of one who was measured and one who was not, laid out on what the shelf has. */
async function halfMeasured(): Promise<string> {
  const id = randomUUID();
  await createSession(id, { title: 'Half measured', held_on: '2030-05-01' });
  const seat = (name: string, wrist_method: 'tape' | 'estimate') => ({
    ...{ id: randomUUID(), name, age: 30, wrist_mm: 165, wrist_method, project: 'band-buckle' },
    cords: { whole: { cord: 'sheathed-4', colours: ['race'] } },
  });
  const view = await addSeats(id, [seat('Ada Quoin', 'tape'), seat('Bo Trow', 'estimate')]);
  await stock(CORD, 12_000);
  await stock('hardware/buckle-15', 4, 'bag');
  await reserveSession(id, view.session.version, randomUUID(), await layOut(view));
  return id;
}

describe('an estimate looks like one on paper', () => {
  it('on every sheet that names who something is for, and nobody measured is called one', async () => {
    const id = await halfMeasured();
    const seen: string[] = [];
    for (const sheet of SHEETS) {
      const made = await sheet.make(id, ({ units }) => ({ units, region: regionOf('en-GB'), both: false }));
      const cells = made.sheet.sections
        .filter((section): section is SheetTable => 'rows' in section)
        .flatMap(({ rows }) => rows.flatMap((row) => row.map(cellOf)));
      const named = cells.filter(({ text }) => /Ada Quoin|Bo Trow/.test(text));
      if (named.length === 0) continue;
      seen.push(sheet.name);
      for (const { text, note } of named)
        expect([sheet.name, text, note]).toEqual([sheet.name, text, text === 'Bo Trow' ? 'estimate' : undefined]);
    }
    expect(seen).toEqual(['Cut sheet', 'Cutting table', 'Packing list', 'Room sheet']);
  });
});
