import { workedDiameter, type Cord } from '../../cord';
import { PARTS, type Part } from '../../part';
import { checkWearer, needsBreakaway, ruleFinish } from '../../safety';
import { origin, type Figures, type Message } from '../../studio';
import { entry, type Catalogue } from '../catalogue';
import { present } from '../choices';
import { checkBuckleWidth, checkSharedHoles } from './check-piece';
import { makeOnce } from './make';
import {
  inCord,
  isSection,
  type Piece,
  type PieceClosure,
  type PiecePart,
  type PieceRequest,
  type PieceSection,
} from './piece';
import type { Project, ProjectPart } from '../project';

/**
 * Makes every choice of a piece: cords, hardware, loop, finish, and the sections and parts that follow from them.
 *
 * @throws when a slug is not in the catalogue, or a project names something it has not; documents are checked for that where
 * they come in
 *
 * @example
 * resolvePiece(pieceRequest(ada, figures), catalogue, figures).project.slug // 'band-buckle'
 */
export function resolvePiece(request: PieceRequest, catalogue: Catalogue, figures: Figures): Piece {
  const made = makeOnce(entry(catalogue.projects, request.project), request, catalogue, figures);
  const { project, choices, cords, makers, hardware, sections, messages: own } = made;
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
  // The knot a seat may choose is that knot wherever it is tied.
  const partOf = (use: ProjectPart): Part => {
    const part = pick((use.id === project.options.stopper ? request.options.stopper : undefined) ?? use.part);
    const isSoft = makers.get(use.id)?.stiffness === 'soft';
    return isSoft && part.inSoft !== undefined ? entry(PARTS, part.inSoft) : part;
  };
  const timesOf = (use: ProjectPart, cord: Cord): number =>
    (use.id === project.options.turns ? request.options.turns : undefined) ??
    use.times ??
    partOf(use).turns?.(cord) ??
    1;
  const loop = { finger: figures.loop_finger, wrist: request.hand + figures.hand_slack, neck: figures.loop_neck };
  const knotted = Object.values(sections).find((section) => section.halfKnots > 0);
  const baseOf = (use: ProjectPart, mate: number, slider = 0): PiecePart['base'] => {
    const anyCord = makers.get(use.id) ?? cords[0]!.cord;
    const other = use.round && cords.find((own) => own.use.role === use.round);
    return {
      round: other ? workedDiameter(other.cord) : 0,
      strands: use.strands ?? 1,
      times: timesOf(use, anyCord),
      halfPitch: knotted ? knotted.unit / knotted.halfKnots : 2 * workedDiameter(anyCord),
      hardware: use.on ? (hardware.byId[use.on] ?? null) : null,
      loop: choices.loop ? loop[choices.loop] : 0,
      mate,
      inner: request.inner,
      hand: request.hand + figures.hand_slack,
      slider,
      tied: (use.id === project.options.stopper ? request.options.tied : undefined) ?? use.tied ?? 'all',
      stands: false,
      figures,
    };
  };
  const girthOf = (id: string | undefined): number => {
    const use = uses.find((u) => u.id === id);
    if (!use) return 0;
    const part = partOf(use);
    return part.girth?.(inCord(baseOf(use, 0), makers.get(use.id) ?? cords[0]!.cord)) ?? 0;
  };
  const parts: Record<string, PiecePart> = {};
  const put = (use: ProjectPart, slider = 0): void => {
    const cord = makers.get(use.id);
    if (!cord) return;
    const part = partOf(use);
    const base = baseOf(use, girthOf(use.mate), slider);
    const along = part.along(inCord(base, cord));
    parts[use.id] = { id: use.id, part, base, cord, along, closedOver: isClosedOver(project, use) };
  };
  for (const use of uses) put(use);
  const closure = closureOf(project, sections, parts);
  // What slides runs through all that closes the band, whose length is known only now.
  const closed = closure.reduce((sum, { mm }) => sum + mm, 0);
  for (const use of uses) if (use.slider) put(use, closed);

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
    ...checkBuckleWidth(Object.values(parts), band, shelf),
    ...checkSharedHoles(Object.values(parts), cords, shelf),
  ];
  return {
    project,
    choices,
    cords,
    sections,
    parts,
    layout,
    closure,
    width: Math.max(...band.map((section) => section.width)),
    thickness: Math.max(...band.map((section) => section.thickness)),
    flame,
    ownFlame: request.age !== null && request.age >= figures.flame_alone_age,
    hardware: hardware.byId,
    added,
    messages: unique(messages),
  };
}

/** Whether a part is what a loop, or a slit as long as its hardware, closes over. */
const isClosedOver = ({ parts, sections }: Project, { id, on }: ProjectPart): boolean =>
  parts.some(({ mate }) => mate === id) ||
  (on !== undefined && sections.some(({ count }) => typeof count === 'object' && 'over' in count && count.over === on));

/** What takes of the ring when the piece is closed, beside the band: each of its closure, as a line of the fit. */
function closureOf(
  { closure = [] }: Project,
  sections: Readonly<Record<string, PieceSection>>,
  parts: Readonly<Record<string, PiecePart>>,
): PieceClosure[] {
  return closure.flatMap((id): PieceClosure[] => {
    const section = sections[id];
    if (section && section.count !== 'fill')
      return [
        {
          label: 'Slider',
          mm: section.count * section.unit,
          because: origin(
            'drawn-tight',
            { half_knots: section.count * section.halfKnots },
            `${section.count * section.halfKnots} half knots drawn tight between the band’s ends`,
          ),
        },
      ];
    const made = parts[id];
    const ring = made?.part.ring?.(inCord(made.base, made.cord));
    return made && ring ? [{ label: made.part.name, ...ring }] : [];
  });
}

function breakaway(needed: boolean, age: number | null, figures: Figures): Message[] {
  if (!needed) return [];
  const who = age === null ? 'Age not given' : `${age} years old`;
  const text = `${who}: a neck loop below ${figures.neck_age} needs a breakaway connector. One is added to the kit.`;
  return [{ level: 'warning', code: 'breakaway', text, values: { age, from: figures.neck_age } }];
}

/** The same clash found at two parts is said once. */
const unique = (messages: readonly Message[]): readonly Message[] =>
  messages.length < 2 ? messages : [...new Map(messages.map((m) => [m.code + m.text, m])).values()];
