import type { EndToCome } from './ends-to-come';
import { knots, mm, type Rescue, type Short } from './rescue';

/**
 * Core legs and working legs change places for the rest of a stretch: after so many ties each has tied as many, or the rest, and runs
 * straight through the others. After the stretch each goes its own way on. It helps where there is a number of ties that all last for.
 */
export function swap({ ends, left, toCome, stretch }: Short): Rescue | null {
  const measured = ends.flatMap((end, i) => {
    const own = left[i];
    // What it takes after the stretch, and keeps.
    const after = end.ties_mm + end.rest_mm - toCome * end.each + end.tail_mm;
    return own === undefined ? [] : [{ ...end, left: own, after }];
  });
  const isCore = ({ as, each }: EndToCome): boolean => as === null && each > 0;
  const workers = measured.filter(({ as }) => as !== null);
  const cores = measured.filter(isCore);
  const [worker] = workers.toSorted((a, b) => a.left - b.left);
  const [core] = cores.toSorted((a, b) => a.left - b.left);
  // Only what was measured counts, and only as many core legs as there are workers can take their place.
  if (!worker || !core || ends.filter(isCore).length < ends.filter(({ as }) => as !== null).length) return null;
  if (worker.of.cord.slug !== core.of.cord.slug || core.left <= worker.left) return null;
  const perTie = Math.max(...workers.map((end) => end.perTie));
  const perCore = Math.max(...cores.map((end) => end.perCore));
  const more = perTie - perCore;
  if (more <= 0) return null;
  const most = Math.min(toCome, ...workers.map((end) => Math.floor((end.left - end.after - toCome * perCore) / more)));
  const least = Math.max(0, ...cores.map((end) => Math.ceil((toCome * perTie + end.after - end.left) / more)));
  if (least > most || least >= toCome) return null;
  return {
    slug: 'swap',
    title: 'Let the core legs work',
    text: `${least === 0 ? 'Now' : `After ${knots(stretch, least)}`}${most > least ? `, and after ${most} at the latest,` : ''} lay the working legs straight through and go on with the core legs: they are longer by ${mm(core.left - worker.left)}.`,
    keeps: 'All of it; from there the colours may change places.',
    values: { after: least, at_latest: most, longer_mm: core.left - worker.left },
  };
}
