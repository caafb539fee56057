import { sectionsBy } from '../acts';
import { tailOf, tailsOf, walkStep } from '../cut';
import { workedDiameter } from '../cord';
import { formatLength, formatMm } from '../measure';
import { loopInside } from '../part';
import { inCord, type LegStep, type PieceCord, type PiecePart } from '../project';
import { countIn, sayCount, sum } from './counts';
import type { Fitted, MakingUnits } from './fitted';
import type { SeatPlan } from '../seat';
import type { MakingWords } from './words';

const isAt = (step: LegStep, ids: ReadonlySet<string>, does: 'work' | 'core'): boolean =>
  does === 'work' ? 'work' in step && ids.has(step.work) : 'core' in step && ids.has(step.core);

/** The first leg that works a section, or runs through it, with its step there. */
function legAt(fitted: Fitted, id: string, does: 'work' | 'core') {
  const ids = new Set(sectionsBy(fitted.piece, id).map((section) => section.id));
  for (const cord of fitted.piece.cords)
    for (const leg of cord.use.legs) {
      const at = leg.route.findLastIndex((step) => isAt(step, ids, does));
      if (at >= 0) return { cord, leg, at };
    }
  return null;
}

/** mm that some steps of a leg use. */
const alongOf = ({ piece, fit }: Fitted, cord: PieceCord, steps: readonly LegStep[]): number =>
  sum(steps.map((step) => walkStep(step, cord, piece, fit)?.mm ?? 0));

/** mm that some ends of a leg are gripped or drawn up by. */
const gripOf = (fitted: Fitted, cord: PieceCord, tails: ReturnType<typeof tailsOf>): number =>
  sum(
    tails.map((tail) => {
      const { figures } = Object.values(fitted.piece.parts)[0]!.base;
      return tailOf(tail, fitted.maker.skill, cord.cord, figures);
    }),
  );

/** What of a leg is left when a section is done, mm: what comes after it, with what it is gripped by. */
function leftOf(fitted: Fitted, id: string, does: 'work' | 'core'): number | null {
  const found = legAt(fitted, id, does);
  if (!found) return null;
  const { cord, leg, at } = found;
  return alongOf(fitted, cord, leg.route.slice(at + 1)) + gripOf(fitted, cord, tailsOf(leg, cord, fitted.piece));
}

/** How far from its end a cord is folded, mm: its shorter leg. `index` counts the colours. */
function foldOf(fitted: Fitted, index: number): number | null {
  const cord = fitted.piece.cords.find(({ use }) => use.colour === index) ?? fitted.piece.cords[0];
  if (!cord) return null;
  return Math.min(
    ...cord.use.legs.map(
      (leg) => alongOf(fitted, cord, leg.route) + gripOf(fitted, cord, tailsOf(leg, cord, fitted.piece)),
    ),
  );
}

const contextOf = ({ base, cord }: PiecePart) => ({ ...inCord(base, cord), d: workedDiameter(cord) });

/** A length as the reader’s units write it; one below a centimetre in millimetres. */
export function sayLength(mm: number, units: MakingUnits): string {
  if (units === 'mm' || (units !== 'in' && mm < 10)) return formatMm(Math.round(mm));
  return formatLength(mm, units);
}

/** The colour’s name of the n-th colour of a piece. */
function colourOf({ piece }: Pick<Fitted, 'piece'>, index: number): string | null {
  const found = piece.cords.find(({ use }) => use.colour === index) ?? piece.cords[0];
  return found?.cord.colours.find(({ slug }) => slug === found.colour)?.name.toLowerCase() ?? null;
}

/** Who leads and who follows, by colour where the piece has two, else as the leading and the other strand. */
export function strandsOf({ piece, words }: Pick<Fitted, 'piece' | 'words'>): {
  readonly lead: string;
  readonly other: string;
} {
  const names = [colourOf({ piece }, 0), colourOf({ piece }, 1)];
  const { leader, follower, coloured } = words.strands;
  if (names[0] === names[1]) return { lead: leader, other: follower };
  const [lead, other] = names.map((name) => coloured.replace('{colour}', name!));
  return { lead: lead!, other: other! };
}

/** A half knot’s sentence with its strands named. */
export function nameStrands(text: string, { piece }: SeatPlan, words: MakingWords): string {
  const { lead, other } = strandsOf({ piece: piece!, words });
  return capitals(text.replaceAll('{lead}', lead).replaceAll('{other}', other));
}

/** The kinds of a bead sequence, said; nothing where there is only one. */
function sequenceOf({ maker, piece, words }: Fitted): string {
  const { sequence } = maker.options;
  if (!sequence || !piece.project.options.sequence) return '';
  const name = (slug: string): string =>
    Object.values(piece.hardware)
      .find((own) => own.slug === slug)
      ?.name.toLowerCase() ?? slug;
  const kinds = words.sequence[sequence.order].replace('{kinds}', sequence.kinds.map(name).join(', '));
  return sequence.ends === undefined ? kinds : `${kinds} ${words.sequence.ends.replace('{ends}', name(sequence.ends))}`;
}

/** The closed list of placeholders: what each says of a seat; null where the piece has no such thing. */
const PLACEHOLDERS: Readonly<Record<string, (fitted: Fitted, id: string) => string | null>> = {
  inside: ({ fit, units }) => (fit.inner_mm === undefined ? null : sayLength(fit.inner_mm + fit.error_mm, units)),
  open_round: ({ piece, units }) => sayLength(Object.values(piece.parts)[0]?.base.hand ?? 0, units),
  band_length: ({ fit, units }) => sayLength(fit.knotted_mm, units),
  gap: ({ piece, units }) => sayLength(sum(piece.closure.map(({ mm }) => mm)), units),
  wraps: ({ piece, words }) => sayTimes(piece.choices.wraps, words),
  join_tail: ({ piece, units }) => figureOf(piece, 'join_tail', units),
  sleeve_depth: ({ piece, units }) => figureOf(piece, 'sleeve_join', units),
  eye_start: ({ piece, units }) => figureOf(piece, 'eye_start', units),
  bead_sequence: (fitted) => sequenceOf(fitted),
  length: (fitted, id) => {
    const own = id.split('+').flatMap((one) => sectionsBy(fitted.piece, one));
    return sayLength(sum(own.map((section) => section.unit * fitted.fit.counts[section.id]!)), fitted.units);
  },
  part_length: (fitted, id) => {
    const leg = legAt(fitted, id, 'work');
    const own = leg && walkStep(leg.leg.route[leg.at]!, leg.cord, fitted.piece, fitted.fit);
    return own ? sayLength(own.mm, fitted.units) : null;
  },
  fold_point: (fitted, id) => {
    const mm = foldOf(fitted, Number(id));
    return mm === null ? null : sayLength(mm, fitted.units);
  },
  loop_inside: ({ piece, units }, id) => ofPart(piece.parts[id], (part) => sayLength(insideOf(part), units)),
  loop_flat: ({ piece, units }, id) => ofPart(piece.parts[id], (part) => sayLength(insideOf(part) / 2, units)),
  tail: ({ piece, units }, id) =>
    ofPart(piece.parts[id], (part) => sayLength(part.part.use(contextOf(part)).mm, units)),
  times: ({ piece, words }, id) => ofPart(piece.parts[id], ({ base }) => sayTimes(base.times, words)),
  knots: ({ piece }, id) => ofPart(piece.parts[id], ({ base }) => String(base.times + 1)),
  legs_left: (fitted, id) => {
    const mm = leftOf(fitted, id, 'work');
    return mm === null ? null : sayLength(mm, fitted.units);
  },
  core_left: (fitted, id) => {
    const mm = leftOf(fitted, id, 'core');
    return mm === null ? null : sayLength(mm, fitted.units);
  },
  start_tail: (fitted, id) => {
    const found = legAt(fitted, id, 'work');
    if (!found) return null;
    const { cord, leg, at } = found;
    const [tail, ...more] = tailsOf(leg, cord, fitted.piece);
    const grip = tail && more.length > 0 ? gripOf(fitted, cord, [tail]) : 0;
    return sayLength(alongOf(fitted, cord, leg.route.slice(0, at)) + grip, fitted.units);
  },
  square_knots: (fitted, id) => sayCount(countIn(fitted, id.split('+'), 'square-knots'), 'square-knots', fitted.words),
  half_knots: (fitted, id) => sayCount(countIn(fitted, id.split('+'), 'half-knots'), 'half-knots', fitted.words),
  count: (fitted, id) => String(countIn(fitted, id.split('+'), 'rows').of),
  hitches: (fitted, id) => String(countIn(fitted, id.split('+'), 'hitches').of),
  courses: (fitted, id) => String(countIn(fitted, id.split('+'), 'courses').of),
  beads: (fitted, id) => {
    const ids = id.split('+');
    const large = countIn(fitted, ids, 'beads').of;
    return String(large > 0 ? large : countIn(fitted, ids, 'tubes').of);
  },
  core_beads: (fitted, id) => String(countIn(fitted, id.split('+'), 'core-beads').of),
  edge_pairs: (fitted, id) => String(countIn(fitted, id.split('+'), 'edge-pairs').of),
  hardware: ({ piece }, id) => piece.hardware[id]?.name.toLowerCase() ?? null,
  colour: (fitted, id) => colourOf(fitted, Number(id)),
};

const ofPart = (part: PiecePart | undefined, say: (part: PiecePart) => string): string | null =>
  part ? say(part) : null;
/** Round the inside of a loop, mm. */
export const insideOf = (part: PiecePart): number => part.base.loop || loopInside(contextOf(part));
const sayTimes = (n: number, { times }: MakingWords): string =>
  n === 1 ? times.one : times.many.replace('{n}', String(n));

function figureOf(
  piece: Fitted['piece'],
  name: 'join_tail' | 'sleeve_join' | 'eye_start',
  units: MakingUnits,
): string | null {
  const part = Object.values(piece.parts)[0];
  return part ? sayLength(part.base.figures[name], units) : null;
}

/**
 * A text with its placeholders filled from a seat; `own` are those of its act. One that the piece cannot fill stays in braces: what
 * ships is tested to leave none, and a studio’s own text shows it.
 */
export function fillText(text: string, fitted: Fitted, own: Readonly<Record<string, string>>): string {
  const filled = text.replace(/\{([a-z_]+)(?::([a-z0-9+-]+))?\}/g, (whole, name: string, id: string | undefined) =>
    Object.hasOwn(own, name)
      ? own[name]!
      : Object.hasOwn(PLACEHOLDERS, name)
        ? (PLACEHOLDERS[name]!(fitted, id ?? '') ?? whole)
        : whole,
  );
  return capitals(filled.replace(/ {2,}/g, ' ').trim());
}

/** A name that begins a sentence begins with a capital. */
const capitals = (text: string): string =>
  text.replace(/(^|\. )([a-z])/g, (_, before: string, letter: string) => before + letter.toUpperCase());
