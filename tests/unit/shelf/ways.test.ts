import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { orderGroups, usualWay, waysToBuy, type Way } from '../../../src/core/shelf';

const TODAY = '2030-05-01';
const offer = (pack: number, price: number, lead_days = 4, packs = 9, supplier = 'Marram') => ({
  supplier,
  pack,
  price,
  lead_days,
  packs,
});
const pieces = (short: number) => ({ short, missing: [] });

describe('ways to buy what is missing', () => {
  it('takes whole packs, and of cord so many that no length is joined', () => {
    expect(waysToBuy(pieces(41), [offer(20, 300)], TODAY)).toMatchObject([
      { needed: 3, cost: 900, comes_on: '2030-05-05' },
    ]);
    // Two lengths of 6 m out of packs of 10 m: one each, though 12 m in sum would be less than two packs of 7 m.
    const cord = { short: 12_000, missing: [6000, 6000] };
    expect(waysToBuy(cord, [offer(10_000, 500), offer(5000, 200), offer(12_000, 550)], TODAY)).toMatchObject([
      { pack: 10_000, needed: 2, cost: 1000 },
      { pack: 12_000, needed: 1, cost: 550 },
    ]);
  });

  it('more than the supplier has is no way, and nothing missing needs none', () => {
    expect(waysToBuy(pieces(41), [offer(20, 300, 4, 2)], TODAY)).toEqual([]);
    expect(waysToBuy(pieces(0), [offer(20, 300)], TODAY)).toEqual([]);
  });

  it('whatever is offered, each way covers all that is missing with not a pack too many', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 500 }), fc.integer({ min: 1, max: 60 }), (short, pack) => {
        const [way] = waysToBuy(pieces(short), [offer(pack, 100, 1, 1000)], TODAY);
        return way!.needed * pack >= short && (way!.needed - 1) * pack < short && way!.cost === way!.needed * 100;
      }),
    );
  });
});

describe('the way taken unless another is chosen', () => {
  const way = (pack: number, cost: number, comes_on: string): Way => ({
    ...offer(pack, cost),
    needed: 1,
    cost,
    comes_on,
  });
  const [usual, cheap, quick] = [way(20, 300, '2030-05-05'), way(5, 120, '2030-05-05'), way(50, 900, '2030-05-03')];
  it('is the usual pack where it comes in time, else the cheapest that does, else the soonest', () => {
    const all = [usual, cheap, quick];
    expect(usualWay(all, 20, '2030-05-05')).toBe(usual);
    expect(usualWay(all, 7, '2030-05-05')).toBe(cheap);
    expect(usualWay(all, 20, '2030-05-04')).toBe(quick);
    expect(usualWay(all, 20, '2030-05-02')).toBe(quick);
  });
  it('lines go together by supplier and lead time, with what they cost together', () => {
    const line = (item: string, way: Way) => ({ item, way });
    const late = { ...usual, lead_days: 9 };
    const groups = orderGroups([
      line('a', usual),
      line('b', late),
      line('c', cheap),
      line('d', { ...quick, supplier: 'A' }),
    ]);
    expect(groups.map(({ supplier, lead_days, cost, lines }) => [supplier, lead_days, cost, lines.length])).toEqual([
      ['A', 4, 900, 1],
      ['Marram', 4, 420, 2],
      ['Marram', 9, 300, 1],
    ]);
  });
});
