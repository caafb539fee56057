import { describe, expect, it } from 'vitest';
import { galleryWish } from '../../../src/http/address/gallery-wish';
import { orderChoices } from '../../../src/http/address/order-choices';
import { pageOf, type OrderLine } from '../../../src/islands/shelf/buying/order-words';

const at = (query: string) => new URL(`http://127.0.0.1/x?${query}`);

describe('what an address asks of the gallery', () => {
  it('is read where it can be, and let be where it cannot', () => {
    expect(galleryWish(at('skill=new&age=9&minutes=45&shelf=yes&flame=no'))).toEqual({
      skill: 'new',
      age: 9,
      minutes: 45,
      onShelf: true,
      noFlame: true,
    });
    const nothing = { skill: null, age: null, minutes: null, onShelf: false, noFlame: false };
    expect(galleryWish(at(''))).toEqual(nothing);
    // As the form sends what was left empty, and as somebody types what is none.
    expect(galleryWish(at('skill=&age=&minutes='))).toEqual(nothing);
    expect(galleryWish(at('skill=master&age=121&minutes=-5&shelf=1&flame=yes'))).toEqual(nothing);
  });
});

describe('what an address asks of the list to order', () => {
  const way = (pack: number) => ({
    supplier: 'S',
    pack,
    price: 1,
    lead_days: 1,
    packs: 9,
    needed: 1,
    cost: 1,
    comes_on: '2030-05-02',
  });
  const line = (item: string, changes: Partial<OrderLine> = {}) =>
    ({ item, way: way(20), usual: way(20), without: false, ...changes }) as OrderLine;

  it('is what was chosen on screen, and nothing of what is bought as usual', () => {
    const path = pageOf([
      line('hardware/buckle-15'),
      line('cord/satin-2/race', { way: way(5000) }),
      line('tool/awl', { without: true }),
      // Left out, whatever pack was looked at before.
      line('tool/pin', { without: true, way: way(5) }),
    ]);
    const { packs, without } = orderChoices(new URL(path, 'http://127.0.0.1'));
    expect([...packs]).toEqual([['cord/satin-2/race', 5000]]);
    expect([...without]).toEqual(['tool/awl', 'tool/pin']);
    expect(pageOf([line('hardware/buckle-15')])).toBe('/order-list');
  });
  it('what cannot be read is let be', () => {
    const { packs, without } = orderChoices(at('pack=tool/awl&pack=tool/awl~x&pack=~5&pack=TOOL~5'));
    expect([packs.size, without.size]).toEqual([0, 0]);
  });
});
