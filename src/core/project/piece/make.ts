import type { Cord } from '../../cord';
import type { Figures, Message } from '../../studio';
import type { Catalogue } from '../catalogue';
import { checkBeadHoles, checkCount, checkRungs, checkStiffness } from './check-piece';
import { chooseCords } from './choose-cords';
import { chooseHardware } from './choose-hardware';
import { notOffered, present, settle, type Choices } from '../choices';
import type { PieceCord, PieceRequest, PieceSection } from './piece';
import type { Project } from '../project';
import { arranged } from '../sequence';
import { measureSection } from './sections';

/** What of a piece follows from its choices alone, whoever wears it. */
interface Made {
  /** With its counts and bead sequence chosen. */
  readonly project: Project;
  readonly choices: Choices;
  readonly cords: readonly PieceCord[];
  /** By part, the cord of the first leg that makes it. */
  readonly makers: ReadonlyMap<string, Cord>;
  readonly hardware: ReturnType<typeof chooseHardware>;
  readonly sections: Readonly<Record<string, PieceSection>>;
  /** What clashes in it, and options it does not offer. */
  readonly messages: readonly Message[];
}

/** Beads of a counted row that other sections string, one each: they count too. */
const strungBeside = ({ sections }: Project, row: Project['sections'][number]): number =>
  sections
    .filter(({ id, beads, count }) => id !== row.id && beads?.[0] === row.beads?.[0] && typeof count === 'number')
    .reduce((sum, { count }) => sum + Number(count), 0);

/** A project with the counts that a seat chose. */
const counted = (project: Project, { beads }: Choices, { options }: PieceRequest): Project => ({
  ...project,
  sections: project.sections.map((section) => {
    if (section.id === project.options.beads && beads !== null)
      return { ...section, count: Math.max(0, beads - strungBeside(project, section)) };
    if (section.id === project.options.slider && options.slider !== undefined)
      return { ...section, count: options.slider };
    return section;
  }),
});

function makersOf(cords: readonly PieceCord[]): ReadonlyMap<string, Cord> {
  const makers = new Map<string, Cord>();
  for (const { use, cord } of cords)
    for (const { route } of use.legs)
      for (const step of route) if ('part' in step && !makers.has(step.part)) makers.set(step.part, cord);
  return makers;
}

function make(offered: Project, request: PieceRequest, catalogue: Catalogue, figures: Figures): Made {
  const chosen = Math.max(0, ...Object.values(request.cords).map((choice) => choice.colours?.length ?? 0));
  const choices = settle(offered, request.options, chosen);
  const project = arranged(counted(offered, choices, request), request.options.sequence, request.rest);
  const cords = chooseCords(project, choices, request, catalogue);
  const hardware = chooseHardware(project, request, catalogue);
  const sections: Record<string, PieceSection> = {};
  for (const section of project.sections.filter((s) => present(s.when, choices))) {
    const measured = measureSection(section, cords, hardware.byId, request, figures);
    if (measured) sections[section.id] = measured;
  }
  // Arms stay as far apart as where they are widest.
  const arms = Object.values(sections).filter((section) => section.arms > 1);
  const width = Math.max(...arms.map((section) => section.width / section.arms));
  for (const section of arms) sections[section.id] = { ...section, width: width * section.arms };
  const messages = [
    ...hardware.messages,
    ...notOffered(offered, request.options, figures),
    ...checkBeadHoles(sections, cords, Object.values(catalogue.hardware)),
    ...checkRungs(sections),
    ...checkStiffness(sections, cords),
    ...checkCount(sections),
  ];
  return { project, choices, cords, makers: makersOf(cords), hardware, sections, messages };
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
export function makeOnce(project: Project, request: PieceRequest, catalogue: Catalogue, figures: Figures): Made {
  const byFigures = inside(made, catalogue, () => new WeakMap<Figures, WeakMap<Project, Map<string, Made>>>());
  const byProject = inside(byFigures, figures, () => new WeakMap<Project, Map<string, Made>>());
  const known = inside(byProject, project, () => new Map<string, Made>());
  const { options, cords, skill, made: count, rest } = request;
  const key = JSON.stringify([options, cords, skill, count, rest]);
  const found = known.get(key) ?? make(project, request, catalogue, figures);
  known.set(key, found);
  return found;
}
