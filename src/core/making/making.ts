import { workedDiameter } from '../cord';
import { safetyClass } from '../part';
import { type ActText, type Piece, type ProjectAct } from '../project';
import type { SeatPlan } from '../seat';
import { builtMaking } from './built';
import { sayHalfKnot } from './half-knots';
import { countIn } from './counts';
import { isIn, type Fitted, type Maker, type MakingUnits } from './fitted';

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

/** From this age somebody handles a flame themselves, beside the person in charge; younger, an adult does it for them. */
const ADULT_AGE = 18;

/** Everything that an act is of. */
const idsOf = ({ of = [], count, knots, finish }: ProjectAct): string[] => [
  ...new Set([
    ...of,
    ...(count?.sections ?? []),
    ...(knots?.sections ?? []),
    ...(finish === undefined ? [] : [finish]),
  ]),
];

function applies(act: ProjectAct, fitted: Fitted): boolean {
  const { choices, flame } = fitted.piece;
  const { when } = act;
  const ids = idsOf(act);
  return (
    (ids.length === 0 || ids.some((id) => isIn(fitted, id))) &&
    (when?.colours === undefined || when.colours === choices.colours) &&
    (when?.swap === undefined || when.swap === (choices.swap ?? false)) &&
    (when?.beads === undefined || when.beads === (choices.beads !== null)) &&
    (when?.flame === undefined || when.flame === flame)
  );
}

/** Whether a part is the one its project names, or what stands for it without a flame: not another knot that the seat chose. */
function isOwn(id: string, { project, parts }: Piece): boolean {
  const part = parts[id];
  return (
    !part || id !== project.options.stopper || project.parts.some((use) => use.id === id && use.part === part.part.slug)
  );
}

/** Left and right exchanged, for a left hand. */
const mirrored = (text: string): string =>
  text.replace(/\b(left|right)\b/gi, (side) => {
    const other = side.toLowerCase() === 'left' ? 'right' : 'left';
    return side[0] === side[0]!.toUpperCase() ? other[0]!.toUpperCase() + other.slice(1) : other;
  });

const joined = (...parts: readonly (string | undefined)[]): string => parts.filter(Boolean).join(' ');

function actOf(act: ProjectAct, own: ActText | undefined, fitted: Fitted, telling: Required<Telling>): Omit<Act, 'n'> {
  const { piece, words, maker } = fitted;
  const end = act.finish === undefined ? undefined : piece.parts[act.finish];
  const how = end && words.ends[end.part.slug];
  const byEnd = end && safetyClass(end.part);
  const heat = act.heat ?? (byEnd === 'heat' ? true : undefined);
  const glue = act.glue ?? (end?.part.tools.includes('glue') ? true : undefined);
  const isAdult = maker.age !== null && maker.age >= ADULT_AGE;
  const by = act.by ?? (heat && !isAdult ? 'helper' : 'participant');
  const station = heat && act.by !== 'instructor' ? words.heat[isAdult ? 'adult' : 'child'] : undefined;
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
  const tools = [...new Set([...(act.tools ?? []), ...(end?.part.tools ?? [])])];
  const of = idsOf(act).filter((id) => isIn(fitted, id));
  const sections = act.count?.sections.filter((id) => isIn(fitted, id)) ?? [];
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
    ...(act.hold !== undefined && { hold: act.hold }),
    ...(tools.length > 0 && { tools }),
    ...(heat && { heat }),
    ...(glue && { glue }),
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
  const { acts, texts } = piece.project.making ?? builtMaking(plan, words);
  const own = { convention: 'left-right' as const, left_handed: false, ...telling };
  const chosen = new Set<string>();
  return acts
    .filter((act) => applies(act, fitted))
    .flatMap((act) => {
      // Another knot in its place is made as that knot is: one act tells it.
      const [id, ...more] = act.of ?? [];
      if (id === undefined || more.length > 0 || act.phase !== 'close' || isOwn(id, piece))
        return [{ act, text: texts.en[act.id] }];
      if (chosen.has(id)) return [];
      chosen.add(id);
      const { step, tools } = piece.parts[id]!.part;
      return [
        {
          act: { ...act, tools: [...(act.tools ?? []).filter((tool) => plan.tools.includes(tool)), ...tools] },
          text: { text: step },
        },
      ];
    })
    .map(({ act, text }, i) => ({ n: i + 1, ...actOf(act, text, fitted, own) }));
}
