// npm run truth: what every strand of every project uses to a length of band, the whole, and what the customary rules would cut, so
// that a maker can check it by eye. Lengths in mm.
import { SHIPPED } from '../catalogue';
import { totalOf } from '../src/core/cut';
import { compareSchools, exampleSeat, planSeat } from '../src/core/seat';
import { STARTING_FIGURES } from '../src/core/studio';

const WRISTS = [140, 170, 200];
const cell = (words: string | number, width: number): string => String(words).padStart(width);
const line = (...cells: [string | number, number][]): void =>
  console.log(cells.map(([words, width]) => cell(words, width)).join(' '));

console.log(
  'band: length knotted; count: half knots or repeats; cut: each length, and how often its use goes into the band; ×: all of it to the band',
);
for (const project of Object.values(SHIPPED.projects)) {
  console.log(`\n${project.slug}`);
  line(
    ['wrist', 6],
    ['band', 5],
    ['count', 6],
    ['cut', 44],
    ['total', 7],
    ['× band', 7],
    ['ratio', 7],
    ['core', 7],
    ['class', 7],
  );
  for (const wrist of project.sizing.by === 'wrist' ? WRISTS : [0]) {
    const seat = exampleSeat(project, wrist > 0 ? { size: { wrist } } : {});
    const { fit, cut } = planSeat(seat, SHIPPED, STARTING_FIGURES);
    if (!fit || !cut) continue;
    const band = fit.knotted_mm;
    const cuts = cut.cuts.map(({ role, pieces, length_mm, anatomy }) => {
      const use = totalOf(anatomy.filter((entry) => entry.for === 'stitches' || entry.for === 'core'));
      return `${pieces > 1 ? `${pieces}×` : ''}${role} ${length_mm} (${(use / band).toFixed(1)})`;
    });
    const by = new Map(compareSchools(seat, SHIPPED, STARTING_FIGURES).map((plan) => [plan.school, plan]));
    const ruled = (school: 'ratio' | 'core-multiple' | 'size-class'): string => {
      const plan = by.get(school);
      return plan && plan.rule === school ? `${plan.total_mm}` : '–';
    };
    line(
      [wrist || '–', 6],
      [band.toFixed(0), 5],
      [fit.half_knots ?? fit.repeats.toFixed(0), 6],
      [cuts.join(', '), 44],
      [cut.total_mm, 7],
      [(cut.total_mm / band).toFixed(1), 7],
      [ruled('ratio'), 7],
      [ruled('core-multiple'), 7],
      [ruled('size-class'), 7],
    );
  }
}
