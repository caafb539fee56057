import { createHash } from 'node:crypto';
import { plannedThen, recordsOf, type PlannedPiece, type SaidOfPiece, type StoredEntry } from '../../core/record';
import { historyCsv, readHistory, type HistoryFault, type HistoryPiece } from '../../formats/records';
import { addRecords, recordTexts, sessionTitles } from '../../data/records';
import { inTransaction } from '../../data/database/transaction';
import { keyFor } from '../studio/key-for';
import { readStudio } from '../studio/studio';
import type { Studio } from '../../core/session';
import { learnSoon } from './learning';

/** A history from elsewhere as it was read: how much of it can be taken, and what cannot. */
export interface HistoryPreview {
  readonly lines: number;
  readonly pieces: number;
  readonly makers: number;
  readonly from: string | null;
  readonly to: string | null;
  readonly faults: readonly HistoryFault[];
  readonly first: readonly { readonly line: number; readonly what: string; readonly used: string }[];
  readonly fault: string | null;
}

/** As many lines are shown of a history, and as many faults. */
const [SHOWN, FAULTS] = [8, 200];

interface Taken {
  readonly piece: HistoryPiece;
  readonly planned: PlannedPiece;
  readonly said: SaidOfPiece;
}

/** A history's pieces, each planned as it would be now, so that it can be held against geometry. */
function take(text: string, { catalogue, settings }: Studio) {
  const read = readHistory(
    text,
    { projects: Object.values(catalogue.projects), cords: Object.values(catalogue.cords) },
    settings.units,
  );
  const faults = [...read.faults];
  const taken = read.pieces.flatMap((piece): Taken[] => {
    const { on, project, skill, planned_mm: band_mm, cords, line } = piece;
    const then = plannedThen({ on, project, skill, band_mm, cords }, catalogue, settings.figures);
    if (typeof then === 'string') {
      faults.push({ line, column: 'project', problem: then });
      return [];
    }
    const lost = cords.findIndex((_, i) => then.places[i] === null);
    if (lost >= 0) {
      const { line: at, cord, role } = cords[lost]!;
      faults.push({
        line: at,
        column: 'cord',
        problem: `such a piece has no ${role ?? 'worked'} strand of ${cord} (left)`,
      });
      return [];
    }
    const left = Object.fromEntries(cords.map((own, i) => [String(then.places[i]!), own.left]));
    return [{ piece, planned: then.planned, said: { ...piece.said, left } }];
  });
  return { read, taken, faults: faults.sort((a, b) => a.line - b.line) };
}

/** Reads a history and tells what would come of it. Nothing is kept. */
export function previewHistory(text: string): Promise<HistoryPreview> {
  return inTransaction(async (t) => {
    const { read, taken, faults } = take(text, await readStudio(t));
    const days = taken.map(({ piece }) => piece.on).sort();
    return {
      lines: read.lines,
      pieces: taken.length,
      makers: new Set(taken.map(({ piece }) => piece.maker)).size,
      from: days[0] ?? null,
      to: days.at(-1) ?? null,
      faults: faults.slice(0, FAULTS),
      first: taken.slice(0, SHOWN).map(({ piece, planned, said }) => ({
        line: piece.line,
        what: `${piece.on}, ${piece.project}, ${piece.skill}, band ${piece.planned_mm} mm`,
        used: planned.cords
          .map(({ cord, cut_mm }, i) => {
            const left = said.left?.[String(i)];
            const of = !left
              ? 'not told'
              : 'mm' in left
                ? `${left.mm.reduce((a, b) => a + b, 0)} mm left`
                : 'ran short';
            return `${cord}: cut ${cut_mm} mm, ${of}`;
          })
          .join('; '),
      })),
      fault: read.fault,
    };
  });
}

/** Takes a history in; lines that cannot be taken are left out, and one that came before is there once. Answers how many pieces are new. */
export async function importHistory(text: string): Promise<{ added: number }> {
  const added = await inTransaction(async (t) => {
    const { taken } = take(text, await readStudio(t));
    const whole = createHash('sha256').update(text).digest('hex');
    const seen = new Map<string, number>();
    return addRecords(
      taken.map(({ piece, planned, said }) => {
        // A line as it is told is a piece; told twice in one file, it is two.
        const { line: _, cords, ...told } = piece;
        const words = JSON.stringify([told, cords.map(({ line: _l, ...own }) => own)]);
        const n = (seen.get(words) ?? 0) + 1;
        seen.set(words, n);
        const key = keyFor(`history ${n}`, words);
        return {
          key,
          piece: key,
          session: null,
          title: piece.session || `history, ${piece.on}`,
          person: null,
          // The same for all of one name in one file, and nothing that leads back to it.
          maker: piece.maker === '' ? null : keyFor(whole, piece.maker),
          planned,
          seen: null,
          said,
        };
      }),
      t,
    );
  });
  learnSoon();
  return { added };
}

/** All records as they stand. */
const allRecords = () =>
  inTransaction(async (t) => ({
    records: recordsOf((await recordTexts(t)).flatMap((text) => JSON.parse(text) as StoredEntry[])),
    titles: await sessionTitles(t),
  }));

export async function recordsCsv(): Promise<string> {
  const { records, titles } = await allRecords();
  return historyCsv(records, titles);
}

/** The same as JSON, whole; what was written in words stays here. */
export async function recordsJson(): Promise<object> {
  const { records, titles } = await allRecords();
  return {
    format: 'lapboard-records',
    version: 1,
    records: records.map(({ said: { word: _, ...said }, session, ...rest }) => ({
      session: titles.get(session) ?? session,
      ...rest,
      said,
    })),
  };
}
