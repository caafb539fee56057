import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { drawnParts } from '../../../src/core/drawing';
import { isSection } from '../../../src/core/project';
import { bandOf, planSeat, type SeatPlan } from '../../../src/core/seat';
import { layered } from '../../../src/core/stitch';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { Strip } from '../../../src/ui/strip';
import { seat } from '../examples/seat';

const planned = (project: string, changes: Parameters<typeof seat>[0] = {}): SeatPlan =>
  planSeat(seat({ project, ...changes }), SHIPPED, STARTING_FIGURES);
const drawn = (plan: SeatPlan, side: 'front' | 'back', more: { ruler?: boolean; small?: boolean } = {}): string =>
  renderToStaticMarkup(createElement(Strip, { plan, side, units: 'cm', ...more }));
const PROJECTS = Object.keys(SHIPPED.projects);

describe('a drawn strip', () => {
  it.each(PROJECTS)('%s: is drawn from both sides, with every number a number', (project) => {
    const plan = planned(project);
    for (const side of ['front', 'back'] as const) {
      const svg = drawn(plan, side);
      expect(svg).not.toMatch(/NaN|undefined|Infinity/);
      expect(svg).toContain(`aria-label="${plan.piece!.project.name}, ${side}, `);
    }
    expect(drawn(plan, 'front')).not.toBe(drawn(plan, 'back'));
  });

  it.each(PROJECTS)('%s: has room for the whole band and what stands out of it', (project) => {
    const plan = planned(project);
    const last = bandOf(plan).findLast(({ item }) => isSection(item))!;
    const [x, , width, height] = /viewBox="([^"]+)"/.exec(drawn(plan, 'front'))![1]!.split(' ').map(Number);
    expect(x).toBeLessThanOrEqual(-2);
    expect(x! + width!).toBeGreaterThanOrEqual(last.from + last.length + 2);
    expect(height).toBeGreaterThan(plan.piece!.width);
  });

  it('shows beads where the piece has them, and never more than are strung', () => {
    for (const [project, changes] of [
      ['class-band-bead', {}],
      ['charm-centre', {}],
      ['tube-ladder', {}],
      ['petal-arms', {}],
    ] as const) {
      const plan = planned(project, changes);
      const kinds = Object.values(plan.piece!.hardware);
      const sections = bandOf(plan).filter(({ item }) => isSection(item));
      const strung = sections.reduce(
        (sum, { item }) =>
          isSection(item)
            ? sum + item.arms * item.beadCounts.reduce((all, count) => all + count, 0) * plan.fit!.counts[item.id]!
            : sum,
        0,
      );
      const inBag = plan.items
        .filter(({ item }) => kinds.find(({ slug }) => slug === item)?.kind.includes('bead'))
        .reduce((sum, { count }) => sum + count, 0);
      // A charm is drawn from both sides of it, over itself.
      const charms = 2 * kinds.filter(({ kind }) => kind === 'charm').length;
      const shown = drawn(plan, 'front').split('class="bead"').length - 1 - charms;
      expect(shown, project).toBeGreaterThan(0);
      expect(shown, project).toBeLessThanOrEqual(Math.max(inBag, strung));
    }
  });

  it('lays a long stretch side by side over its whole length, and leaves no gap and no overhang', () => {
    const plan = planned('ladder-wrap', { options: { wraps: 3 } });
    const svg = drawn(plan, 'front');
    const pattern = /<pattern id="([^"]+)" x="0" y="[^"]+" width="([^"]+)"/.exec(svg)!;
    const pitch = Number(pattern[2]);
    const tiled = new RegExp(
      `<rect x="([^"]+)" y="[^"]+" width="([^"]+)" height="[^"]+" fill="url\\(#${pattern[1]}\\)"`,
    ).exec(svg)!;
    const [from, length] = [Number(tiled[1]), Number(tiled[2])];
    const section = bandOf(plan).find(({ item }) => isSection(item) && plan.fit!.counts[item.id]! >= 16)!;
    // Two repeats at each end are drawn, and what is left over of one; between them the pattern, a whole number of repeats.
    expect(from).toBeCloseTo(2 * pitch, 6);
    const after = section.length - from - length;
    expect(after).toBeGreaterThan(2 * pitch - 0.001);
    expect(after).toBeLessThan(3 * pitch);
    expect(length / pitch).toBeCloseTo(Math.round(length / pitch), 6);
    // A short one is drawn through, with no pattern.
    expect(drawn(planned('fob-ring'), 'front').includes('<pattern')).toBe(false);
  });

  it('has a ruler that begins with the band and reads in the studio’s unit', () => {
    const plan = planned('band-loop-knot');
    expect(drawn(plan, 'front', { ruler: false }).length).toBeLessThan(drawn(plan, 'front').length);
    const texts = (units: 'cm' | 'in') =>
      [
        ...renderToStaticMarkup(createElement(Strip, { plan, side: 'front', units })).matchAll(/<text[^>]*>([^<]+)</g),
      ].map(([, text]) => text);
    const band = bandOf(plan).reduce((sum, { length }) => sum + length, 0);
    // Every second centimetre is numbered, or every inch, from 0 to the last that lies on the band.
    const numbers = (last: number, step: number) =>
      Array.from({ length: Math.floor(last / step) + 1 }, (_, i) => String(i * step));
    expect(texts('cm')).toEqual(numbers(band / 10, 2));
    expect(texts('in')).toEqual(numbers(band / 25.4, 1));
  });

  it('numbers the ruler where it says it does', () => {
    const places = (project: string, units: 'cm' | 'in') =>
      [
        ...renderToStaticMarkup(createElement(Strip, { plan: planned(project), side: 'front', units })).matchAll(
          /<text x="([^"]+)"[^>]*>([^<]+)</g,
        ),
      ].map(([, x, text]) => [Number(x), Number(text)]);
    for (const project of ['band-buckle', 'ladder-wrap', 'fob-ring']) {
      for (const [x, cm] of places(project, 'cm')) expect(x).toBeCloseTo(cm! * 10, 6);
      for (const [x, inch] of places(project, 'in')) expect(x).toBeCloseTo(inch! * 25.4, 6);
    }
  });

  it.each(PROJECTS)('%s: parts stand where the band has them, as long as they are', (project) => {
    const plan = planned(project);
    const svg = drawn(plan, 'front');
    const parts = drawnParts(plan);
    for (const { item, from, length } of bandOf(plan)) {
      if (isSection(item)) continue;
      const own = parts.filter((part) => part.item.id === item.id);
      expect(own.length, item.id).toBeGreaterThan(0);
      // It stands at the band’s edge on the side that its legs come from; past a knot that closes between them.
      for (const { at, outward } of own) {
        const edge = outward === 1 ? from : from + length;
        const isClosed = parts.some((part) => part.item.part.grips && part.at === edge && part.outward === outward);
        if (isClosed) expect(outward * (at - edge)).toBeGreaterThan(5);
        else expect(at).toBeCloseTo(edge, 6);
      }
      const hardware = item.base.hardware;
      if (!hardware) continue;
      const { kind, width_mm } = hardware;
      // Round things stand about the middle of their place; a bead or charm fills it, as wide as it is.
      if (kind === 'button' || kind === 'shank-button' || kind === 'washer')
        expect(svg).toContain(`<circle cx="${item.along / 2}" cy="0"`);
      else if (kind !== 'buckle') expect(svg).toContain(`width="${length}" height="${width_mm}"`);
    }
  });

  it.each(PROJECTS)('%s: what lies over in front lies under behind', (project) => {
    for (const { strands } of drawnParts(planned(project))) {
      if (strands.length === 0) continue;
      const lines = strands.map(({ points, d }, i) => ({ strand: String(i), thick: d, points }));
      const band = 0.3 * Math.min(...strands.map(({ d }) => d));
      const of = (side: 'front' | 'back') =>
        layered(lines, side, band).map(
          ({ strand, depth }) => `${strand} ${(side === 'front' ? depth : -depth).toFixed(3)}`,
        );
      // The same layers, back to front the one way and front to back the other.
      expect(new Set(of('front'))).toEqual(new Set(of('back')));
      const depths = layered(lines, 'front', band).map(({ depth }) => depth);
      expect(depths).toEqual([...depths].sort((a, b) => a - b));
    }
  });

  it('is nothing where nothing can be planned', () => {
    expect(drawn(planned('band-buckle', { size: null }), 'front')).toBe('');
  });
});
