// Draws the knots of parts tight in a calculation, and writes the control points that core/part/way holds: the shortest paths of each
// knot whose centre lines keep their clearance. Takes a quarter of an hour. `node --import tsx scripts/tighten-knots.ts [KNOT…]`
import { readFileSync, writeFileSync } from 'node:fs';
import { OVERHAND, lengthOf, sampleOpen, type Point } from '../src/core/stitch';
import { ball, eight, hitch, stacked, turnedBack } from './lib/knot-starts';
import { bundled, distance, tighten, type Start } from './lib/tighten-strands';

/** Centre lines of cord that presses on cord come no nearer, in diameters. */
const LEAST = 0.9;

/** Where a strand leaves the straight, and where it is in it again. */
function inside(way: readonly Point[]): [from: number, to: number] {
  const slope = (i: number): number => (way[i + 1]![1] - way[i - 1]![1]) / distance(way[i + 1]!, way[i - 1]!);
  let [from, to] = [1, way.length - 2];
  while (slope(from) > 0.86) from++;
  while (slope(to) > 0.86) to--;
  return [from, to];
}

/** How far apart centre lines are at the least, but for a strand's own neighbourhood. */
function clearance(ways: readonly (readonly Point[])[]): number {
  let least = Infinity;
  const lines = ways.map((way) => {
    const line = sampleOpen(way, 4);
    const at = [0];
    for (let i = 1; i < line.length; i++) at.push(at[i - 1]! + distance(line[i]!, line[i - 1]!));
    return { line, at };
  });
  lines.forEach((one, i) =>
    lines.slice(i).forEach((other, j) =>
      one.line.forEach((p, k) =>
        other.line.forEach((q, m) => {
          if ((j > 0 || other.at[m]! - one.at[k]! > 2.4) && Math.abs(p[1] - q[1]) < least)
            least = Math.min(least, distance(p, q));
        }),
      ),
    ),
  );
  return least;
}

/** The strands where they are not straight, the first place at y = 0. */
function body(ways: readonly (readonly Point[])[], x: number) {
  let [low, high] = [Infinity, -Infinity];
  for (const way of ways) {
    const [from, to] = inside(way);
    for (let i = from; i <= to; i++) [low, high] = [Math.min(low, way[i]![1]), Math.max(high, way[i]![1])];
  }
  [low, high] = [low - 0.4, high + 0.4];
  // What was drawn nearer than cord goes is opened as a whole.
  const open = Math.max(1, LEAST / clearance(ways));
  const round = (v: number): number => Number((v * open).toFixed(2));
  return {
    height: round(high - low),
    ways: ways.map((way) => {
      const own = way.filter(([, y]) => y > low + 0.1 && y < high - 0.1);
      const [a, b] = [own[0]!, own.at(-1)!];
      return [[a[0], low, a[2]], ...own, [b[0], high, b[2]]].map(([px, y, z]) => [
        round(px! + x),
        round(y! - low),
        round(z!),
      ]);
    }),
  };
}

/** A strand that leaves at the side: from where it comes in to where it is out of the knot. */
function sideways(way: readonly Point[]) {
  // The other leg lies half a diameter above the edge, where it crosses.
  const low = Math.min(...way.filter(([x]) => Math.abs(x) < 1 && x < 0.4).map(([, y]) => y)) - 0.5;
  const out = way.findIndex(([x]) => x < -2.7);
  const round = (v: number): number => Number(v.toFixed(2));
  const own = way.slice(0, out + 1).filter(([, y]) => y > low + 0.1);
  const points = [[way[0]![0], low, way[0]![2]] as const, ...own];
  return {
    height: round(Math.max(...own.map(([, y]) => y)) + 0.5 - low),
    ways: [points.map(([x, y, z]) => [round(x), round(y - low), round(z)])],
  };
}

const one = (start: Omit<Start, 'strands'> & { readonly of: readonly Point[] }): Point[] =>
  tighten({ ...start, strands: [start.of] })[0]!;
const overhand: Point[] = OVERHAND.map(([x, y, z]) => [x, y, z]);
let [tightDouble, tightEight, tightButton, tightStacked]: (Point[] | undefined)[] = [];
const double = (): Point[] => (tightDouble ??= one({ of: hitch(2), samples: 150 }));
const figureEight = (): Point[] => (tightEight ??= one({ of: eight(1, 0), samples: 140 }));
const twice = (): Point[] => (tightStacked ??= one({ of: stacked(overhand), samples: 300 }));
const button = (): Point[] => (tightButton ??= one({ of: ball(), samples: 200, paired: true }));
const makers: Record<string, () => ReturnType<typeof body>> = {
  'overhand-round': () => body([one({ of: hitch(1), samples: 130, core: true })], -0.475),
  'double-overhand': () => body([double()], 0),
  'double-overhand-round': () => body([one({ of: hitch(2), samples: 150, core: true })], -0.475),
  'stacked-overhand': () => body([twice()], 0),
  'figure-eight': () => body([figureEight()], 0),
  'figure-eight-round': () => body([one({ of: eight(1.6, 1), samples: 140, core: true })], -0.475),
  'button-knot': () => body([button()], 0),
  'button-knot-4': () => body(tighten({ strands: bundled(button(), 2, 2.2, true), samples: 230, paired: true }), 0),
  'turned-back': () => sideways(one({ of: turnedBack(), samples: 170, paired: true })),
  'double-connection': () =>
    body([one({ of: hitch(1).map(([x, y, z]) => [x - 0.475, y, z]), samples: 130, paired: true })], 0),
};
for (const [name, middle] of [
  ['overhand', () => overhand],
  ['double-overhand', double],
  ['figure-eight', figureEight],
] as const)
  for (const [strands, loose] of [
    [2, 3.4],
    [3, 4.4],
    [4, 5],
  ] as const)
    makers[`${name}-${strands}`] = () => body(tighten({ strands: bundled(middle(), strands, loose), samples: 210 }), 0);
for (const [strands, loose] of [
  [2, 2.2],
  [3, 2.7],
  [4, 3.1],
] as const)
  makers[`stacked-overhand-${strands}`] = () => {
    const [from, to] = inside(twice());
    return body(tighten({ strands: bundled(twice().slice(from - 6, to + 7), strands, loose), samples: 300 }), 0);
  };
const asked = process.argv.slice(2);
const file = new URL('../src/core/part/way/knots.json', import.meta.url);
const knots = JSON.parse(readFileSync(file, 'utf8')) as Record<string, ReturnType<typeof body>>;
for (const [name, make] of Object.entries(makers)) {
  if (asked.length > 0 && !asked.includes(name)) continue;
  knots[name] = make();
  const { height, ways } = knots[name];
  console.log(name, height, ways.map((way) => lengthOf(sampleOpen(way as unknown as Point[])).toFixed(2)).join(' '));
}
writeFileSync(file, `${JSON.stringify(knots)}\n`);
