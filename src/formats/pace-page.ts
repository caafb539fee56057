import { minutesByPhase } from '../core/pace';
import { PARTS } from '../core/part';
import type { Catalogue } from '../core/project';
import { exampleSeat, planSeat } from '../core/seat';
import { FIGURES, STARTING_FIGURES, type FigureName, type Skill } from '../core/studio';

const SKILLS: readonly Skill[] = ['new', 'steady', 'fluent'];
/** The figures that the minutes rest on. */
const RESTS_ON: readonly FigureName[] = [
  'half_knot_new',
  'half_knot_steady',
  'half_knot_fluent',
  'slow_start',
  'fine_slower',
  'bead_seconds',
  'act_seconds',
  'strand_seconds',
  'part_slower_new',
  'part_slower_steady',
  'check_minutes',
  'station_minutes',
  'station_end_seconds',
  'glue_minutes',
];
const cell = (minutes: number): string => (minutes === 0 ? '' : minutes.toFixed(1));

/**
 * How long each shipped piece takes, act by act and by skill, as a page to be doubted: an adult of a usual wrist, with starting figures.
 */
export function pacePage(catalogue: Catalogue): string {
  const projects = Object.values(catalogue.projects);
  const plansOf = (slug: string) =>
    SKILLS.map((skill) => {
      const project = catalogue.projects[slug]!;
      const size = project.sizing.by === 'wrist' ? { size: { wrist: 165 } } : {};
      return planSeat(exampleSeat(project, { age: 30, skill, ...size }), catalogue, STARTING_FIGURES);
    });
  const totals = projects.map(({ slug, name }) => {
    const plans = plansOf(slug);
    const prepared = plans[0]!.pace!.prepared;
    return `| ${name} | ${plans.map(({ minutes }) => minutes).join(' | ')} | ${cell(prepared)} |`;
  });
  const pieces = projects.flatMap(({ slug, name }) => {
    const paces = plansOf(slug).map(({ pace }) => pace!);
    const phases = minutesByPhase(paces[0]!).map(({ phase, minutes }) => `${phase} ${minutes.toFixed(1)}`);
    const rows = paces[0]!.steps.map(({ id, phase, at, dries }, i) => {
      const where = [at === 'station' && 'at the flame', dries > 0 && `dries ${dries}`].filter(Boolean).join(', ');
      return `| ${id} | ${phase} | ${paces.map(({ steps }) => cell(steps[i]!.minutes)).join(' | ')} | ${where} |`;
    });
    return [
      `## ${name}`,
      '',
      `Phases, new: ${phases.join(', ')}.`,
      '',
      '| act | phase | new | steady | fluent | |',
      '| --- | --- | --: | --: | --: | --- |',
      ...rows,
      '',
    ];
  });
  const rests = RESTS_ON.flatMap((slug) => {
    const found = FIGURES.find(({ name }) => name === slug);
    return found ? [`| ${found.label} | ${found.start} ${found.unit} | ${found.source} |`] : [];
  });
  return [
    '# How long the pieces take',
    '',
    'Minutes of an adult with a wrist of 16.5 cm, by the starting figures: half of all makers take less, half more. They are estimates to be',
    'doubted; records replace them. `npm run making` prints this page.',
    '',
    '| it rests on | start | why |',
    '| --- | --- | --- |',
    ...rests,
    '',
    'A part takes its own seconds, those of a fluent maker, as often as it is made, shared by the acts that make it; an act takes its reading on',
    'top. Half knots are counted by the act that counts them. Glue dries while other acts go on.',
    '',
    '| part | once, s, a fluent maker |',
    '| --- | --: |',
    ...Object.values(PARTS).map(({ name, seconds }) => `| ${name} | ${seconds} |`),
    '',
    '| piece | new | steady | fluent | prepared by the instructor |',
    '| --- | --: | --: | --: | --: |',
    ...totals,
    '',
    ...pieces,
  ].join('\n');
}
