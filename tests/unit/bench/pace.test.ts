import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { benchOf, courseOf, paceSeen, restOf, seatAtWork, tiesAt, type ProgressEntry } from '../../../src/core/bench';
import { simulateRest, type RestSeat } from '../../../src/core/room';
import { exampleSeat, planSeat } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { minute, said } from './said';

const figures = STARTING_FIGURES;
const plan = planSeat(exampleSeat(SHIPPED.projects['band-buckle']!, { size: { wrist: 165 } }), SHIPPED, figures);
const course = courseOf(plan);
const knotting = plan.pace!.phases.find(({ phase }) => phase === 'knot')!.minutes;
const bench = (...entries: ProgressEntry[]) => benchOf(entries, (_, mm) => tiesAt(course, mm));
const seen = (...entries: ProgressEntry[]) => {
  const room = bench(...entries);
  return paceSeen(plan.pace!, course.ties, seatAtWork(room, 'ada'), room, figures);
};
/** Minutes that so many ties take as planned. */
const planned = (ties: number): number => (knotting * ties) / course.ties;

describe('pace, planned and seen', () => {
  it('is as planned until something is seen', () => {
    expect(seen()).toEqual({ slower: 0, spread: plan.pace!.spread, ties: 0 });
  });

  it('by hand: twelve knots in twice the planned time are believed by half, so the rest takes √2 as long', () => {
    const { slower, ties } = seen(said(0, 'ada', 'step', 'knot 1'), said(2 * planned(12), 'ada', 'made', 12));
    expect(ties).toBe(12);
    // Said to the millisecond.
    expect(Math.exp(slower)).toBeCloseTo(Math.SQRT2, 4);
  });

  it('the more is seen the more it counts, and the surer it is', () => {
    const after = (ties: number) =>
      seen(said(0, 'ada', 'step', 'knot 1'), said(3 * planned(ties), 'ada', 'made', ties));
    const all = [2, 6, 12, 24].map(after);
    for (const [i, own] of all.slice(1).entries()) {
      expect(own.slower).toBeGreaterThan(all[i]!.slower);
      expect(own.spread).toBeLessThan(all[i]!.spread);
    }
    expect(Math.exp(all.at(-1)!.slower)).toBeLessThan(3);
  });

  it('does not take a pause for slowness', () => {
    const whole = seen(said(0, 'ada', 'step', 'knot 1'), said(planned(12) + 30, 'ada', 'made', 12));
    const paused = seen(
      said(0, 'ada', 'step', 'knot 1'),
      said(0.1, null, 'pause'),
      said(30.1, null, 'resume'),
      said(planned(12) + 30, 'ada', 'made', 12),
    );
    expect(paused.slower).toBeCloseTo(0, 3);
    expect(whole.slower).toBeGreaterThan(0.5);
  });
});

describe('what is still to come of a seat', () => {
  const rest = (at: number, ...entries: ProgressEntry[]) => restOf('ada', plan, bench(...entries), minute(at), figures);

  it('is less by what is knotted', () => {
    const [none, half] = [rest(0), rest(0, said(0, 'ada', 'made', Math.floor(course.ties / 2)))];
    expect(half!.work).toBeLessThan(none!.work - knotting * 0.4);
  });

  it('is nothing but its turn once it waits, and nothing at all once it is done, away or gone home', () => {
    expect(rest(5, said(3, 'ada', 'ready'))).toMatchObject({ work: 0, waitsSince: 2, servedFor: null });
    for (const what of ['done', 'away', 'home'] as const) expect(rest(5, said(3, 'ada', what))).toBeNull();
  });
});

describe('the rest of a room', () => {
  const seat = (id: string, changes: Partial<RestSeat> = {}): RestSeat => ({
    id,
    work: 10,
    finish: 3,
    spread: 0,
    atFlame: false,
    waitsSince: null,
    servedFor: null,
    ...changes,
  });
  const still = { ...figures, station_minutes: 4, station_spread: 0 };
  const run = (seats: RestSeat[], left: number, servers = 1) =>
    simulateRest(seats, left, servers, still, { runs: 50, seed: 3 });

  it('without any luck is what adding up gives', () => {
    const { seats } = run([seat('ada'), seat('bo', { work: 20 })], 14);
    expect(seats.map(({ done }) => done.p50)).toEqual([13, 23]);
    expect(seats.map(({ finishes }) => finishes)).toEqual([1, 0]);
  });

  it('serves who is at the flame first, then who has waited longest, then who comes', () => {
    const { seats } = run(
      [
        seat('comes', { atFlame: true, work: 1 }),
        seat('waits', { atFlame: true, work: 0, waitsSince: 2 }),
        seat('waits longer', { atFlame: true, work: 0, waitsSince: 5 }),
        seat('is served', { atFlame: true, work: 0, waitsSince: 6, servedFor: 3 }),
      ],
      60,
    );
    // One of its four minutes is left of the first, then four each.
    expect(Object.fromEntries(seats.map(({ id, done }) => [id, done.p50]))).toEqual({
      'is served': 1,
      'waits longer': 5,
      waits: 9,
      comes: 13,
    });
  });

  it('with one adult more never finishes fewer, whatever the luck', () => {
    const many = Array.from({ length: 9 }, (_, i) => seat(`s${i}`, { atFlame: true, work: 3 + i, spread: 0.4 }));
    const by = (servers: number) => simulateRest(many, 25, servers, figures, { runs: 300, seed: 9 }).finishing;
    expect(by(2)).toBeGreaterThanOrEqual(by(1));
    expect(by(3)).toBeGreaterThanOrEqual(by(2));
  });
});
