import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { PARTS, wayLength } from '../../../src/core/part';
import { sampleOpen } from '../../../src/core/stitch';
import { gap as distance } from '../stitch/tried';
import { context } from './context';

const HARDWARE: Readonly<Record<string, string>> = {
  'on-ring': 'washer-25',
  button: 'button-15',
  ring: 'split-ring-25',
  'through-bead': 'bead-10',
  'end-bead': 'bead-10',
  'caught-bead': 'bead-10',
  shank: 'shank-button-12',
};
/** Parts at a fold have two legs, knots of legs with each other an even number. */
const LEGS: Readonly<Record<string, readonly number[]>> = {
  'fold-loop': [2, 4],
  'slip-loop': [2],
  'overhand-loop': [2, 4],
  'tie-loop': [2, 4],
  'caught-bead': [1, 2],
  noose: [2],
  'looped-on-core': [2],
  'knot-row': [2],
  'friction-hitch': [2],
  'larks-head': [2, 4],
  'on-ring': [2, 4],
  'button-knot': [2, 4],
  'double-connection': [2],
  'turned-back': [2],
};
/** Every part in thick and thin cord, of as many legs as it may have, tied by all and by one. */
const cases = Object.values(PARTS).flatMap((part) =>
  ['sheathed-4', 'satin-1'].flatMap((slug) =>
    (LEGS[part.slug] ?? [1, 2, 3, 4]).flatMap((strands) =>
      (part.byOne && strands > 1 ? (['all', 'one'] as const) : (['all'] as const)).map((tied) => {
        const cord = SHIPPED.cords[slug]!;
        const one = context({
          hardware: SHIPPED.hardware[HARDWARE[part.slug] ?? 'buckle-15']!,
          halfPitch: 6,
          loop: 90,
          mate: 40,
          slider: 22,
          cord,
          d: cord.diameter_mm * cord.compression,
          strands,
          tied,
          times: part.turns?.(cord) ?? (/hitch|knot-row|transition/.test(part.slug) ? 2 : 1),
        });
        return { part, one, told: `${part.slug} of ${strands} in ${slug}${tied === 'one' ? ', by one' : ''}` };
      }),
    ),
  ),
);

describe('a part as it is drawn', () => {
  it.each(cases)('$told is as long as it is measured', ({ part, one }) => {
    const ways = part.ways(one);
    if (one.tied === 'one')
      // Whoever ties goes its own way; each other stands.
      for (const { leg, points } of ways)
        expect(Math.abs(wayLength(points) / part.use({ ...one, stands: leg > 0 }).mm - 1)).toBeLessThan(0.005);
    else if (part.slug === 'wrapped-transition')
      // One leg winds, one is the loop under the turns.
      for (const { leg, points } of ways.slice(0, 2))
        expect(Math.abs(wayLength(points) / part.use({ ...one, stands: leg > 0 }).mm - 1)).toBeLessThan(0.005);
    else if (part.slug === 'sliding-knot')
      expect(Math.abs(wayLength(ways[0]!.points) / part.use(one).mm - 1)).toBeLessThan(0.005);
    else if (ways.length > 0) {
      const mean = ways.reduce((sum, { points }) => sum + wayLength(points), 0) / ways.length;
      expect(Math.abs(mean / part.use(one).mm - 1)).toBeLessThan(0.005);
    }
  });

  it.each(cases)('$told lets no strand run through another', ({ part, one }) => {
    const lines = part.ways(one).map(({ points }) => sampleOpen(points, 6));
    let least = Infinity;
    const along = lines.map((line) => {
      const at = [0];
      for (let k = 1; k < line.length; k++) at.push(at[k - 1]! + distance(line[k]!, line[k - 1]!));
      return at;
    });
    lines.forEach((line, i) =>
      lines.slice(i).forEach((other, j) => {
        // Two legs that meet at a fold are one cord: its own neighbourhood is not another strand.
        const meet = j > 0 && distance(line.at(-1)!, other.at(-1)!) < 0.01;
        const begin = j > 0 && distance(line[0]!, other[0]!) < 0.01;
        const [own, its] = [along[i]!, along[i + j]!];
        line.forEach((p, k) =>
          other.forEach((q, m) => {
            // Nothing that is further off along the band alone can be nearer.
            if (Math.abs(p[1] - q[1]) >= least) return;
            const near = 2.4 * one.d;
            if (j === 0 && Math.abs(own[k]! - its[m]!) < near) return;
            if (meet && own.at(-1)! - own[k]! + its.at(-1)! - its[m]! < near) return;
            if (begin && own[k]! + its[m]! < near) return;
            least = Math.min(least, distance(p, q));
          }),
        );
      }),
    );
    expect(least / one.d).toBeGreaterThan(0.85);
  });
});
