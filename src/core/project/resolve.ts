import { workedDiameter, type Cord } from '../cord';
import { PARTS, type Hardware, type Part, type PartContext } from '../part';
import { checkWearer, needsBreakaway, ruleFinish } from '../safety';
import { measureStitch, STITCHES, type Around, type Stitch, type StitchMeasure } from '../stitch';
import type { Avoid, Figures, Loop, Message } from '../studio';
import { entry, type Catalogue } from './catalogue';
import type { CordChoice, Options } from './options';
import type { Project } from './project';

/** What a seat asks for: the project with its choices, and what of the wearer bears on them. Lengths in mm. */
export interface PieceRequest {
  readonly project: string;
  readonly options: Options;
  readonly cords: Readonly<Record<string, CordChoice>>;
  readonly age: number | null;
  readonly avoid: readonly Avoid[];
  /** Closed hand, measured or derived. */
  readonly hand: number;
}

/** One cord of the piece, chosen. */
export interface PieceCord {
  readonly use: Project['cords'][number];
  readonly cord: Cord;
  readonly colours: readonly string[];
}

/** A project with every choice made, ready to be fitted and cut. Lengths in mm. */
export interface Piece {
  readonly project: Project;
  readonly cords: readonly PieceCord[];
  readonly stitch: Stitch;
  readonly around: Around;
  readonly measure: StitchMeasure;
  /** Worked diameter of the working cord. */
  readonly d: number;
  readonly halfPitch: number;
  readonly usePerHalfKnot: Readonly<Record<string, number>>;
  readonly width: number;
  readonly thickness: number;
  /** Closed length of the fastening, bar to bar, and band length its parts take up beside the stitches. */
  readonly closed: number;
  readonly along: number;
  readonly loop: Loop | null;
  readonly flame: boolean;
  readonly hardware: readonly Hardware[];
  readonly parts: Readonly<Record<string, { readonly part: Part; readonly context: PartContext }>>;
  readonly join: { readonly part: Part; readonly context: PartContext } | null;
  readonly messages: readonly Message[];
}

/** The cord for a role: the seat's choice, or its choice for another role where the piece has just one cord, or the project's own. */
function chooseCord(
  use: Project['cords'][number],
  project: Project,
  request: PieceRequest,
  catalogue: Catalogue,
): PieceCord {
  const only = project.cords.length === 1 ? (request.cords.working ?? request.cords.core) : undefined;
  const choice = request.cords[use.role] ?? only;
  const cord = entry(catalogue.cords, choice?.cord ?? use.default);
  const wanted = request.options.colours ?? Math.max(1, choice?.colours?.length ?? 1);
  const count = Math.min(wanted, project.colours);
  const chosen = choice?.colours ?? [];
  const colours = Array.from({ length: count }, (_, i) => chosen[i] ?? cord.colours[i % cord.colours.length]!.slug);
  return { use, cord, colours };
}

/** The hardware of the piece: the seat's choice where it is of the right kind, else the project's own. */
function chooseHardware(
  project: Project,
  request: PieceRequest,
  catalogue: Catalogue,
): { byId: Record<string, Hardware>; messages: Message[] } {
  const messages: Message[] = [];
  const byId: Record<string, Hardware> = {};
  for (const need of project.hardware) {
    const wanted = request.options.hardware ? entry(catalogue.hardware, request.options.hardware) : undefined;
    const fits = wanted && need.kinds.includes(wanted.kind);
    if (wanted && !fits) {
      const text = `${wanted.name} does not belong on a ${project.name.toLowerCase()}; it takes a ${need.kinds.join(' or ').replace('-', ' ')}.`;
      messages.push({ level: 'error', code: 'hardware-kind', text });
    }
    byId[need.id] = fits ? wanted : entry(catalogue.hardware, need.default);
  }
  return { byId, messages };
}

/** The inside of a carry loop, all the way round, mm. */
function loopLength(loop: Loop | null, hand: number, figures: Figures): number {
  if (loop === null) return 0;
  return { finger: figures.loop_finger, wrist: hand + figures.hand_slack, neck: figures.loop_neck }[loop];
}

/** How many of the piece's legs run through the section as core, and how many work it. */
function countStrands(project: Project, section: string): { core: number; working: number } {
  const steps = project.cords.flatMap((cord) => cord.legs.flatMap((leg) => leg.route));
  return {
    core: steps.filter((step) => 'core' in step && step.core === section).length,
    working: steps.filter((step) => 'work' in step && step.work === section).length,
  };
}

/** The cord whose legs do this in the section; projects are checked to have one. */
function cordThat(does: 'core' | 'work', section: string, cords: readonly PieceCord[]): Cord {
  const found = cords.find(({ use }) =>
    use.legs.some((leg) =>
      leg.route.some((step) => does in step && (step as Record<string, string>)[does] === section),
    ),
  );
  if (!found) throw new Error(`No strand does ${does} in ${section}`);
  return found.cord;
}

/**
 * Makes every choice of a piece: cords, hardware, loop, finish, and the parts and stitch that follow from them.
 *
 * @throws when a slug is not in the catalogue; documents are checked for that where they come in
 */
export function resolvePiece(request: PieceRequest, catalogue: Catalogue, figures: Figures): Piece {
  const project = entry(catalogue.projects, request.project);
  const section = project.sections[0]!;
  const cords = project.cords.map((use) => chooseCord(use, project, request, catalogue));
  const hardware = chooseHardware(project, request, catalogue);
  const loop = project.loop ? (request.options.loop ?? 'finger') : null;
  const finish = ruleFinish(
    request.options.flame,
    cords.map((c) => c.cord),
    request.age,
    figures,
  );

  const stitch = entry(STITCHES, section.stitch);
  const working = cordThat('work', section.id, cords);
  const core = cordThat('core', section.id, cords);
  const d = workedDiameter(working);
  const strands = countStrands(project, section.id);
  const around = { strands: strands.core, diameter: workedDiameter(core) / d };
  const measure = measureStitch(stitch, around);
  const halfPitch = (measure.pitch / measure.halfKnots) * d;

  const context = (on: string | undefined, side: number | undefined): PartContext => ({
    cord: working,
    d,
    strands: side ?? strands.core + strands.working,
    halfPitch,
    hardware: on ? (hardware.byId[on] ?? null) : null,
    loop: loopLength(loop, request.hand, figures),
    figures,
  });
  const choosePart = (slug: string, withoutFlame: string | undefined): Part =>
    entry(PARTS, !finish.flame && withoutFlame ? withoutFlame : slug);
  const parts = Object.fromEntries(
    project.parts.map((use) => [
      use.id,
      { part: choosePart(use.part, use.without_flame), context: context(use.on, use.strands) },
    ]),
  );
  const joined = cords.find((c) => c.use.join && c.colours.length > 1)?.use.join;

  const fittings = Object.values(hardware.byId);
  if (needsBreakaway(loop, request.age, figures)) {
    fittings.push(
      ...Object.values(catalogue.hardware)
        .filter((h) => h.kind === 'breakaway')
        .slice(0, 1),
    );
  }
  const messages: Message[] = [
    ...hardware.messages,
    ...offered(project, request.options, figures, loop, request.age),
    ...finish.messages,
    ...checkWearer(request, { cords: cords.map((c) => c.cord), hardware: fittings, loop }, figures),
    ...Object.values(parts).flatMap(({ part, context: c }) => part.check(c, Object.values(catalogue.hardware))),
    ...checkStiffness(cords),
  ];
  return {
    project,
    cords,
    stitch,
    around,
    measure,
    d,
    halfPitch,
    usePerHalfKnot: Object.fromEntries(
      Object.entries(measure.use).map(([strand, use]) => [strand, (use / measure.halfKnots) * d]),
    ),
    width: measure.width * d,
    thickness: measure.thickness * d,
    closed: project.hardware.filter((h) => h.closes).reduce((sum, h) => sum + hardware.byId[h.id]!.closed_mm, 0),
    along: Object.values(parts).reduce((sum, { part, context: c }) => sum + part.along(c), 0),
    loop,
    flame: finish.flame,
    hardware: fittings,
    parts,
    join: joined
      ? { part: choosePart(joined.part, joined.without_flame), context: context(undefined, undefined) }
      : null,
    messages: unique(messages),
  };
}

/** Options the project does not offer, and what its loop needs. */
function offered(
  project: Project,
  options: Options,
  figures: Figures,
  loop: Loop | null,
  age: number | null,
): Message[] {
  const messages: Message[] = [];
  if (options.loop && !project.loop) {
    messages.push({
      level: 'warning',
      code: 'no-loop',
      text: `A ${project.name.toLowerCase()} has no carry loop; the choice of a ${options.loop} loop has no effect.`,
    });
  }
  if ((options.colours ?? 1) > project.colours) {
    messages.push({
      level: 'warning',
      code: 'too-many-colours',
      text: `A ${project.name.toLowerCase()} is made in ${project.colours === 1 ? 'one colour' : `at most ${project.colours} colours`}.`,
    });
  }
  if (needsBreakaway(loop, age, figures)) {
    const who = age === null ? 'Age not given' : `${age} years old`;
    messages.push({
      level: 'warning',
      code: 'breakaway',
      text: `${who}: a neck loop below ${figures.neck_age} needs a breakaway connector. One is added to the kit.`,
    });
  }
  return messages;
}

/** Stiff cord does not draw up into a knot that turns so tightly. */
function checkStiffness(cords: readonly PieceCord[]): Message[] {
  return cords
    .filter(({ cord }) => cord.stiffness === 'stiff')
    .map(({ cord }) => ({
      level: 'warning',
      code: 'stiff-cord',
      text: `${cord.name} is stiff: square knots in it stay open and the band comes out longer than reckoned. A cord of medium stiffness would do.`,
    }));
}

/** The same clash found at two parts is said once. */
const unique = (messages: readonly Message[]): Message[] => [
  ...new Map(messages.map((m) => [m.code + m.text, m])).values(),
];
