import { Type, type Static } from '@sinclair/typebox';
import { SlugSchema } from '../studio';
import { idIn } from './leg-step';
import type { LegStep, Project, ProjectSection } from './project';

/** In which order the kinds of a bead sequence lie: each by turns, mirrored about the middle, or as the maker likes. */
export const SEQUENCE_ORDERS = ['repeat', 'mirror', 'free'] as const;

/** The beads of a piece, where they are of several kinds: hardware slugs. */
export const SequenceSchema = Type.Object(
  {
    kinds: Type.Array(SlugSchema, { minItems: 1, maxItems: 6, description: 'in their order from the band’s start' }),
    order: Type.Unsafe<(typeof SEQUENCE_ORDERS)[number]>({ type: 'string', enum: [...SEQUENCE_ORDERS] }),
    ends: Type.Optional(
      Type.String({ ...SlugSchema, description: 'the first and the last bead, where they are another' }),
    ),
  },
  { additionalProperties: false },
);
export type Sequence = Static<typeof SequenceSchema>;

type Offer = NonNullable<Project['options']['sequence']>;

const strings = ({ beads }: ProjectSection, bead: string): boolean => beads?.includes(bead) ?? false;

/** The section that fills the band with the beads of a sequence, where one does. */
const filled = ({ sections }: Project, { section }: Offer): ProjectSection | undefined =>
  sections.find(({ id, count }) => id === section && count === 'fill');

/**
 * In how many ways a sequence can end before its next whole repeat: so many beads more than whole repeats, from 0. 1 where the number
 * of beads is fixed, or where there is no sequence.
 *
 * @example
 * restsOf(catalogue.projects['ladder-wrap'], { kinds: ['bead-4', 'bead-6', 'bead-8'], order: 'repeat' }) // 3
 */
export function restsOf(project: Project, sequence: Sequence | undefined): number {
  const offer = project.options.sequence;
  if (!sequence || !offer || !filled(project, offer)) return 1;
  return sequence.kinds.length * (sequence.order === 'mirror' ? 2 : 1);
}

/** The beads of so many: index of the kind of each, in order. A kind of the ends stands after all others. */
function kindsOf(many: number, { kinds, order, ends }: Sequence): number[] {
  const inner = ends === undefined ? many : Math.max(0, many - 2);
  const own = Array.from(
    { length: inner },
    (_, i) => (order === 'mirror' ? Math.min(i, inner - 1 - i) : i) % kinds.length,
  );
  if (ends === undefined) return own;
  return [kinds.length, ...own, kinds.length].slice(0, many);
}

/** A leg's steps with some of its sections replaced by others, in the direction in which the leg runs along the band. */
function rerouted(
  route: readonly LegStep[],
  layout: readonly string[],
  by: ReadonlyMap<string, readonly string[]>,
): LegStep[] {
  const placeOf = (step: LegStep): number =>
    layout.indexOf(idIn(step, 'work') ?? idIn(step, 'core') ?? idIn(step, 'part') ?? '');
  return route.flatMap((step, i) => {
    const id = idIn(step, 'work') ?? idIn(step, 'core');
    const ids = id === undefined ? undefined : by.get(id);
    if (!ids) return [step];
    const other = route.findIndex((own, j) => j !== i && placeOf(own) >= 0);
    const back = other >= 0 && other < i !== placeOf(route[other]!) < placeOf(step);
    return (back ? [...ids].reverse() : ids).map((own): LegStep =>
      'work' in step ? { ...step, work: own } : { core: own },
    );
  });
}

/**
 * A project with the bead sequence that a seat chose: its sections string the kinds in order, and each kind is hardware of its own, so
 * that fit, cuts, kit, drawing and checks of holes know them. A section that fills the band becomes whole repeats and `rest` beads more;
 * a counted row, each of its beads. The project itself where there is no sequence or it offers none.
 */
export function arranged(project: Project, sequence: Sequence | undefined, rest: number): Project {
  const offer = project.options.sequence;
  if (!sequence || !offer) return project;
  const idOf = (kind: number): string =>
    kind === 0 ? offer.bead : kind === sequence.kinds.length ? `${offer.bead}-ends` : `${offer.bead}-${kind + 1}`;
  const need = project.hardware.find(({ id }) => id === offer.bead)!;
  const slugs = sequence.ends === undefined ? sequence.kinds : [...sequence.kinds, sequence.ends];
  const hardware = [
    ...slugs.map((slug, kind) => ({ ...need, id: idOf(kind), default: slug })),
    ...project.hardware.filter((own) => own !== need),
  ];
  /** A section of these beads, one after the other. */
  const strung = (section: ProjectSection, kinds: readonly number[]): ProjectSection => ({
    ...section,
    runs: kinds.flatMap((kind) =>
      section.runs.map((run) => ((run.bead ?? offer.bead) === offer.bead ? { ...run, bead: idOf(kind) } : run)),
    ),
    beads: [...new Set([...kinds.map(idOf), ...section.beads!.filter((bead) => bead !== offer.bead)])],
  });
  const all = sequence.kinds.map((_, kind) => kind);
  const replaced = new Map<string, readonly ProjectSection[]>();
  const fill = filled(project, offer);
  if (fill) {
    const once = (name: string, kinds: readonly number[]): ProjectSection[] =>
      kinds.length === 0 ? [] : [{ ...strung(fill, kinds), id: `${fill.id}-strung-${name}`, count: 1 }];
    const ends = sequence.ends === undefined ? [] : [sequence.kinds.length];
    const half = all.slice(0, Math.floor(rest / 2));
    const middle = [...half, ...(rest % 2 === 1 ? [half.length % all.length] : []), ...half.toReversed()];
    replaced.set(fill.id, [
      ...once('first', ends),
      strung(fill, all),
      ...(sequence.order === 'mirror'
        ? [...once('middle', middle), { ...strung(fill, all.toReversed()), id: `${fill.id}-strung-back` }]
        : once('rest', all.slice(0, rest))),
      ...once('last', ends),
    ]);
  } else {
    const counted = project.layout.flatMap((id) => {
      const own = project.sections.find((section) => section.id === id);
      return own && strings(own, offer.bead) && typeof own.count === 'number' ? [{ own, many: own.count }] : [];
    });
    const kinds = kindsOf(
      counted.reduce((sum, { many }) => sum + many, 0),
      sequence,
    );
    let from = 0;
    for (const { own, many } of counted) {
      replaced.set(own.id, [{ ...strung(own, kinds.slice(from, from + many)), count: 1 }]);
      from += many;
    }
  }
  const ids = new Map([...replaced].map(([id, sections]) => [id, sections.map((own) => own.id)]));
  const swap = (own: readonly string[]): string[] => own.flatMap((id) => ids.get(id) ?? [id]);
  return {
    ...project,
    hardware,
    sections: project.sections.flatMap((section) => replaced.get(section.id) ?? [section]),
    layout: swap(project.layout),
    cords: project.cords.map((cord) => ({
      ...cord,
      legs: cord.legs.map((leg) => ({ ...leg, route: rerouted(leg.route, project.layout, ids) })),
    })),
  };
}
