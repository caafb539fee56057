import { describe, expect, it } from 'vitest';
import { beadOf, cutList, cutsNow, kitKeys, type SeatWithPlan } from '../../../src/core/seat';
import { stagesOf } from '../../../src/core/session';
import { plan } from '../examples/seat';

type Staged = SeatWithPlan & { readonly accepted: boolean };
const staged = (id: string, changes: Parameters<typeof plan>[0] = {}, accepted = false): Staged => ({
  id,
  accepted,
  plan: plan({ label: id, ...changes }),
});
const state = (seats: Staged[], done: Parameters<typeof stagesOf>[1] = null) =>
  Object.fromEntries(stagesOf(seats, done).map((s) => [s.stage, s]));

describe('a session’s knots', () => {
  it('wait for seats, then for projects, then for wrists', () => {
    expect(state([]).seats).toMatchObject({ state: 'open', line: expect.stringContaining('Nobody yet') as string });
    expect(state([staged('Ada', { project: null })]).seats).toMatchObject({
      state: 'open',
      line: 'No project yet: Ada.',
    });
    const hollow = state([staged('Ada', { size: null }), staged('Bo')]);
    expect(hollow.seats!.state).toBe('tied');
    expect(hollow.fit).toMatchObject({ state: 'open', line: 'No wrist yet: Ada.' });
    expect(hollow.cut!.state).toBe('bare');
  });

  it('count estimates until they are accepted', () => {
    const three = ['A', 'B', 'C'].map((id) => staged(id, { estimated: true }));
    expect(state(three).fit).toMatchObject({ state: 'open', line: '3 seats still on estimates: A, B, C.' });
    expect(state(three.map((s) => ({ ...s, accepted: true }))).fit!.state).toBe('tied');
  });

  it('tie the cut when it is noted, and untie it, saying why, when a wrist changes or somebody joins or leaves', () => {
    const before = [staged('Ada'), staged('Bo')];
    const done = cutsNow(before);
    expect(state(before, done).cut).toMatchObject({ state: 'tied', line: '2 lengths cut.' });
    const wider = state([staged('Ada', { size: { wrist: 185 } }), staged('Bo')], done).cut!;
    expect(wider.state).toBe('open');
    expect(wider.line).toMatch(/^Came undone: Ada was cut \d+ mm, and now needs \d+ mm\.$/);
    expect(state([...before, staged('Cy')], done).cut!.line).toBe('Came undone: Cy is new since the cords were cut.');
    expect(state([staged('Ada')], done).cut!.line).toContain('Bo');
    expect(
      state([staged('Ada', { cords: { whole: { cord: 'sheathed-4', colours: ['sail'] } } }), staged('Bo')], done).cut!
        .line,
    ).toContain('another cord or colour');
    // A change that needs the same cord leaves the knot tied.
    expect(state([staged('Ada', { age: 50 }), staged('Bo')], done).cut!.state).toBe('tied');
  });

  it('tie the kits once they are issued, and untie them by name when they would no longer do', () => {
    const before = [staged('Ada'), staged('Bo')];
    const kits = { ticks: [], issued: { on: '2030-05-01', cuts: kitKeys(before), items: {} } };
    const kit = (seats: Staged[], own: Parameters<typeof stagesOf>[2] = kits) =>
      stagesOf(seats, cutsNow(before), own).find(({ stage }) => stage === 'kit')!;
    expect(kit(before, null)).toMatchObject({ state: 'open', line: '2 bags to pack.' });
    expect(kit(before, { ticks: ['x'], issued: null })).toMatchObject({ line: '2 bags to pack.' });
    expect(kit(before)).toMatchObject({ state: 'tied', line: '2 kits issued.' });
    // In whatever order they sit.
    expect(kit([...before].reverse()).state).toBe('tied');
    expect(kit([before[0]!, staged('Bo', { size: { wrist: 200 } })]).line).toBe(
      'Came undone: Bo now needs something else than was issued.',
    );
    expect(kit([...before, staged('Cy')]).line).toBe('Came undone: Cy now needs something else than was issued.');
    expect(kit([before[0]!]).line).toBe('Came undone: kits were issued for a seat that is not there now.');
    expect(kit([]).line).toBe('Waits for seats.');
  });

  it('show a bead that says what a seat lacks', () => {
    expect(beadOf(plan({ size: null }))).toBe('hollow');
    expect(beadOf(plan({ estimated: true }))).toBe('ringed');
    expect(beadOf(plan())).toBe('solid');
    expect(beadOf(plan({ options: { hardware: 'buckle-10' } }))).toBe('notched');
    expect(beadOf(plan({ project: null }))).toBe('notched');
  });
});

describe('the cut list', () => {
  it('groups by cord and colour, longest first, and loses nothing', () => {
    const plans = [150, 190, 170]
      .map((wrist) => plan({ size: { wrist } }))
      .concat(plan({ cords: { whole: { cord: 'sheathed-4', colours: ['sail', 'race'] } } }));
    const groups = cutList(plans);
    expect(groups.map((g) => g.colour.slug)).toEqual(['race', 'sail']);
    expect(groups[0]!.lines.map((l) => l.seat)).toEqual([2, 3, 1, 4]);
    // By the cord’s name, then by the colour’s.
    const mixed = cutList([
      plan({ cords: { whole: { cord: 'sheathed-4', colours: ['sail'] } } }),
      plan({ project: 'single-noose', cords: { whole: { cord: 'leather-2', colours: ['reed'] } } }),
      plan({ cords: { whole: { cord: 'sheathed-4', colours: ['night'] } } }),
      plan({ cords: { whole: { cord: 'sheathed-3', colours: ['sail'] } } }),
    ]);
    const names = mixed.map((g) => `${g.cord.name}, ${g.colour.name}`);
    expect(names).toHaveLength(4);
    expect(names).toEqual([...names].sort((a, b) => a.localeCompare(b)));
    const listed = groups.reduce((sum, g) => sum + g.total_mm, 0);
    expect(listed).toBe(plans.reduce((sum, p) => sum + p.cut!.total_mm, 0));
  });
});
