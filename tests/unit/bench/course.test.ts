import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { bandAt, courseOf, madeBand, tiesAt } from '../../../src/core/bench';
import { bandOf, exampleSeat, planSeat, type SeatPlan } from '../../../src/core/seat';
import { STITCHES, samplePath } from '../../../src/core/stitch';
import { STARTING_FIGURES } from '../../../src/core/studio';

const planOf = (slug: string): SeatPlan => {
  const project = SHIPPED.projects[slug]!;
  const size = project.sizing.by === 'wrist' ? { size: { wrist: 165 } } : {};
  return planSeat(exampleSeat(project, size), SHIPPED, STARTING_FIGURES);
};

describe('the way through a piece', () => {
  it('of a buckle band: the acts of its making, with its knots counted where they are', () => {
    const { steps } = courseOf(planOf('band-buckle'));
    expect(steps.map(({ id }) => id)).toEqual([
      'settle',
      ...SHIPPED.projects['band-buckle']!.making!.acts.filter(({ when }) => when?.colours !== 2).map(({ id }) => id),
      'tidy',
    ]);
    expect(steps.filter(({ stretches }) => stretches.length > 0).map(({ id }) => id)).toEqual(['go-on']);
  });

  it.each(Object.keys(SHIPPED.projects))('%s: every tied section is counted once, one after the other', (slug) => {
    const plan = planOf(slug);
    const { steps, stretches, ties } = courseOf(plan);
    expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length);
    const tied = Object.values(plan.piece!.sections).filter(({ runs }) => runs.some(({ stitch }) => stitch.effort > 0));
    expect([...new Set(stretches.map(({ section }) => section.id))].toSorted()).toEqual(
      tied.map(({ id }) => id).toSorted(),
    );
    let from = 0;
    for (const stretch of steps.flatMap((step) => step.stretches)) {
      expect(stretch.from).toBe(from);
      from += stretch.ties;
    }
    expect(from).toBe(ties);
    // What is counted is as much as the fit counts of it.
    for (const { id } of tied) {
      const own = stretches.filter(({ section }) => section.id === id);
      const units = own.reduce((sum, stretch) => sum + stretch.ties / stretch.perUnit, 0);
      expect(units).toBeCloseTo(plan.fit!.counts[id]!, 6);
    }
  });

  it('goes through a project without a making in an order that can be made', () => {
    const { making: _making, ...bare } = SHIPPED.projects['class-band-bead']!;
    const catalogue = { ...SHIPPED, projects: { 'class-band-bead': bare } };
    const plan = planSeat(exampleSeat(bare, { size: { wrist: 165 } }), catalogue, STARTING_FIGURES);
    expect(courseOf(plan).steps.map(({ id }) => id)).toEqual([
      'settle',
      'part-loop',
      'section-left',
      'part-bead',
      'section-right',
      'length',
      'part-knot',
      'part-tail',
      'part-second',
      'wear',
      'tidy',
    ]);
  });

  it('of sections that repeat by turns: each time in its turn, and what is to come begins there', () => {
    const plan = planOf('petal-arms');
    const { stretches } = courseOf(plan);
    const flowers = plan.fit!.counts.join!;
    const order = stretches.map(({ section }) => section.id);
    const begins = order.indexOf('first');
    expect(order.slice(begins, begins + 1 + 4 * flowers)).toEqual([
      'first',
      ...Array.from({ length: flowers }, () => ['above', 'join', 'below', 'block']).flat(),
    ]);
    // Ten half knots in each of two arms.
    expect(stretches.filter(({ section }) => section.id === 'block').map(({ ties }) => ties)).toEqual(
      Array<number>(flowers).fill(20),
    );
    const [, second] = stretches.filter(({ section }) => section.id === 'join');
    const { unit: block } = plan.piece!.sections.block!;
    const [from, before] = [second!.from, second!.from - 2].map((made) => madeBand(plan, made).edge);
    // Two ties before the second knot one half knot of the block above it was to come, and its pair of beads.
    expect(from! - before!).toBeCloseTo(plan.piece!.sections.above!.unit + block / 20, 6);
  });

  it('counts what the fit counts', () => {
    for (const slug of ['band-buckle', 'class-band-bead', 'peg-band']) {
      const plan = planOf(slug);
      expect(courseOf(plan).ties).toBe(plan.fit!.half_knots);
    }
  });

  it.each(Object.keys(SHIPPED.projects))('%s: a length counts as many ties as make it', (slug) => {
    const course = courseOf(planOf(slug));
    for (const made of [0, 1, 7, Math.floor(course.ties / 2), course.ties].filter((n) => n <= course.ties))
      expect(tiesAt(course, bandAt(course, made))).toBe(made);
  });

  it('says what of the band is made, from the end that it is tied from', () => {
    const made = (plan: SeatPlan, mm: number, ties: number): boolean =>
      madeBand(plan, ties).spans.some(([from, to]) => from <= mm && mm <= to);
    const buckle = planOf('band-buckle');
    const long = buckle.fit!.knotted_mm;
    const { pitch } = courseOf(buckle).stretches[0]!;
    // Tied from the far half back: what is to come lies at the start, the far half is on.
    expect(madeBand(buckle, 10).edge).toBeCloseTo(courseOf(buckle).stretches[0]!.place!.from + long - 10 * pitch, 6);
    expect([1, long / 2, long + 20].map((mm) => made(buckle, mm, 5))).toEqual([false, false, true]);
    const peg = planOf('peg-band');
    expect(madeBand(peg, 10).edge).toBeGreaterThan(madeBand(peg, 4).edge);
    expect([-5, 5, peg.fit!.knotted_mm].map((mm) => made(peg, mm, 20))).toEqual([true, true, false]);
    expect(made(peg, 5, courseOf(peg).ties)).toBe(true);
  });

  it('of a charm: the left half from the charm outward, then the right', () => {
    const plan = planOf('charm-centre');
    const { stretches } = courseOf(plan);
    const of = (id: string) => stretches.find(({ section }) => section.id === id)!;
    const charm = bandOf(plan).find(({ item }) => item.id === 'charm')!;
    const begun = madeBand(plan, 4);
    expect(begun.isBack).toBe(true);
    expect(begun.edge).toBeLessThan(charm.from);
    expect(begun.spans.some(([from, to]) => from <= charm.from && to >= charm.from + charm.length)).toBe(true);
    expect(begun.spans.every(([, to]) => to <= charm.from + charm.length + 0.01)).toBe(true);
    const other = madeBand(plan, of('right').from + 4);
    expect(other.isBack).toBe(false);
    expect(other.edge).toBeGreaterThan(charm.from + charm.length);
  });
});

describe('who leads', () => {
  it('is what the paths show: the leading strand lies outermost where its half knot begins, and crosses from its side', () => {
    for (const { slug, leads, geometry } of Object.values(STITCHES)) {
      if (!leads || slug.startsWith('bead')) continue;
      const { pitch, halfKnots, working } = geometry({ strands: 2, diameter: 1 });
      expect(leads).toHaveLength(halfKnots);
      leads.forEach(({ strand, from }, k) => {
        const y = (k * pitch) / halfKnots;
        const points = samplePath(
          working.find((path) => path.strand === strand)!,
          pitch,
          8,
        );
        // Of the places where it passes the middle of its half knot, the outermost: there it crosses.
        const near = points.flatMap((p, i) => (i + 1 < points.length && Math.abs(p[1] - y) < 0.25 ? [i] : []));
        const at = near.toSorted(
          (i, j) => Math.hypot(points[j]![0], points[j]![2]) - Math.hypot(points[i]![0], points[i]![2]),
        );
        const across = at.map((i) => {
          const [p, q] = [points[i]!, points[i + 1]!];
          const r = Math.hypot(p[0], p[2]);
          return ((q[0] - p[0]) * p[2] - (q[2] - p[2]) * p[0]) / r;
        });
        const mean = across.reduce((sum, own) => sum + own, 0);
        expect([slug, k, Math.sign(mean)]).toEqual([slug, k, from === 'left' ? 1 : -1]);
      });
    }
  });
});
