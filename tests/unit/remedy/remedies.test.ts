import { beforeAll, describe, expect, it } from 'vitest';
import { remediesFor, roomTimes, type Remedy } from '../../../src/core/remedy';
import { applyOperation, inverseOf, planSession, roomOf, type SessionView } from '../../../src/core/session';
import { unsaid } from '../examples/said';
import { exampleView, idOf } from '../examples/view';

const roomful = (many: number, minutes: number | null): SessionView => {
  const view = applyOperation(exampleView(), {
    kind: 'add',
    seats: Array.from({ length: many }, (_, i) => ({
      id: idOf(`s${i}`),
      person_id: idOf(`p${i}`),
      name: `Maker ${i}`,
      wrist_mm: 150 + i,
      age: 20 + i,
      skill: i % 2 ? ('new' as const) : ('steady' as const),
      project: i % 3 ? 'band-buckle' : 'reversible-slider',
    })),
  });
  return { ...view, session: { ...view.session, minutes } };
};
const finishing = (view: SessionView): number => {
  const { seats, figures } = planSession(view);
  return roomTimes(roomOf(view.session, seats, figures)!).finishing.mean;
};

describe('what would help a room', () => {
  const view = roomful(12, 60);
  let remedies: Remedy[];
  const told: [number, number][] = [];
  beforeAll(() => {
    remedies = remediesFor(view, false, (tried, of) => void told.push([tried, of]));
  });

  it('is ranked by how many more finish, each by what comes of it when it is done', () => {
    expect(remedies.length).toBeGreaterThanOrEqual(4);
    const before = finishing(view);
    expect(remedies.map(({ more }) => more)).toEqual(remedies.map(({ more }) => more).toSorted((a, b) => b - a));
    for (const { operation, finishing: said, more, what } of remedies) {
      const after = finishing(applyOperation(view, operation));
      expect(after, what).toBeCloseTo(said, 9);
      expect(after - before, what).toBeCloseTo(more, 9);
      expect(more, what).toBeGreaterThan(0);
    }
  });

  it('says in values what it says in words, and whom it is for', () => {
    for (const { what, values } of remedies) expect(unsaid(what, values), what).toEqual([]);
    const names = new Set(view.seats.map(({ name }) => name));
    const forSome = remedies.filter(({ operation }) => operation.kind === 'seats');
    expect(forSome.length).toBeGreaterThan(0);
    for (const { values, operation } of forSome) {
      expect(values.seats).toHaveLength(operation.kind === 'seats' ? operation.edits.length : 0);
      for (const name of values.seats as string[]) expect(names).toContain(name);
    }
  });

  it('can be taken back', () => {
    for (const { operation } of remedies) {
      const back = inverseOf(view, operation)!;
      const again = applyOperation(applyOperation(view, operation), back);
      expect(finishing(again)).toBe(finishing(view));
    }
  });

  it('says what it costs, and how far it has come', () => {
    const costs = Object.fromEntries(remedies.map(({ slug, cost }) => [slug, cost]));
    expect(costs['longer-30']).toEqual({ minutes: 30 });
    // An hour of the room at 20.00 is 10.00 for half of it; nobody has said what an adult costs.
    const { figures } = view.studio.settings;
    const settings = { ...view.studio.settings, figures: { ...figures, room_money: 2000 } };
    const paid = remediesFor({ ...view, studio: { ...view.studio, settings } }, false, () => undefined);
    expect(paid.find(({ slug }) => slug === 'longer-30')!.cost).toEqual({ minutes: 30, money: 1000 });
    expect(told.at(-1)![0]).toBe(told.at(-1)![1]);
  });

  it('changes nothing of what is cut', () => {
    const cut = applyOperation(view, { kind: 'cut', cut: true, seen: [], on: '2030-05-04' });
    const ofRoom = remediesFor(cut, false, () => undefined);
    expect(new Set(ofRoom.map(({ operation }) => operation.kind))).toEqual(new Set(['session']));
    // Four sliders are slow: two acts of 12 s, and of 10 s for each strand that is laid, come before the first knot of each.
    expect(ofRoom.find(({ slug }) => slug === 'early')!.cost).toEqual({ early: 4 });
    expect(ofRoom.find(({ slug }) => slug === 'tied')!.cost).toEqual({ preparing: (4 * (2 * 12 + 2 * 10)) / 60 });
    // Once it is under way nothing is done before it.
    const begun = remediesFor(cut, true, () => undefined).map(({ slug }) => slug);
    expect(begun).not.toContain('tied');
    expect(begun).not.toContain('early');
    expect(begun).toContain('adult');
  });

  it('is not asked for where all finish, or nobody said how long there is', () => {
    expect(remediesFor(roomful(4, 600), false, () => undefined)).toEqual([]);
    expect(remediesFor(roomful(4, null), false, () => undefined)).toEqual([]);
  });
});
