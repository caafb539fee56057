import { describe, expect, it } from 'vitest';
import { changesSince, cutNow, planSession, type WholeSession } from '../../../src/core/session';
import { cutsNow, type SeatRecord } from '../../../src/core/seat';
import { exampleView, seatRecord } from '../examples/view';

const lengths = (whole: WholeSession): number[] => cutsNow(planSession(whole).seats).map((cut) => cut.length_mm);

describe('what changed in the studio', () => {
  it('lists the seats that are not cut, by how much their lengths moved, and no others', () => {
    const { session: own, studio } = exampleView();
    const seats = [seatRecord({ name: 'Ada' }), seatRecord({ name: 'Bo', project: 'fob-ring', project_revision: 1 })];
    const whole: WholeSession = { session: { ...own, cut_done: null }, seats, studio };
    const { settings, catalogue } = whole.studio;
    const buckle = { ...catalogue.hardware['buckle-15']!, revision: 3, closed_mm: 55 };
    const now: WholeSession = {
      ...whole,
      studio: { settings, catalogue: { ...catalogue, hardware: { ...catalogue.hardware, 'buckle-15': buckle } } },
    };
    const [ada, bo] = whole.seats as [SeatRecord, SeatRecord];
    const colour = planSession(whole).seats[0]!.plan.cut!.cuts[0]!.colour;
    const order = { item: `cord/sheathed-4/${colour}`, name: 'Sheathed cord', due_on: '2031-05-02' };
    const held = {
      lanes: [
        {
          item: order.item,
          bound_mm: 0,
          lanes: [{ stock: 'buy', length_mm: 9000, cuts: [{ id: `${ada.id}/0/0`, mm: 2000 }], locked: [] }],
        },
      ],
      kits: { ticks: [`${bo.id}/card`], issued: null },
      orders: [order, { ...order, item: 'cord/leather-2/race' }],
    };
    const since = changesSince(now, { settings, catalogue }, held)!;
    // Of what was reserved, packed and ordered only what the moved lengths touch is listed.
    expect(since.seats[0]).toMatchObject({ reserved: true, packed: false });
    expect(since.orders).toEqual([order]);
    expect(since.what).toEqual([
      { name: `${buckle.name}, closed mm`, was: String(catalogue.hardware['buckle-15']!.closed_mm), is: '55' },
    ]);
    expect(since.seats.map(({ label }) => label)).toEqual(['Ada']);
    expect(since.seats[0]!.was).toEqual([lengths(whole)[0]]);
    expect(since.seats[0]!.is).toEqual([lengths(now)[0]]);
    expect(since.seats[0]!.is[0]).toBeLessThan(since.seats[0]!.was[0]!);
    // Cut by what was, nothing of it concerns them.
    expect(
      changesSince(
        { ...now, session: { ...own, cut_done: cutNow(whole, planSession(whole), '2030-05-01') } },
        { settings, catalogue },
        held,
      ),
    ).toBeNull();
    expect(changesSince(whole, { settings, catalogue }, held)).toBeNull();
  });
});
