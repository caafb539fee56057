import { exampleSeat, planSeat, tryProject, type Seat, type SeatPlan } from '../../core/seat';
import { BLANK_PROJECT, checkProject, type Catalogue, type Piece, type Project } from '../../core/project';
import type { Settings } from '../../core/studio';
import { notFound, Problem, stale } from '../../core/problem';
import { insertDocuments, latestDocuments } from '../../data/documents';
import { inTransaction } from '../../data/database/transaction';
import { shippedBeside } from './shipped';
import { readStudio } from './studio';
import type { Studio } from '../../core/session';

/** Wrists, mm, that a project page shows sizes for: from a child's to a large adult's. */
const WRISTS = [130, 150, 170, 190, 210];

/** The studio's catalogue and settings, as its screens use them, with the mark of all that follows from them. */
const openCatalogue = (): Promise<Studio> => inTransaction(readStudio);

/** One project with what a page about it shows. */
export interface ProjectPage {
  readonly project: Project;
  readonly settings: Settings;
  readonly catalogue: Catalogue;
  readonly plan: SeatPlan;
  readonly sizes: readonly { readonly wrist: number; readonly plan: SeatPlan }[];
  /** Cords it can be made in throughout, and what speaks against the others. */
  readonly cords: readonly {
    readonly name: string;
    readonly clash: string | null;
    readonly total_mm: number | null;
    readonly width: number | null;
  }[];
  /** Whether it has colours that can be turned round. */
  readonly isTwo: boolean;
  /** Whether the studio changed it, and this is how it ships; or how it is, where it ships otherwise. */
  readonly beside: 'own' | 'shipped' | null;
}

/** The colours the other way round, for each role of a piece of two; null for one. */
function turnedColours(project: Project, piece: Piece): Seat['cords'] | null {
  if (piece.choices.colours <= 1) return null;
  const first = piece.cords.find(({ use }) => use.role !== 'thread') ?? piece.cords[0]!;
  const two = first.cord.colours.slice(0, piece.choices.colours).map((colour) => colour.slug);
  const used = project.cords.filter(({ role }) => role !== 'thread');
  return Object.fromEntries(used.map((use) => [use.role, { cord: use.default, colours: [...two].reverse() }]));
}

/** A project as it is drawn: as it is or as it ships, its colours as they are or turned round; with the mark of what that follows from. */
export async function drawnProject(
  slug: string,
  asShipped: boolean,
  isTurned: boolean,
): Promise<{ plan: SeatPlan; mark: string; settings: Settings }> {
  const { settings, catalogue: own, mark } = await openCatalogue();
  if (!Object.hasOwn(own.projects, slug)) throw notFound('project');
  const shipped = asShipped ? shippedBeside('projects', own.projects) : {};
  const catalogue = { ...own, projects: { ...own.projects, ...shipped } };
  const project = catalogue.projects[slug]!;
  const show = (changes: Partial<Seat>): SeatPlan =>
    planSeat(exampleSeat(project, changes, settings.school), catalogue, settings.figures);
  const plan = show({});
  const cords = isTurned && plan.piece ? turnedColours(project, plan.piece) : null;
  if (isTurned && !cords) throw notFound('drawing');
  return { plan: cords ? show({ cords }) : plan, mark, settings };
}

const pages = new WeakMap<Studio, Map<string, ProjectPage>>();

/** A project's page; `asShipped` as it ships, where the studio changed it. Worked out once while the studio has not changed. */
export async function projectPage(slug: string, asShipped = false): Promise<ProjectPage> {
  const studio = await openCatalogue();
  const known = pages.get(studio) ?? new Map<string, ProjectPage>();
  pages.set(studio, known);
  const key = `${slug}${asShipped ? ' as shipped' : ''}`;
  const page = known.get(key) ?? pageOf(studio, slug, asShipped);
  known.set(key, page);
  return page;
}

function pageOf({ settings, catalogue: own }: Studio, slug: string, asShipped: boolean): ProjectPage {
  if (!Object.hasOwn(own.projects, slug)) throw notFound('project');
  const shipped = shippedBeside('projects', own.projects);
  const changed = Object.hasOwn(shipped, slug);
  const catalogue = changed && asShipped ? { ...own, projects: { ...own.projects, [slug]: shipped[slug]! } } : own;
  const project = catalogue.projects[slug]!;
  const show = (changes: Partial<Seat>): SeatPlan =>
    planSeat(exampleSeat(project, changes, settings.school), catalogue, settings.figures);
  const plan = show({});
  const roles = [...new Set(project.cords.map(({ role }) => role))].filter((role) => role !== 'thread');
  const cords = Object.values(catalogue.cords).map((cord) => {
    const made = show({ cords: Object.fromEntries(roles.map((role) => [role, { cord: cord.slug }])) });
    const clash = made.messages.find((m) => m.level === 'error') ?? made.messages.find((m) => m.code === 'stiff-cord');
    return {
      name: cord.name,
      clash: clash?.text ?? null,
      total_mm: made.cut?.total_mm ?? null,
      width: made.piece?.width ?? null,
    };
  });
  if (!plan.piece)
    throw new Problem(422, 'project', `${project.name} cannot be planned as it is: mend it in the composer.`);
  return {
    project,
    settings,
    catalogue,
    plan,
    sizes: (project.sizing.by === 'wrist' ? WRISTS : WRISTS.slice(0, 1)).map((wrist) => ({
      wrist,
      plan: show(project.sizing.by === 'wrist' ? { size: { wrist } } : {}),
    })),
    cords,
    isTwo: turnedColours(project, plan.piece) !== null,
    beside: changed ? (asShipped ? 'shipped' : 'own') : null,
  };
}

/** The newest revision of a project. */
export function openProject(slug: string): Promise<Project> {
  return inTransaction(async (t) => {
    const projects = await latestDocuments('projects', t);
    if (!Object.hasOwn(projects, slug)) throw notFound('project');
    return projects[slug]!;
  });
}

/** What the composer starts from: a copy of a project under a name of its own, or the project itself to be revised. */
export async function composerStart(
  slug: string,
  revise: boolean,
): Promise<{ first: Project; base: number | null; drawn: string | null; catalogue: Catalogue; settings: Settings }> {
  const { settings, catalogue } = await openCatalogue();
  if (slug === 'new') return { first: BLANK_PROJECT, base: null, drawn: null, catalogue, settings };
  const own = Object.hasOwn(catalogue.projects, slug) ? catalogue.projects[slug]! : null;
  if (!own) throw notFound('project');
  if (revise) return { first: own, base: own.revision, drawn: slug, catalogue, settings };
  let n = 1;
  const slugOf = (): string => `${slug.slice(0, 32)}-copy${n > 1 ? `-${n}` : ''}`;
  while (Object.hasOwn(catalogue.projects, slugOf())) n++;
  const first = { ...own, slug: slugOf(), name: `${own.name}, changed`, revision: 1 };
  return { first, base: null, drawn: slug, catalogue, settings };
}

/** Refuses a project that names what is not there, or that cannot be planned in every way it offers. */
function refuseFaulty(doc: Project, { catalogue, settings }: Pick<Studio, 'catalogue' | 'settings'>): void {
  const fault = checkProject(doc, catalogue) ?? tryProject(doc, catalogue, settings.figures);
  if (fault) throw new Problem(422, 'project', `${fault.error}.`, { pointer: `/doc${fault.at}` });
}

/** A project read from a file, if all that it names is there. */
export function checkedProject(doc: Project): Promise<Project> {
  return inTransaction(async (t) => {
    refuseFaulty(doc, await readStudio(t));
    return doc;
  });
}

/**
 * Saves a project as its next revision; sessions planned with an earlier one keep it.
 *
 * @param base the revision it was changed from; null for a new project
 */
export function saveProject(base: number | null, doc: Project): Promise<Project> {
  return inTransaction(async (t) => {
    const studio = await readStudio(t);
    const { catalogue } = studio;
    refuseFaulty(doc, studio);
    const current = Object.hasOwn(catalogue.projects, doc.slug) ? catalogue.projects[doc.slug]! : null;
    if (base === null && current)
      throw new Problem(409, 'slug-taken', `There is a project “${doc.slug}” already; choose another short name.`, {
        pointer: '/doc/slug',
      });
    if (base !== null && current?.revision !== base) throw stale('project', current);
    const next = { ...doc, revision: (current?.revision ?? 0) + 1 };
    if ((await insertDocuments('projects', [next], t)) === 0) throw stale('project', current);
    return next;
  });
}
