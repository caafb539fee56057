import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { courseOf } from '../../../src/core/bench';
import { endsToCome, rescuesFor, willItLast, type ShelfOffcut } from '../../../src/core/rescue';
import { exampleSeat, planSeat, type SeatPlan } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { unsaid } from '../examples/said';

const figures = STARTING_FIGURES;
const planOf = (slug: string): SeatPlan => {
  const project = SHIPPED.projects[slug]!;
  const size = project.sizing.by === 'wrist' ? { size: { wrist: 165 } } : {};
  return planSeat(exampleSeat(project, { ...size, skill: 'steady' }), SHIPPED, figures);
};
const buckle = planOf('band-buckle');
const ties = courseOf(buckle).ties;
const [end] = endsToCome(buckle, 0, 'steady', figures);

describe('will it last', () => {
  it('by hand: so many ties at the path’s length each, the parts after them, and a tail to hold', () => {
    const { uses } = buckle.piece!.sections.band!;
    const at = endsToCome(buckle, 10, 'steady', figures);
    expect(at.map(({ as }) => as)).toEqual(['a', 'b']);
    expect(at[0]!.ties_mm).toBeCloseTo((ties - 10) * uses.a!, 6);
    // Sheathed cord of 4 mm is not stiff: the steady maker's tail as it stands.
    expect(at[0]!.tail_mm).toBe(figures.tail_steady);
    // The core was led to the far half before the first knot: it takes nothing more.
    expect(at[0]!.toCome.some((entry) => entry.for === 'core')).toBe(false);
  });

  it.each(Object.keys(SHIPPED.projects))('%s: as it was cut by measure it lasts from the first knot on', (slug) => {
    const plan = planOf(slug);
    const ends = endsToCome(plan, 0, 'steady', figures);
    // What each cord has for the legs that are to come: all that was cut, for all of its legs together.
    const byCord = new Map<number, number>();
    for (const { cord, ties_mm, rest_mm } of ends) byCord.set(cord, (byCord.get(cord) ?? 0) + ties_mm + rest_mm);
    for (const [cord, needs] of byCord) {
      const { use, cord: of, colour } = plan.piece!.cords[cord]!;
      const cuts = plan.cut!.cuts.filter(
        (cut) => cut.role === use.role && cut.cord === of.slug && cut.colour === colour,
      );
      expect(needs).toBeLessThanOrEqual(Math.max(...cuts.map(({ length_mm }) => length_mm)));
    }
  });

  it('of sections that repeat by turns: what every turn to come takes', () => {
    const plan = planOf('petal-arms');
    const { stretches } = courseOf(plan);
    const [, second] = stretches.filter(({ section }) => section.id === 'join');
    const { join, block, close, above, below } = plan.piece!.sections;
    const left = plan.fit!.counts.join! - 1;
    const outer = endsToCome(plan, second!.from, 'steady', figures).find(({ cord, leg }) => cord === 0 && leg === 0)!;
    expect(outer.as).toBe('a');
    const turns = left * (join!.uses.a! + block!.uses.a! + below!.uses.a!) + (left - 1) * above!.uses.a!;
    expect(outer.ties_mm).toBeCloseTo(turns + close!.uses.a!, 6);
  });

  it('says by how much, and no when it lacks', () => {
    const needs = end!.ties_mm + end!.rest_mm + end!.tail_mm;
    const verdict = (left: number) => willItLast(buckle, 0, { 0: left, 1: needs + 900 }, 'steady', figures)!;
    expect(verdict(needs + 800)).toMatchObject({ lasts: 'yes' });
    expect(verdict(needs + 800).worst.over).toBeCloseTo(800, 6);
    expect(verdict(needs + 1)).toMatchObject({ lasts: 'just' });
    expect(verdict(needs - 40)).toMatchObject({ lasts: 'no' });
    expect(verdict(needs - 40).worst.over).toBeCloseTo(-40, 6);
    expect(willItLast(buckle, 0, {}, 'steady', figures)).toBeNull();
  });

  it('the fewer are left to tie the less it needs, down to nothing to say', () => {
    const needs = [0, 5, 12, ties - 1].map((made) => endsToCome(buckle, made, 'new', figures)[0]!.ties_mm);
    expect(needs).toEqual(needs.toSorted((a, b) => b - a));
    expect(endsToCome(buckle, ties, 'new', figures)).toEqual([]);
  });
});

describe('what would help', () => {
  const rescues = (
    slug: string,
    made: number,
    short: number,
    offcuts: readonly ShelfOffcut[] = [],
    more: Readonly<Record<number, number>> = {},
  ) => {
    const plan = planOf(slug);
    const ends = endsToCome(plan, made, 'steady', figures);
    const left = Object.fromEntries(
      ends.flatMap((own, i) => (own.as === null ? [] : [[i, own.ties_mm + own.rest_mm + own.tail_mm - short]])),
    );
    return { ends, all: rescuesFor(plan, made, { ...left, ...more }, 'steady', figures, offcuts) };
  };
  const slugs = (slug: string, made: number, short: number): string[] =>
    rescues(slug, made, short).all.map((own) => own.slug);

  it('nothing where it lasts; to begin again only as the last', () => {
    expect(slugs('band-loop-knot', 10, -900)).toEqual([]);
    expect(slugs('band-loop-knot', 10, 60).at(-1)).toBe('again');
  });

  it('stopping early is offered where it still closes: with a longer loop, or where it slides; not on a buckle that is far too short', () => {
    expect(slugs('band-loop-knot', 10, 120)).toContain('stop');
    expect(slugs('reversible-slider', 10, 120)).toContain('stop');
    expect(slugs('band-buckle', 5, 300)).not.toContain('stop');
  });

  it('by hand: where it stops, what is lacking is over', () => {
    const short = 100;
    const { ends, all } = rescues('reversible-slider', 10, short);
    const left = courseOf(planOf('reversible-slider')).stretches[0]!.ties - 10;
    const fewer = Math.ceil(short / ends.find(({ as }) => as !== null)!.perTie);
    expect(all.find(({ slug }) => slug === 'stop')!.text).toContain(`Stop after ${left - fewer} more half knots`);
  });

  it('joins in the shortest offcut that is long enough, of that cord and colour only', () => {
    const worst = rescues('band-buckle', 5, 200).ends[0]!;
    const of = (label: string, mm: number, colour = worst.of.colour): ShelfOffcut => ({
      label,
      cord: worst.of.cord.slug,
      colour,
      mm,
    });
    const shelf = [
      of('offcut 1', 9000),
      of('offcut 2', 2500),
      of('offcut 3', 60),
      of('offcut 4', 2400, 'no such colour'),
    ];
    expect(rescues('band-buckle', 5, 200, shelf).all.find(({ slug }) => slug === 'join')!.text).toContain('offcut 2');
    expect(rescues('band-buckle', 5, 200).all.find(({ slug }) => slug === 'join')!.text).toContain(
      'cut it from a spool',
    );
  });

  it('lets core legs work where they are long enough, and only where they were measured', () => {
    const { ends } = rescues('class-band-bead', 6, 150);
    const cores = ends.flatMap((own, i) => (own.as === null ? [i] : []));
    expect(cores).toHaveLength(2);
    const long = Object.fromEntries(cores.map((i) => [i, 2500]));
    const found = rescues('class-band-bead', 6, 150, [], long).all;
    expect(found[0]).toMatchObject({ slug: 'swap' });
    expect(slugs('class-band-bead', 6, 150)).not.toContain('swap');
    const tight = Object.fromEntries(cores.map((i) => [i, ends[i]!.rest_mm + ends[i]!.tail_mm]));
    expect(rescues('class-band-bead', 6, 150, [], tight).all.map(({ slug }) => slug)).not.toContain('swap');
  });

  it('opens the stitch with beads where they save enough', () => {
    const open = rescues('band-loop-knot', 8, 150).all.find(({ slug }) => slug === 'open')!;
    expect(open.text).toMatch(/bead|spiral/);
  });

  it('says in values what it says in words', () => {
    const shelf = [{ label: 'offcut A', cord: 'satin-2', colour: 'race', mm: 4000 }];
    const said = Object.keys(SHIPPED.projects).flatMap((slug) =>
      [1, 5, 60, 150, 400].flatMap((short) => rescues(slug, 4, short, shelf, { 2: 2500, 3: 2500 }).all),
    );
    for (const { text, values } of said) expect(unsaid(text, values), text).toEqual([]);
    const ways = new Set(said.map(({ slug, values }) => [slug, values.way].filter(Boolean).join(' ')));
    expect([...ways].toSorted()).toEqual([
      'again',
      'join',
      'open beads',
      'open spiral',
      'stop ease',
      'stop length',
      'stop loop',
      'stop slides',
      'swap',
    ]);
  });
});
