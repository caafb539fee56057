import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { FAULTS, faultsOf } from '../../../src/core/fault';
import { exampleSeat, planSeat, type SeatPlan } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { FaultPicture } from '../../../src/ui/strip';

const planOf = (slug: string, options = {}): SeatPlan => {
  const project = SHIPPED.projects[slug]!;
  const size = project.sizing.by === 'wrist' ? { size: { wrist: 165 } } : {};
  return planSeat(exampleSeat(project, { ...size, options }), SHIPPED, STARTING_FIGURES);
};
const slugs = Object.keys(SHIPPED.projects);
const of = (slug: string, options = {}): string[] =>
  faultsOf(planOf(slug, options).piece!).map(({ fault }) => fault.slug);

describe('faults at the table', () => {
  it('are at least a dozen, and each can happen in some piece', () => {
    expect(FAULTS.length).toBeGreaterThanOrEqual(12);
    const happen = new Set([...slugs.flatMap((slug) => of(slug)), ...of('band-buckle', { colours: 2 })]);
    expect(FAULTS.map(({ slug }) => slug).filter((slug) => !happen.has(slug))).toEqual([]);
  });

  it('are those of the piece: no spiral in a flat band, no slider on a buckle, no fused end in cotton', () => {
    expect(of('band-buckle')).not.toContain('spiral-stopped');
    expect(of('double-spiral')).toContain('spiral-stopped');
    expect(of('band-buckle')).not.toContain('slider-stuck');
    expect(of('reversible-slider')).toContain('slider-stuck');
    expect(of('band-buckle', { colours: 2 })).toContain('colour-changed');
    expect(of('band-buckle')).not.toContain('colour-changed');
    expect(of('ladder-wrap')).toContain('leather-twisted');
    expect(of('reversible-slider', { flame: false })).not.toContain('end-popped');
  });

  it.each(slugs)('%s: each has a picture of its own, whole, and unlike the others of its place', (slug) => {
    const plan = planOf(slug);
    const pictures = faultsOf(plan.piece!).map(({ fault, place }) =>
      renderToStaticMarkup(createElement(FaultPicture, { fault, place, plan })).replace(/aria-label="[^"]*"/, ''),
    );
    expect(new Set(pictures).size).toBe(pictures.length);
    for (const picture of pictures) {
      expect(picture).toContain('<path');
      expect(picture).not.toMatch(/NaN|Infinity/);
    }
  });
});
