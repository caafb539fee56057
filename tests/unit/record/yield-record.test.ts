import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import {
  inForce,
  plannedPiece,
  plannedThen,
  putInForce,
  questionsOf,
  recordsOf,
  sayMore,
  wouldChange,
  type SaidOfPiece,
  type StoredEntry,
} from '../../../src/core/record';
import { exampleSeat, planSeat } from '../../../src/core/seat';
import { geometryDoubt } from '../../../src/core/cord';
import { shortOf } from '../../../src/core/cut';
import { STARTING_FIGURES as figures } from '../../../src/core/studio';
import { unsaid } from '../examples/said';
import { left, MADE } from './made';

const asks = (said: SaidOfPiece) => questionsOf(MADE, said, 'cm').map(({ field }) => field);
const band = exampleSeat(SHIPPED.projects['band-buckle']!, {
  size: { wrist: 165 },
  cords: { whole: { cord: 'satin-2' } },
});
const planWith = (studio: { figures: typeof figures; cords: typeof SHIPPED.cords }) =>
  planSeat(band, { ...SHIPPED, cords: studio.cords }, studio.figures);
const USE = 'use/square-knot/satin-2/steady';
const now = { figures, cords: SHIPPED.cords };

describe('what can hardly be is asked about', () => {
  it('and what can be is not', () => {
    expect(asks({ ...left(120, 110), half_knots: 29, band_mm: 140, minutes: 16 })).toEqual([]);
    expect(asks({})).toEqual([]);
  });
  it.each([
    [left(1000, 950), ['left 0']],
    [left(500, 480), ['left 0']],
    [{ ...left(500, 480), finished: 'not finished' }, []],
    [{ band_mm: 2000 }, ['band_mm']],
    [{ band_mm: 60 }, ['band_mm']],
    [{ half_knots: 60, band_mm: 150 }, ['half_knots']],
    [{ half_knots: 95 }, ['half_knots']],
    [{ minutes: 90 }, ['minutes']],
    [{ minutes: 2 }, ['minutes']],
    [{ left: { 0: { short: true, at: '22' } } }, []],
  ] as const satisfies readonly (readonly [SaidOfPiece, readonly string[]])[])('%j: %j', (said, fields) => {
    expect(asks(said)).toEqual(fields);
    for (const { text, values } of questionsOf(MADE, said, 'cm')) expect(unsaid(text, values), text).toEqual([]);
  });
});

describe('a record as it stands', () => {
  const said: fc.Arbitrary<SaidOfPiece> = fc.record(
    {
      half_knots: fc.option(fc.nat(40)),
      word: fc.option(fc.constantFrom('neat', 'loose')),
      left: fc.dictionary(fc.constantFrom('0', '1'), fc.option(fc.constant({ mm: [90] }))),
    },
    { requiredKeys: [] },
  );
  it('is the newest over the older, field by field and cord by cord; saying it again changes nothing', () => {
    fc.assert(
      fc.property(fc.array(said, { maxLength: 6 }), (all) => {
        const whole = all.reduce(sayMore, {});
        for (const field of ['half_knots', 'word'] as const)
          expect(whole[field]).toBe(all.findLast((one) => field in one)?.[field]);
        for (const place of ['0', '1'])
          expect(whole.left?.[place]).toEqual(all.findLast(({ left: own }) => own && place in own)?.left?.[place]);
        const last = all.at(-1);
        if (last) expect(sayMore(whole, last)).toEqual(whole);
      }),
    );
  });
  it('keeps what was planned until it is planned anew, and leaves out what was taken back', () => {
    const entry = (changes: Partial<StoredEntry>): StoredEntry => ({
      piece: 'a',
      session: 's',
      maker: 'm',
      planned: null,
      seen: null,
      said: {},
      ...changes,
    });
    const recut = { ...MADE, half_knots: 31 };
    const found = recordsOf([
      entry({ planned: MADE, said: { half_knots: 28 } }),
      entry({ piece: 'b', planned: { ...MADE, held_on: '2029-01-01' }, said: { word: 'neat' } }),
      entry({ said: { minutes: 20 } }),
      entry({ planned: recut, said: { half_knots: 29 } }),
      entry({ piece: 'b', said: { word: null } }),
      entry({ piece: 'c', said: { minutes: 9 } }),
    ]);
    expect(found).toHaveLength(1);
    expect(found[0]).toMatchObject({ piece: 'a', planned: recut, said: { half_knots: 29, minutes: 20 } });
  });
});

describe('what a record is held against', () => {
  it('adds up to the cut: other uses, the path, tails, allowance and rounding', () => {
    const plan = planWith(now);
    const planned = plannedPiece(band, plan, figures, '2030-05-04')!;
    const [cord] = planned.cords;
    const [cut] = plan.cut!.cuts;
    const mm = (name: string) => cut!.anatomy.filter((one) => one.for === name).reduce((sum, one) => sum + one.mm, 0);
    expect(cord!.stitch).toBe('square-knot');
    expect(cord!.stitches_mm).toBeCloseTo(mm('stitches'), 6);
    expect(cord!.tail_mm).toBeCloseTo(mm('tail'), 6);
    expect(cord!.other_mm + cord!.stitches_mm + cord!.tail_mm + mm('allowance') + mm('rounding')).toBeCloseTo(
      cord!.cut_mm,
      6,
    );
    expect(planned.tight_mm! * planned.figures.draw * planned.half_knots!).toBeCloseTo(planned.knotted_mm, 6);
  });
  it('holds a piece from elsewhere too, and says which of its cords cannot be found', () => {
    const made = { on: '2029-05-04', project: 'band-buckle', skill: 'new' as const, band_mm: 140 };
    const then = plannedThen({ ...made, cords: [{ cord: 'hemp-1', role: null, cut_mm: 2100 }] }, SHIPPED, figures);
    expect(then).toMatchObject({ places: [0], planned: { skill: 'new', cords: [{ cord: 'hemp-1', cut_mm: 2100 }] } });
    const twice = [1, 2].map(() => ({ cord: 'hemp-1', role: 'slider' as const, cut_mm: null }));
    expect(plannedThen({ ...made, cords: twice }, SHIPPED, figures)).toMatchObject({ places: [null, null] });
    expect(plannedThen({ ...made, project: 'no-such', cords: [] }, SHIPPED, figures)).toMatch(/no project/);
  });
});

describe('a figure put in force', () => {
  it('is in force, and the rest of the studio is as it was', () => {
    const next = putInForce(USE, { value: 1.08, doubt: 0.02, records: 12 }, now);
    expect(inForce(USE, next)).toEqual({ value: 1.08, doubt: 0.02, records: 12 });
    expect(next.figures).toBe(figures);
    expect(inForce('use/square-knot/satin-2/new', next)).toEqual({
      value: 1,
      doubt: geometryDoubt(figures),
      records: 0,
    });
    expect(putInForce(USE, { value: 1, doubt: 0, records: 0 }, next).cords['satin-2']).toEqual(
      SHIPPED.cords['satin-2'],
    );
    const spread = putInForce('figure/spread_new', { value: 0.09, doubt: 0.1, records: 33.4 }, now);
    expect(spread.figures).toMatchObject({ spread_new: 0.09, spread_records_new: 33 });
    // What lies outside its limits is put at them.
    expect(putInForce('figure/draw_new', { value: 9, doubt: 0, records: 0 }, now).figures.draw_new).toBe(1.6);
    expect(() => inForce('figure/no_such', now)).toThrow('no figure');
  });

  it('lengthens what is cut by as much as more is used, says why, and is judged by it', () => {
    const before = planWith(now);
    const next = putInForce(USE, { value: 1.1, doubt: 0.03, records: 12 }, now);
    const after = planWith(next);
    const path = (plan: typeof before) => plan.cut!.cuts[0]!.anatomy.find((one) => one.for === 'stitches')!;
    expect(path(after).mm).toBeCloseTo(path(before).mm * 1.1, 6);
    expect(path(after).because.text).toContain('× 1.100, what this studio’s makers use of it');
    const allowance = after.cut!.cuts[0]!.anatomy.find((one) => one.for === 'allowance')!;
    expect(allowance.because.text).toContain('may be off by 3.0 % as a whole');
    // More is used, but it is better known than geometry was.
    expect(allowance.mm).toBeLessThan(before.cut!.cuts[0]!.anatomy.find((one) => one.for === 'allowance')!.mm);
    // What was planned before would now run short more often; what is planned now hardly.
    const { piece, fit } = after;
    const then = shortOf(piece!, fit!, before.cut!.cuts, 'steady', figures);
    expect(then).toBeGreaterThan(5 * after.cut!.short);
    expect(shortOf(piece!, fit!, after.cut!.cuts, 'steady', figures)).toBeCloseTo(after.cut!.short, 9);
    const change = wouldChange([{ skill: 'steady', before, after }], figures, () => 0.5);
    expect(change).toMatchObject({ seats: 1, moved: 1, short_now: then });
    expect(change.cord_mm).toBe(after.cut!.total_mm - before.cut!.total_mm);
    expect(change.cost).toBeCloseTo(change.cord_mm / 2, 6);
    expect(wouldChange([{ skill: 'steady', before, after }], figures, () => null).cost).toBeNull();
  });

  it('allows for more the fewer records its spread rests on, and for the same once they are many', () => {
    const allowance = (records: number) =>
      planWith({ ...now, figures: { ...figures, spread_records_steady: records } }).cut!.cuts[0]!.anatomy.find(
        (one) => one.for === 'allowance',
      )!.mm;
    const [normal, few, many] = [allowance(0), allowance(5), allowance(5000)];
    expect(few).toBeGreaterThan(normal * 1.15);
    expect(many).toBeCloseTo(normal, 0);
    // Student's t of 5 at 59/60 is 2.846 deviations (tables: 2.757 at 0.98, 3.365 at 0.99); the normal's is 2.128.
    expect(few / normal).toBeCloseTo(2.923 / 2.128, 1);
  });
});
