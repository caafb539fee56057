import { Type, type Static } from '@sinclair/typebox';
import { DateSchema, orNull, RoleSchema, SkillSchema, SlugSchema, VersionSchema } from '../studio';

const closed = { additionalProperties: false };
const Mm = Type.Number({ minimum: 0, maximum: 100_000 });
const Whole = Type.Integer({ minimum: 0, maximum: 100_000 });
const Minutes = Type.Number({ minimum: 0, maximum: 10_000 });
const oneOf = <const T extends readonly string[]>(words: T) =>
  Type.Unsafe<T[number]>({ type: 'string', enum: [...words] });

/** How a finished band fits, and how a piece was finished. */
export const FITS = ['tight', 'right', 'loose'] as const;
export const FINISHES = ['flame', 'glue', 'woven back', 'at home', 'not finished'] as const;

/** What was left of one cut: each end by its length, mm, longest or first as it was laid down; or that it ran short, and where. */
export const LeftSchema = Type.Union([
  Type.Object({ mm: Type.Array(Mm, { minItems: 1, maxItems: 40 }) }, closed),
  Type.Object(
    { short: Type.Literal(true), at: Type.String({ maxLength: 60, description: 'as it was written' }) },
    closed,
  ),
]);
export type Left = Static<typeof LeftSchema>;

/** What is said of a piece when it is done; only what changes is said, and null takes something back. Lengths in mm. */
export const SaidOfPieceSchema = Type.Partial(
  Type.Object(
    {
      left: Type.Record(Type.String({ pattern: '^[0-9]{1,2}$' }), orNull(LeftSchema), {
        description: 'by the place of the cut among the planned ones',
        ...closed,
      }),
      half_knots: orNull(Whole),
      band_mm: orNull(Mm),
      thick_mm: orNull(Type.Number({ minimum: 0.3, maximum: 60 })),
      fits: orNull(oneOf(FITS)),
      minutes: orNull(Minutes),
      finished: orNull(oneOf(FINISHES)),
      word: orNull(Type.String({ maxLength: 300 })),
    },
    closed,
  ),
  closed,
);
export type SaidOfPiece = Static<typeof SaidOfPieceSchema>;

/** One cord of a piece as it was planned and cut: what geometry says of one piece of it, mm. */
export const PlannedCordSchema = Type.Object(
  {
    role: RoleSchema,
    cord: SlugSchema,
    colour: SlugSchema,
    pieces: Type.Integer({ minimum: 1, maximum: 100 }),
    cut_mm: Mm,
    /** The stitch that nearly all of what it uses in stitches is for; null where it is none, or several. */
    stitch: orNull(SlugSchema),
    /** By its path alone, and × what was thought that this studio uses. */
    stitches_mm: Mm,
    factor: Type.Number({ minimum: 0.1, maximum: 10 }),
    /** Everything else that it is used for, and what its ends are gripped by. */
    other_mm: Mm,
    tail_mm: Mm,
    ends: Type.Integer({ minimum: 0, maximum: 100 }),
  },
  closed,
);
export type PlannedCord = Static<typeof PlannedCordSchema>;

const InForce = Type.Number({ minimum: -1_000_000, maximum: 1_000_000 });

/** What of the studio's figures a piece was planned with, that records may correct. */
const FiguresInForceSchema = Type.Object(
  {
    draw: InForce,
    spread: InForce,
    half_knot: InForce,
    part_slower: InForce,
    tail: InForce,
  },
  closed,
);

/** A piece as it was planned: what its record is held against. Nothing in it says who made it. */
export const PlannedPieceSchema = Type.Object(
  {
    held_on: DateSchema,
    project: SlugSchema,
    revision: VersionSchema,
    skill: SkillSchema,
    child: Type.Boolean(),
    half_knots: orNull(Whole),
    knotted_mm: Mm,
    /** Tightest length of a half knot, as the cord's stiffness opens it, where the band is knotted of one stitch. */
    tight_mm: orNull(Mm),
    /** Of a band that is all knotted in one cord: how thick its strands are where they cross, one on the other, and what it was taken to flatten to. */
    flat: Type.Optional(
      Type.Object({ cord: SlugSchema, stacked_mm: Mm, start: Type.Number({ minimum: 0.1, maximum: 1 }) }, closed),
    ),
    ties: Type.Number({ minimum: 0, maximum: 100_000 }),
    knotting: Minutes,
    parts: Minutes,
    figures: FiguresInForceSchema,
    cords: Type.Array(PlannedCordSchema, { maxItems: 60 }),
  },
  closed,
);
export type PlannedPiece = Static<typeof PlannedPieceSchema>;

/** What the bench saw of a piece: minutes from its beginning to done, and of its knots so many in so many minutes. */
export const SeenAtBenchSchema = Type.Object({ minutes: orNull(Minutes), ties: Whole, knotting: Minutes }, closed);
export type SeenAtBench = Static<typeof SeenAtBenchSchema>;

/** The record of a piece as it stands: what was planned, what the bench saw, and all that was said of it, newest over oldest. */
export interface YieldRecord {
  /** The piece: its seat, or a line of a history from elsewhere. */
  readonly piece: string;
  /** The session it was made in, or the history it came from. */
  readonly session: string;
  /** Who made it, by a name that says nothing. */
  readonly maker: string;
  readonly planned: PlannedPiece;
  readonly seen: SeenAtBench | null;
  readonly said: SaidOfPiece;
}

/**
 * What was said of a piece after something more was said: the new over the old, field by field and cord by cord.
 *
 * @example
 * sayMore({ word: 'neat', minutes: 40 }, { minutes: null }) // { word: 'neat', minutes: null }
 */
export const sayMore = (before: SaidOfPiece, more: SaidOfPiece): SaidOfPiece => ({
  ...before,
  ...more,
  ...((before.left ?? more.left) && { left: { ...before.left, ...more.left } }),
});

/**
 * Whether anything is said of a piece that stands.
 *
 * @example
 * isSaid({ left: { 0: null }, word: '' }) // false
 */
export const isSaid = ({ left, ...rest }: SaidOfPiece): boolean =>
  Object.values(rest).some((value) => value !== null && value !== '') ||
  Object.values(left ?? {}).some((value) => value !== null);
