import { Type } from '@sinclair/typebox';
import { SayingSchema } from '../core/bench';
import { CordSchema } from '../core/cord';
import { HardwareSchema } from '../core/part';
import { ProjectSchema } from '../core/project';
import { PersonEditSchema, TRACE_PLACES, type TracePlace } from '../core/person';
import {
  ItemIdSchema,
  ItemSchema,
  KeySchema,
  LeftoverSchema,
  LotLabelSchema,
  LotMoveSchema,
  PlaceSchema,
  ReceiptSchema,
} from '../core/shelf';
import { ListWordSchema, MomentSchema, SettingsSchema, VersionSchema } from '../core/studio';
import { ROLES, SAID_AS, type Role, type SaidSpan } from '../formats/roster';
import { LayoutSchema } from '../core/layout';
import { NewSeatSchema, SeatEditSchema } from '../core/seat';
import { SaidOfPieceSchema } from '../core/record';
import { NewSessionSchema, SessionEditSchema, WrapSchema } from '../core/session';
import { checker } from '../formats/check';

const closed = { additionalProperties: false };
const Version = VersionSchema;
const Uuid = Type.String({ format: 'uuid' });

/** What each endpoint takes. */
export const checkNothing = checker(Type.Object({}, closed));
/** The version of what is taken away. */
export const checkVersion = checker(Type.Object({ version: Version }, closed));
/** The version of a person to erase, with the texts to take their name out of and what becomes of dumps. */
export const checkErasing = checker(
  Type.Object(
    {
      version: Version,
      traces: Type.Optional(
        Type.Array(
          Type.Object(
            {
              place: Type.Unsafe<TracePlace>({ type: 'string', enum: [...TRACE_PLACES] }),
              key: Type.String({ minLength: 1, maxLength: 60 }),
            },
            closed,
          ),
          { maxItems: 200 },
        ),
      ),
      dumps: Type.Optional(
        Type.Unsafe<'keep' | 'delete' | 'remake'>({ type: 'string', enum: ['keep', 'delete', 'remake'] }),
      ),
    },
    closed,
  ),
);
export const checkSeatRemoval = checker(Type.Object({ version: Version, session: Uuid }, closed));
const Place = Type.Integer({ minimum: 0, maximum: 2_000 });
const SaidSpanSchema = Type.Object(
  {
    line: Type.Integer({ minimum: 1, maximum: 20_000 }),
    from: Place,
    to: Place,
    as: Type.Unsafe<SaidSpan['as']>({ type: 'string', enum: [...SAID_AS] }),
    means: Type.Optional(Type.String({ maxLength: 40 })),
  },
  closed,
);
const SaidSchema = Type.Object(
  {
    spans: Type.Array(SaidSpanSchema, { maxItems: 2_000 }),
    columns: Type.Record(
      Type.String({ pattern: '^[0-9]{1,2}$' }),
      Type.Unsafe<Role>({ type: 'string', enum: [...ROLES] }),
    ),
    words: Type.Array(ListWordSchema, { maxItems: 200 }),
  },
  closed,
);
/** A list to be read, and what was said of how it was read before. */
export const checkList = checker(
  Type.Object({ text: Type.String({ maxLength: 900_000 }), said: Type.Optional(SaidSchema) }, closed),
);
export const checkWord = checker(ListWordSchema);
export const checkWords = checker(
  Type.Object({ version: VersionSchema, words: Type.Array(ListWordSchema, { maxItems: 3_000 }) }, closed),
);
export const checkNewSession = checker(Type.Object({ id: Uuid, session: NewSessionSchema }, closed));
export const checkSessionEdit = checker(SessionEditSchema);
export const checkNewSeats = checker(
  Type.Object({ seats: Type.Array(NewSeatSchema, { minItems: 1, maxItems: 1000 }) }, closed),
);
export const checkSeatEdit = checker(SeatEditSchema);
export const checkSeatEdits = checker(
  Type.Object(
    {
      edits: Type.Array(Type.Object({ id: Uuid, ...SeatEditSchema.properties }, closed), {
        minItems: 1,
        maxItems: 500,
      }),
    },
    closed,
  ),
);
export const checkCutNote = checker(
  Type.Object(
    { version: Version, cut: Type.Boolean(), seen: Type.Array(Type.String({ maxLength: 400 }), { maxItems: 5000 }) },
    closed,
  ),
);
export const checkNoted = checker(Type.Object({ made_at: MomentSchema }, closed));
export const checkSettings = checker(Type.Object({ version: Version, settings: SettingsSchema }, closed));
export const checkCord = checker(Type.Object({ version: Version, doc: CordSchema }, closed));
export const checkHardware = checker(Type.Object({ version: Version, doc: HardwareSchema }, closed));
export const checkProjectSave = checker(
  Type.Object({ base: Type.Union([Version, Type.Null()]), doc: ProjectSchema }, closed),
);
export const checkProjectRead = checker(Type.Object({ doc: ProjectSchema }, closed));
export const checkPersonEdit = checker(PersonEditSchema);

/** What the shelf's endpoints take. Every write brings a key, so that one sent twice is booked once. */
export const checkReceipts = checker(
  Type.Object({ key: KeySchema, receipts: Type.Array(ReceiptSchema, { minItems: 1, maxItems: 5000 }) }, closed),
);
export const checkLotMove = checker(LotMoveSchema);
export const checkLotLabel = checker(LotLabelSchema);
export const checkKey = checker(Type.Object({ key: KeySchema }, closed));
export const checkItemEdit = checker(Type.Object({ version: Version, doc: ItemSchema }, closed));
export const checkStockList = checker(
  Type.Object({ text: Type.String({ maxLength: 900_000 }), counting: Type.Boolean() }, closed),
);
const Packs = Type.Integer({ minimum: 1, maximum: 1000 });
export const checkOrders = checker(
  Type.Object(
    {
      key: KeySchema,
      lines: Type.Array(
        Type.Object(
          { item: ItemIdSchema, pack: Type.Optional(Type.Integer({ minimum: 1, maximum: 10_000_000 })), packs: Packs },
          closed,
        ),
        { minItems: 1, maxItems: 500 },
      ),
    },
    closed,
  ),
);
export const checkDelivery = checker(Type.Object({ key: KeySchema, packs: Packs, place: PlaceSchema }, closed));

/** What a session's kits take. */
export const checkReserve = checker(Type.Object({ version: Version, key: KeySchema, layout: LayoutSchema }, closed));
export const checkIssue = checker(Type.Object({ version: Version, key: KeySchema }, closed));
export const checkTicks = checker(
  Type.Object({ version: Version, ticks: Type.Array(Type.String({ maxLength: 240 }), { maxItems: 10_000 }) }, closed),
);
export const checkLeftovers = checker(
  Type.Object(
    {
      key: KeySchema,
      leftovers: Type.Array(LeftoverSchema, { maxItems: 500 }),
    },
    closed,
  ),
);
export const checkLabels = checker(
  Type.Object({ kind: Type.Unsafe<'bags' | 'cuts'>({ type: 'string', enum: ['bags', 'cuts'] }) }, closed),
);

/** What is said of a session's pieces when they are done, and what it is wrapped up with. */
export const checkRecords = checker(
  Type.Object(
    {
      records: Type.Array(Type.Object({ key: KeySchema, seat: Uuid, said: SaidOfPieceSchema }, closed), {
        minItems: 1,
        maxItems: 500,
      }),
    },
    closed,
  ),
);
export const checkWrap = checker(Type.Object({ version: Version, wrap: WrapSchema }, closed));

/** What is done with what records say of a figure. */
const FigureKey = Type.String({
  pattern: '^(use/[a-z0-9-]+/[a-z0-9-]+/(new|steady|fluent)|figure/[a-z][a-z0-9_]*)$',
  maxLength: 200,
});
const By = Type.String({ maxLength: 120, description: 'who says so' });
const FigureNumber = Type.Number({ minimum: 0, maximum: 1_000_000 });
export const checkFigureWish = checker(
  Type.Object(
    {
      key: KeySchema,
      figure: FigureKey,
      how: Type.Unsafe<'accepted' | 'kept' | 'set'>({ type: 'string', enum: ['accepted', 'kept', 'set'] }),
      value: Type.Optional(FigureNumber),
      by: By,
    },
    closed,
  ),
);
export const checkFigureTrial = checker(
  Type.Object(
    {
      figure: FigureKey,
      how: Type.Unsafe<'accepted' | 'set'>({ type: 'string', enum: ['accepted', 'set'] }),
      value: Type.Optional(FigureNumber),
    },
    closed,
  ),
);
export const checkTakenBack = checker(
  Type.Object({ key: KeySchema, change: Type.Integer({ minimum: 1, maximum: 2_147_483_646 }), by: By }, closed),
);
export const checkHistory = checker(
  Type.Object(
    { text: Type.String({ maxLength: 900_000 }), take: Type.Boolean({ description: 'false: only look' }) },
    closed,
  ),
);

/** What is said at the bench, in order; and a seat to change the link of. */
export const checkSaid = checker(
  Type.Object({ entries: Type.Array(SayingSchema, { minItems: 1, maxItems: 500 }) }, closed),
);
export const checkSeat = checker(Type.Object({ seat: Uuid }, closed));
export const checkPairing = checker(Type.Object({ code: Type.String({ minLength: 1, maxLength: 40 }) }, closed));
