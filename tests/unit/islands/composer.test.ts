import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { BLANK_PROJECT, checkProject, ProjectSchema, type Project } from '../../../src/core/project';
import { PARTS } from '../../../src/core/part';
import { planSeat } from '../../../src/core/seat';
import { STITCHES } from '../../../src/core/stitch';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { checker } from '../../../src/formats/check';
import {
  addCord,
  addPart,
  addSection,
  changeCord,
  changePart,
  changeRoute,
  changeSection,
  freshId,
  mirrorSection,
  moveItem,
  removeItem,
  setClosure,
  setHeld,
  setTools,
  targetOf,
} from '../../../src/islands/composer/edit-project';
import { seat } from '../examples/seat';

const buckle = SHIPPED.projects['band-buckle']!;
const check = checker(ProjectSchema);
const planned = (project: Project) =>
  planSeat(
    seat({ project: project.slug }),
    { ...SHIPPED, projects: { ...SHIPPED.projects, [project.slug]: project } },
    STARTING_FIGURES,
  );

describe('composing a project', () => {
  it('starts from a blank that can be made at once', () => {
    expect(check(BLANK_PROJECT).ok).toBe(true);
    expect(checkProject(BLANK_PROJECT, SHIPPED)).toBeNull();
    const { cut, fit, messages } = planned(BLANK_PROJECT);
    expect(cut!.cuts.map((c) => c.role)).toEqual(['core', 'working']);
    expect(fit!.half_knots).toBeGreaterThan(40);
    expect(messages.filter((m) => m.level === 'error')).toEqual([]);
  });

  it('moves what is in the band, and nothing else', () => {
    const moved = moveItem(buckle, 0, 2);
    expect(moved.layout).toEqual(['band', 'far', 'near']);
    expect({ ...moved, layout: buckle.layout }).toEqual(buckle);
    expect(moveItem(moved, 2, 0)).toEqual(buckle);
  });

  it('a new section has cord in it, and the band grows by it', () => {
    const grown = addSection(buckle);
    expect(grown.layout.at(-1)).toBe('section');
    expect(checkProject(grown, SHIPPED)).toBeNull();
    const { fit } = planned(grown);
    // Both fill: each gets half of what the band had.
    expect(fit!.counts.band).toBe(fit!.counts.section);
    const one = planned(buckle).fit!.counts.band!;
    expect(Math.abs(fit!.counts.band! * 2 - one)).toBeLessThanOrEqual(1);
  });

  it('the same again at the other end keeps both halves alike', () => {
    const twin = mirrorSection(SHIPPED.projects['bead-row-slider']!, 'after');
    expect(twin.layout).toEqual(['before', 'first-bead', 'row', 'after', 'after-2']);
    const { fit } = planned(twin);
    expect(fit!.counts.after).toBe(fit!.counts['after-2']);
    for (const cord of mirrorSection(buckle, 'band').cords)
      for (const { route } of cord.legs)
        expect(route.filter((step) => targetOf(step) === 'band').length).toBe(
          route.filter((step) => targetOf(step) === 'band-2').length,
        );
  });

  it('taking something out takes every step through it, and what closed over it', () => {
    const without = removeItem(SHIPPED.projects['ladder-wrap']!, 'button');
    expect(without.layout).toEqual(['band']);
    expect(without.parts.find(({ id }) => id === 'loop')!.mate).toBeUndefined();
    for (const { legs } of without.cords)
      for (const { route } of legs) expect(route.map(targetOf)).not.toContain('button');
    expect(checkProject(without, SHIPPED)).toBeNull();
  });

  it('what closed the ring, or could be chosen, is named no more when it is gone', () => {
    const noose = SHIPPED.projects['single-noose']!;
    const without = [...new Set([...noose.closure!, noose.options.stopper!])].reduce(removeItem, noose);
    expect(without).not.toHaveProperty('closure');
    expect(without.options).not.toHaveProperty('stopper');
    expect(checkProject(without, SHIPPED)).toBeNull();
  });

  it('a closure takes of the band as often as it stands in it, and a held end has a tail', () => {
    const knots = SHIPPED.projects['single-centre-knot']!;
    const [id] = new Set(knots.closure);
    expect(setClosure(knots, id!, 2)).toEqual(knots);
    const once = setClosure(knots, id!, 1);
    expect(planned(once).fit!.knotted_mm).toBeGreaterThan(planned(knots).fit!.knotted_mm);
    const spiral = SHIPPED.projects['double-spiral']!;
    const cord = spiral.cords.findIndex(({ legs }) => legs[0]!.held);
    const loose = spiral.cords[cord]!.legs.reduce((p, _, leg) => setHeld(p, cord, leg, false), spiral);
    expect(planned(loose).cut!.total_mm).toBeLessThan(planned(spiral).cut!.total_mm);
    // Another way for a leg leaves it held.
    expect(changeRoute(spiral, cord, 0, spiral.cords[cord]!.legs[0]!.route)).toEqual(spiral);
  });

  it('a new part is made by a leg, in the band or beside it', () => {
    const inBand = addPart(buckle, 'overhand', true);
    const beside = addPart(buckle, 'tie-tail', false);
    expect(inBand.layout).toContain('overhand');
    expect(beside.layout).toEqual(buckle.layout);
    expect(beside.cords[0]!.legs[0]!.route.at(-1)).toEqual({ part: 'tie-tail' });
    // The knot stands for 3.2 × 3.28 = 10.5 mm of the band: two half knots fewer.
    expect(planned(inBand).fit!.half_knots).toBe(planned(buckle).fit!.half_knots! - 2);
  });

  it('tools are written in a line, once each, and reach the packing list', () => {
    const with3 = setTools(buckle, ' clip, pin board,,clip , awl');
    expect(with3.tools).toEqual(['clip', 'pin board', 'awl']);
    expect(check(with3).ok).toBe(true);
    expect(planned(with3).tools).toEqual(
      expect.arrayContaining(['awl', 'clip', 'pin board', ...planned(buckle).tools]),
    );
    expect(setTools(with3, ' , ')).toEqual(buckle);
  });

  it('a stitch, a cord or a way changed is followed by fit and cuts', () => {
    const before = planned(buckle).cut!.total_mm;
    const spiral = changeSection(buckle, 0, { runs: [{ stitch: 'half-knot-spiral', times: 1 }] });
    expect(planned(spiral).cut!.total_mm).not.toBe(before);
    expect(planned(changeCord(buckle, 0, { default: 'sheathed-2' })).piece!.width).toBeLessThan(
      planned(buckle).piece!.width,
    );
    const shorter = changeRoute(buckle, 0, 0, buckle.cords[0]!.legs[0]!.route.slice(0, -1));
    expect(planned(shorter).cut!.total_mm).toBeLessThanOrEqual(before);
    expect(planned(changePart(buckle, 2, { part: 'tie-tail' })).cut!.total_mm).toBeGreaterThan(before);
  });

  it('one more cord is one more thing to cut, and ids never clash', () => {
    expect(planned(addCord(buckle)).cut!.cuts.length).toBe(planned(buckle).cut!.cuts.length + 1);
    const ids = [freshId(buckle, 'band'), freshId(addSection(addSection(buckle)), 'section'), freshId(buckle, 'new')];
    expect(ids).toEqual(['band-2', 'section-3', 'new']);
  });

  it('whatever is done in whatever order, the piece is planned or the fault is named: never a crash', () => {
    type Edit = (project: Project, n: number) => Project;
    const pick = <T>(list: readonly T[], n: number): T => list[n % list.length]!;
    const edits: Edit[] = [
      (p) => (p.sections.length < 8 ? addSection(p) : p),
      (p, n) => (p.parts.length < 12 ? addPart(p, pick(Object.keys(PARTS), n), n % 2 === 0) : p),
      (p, n) => (p.layout.length > 1 ? removeItem(p, pick(p.layout, n)) : p),
      (p, n) => moveItem(p, n % p.layout.length, (n >> 3) % p.layout.length),
      (p, n) =>
        changeSection(p, n % Math.max(1, p.sections.length), {
          runs: [{ stitch: pick(Object.keys(STITCHES), n), times: 1 + (n % 6) }],
        }),
      (p, n) =>
        changeSection(p, n % Math.max(1, p.sections.length), {
          count: pick(['fill', 7, { length: 'slider' }] as const, n),
        }),
      (p, n) =>
        changeCord(p, n % p.cords.length, { default: pick(Object.keys(SHIPPED.cords), n), pieces: 1 + (n % 3) }),
      (p) => (p.cords.length < 6 ? addCord(p) : p),
    ];
    const starts = Object.values(SHIPPED.projects);
    fc.assert(
      fc.property(
        fc.nat(19),
        fc.array(fc.tuple(fc.nat(edits.length - 1), fc.nat(200)), { maxLength: 8 }),
        (s, steps) => {
          let project = starts[s]!;
          for (const [which, n] of steps) if (project.sections.length > 0) project = edits[which]!(project, n);
          const fault = checkProject(project, SHIPPED);
          if (fault) {
            expect(fault.at.startsWith('/')).toBe(true);
            return;
          }
          const result = planned(project);
          if (!result.cut) expect(result.messages.some((m) => m.level === 'error')).toBe(true);
          else expect(Number.isFinite(result.cut.total_mm)).toBe(true);
          // No edit lets a flame near what it burns.
          const fusing = result.piece!.cords.every(({ cord }) => ['nylon', 'polyester'].includes(cord.fibre));
          if (!fusing) expect(result.piece!.flame).toBe(false);
        },
      ),
      { numRuns: 300 },
    );
  });
});
