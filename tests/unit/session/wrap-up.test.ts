import { describe, expect, it } from 'vitest';
import { NOT_BEGUN } from '../../../src/core/bench';
import { UNWRAPPED, stagesOf, type Kits, type NotedSeats, type Wrap } from '../../../src/core/session';
import { plan } from '../examples/seat';

const seats = ['Ada', 'Bo', 'Cy'].map((id) => ({ id, accepted: false, plan: plan({ label: id }) }));
const tools = Object.fromEntries(seats[0]!.plan.tools.map((tool) => [tool, { out: 1, in: 1 }]));
const issued: Kits = { ticks: [], issued: { on: '2030-05-04', cuts: [], items: {} } };
const note = (...ids: string[]): NotedSeats =>
  Object.fromEntries(ids.map((id) => [id, { said: { half_knots: 28 }, minutes: null }]));
const knot = (noted: NotedSeats, wrap: Partial<Wrap> = {}, kits: Kits | null = null, away: string[] = []) =>
  stagesOf(seats, null, kits, { ...NOT_BEGUN, away }, { ...UNWRAPPED, ...wrap }, noted).at(-1)!;

describe('the last knot', () => {
  it('waits for a word on every piece; of who did not come, and of whom there is nothing to note, it asks none', () => {
    expect(knot({}).line).toBe('To note: Ada, Bo, Cy.');
    expect(knot({ ...note('Ada'), Bo: { said: { word: '' }, minutes: 20 } }).line).toBe('To note: Bo, Cy.');
    expect(knot(note('Ada'), { tools, nothing: ['Bo'] }, null, ['Cy'])).toMatchObject({
      line: '1 piece noted, all accounted for.',
    });
  });
  it('then for the tools, one by one, and says which are missing', () => {
    const all = note('Ada', 'Bo', 'Cy');
    expect(knot(all).line).toMatch(/tools? to count in\.$/);
    const [first] = Object.keys(tools);
    expect(knot(all, { tools: { ...tools, [first!]: { out: 3, in: 1 } } }).line).toBe(`Not in yet: 2 × ${first!}.`);
    expect(knot(all, { tools }).line).toBe('3 pieces noted, all accounted for.');
  });
  it('and where kits were issued, for what is left of them', () => {
    const all = note('Ada', 'Bo', 'Cy');
    expect(knot(all, { tools }, issued).line).toBe('What is left is not back on the shelf.');
    expect(knot(all, { tools, returned_on: '2030-05-04' }, issued).state).not.toBe('open');
  });
});
