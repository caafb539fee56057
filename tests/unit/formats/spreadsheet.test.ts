import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { sheetText } from '../../../src/formats/spreadsheet';

/** A spreadsheet of one sheet, as small as one can be. */
function sheet(rows: readonly (readonly (string | number)[])[], more: Record<string, Uint8Array> = {}): Uint8Array {
  const cell = (value: string | number, at: string) =>
    typeof value === 'number'
      ? `<c r="${at}"><v>${value}</v></c>`
      : `<c r="${at}" t="inlineStr"><is><t xml:space="preserve">${value}</t></is></c>`;
  const data = rows
    .map((row, r) => `<row r="${r + 1}">${row.map((v, c) => cell(v, `${'ABCDEF'[c]}${r + 1}`)).join('')}</row>`)
    .join('');
  const head = '<?xml version="1.0" encoding="UTF-8"?>';
  const main = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';
  const rel = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
  return zipSync({
    'xl/workbook.xml': strToU8(
      `${head}<workbook xmlns="${main}" xmlns:r="${rel}"><sheets><sheet name="Club" sheetId="1" r:id="rId1"/></sheets></workbook>`,
    ),
    'xl/_rels/workbook.xml.rels': strToU8(
      `${head}<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="${rel}/worksheet" Target="worksheets/sheet1.xml"/></Relationships>`,
    ),
    'xl/worksheets/sheet1.xml': strToU8(`${head}<worksheet xmlns="${main}"><sheetData>${data}</sheetData></worksheet>`),
    ...more,
  });
}

describe('a spreadsheet', () => {
  it('is the text of its first sheet, a line a row', async () => {
    const bytes = sheet([
      ['Name', 'Age', 'Wrist'],
      ['Wren\nAshlock', 9, 16.5],
    ]);
    expect(await sheetText(bytes)).toBe('Name\tAge\tWrist\nWren Ashlock\t9\t16.5');
  });

  it('that is none, or is cut off, is said to be none', async () => {
    await expect(sheetText(strToU8('Name;Wrist'))).rejects.toThrow(/no ZIP/);
    await expect(sheetText(zipSync({ 'a.txt': strToU8('x') }))).rejects.toThrow(/no spreadsheet/);
    await expect(sheetText(sheet([['Name']]).slice(0, 200))).rejects.toThrow();
  });

  it.each([
    ['XFD1048576', /rows/],
    ['XFD1', /columns/],
    ['A1048576', /rows/],
    ['ZZZZZZZ9999999999', /rows/],
    ['IV19999', /million cells/],
  ])('with one cell at %s is refused before a place is made for each before it', async (at, words) => {
    const bytes = unzipSync(sheet([['Name'], ['Ada']]));
    const xml = strFromU8(bytes['xl/worksheets/sheet1.xml']!).replace('r="A2"', `r="${at}"`);
    const spoilt = zipSync({ ...bytes, 'xl/worksheets/sheet1.xml': strToU8(xml) });
    await expect(sheetText(spoilt)).rejects.toThrow(words);
  });

  it('that unpacks to more than any list is refused', async () => {
    const bomb = { 'xl/media/big.bin': new Uint8Array(40_000_000) };
    const bytes = sheet([['Name']], bomb);
    expect(bytes.length).toBeLessThan(100_000);
    await expect(sheetText(bytes)).rejects.toThrow(/larger than it should/);
  });
});
