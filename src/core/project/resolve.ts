import { workedDiameter, type Cord } from '../cord';
import { PARTS, type Part } from '../part';
import { checkWearer, needsBreakaway, ruleFinish } from '../safety';
import type { Figures, Message } from '../studio';
import { entry, type Catalogue } from './catalogue';
import { present } from './choices';
import { makeOnce } from './make';
import { inCord, isSection, type Piece, type PieceCord, type PiecePart, type PieceRequest } from './piece';
import type { ProjectPart } from './project';

/** The cord of the first leg that makes a part. */
function makerOf(part: string, cords: readonly PieceCord[]): Cord | undefined {
  return cords.find(({ use }) => use.legs.some((leg) => leg.route.some((step) => 'part' in step && step.part === part)))
    ?.cord;
}

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

/** The same clash found at two parts is said once. */
const unique = (messages: readonly Message[]): readonly Message[] =>
  messages.length < 2 ? messages : [...new Map(messages.map((m) => [m.code + m.text, m])).values()];
