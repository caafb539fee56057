import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  benchOf,
  FIRST_UNSENT,
  queuesOf,
  saidProblem,
  seatAtWork,
  workedMinutes,
  type ProgressEntry,
} from '../../../src/core/bench';
import { minute, said } from './said';

const none = (): number => 0;
const bench = (...entries: ProgressEntry[]) => benchOf(entries, none);

describe('what was said at a bench', () => {
  it('adds up: two who count the same seat lose nothing of each other', () => {
    const room = bench(said(1, 'ada', 'made', 5), said(1, 'ada', 'made', 3), said(2, 'ada', 'made', -1));
    expect(seatAtWork(room, 'ada').made).toBe(7);
  });

  it('is the same in whatever order it came, as long as it was said at the same moments', () => {
    const all = [
      said(0, null, 'begin'),
      said(1, 'ada', 'here'),
      said(2, 'ada', 'made', 4),
      said(3, 'bo', 'help'),
      said(4, 'ada', 'step', 'knot 1'),
      said(5, null, 'pause'),
      said(6, 'bo', 'helped'),
      said(7, null, 'resume'),
      said(8, 'ada', 'made', 6),
      said(9, 'bo', 'done'),
    ];
    const plain = (entries: readonly ProgressEntry[]) => {
      const { seats, ...rest } = benchOf(entries, none);
      return JSON.stringify({ ...rest, seats: [...seats].sort(([a], [b]) => (a < b ? -1 : 1)) });
    };
    fc.assert(
      fc.property(fc.shuffledSubarray(all, { minLength: all.length }), (shuffled) => {
        expect(plain(shuffled)).toBe(plain(all));
      }),
    );
  });

  it('puts what is not stored yet last, though this device’s clock is behind', () => {
    const pressed = { ...said(1, 'ada', 'step', 'close'), n: FIRST_UNSENT };
    const after = { ...said(0, 'ada', 'step', 'wear'), n: FIRST_UNSENT + 1 };
    const entries = [said(9, 'ada', 'step', 'knot'), pressed];
    expect(seatAtWork(bench(...entries), 'ada').step).toBe('close');
    expect(seatAtWork(bench(pressed, said(9, 'ada', 'step', 'knot')), 'ada').step).toBe('close');
    expect(seatAtWork(bench(after, ...entries), 'ada').step).toBe('wear');
  });

  it('as if it had not been said once it is undone, even where the undoing came first', () => {
    const five = said(1, 'ada', 'made', 5);
    const done = said(2, 'ada', 'done');
    const undone = [said(3, 'ada', 'undo', five.key), said(3, 'ada', 'undo', done.key)];
    const room = bench(...undone, five, done);
    expect(seatAtWork(room, 'ada')).toMatchObject({ made: 0, done: null, last: null });
  });

  it('a measured length sets the count, and what is pressed after adds to that', () => {
    const entries = [said(1, 'ada', 'made', 9), said(2, 'ada', 'length', 50), said(3, 'ada', 'made', 2)];
    expect(
      seatAtWork(
        benchOf(entries, (_, mm) => mm / 5),
        'ada',
      ).made,
    ).toBe(12);
  });

  it('never counts below nothing', () => {
    expect(seatAtWork(bench(said(1, 'ada', 'made', 2), said(2, 'ada', 'made', -9)), 'ada').made).toBe(0);
  });

  it('of a seat that is not there any more changes nothing of the room', () => {
    const gone = said(2, null, 'done');
    expect(bench(said(0, null, 'begin'), gone)).toMatchObject({ closed: null, began: minute(0) });
  });

  it('begun twice began once; who asks twice waits since the first time', () => {
    const room = bench(said(0, null, 'begin'), said(4, null, 'begin'), said(2, 'ada', 'help'), said(5, 'ada', 'help'));
    expect(room.began).toBe(minute(0));
    expect(queuesOf(room).help).toEqual([{ seat: 'ada', since: minute(2) }]);
  });
});

describe('time worked', () => {
  it('leaves out the pauses, also one that goes on', () => {
    const room = bench(
      said(0, null, 'begin'),
      said(5, null, 'pause'),
      said(8, null, 'resume'),
      said(20, null, 'pause'),
    );
    expect(workedMinutes(room, minute(0), minute(10))).toBe(7);
    expect(workedMinutes(room, minute(6), minute(7))).toBe(0);
    expect(workedMinutes(room, minute(10), minute(30))).toBe(10);
  });
});

describe('queues', () => {
  it('are first come first served; who comes to the station leaves the queue, who is done leaves both', () => {
    const room = bench(
      said(3, 'bo', 'ready'),
      said(2, 'ada', 'ready'),
      said(1, 'cy', 'ready'),
      said(4, 'cy', 'turn'),
      said(1, 'di', 'ready'),
      said(2, 'di', 'turn'),
      said(3, 'di', 'done'),
    );
    expect(queuesOf(room).ready.map(({ seat }) => seat)).toEqual(['ada', 'bo']);
    expect(queuesOf(room).turn).toEqual([{ seat: 'cy', since: minute(4) }]);
    expect(seatAtWork(room, 'di').done).toBe(minute(3));
  });

  it('nobody who goes home waits for anything', () => {
    const room = bench(said(1, 'ada', 'help'), said(2, 'ada', 'ready'), said(3, 'ada', 'home'));
    expect(queuesOf(room)).toEqual({ help: [], ready: [], turn: [] });
  });
});

describe('what may be said', () => {
  const asked = (what: ProgressEntry['what'], seat: string | null, value: ProgressEntry['value']) =>
    saidProblem({ key: 'k', seat, what, value, ago_ms: 0 });
  it('is of the room or of a seat, and has a value or none', () => {
    expect(asked('begin', null, null)).toBeNull();
    expect(asked('begin', 'ada', null)).toMatch(/of the room/);
    expect(asked('made', 'ada', 4)).toBeNull();
    expect(asked('made', 'ada', 'four')).toMatch(/whole number/);
    expect(asked('made', null, 4)).toMatch(/of a seat/);
    expect(asked('undo', null, 'some key')).toBeNull();
    expect(asked('step', 'ada', null)).toMatch(/a word/);
    expect(asked('help', 'ada', 3)).toMatch(/alone/);
  });
});
