import { actsOf, isIn, type PieceAct } from '../acts';
import { workedDiameter } from '../cord';
import type { ActText, ProjectAct } from '../project';
import type { SeatPlan } from '../seat';
import { builtTexts } from './built';
import { sayHalfKnot } from './half-knots';
import { countIn } from './counts';
import type { Fitted, Maker, MakingUnits } from './fitted';

export type { Maker };
import { fillText, sayLength, strandsOf } from './placeholders';
import type { Convention, MakingWords } from './words';

/** One action of a seat’s making, with its figures filled in. */
export interface Act {
  /** Its place, from 1, and its name in the project, which stays while others come and go. */
  readonly n: number;
  readonly id: string;
  readonly phase: ProjectAct['phase'];
  readonly text: string;
  readonly right?: string;
  readonly if_not?: ActText['if_not'];
  /** Parts and sections of the piece that it makes. */
  readonly of?: readonly string[];
  /** How many it comes to, in the unit the hands count; `over` is a half knot beyond whole square knots. */
  readonly count?: {
    readonly of: number;
    readonly unit: string;
    readonly over?: number;
    readonly sections: readonly string[];
  };
  /** The half knots it ties, as its convention says them. */
  readonly knots?: ProjectAct['knots'];
  /** What its picture shows, where the making names one. */
  readonly picture?: ProjectAct['picture'];
  readonly shows?: ProjectAct['shows'];
  readonly hold?: string;
  readonly tools?: readonly string[];
  readonly heat?: true;
  readonly glue?: true;
  readonly by: 'participant' | 'helper' | 'instructor';
  readonly checkpoint?: true;
  readonly last_chance?: ProjectAct['last_chance'];
}

/** How a seat’s making is told: in which units, by which convention of the half knot, for which hand. */
export interface Telling {
  readonly units: MakingUnits;
  readonly convention?: Convention;
  readonly left_handed?: boolean;
}

/** Left and right exchanged, for a left hand. */
const mirrored = (text: string): string =>
  text.replace(/\b(left|right)\b/gi, (side) => {
    const other = side.toLowerCase() === 'left' ? 'right' : 'left';
    return side[0] === side[0]!.toUpperCase() ? other[0]!.toUpperCase() + other.slice(1) : other;
  });

const joined = (...parts: readonly (string | undefined)[]): string => parts.filter(Boolean).join(' ');

function actOf(one: PieceAct, own: ActText | undefined, fitted: Fitted, telling: Required<Telling>): Omit<Act, 'n'> {
  const { piece, words } = fitted;
  const { act, heat, glue, tools, of } = one;
  const end = one.end === undefined ? undefined : piece.parts[one.end];
  const how = end && words.ends[end.part.slug];
  const by = one.by === 'anybody' ? (heat && !piece.ownFlame ? 'helper' : 'participant') : one.by;
  const station = heat && one.by !== 'instructor' ? words.heat[piece.ownFlame ? 'adult' : 'child'] : undefined;
  const named: Record<string, string> = {
    ...strandsOf(fitted),
    ...(act.knots && sayHalfKnot(act.knots, telling.convention, words)),
  };
  if (end) {
    const { mm } = end.part.use({ ...end.base, cord: end.cord, d: workedDiameter(end.cord) });
    named.stub = sayLength(mm, fitted.units);
  }
  const say = (text: string): string => {
    // The sentence of a half knot has names of its own to fill.
    const nested = text.replace(/\{(half_knot|go_on)\}/g, (whole, name: string) => named[name] ?? whole);
    const filled = fillText(nested, fitted, named);
    return telling.left_handed ? mirrored(filled) : filled;
  };
  const right = joined(own?.right, how?.right);
  const ifNot = [...(own?.if_not ?? []), ...(how?.if_not ?? [])];
  const sections = act.count?.sections.filter((id) => isIn(piece, id)) ?? [];
  const { of: many, over } = act.count ? countIn(fitted, sections, act.count.unit) : { of: 0, over: 0 };
  return {
    id: act.id,
    phase: act.phase,
    text: say(joined(own?.text, how?.text ?? (end ? end.part.step : undefined), station)),
    ...(right && { right: say(right) }),
    ...(ifNot.length > 0 && { if_not: ifNot.map(({ seen, fix }) => ({ seen: say(seen), fix: say(fix) })) }),
    ...(of.length > 0 && { of }),
    ...(act.count && {
      count: {
        of: many,
        unit: words.units[act.count.unit][many === 1 ? 'one' : 'many'],
        ...(over > 0 && { over }),
        sections,
      },
    }),
    ...(act.knots && { knots: act.knots }),
    ...(one.other === undefined && act.picture && { picture: act.picture }),
    ...(one.other === undefined && act.shows && { shows: act.shows }),
    ...(act.hold !== undefined && { hold: act.hold }),
    ...(tools.length > 0 && { tools }),
    ...(heat && { heat: true as const }),
    ...(glue && { glue: true as const }),
    by,
    ...(act.checkpoint && { checkpoint: true as const }),
    ...(act.last_chance && { last_chance: act.last_chance }),
  };
}

/**
 * How a seat’s piece is made: its acts in order, filled from its plan. A project without a making gets one from its strands and parts.
 * Empty where the seat has no fit yet.
 *
 * @example
 * makingOf(ada, plan, words, { units: 'cm' })[0].phase // 'set-up'
 */
export function makingOf(maker: Maker, plan: SeatPlan, words: MakingWords, telling: Telling): Act[] {
  const { piece, fit } = plan;
  if (!piece || !fit) return [];
  const fitted: Fitted = { maker, piece, fit, units: telling.units, words };
  const texts = piece.project.making?.texts.en ?? builtTexts(piece, words);
  const own = { convention: 'left-right' as const, left_handed: false, ...telling };
  return actsOf(piece).map((one, i) => {
    const { other, act } = one;
    // Another knot in its place is made as that knot is: one act tells it.
    if (other === undefined) return { n: i + 1, ...actOf(one, texts[act.id], fitted, own) };
    const tools = one.tools.filter((tool) => plan.tools.includes(tool));
    return { n: i + 1, ...actOf({ ...one, tools }, { text: piece.parts[other]!.part.step }, fitted, own) };
  });
}
