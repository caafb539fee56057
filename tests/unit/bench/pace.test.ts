import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import {
  benchOf,
  courseOf,
  minutesBetween,
  paceSeen,
  placeOf,
  restOf,
  seatAtWork,
  tiesAt,
  type ProgressEntry,
} from '../../../src/core/bench';
import { simulateRest, type RestSeat, type RestSpan } from '../../../src/core/room';
import { exampleSeat, planSeat } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { minute, said } from './said';

const figures = STARTING_FIGURES;
const plan = planSeat(exampleSeat(SHIPPED.projects['band-buckle']!, { size: { wrist: 165 } }), SHIPPED, figures);
const course = courseOf(plan);
const bench = (...entries: ProgressEntry[]) => benchOf(entries, (_, mm) => tiesAt(course, mm));
const seen = (...entries: ProgressEntry[]) => {
  const room = bench(...entries);
  return paceSeen(plan.pace!, course, seatAtWork(room, 'ada'), room, figures);
};
const [goOn, close] = [
  course.steps.findIndex(({ id }) => id === 'go-on'),
  course.steps.findIndex(({ id }) => id === 'try'),
];
/** Minutes that so many ties of the long stretch take as planned, the first six twice as long. */
const planned = (ties: number): number =>
  minutesBetween(
    plan.pace!,
    { step: goOn, share: 0 },
    placeOf(course, { made: ties, step: 'go-on' }, figures.slow_start),
  );
const perTie = plan.pace!.steps.reduce((sum, { knotting }) => sum + knotting, 0) / course.ties;

describe('where a seat is', () => {
  const place = (made: number, step: string | null) => placeOf(course, { made, step }, 2);
  it('is at the step that was said, or further where its count is', () => {
    expect(place(0, null)).toEqual({ step: 0, share: 0 });
    expect(place(0, 'prong').step).toBe(3);
    expect(place(5, 'prong').step).toBe(goOn);
    expect(place(course.ties, 'go-on').step).toBe(goOn + 1);
    expect(place(course.ties, 'try').step).toBe(close);
  });

  it('counts the first six knots twice', () => {
    // 3 of n: 6 of n + 6; 10 of n: 16 of n + 6.
    expect(place(3, 'go-on').share).toBeCloseTo(6 / (course.ties + 6));
    expect(place(10, 'go-on').share).toBeCloseTo(16 / (course.ties + 6));
  });
});

describe('pace, planned and seen', () => {
  it('is as planned until something is seen', () => {
    const { spread } = plan.pace!;
    expect(seen()).toEqual({
      slower: 0,
      person: spread * Math.sqrt(figures.person_share),
      left: spread * Math.sqrt(1 - figures.person_share),
    });
  });

  it('a maker exactly on plan is seen to be so, slow first knots and all', () => {
    for (const ties of [1, 6, 20])
      expect(seen(said(0, 'ada', 'step', 'go-on'), said(planned(ties), 'ada', 'made', ties)).slower).toBeCloseTo(0, 3);
  });

  it('by hand: as many minutes as twelve knots take, in twice the time, are believed by half', () => {
    const half = seen(said(0, 'ada', 'step', 'go-on'), said(2 * planned(8), 'ada', 'made', 8));
    const weight = planned(8) / (planned(8) + 12 * perTie);
    expect(half.slower).toBeCloseTo(weight * Math.log(2), 4);
  });

  it('the more is seen the more it counts, and the surer it is', () => {
    const after = (ties: number) => seen(said(0, 'ada', 'step', 'go-on'), said(3 * planned(ties), 'ada', 'made', ties));
    const all = [2, 6, 12, 24].map(after);
    for (const [i, own] of all.slice(1).entries()) {
      expect(own.slower).toBeGreaterThan(all[i]!.slower);
      expect(own.person).toBeLessThan(all[i]!.person);
    }
    expect(Math.exp(all.at(-1)!.slower)).toBeLessThan(3);
  });

  it('does not take a pause, or a queue at the flame, for slowness', () => {
    const whole = seen(said(0, 'ada', 'step', 'go-on'), said(planned(12) + 30, 'ada', 'made', 12));
    const paused = seen(
      said(0, 'ada', 'step', 'go-on'),
      said(0.1, null, 'pause'),
      said(30.1, null, 'resume'),
      said(planned(12) + 30, 'ada', 'made', 12),
    );
    expect(paused.slower).toBeCloseTo(0, 3);
    expect(whole.slower).toBeGreaterThan(0.5);
    const queued = seen(
      said(0, 'ada', 'step', 'go-on'),
      said(planned(12), 'ada', 'made', 12),
      said(planned(12) + 40, 'ada', 'step', 'wear'),
    );
    expect(queued.slower).toBeCloseTo(0, 3);
  });
});

describe('what is still to come of a seat', () => {
  const rest = (at: number, ...entries: ProgressEntry[]) => restOf('ada', plan, bench(...entries), minute(at), figures);
  const work = (of: ReturnType<typeof rest>): number => of!.spans.reduce((sum, span) => sum + span.work, 0);

  it('is less by what is knotted', () => {
    const [none, half] = [rest(0), rest(0, said(0, 'ada', 'made', Math.floor(course.ties / 2)))];
    expect(work(half)).toBeLessThan(work(none) - planned(Math.floor(course.ties / 2)));
  });

  it('goes by what was heard last, and how long ago that was', () => {
    const own = rest(9, said(0, 'ada', 'step', 'go-on'), said(4, 'ada', 'made', 3));
    expect(own!.heard).toBeCloseTo(5);
  });

  it('is nothing but its turn once it waits, and nothing at all once it is done, away or gone home', () => {
    const waits = rest(5, said(3, 'ada', 'ready'))!;
    expect(waits).toMatchObject({ waitsSince: 2, servedFor: null, heard: 0 });
    expect(waits.spans[0]).toMatchObject({ work: 0, visit: 2 });
    for (const what of ['done', 'away', 'home'] as const) expect(rest(5, said(3, 'ada', what))).toBeNull();
  });

  it('goes on after its turn at the flame with what comes then', () => {
    const back = rest(8, said(3, 'ada', 'ready'), said(5, 'ada', 'turn'), said(7, 'ada', 'step', 'wear'))!;
    expect(back).toMatchObject({ waitsSince: null, servedFor: null });
    expect(back.spans).toHaveLength(1);
  });
});

describe('the rest of a room', () => {
  const span = (work: number, visit: number | null = null, spread = 0): RestSpan => ({ work, idle: 0, spread, visit });
  const seat = (id: string, spans: readonly RestSpan[], changes: Partial<RestSeat> = {}): RestSeat => ({
    id,
    spans,
    person: 0,
    heard: 0,
    waitsSince: null,
    servedFor: null,
    ...changes,
  });
  const still = { ...figures, station_spread: 0 };
  /** So much work, a turn of four minutes, and nothing after it. */
  const flame = (work: number, spread = 0) => [span(work, 4, spread), span(0)];
  const run = (seats: RestSeat[], left: number, servers = 1) =>
    simulateRest(seats, left, servers, still, { runs: 50, seed: 3 });

  it('without any luck is what adding up gives', () => {
    const { seats } = run([seat('ada', [span(13)]), seat('bo', [span(23)])], 14);
    expect(seats.map(({ done }) => done.p50)).toEqual([13, 23]);
    expect(seats.map(({ finishes }) => finishes)).toEqual([1, 0]);
  });

  it('serves who is at the flame first, then who has waited longest, then who comes', () => {
    const { seats } = run(
      [
        seat('comes', flame(1)),
        seat('waits', flame(0), { waitsSince: 2 }),
        seat('waits longer', flame(0), { waitsSince: 5 }),
        seat('is served', flame(0), { waitsSince: 6, servedFor: 3 }),
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

  it('goes on after a turn at the flame, and to the next one', () => {
    const { seats } = run([seat('twice', [span(2, 4), span(5, 4), span(1)]), seat('once', flame(10))], 60);
    // 2 to 6, back at it until 11; the other is ready at 10 and served until 14; then 14 to 18, and one minute more.
    expect(seats.map(({ done }) => done.p50)).toEqual([19, 14]);
  });

  it('of one not heard of for longer than planned: later than now, and less likely than before', () => {
    const heard = (minutes: number) => run([seat('ada', [span(10, null, 0.3)], { heard: minutes })], 5).seats[0]!;
    expect(heard(12).done.p10).toBeGreaterThan(0);
    // Nobody said that it is done: it takes longer than the 12 minutes that went by.
    expect(heard(12).finishes).toBeLessThan(1);
    expect(heard(12).done.p50).toBeGreaterThan(0.5);
  });

  it('with one adult more never finishes fewer, whatever the luck', () => {
    const many = Array.from({ length: 9 }, (_, i) => seat(`s${i}`, flame(3 + i, 0.4)));
    const by = (servers: number) => simulateRest(many, 25, servers, figures, { runs: 300, seed: 9 }).finishing;
    expect(by(2)).toBeGreaterThanOrEqual(by(1));
    expect(by(3)).toBeGreaterThanOrEqual(by(2));
  });
});
