import { describe, expect, it } from 'vitest';
import { simulateRoom } from '../../../src/core/room';
import { planSession, roomOf, applyOperation } from '../../../src/core/session';
import { chanceWords, clockTime } from '../../../src/islands/session/room/clock-words';
import { stretchesOf } from '../../../src/islands/session/room/stretches';
import { exampleView, idOf } from '../examples/view';

describe('a seat’s course on the clock', () => {
  const view = applyOperation(exampleView(), {
    kind: 'add',
    seats: ['Ada', 'Bo', 'Cy'].map((name, i) => ({
      id: idOf(name),
      person_id: idOf(`p${name}`),
      name,
      age: 30,
      wrist_mm: 165,
      project: 'band-buckle',
      options: i === 2 ? { flame: false } : {},
    })),
  });
  const room = roomOf(
    { ...view.session, minutes: 60, room: { ...view.session.room, early: [idOf('Bo')], tied: [idOf('Bo')] } },
    planSession(view).seats,
    view.studio.settings.figures,
  )!;
  const { seats } = simulateRoom(room, { runs: 400, seed: 1 });
  const [ada, bo, cy] = room.seats.map((seat, i) => stretchesOf(seat, seats[i]!));

  it('is one length after the other, from when it comes to when it is done', () => {
    for (const [i, course] of [ada!, bo!, cy!].entries()) {
      expect(course[0]!.from + room.seats[i]!.early).toBe(0);
      course.slice(1).forEach((stretch, k) => expect(stretch.from).toBeCloseTo(course[k]!.to));
      expect(course.at(-1)!.to).toBeCloseTo(seats[i]!.done.p50);
    }
  });

  it('waits only for the flame, and has no start where that was tied beforehand', () => {
    const keys = [ada!, bo!, cy!].map((course) => course.map(({ key }) => key));
    // Buckle on, measured, knotted with a second look at the length, and tried on; the ends; worn.
    expect(keys[0]).toEqual(['before', 'start', 'knot', 'check', 'knot', 'check', 'wait', 'finish', 'check']);
    expect(keys[1]).not.toContain('start');
    expect(keys[2]).not.toContain('wait');
  });
});

describe('times and chances in words', () => {
  it.each<[string | null, number, string]>([
    [null, 40.4, '40 min'],
    ['10:15', 40, '10:55'],
    ['23:50', 20, '00:10'],
    ['00:05', -15, '23:50'],
  ])('from %s, %f minutes: %s', (start, minutes, words) => {
    expect(clockTime(start, minutes)).toBe(words);
  });

  it('promise nothing that an estimate cannot', () => {
    expect([1, 0.96, 0.62, 0.02].map(chanceWords)).toEqual(['almost sure', 'almost sure', '6 in 10', 'hardly']);
  });
});
