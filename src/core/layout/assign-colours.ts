import type { MakeModel } from '../lanes';

/** Somebody's colours in the order they wish for them, and the lengths of cord their piece takes, mm with the loss of each cut. */
export interface ColourWish {
  readonly seat: string;
  readonly lengths: readonly number[];
  readonly wishes: readonly string[];
}

/** Somebody who wishes for nothing and keeps the colours they have: the lengths of each. */
export interface Kept {
  readonly seat: string;
  readonly lengths: Readonly<Record<string, readonly number[]>>;
}

/** Who gets which colour, and how far down their list it is: 0 the first wish; null where it is none of them. */
export interface Given {
  readonly seat: string;
  readonly colour: string;
  readonly rank: number | null;
}

/** A colour nobody asked for is regretted as much as two places after the last wish. */
const UNASKED = 2;
/** No colour at all, more than any colour; and what somebody has already, more than that. */
const NONE = 1000;
const TAKEN_AWAY = 100_000;

/** How much a seat regrets a colour: the places above it on its list. */
const regretOf = (wishes: readonly string[], colour: string): number => {
  const rank = wishes.indexOf(colour);
  return rank >= 0 ? rank : wishes.length + UNASKED;
};

/** One way to serve a seat: a colour for each of its lengths, and what that costs. */
interface Way {
  readonly colour: string | null;
  readonly cost: number;
  readonly lengths: Readonly<Record<string, readonly number[]>>;
}

/**
 * Gives each seat a colour of one cord with the least regret in all, under the pieces there are of each: an exact assignment, as a
 * whole-number programme. A column says that a seat gets a colour; under it, columns say which piece each of its lengths is cut
 * from; each seat gets one, and no piece gives more than it has. Those who wish for nothing keep what they have first.
 *
 * @param pieces lengths of each colour that are there, mm
 * @returns a colour for each wish there is cord for; a seat that none is left for is not in it
 *
 * @example
 * assignColours([], [], {}, () => ({ add: () => 0, atLeast: () => undefined, solve: () => null, solveWhole: () => [], free: () => undefined })) // []
 */
export function assignColours(
  wishing: readonly ColourWish[],
  keeping: readonly Kept[],
  pieces: Readonly<Record<string, readonly number[]>>,
  makeModel: MakeModel,
  seconds = 5,
): Given[] {
  const colours = Object.keys(pieces);
  const ways: Way[][] = [
    ...wishing.map(({ lengths, wishes }) => [
      { colour: null, cost: NONE, lengths: {} },
      ...colours.map((colour) => ({ colour, cost: regretOf(wishes, colour), lengths: { [colour]: lengths } })),
    ]),
    ...keeping.map(({ lengths }) => [
      { colour: null, cost: TAKEN_AWAY, lengths: {} },
      { colour: 'kept', cost: 0, lengths },
    ]),
  ];

  // No way needs more pieces of a colour than there are lengths that could be cut from it; of more, the longest will do.
  const most = (colour: string): number =>
    ways.flat().reduce((sum, way) => sum + (way.lengths[colour]?.length ?? 0), 0);
  const stock = colours.flatMap((colour) =>
    [...(pieces[colour] ?? [])]
      .sort((a, b) => b - a)
      .slice(0, most(colour))
      .map((mm) => ({ colour, mm })),
  );
  // In metres, so that the rows are of the size of the rest: a row a seat, a row a piece, and a row a length of each way.
  const cuts = ways.flatMap((own, seat) =>
    own.flatMap((way, n) =>
      Object.entries(way.lengths).flatMap(([colour, lengths]) => lengths.map((mm) => ({ seat, n, colour, mm }))),
    ),
  );
  const firstCut = ways.length + stock.length;
  const model = makeModel([
    ...ways.map(() => ({ least: 1, most: 1 })),
    ...stock.map(({ mm }) => ({ least: -Infinity, most: mm / 1000 })),
    ...cuts.map(() => ({ least: 0, most: 0 })),
  ]);
  try {
    const columns = ways.map((own, seat) =>
      own.map((way, n) => {
        const owed = cuts.flatMap((cut, i): [number, number][] =>
          cut.seat === seat && cut.n === n ? [[firstCut + i, -1]] : [],
        );
        return { way, index: model.add(way.cost, 1, [[seat, 1], ...owed]) };
      }),
    );
    let count = columns.flat().length;
    cuts.forEach(({ colour, mm }, i) => {
      stock.forEach((piece, p) => {
        if (piece.colour !== colour || piece.mm < mm) return;
        model.add(0, 1, [
          [firstCut + i, 1],
          [ways.length + p, mm / 1000],
        ]);
        count++;
      });
    });
    // To begin with nobody gets anything, which can always be.
    const start = new Float64Array(count);
    for (const own of columns) start[own[0]!.index] = 1;
    const solved = model.solveWhole(seconds, start) ?? start;
    return wishing.flatMap(({ seat, wishes }, i): Given[] => {
      const colour = columns[i]!.find(({ index }) => solved[index]! > 0.5)?.way.colour;
      if (!colour) return [];
      const rank = wishes.indexOf(colour);
      return [{ seat, colour, rank: rank >= 0 ? rank : null }];
    });
  } finally {
    model.free();
  }
}
