import { builtActs } from '../acts';
import type { ActText, Piece, ProjectAct } from '../project';
import type { SeatPlan } from '../seat';
import type { MakingWords } from './words';

/** What an act of a built making says: the step of its part, or those of its stitches. */
function textOf({ id, of: [name] = [], finish, count }: ProjectAct, piece: Piece, words: MakingWords): ActText {
  const section = piece.sections[name ?? ''];
  if (section && count) {
    const steps = [...new Set(section.runs.flatMap(({ stitch }) => stitch.steps.map(({ text }) => text)))];
    const unit = count.unit === 'rows' ? 'count' : count.unit.replace('-', '_');
    const goOn = words.built.go_on.replace('{n}', `{${unit}:${section.id}}`);
    return { text: `${steps.join(' ')} ${goOn}`, right: section.runs[0]!.stitch.watch };
  }
  const item = piece.parts[name ?? ''];
  if (item) return { text: finish === undefined ? item.part.step : `${item.part.name}.` };
  if (id === 'wear') return { text: words.built.wear };
  const byBand = piece.project.sizing.by === 'band';
  return { text: byBand ? words.built.measure.replace('{length}', '{band_length}') : words.built.try_on };
}

/** The words of the acts that are built for a project without a making. */
export const builtTexts = (piece: Piece, words: MakingWords): Record<string, ActText> =>
  Object.fromEntries(builtActs(piece).map((act) => [act.id, textOf(act, piece, words)]));

/**
 * A making for a project that has none, to be changed from there.
 *
 * @example
 * builtMaking(plan, words).acts.at(-1).phase // 'wear'
 */
export function builtMaking(plan: SeatPlan, words: MakingWords): NonNullable<Piece['project']['making']> {
  const piece = plan.piece!;
  return { acts: builtActs(piece), texts: { en: builtTexts(piece, words) } };
}
