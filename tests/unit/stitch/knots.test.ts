import { describe, expect, it } from 'vitest';
import { samplePath, type Point, type StitchGeometry } from '../../../src/core/stitch';
import { alexander } from './invariant';
import { TRIED, crossingsOf, passes, geometryOf, crossingSigns } from './tried';

describe('what knot each stitch ties', () => {
  const two = (slug: string): StitchGeometry => geometryOf(slug);

  it('half knot spiral: every half knot of one hand, so that it turns', () => {
    const square = crossingSigns(two('square-knot'), 'a', 'b');
    const spiral = crossingSigns(two('half-knot-spiral'), 'a', 'b');
    // Six crossings in a square knot, three of each hand. Twelve half knots of one hand are 36, less the two that the pair
    // gives back by turning once round the core itself.
    expect(square.reduce((sum, sign) => sum + sign, 0)).toBe(0);
    expect(Math.abs(spiral.reduce((sum, sign) => sum + sign, 0))).toBe(12 * 3 - 2);
  });

  it('double spiral: each strand crosses its partner as in a half knot, and the other pair not at all but in passing', () => {
    const partner = crossingSigns(two('double-spiral'), 'a', 'b');
    expect(Math.abs(partner.reduce((sum, sign) => sum + sign, 0))).toBe(6);
    for (const other of ['c', 'd']) {
      const signs = crossingSigns(two('double-spiral'), 'a', other);
      expect(signs.length % 2).toBe(0);
    }
  });

  it('wrapped braid: each leg goes once round the middle strand, over it and then under', () => {
    const g = two('wrapped-braid');
    expect([...passes(g, 'a', 'core 1')].sort().join('')).toBe('ou');
    expect([...passes(g, 'b', 'core 1')].sort().join('')).toBe('ou');
  });

  it('wrapped weave: each leg over two courses of the weft and back behind one, so once round it a course', () => {
    const g = two('wrapped-weave');
    for (const leg of ['a', 'b']) {
      const seen = passes(g, leg, 'weft');
      expect([...seen].filter((pass) => pass === 'o')).toHaveLength(4);
      expect([...seen].filter((pass) => pass === 'u')).toHaveLength(2);
    }
    expect(passes(g, 'a', 'b')).toBe('');
    const line = (name: string): Point[] => {
      const path = g.working.find(({ strand }) => strand === name)!;
      return [-1, 0, 1].flatMap((k) => samplePath(path, g.pitch).map(([x, y, z]): Point => [x, y + k * g.pitch, z]));
    };
    // Between two courses each leg passes once to the far side: by turns in the middle and at the edge, where the short strand turns.
    const course = g.pitch / 2;
    const down = (name: string, k: number): number =>
      line(name).find(
        ([, y, z], i, all) => i > 0 && Math.abs(y - (k - 0.5) * course) < 0.1 && all[i - 1]![2] < 0 && z >= 0,
      )![0];
    const turn = (side: 1 | -1, k: number): number =>
      side *
      Math.max(
        ...line('weft')
          .filter(([, y]) => Math.abs(y - (k - 0.5) * course) < 0.2)
          .map(([x]) => side * x),
      );
    expect(down('a', 0)).toBeLessThan(-1.5);
    expect(turn(-1, 0)).toBeLessThan(down('a', 0) - 0.9);
    expect(Math.abs(down('b', 0))).toBeLessThan(1);
    expect(Math.abs(down('a', 1))).toBeLessThan(1);
    expect(down('b', 1)).toBeGreaterThan(1.5);
    expect(turn(1, 1)).toBeGreaterThan(down('b', 1) + 0.9);
    // A brick two courses long, from its column to the same one a course further on the other face.
    const brick = line('a').filter(([x, y, z]) => x < -1.9 && z > 0.5 && y > -course && y < 2 * course);
    expect(Math.max(...brick.map(([, y]) => y)) - Math.min(...brick.map(([, y]) => y))).toBeGreaterThan(course);
  });

  it('panels of eight: centres tie round the inner two, As and Bs round their centre, borders hitch over their neighbour', () => {
    const g = two('eight-strand-panels');
    // Two square knots each: six crossings a knot, three of each hand.
    for (const [left, right] of [
      ['c', 'f'],
      ['b', 'd'],
      ['g', 'e'],
    ] as const) {
      const signs = crossingSigns(g, left, right);
      expect(signs.length).toBeGreaterThanOrEqual(12);
      expect(signs.reduce((sum, sign) => sum + sign, 0)).toBe(0);
    }
    // Two pairs of hitches in a repeat, each hitch over and under the neighbour; none round any other strand.
    for (const [border, own] of [
      ['a', 'b'],
      ['h', 'g'],
    ] as const) {
      expect([...passes(g, border, own)].sort().join('')).toBe('oooouuuu');
      expect(passes(g, border, new RegExp(`^[^${border}${own}]$`))).toBe('');
    }
    // Every strand comes back to its place, in the order border, A, centre, A, B, centre, B, border.
    const start = (name: string) => g.working.find(({ strand }) => strand === name)!.points[0]![0];
    const order = [...'abcdefgh'].map((name) => ({ name, x: start(name) })).sort((p, q) => p.x - q.x);
    expect(order.map(({ name }) => name).join('')).toMatch(/^ab?.*gh$/);
  });

  it('edge hitch: over and under the carried strand, then its mirror, so that it does not wind round it', () => {
    const g = two('edge-hitch');
    expect([...passes(g, 'a', 'core 1')].sort().join('')).toBe('oouu');
    const own = crossingsOf(g, 'a').filter((c) => c.other === 'a');
    expect(own.filter((c) => c.over).length).toBeGreaterThan(0);
    expect(own.filter((c) => c.over).length).toBe(own.filter((c) => !c.over).length);
    // A lark's head along the strand: what it turns round it one way it turns back.
    const line = samplePath(g.working[0]!, g.pitch);
    let turned = 0;
    for (let i = 1; i < line.length; i++) {
      const [p, q] = [line[i - 1]!, line[i]!];
      turned += Math.atan2(p[2] * q[0] - p[0] * q[2], p[0] * q[0] + p[2] * q[2]);
    }
    expect(turned / (2 * Math.PI)).toBeCloseTo(0, 6);
  });

  it('ladder: both ends in every bead from opposite sides; after it over the leather, under it, and up in the middle', () => {
    const g = two('ladder');
    // In two beads each end goes round one leather and then the other, over it first.
    expect([passes(g, 'a', 'core 1'), passes(g, 'a', 'core 2')]).toEqual(['ou', 'ou']);
    expect([passes(g, 'b', 'core 1'), passes(g, 'b', 'core 2')]).toEqual(['ou', 'ou']);
    const [a, b] = g.working.map((path) => samplePath(path, g.pitch)) as [Point[], Point[]];
    const at = (points: Point[], y: number): Point =>
      points.reduce((near, p) => (Math.abs(p[1] - y) < Math.abs(near[1] - y) ? p : near));
    // At the start of each bead they stand in the middle between the leathers, and have changed sides.
    for (const [k, side] of [1, -1].entries()) {
      expect(Math.sign(at(a, (k * g.pitch) / 2)[0])).toBe(side);
      expect(Math.sign(at(b, (k * g.pitch) / 2)[0])).toBe(-side);
    }
    // They cross in the bead.
    const inside = a.filter(([x]) => Math.abs(x) < 1);
    expect(inside.every(([, , z]) => Math.abs(z) < 0.65)).toBe(true);
  });

  it('tubes: both legs through every tube, from opposite sides, changing sides each time', () => {
    const g = two('tube-cross');
    const [a, b] = g.working.map((path) => samplePath(path, g.pitch)) as [Point[], Point[]];
    const side = (points: Point[], y: number): number =>
      Math.sign(points.reduce((near, p) => (Math.abs(p[1] - y) < Math.abs(near[1] - y) ? p : near))[0]);
    expect(side(a, g.pitch / 2)).toBe(1);
    expect(side(a, g.pitch)).toBe(-1);
    expect(side(b, g.pitch / 2)).toBe(-1);
  });

  it('wrap: once round the bundle each turn', () => {
    const points = samplePath(two('wrap').working[0]!, two('wrap').pitch);
    let turned = 0;
    for (let i = 1; i < points.length; i++) {
      const [p, q] = [points[i - 1]!, points[i]!];
      turned += Math.atan2(p[2] * q[0] - p[0] * q[2], p[0] * q[0] + p[2] * q[2]);
    }
    expect(turned / (2 * Math.PI)).toBeCloseTo(1, 6);
  });

  it('centre knot: 8₂₁, whose Alexander polynomial is (t² − t + 1)(t² − 3t + 1)', () => {
    const g = two('centre-knot');
    const line = samplePath(g.working[0]!, g.pitch, 3);
    // At −1: 3 × 5; at 2: 3 × −1; at 3: 7 × 1; at −2: 7 × 11.
    expect([-1, 2, 3, -2].map((t) => alexander(line, t))).toEqual([15, 3, 7, 77]);
    // Worked flat: no more than two strands and a half lie over each other.
    for (const [, , z] of line) expect(Math.abs(z)).toBeLessThan(1.05);
  });

  it('bead row: the overhand knot behind each bead, three crossings', () => {
    expect(crossingsOf(two('bead-row'), 'a').length % 2).toBe(0);
    expect(crossingsOf(two('bead-row'), 'a').length).toBeGreaterThanOrEqual(6);
  });

  it('beads: the square knot stays a square knot around them', () => {
    for (const slug of ['bead-on-core', 'beads-on-workers']) {
      const signs = crossingSigns(geometryOf(slug, TRIED[slug]![1]!), 'a', 'b');
      expect(signs).toHaveLength(6);
      expect(signs.reduce((sum, sign) => sum + sign, 0)).toBe(0);
    }
  });

  it('alternating panels: a square knot of the inner strands, then three hitches over each of them', () => {
    const g = two('alternating-panels');
    const signs = crossingSigns(g, 'b', 'c');
    expect(signs.reduce((sum, sign) => sum + sign, 0)).toBe(0);
    expect(passes(g, 'a', 'b').length).toBeGreaterThanOrEqual(6);
    expect(passes(g, 'd', 'c').length).toBe(passes(g, 'a', 'b').length);
  });
});
