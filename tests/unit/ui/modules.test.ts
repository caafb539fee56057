import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { isSection } from '../../../src/core/project';
import { paintedOf } from '../../../src/ui/strip/paint/painted';
import { modulesOf } from '../../../src/ui/strip/modules';
import { plan } from '../examples/seat';

/** The sections of several stitches to a repeat that ship. */
const SECTIONS = Object.keys(SHIPPED.projects).flatMap((project) =>
  plan({ project }).piece!.layout.flatMap((item) =>
    isSection(item) && item.runs.length > 1 ? [[`${project}, ${item.id}`, item] as const] : [],
  ),
);
const all = (): boolean => true;
const runsOf = ({ layers }: ReturnType<typeof modulesOf>) => layers.flatMap(({ runs }) => runs);

describe('a section of several stitches', () => {
  it('is among what ships', () => expect(SECTIONS.length).toBeGreaterThan(0));

  it.each(SECTIONS)('%s: is so many times its repeat on each arm, back to front, in few paths', (_, section) => {
    const one = modulesOf(section, 1, 'front', 4, all);
    const four = modulesOf(section, 4, 'front', 4, all);
    expect(runsOf(four)).toHaveLength(4 * runsOf(one).length);
    expect(four.beads).toHaveLength(4 * one.beads.length);
    expect(one.beads.length % section.arms).toBe(0);
    const depths = four.layers.map(({ depth }) => depth);
    expect(depths).toEqual(depths.toSorted((a, b) => a - b));
    // However often it repeats: one path a depth, thickness and colour.
    const hexOf = (strand: string): string => section.colours[strand] ?? '';
    expect(paintedOf(four.layers, hexOf)).toHaveLength(paintedOf(one.layers, hexOf).length);
    // The last repeat lies where three repeats end.
    const start = (drawing: typeof four): number =>
      Math.min(...runsOf(drawing).flatMap((run) => run.map(([, y]) => y)));
    const last = modulesOf(section, 4, 'front', 4, (at) => at > 3 * section.unit - 0.01);
    expect((start(last) - start(one)) * section.d).toBeCloseTo(3 * section.unit, 6);
  });

  it.each(SECTIONS)('%s: its arms lie to both sides of the middle alike', (_, section) => {
    const { beads } = modulesOf(section, 2, 'front', 4, all);
    const across = beads.map(({ at }) => at[0]);
    expect(across.reduce((sum, x) => sum + x, 0)).toBeCloseTo(0, 6);
    const edge = (section.width * (section.arms - 1)) / section.arms / section.d / 2;
    if (section.arms > 1) expect(Math.max(...across)).toBeGreaterThanOrEqual(edge - 1e-6);
  });
});
