import { Type, type Static } from '@sinclair/typebox';
import { FlatteningSchema, flatteningOf, geometryDoubt, LearnedUseSchema, type Cord } from '../cord';
import { FIGURES, type FigureName, type Figures } from '../studio';

/** A figure's value with what stands behind it: how far it may be off, as a share, and how many records it rests on. */
export const FigureValueSchema = Type.Object(
  {
    value: Type.Number({ minimum: -1_000_000, maximum: 1_000_000 }),
    doubt: Type.Number({ minimum: 0, maximum: 1_000_000 }),
    records: Type.Integer({ minimum: 0, maximum: 10_000_000 }),
  },
  { additionalProperties: false },
);
export type FigureValue = Static<typeof FigureValueSchema>;

/** What of a studio learned figures stand in. */
export interface FiguresAndCords {
  readonly figures: Figures;
  readonly cords: Readonly<Record<string, Cord>>;
}

const SKILLED = /^spread_(new|steady|fluent)$/;

/**
 * What a learned figure is about, by its key; null where there is no such figure.
 *
 * @example
 * aboutOf('use/square-knot/satin-2/new') // { stitch: 'square-knot', cord: 'satin-2', skill: 'new' }
 */
export function aboutOf(
  key: string,
):
  | { readonly name: FigureName }
  | { readonly stitch: string; readonly cord: string; readonly skill: 'new' | 'steady' | 'fluent' }
  | { readonly flat: true; readonly cord: string }
  | null {
  const use = /^use\/([a-z0-9-]+)\/([a-z0-9-]+)\/(new|steady|fluent)$/.exec(key);
  if (use) return { stitch: use[1]!, cord: use[2]!, skill: use[3] as 'new' | 'steady' | 'fluent' };
  const flat = /^flat\/([a-z0-9-]+)$/.exec(key);
  if (flat) return { flat: true, cord: flat[1]! };
  const figure = FIGURES.find(({ name }) => key === `figure/${name}`);
  return figure ? { name: figure.name } : null;
}

/**
 * Between what a figure may lie: those of a cord are its document’s.
 *
 * @throws where there is no such figure
 *
 * @example
 * limitsOf('figure/draw_new') // { min: 1, max: 1.6 }
 */
export function limitsOf(key: string): { readonly min: number; readonly max: number } {
  const about = aboutOf(key);
  if (!about) throw new Error(`no figure ${key}`);
  if (!('name' in about)) {
    const { minimum, maximum } = 'flat' in about ? FlatteningSchema : LearnedUseSchema.properties.factor;
    return { min: minimum!, max: maximum! };
  }
  const { min, max } = FIGURES.find(({ name }) => name === about.name)!;
  return { min, max };
}

/**
 * A figure as it is in force: geometry's 1, with its doubt, where nothing was accepted of a use.
 *
 * @throws where there is no such figure
 *
 * @example
 * inForce('use/square-knot/satin-2/new', { figures, cords: catalogue.cords }).value // 1
 */
export function inForce(key: string, { figures, cords }: FiguresAndCords): FigureValue {
  const about = aboutOf(key);
  if (!about) throw new Error(`no figure ${key}`);
  if ('name' in about) {
    const skill = SKILLED.exec(about.name)?.[1] as 'new' | 'steady' | 'fluent' | undefined;
    return { value: figures[about.name], doubt: 0, records: skill ? figures[`spread_records_${skill}`] : 0 };
  }
  const cord = cords[about.cord];
  if ('flat' in about) return { value: cord ? flatteningOf(cord) : 1, doubt: 0, records: 0 };
  const own = cord?.learned?.find(({ stitch, skill }) => stitch === about.stitch && skill === about.skill);
  return own
    ? { value: own.factor, doubt: own.doubt, records: own.records }
    : { value: 1, doubt: geometryDoubt(figures), records: 0 };
}

/**
 * The same studio with a figure at another value. Of a use or of flattening, the cord's document changes, and the rest of the studio stays as it is; a use of
 * 1 that rests on no records is geometry again.
 *
 * @example
 * inForce('figure/draw_new', putInForce('figure/draw_new', { value: 1.2, doubt: 0, records: 9 }, { figures, cords: {} })).value // 1.2
 */
export function putInForce(key: string, to: FigureValue, now: FiguresAndCords): FiguresAndCords {
  const about = aboutOf(key);
  if (!about) throw new Error(`no figure ${key}`);
  const { min, max } = limitsOf(key);
  const value = Math.min(max, Math.max(min, to.value));
  if ('name' in about) {
    const skill = SKILLED.exec(about.name)?.[1] as 'new' | 'steady' | 'fluent' | undefined;
    return {
      ...now,
      figures: {
        ...now.figures,
        [about.name]: value,
        ...(skill && { [`spread_records_${skill}`]: Math.round(to.records) }),
      },
    };
  }
  const cord = now.cords[about.cord];
  if (!cord) throw new Error(`no cord ${about.cord}`);
  if ('flat' in about) return { ...now, cords: { ...now.cords, [cord.slug]: { ...cord, flattening: value } } };
  const { learned: before = [], ...rest } = cord;
  const others = before.filter(({ stitch, skill }) => stitch !== about.stitch || skill !== about.skill);
  const isGeometry = value === 1 && to.records === 0;
  const { stitch, skill } = about;
  const learned = isGeometry
    ? others
    : [...others, { stitch, skill, factor: value, doubt: to.doubt, records: Math.round(to.records) }];
  return { ...now, cords: { ...now.cords, [cord.slug]: { ...rest, ...(learned.length > 0 && { learned }) } } };
}

/**
 * What the records say, rounded as a figure is kept: to what the interval can tell.
 *
 * @example
 * asValue({ value: 1.07654, doubt: 0.01234, records: 9 }) // { value: 1.077, doubt: 0.0123, records: 9 }
 */
export const asValue = ({
  value,
  doubt,
  records,
  freedom,
}: {
  readonly value: number;
  readonly doubt: number;
  readonly records: number;
  readonly freedom?: number;
}): FigureValue => ({
  value: Number(value.toPrecision(4)),
  doubt: Number(doubt.toPrecision(3)),
  records: Math.round(freedom ?? records),
});
