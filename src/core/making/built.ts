import { courseOf } from '../bench';
import { safetyClass } from '../part';
import type { ActText, Piece, ProjectAct } from '../project';
import type { SeatPlan } from '../seat';
import type { MakingWords } from './words';

/**
 * A making for a project that has none: its parts and sections in an order in which nothing is used before it exists, a look at the
 * length before anything closes it, and the ends last.
 *
 * @example
 * builtMaking(plan, words).acts.at(-1).phase // 'wear'
 */
export function builtMaking(plan: SeatPlan, words: MakingWords): NonNullable<Piece['project']['making']> {
  const acts: ProjectAct[] = [];
  const en: Record<string, ActText> = {};
  const add = (act: ProjectAct, text: ActText): void => {
    acts.push(act);
    en[act.id] = text;
  };
  const byBand = plan.piece!.project.sizing.by === 'band';
  const check = (): void => {
    if (acts.some(({ id }) => id === 'length')) return;
    const text = byBand ? words.built.measure.replace('{length}', '{band_length}') : words.built.try_on;
    add({ id: 'length', phase: 'check', checkpoint: true, last_chance: 'length' }, { text });
  };
  const told = new Set<string>();
  for (const { phase, part, stretch } of courseOf(plan).steps) {
    if (part && (phase === 'closure' || phase === 'finish')) check();
    if (part) {
      const kind = safetyClass(part.part);
      const finish = phase === 'finish' && part.part.slug in words.ends;
      const tools = part.part.tools.slice(0, 6);
      add(
        {
          id: `part-${part.id}`,
          phase: phase === 'set-up' ? 'start' : phase === 'closure' ? 'close' : phase === 'finish' ? 'finish' : 'knot',
          of: [part.id],
          ...(finish && { finish: part.id }),
          ...(!finish && kind === 'heat' && { heat: true as const }),
          ...(!finish && tools.length > 0 && { tools: [...tools] }),
        },
        { text: finish ? `${part.part.name}.` : part.part.step },
      );
    } else if (stretch && !told.has(stretch.section.id)) {
      told.add(stretch.section.id);
      const { id, runs, halfKnots } = stretch.section;
      const unit = halfKnots > 0 ? (runs[0]!.stitch.slug.includes('spiral') ? 'half-knots' : 'square-knots') : 'rows';
      const steps = [...new Set(runs.flatMap(({ stitch }) => stitch.steps.map(({ text }) => text)))];
      const n = `{${unit === 'rows' ? 'count' : unit.replace('-', '_')}:${id}}`;
      add(
        { id: `section-${id}`, phase: stretch.place ? 'knot' : 'close', of: [id], count: { sections: [id], unit } },
        { text: `${steps.join(' ')} ${words.built.go_on.replace('{n}', n)}`, right: runs[0]!.stitch.watch },
      );
    }
  }
  check();
  add({ id: 'wear', phase: 'wear' }, { text: words.built.wear });
  return { acts, texts: { en } };
}
