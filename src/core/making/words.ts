import { Type, type Static } from '@sinclair/typebox';
import { ACT_UNITS, ActTextSchema } from '../project';

const closed = { additionalProperties: false };
const Sentence = Type.String({ minLength: 1, maxLength: 600 });

const Counted = Type.Object({ one: Sentence, many: Sentence }, closed);

/** The ways teachers teach the half knot. */
export const CONVENTIONS = ['same-strand', 'left-right', 'over-under', 'four-steps', 'arms', 'lowest-bar'] as const;
export type Convention = (typeof CONVENTIONS)[number];

/**
 * How a teacher says a half knot: in front of the core; behind it, in conventions where one side always starts; and how to go on, flat or
 * as a spiral. `{side}` is the side that leads, `{across}` the other, `{lead}` and `{other}` the strands.
 */
const ConventionSchema = Type.Object(
  {
    front: Sentence,
    behind: Type.Optional(Sentence),
    go_on: Sentence,
    spiral: Sentence,
  },
  closed,
);

/** What a making says in one language beside a project’s own words: the half knot, ends, counts. */
export const MakingWordsSchema = Type.Object(
  {
    format: Type.Literal('lapboard-making-words'),
    version: Type.Literal(1),
    language: Type.String({ pattern: '^[a-z]{2}$' }),
    conventions: Type.Object(
      Object.fromEntries(CONVENTIONS.map((name) => [name, ConventionSchema])) as Record<
        Convention,
        typeof ConventionSchema
      >,
      closed,
    ),
    ends: Type.Record(Type.String(), ActTextSchema, {
      description: 'how the ends of a part are finished, by the part',
    }),
    units: Type.Object(
      Object.fromEntries(ACT_UNITS.map((unit) => [unit, Counted])) as Record<
        (typeof ACT_UNITS)[number],
        typeof Counted
      >,
      closed,
    ),
    sides: Type.Object({ left: Sentence, right: Sentence }, closed),
    strands: Type.Object({ leader: Sentence, follower: Sentence, coloured: Sentence }, closed),
    times: Counted,
    /** Two counts joined: square knots and a half knot over. */
    and: Sentence,
    /** A count that two sides have each. */
    each_side: Sentence,
    /** Who does what is done with heat. */
    heat: Type.Object({ adult: Sentence, child: Sentence }, closed),
    page: Type.Object({ settle: Sentence, tidy: Sentence }, closed),
    built: Type.Object({ go_on: Sentence, try_on: Sentence, measure: Sentence, wear: Sentence }, closed),
    /** What is done by turns in a stretch of several things: beads on the core, at both edges, on each arm, alone; knots on each arm. */
    walk: Type.Object(
      {
        core_bead: Sentence,
        edge_beads: Sentence,
        arm_beads: Sentence,
        bead: Sentence,
        each_arm: Sentence,
        steps: Sentence,
      },
      closed,
    ),
    sequence: Type.Object({ repeat: Sentence, mirror: Sentence, free: Sentence, ends: Sentence }, closed),
  },
  closed,
);
export type MakingWords = Static<typeof MakingWordsSchema>;
/** What a count is said in. */
export type CountWords = Pick<MakingWords, 'units' | 'and' | 'each_side'>;
