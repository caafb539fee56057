import { exampleSeat, planSeat } from '../core/seat';
import { makingOf, type Act, type MakingWords, type Telling } from '../core/making';
import type { Catalogue, Project } from '../core/project';
import { STARTING_FIGURES } from '../core/studio';

const inline = ({ text, ...act }: Act): string[] => {
  const notes = [
    ...(act.by === 'participant' ? [] : [`by: ${act.by}`]),
    ...(act.heat ? ['heat'] : []),
    ...(act.glue ? ['glue'] : []),
    ...(act.hold ? [`held by: ${act.hold}`] : []),
    ...(act.tools ? [`tools: ${act.tools.join(', ')}`] : []),
    ...(act.count
      ? [`count: ${act.count.of} ${act.count.unit}${act.count.over ? ` and ${act.count.over} half knot` : ''}`]
      : []),
    ...(act.picture ? [`picture: ${act.picture}`] : []),
    ...(act.shows ? [`picture: step ${act.shows.step + 1} of ${act.shows.section}`] : []),
    ...(act.checkpoint ? ['checkpoint'] : []),
    ...(act.last_chance ? [`last chance: ${act.last_chance}`] : []),
  ];
  return [
    `${act.n}. **${act.phase}** ${text}`,
    ...(notes.length > 0 ? [`   - _${notes.join('; ')}_`] : []),
    ...(act.right ? [`   - Right: ${act.right}`] : []),
    ...(act.if_not ?? []).map(({ seen, fix }) => `   - If not: ${seen} ${fix}`),
  ];
};

/**
 * How a project is made, as Markdown: its acts for a usual seat, once with what it starts as, and once for each variant that changes
 * them.
 */
export function makingPage(project: Project, catalogue: Catalogue, words: MakingWords, telling: Telling): string {
  const { colours, swap } = project.options;
  const options = [
    {},
    ...(colours && colours.most > 1 ? [{ colours: colours.start === 1 ? 2 : 1 }] : []),
    ...(swap === undefined ? [] : [{ swap: !swap }]),
    { flame: false },
  ];
  const seen = new Set<string>();
  const parts = options.flatMap((own) => {
    const seat = exampleSeat(project, { options: own });
    const acts = makingOf(seat, planSeat(seat, catalogue, STARTING_FIGURES), words, telling)
      .flatMap(inline)
      .join('\n');
    if (seen.has(acts)) return [];
    seen.add(acts);
    const [option] = Object.entries(own);
    return [`## ${option ? `${option[0]}: ${option[1]}` : 'As it starts'}\n\n${acts}\n`];
  });
  return [`# ${project.name}\n`, `${project.summary}\n`, ...parts].join('\n');
}
