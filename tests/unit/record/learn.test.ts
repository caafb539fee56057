import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { asValue, inForce, learn, learnUse, putInForce, type YieldRecord } from '../../../src/core/record';
import { STARTING_FIGURES as figures } from '../../../src/core/studio';
import { left, MADE, recordOf } from './made';

const said = (records: readonly YieldRecord[], key: string) =>
  learn({ records, hands: [], growth: [] }, figures).figures.find((one) => one.key === key);
const USE = 'use/square-knot/satin-2/steady';
const many = (n: number, make: (i: number) => YieldRecord): YieldRecord[] =>
  Array.from({ length: n }, (_, i) => make(i));

describe('use against geometry', () => {
  it('is what was cut, less what was left and what went elsewhere, over the path', () => {
    // 1900 cut, 400 elsewhere, 240 left: 1260 used of 1200.
    const one = said([recordOf(left(120, 120))], USE)!;
    expect(one.points).toMatchObject([{ predicted: 1200, found: 1260 }]);
    expect(one.records).toBe(1);
    expect(one.value).toBeGreaterThan(1);
    expect(one.value).toBeLessThan(1.05);
  });

  it('goes by the half knots that were tied', () => {
    const { points } = said([recordOf({ ...left(320), half_knots: 28 })], USE)!;
    expect(points[0]).toMatchObject({ predicted: 1120, found: 1180 });
    // Not finished, and nobody counted how far it came: nothing can be said.
    expect(said([recordOf({ ...left(900), finished: 'not finished' })], USE)).toBeUndefined();
    expect(said([recordOf(left(1600))], USE)).toBeUndefined();
  });

  it('stays near geometry while records are few, leaves it when they are many, and says how sure it is', () => {
    const off = [1, 4, 40].map((n) =>
      said(
        many(n, () => recordOf(left(90, 90))),
        USE,
      )!,
    );
    const values = off.map(({ value }) => value);
    // 1320 of 1200: a tenth more.
    expect(values[0]).toBeGreaterThan(1.02);
    expect(values).toEqual([...values].sort((a, b) => a - b));
    expect(values[2]).toBeGreaterThan(1.08);
    // All of them ended near as much as there was: some that needed more may not have been reported.
    expect(values[2]).toBeLessThan(1.11);
    const widths = off.map(({ low, high }) => high - low);
    expect(widths).toEqual([...widths].sort((a, b) => b - a));
  });

  it('is moved little by one misread tape, and less than by an honest one', () => {
    const honest = many(12, (i) => recordOf(left(145 + 10 * (i % 3), 145)));
    const before = said(honest, USE)!;
    const after = said([...honest, recordOf(left(381, 381))], USE)!;
    expect(Math.abs(after.value - before.value)).toBeLessThan(0.01);
    expect(after.points.at(-1)!.trusted).toBeLessThan(0.1);
    expect(after.points.slice(0, -1).every(({ trusted }) => trusted > 0.5)).toBe(true);
  });

  it('takes “ran short” for more than there was: it lifts the figure, and by less than it would were it all that was used', () => {
    const ends = many(6, () => recordOf(left(110, 110)));
    const short = many(3, () => recordOf({ left: { 0: { short: true, at: '26' } } }));
    const [before, after] = [said(ends, USE)!, said([...ends, ...short], USE)!];
    expect(after.value).toBeGreaterThan(before.value);
    expect(after.points.filter(({ more }) => more)).toHaveLength(3);
    // More than 1900 − 400 − 160 was needed of 1200: it cannot drag the figure under that.
    const alone = said(
      many(9, () => recordOf({ left: { 0: { short: true, at: '' } } })),
      USE,
    )!;
    expect(alone.value).toBeGreaterThan(1.1);
  });

  it('tells makers apart from the studio, and lends one cord’s records to another of the same stitch, a little', () => {
    const generous = many(8, (i) => recordOf(left(75, 75), { maker: 'Gus', piece: `g${i}` }));
    const others = many(24, (i) => recordOf(left(150, 150), { maker: `other ${i % 6}` }));
    const { makers } = learn({ records: [...generous, ...others], hands: [], growth: [] }, figures);
    const uses = (name: string) => makers.find(({ maker }) => maker === name)!;
    expect(uses('Gus').uses).toBeGreaterThan(1.04);
    expect(uses('Gus').uses).toBeGreaterThan(uses('other 1').uses + 0.05);
    const use = learnUse(
      many(30, () => recordOf(left(60, 60))),
      figures,
    );
    const [own, other, far] = [
      use.of('square-knot', 'satin-2', 'steady'),
      use.of('square-knot', 'hemp-1', 'steady'),
      use.of('ladder', 'hemp-1', 'new'),
    ];
    expect(own.mean).toBeGreaterThan(other.mean);
    expect(other.mean).toBeGreaterThan(0.01);
    // What is of the season alone is all that another stitch in another cord shares.
    expect(Math.abs(far.mean)).toBeLessThan(other.mean);
    expect(far.sd).toBeGreaterThan(other.sd);
  });
});

describe('the other figures', () => {
  it('flattening is a thickness over that of the strands one on the other, a figure a cord', () => {
    const flat = { cord: 'sheathed-4', stacked_mm: 9.4, start: 0.69 };
    const of = (thick_mm: number) => recordOf({ thick_mm }, { planned: { ...MADE, flat } });
    const seen = [...Array.from({ length: 12 }, (_, i) => of(i % 2 === 0 ? 7.3 : 7.7)), recordOf({ thick_mm: 3 })];
    const found = said(seen, 'flat/sheathed-4')!;
    // 7.5 ÷ 9.4 = 0.80, where it started from 0.69; a piece of other stitches says nothing.
    expect(found).toMatchObject({ start: 0.69, records: 12 });
    expect(found.value).toBeGreaterThan(0.77);
    expect(found.value).toBeLessThan(0.8);
    const now = { figures, cords: SHIPPED.cords };
    expect(inForce('flat/sheathed-4', now).value).toBe(0.69);
    const next = putInForce('flat/sheathed-4', asValue(found), now);
    expect(next.cords['sheathed-4']!.flattening).toBeCloseTo(found.value, 3);
    expect(next.cords['sheathed-3']).toBe(SHIPPED.cords['sheathed-3']);
  });

  it('draw is a length over a count, against the tightest', () => {
    const seen = many(20, () => recordOf({ half_knots: 30, band_mm: 144 }));
    const draw = said(seen, 'figure/draw_steady')!;
    // 144 over 30 × 4: 1.2, from a customary 1.12.
    expect(draw.start).toBe(figures.draw_steady);
    expect(draw.value).toBeGreaterThan(1.18);
    expect(draw.value).toBeLessThan(1.2);
    expect(said(seen, 'figure/draw_new')).toBeUndefined();
  });

  it('a half knot takes what the bench saw; or all minutes, where knotting is most of them', () => {
    const seen = { minutes: 25, ties: 30, knotting: 20 };
    const slow = said(
      many(20, () => recordOf({}, { seen })),
      'figure/half_knot_steady',
    )!;
    expect(slow.value).toBeGreaterThan(26);
    expect(slow.value).toBeLessThan(30.5);
    // What is not knotting: 25 − 20 minutes, planned 4.
    const parts = said(
      many(20, () => recordOf({}, { seen })),
      'figure/part_slower_steady',
    )!;
    expect(parts.points[0]!.found).toBe(5);
    const told = said(
      many(20, () => recordOf({ minutes: 14 })),
      'figure/half_knot_steady',
    )!;
    expect(Math.abs(told.value - 15)).toBeLessThan(0.5);
  });

  it('tails go by ends that were finished with less, and never grow by what was left over', () => {
    const roomy = said(
      many(30, () => recordOf(left(200, 200))),
      'figure/tail_steady',
    )!;
    expect(roomy.value).toBeGreaterThan(figures.tail_steady * 0.9);
    expect(roomy.value).toBeLessThanOrEqual(figures.tail_steady);
    const close = said(
      many(30, () => recordOf(left(40, 40))),
      'figure/tail_steady',
    )!;
    expect(close.value).toBeLessThan(60);
  });

  it('hands against wrists, and children’s growth: each person once', () => {
    const hands = Array.from({ length: 20 }, (_, i) => ({ person: `p${i}`, wrist: 160, hand: 208 }));
    const growth = Array.from({ length: 12 }, (_, i) => ({ person: `c${i}`, grew: 4.5, years: 1 }));
    const { figures: found } = learn({ records: [], hands, growth }, figures);
    const of = (key: string) => found.find((one) => one.key === key)!;
    expect(of('figure/hand_per_wrist').value).toBeCloseTo(1.3, 1);
    expect(of('figure/wrist_growth').value).toBeGreaterThan(3.3);
    expect(of('figure/wrist_growth').value).toBeLessThan(4.5);
  });

  it('starts from custom, whatever the studio has accepted since: nothing is counted twice', () => {
    const records = many(9, () => recordOf({ half_knots: 30, band_mm: 144 }));
    const again = learn({ records, hands: [], growth: [] }, { ...figures, draw_steady: 1.2 });
    expect(again.figures).toEqual(learn({ records, hands: [], growth: [] }, figures).figures);
    expect(MADE.figures.draw).toBe(1.12);
  });
});
