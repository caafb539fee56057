import { knots, mm, type Rescue, type Short } from './rescue';

/** The band ends where its cord does: what it is shorter goes into a longer loop or the tails, or off the ease. */
export function stopEarly({ plan, piece, fit, stretch, possible, toCome, made, figures }: Short): Rescue | null {
  const isLast = piece.layout.findLast((item) => 'runs' in item)?.id === stretch.section.id;
  if (!isLast || made + possible === 0 || possible >= toCome) return null;
  const shorter = (toCome - possible) * stretch.pitch;
  const stop = possible === 0 ? 'Stop here' : `Stop after ${knots(stretch, possible)}`;
  const parts = Object.values(piece.parts);
  // What a loop closes over may be tied further out; the loop is as long as what passes it needs.
  const loop = parts.some(({ closedOver }) => closedOver) ? parts.find(({ base }) => base.mate > 0) : undefined;
  const keeps = `The band, ${mm(shorter)} shorter.`;
  const base = { slug: 'stop', title: 'Stop early', keeps };
  const said = { after: possible, shorter_mm: shorter };
  if (piece.project.kind !== 'bracelet')
    return {
      ...base,
      text: `${stop}: it is ${mm(fit.knotted_mm - shorter)} long instead of ${mm(fit.knotted_mm)}.`,
      values: { ...said, way: 'length', long_mm: fit.knotted_mm },
    };
  if (piece.project.opens === 'slides')
    return {
      ...base,
      text: `${stop}. It slides: the tails make up for ${mm(shorter)}, and it opens as far less.`,
      values: { ...said, way: 'slides' },
    };
  if (loop) {
    const own = loop.base.mate * figures.loop_fit;
    const text = `${stop}, and tie the end knot ${mm(shorter)} further out on the bare legs; or make the loop longer by as much, ${mm(own + 2 * shorter)} round instead of ${mm(own)}. The size inside stays.`;
    return { ...base, text, values: { ...said, way: 'loop', loop_mm: own } };
  }
  // Off the ease of this seat, never below the wrist; of a piece that was asked for by its own size nobody knows the wrist.
  const ease = plan.fit?.lines.find(({ because }) => because.code === 'ease')?.mm ?? 0;
  if (fit.inner_mm === undefined || shorter > ease * piece.choices.wraps) return null;
  return {
    ...base,
    text: `${stop}: it is ${mm(fit.inner_mm - shorter)} inside instead of ${mm(fit.inner_mm)}. Try it on first: that is off the ease.`,
    values: { ...said, way: 'ease', inner_mm: fit.inner_mm },
  };
}
