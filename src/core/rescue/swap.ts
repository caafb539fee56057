import { knots, mm, type Rescue, type Short } from './rescue';

/**
 * Core legs and working legs change places: after j ties each has tied j, or the rest, and runs straight through the others. It helps where there is a j
 * that both last for.
 */
export function swap({ ends, left, toCome, stretch }: Short): Rescue | null {
  const workers = ends.flatMap((end, i) => (end.as === null ? [] : [{ ...end, left: left[i] }]));
  const cores = ends.flatMap((end, i) =>
    end.as === null && end.toCome.some((entry) => entry.for === 'core') ? [{ ...end, left: left[i] }] : [],
  );
  const [worker] = workers.toSorted((a, b) => (a.left ?? Infinity) - (b.left ?? Infinity));
  const [core] = cores.toSorted((a, b) => (a.left ?? Infinity) - (b.left ?? Infinity));
  // Only what was measured counts, and only as many core legs as there are workers can take their place.
  if (worker?.left === undefined || core?.left === undefined || cores.length < workers.length) return null;
  if (worker.of.cord.slug !== core.of.cord.slug) return null;
  const { perTie, perCore } = worker;
  const more = perTie - perCore;
  // What is in neither ties nor core: parts, and what an end keeps.
  const after = (end: typeof worker): number => end.rest_mm - (end.as === null ? toCome * perCore : 0) + end.tail_mm;
  const most = Math.floor((worker.left - after(worker) - toCome * perCore) / more);
  const least = Math.max(0, Math.ceil((toCome * perTie + after(core) - core.left) / more));
  if (least > most || least >= toCome) return null;
  return {
    slug: 'swap',
    title: 'Let the core legs work',
    text: `${least === 0 ? 'Now' : `After ${knots(stretch, least)}`}${most > least ? `, and after ${most} at the latest,` : ''} lay the working legs straight through and go on with the core legs: they are longer by ${mm(core.left - worker.left)}.`,
    keeps: 'All of it; from there the colours may change places.',
    values: { after: least, at_latest: most, longer_mm: core.left - worker.left },
  };
}
