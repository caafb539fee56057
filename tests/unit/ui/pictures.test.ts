import { createElement, type ComponentProps } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { NOT_BEGUN } from '../../../src/core/bench';
import { applyOperation, planSession, STAGES, stagesOf, type StageState } from '../../../src/core/session';
import { AnatomyTable, CutAnatomy } from '../../../src/ui/pictures/cut-anatomy';
import { SeatBeads } from '../../../src/ui/pictures/seat-beads';
import { StageCord } from '../../../src/ui/pictures/stage-cord';
import { plan } from '../examples/seat';
import { exampleView, idOf } from '../examples/view';

/** What a pattern finds in a drawing, its groups as numbers. */
const numbers = (markup: string, pattern: RegExp): number[][] =>
  [...markup.matchAll(pattern)].map((found) => found.slice(1).map((digits) => Number(digits.replaceAll(',', ''))));
/** What is read of a drawing: its text, without marks of its own. */
const read = (markup: string): string =>
  markup
    .replace(/<[^>]+>/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();

describe('cut anatomy', () => {
  const cuts = Object.keys(SHIPPED.projects).flatMap((project) =>
    plan({ project }).cut!.cuts.map((cut): [string, typeof cut] => [`${project}, ${cut.role}`, cut]),
  );
  const bar = (cut: (typeof cuts)[number][1], open: boolean): string =>
    renderToStaticMarkup(
      createElement(CutAnatomy, {
        anatomy: cut.anatomy,
        length: cut.length_mm,
        scale: cut.length_mm,
        hex: '#2f4f8f',
        open,
      }),
    );

  it.each(cuts)('%s: stretches lie end to end from the start of the cut to its end', (_, cut) => {
    let at = 0;
    for (const [x, width] of numbers(bar(cut, false), /<rect x="([\d.]+)" width="([\d.]+)"/g)) {
      // To a tenth of a millimetre each, and what is thinner than a twentieth is not drawn.
      expect(Math.abs(x! - at)).toBeLessThan(0.3);
      at = x! + width!;
    }
    expect(Math.abs(at - cut.length_mm)).toBeLessThan(0.3);
  });

  it('can be read stretch by stretch where it is opened, and is a picture only where it is not', () => {
    const [, cut] = cuts[0]!;
    const open = bar(cut, true);
    const drawn = cut.anatomy.filter((entry) => entry.mm > 0.05);
    expect(open.split('role="listitem" tabindex="0"').length - 1).toBe(drawn.length);
    for (const entry of drawn) expect(open).toContain(entry.because.text);
    expect(bar(cut, false)).not.toContain('tabindex');
    expect(bar(cut, false)).toContain('aria-hidden="true"');
  });

  it('has a table beside it whose lines come to the cut', () => {
    for (const [name, cut] of cuts) {
      const table = renderToStaticMarkup(createElement(AnatomyTable, { anatomy: cut.anatomy, length: cut.length_mm }));
      const lines = numbers(table, /<td class="num align-top">([\d.,]+)</g).flat();
      const [sum] = numbers(table, /<td class="num font-bold">([\d.,]+)</g).flat();
      expect(lines, name).toHaveLength(cut.anatomy.length);
      expect(Math.abs(lines.reduce((all, line) => all + line, 0) - sum!), name).toBeLessThan(
        0.05 * lines.length + 0.01,
      );
      expect(sum, name).toBe(cut.length_mm);
    }
  });
});

describe('seat beads', () => {
  const beads = (...states: ComponentProps<typeof SeatBeads>['beads'][number]['state'][]): string =>
    renderToStaticMarkup(
      createElement(SeatBeads, {
        beads: states.map((state, i) => ({ name: `Seat ${i + 1}`, state, colours: ['#112233', '#445566'] })),
      }),
    );

  it('say each seat’s state in words, and count them with what needs somebody first', () => {
    const markup = beads('solid', 'ringed', 'solid', 'hollow', 'notched');
    expect(markup).toContain('aria-label="5 seats: 1 needs a decision, 1 no wrist yet, 1 on an estimate, 2 measured"');
    expect(read(markup)).toBe(
      'Seat 1: measured Seat 2: on an estimate Seat 3: measured Seat 4: no wrist yet Seat 5: needs a decision',
    );
    expect(read(beads())).toBe('No seats yet');
  });

  it('have a shape for every state, and both colours but where nothing is chosen', () => {
    const shapes = (['solid', 'ringed', 'hollow', 'notched'] as const).map((state) =>
      beads(state)
        .replace(/<ul.*?<svg/, '')
        .replace(/<span.*/, '')
        .replace(/#112233|#445566/g, ''),
    );
    expect(new Set(shapes).size).toBe(4);
    for (const state of ['solid', 'ringed', 'notched'] as const)
      expect(beads(state)).toMatch(/fill="#112233".*fill="#445566"/);
    expect(beads('hollow')).not.toContain('#112233');
  });
});

describe('the cord under the clip', () => {
  const cord = (states: readonly Pick<StageState, 'state' | 'code' | 'line'>[]): string =>
    renderToStaticMarkup(
      createElement(StageCord, {
        stages: STAGES.map(({ slug, name }, i) => ({ stage: slug, name, ...states[i]! })),
        current: 'fit',
        href: (stage) => `/there/${stage}`,
        onGo: () => undefined,
      }),
    );

  it('names every stage in its order with its state, and marks the one that is open on screen', () => {
    const markup = cord([
      { state: 'tied', code: 'seated', line: '4 seats' },
      { state: 'open', code: 'x', line: '1 wrist missing: Ada' },
      { state: 'bare', code: 'x', line: 'Not cut yet' },
      { state: 'bare', code: 'x', line: 'Nothing packed' },
      { state: 'bare', code: 'x', line: 'Not begun yet' },
      { state: 'bare', code: 'x', line: '4 pieces to note' },
    ]);
    expect(read(markup)).toBe(
      '1 Seats · done 4 seats 2 Fit · now 1 wrist missing: Ada 3 Cut · to come Not cut yet 4 Kit · to come Nothing packed 5 Bench · to come Not begun yet 6 Wrap-up · to come 4 pieces to note 1 wrist missing: Ada',
    );
    expect(markup.split('aria-current="page"').length - 1).toBe(1);
    expect(markup).toMatch(/href="\/there\/fit" aria-current="page"/);
  });

  it('a room that has begun before its bags are ticked off is under way, not to come', () => {
    const { seats } = planSession(
      applyOperation(exampleView(), {
        kind: 'add',
        seats: [{ id: idOf('a'), person_id: idOf('b'), name: 'Ada', wrist_mm: 160, project: 'band-buckle' }],
      }),
    );
    const begun = stagesOf(seats, null, null, { ...NOT_BEGUN, began: true });
    expect(read(cord(begun))).toContain('5 Bench · under way');
    expect(read(cord(stagesOf(seats, null)))).toContain('5 Bench · to come');
  });

  it('marks a knot that came undone, and no other line', () => {
    const markup = cord([
      { state: 'tied', code: 'seated', line: '4 seats' },
      { state: 'tied', code: 'x', line: 'All measured' },
      { state: 'open', code: 'came-undone', line: 'Came undone: Ada’s wrist changed' },
      { state: 'bare', code: 'x', line: 'Nothing packed' },
      { state: 'bare', code: 'x', line: 'Not begun yet' },
      { state: 'bare', code: 'x', line: 'To note' },
    ]);
    expect([...markup.matchAll(/text-accent" title="([^"]+)"/g)].map(([, line]) => line)).toEqual([
      'Came undone: Ada’s wrist changed',
    ]);
  });
});
