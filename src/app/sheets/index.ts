export { bodiesOf, cellOf } from '../../formats/sheets';
import { keptOf } from '../kept';
import { cutSheetFeature } from './cut-sheet';
import { packingSheetFeature } from './packing-sheet';
import { roomSheetFeature } from './room-sheet';
import { safetyCardFeature } from './safety-card';
import type { WritingFor } from './sheet-feature';
import { tableSheetFeature } from './table-sheet';

/** The sheets of a session, each for page and paper. */
export const SHEETS = [
  cutSheetFeature,
  tableSheetFeature,
  packingSheetFeature,
  roomSheetFeature,
  safetyCardFeature,
] as const;

/** One of a session's sheets as a PDF, on the studio's paper unless another is asked for. */
export async function paperSheet(
  id: string,
  feature: (typeof SHEETS)[number],
  writingFor: WritingFor,
  paper: 'a4' | 'letter' | null,
): Promise<Uint8Array> {
  const { sheet, settings } = await feature.make(id, writingFor);
  return keptOf('sheet', { sheet, paper: paper ?? settings.paper });
}
