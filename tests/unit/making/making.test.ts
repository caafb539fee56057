import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { MAKING_WORDS, SHIPPED } from '../../../catalogue';
import { makingPage } from '../../../src/formats/making-page';
import { pacePage } from '../../../src/formats/pace-page';
import { makingOf } from '../../../src/core/making';
import { PLACEHOLDER_NAMES, type Project } from '../../../src/core/project';
import { exampleSeat, planSeat, type Seat } from '../../../src/core/seat';
import { optionsOf, textsOf, told } from './told';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { fuses } from '../../../src/core/cord';

const projects = Object.values(SHIPPED.projects);
/** Seats of a project: wrists, skills, cords of its role and options. */
function* seatsOf(project: Project): Generator<Seat> {
  const skills = ['new', 'steady', 'fluent'] as const;
  const roles = [...new Set(project.cords.map(({ role }) => role))];
  for (const [i, options] of optionsOf(project).entries())
    for (let wrist = 120 + (i % 5) * 5; wrist <= 230; wrist += 25) {
      const size = project.sizing.by === 'wrist' ? { wrist } : null;
      yield exampleSeat(project, { options, size, skill: skills[(i + wrist) % 3]!, age: [8, 30, null][i % 3]! });
    }
  for (const cord of ['cotton-2', 'satin-2', 'waxed-1'])
    yield exampleSeat(project, { cords: Object.fromEntries(roles.map((role) => [role, { cord }])) });
}

describe.each(projects.map((project) => [project.slug, project] as const))('the making of %s', (slug, project) => {
  const made = [...seatsOf(project)].map((seat) => ({ seat, ...told(seat) })).filter(({ plan }) => plan.fit);

  it('leaves no placeholder unfilled, and says nothing of what the piece lacks', () => {
    expect(made.length).toBeGreaterThan(5);
    for (const { acts, plan } of made) {
      for (const text of textsOf(acts)) expect(text).not.toMatch(/[{}]|undefined|NaN|Infinity/);
      const ids = new Set([...Object.keys(plan.piece!.parts), ...Object.keys(plan.piece!.sections)]);
      for (const { of } of acts) if (of) expect(of.some((id) => ids.has(id))).toBe(true);
    }
  });

  it('makes every part and every section', () => {
    for (const { acts, plan } of made) {
      const done = new Set(acts.flatMap(({ of = [] }) => of));
      const { parts, sections } = plan.piece!;
      const missing = [...Object.keys(parts), ...Object.keys(sections)].filter(
        (id) => !done.has(id) && !done.has(id.replace(/-strung-.*$/, '')),
      );
      expect(missing, slug).toEqual([]);
    }
  });

  it('has an act and a text for each other', () => {
    const { acts, texts } = project.making!;
    expect(Object.keys(texts.en).sort()).toEqual(acts.map(({ id }) => id).sort());
    const names = Object.values(texts.en).flatMap((text) =>
      [...JSON.stringify(text).matchAll(/\{([a-z_]+)(?::[^}]*)?\}/g)].map(([, name]) => name!),
    );
    expect(names.filter((name) => !PLACEHOLDER_NAMES.includes(name))).toEqual([]);
  });

  it('counts the knots of the plan, and calls for its tools', () => {
    for (const { acts, plan } of made) {
      // A count of an arm stands for every arm; what is said again of the same section is the same count.
      const bySection = new Map<string, number>();
      for (const { count } of acts)
        if (count && count.unit.includes('knot'))
          bySection.set(
            count.sections.join('+'),
            count.unit.startsWith('square') ? 2 * count.of + (count.over ?? 0) : count.of,
          );
      for (const [ids, many] of bySection) {
        const own = ids.split('+').map((id) => plan.piece!.sections[id]!);
        const expected = own.reduce((sum, section) => sum + section.halfKnots * plan.fit!.counts[section.id]!, 0);
        expect(many, `${slug} ${ids}`).toBe(Math.round(expected));
      }
      const tools = new Set(acts.flatMap((act) => act.tools ?? []));
      expect([...tools].filter((tool) => !plan.tools.includes(tool))).toEqual([]);
      const held = new Set(acts.flatMap(({ hold }) => hold ?? []));
      expect(plan.tools.filter((tool) => !tools.has(tool) && !held.has(tool))).toEqual([]);
    }
  });

  it('finishes by rule: no flame near what burns or for the young, and glue waits', () => {
    for (const { acts, plan, seat } of made) {
      const heat = acts.filter((act) => act.heat);
      const burns = plan.piece!.cords.some(({ cord }) => !fuses(cord));
      const young = seat.age !== null && seat.age < STARTING_FIGURES.flame_age;
      if (burns || young || seat.options.flame === false) expect(heat).toEqual([]);
      for (const { by } of heat) expect(['instructor', seat.age === 30 ? 'participant' : 'helper']).toContain(by);
      if (seat.age === 30) expect(textsOf(acts).join(' ')).not.toMatch(/an adult does this/i);
    }
  });

  it('is printed in docs/making as it is', () => {
    const file = readFileSync(new URL(`../../../docs/making/${slug}.md`, import.meta.url), 'utf8');
    expect(file).toBe(makingPage(project, SHIPPED, MAKING_WORDS, { units: 'cm' }));
  });
});

it('how long the pieces take is printed in docs/pace.md as it is', () => {
  expect(readFileSync(new URL('../../../docs/pace.md', import.meta.url), 'utf8')).toBe(pacePage(SHIPPED));
});

describe('worked by hand', () => {
  it('a buckle band of 168 mm: 27 half knots are 13 square knots and 1 half knot', () => {
    const { acts, plan } = told(exampleSeat(SHIPPED.projects['band-buckle']!, { size: { wrist: 168 } }));
    const half = plan.fit!.half_knots!;
    const { count } = acts.find(({ id }) => id === 'go-on')!;
    expect(count).toMatchObject({ of: Math.floor(half / 2), unit: 'square knots' });
    expect(count!.over ?? 0).toBe(half % 2);
    // The lark's head, then the far half, then the knots; the ends last, after the try-on.
    expect(acts.map(({ id }) => id)).toEqual([
      'unclip',
      'fold',
      'prong',
      'measure',
      'first',
      'again',
      'second',
      'go-on',
      'last',
      'try',
      'ends',
      'wear',
    ]);
    expect(acts.find(({ id }) => id === 'measure')!.text).toContain(`${Math.round(plan.fit!.knotted_mm)} mm`);
  });

  it('a ladder: its beads, the loop inside, and three times round', () => {
    const { acts, plan } = told(
      exampleSeat(SHIPPED.projects['ladder-wrap']!, { size: { wrist: 165 }, options: { wraps: 3 } }),
    );
    const beads = plan.items.find(({ item }) => item === 'bead-4')!.count;
    expect(acts.find(({ id }) => id === 'go-on')).toMatchObject({ count: { of: beads, unit: 'beads' } });
    expect(acts.find(({ id }) => id === 'length')!.text).toContain('3 times');
    // The button is 18 mm across and 4 mm thick: it goes through edge first, girth 2 × (18 + 4), with the studio's loop fit.
    const inside = Math.round(2 * (18 + 4) * STARTING_FIGURES.loop_fit);
    expect(acts.find(({ id }) => id === 'loop')!.text).toContain(`${inside} mm inside`);
  });

  it('a charm: one edge pair fewer than middle beads, the same on both sides', () => {
    const { acts, plan } = told(exampleSeat(SHIPPED.projects['charm-centre']!, { size: { wrist: 168 } }));
    const go = acts.find(({ id }) => id === 'go-on')!;
    const middle = acts.find(({ id }) => id === 'thread')!.count!.of;
    expect(go.count!.of).toBe(middle - 1);
    expect(go.text).toContain(`until ${middle - 1} pairs and ${middle} middle beads are in`);
    const beads = plan.items.find(({ item }) => item === 'bead-4')!.count;
    expect(beads).toBe(2 * (middle + 2 * (middle - 1)));
  });
});

describe('a project without a making', () => {
  it.each(projects.map((project) => [project.slug, project] as const))(
    '%s is told from its strands and parts',
    (_, project) => {
      const { making: _making, ...own } = project;
      const bare = { ...SHIPPED, projects: { ...SHIPPED.projects, [project.slug]: own } };
      const seat = exampleSeat(project);
      const plan = planSeat(seat, bare, STARTING_FIGURES);
      const acts = makingOf(seat, plan, MAKING_WORDS, { units: 'cm' });
      for (const text of textsOf(acts)) expect(text).not.toMatch(/[{}]|undefined|NaN/);
      const of = acts.flatMap((act) => act.of ?? []);
      const { parts, sections } = plan.piece!;
      for (const id of Object.keys(parts)) expect(of).toContain(id);
      for (const { id, runs } of Object.values(sections))
        if (runs.some(({ stitch }) => stitch.effort > 0)) expect(of).toContain(id);
      expect(acts.filter(({ id }) => id === 'length')).toHaveLength(1);
    },
  );
});
