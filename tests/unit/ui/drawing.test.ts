import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { MAKING_WORDS, SHIPPED } from '../../../catalogue';
import { makingSteps } from '../../../src/core/making';
import { drawnSteps } from '../../../src/ui/strip/steps/drawn-steps';
import { planSeat, type SeatPlan } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { closedSize, framesOf, stripSize } from '../../../src/ui/strip';
import { drawingOf } from '../../../src/ui/strip/drawing';
import { seat } from '../examples/seat';

const planned = (project: string): SeatPlan => planSeat(seat({ project }), SHIPPED, STARTING_FIGURES);

describe('drawings as files', () => {
  it.each(Object.keys(SHIPPED.projects))('%s: has every drawing that its card and page ask for', (project) => {
    const plan = planned(project);
    const steps = drawnSteps(
      makingSteps(seat({ project }), plan, MAKING_WORDS, { units: 'cm' }, STARTING_FIGURES),
      plan,
    );
    const asked = [
      'front',
      'ruled-front',
      'small-back',
      'small-ruled-front',
      'closed',
      ...steps.flatMap(({ drawings, tally }) => [...drawings, ...(tally?.each ?? []).flatMap((tie) => tie.drawings)]),
      ...Object.values(plan.piece!.parts).flatMap((item) =>
        Array.from({ length: framesOf(item, plan) }, (_, frame) => `part-${frame}-${item.id}`),
      ),
    ];
    for (const name of asked) {
      const svg = drawingOf(plan, name, 'cm');
      expect(svg, name).toMatch(/^<svg xmlns="http:\/\/www.w3.org\/2000\/svg" viewBox="[-\d. e]+"/);
      expect(svg, name).not.toMatch(/NaN|undefined|Infinity|class="block/);
    }
  });

  it.each(Object.keys(SHIPPED.projects))('%s: keeps its place on a page by the measures of its file', (project) => {
    const plan = planned(project);
    for (const [name, size] of [
      ['ruled-front', stripSize(plan, true)],
      ['small-ruled-front', stripSize(plan, true)],
      ['back', stripSize(plan, false)],
      ['closed', closedSize(plan)],
    ] as const) {
      const drawing = drawingOf(plan, name, 'cm')!;
      if (!size) return expect(drawing).toBe('');
      const [, wide, high] = /viewBox="[-\d.e]+ [-\d.e]+ ([\d.e]+) ([\d.e]+)"/.exec(drawing)!;
      const { width, height } = size;
      expect(width / height / (Number(wide) / Number(high))).toBeCloseTo(1, 2);
    }
  });

  it.each(Object.keys(SHIPPED.projects))('%s: closed, shows nothing that it has not drawn', (project) => {
    const svg = drawingOf(planned(project), 'closed', 'cm')!;
    const names = new Set([...svg.matchAll(/ id="([^"]+)"/g)].map(([, id]) => id));
    const asked = [...svg.matchAll(/(?:href="#|url\(#)([^")]+)/g)].map(([, id]) => id);
    expect(asked.filter((id) => !names.has(id))).toEqual([]);
    // A stretch of the band that is stood for by a picture shows strands.
    for (const [, drawn] of svg.matchAll(/<g id="[^"]+">(.*?)<clipPath/gs)) expect(drawn).toContain('<path');
  });

  it('knows no others, whatever they are called', () => {
    for (const name of [
      'sideways',
      'step-0-9-band',
      'step-9-0-band',
      'step-0-0-constructor',
      'tie-9-0-band',
      'act-constructor',
      'part-0-constructor',
      'part-0-none',
      '',
    ])
      expect(drawingOf(planned('band-buckle'), name, 'cm')).toBeNull();
    expect(drawingOf(planSeat(seat({ size: null }), SHIPPED, STARTING_FIGURES), 'front', 'cm')).toBeNull();
  });

  it('has the colours of the two themes where it stands on its own', () => {
    const theme = readFileSync(new URL('../../../src/styles/theme.css', import.meta.url), 'utf8');
    const style = /<style>(.*?)<\/style>/s.exec(drawingOf(planned('band-buckle'), 'front', 'cm')!)![1]!;
    const colours = [...new Set(style.match(/#[0-9a-f]{6}/g))];
    expect(colours.filter((hex) => !theme.includes(hex))).toEqual([]);
  });

  it('wraps the end that leads with tape, and draws what moves apart from the rest', () => {
    const svg = drawingOf(planned('band-buckle'), 'step-0-0-band', 'cm')!;
    expect(svg).toContain('stroke="#ffffff"');
    // One cord, and yet two bodies: the strand that moves is of a colour of its own.
    const plain = drawingOf(planned('band-buckle'), 'front', 'cm')!;
    const strokes = (of: string) =>
      new Set([...of.matchAll(/stroke="(#[0-9a-f]{6}|rgb\([^)]*\))"/g)].map(([, hex]) => hex));
    expect(strokes(plain).size).toBe(3);
    expect(strokes(svg).size).toBeGreaterThanOrEqual(6);
  });
});
