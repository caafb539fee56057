import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { simulateRoom, type Room, type RoomSeat } from '../../../src/core/room';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { step } from './steps';

const CERTAIN = {
  ...STARTING_FIGURES,
  showing_minutes: 10,
  again_minutes: 4,
  late_share: 0,
  station_spread: 0,
};
const seat = (id: string, knot: number, more: Partial<RoomSeat> = {}): RoomSeat => ({
  id,
  label: id,
  early: 0,
  tied: false,
  spread: 0,
  prepared: 0,
  steps: [
    step('settle', 5),
    step('set-up', 6),
    step('knot', knot),
    step('finish', 3, { at: 'station' }),
    step('tidy', 3),
  ],
  ...more,
});
const room = (seats: RoomSeat[], more: Partial<Room> = {}): Room => ({
  seats,
  minutes: 60,
  servers: 1,
  figures: CERTAIN,
  ...more,
});
const times = (of: Room) => simulateRoom(of, { runs: 20, seed: 3 });
const ends = (of: Room): number[] => times(of).seats.map(({ done }) => done.p50);

describe('a room without luck, by hand', () => {
  it('settles, is shown, works, and queues for one flame', () => {
    // All settled at 5, shown until 15, set up until 21; knotted at 41, 41 and 46: turns 41–44, 44–47, 47–50.
    const all = times(room([seat('a', 20), seat('b', 20), seat('c', 25)]));
    const medians = all.seats.map(({ begins, visits: [first], done }) =>
      [begins, first!.ready, first!.turn, done].map(({ p50 }) => p50),
    );
    expect(medians).toEqual([
      [15, 41, 41, 44],
      [15, 41, 44, 47],
      [15, 46, 47, 50],
    ]);
    expect(all.longest.p50).toBe(3);
    expect(all.finishing).toEqual({ mean: 3, p10: 3 });
    // From 41 to 44 one waits, at 46 and not yet at 47 another.
    expect([40, 41, 43, 44, 46, 47].map((minute) => all.queue[minute]!.mean)).toEqual([0, 1, 1, 0, 1, 0]);
  });

  it('closes on those who are still at it', () => {
    const all = times(room([seat('a', 20), seat('b', 20), seat('c', 25)], { minutes: 47 }));
    expect(all.seats.map(({ finishes }) => finishes)).toEqual([1, 1, 0]);
  });

  it('lets one who begins twenty minutes early be shown alone, and one whose start is tied skip it', () => {
    // −20 + 5 settled, shown until −5, set up until 1, knotted at 21, done 24. Tied: 15, knotted at 35, done 38.
    expect(ends(room([seat('early', 20, { early: 20 }), seat('tied', 20, { tied: true })]))).toEqual([24, 38]);
  });

  it('shows again to those who are late, and does not wait for them', () => {
    const late = { ...CERTAIN, late_share: 1, late_minutes: 30 };
    const all = times(room([seat('a', 20)], { figures: late }));
    // Nobody is there to be shown: the showing is over at 10, and each comes, settles in 5, and is shown again for 4.
    expect(all.seats[0]!.begins.p50).toBeGreaterThan(10);
  });

  it('finishes without a flame at the seat, past every queue', () => {
    const glue = seat('glue', 20, { steps: [step('settle', 5), step('knot', 20), step('finish', 6)] });
    expect(ends(room([seat('a', 20), seat('b', 20), glue]))).toEqual([44, 47, 41]);
  });

  it('goes to the flame as often as its piece needs it, behind those who came before', () => {
    const [flame, knots] = [step('finish', 3, { at: 'station' }), step('knot', 20)];
    const twice = seat('twice', 0, { steps: [step('settle', 5), step('knot', 10), flame, step('close', 2), flame] });
    const once = seat('once', 0, { steps: [step('settle', 5), knots, step('close', 9), flame] });
    // Twice: 15 to 25, at the flame until 28, closed at 30, and until 33. Once: ready at 44.
    expect(ends(room([twice, once]))).toEqual([33, 47]);
    // Both come at 30 then: who comes again waits behind the other.
    const late = seat('late', 0, { steps: [step('settle', 5), step('knot', 15), flame] });
    expect(ends(room([twice, late]))).toEqual([36, 33]);
  });

  it('goes on while glue dries, and waits only for what is left of that', () => {
    const glued = (minutes: number) =>
      seat('glue', 0, {
        steps: [
          step('settle', 5),
          step('finish', 4, { dries: 12, until: 3 }),
          step('knot', minutes),
          step('finish', 1),
        ],
      });
    // Glued at 19, dry at 31: five minutes of knots leave seven to wait, twenty none.
    expect(ends(room([glued(5)]))).toEqual([32]);
    expect(ends(room([glued(20)]))).toEqual([40]);
  });
});

describe('a room with luck', () => {
  const anySeat = fc
    .record({
      knot: fc.integer({ min: 5, max: 90 }),
      spread: fc.constantFrom(0.15, 0.25, 0.35),
      flame: fc.boolean(),
      early: fc.constantFrom(0, 0, 0, 15),
    })
    .map(({ knot, spread, flame, early }) =>
      seat('', knot, {
        spread,
        early,
        steps: [
          step('settle', 5),
          step('set-up', 6),
          step('knot', knot),
          step('finish', 3, { at: flame ? 'station' : 'seat' }),
        ],
      }),
    );
  const anyRoom = fc
    .record({
      seats: fc.array(anySeat, { minLength: 1, maxLength: 12 }),
      minutes: fc.integer({ min: 40, max: 120 }),
      servers: fc.integer({ min: 1, max: 3 }),
    })
    .map(({ seats, ...own }) =>
      room(
        seats.map((one, i) => ({ ...one, id: `s${i}`, label: `s${i}` })),
        { ...own, figures: STARTING_FIGURES },
      ),
    );
  const count = (of: Room): number => simulateRoom(of, { runs: 40, seed: 11 }).finishing.mean;
  const one = (of: Room, i: number, change: Partial<RoomSeat>): Room => ({
    ...of,
    seats: of.seats.map((own, k) => (k === i % of.seats.length ? { ...own, ...change } : own)),
  });

  it('is the same for the same seed, and another for another', () => {
    fc.assert(
      fc.property(anyRoom, (any) => {
        expect(simulateRoom(any, { runs: 30, seed: 1 })).toEqual(simulateRoom(any, { runs: 30, seed: 1 }));
      }),
      { numRuns: 20 },
    );
    const wide = room([seat('a', 30, { spread: 0.35 })], { figures: STARTING_FIGURES });
    const [first, other] = [1, 2].map((seed) => simulateRoom(wide, { runs: 200, seed }).seats[0]!.done.p50);
    expect(first).not.toBe(other);
  });

  it('never finishes fewer with another adult, more minutes, an earlier or tied start, or a shorter piece', () => {
    fc.assert(
      fc.property(anyRoom, fc.nat(11), (any, i) => {
        const before = count(any);
        const own = any.seats[i % any.seats.length]!;
        const shorter = own.steps.map((p) => (p.phase === 'knot' ? { ...p, minutes: p.minutes * 0.6 } : p));
        for (const better of [
          { ...any, servers: any.servers + 1 },
          { ...any, minutes: any.minutes + 15 },
          one(any, i, { steps: shorter }),
          one(any, i, { tied: true }),
          one(any, i, { early: own.early + 15 }),
        ])
          expect(count(better)).toBeGreaterThanOrEqual(before);
      }),
      { numRuns: 60 },
    );
  });

  it('gives each seat luck of its own, whoever sits beside it', () => {
    const own = seat('a', 30, { spread: 0.3, steps: [step('settle', 5), step('knot', 30), step('finish', 3)] });
    const alone = room([own], { figures: { ...STARTING_FIGURES, showing_minutes: 0, settle_minutes: 0 } });
    const beside = { ...alone, seats: [own, seat('b', 20, { early: 30 })] };
    expect(times(beside).seats[0]).toEqual(times(alone).seats[0]);
  });
});
