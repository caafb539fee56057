import { actsOf } from '../acts';
import { courseOf } from '../bench';
import type { SeatPlan } from '../seat';
import { countIn } from './counts';
import type { MakingWords } from './words';

/**
 * What is tapped at a step of a seat's course: half knots; beads, tubes and courses by their name; and where beads and knots are tapped by
 * turns, steps. Null where nothing is.
 *
 * @param id the step's name
 *
 * @example
 * tapWords(plan, 'go-on', words) // 'half knots'
 */
export function tapWords(plan: SeatPlan, id: string, words: MakingWords): string | null {
  const { piece, fit } = plan;
  const own = courseOf(plan).steps.find((step) => step.id === id)?.stretches ?? [];
  if (!piece || !fit || own.length === 0) return null;
  const kinds = new Set(own.map((one) => one.words));
  if (kinds.size > 1) return words.walk.steps;
  if (kinds.has('half knots')) return words.units['half-knots'].many;
  const ties = own.reduce((sum, one) => sum + one.ties, 0);
  const count = actsOf(piece).find(({ act }) => act.id === id)?.act.count;
  const isByName = count && countIn({ piece, fit }, count.sections, count.unit).of === ties;
  return isByName ? words.units[count.unit][ties === 1 ? 'one' : 'many'] : words.walk.steps;
}
