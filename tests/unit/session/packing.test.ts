import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { packingOf } from '../../../src/core/session';
import { planSeat, type SeatWithPlan } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { seat } from '../examples/seat';

const staged = (label: string, changes: Parameters<typeof seat>[0] = {}): SeatWithPlan => ({
  id: label,
  plan: planSeat(seat({ label, ...changes }), SHIPPED, STARTING_FIGURES),
});
const pack = (seats: SeatWithPlan[], children: string[] = []) =>
  packingOf(seats, STARTING_FIGURES, (id) => children.includes(id));

describe('what is packed', () => {
  it('is a bag a seat, numbered as they sit, with every cord at its length and every piece at its count', () => {
    const ladder = staged('Bo', { project: 'ladder-wrap' });
    const { bags } = pack([staged('Ada'), ladder]);
    expect(bags.map(({ number, label, project }) => [number, label, project])).toEqual([
      [1, 'Ada', 'Buckle band'],
      [2, 'Bo', 'Wrapped ladder'],
    ]);
    const lines = bags[1]!.lines;
    const cords = lines.filter(({ what }) => what === 'cord');
    expect(cords.map(({ item, count, mm }) => [item, count, mm])).toEqual(
      ladder.plan.cut!.cuts.map((cut) => [`cord/${cut.cord}/${cut.colour}`, cut.pieces, cut.length_mm]),
    );
    const pieces = lines.filter(({ what }) => what === 'hardware');
    expect(pieces.map(({ item, count }) => [item, count])).toEqual(
      ladder.plan.items.map(({ item, count }) => [`hardware/${item}`, count]),
    );
    // Each line is ticked by itself: no two share an id, in one bag or across them.
    const ids = bags.flatMap((bag) => bag.lines.map(({ id }) => id));
    expect(new Set(ids).size).toBe(ids.length);
  });

  it('cautions of what the bag involves, and of children in a child’s', () => {
    const seats = [
      staged('Ada'),
      staged('Bo', { age: 9 }),
      staged('Cy', { project: 'fob-ring', options: { loop: 'neck' } }),
    ];
    const [ada, bo, cy] = pack(seats, ['Bo']).bags.map(({ cautions }) => cautions.join(' '));
    for (const words of [ada, bo, cy]) expect(words).toMatch(/A finished band is decoration/);
    expect(ada).toMatch(/molten|flame|heat/i);
    // A child’s ends are tucked: no flame is spoken of but that there is none.
    expect(seats[1]!.plan.piece!.flame).toBe(false);
    expect(bo).not.toBe(ada);
    expect(cy).not.toBe(ada);
  });

  it('is empty where there is nothing to make yet', () => {
    const [none, unfitted] = pack([staged('Ada', { project: null }), staged('Bo', { size: null })]).bags;
    expect(none).toMatchObject({ project: '', lines: [], cautions: [] });
    expect(unfitted!.project).toBe('Buckle band');
    expect(unfitted!.lines.every(({ what }) => what === 'hardware')).toBe(true);
  });

  it('has spares of every kind of hardware once, by the whole session’s count', () => {
    const seats = Array.from({ length: 30 }, (_, i) => staged(`Seat ${i}`));
    const { spares } = pack([...seats, staged('Fob', { project: 'fob-ring' })]);
    // Five in a hundred of thirty is two; of one, one.
    expect(spares).toEqual([
      { item: 'hardware/buckle-15', count: 2 },
      { item: 'hardware/split-ring-25', count: 1 },
    ]);
  });
});
