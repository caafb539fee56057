import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { bandOf } from '../../../src/core/seat';
import { modulesOf } from '../../../src/ui/strip/modules';
import { isSection, SEQUENCE_ORDERS, type Sequence } from '../../../src/core/project';
import { codes, plan } from '../examples/seat';

/** The beads of a band one by one, from its start: slugs. */
const beadsOf = (project: string, options: object, wrist = 165): string[] =>
  bandOf(plan({ project, options, size: { wrist } })).flatMap(({ item, count }) =>
    isSection(item)
      ? Array.from({ length: count }, () => item.runs.flatMap(({ beads }) => beads.map(({ slug }) => slug))).flat()
      : [],
  );
const ladder = (sequence: Sequence, wrist?: number): string[] => beadsOf('ladder-wrap', { sequence }, wrist);
const tally = (slugs: readonly string[]): Record<string, number> => {
  const counts: Record<string, number> = {};
  for (const slug of slugs) counts[slug] = (counts[slug] ?? 0) + 1;
  return counts;
};
const kitOf = (project: string, options: object, wrist = 165): Record<string, number> =>
  Object.fromEntries(
    plan({ project, options, size: { wrist } })
      .items.filter(({ item }) => item.startsWith('bead') || item.startsWith('spacer'))
      .map(({ item, count }) => [item, count]),
  );

describe('a sequence of beads', () => {
  it('lies by turns, and ends where the band comes nearest, not at a whole repeat', () => {
    const kinds = ['bead-4', 'bead-6', 'bead-8'];
    const left = new Set<number>();
    for (let wrist = 120; wrist <= 230; wrist += 5) {
      const beads = ladder({ kinds, order: 'repeat' }, wrist);
      expect(beads).toEqual(beads.map((_, i) => kinds[i % 3]));
      left.add(beads.length % 3);
      const { fit } = plan({
        project: 'ladder-wrap',
        options: { sequence: { kinds, order: 'repeat' } },
        size: { wrist },
      });
      // Half of the widest rung at most, with the thread that passes it: 8 mm and twice 0.5 mm.
      expect(Math.abs(fit!.error_mm)).toBeLessThan((8 + 1) / 2 + 0.5);
    }
    expect(left).toEqual(new Set([0, 1, 2]));
  });

  it('mirrored reads the same from both ends, with one bead or two alike in the middle', () => {
    const odd = new Set<number>();
    for (let wrist = 120; wrist <= 230; wrist += 5) {
      const beads = ladder({ kinds: ['bead-4', 'bead-6', 'bead-8'], order: 'mirror' }, wrist);
      expect(beads).toEqual(beads.toReversed());
      expect(beads.slice(0, 4)).toEqual(['bead-4', 'bead-6', 'bead-8', 'bead-4']);
      odd.add(beads.length % 2);
    }
    expect(odd).toEqual(new Set([0, 1]));
  });

  it('keeps its ends apart', () => {
    for (const order of SEQUENCE_ORDERS) {
      const beads = ladder({ kinds: ['bead-4', 'bead-6'], order, ends: 'bead-8' });
      expect(beads.at(0)).toBe('bead-8');
      expect(beads.at(-1)).toBe('bead-8');
      expect(beads.slice(1, -1)).not.toContain('bead-8');
    }
  });

  it('of a counted row is told bead by bead: five large beads, by hand', () => {
    const row = (sequence: Sequence) => beadsOf('bead-row-slider', { sequence }).filter((slug) => slug !== 'spacer-3');
    expect(row({ kinds: ['bead-8', 'bead-6'], order: 'repeat' })).toEqual([
      'bead-8',
      'bead-6',
      'bead-8',
      'bead-6',
      'bead-8',
    ]);
    expect(row({ kinds: ['bead-8', 'bead-6', 'bead-10'], order: 'mirror' })).toEqual([
      'bead-8',
      'bead-6',
      'bead-10',
      'bead-6',
      'bead-8',
    ]);
    expect(row({ kinds: ['bead-8'], order: 'free', ends: 'bead-6' })).toEqual([
      'bead-6',
      'bead-8',
      'bead-8',
      'bead-8',
      'bead-6',
    ]);
    const seven = beadsOf('bead-row-slider', { beads: 7, sequence: { kinds: ['bead-8', 'bead-6'], order: 'mirror' } });
    expect(tally(seven)).toMatchObject({ 'bead-8': 4, 'bead-6': 3, 'spacer-3': 6 });
  });

  it('is counted by kind in the bag, as many as lie in the band', () => {
    for (const [project, spare] of [
      ['ladder-wrap', {}],
      ['bead-row-slider', { 'spacer-3': 2 }],
    ] as const)
      for (const order of SEQUENCE_ORDERS)
        for (const wrist of [128, 165, 201]) {
          const options = { sequence: { kinds: ['bead-8', 'bead-6'], order, ends: 'bead-10' } };
          const strung = tally(beadsOf(project, options, wrist));
          for (const [slug, more] of Object.entries(spare)) strung[slug] = (strung[slug] ?? 0) + more;
          expect(kitOf(project, options, wrist)).toEqual(strung);
        }
  });

  it('takes as much cord and band as the same beads in one kind', () => {
    const one = plan({ project: 'ladder-wrap', size: { wrist: 165 } });
    const same = plan({
      project: 'ladder-wrap',
      size: { wrist: 165 },
      options: { sequence: { kinds: ['bead-4', 'bead-4', 'bead-4'], order: 'mirror', ends: 'bead-4' } },
    });
    expect(same.fit!.knotted_mm).toBeCloseTo(one.fit!.knotted_mm, 6);
    expect(same.cut!.cuts.map((cut) => cut.length_mm)).toEqual(one.cut!.cuts.map((cut) => cut.length_mm));
  });

  it('has each hole checked against the strands that pass it, and a ladder’s rungs against each other', () => {
    const mixed = codes({
      project: 'ladder-wrap',
      options: { sequence: { kinds: ['bead-4', 'bead-8'], order: 'repeat' } },
    });
    expect(mixed).toContain('uneven-rungs');
    const narrow: Sequence = { kinds: ['bead-8', 'bead-4'], order: 'repeat' };
    const thick = { core: { cord: 'satin-2' } };
    const found = plan({ project: 'bead-row-slider', cords: thick, options: { sequence: narrow } });
    expect(SHIPPED.hardware['bead-4']!.opening_mm).toBeLessThan(SHIPPED.cords['satin-2']!.diameter_mm);
    expect(found.messages.filter(({ values }) => values.hardware === 'bead-4').length).toBeGreaterThan(0);
    // Edge beads of the charm take one working strand each; the two core strands pass only those on the core.
    const charm = plan({ project: 'charm-centre', size: { wrist: 165 } });
    expect(charm.messages.filter(({ code }) => code.includes('hole'))).toEqual([]);
  });

  it('is refused of another kind, and has no effect on a piece of one kind', () => {
    expect(
      codes({ project: 'ladder-wrap', options: { sequence: { kinds: ['bead-4', 'washer-25'], order: 'repeat' } } }),
    ).toContain('hardware-kind');
    expect(codes({ project: 'tube-ladder', options: { sequence: { kinds: ['bead-4'], order: 'repeat' } } })).toContain(
      'no-such-option',
    );
  });

  it('is drawn with every bead that it strings, as every section is', () => {
    const sequence: Sequence = { kinds: ['bead-4', 'bead-6', 'bead-8'], order: 'mirror', ends: 'bead-10' };
    const plans = [
      ...Object.keys(SHIPPED.projects).map((project) => plan({ project })),
      plan({ project: 'ladder-wrap', options: { sequence } }),
      plan({ project: 'bead-row-slider', options: { sequence } }),
    ];
    for (const { piece } of plans)
      for (const section of Object.values(piece!.sections)) {
        const { beads } = modulesOf(section, 2, 'front', 4, () => true);
        const counted = 2 * section.beadCounts.reduce((sum, count) => sum + count, 0);
        expect(beads.length, `${piece!.project.slug} ${section.id}`).toBe(counted);
      }
  });
});
