import type { Size } from '../fit';
import { CONVENTIONS, type Telling } from '../making';
import { Type, type Static, type TOptional, type TString } from '@sinclair/typebox';
import { HAND, parseGirth, parseLength, WRIST } from '../measure';
import { hardwareOf, OptionsSchema, type Catalogue } from '../project';
import { done, not, type Fault, type Result } from '../result';
import { AvoidSchema, EaseSchema, ROLES, SchoolSchema, SkillSchema, SlugSchema, type Role } from '../studio';
import type { Seat } from '../seat';

const Length = Type.Union([Type.Number({ exclusiveMinimum: 0 }), Type.String({ minLength: 1, maxLength: 60 })], {
  description: 'millimetres as a number, or a length in any form a maker writes',
});

const SeatSchema = Type.Object(
  {
    label: Type.String({ minLength: 1, maxLength: 120 }),
    size: Type.Union([
      Type.Object({ wrist: Length }, { additionalProperties: false }),
      Type.Object({ finished: Length }, { additionalProperties: false, description: 'inner circumference wanted' }),
      Type.Object(
        { closed: Length },
        { additionalProperties: false, description: 'overall length, closed, of a piece that fits' },
      ),
      Type.Object({ knotted: Length }, { additionalProperties: false, description: 'band length wanted' }),
    ]),
    hand: Type.Optional(Length),
    age: Type.Optional(Type.Integer({ minimum: 0, maximum: 120 })),
    skill: SkillSchema,
    ease: Type.Optional(EaseSchema),
    avoid: Type.Optional(Type.Array(AvoidSchema, { maxItems: 2 })),
    project: SlugSchema,
    options: Type.Optional(OptionsSchema),
    cords: Type.Optional(
      Type.Object(
        Object.fromEntries(ROLES.map((role) => [role, Type.Optional(SlugSchema)])) as Record<Role, TOptional<TString>>,
        {
          additionalProperties: false,
        },
      ),
    ),
    left_handed: Type.Optional(Type.Boolean({ description: 'the making is told for a left hand' })),
    convention: Type.Optional(
      Type.Unsafe<(typeof CONVENTIONS)[number]>({
        type: 'string',
        enum: [...CONVENTIONS],
        description: 'how the half knot is taught; left-right where it is not said',
      }),
    ),
    school: Type.Optional(SchoolSchema),
    made: Type.Optional(
      Type.Object(
        { half_knots: Type.Integer({ minimum: 2, maximum: 1000 }), length: Length },
        { additionalProperties: false, description: 'this maker’s own count: so many half knots made so much band' },
      ),
    ),
  },
  { additionalProperties: false },
);

/** A session as a file, for planning from a terminal. */
export const SessionDocumentSchema = Type.Object(
  {
    format: Type.Literal('lapboard-session'),
    version: Type.Literal(1),
    title: Type.String({ maxLength: 200 }),
    school: Type.Optional(SchoolSchema),
    units: Type.Optional(
      Type.Unsafe<'mm' | 'cm' | 'in'>({
        type: 'string',
        enum: ['mm', 'cm', 'in'],
        description: 'of the lengths in a making; mm where it is not said',
      }),
    ),
    seats: Type.Array(SeatSchema, { minItems: 1, maxItems: 1000 }),
  },
  { additionalProperties: false, $id: 'lapboard-session' },
);
export type SessionDocument = Static<typeof SessionDocumentSchema>;

/**
 * How each seat of a checked document is told its making.
 *
 * @example
 * tellingsOf({ format: 'lapboard-session', version: 1, title: '', units: 'cm', seats: [] }) // []
 */
export const tellingsOf = ({ seats, units = 'mm' }: SessionDocument): Telling[] =>
  seats.map(({ left_handed = false, convention = 'left-right' }) => ({ units, left_handed, convention }));

/** A length field read, or its fault with the position in the text. */
function readLength(value: string | number, at: string, kind: 'wrist' | 'hand' | 'band'): Result<number, Fault> {
  const text = typeof value === 'number' ? `${value} mm` : /^[\d.,\s]+$/.test(value) ? `${value} mm` : value;
  const reading = kind === 'band' ? parseLength(text) : parseGirth(text, kind === 'wrist' ? WRIST : HAND);
  if (!reading.ok)
    return not({ error: `${reading.fault.problem} (character ${reading.fault.at + 1} of “${text}”)`, at });
  const { mm } = reading.value;
  if (kind === 'band' && mm > 2000)
    return not({ error: `${mm} mm is no length for a bracelet or keychain; at most 2000 mm`, at });
  return done(mm);
}

/** The size a seat asks for: as a wrist, as a finished inside, or as a length of band. */
function readSize(size: SessionDocument['seats'][number]['size'], at: string): Result<Size, Fault> {
  if ('wrist' in size) {
    const wrist = readLength(size.wrist, `${at}/wrist`, 'wrist');
    return wrist.ok ? done({ wrist: wrist.value }) : wrist;
  }
  if ('finished' in size) {
    const finished = readLength(size.finished, `${at}/finished`, 'band');
    return finished.ok ? done({ finished: finished.value }) : finished;
  }
  if ('closed' in size) {
    const closed = readLength(size.closed, `${at}/closed`, 'band');
    return closed.ok ? done({ closed: closed.value }) : closed;
  }
  const knotted = readLength(size.knotted, `${at}/knotted`, 'band');
  return knotted.ok ? done({ knotted: knotted.value }) : knotted;
}

/**
 * Reads a checked document into seats: every length to millimetres, every slug looked up.
 *
 * @returns the seats, or the first fault with its JSON pointer
 *
 * @example
 * readSessionDocument({ format: 'lapboard-session', version: 1, title: '', seats: [{ label: 'A', size: { wrist: '6 1/2 in' }, skill: 'new', project: 'band-buckle' }] }, catalogue).value[0].size.wrist.toFixed(1) // '165.1'
 */
export function readSessionDocument(document: SessionDocument, catalogue: Catalogue): Result<Seat[], Fault> {
  const seats: Seat[] = [];
  for (const [i, given] of document.seats.entries()) {
    const at = `/seats/${i}`;
    if (!Object.hasOwn(catalogue.projects, given.project))
      return unknown(`${at}/project`, given.project, catalogue.projects);
    for (const { at: field, slug } of hardwareOf(given.options ?? {}))
      if (!Object.hasOwn(catalogue.hardware, slug)) return unknown(`${at}/options/${field}`, slug, catalogue.hardware);
    for (const [role, cord] of Object.entries(given.cords ?? {})) {
      if (!Object.hasOwn(catalogue.cords, cord)) return unknown(`${at}/cords/${role}`, cord, catalogue.cords);
    }
    const size = readSize(given.size, `${at}/size`);
    if (!size.ok) return size;
    const hand = given.hand === undefined ? null : readLength(given.hand, `${at}/hand`, 'hand');
    if (hand && !hand.ok) return hand;
    const made = given.made ? readLength(given.made.length, `${at}/made/length`, 'band') : null;
    if (made && !made.ok) return made;
    seats.push({
      label: given.label,
      size: size.value,
      estimated: false,
      hand: hand ? hand.value : null,
      age: given.age ?? null,
      skill: given.skill,
      ease: given.ease ?? 'easy',
      avoid: given.avoid ?? [],
      project: given.project,
      options: given.options ?? {},
      cords: Object.fromEntries(Object.entries(given.cords ?? {}).map(([role, cord]) => [role, { cord }])),
      school: given.school ?? document.school ?? 'measured',
      made: made && given.made ? { half_knots: given.made.half_knots, length_mm: Math.round(made.value) } : null,
    });
  }
  return done(seats);
}

function unknown(at: string, slug: string, table: Readonly<Record<string, unknown>>): Result<never, Fault> {
  return not({ error: `“${slug}” is not known; there are: ${Object.keys(table).sort().join(', ')}`, at });
}
