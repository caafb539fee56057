import { workedDiameter, type Cord } from '../cord';
import { checkHole, PARTS, resized, sizeOf, type Hardware, type Part, type PartContext } from '../part';
import { checkWearer, needsBreakaway, ruleFinish } from '../safety';
import type { Avoid, Figures, Message } from '../studio';
import { entry, type Catalogue } from './catalogue';
import { notOffered, present, settle, type Choices } from './choices';
import type { CordChoice, Options } from './options';
import type { Project, ProjectCord, ProjectPart } from './project';
import { measureSection, type PieceSection } from './sections';

/** What a seat asks for: the project with its choices, and what of the wearer bears on them. Lengths in mm. */
export interface PieceRequest {
  readonly project: string;
  readonly options: Options;
  readonly cords: Readonly<Record<string, CordChoice>>;
  readonly age: number | null;
  readonly avoid: readonly Avoid[];
  /** Inner circumference when worn. */
  readonly inner: number;
  /** Closed hand, measured or derived. */
  readonly hand: number;
}

/** One cord of the piece, chosen. */
export interface PieceCord {
  readonly use: ProjectCord;
  readonly cord: Cord;
  readonly colour: string;
}

/** A part in its place; the leg's own cord completes the context. */
export interface PiecePart {
  readonly id: string;
  readonly part: Part;
  readonly base: Omit<PartContext, 'cord' | 'd'>;
  /** The cord of the first leg that makes it. */
  readonly cord: Cord;
  readonly along: number;
}

/** A project with every choice made, ready to be fitted and cut. Lengths in mm. */
export interface Piece {
  readonly project: Project;
  readonly choices: Choices;
  readonly cords: readonly PieceCord[];
  readonly sections: Readonly<Record<string, PieceSection>>;
  readonly parts: Readonly<Record<string, PiecePart>>;
  /** The band in order: sections and parts that make up its length. */
  readonly layout: readonly (PieceSection | PiecePart)[];
  readonly width: number;
  readonly thickness: number;
  readonly flame: boolean;
  readonly hardware: Readonly<Record<string, Hardware>>;
  /** Hardware beside the project's own, for safety. */
  readonly added: readonly Hardware[];
  readonly messages: readonly Message[];
}

export const isSection = (item: PieceSection | PiecePart): item is PieceSection => 'runs' in item;

/** What a part is made in, for a leg of this cord; `inner` where the fitted ring is known. */
export const inCord = (base: PiecePart['base'], cord: Cord, inner = base.inner): PartContext => ({
  // Field by field: a spread here is the slowest line of sizing a room.
  strands: base.strands,
  times: base.times,
  halfPitch: base.halfPitch,
  hardware: base.hardware,
  loop: base.loop,
  mate: base.mate,
  inner,
  hand: base.hand,
  slider: base.slider,
  figures: base.figures,
  cord,
  d: workedDiameter(cord),
});

/** Other roles whose choice stands for one that was not made. */
const STAND_INS: Readonly<Record<string, readonly string[]>> = {
  core: ['whole', 'working'],
  working: ['whole', 'core'],
  whole: ['working', 'core'],
  slider: ['working', 'whole', 'core'],
  thread: [],
};

/** The choice for a role: the seat's, or its choice for a role that does the same work in other pieces. */
function choiceFor(project: Project, role: string, request: PieceRequest): CordChoice | undefined {
  const own = request.cords[role];
  if (own) return own;
  const roles = new Set<string>(project.cords.map((cord) => cord.role));
  // A role that the piece has itself keeps its own cord, but for the slider, which is the band's cord unless said otherwise.
  const standIn = STAND_INS[role]!.find((other) => request.cords[other] && (role === 'slider' || !roles.has(other)));
  return standIn === undefined ? undefined : request.cords[standIn];
}

/** Cords of the piece under its choices, each with its colour. */
function chooseCords(project: Project, choices: Choices, request: PieceRequest, catalogue: Catalogue): PieceCord[] {
  return project.cords
    .filter((use) => present(use.when, choices))
    .map((use) => {
      const choice = choiceFor(project, use.role, request);
      const cord = entry(catalogue.cords, choice?.cord ?? use.default);
      // In one colour every cord takes the first.
      const index = use.colour % choices.colours;
      const colour =
        choice?.colours?.[index] ?? choice?.colours?.[0] ?? cord.colours[index % cord.colours.length]!.slug;
      return { use, cord, colour };
    });
}

/** What the catalogue has of a size, of the same kind if it can be. */
const inSize = (mm: number, like: Hardware, kinds: readonly string[], shelf: readonly Hardware[]) =>
  [like.kind, ...kinds].flatMap((kind) => shelf.find((h) => h.kind === kind && sizeOf(h) === mm) ?? [])[0];

/** The hardware of the piece: the seat's choice where it is of the right kind, else the project's own; sized as chosen. */
function chooseHardware(
  project: Project,
  request: PieceRequest,
  catalogue: Catalogue,
): { byId: Record<string, Hardware>; messages: Message[] } {
  const { options } = request;
  const wanted = options.hardware ? entry(catalogue.hardware, options.hardware) : undefined;
  const taker = wanted && project.hardware.find((need) => need.kinds.includes(wanted.kind));
  const messages: Message[] = [];
  if (wanted && !taker) {
    const kinds = project.hardware.flatMap((need) => need.kinds).map((kind) => kind.replace('-', ' '));
    const takes = kinds.length > 0 ? `it takes a ${kinds.join(' or ')}` : 'it takes none';
    const text = `${wanted.name} does not belong on a ${project.name.toLowerCase()}; ${takes}.`;
    messages.push({ level: 'error', code: 'hardware-kind', text });
  }
  const byId: Record<string, Hardware> = {};
  for (const need of project.hardware) {
    const chosen = need === taker ? wanted! : entry(catalogue.hardware, need.default);
    const mm =
      need.id === project.options.bead
        ? options.bead_mm
        : need.id === project.options.button
          ? options.button_mm
          : undefined;
    byId[need.id] = chosen;
    if (mm === undefined || sizeOf(chosen) === mm) continue;
    const own = inSize(mm, chosen, need.kinds, Object.values(catalogue.hardware));
    byId[need.id] = own ?? resized(chosen, mm);
    if (own) continue;
    const text = `There is no ${chosen.kind.replace('-', ' ')} of ${mm} mm in the catalogue: it is reckoned in proportion to ${chosen.name}, with the same hole, and counted as that in the bag and on the shelf.`;
    messages.push({ level: 'warning', code: 'size-not-known', text });
  }
  return { byId, messages };
}

/** The cord of the first leg that makes a part. */
function makerOf(part: string, cords: readonly PieceCord[]): Cord | undefined {
  return cords.find(({ use }) => use.legs.some((leg) => leg.route.some((step) => 'part' in step && step.part === part)))
    ?.cord;
}

/** What of a piece follows from its choices alone, whoever wears it. */
interface Made {
  readonly choices: Choices;
  readonly cords: readonly PieceCord[];
  readonly hardware: ReturnType<typeof chooseHardware>;
  readonly sections: Readonly<Record<string, PieceSection>>;
  /** What clashes in it, and options it does not offer. */
  readonly messages: readonly Message[];
}

function make(project: Project, request: PieceRequest, catalogue: Catalogue, figures: Figures): Made {
  const chosen = Math.max(0, ...Object.values(request.cords).map((choice) => choice.colours?.length ?? 0));
  const choices = settle(project, request.options, chosen);
  const cords = chooseCords(project, choices, request, catalogue);
  const hardware = chooseHardware(project, request, catalogue);
  const sections: Record<string, PieceSection> = {};
  for (const section of project.sections.filter((s) => present(s.when, choices))) {
    const counted =
      section.id === project.options.beads && choices.beads !== null ? { ...section, count: choices.beads } : section;
    const measured = measureSection(counted, cords, hardware.byId, figures);
    if (measured) sections[section.id] = measured;
  }
  const messages = [
    ...hardware.messages,
    ...notOffered(project, request.options, figures),
    ...checkBeadHoles(sections, cords, Object.values(catalogue.hardware)),
    ...checkStiffness(sections, cords),
  ];
  return { choices, cords, hardware, sections, messages };
}

const made = new WeakMap<Catalogue, WeakMap<Figures, WeakMap<Project, Map<string, Made>>>>();

const inside = <K extends WeakKey, V>(map: WeakMap<K, V>, key: K, empty: () => V): V => {
  const found = map.get(key) ?? empty();
  map.set(key, found);
  return found;
};

/**
 * The same, remembered: a room of many seats makes few different pieces. By the document itself, never by its name: two revisions
 * of a project are two pieces. Forgotten with the catalogue, the figures or the document.
 */
function makeOnce(project: Project, request: PieceRequest, catalogue: Catalogue, figures: Figures): Made {
  const byFigures = inside(made, catalogue, () => new WeakMap<Figures, WeakMap<Project, Map<string, Made>>>());
  const byProject = inside(byFigures, figures, () => new WeakMap<Project, Map<string, Made>>());
  const known = inside(byProject, project, () => new Map<string, Made>());
  const key = `${JSON.stringify(request.options)}|${JSON.stringify(request.cords)}`;
  const found = known.get(key) ?? make(project, request, catalogue, figures);
  known.set(key, found);
  return found;
}

/**
 * Makes every choice of a piece: cords, hardware, loop, finish, and the sections and parts that follow from them.
 *
 * @throws when a slug is not in the catalogue, or a project names something it has not; documents are checked for that where
 * they come in
 */
export function resolvePiece(request: PieceRequest, catalogue: Catalogue, figures: Figures): Piece {
  const project = entry(catalogue.projects, request.project);
  const { choices, cords, hardware, sections, messages: own } = makeOnce(project, request, catalogue, figures);
  const shelf = Object.values(catalogue.hardware);

  const uses = project.parts.filter((use) => present(use.when, choices));
  const wantsHeat = uses.some((use) => entry(PARTS, use.part).withoutHeat !== undefined);
  const finish = ruleFinish(
    wantsHeat ? request.options.flame : undefined,
    cords.map((c) => c.cord),
    request.age,
    figures,
  );
  const flame = wantsHeat && finish.flame;
  const pick = (slug: string): Part => {
    const part = entry(PARTS, slug);
    return !flame && part.withoutHeat ? entry(PARTS, part.withoutHeat) : part;
  };
  const loop = { finger: figures.loop_finger, wrist: request.hand + figures.hand_slack, neck: figures.loop_neck };
  const knotted = Object.values(sections).find((section) => section.halfKnots > 0);
  const baseOf = (use: ProjectPart, mate: number): PiecePart['base'] => {
    const slider = use.slider ? sections[use.slider] : undefined;
    const anyCord = makerOf(use.id, cords) ?? cords[0]!.cord;
    return {
      strands: use.strands ?? 1,
      times: use.times ?? 1,
      halfPitch: knotted ? knotted.unit / knotted.halfKnots : 2 * workedDiameter(anyCord),
      hardware: use.on ? (hardware.byId[use.on] ?? null) : null,
      loop: choices.loop ? loop[choices.loop] : 0,
      mate,
      inner: request.inner,
      hand: request.hand + figures.hand_slack,
      slider: slider && slider.count !== 'fill' ? slider.count * slider.unit : 0,
      figures,
    };
  };
  const girthOf = (id: string | undefined): number => {
    const use = uses.find((u) => u.id === id);
    if (!use) return 0;
    const part = pick(use.part);
    return part.girth?.(inCord(baseOf(use, 0), makerOf(use.id, cords) ?? cords[0]!.cord)) ?? 0;
  };
  const parts: Record<string, PiecePart> = {};
  for (const use of uses) {
    const cord = makerOf(use.id, cords);
    if (!cord) continue;
    const part = pick(use.part);
    const base = baseOf(use, girthOf(use.mate));
    parts[use.id] = { id: use.id, part, base, cord, along: part.along(inCord(base, cord)) };
  }

  const added = needsBreakaway(choices.loop, request.age, figures)
    ? shelf.filter((h) => h.kind === 'breakaway').slice(0, 1)
    : [];
  const layout = project.layout.flatMap((id) => sections[id] ?? parts[id] ?? []);
  const band = layout.filter(isSection);
  const messages: Message[] = [
    ...own,
    ...breakaway(added.length > 0, request.age, figures),
    ...(wantsHeat || request.options.flame ? finish.messages : []),
    ...checkWearer(
      request,
      { cords: cords.map((c) => c.cord), hardware: [...Object.values(hardware.byId), ...added], loop: choices.loop },
      figures,
    ),
    ...Object.values(parts).flatMap(({ part, base, cord }) => part.check(inCord(base, cord), shelf)),
  ];
  return {
    project,
    choices,
    cords,
    sections,
    parts,
    layout,
    width: Math.max(...band.map((section) => section.width)),
    thickness: Math.max(...band.map((section) => section.thickness)),
    flame,
    hardware: hardware.byId,
    added,
    messages: unique(messages),
  };
}

function breakaway(needed: boolean, age: number | null, figures: Figures): Message[] {
  if (!needed) return [];
  const who = age === null ? 'Age not given' : `${age} years old`;
  const text = `${who}: a neck loop below ${figures.neck_age} needs a breakaway connector. One is added to the kit.`;
  return [{ level: 'warning', code: 'breakaway', text }];
}

/** The cord of the first leg that works a section, or runs through it as core. */
function cordIn(section: string, does: 'work' | 'core', cords: readonly PieceCord[]): Cord | undefined {
  return cords.find(({ use }) =>
    use.legs.some((leg) => leg.route.some((step) => (step as Record<string, string>)[does] === section)),
  )?.cord;
}

/** Strands that run through each bead of a section, against its hole. */
function checkBeadHoles(
  sections: Readonly<Record<string, PieceSection>>,
  cords: readonly PieceCord[],
  shelf: readonly Hardware[],
): Message[] {
  return Object.values(sections).flatMap((section) =>
    section.runs.flatMap(({ stitch: { through }, around }) => {
      const cord = cordIn(section.id, through === 'core' ? 'core' : 'work', cords);
      if (through === undefined || !cord) return [];
      const strands = through === 'core' ? around.strands : through;
      return section.beads.flatMap((hardware) =>
        checkHole({ hardware, strands, d: workedDiameter(cord), cord }, shelf),
      );
    }),
  );
}

/** Stiff cord does not draw up into a knot that turns so tightly. */
function checkStiffness(sections: Readonly<Record<string, PieceSection>>, cords: readonly PieceCord[]): Message[] {
  return cords
    .filter(({ cord }) => cord.stiffness === 'stiff')
    .filter(({ use }) =>
      use.legs.some((leg) => leg.route.some((step) => 'work' in step && (sections[step.work]?.halfKnots ?? 0) > 0)),
    )
    .map(({ cord }) => ({
      level: 'warning',
      code: 'stiff-cord',
      text: `${cord.name} is stiff: square knots in it stay open and the band comes out longer than reckoned. A cord of medium stiffness would do.`,
    }));
}

/** The same clash found at two parts is said once. */
const unique = (messages: readonly Message[]): readonly Message[] =>
  messages.length < 2 ? messages : [...new Map(messages.map((m) => [m.code + m.text, m])).values()];
