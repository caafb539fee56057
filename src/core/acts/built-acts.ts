import { safetyClass } from '../part';
import { isSection, type Piece, type PiecePart, type ProjectAct } from '../project';
import { makingOrder } from './order';

/** The phase that a part is made in, by its place among the parts and sections: what ends a strand comes after all knots. */
function phaseOf({ part }: PiecePart, place: number, first: number, last: number): ProjectAct['phase'] {
  // A knot ends it and closes it; what is trimmed, fused or glued is not done before it was tried on.
  const isKnot = part.girth !== undefined || part.byOne === true;
  if (part.stretch === 'end' && !isKnot) return 'finish';
  if (place < first && part.end === undefined && part.stretch !== 'slide') return 'start';
  return place > first && place < last ? 'knot' : 'close';
}

/**
 * The acts of a piece whose project has none written: its parts and sections in an order in which nothing is used before it exists, a
 * look at the length before anything closes it, and the ends last. Their names say what they are of: `part-…`, `section-…`.
 *
 * @example
 * builtActs(piece).at(-1).phase // 'wear'
 */
export function builtActs(piece: Piece): ProjectAct[] {
  const order = makingOrder(piece);
  const inBand = new Set(piece.layout.filter(isSection).map(({ id }) => id));
  const places = order.flatMap((id, i) => (inBand.has(id) ? [i] : []));
  const [first, last] = [places[0] ?? order.length, places.at(-1) ?? -1];
  const ofPart = (item: PiecePart, phase: ProjectAct['phase']): ProjectAct => {
    const isWorded = phase === 'finish';
    const kind = safetyClass(item.part);
    const tools = item.part.tools.slice(0, 6);
    return {
      id: `part-${item.id}`,
      phase,
      of: [item.id],
      ...(isWorded && { finish: item.id }),
      ...(!isWorded && kind === 'heat' && { heat: true as const }),
      ...(!isWorded && tools.length > 0 && { tools: [...tools] }),
    };
  };
  const made = order.flatMap((id, place): ProjectAct[] => {
    const section = piece.sections[id];
    if (!section) {
      const item = piece.parts[id]!;
      return [ofPart(item, phaseOf(item, place, first, last))];
    }
    if (section.runs.every(({ stitch }) => stitch.effort === 0)) return [];
    const isSpiral = section.runs[0]!.stitch.slug.includes('spiral');
    const unit = section.halfKnots > 0 ? (isSpiral ? 'half-knots' : 'square-knots') : 'rows';
    return [
      {
        id: `section-${id}`,
        phase: inBand.has(id) ? 'knot' : 'close',
        of: [id],
        count: { sections: [id], unit },
      },
    ];
  });
  const of = (...phases: readonly ProjectAct['phase'][]): ProjectAct[] =>
    made.filter(({ phase }) => phases.includes(phase));
  return [
    ...of('start'),
    ...of('knot'),
    { id: 'length', phase: 'check', checkpoint: true, last_chance: 'length' },
    ...of('close'),
    ...of('finish'),
    { id: 'wear', phase: 'wear' },
  ];
}
