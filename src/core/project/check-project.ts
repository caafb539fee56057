import { PARTS } from '../part';
import type { Fault } from '../result';
import { STITCHES } from '../stitch';
import type { Catalogue } from './catalogue';
import { present, type Choices } from './choices';
import { checkMaking } from './check-making';
import { idIn } from './leg-step';
import type { LegStep, Project } from './project';

const listed = (names: Iterable<string>): string => [...names].sort().join(', ') || 'none';

/** The first id that is used twice in a list, as a fault; variants under other choices may share one. */
function twice(list: readonly { readonly id: string; readonly when?: unknown }[], at: string): Fault | null {
  const seen = new Set<string>();
  for (const [i, { id, when }] of list.entries()) {
    if (seen.has(id) && !when) return { error: `“${id}” is there twice`, at: `${at}/${i}/id` };
    seen.add(id);
  }
  return null;
}

/** A step that names what the project has not, or works a strand that the stitch has not. */
function checkStep(step: LegStep, project: Project, at: string): Fault | null {
  const parts = project.parts.map(({ id }) => id);
  const sections = project.sections.map(({ id }) => id);
  for (const key of ['part', 'past'] as const) {
    const id = idIn(step, key);
    if (id !== undefined && !parts.includes(id))
      return { error: `“${id}” is not one of the parts: ${listed(parts)}`, at: `${at}/${key}` };
  }
  for (const key of ['core', 'work'] as const) {
    const id = idIn(step, key);
    if (id !== undefined && !sections.includes(id))
      return { error: `“${id}” is not one of the sections: ${listed(sections)}`, at: `${at}/${key}` };
  }
  if ('work' in step) {
    const runs = project.sections.filter(({ id }) => id === step.work).flatMap((section) => section.runs);
    const known = runs.flatMap(({ stitch }) =>
      (STITCHES[stitch]?.geometry({ strands: 2, diameter: 1 }).working ?? []).map(({ strand }) => strand),
    );
    if (!known.includes(step.as))
      return {
        error: `“${step.as}” is not a working strand of that stitch: ${listed(new Set(known))}`,
        at: `${at}/as`,
      };
  }
  return null;
}

/** Every set of choices that decides what of a project is there. */
function variants({ options }: Project): Pick<Choices, 'colours' | 'swap' | 'beads'>[] {
  const colours = Array.from({ length: options.colours?.most ?? 1 }, (_, i) => i + 1);
  const swaps = options.swap === undefined ? [null] : [true, false];
  const beads = options.beads === undefined ? [null] : [null, 1];
  return colours.flatMap((many) => swaps.flatMap((swap) => beads.map((own) => ({ colours: many, swap, beads: own }))));
}

const hasBand = ({ layout, sections }: Project, choices: Pick<Choices, 'colours' | 'swap' | 'beads'>): boolean =>
  layout.some((id) => sections.some((section) => section.id === id && present(section.when, choices)));

/**
 * Checks what a schema cannot: that everything a project names is there, in itself and in the catalogue, and that every section
 * of its band has cord in it.
 *
 * @returns the first fault with its JSON pointer, or null
 *
 * @example
 * checkProject(catalogue.projects['band-buckle'], catalogue) // null
 * checkProject({ ...catalogue.projects['band-buckle'], layout: [] }, catalogue).at // '/layout'
 */
export function checkProject(project: Project, catalogue: Pick<Catalogue, 'cords' | 'hardware'>): Fault | null {
  const hardware = project.hardware.map(({ id }) => id);
  const faults: (Fault | null)[] = [
    twice(project.hardware, '/hardware'),
    twice(project.parts, '/parts'),
    twice(project.sections, '/sections'),
  ];
  if (RESERVED.has(project.slug))
    faults.push({ error: `“${project.slug}” is an address of its own; choose another short name`, at: '/slug' });
  project.hardware.forEach((need, i) => {
    const at = `/hardware/${i}/default`;
    const own = Object.hasOwn(catalogue.hardware, need.default) ? catalogue.hardware[need.default] : undefined;
    if (!own)
      faults.push({
        error: `“${need.default}” is not in the catalogue; there are: ${listed(Object.keys(catalogue.hardware))}`,
        at,
      });
    else if (!need.kinds.includes(own.kind))
      faults.push({ error: `${own.name} is a ${own.kind}; this place takes ${need.kinds.join(' or ')}`, at });
  });
  project.parts.forEach((use, i) => {
    const at = `/parts/${i}`;
    if (!Object.hasOwn(PARTS, use.part))
      faults.push({ error: `“${use.part}” is not a part; there are: ${listed(Object.keys(PARTS))}`, at: `${at}/part` });
    if (use.on !== undefined && !hardware.includes(use.on))
      faults.push({ error: `“${use.on}” is not one of the hardware: ${listed(hardware)}`, at: `${at}/on` });
    if (use.on === undefined && NEEDS_HARDWARE.has(use.part))
      faults.push({ error: 'This part is made on hardware: say which', at: `${at}/on` });
    if (use.mate !== undefined && !project.parts.some(({ id }) => id === use.mate))
      faults.push({
        error: `“${use.mate}” is not one of the parts: ${listed(project.parts.map(({ id }) => id))}`,
        at: `${at}/mate`,
      });
    if (use.slider !== undefined && !project.closure?.includes(use.slider))
      faults.push({ error: `“${use.slider}” is not in the closure: nothing slides in it`, at: `${at}/slider` });
  });
  project.sections.forEach((section, i) => {
    section.runs.forEach(({ stitch, bead }, k) => {
      if (bead !== undefined && !section.beads?.includes(bead))
        faults.push({ error: `“${bead}” is not one of the section’s beads`, at: `/sections/${i}/runs/${k}/bead` });
      if (!Object.hasOwn(STITCHES, stitch))
        faults.push({
          error: `“${stitch}” is not a stitch; there are: ${listed(Object.keys(STITCHES))}`,
          at: `/sections/${i}/runs/${k}/stitch`,
        });
      else if (STITCHES[stitch]!.beads > 0 && !section.beads?.length)
        faults.push({
          error: `${STITCHES[stitch]!.name} needs a bead: name one of the hardware`,
          at: `/sections/${i}/beads`,
        });
    });
    (section.beads ?? []).forEach((bead, k) => {
      if (!hardware.includes(bead))
        faults.push({
          error: `“${bead}” is not one of the hardware: ${listed(hardware)}`,
          at: `/sections/${i}/beads/${k}`,
        });
    });
    if (typeof section.count === 'object' && 'over' in section.count && !hardware.includes(section.count.over))
      faults.push({ error: `“${section.count.over}” is not one of the hardware`, at: `/sections/${i}/count/over` });
  });
  const routes = project.cords.flatMap(({ legs }) => legs.flatMap(({ route }) => route));
  project.layout.forEach((id, i) => {
    const section = project.sections.some((s) => s.id === id);
    if (!section && !project.parts.some((p) => p.id === id))
      faults.push({ error: `“${id}” is neither a section nor a part`, at: `/layout/${i}` });
    else if (
      section &&
      !routes.some((step) => ('work' in step && step.work === id) || ('core' in step && step.core === id))
    )
      faults.push({ error: `No cord goes through the section “${id}”`, at: `/layout/${i}` });
  });
  const fills = (id: string | undefined): boolean => project.sections.some((s) => s.id === id && s.count === 'fill');
  project.sections.forEach(({ id, joins }, i) => {
    if (joins && !(fills(id) && fills(project.layout[project.layout.indexOf(id) - 1])))
      faults.push({
        error: `“${id}” repeats by turns with the section before it: both must fill the band, one right after the other`,
        at: `/sections/${i}/joins`,
      });
  });
  (project.closure ?? []).forEach((id, i) => {
    const section = project.sections.find((own) => own.id === id);
    const part = project.parts.find((own) => own.id === id);
    if (section?.count === 'fill')
      faults.push({ error: `“${id}” fills the band: it cannot close it as well`, at: `/closure/${i}` });
    else if (!section && !(part && PARTS[part.part]?.ring))
      faults.push({ error: `“${id}” is neither a section nor a part that closes a ring`, at: `/closure/${i}` });
  });
  if (!project.layout.some((id) => project.sections.some((s) => s.id === id)))
    faults.push({ error: 'The band has no section: nothing would be made', at: '/layout' });
  else if (variants(project).some((choices) => !hasBand(project, choices)))
    faults.push({ error: 'Under some choices the band has no section: nothing would be made', at: '/layout' });
  project.cords.forEach((cord, i) => {
    if (!Object.hasOwn(catalogue.cords, cord.default))
      faults.push({
        error: `“${cord.default}” is not in the catalogue; there are: ${listed(Object.keys(catalogue.cords))}`,
        at: `/cords/${i}/default`,
      });
    cord.legs.forEach(({ route }, k) =>
      route.forEach((step, n) => faults.push(checkStep(step, project, `/cords/${i}/legs/${k}/route/${n}`))),
    );
  });
  const { bead, beads, sequence, button, stopper, slider, turns } = project.options;
  const parts = project.parts.map(({ id }) => id);
  for (const [name, id, among] of [
    ['bead', bead, hardware],
    ['sequence/bead', sequence?.bead, hardware],
    ['sequence/section', sequence?.section, project.sections.filter(stringsAlone(sequence?.bead)).map((s) => s.id)],
    ['button', button, hardware],
    ['beads', beads, project.sections.map((s) => s.id)],
    ['slider', slider, project.sections.map((s) => s.id)],
    ['stopper', stopper, parts],
    ['turns', turns, parts],
  ] as const) {
    if (id !== undefined && !among.includes(id))
      faults.push({ error: `“${id}” is not in this project`, at: `/options/${name}` });
  }
  faults.push(checkMaking(project));
  return faults.find((fault) => fault !== null) ?? null;
}

/**
 * Which rules a project is checked by when it is saved: raised whenever `checkProject` or `tryProject` refuses what they let through
 * before. A revision that was saved under earlier rules stays as it is; the first rules are those of version 1.
 */
export const PROJECT_RULES = 2;

/** Whether each run of a section says which bead it strings, so that a sequence of kinds can take its place. */
const stringsAlone =
  (bead: string | undefined) =>
  ({ beads, joins, runs }: Project['sections'][number]): boolean =>
    bead !== undefined &&
    (beads ?? []).includes(bead) &&
    !joins &&
    runs.every((run) => run.bead !== undefined || beads!.length === 1);

/** Short names that stand for something else in an address. */
const RESERVED = new Set(['new', 'check']);

/** Parts that are made on a bar, hole or bead. */
const NEEDS_HARDWARE = new Set([
  'larks-head',
  'buckle',
  'ring',
  'button',
  'on-ring',
  'through-bead',
  'end-bead',
  'caught-bead',
  'shank',
]);
