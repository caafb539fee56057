import { lookUp } from '../../core/project';
import { notFound } from '../../core/problem';
import { cordOf, estimateMass } from '../../core/shelf';
import { findItem } from '../../data/shelf/items';
import { findLot } from '../../data/shelf/lots';
import { inTransaction } from '../../data/database/transaction';
import type { ScaleReading } from '../../core/device';
import { scaleUnder } from '../devices';
import { readStudio } from '../studio/studio';

const UUID = /^[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i;

/** Reads the scale with a lot on it: what the shelf has of the lot, a little less, as spools go. */
export function readScale(id: string, since: number): Promise<ScaleReading | null> {
  return inTransaction(async (t) => {
    const lot = UUID.test(id) ? await findLot(id, t) : null;
    if (!lot) throw notFound('lot');
    const { catalogue, settings } = await readStudio(t);
    const cord = lookUp(catalogue.cords, cordOf(lot.item)?.cord ?? '');
    const own = (await findItem(lot.item, t))?.doc.mass;
    const mass = own ?? (cord ? estimateMass(cord, settings.figures.cord_fill) : 0);
    const load = (lot.tare ?? 0) + (lot.hand / 1000) * mass * 0.97;
    return scaleUnder(load, since, lot.place).read();
  });
}
