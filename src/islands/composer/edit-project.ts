import type { LegStep, Project, ProjectPart, ProjectSection } from '../../core/project';

/** An id that the project does not have yet, made from a word. */
export function freshId(project: Project, word: string): string {
  const taken = new Set([...project.parts, ...project.sections, ...project.hardware].map(({ id }) => id));
  if (!taken.has(word)) return word;
  let n = 2;
  while (taken.has(`${word}-${n}`)) n++;
  return `${word}-${n}`;
}

/** What a step is about. */
export function targetOf(step: LegStep): string {
  return 'part' in step ? step.part : 'past' in step ? step.past : 'core' in step ? step.core : step.work;
}

const routesWith = (project: Project, edit: (route: readonly LegStep[]) => LegStep[]): Project['cords'] =>
  project.cords.map((cord) => ({
    ...cord,
    legs: cord.legs.map((leg) => {
      const route = edit(leg.route);
      return { ...leg, route: route.length > 0 ? route : [...leg.route] };
    }),
  }));

/** Puts the item at one place of the band to another. */
export function moveItem(project: Project, from: number, to: number): Project {
  const layout = [...project.layout];
  const [item] = layout.splice(from, 1);
  layout.splice(to, 0, item!);
  return { ...project, layout };
}

export function changeSection(project: Project, index: number, changes: Partial<ProjectSection>): Project {
  return { ...project, sections: project.sections.map((s, i) => (i === index ? { ...s, ...changes } : s)) };
}

export function changePart(project: Project, index: number, changes: Partial<ProjectPart>): Project {
  return { ...project, parts: project.parts.map((p, i) => (i === index ? { ...p, ...changes } : p)) };
}

/** What of a project a making tells of: its parts and sections, what they are, and the way of each leg. */
const shapeOf = ({ parts, sections, cords }: Project): string =>
  JSON.stringify([
    parts.map(({ id, part }) => [id, part]),
    sections.map(({ id, runs }) => [id, runs.map(({ stitch }) => stitch)]),
    cords.map(({ legs }) => legs),
  ]);

/**
 * A changed project with its making as long as that still tells of it. With other parts, sections or ways it tells of another piece: it is
 * left out, and one is built from the strands and parts.
 */
export function withMaking(before: Project, { making, ...after }: Project): Project {
  return making && shapeOf(before) === shapeOf(after) ? { ...after, making } : after;
}

/** A new section at the end of the band, with every leg that works another section working it too, so that it has cord. */
export function addSection(project: Project): Project {
  const id = freshId(project, 'section');
  const section: ProjectSection = { id, runs: [{ stitch: 'square-knot', times: 1 }], count: 'fill' };
  const sections = new Set(project.sections.map((s) => s.id));
  const cords = routesWith(project, (route) => {
    const last = route.findLastIndex((step) => sections.has(targetOf(step)));
    if (last < 0) return [...route];
    const like = route[last]!;
    const step: LegStep =
      'work' in like ? { work: id, as: like.as === 'a' || like.as === 'b' ? like.as : 'a' } : { core: id };
    return [...route.slice(0, last + 1), step, ...route.slice(last + 1)];
  });
  return { ...project, sections: [...project.sections, section], layout: [...project.layout, id], cords };
}

/** The same section once more at the end of the band, its legs alike: both fill with the same count. */
export function mirrorSection(project: Project, id: string): Project {
  const own = project.sections.find((section) => section.id === id)!;
  const twin = freshId(project, id);
  const cords = routesWith(project, (route) =>
    route.flatMap((step): LegStep[] => {
      if (targetOf(step) !== id || 'part' in step || 'past' in step) return [step];
      return [step, 'work' in step ? { work: twin, as: step.as } : { core: twin }];
    }),
  );
  return {
    ...project,
    sections: [...project.sections, { ...own, id: twin }],
    layout: [...project.layout, twin],
    cords,
  };
}

/** A new part, made by the first leg; one that takes up band is put at its end. */
export function addPart(project: Project, part: string, inBand: boolean): Project {
  const id = freshId(project, part);
  const use: ProjectPart = { id, part, ...(project.hardware[0] && { on: project.hardware[0].id }) };
  const [first, ...others] = project.cords;
  const [leg, ...legs] = first!.legs;
  const cords = [{ ...first!, legs: [{ ...leg!, route: [...leg!.route, { part: id }] }, ...legs] }, ...others];
  return {
    ...project,
    parts: [...project.parts, use],
    layout: inBand ? [...project.layout, id] : project.layout,
    cords,
  };
}

/** How often a section or part stands between the band's ends when it is closed; none where it is no longer named. */
export function setClosure({ closure = [], ...project }: Project, id: string, times: number): Project {
  const named = [...closure.filter((other) => other !== id), ...Array.from({ length: times }, () => id)];
  return named.length > 0 ? { ...project, closure: named } : project;
}

/** Whether the end of a leg is held by a board, pin or clip while the band is made. */
export function setHeld(project: Project, cord: number, leg: number, held: boolean): Project {
  const legs = project.cords[cord]!.legs.map(({ held: before, ...own }, k) => ({
    ...own,
    ...((k === leg ? held : before) && { held: true as const }),
  }));
  return changeCord(project, cord, { legs });
}

/** Takes a section or part out, with every step through it and whatever else names it. */
export function removeItem(whole: Project, id: string): Project {
  const project = setClosure(whole, id, 0);
  const { sequence, ...named } = project.options;
  const options = {
    ...Object.fromEntries(Object.entries(named).filter(([, own]) => own !== id)),
    ...(sequence && sequence.section !== id && { sequence }),
  };
  return withMaking(whole, {
    ...project,
    options,
    sections: project.sections.filter((section) => section.id !== id),
    parts: project.parts
      .filter((part) => part.id !== id)
      .map(({ mate, slider, ...part }) => ({
        ...part,
        ...(mate !== undefined && mate !== id && { mate }),
        ...(slider !== undefined && slider !== id && { slider }),
      })),
    layout: project.layout.filter((other) => other !== id),
    cords: routesWith(project, (route) => route.filter((step) => targetOf(step) !== id)),
  });
}

export function changeRoute(project: Project, cord: number, leg: number, route: readonly LegStep[]): Project {
  return {
    ...project,
    cords: project.cords.map((c, i) =>
      i === cord ? { ...c, legs: c.legs.map((l, k) => (k === leg ? { ...l, route: [...route] } : l)) } : c,
    ),
  };
}

export function changeCord(project: Project, index: number, changes: Partial<Project['cords'][number]>): Project {
  return { ...project, cords: project.cords.map((c, i) => (i === index ? { ...c, ...changes } : c)) };
}

/** One more cord, with a leg that runs through the band's first section as core. */
export function addCord(project: Project): Project {
  const through = project.layout.find((id) => project.sections.some((section) => section.id === id))!;
  const { default: kind } = project.cords[0]!;
  return {
    ...project,
    cords: [...project.cords, { role: 'core', default: kind, colour: 0, legs: [{ route: [{ core: through }] }] }],
  };
}

/** The tools of a project from a line of names, apart by commas; none where nothing is written. */
export function setTools({ tools: _, ...project }: Project, line: string): Project {
  const tools = [...new Set(line.split(',').map((name) => name.trim().slice(0, 60)))].filter(Boolean).slice(0, 8);
  return tools.length > 0 ? { ...project, tools } : project;
}
