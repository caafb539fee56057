import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { hardwareItem } from '../../../src/core/shelf';
import { readStockCsv } from '../../../src/formats/stock';

describe('a list of stock', () => {
  const names = {
    cords: Object.values(SHIPPED.cords),
    pieces: Object.values(SHIPPED.hardware).map(({ slug, name }) => ({ item: hardwareItem(slug), slug, name })),
  };
  const read = (text: string) => readStockCsv(text, names, false);

  it('reads other separators, a byte-order mark and quoted line breaks', () => {
    const { lines, fault } = read(
      '\uFEFFWhere;Item;Colour;Length;Kind;Packs\r\n"Drawer\r\n3";Satin cord 2 mm;race BLUE;30 m;spool;2\r\n;buckle 15 mm;;24;;\r\n',
    );
    expect(fault).toBeNull();
    expect(lines.map(({ item, amount, kind, lots, faults }) => [item, amount, kind, lots, faults])).toEqual([
      ['cord/satin-2/race', 30_000, 'spool', 2, []],
      ['hardware/buckle-15', 24, 'bag', 1, []],
    ]);
    expect(lines[0]!.place).toBe('Drawer\r\n3');
    expect(read('item\tcolour\tamount\nsatin-2\trace\t33 ft').lines[0]!.amount).toBe(10_058);
  });

  it('knows what is on the shelf by name beside the catalogue', () => {
    const bags = { item: 'consumable/kit-bag', slug: 'kit-bag', name: 'Kit bag' };
    const { lines } = readStockCsv(
      'what,quantity,place\nKit bag,100,Bench\nkit-bag,50 pcs,\nWax seal,3,',
      { ...names, pieces: [...names.pieces, bags] },
      false,
    );
    expect(lines.map(({ item, amount, place }) => [item, amount, place])).toEqual([
      ['consumable/kit-bag', 100, 'Bench'],
      ['consumable/kit-bag', 50, ''],
      [null, 3, ''],
    ]);
    expect(lines[2]!.faults).toEqual([
      { column: 'item', problem: '“Wax seal” is no cord or hardware of the catalogue, nor on the shelf' },
    ]);
  });

  it('names each line by its number in the file, and takes 1 to 500 lots of a line', () => {
    const { lines } = read(
      'item,amount,lots\nbuckle-15,3,0\nbuckle-15,3,1\nbuckle-15,3,500\nbuckle-15,3,501\nbuckle-15,3,1.5',
    );
    expect(lines.map(({ line, faults }) => [line, faults.map(({ column }) => column)])).toEqual([
      [2, ['lots']],
      [3, []],
      [4, []],
      [5, ['lots']],
      [6, ['lots']],
    ]);
  });

  it('counts each lot once, by its number', () => {
    const { lines } = readStockCsv('lot,amount\n#4,12.5 m\n7,9\n4,12 m\nseven,3 m', names, true);
    expect(lines.map(({ lot, amount, faults }) => [lot, amount, faults.map(({ problem }) => problem)])).toEqual([
      [4, 12_500, []],
      [7, 9, []],
      [4, 12_000, ['lot 4 is on line 2 already']],
      [null, 3000, ['“seven” is no lot number']],
    ]);
  });

  it('reads whatever is in the file without throwing, and never makes up an amount', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), fc.string({ maxLength: 40 }), (rows, amount) => {
        const { lines } = read(`item,colour,amount\nsatin-2,race,"${amount.replaceAll('"', '')}"\n${rows}`);
        for (const line of lines) {
          if (line.amount === null) expect(line.faults.map(({ column }) => column)).toContain('amount');
          else expect(line.written).toMatch(/\d/);
        }
      }),
    );
  });

  it('guesses nothing: each fault by its column', () => {
    const faults = (row: string) =>
      read(`item,colour,amount,kind\n${row}`).lines[0]!.faults.map(({ column, problem }) => `${column}: ${problem}`);
    expect(faults('satin-2,race,30,spool')).toEqual(['amount: “30” has no unit; write 30 m, ft or mm']);
    expect(faults('satin-2,mauve,3 m,spool')[0]).toMatch(
      /^colour: Satin cord 2 mm has no colour “mauve”; it has Race blue/,
    );
    expect(faults('rope,race,3 m,spool')[0]).toMatch(/^item: “rope” is no cord/);
    expect(faults('buckle-15,,3 m,bag')).toEqual(['amount: “3 m” is no whole number of pieces']);
    expect(faults('satin-2,race,3 kg,drum')).toHaveLength(2);
    expect(read('a,b\n1,2').fault).toMatch(/“item” and “amount” are missing/);
    expect(read('item,amount\n"open,3').fault).toMatch(/quotation mark is not closed/);
    expect(read('item,amount\n').fault).toMatch(/No line/);
  });
});
