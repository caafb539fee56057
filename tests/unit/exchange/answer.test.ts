import { describe, expect, it } from 'vitest';
import { MAKING_WORDS, SHIPPED } from '../../../catalogue';
import { makingOf } from '../../../src/core/making';
import { planAnswer, PlanAnswerSchema, readSessionDocument, type SessionDocument } from '../../../src/core/exchange';
import { planSeat } from '../../../src/core/seat';
import { ROLES, SCHOOLS, STARTING_FIGURES } from '../../../src/core/studio';
import { checker } from '../../../src/formats/check';

const projects = Object.keys(SHIPPED.projects);
const check = checker(PlanAnswerSchema);

/** A session as a file, with every project once, planned and answered. */
function answer(changes: Partial<SessionDocument['seats'][number]> = {}) {
  const document: SessionDocument = {
    format: 'lapboard-session',
    version: 1,
    title: 'Every piece',
    seats: projects.map((project) => ({
      label: project,
      size: { wrist: '6 5/8 in' },
      hand: '205 mm',
      age: 31,
      skill: 'steady',
      project,
      ...changes,
    })),
  };
  const read = readSessionDocument(document, SHIPPED);
  if (!read.ok) throw new Error(`${read.fault.at}: ${read.fault.error}`);
  const plans = read.value.map((seat) => planSeat(seat, SHIPPED, STARTING_FIGURES));
  return planAnswer(
    plans,
    read.value.map((seat, i) => makingOf(seat, plans[i]!, MAKING_WORDS, { units: 'mm' })),
  );
}

describe('the answer for all twenty projects', () => {
  const seats = answer().seats;

  it('keeps to its schema', () => {
    expect(check(answer()).ok).toBe(true);
    for (const school of SCHOOLS) expect(check(answer({ school })).ok).toBe(true);
  });

  it.each(projects.map((slug, i) => [slug, i] as const))('%s: fitted, cut, with its bag and its minutes', (slug, i) => {
    const one = seats[i]!;
    expect(one.label).toBe(slug);
    expect(one.fit!.knotted_mm).toBeGreaterThan(50);
    expect(one.cuts.length).toBeGreaterThan(0);
    expect(one.minutes).toBeGreaterThan(0);
    for (const cut of one.cuts) {
      expect(ROLES).toContain(cut.role);
      expect(SHIPPED.cords).toHaveProperty(cut.cord);
      expect(SHIPPED.cords[cut.cord]!.colours.map((c) => c.slug)).toContain(cut.colour);
      expect(cut.length_mm % 10).toBe(0);
      expect(cut.anatomy.reduce((sum, entry) => sum + entry.mm, 0)).toBeCloseTo(cut.length_mm, 6);
      expect(cut.anatomy.every((entry) => entry.mm >= -0.05)).toBe(true);
    }
    expect(one.making!.map(({ n }) => n)).toEqual(one.making!.map((_, n) => n + 1));
    expect(one.making!.at(-1)!.phase).toBe('wear');
    for (const { item, count } of one.items) {
      expect(SHIPPED.hardware).toHaveProperty(item);
      expect(Number.isInteger(count)).toBe(true);
    }
    expect(one.messages.filter((m) => m.level === 'error')).toEqual([]);
  });

  it('leaves out what does not apply: half knots where there are none, the inside of a fob', () => {
    const of = (slug: string) => seats[projects.indexOf(slug)]!.fit!;
    expect(of('tube-ladder')).not.toHaveProperty('half_knots');
    expect(of('ladder-wrap')).not.toHaveProperty('half_knots');
    expect(of('fob-ring')).not.toHaveProperty('inner_mm');
    expect(of('band-buckle')).toMatchObject({ inner_mm: 180.3 });
  });

  it('takes cords by role in every project, and says the closure’s own cord apart', () => {
    const waxed = answer({ cords: { core: 'waxed-1', working: 'waxed-1', whole: 'waxed-1', slider: 'knotting-1' } });
    for (const { cuts } of waxed.seats)
      for (const cut of cuts)
        if (cut.role !== 'thread') expect(cut.cord).toBe(cut.role === 'slider' ? 'knotting-1' : 'waxed-1');
    const sliding = ['reversible-slider', 'charm-centre', 'ring-centre'];
    for (const slug of sliding) expect(seats[projects.indexOf(slug)]!.cuts.map((c) => c.role)).toContain('slider');
  });

  it('a new maker is cut more and takes longer than a steady, and a steady than a fluent', () => {
    const [fresh, steady, fluent] = (['new', 'steady', 'fluent'] as const).map((skill) => answer({ skill }).seats);
    const total = (one: (typeof seats)[number]) => one.cuts.reduce((sum, cut) => sum + cut.pieces * cut.length_mm, 0);
    projects.forEach((_, i) => {
      // By whole modules a looser hand may come out a module shorter: no more than that.
      expect(total(fresh![i]!)).toBeGreaterThanOrEqual(0.95 * total(steady![i]!));
      expect(total(steady![i]!)).toBeGreaterThanOrEqual(0.95 * total(fluent![i]!));
      expect(fresh![i]!.minutes).toBeGreaterThan(steady![i]!.minutes!);
      expect(steady![i]!.minutes).toBeGreaterThanOrEqual(fluent![i]!.minutes!);
    });
  });
});
