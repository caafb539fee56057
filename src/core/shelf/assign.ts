import type { MakeModel } from '../lanes';

/** Somebody's colours in the order they wish for them, and how much cord their piece takes, mm. */
export interface ColourWish {
  readonly seat: string;
  readonly need: number;
  readonly wishes: readonly string[];
}

/** Who gets which colour, and how far down their list it is: 0 the first wish; null where it is none of them. */
export interface Given {
  readonly seat: string;
  readonly colour: string;
  readonly rank: number | null;
}

/** A colour nobody asked for is regretted as much as two places after the last wish. */
const UNASKED = 2;
/** No colour at all, more than any colour. */
const NONE = 1000;

/** How much a seat regrets a colour: the places above it on its list. */
const regretOf = ({ wishes }: ColourWish, colour: string): number => {
  const rank = wishes.indexOf(colour);
  return rank >= 0 ? rank : wishes.length + UNASKED;
};

/**
 * Gives each seat a colour of one cord with the least regret in all, under what there is of each: an exact assignment, as a
 * whole-number programme (a column a seat and colour; each seat one, each colour no more than there is).
 *
 * @param available mm of each colour
 * @returns a colour for each seat there is cord for; a seat that none is left for is not in it
 */
export function assignColours(
  seats: readonly ColourWish[],
  available: Readonly<Record<string, number>>,
  makeModel: MakeModel,
  seconds = 5,
): Given[] {
  const colours = Object.keys(available);
  // In metres, so that the rows are of the size of the rest.
  const model = makeModel([
    ...seats.map(() => ({ least: 1, most: 1 })),
    ...colours.map((colour) => ({ least: -Infinity, most: available[colour]! / 1000 })),
  ]);
  try {
    const columns: { seat: number; colour: number | null; index: number }[] = [];
    seats.forEach((wish, seat) => {
      columns.push({ seat, colour: null, index: model.add(NONE, 1, [[seat, 1]]) });
      colours.forEach((name, colour) => {
        const entries: [number, number][] = [
          [seat, 1],
          [seats.length + colour, wish.need / 1000],
        ];
        if (wish.need <= available[name]!)
          columns.push({ seat, colour, index: model.add(regretOf(wish, name), 1, entries) });
      });
    });
    const start = new Float64Array(columns.length);
    for (const { colour, index } of columns) if (colour === null) start[index] = 1;
    const solved = model.solveWhole(seconds, start) ?? start;
    return columns.flatMap(({ seat, colour, index }): Given[] => {
      if (colour === null || solved[index]! < 0.5) return [];
      const rank = seats[seat]!.wishes.indexOf(colours[colour]!);
      return [{ seat: seats[seat]!.seat, colour: colours[colour]!, rank: rank >= 0 ? rank : null }];
    });
  } finally {
    model.free();
  }
}
