import { bundle, OVERHAND, type Point } from '../../stitch';
import KNOTS from './knots.json';
import { straight, turnedHalf, wayLength, type Way } from './way';

/**
 * Knots drawn tight in a calculation, in diameters, from where the strands enter along y to where they leave: the shortest there are
 * with centre lines at least 0.9 diameters apart; `scripts/tighten-knots.ts` repeats it. A knot of so many strands as one has its number
 * behind its name; one tied `round` another has that at x = −0.475; of a knot of two that tie it with each other it is one of them.
 */
interface Tight {
  readonly height: number;
  readonly ways: readonly (readonly Point[])[];
}
const TIGHT: Readonly<Record<string, Tight>> = {
  ...Object.fromEntries(
    Object.entries(KNOTS).map(([name, { height, ways }]) => [
      name,
      { height, ways: ways.map((way) => way.map(([x, y, z]): Point => [x!, y!, z!])) },
    ]),
  ),
  // The overhand of the stitches, between its straight ends.
  overhand: {
    height: 5,
    ways: [OVERHAND.filter(([, y]) => Math.abs(y) < 2.5).map(([x, y, z]) => [x, y + 2.5, z])],
  },
};
/** Where the standing strand is of a knot tied round it, across, in diameters. */
const STANDS = -0.475;
export type StopperName = 'overhand' | 'double-overhand' | 'figure-eight' | 'stacked-overhand';
export type TightName = StopperName | `${StopperName}-round` | 'button-knot' | 'double-connection' | 'turned-back';

/** A strand over so much of its own line: its straight ends drawn out or cut to that; where the knot is longer, it stands over. */
function over(points: readonly Point[], own: number, height: number): Point[] {
  const moved = points.map(([x, y, z]): Point => [x, y + (height - own) / 2, z]);
  const [start, end] = [moved[0]!, moved.at(-1)!];
  const near = (p: Point, q: Point): boolean => Math.hypot(p[0] - q[0], p[2] - q[2]) < 0.45;
  let [from, to] = [0, moved.length - 1];
  while (moved[from + 1]![1] < 0.2 && near(moved[from + 1]!, start)) from++;
  while (moved[to - 1]![1] > height - 0.2 && near(moved[to - 1]!, end)) to--;
  const inner = moved.slice(from, to + 1);
  const [first, last] = [inner[0]!, inner.at(-1)!];
  return [
    ...(first[1] > 0.1 ? [[first[0], 0, first[2]] as const] : []),
    ...inner,
    ...(last[1] < height - 0.1 ? [[last[0], height, last[2]] as const] : []),
  ];
}

/** The first strand of a knot over so much of its own line, in diameters. */
const knotOver = (name: TightName, height: number): Point[] => over(TIGHT[name]!.ways[0]!, TIGHT[name]!.height, height);

const known = new Map<string, number>();
function remembered(key: string, length: () => number): number {
  const found = known.get(key) ?? length();
  known.set(key, found);
  return found;
}

/**
 * Cord of one strand of such a knot over so much of its own line, in diameters.
 */
export const knotLength = (name: TightName, height: number): number =>
  remembered(`${name} ${height}`, () => wayLength(knotOver(name, height)));

/** The drawn knot of so many strands as one, and how much larger it is taken where there are more than four. */
function tightOf(name: TightName, strands: number): { readonly tight: Tight; readonly larger: number } {
  const drawn = Math.min(4, strands);
  return { tight: TIGHT[`${name}-${drawn}`]!, larger: Math.sqrt(strands / drawn) };
}

/** Length along its own line, in diameters of one strand, of a knot of several strands as one. */
export function heightOfSeveral(name: TightName, strands: number): number {
  const { tight, larger } = tightOf(name, strands);
  return tight.height * larger;
}

/** Cord of each strand, on average, in a knot of several as one, in diameters. */
export const lengthOfSeveral = (name: TightName, strands: number): number =>
  remembered(`${name} as ${strands}`, () => {
    const { tight, larger } = tightOf(name, strands);
    return (tight.ways.reduce((sum, way) => sum + wayLength(way), 0) / tight.ways.length) * larger;
  });

/** Cord of the one that ties round the others, in diameters, over so much of its own line. */
export const roundLength = (name: TightName, strands: number, height: number): number =>
  remembered(`${name} ${strands} ${height}`, () => wayLength(roundWays(name, strands, 1, height)[0]!.points));

const scaled = (points: readonly Point[], by: number): Point[] => points.map(([x, y, z]) => [x * by, y * by, z * by]);

/** The strands of a tight knot drawn apart until they are on average as long as they must be, mm, over so much of the band. */
function loosened({ height, ways }: Tight, d: number, mm: number, along: number): Point[][] {
  const apart = (loose: number): Point[][] =>
    ways.map((way) => scaled(over(way, height, along / (d * loose)), d * loose));
  const mean = (loose: number): number =>
    apart(loose).reduce((sum, points) => sum + wayLength(points), 0) / ways.length;
  let [low, high] = [0.5, 3];
  for (let i = 0; i < 30; i++) {
    const middle = (low + high) / 2;
    if (mean(middle) < mm) low = middle;
    else high = middle;
  }
  return apart(low);
}

/** The strands of a bundle through a knot as one, about the band's middle. More than four are drawn as four, as much larger. */
export function asOneWays(name: TightName, strands: number, d: number): Way[] {
  const { tight, larger } = tightOf(name, strands);
  const ways = tight.ways.map((way) => scaled(way, larger * d));
  const mean = (axis: 0 | 2): number => ways.reduce((sum, points) => sum + points[0]![axis], 0) / ways.length;
  const [mx, mz] = [mean(0), mean(2)];
  return ways.map((points, leg) => ({ leg, points: points.map(([x, y, z]): Point => [x - mx, y, z - mz]) }));
}

/** One strand through a knot of its own, over so much of its line, in diameters. */
export const aloneWays = (name: TightName, d: number, height: number): Way[] => [
  { leg: 0, points: scaled(knotOver(name, height), d) },
];

/** One strand tied round the others, who stand straight beside it. */
export function roundWays(name: TightName, strands: number, d: number, height: number): Way[] {
  const standing = bundle(strands - 1, d);
  // More than one standing strand is gone round at its own girth.
  const wider = (standing.radius + d / 2) / d;
  const tie = knotOver(name, height).map(([x, y, z]): Point => [
    (STANDS + (x - STANDS) * wider) * d,
    y * d,
    z * wider * d,
  ]);
  return [
    { leg: 0, points: tie },
    ...standing.places.map(([x, z], i) => ({
      leg: i + 1,
      points: straight(STANDS * d + x, 0, height * d, z),
    })),
  ];
}

/** Two strands that leave at the sides of the knot they tie with each other, and how far it is along, in its diameters. */
export function sideKnot(d: number): { readonly ways: readonly Way[]; readonly height: number } {
  const { ways, height } = TIGHT['turned-back']!;
  const points = scaled(ways[0]!, d);
  return {
    ways: [
      { leg: 0, points },
      { leg: 1, points: turnedHalf(points) },
    ],
    height,
  };
}

/**
 * Strands that tie it with each other: two half a turn apart, or two pairs. As loose as they are measured.
 *
 * @param mm what each uses on average
 * @param along band length of the knot, mm
 */
export function pairWays(
  name: 'button-knot' | 'double-connection',
  strands: number,
  d: number,
  mm: number,
  along: number,
): Way[] {
  const tight = TIGHT[strands > 2 && name === 'button-knot' ? `${name}-4` : name]!;
  return loosened(tight, d, mm, along).flatMap((points, i) => [
    { leg: 2 * i, points },
    { leg: 2 * i + 1, points: turnedHalf(points) },
  ]);
}
