import { PlannedPieceSchema, plannedThen, SaidOfPieceSchema } from '../core/record';
import { checker } from '../formats/check';
import { readHistory, type HistoryPiece } from '../formats/records';
import type { HistoryRecord, Input, Output } from './tasks';

const checkPlanned = checker(PlannedPieceSchema);
const checkSaid = checker(SaidOfPieceSchema);

/** A piece as a record, or the fault of one of its lines. */
function recordOf(
  piece: HistoryPiece,
  { catalogue, settings }: Input<'history'>,
): HistoryRecord | { line: number; column: string; problem: string } {
  const { on, project, skill, planned_mm: band_mm, cords, line } = piece;
  const then = plannedThen({ on, project, skill, band_mm, cords }, catalogue, settings.figures);
  if (typeof then === 'string') return { line, column: 'project', problem: then };
  const lost = cords.find((_, i) => then.places[i] === null);
  if (lost)
    return {
      line: lost.line,
      column: 'cord',
      problem: `such a piece has no ${lost.role ?? 'worked'} strand of ${lost.cord} (left)`,
    };
  const left = Object.fromEntries(cords.map((own, i) => [String(then.places[i]!), own.left]));
  const record = { piece, planned: then.planned, said: { ...piece.said, left } };
  // What is stored is held to the schemas that an archive is read by.
  for (const checked of [checkPlanned(record.planned), checkSaid(record.said)])
    if (!checked.ok) {
      const column = checked.fault.at.split('/')[1] ?? 'line';
      return { line, column, problem: checked.fault.error };
    }
  return record;
}

/** A history's pieces, each planned as it would be now, and the faults of lines that cannot be taken. */
export function recordsOfHistory(input: Input<'history'>): Output<'history'> {
  const { catalogue, settings } = input;
  const read = readHistory(
    input.text,
    { projects: Object.values(catalogue.projects), cords: Object.values(catalogue.cords) },
    settings.units,
  );
  const found = read.pieces.map((piece) => recordOf(piece, input));
  return {
    records: found.filter((one): one is HistoryRecord => 'planned' in one),
    faults: [...read.faults, ...found.flatMap((one) => ('planned' in one ? [] : [one]))].sort(
      (a, b) => a.line - b.line,
    ),
    lines: read.lines,
    fault: read.fault,
  };
}
