import { Type, type Static } from '@sinclair/typebox';
import type { Fault } from '../result';

const Id = Type.String({ minLength: 1, maxLength: 120 });
const Length = (minimum: number, description: string) => Type.Number({ minimum, maximum: 10_000_000, description });
const Count = Type.Optional(Type.Integer({ minimum: 1, maximum: 100_000 }));
const closed = { additionalProperties: false };

/** What to cut from what: one cord and colour. */
export const LanesProblemSchema = Type.Object(
  {
    loss_mm: Length(0, 'cord that each cut takes beside its length, for its sealed end'),
    keep_mm: Length(0, 'a remnant shorter than this is scrap'),
    stock: Type.Array(
      Type.Object(
        {
          id: Id,
          length_mm: Length(0.01, 'mm of one piece'),
          fresh: Type.Boolean({ description: 'unopened or to be bought' }),
          count: Count,
        },
        closed,
      ),
      { maxItems: 5000 },
    ),
    cuts: Type.Array(Type.Object({ id: Id, length_mm: Length(0.01, 'mm of one cut'), count: Count }, closed), {
      maxItems: 5000,
    }),
  },
  { ...closed, $id: 'lapboard-lanes' },
);
export type LanesProblem = Static<typeof LanesProblemSchema>;

/**
 * What is wrong in a problem beyond its shape, and where: an id used twice could not be told apart in the answer.
 *
 * @example
 * faultIn({ loss_mm: 0, keep_mm: 300, stock: [], cuts: [{ id: 'a', length_mm: 90 }, { id: 'a', length_mm: 80 }] }).at // '/cuts/1/id'
 */
export function faultIn({ stock, cuts }: LanesProblem): Fault | null {
  for (const [name, list] of Object.entries({ stock, cuts })) {
    const seen = new Set<string>();
    for (const [i, { id }] of list.entries()) {
      if (seen.has(id))
        return { error: `“${id}” is there twice; give each of the ${name} an id of its own`, at: `/${name}/${i}/id` };
      seen.add(id);
    }
  }
  const pieces = cuts.reduce((sum, cut) => sum + (cut.count ?? 1), 0);
  if (pieces > MOST_PIECES)
    return {
      error: `${pieces.toLocaleString('en')} cuts at once; at most ${MOST_PIECES.toLocaleString('en')}`,
      at: '/cuts',
    };
  return null;
}

/** More cuts than any session has; past it a count is a slip. */
const MOST_PIECES = 20_000;

/** Which cuts come from which piece of stock. */
export const LanesPlanSchema = Type.Object(
  {
    lanes: Type.Array(
      Type.Object(
        {
          stock: Type.String({ description: 'the id of the stock; once for each piece opened' }),
          cuts: Type.Array(Type.String(), { description: 'ids of the cuts, longest first' }),
          remnant_mm: Type.Number({ minimum: 0 }),
        },
        closed,
      ),
    ),
    unplaced: Type.Array(Type.String(), { description: 'ids of the cuts that no stock is left for, once a piece' }),
    fresh_mm: Type.Number({ minimum: 0, description: 'length of fresh stock opened' }),
    fresh_bound_mm: Type.Number({ minimum: 0, description: 'no plan can open less fresh stock than this' }),
    scrap_mm: Type.Number({ minimum: 0, description: 'remnants too short to keep' }),
    seconds: Type.Number({ minimum: 0, description: 'spent solving' }),
  },
  { ...closed, $id: 'lapboard-lanes-plan' },
);
export type LanesPlan = Static<typeof LanesPlanSchema>;
export type Lane = LanesPlan['lanes'][number];
