import { bareUnit, formatLength, parseLength, type Units } from '../../../core/measure';
import { questionsOf, type PlannedPiece, type SaidOfPiece } from '../../../core/record';
import type { PlannedSeat } from '../../../core/seat';
import type { Noted } from '../../../core/session';
import { Swatch } from '../../../ui/pictures/swatch';
import { TextCell } from '../../../ui/fields/text-cell';
import type { SessionModel } from '../model/use-session';
import { leftWords, readFinished, readFits, readLeft } from './read-left';

const whole = (text: string): string | null => (text === '' || /^\d{1,5}$/.test(text) ? null : 'A whole number');
const oneOf = (read: (text: string) => unknown, words: string) => (text: string) =>
  read(text) === undefined ? `One of: ${words}` : null;

/** Why a text is no length; null where it is one, or empty. */
function lengthProblem(text: string, bare: 'mm' | 'cm' | 'in'): string | null {
  const reading = text === '' ? null : parseLength(text, bare);
  return reading && !reading.ok ? reading.fault.problem : null;
}

interface RowProps {
  readonly seat: PlannedSeat;
  readonly number: number;
  /** The table's line that its first cord stands in. */
  readonly line: number;
  readonly planned: PlannedPiece;
  readonly noted: Noted | undefined;
  readonly isAway: boolean;
  readonly model: SessionModel;
  readonly units: Units;
}

/** A seat's record: a line for each of its cords, what is the piece's on the first; and a line for what can hardly be. */
export function WrapRow({ seat, number, line, planned, noted, isAway, model, units }: RowProps) {
  const { record, plan } = seat;
  const said = noted?.said ?? {};
  const { name } = record;
  const say = (more: SaidOfPiece) => model.act({ kind: 'record', seat: record.id, said: more });
  const at = (col: number, row = line) => ({ 'data-row': row, 'data-col': col });
  const questions = questionsOf(planned, said, units);
  const asks = (field: string): boolean => questions.some((one) => one.field === field);
  const colourOf = (cord: string, colour: string) =>
    model.view.studio.catalogue.cords[cord]?.colours.find(({ slug }) => slug === colour);
  const rows = planned.cords.length;
  // Cords of one role are told apart by their colour.
  const differ = planned.cords.some(({ role }) => role !== planned.cords[0]?.role);
  const marked = (field: string): string => (asks(field) ? 'border-warning! border-dashed!' : '');
  const readBand = (text: string): string | null => lengthProblem(text, bareUnit(units));
  const readThick = (text: string): string | null => lengthProblem(text, 'mm');
  return (
    <>
      {planned.cords.map((cord, i) => (
        <tr key={i} className={isAway ? 'quiet' : ''}>
          {i === 0 && (
            <>
              <td className="num quiet" rowSpan={rows}>
                {number}
              </td>
              <th scope="rowgroup" rowSpan={rows} className="max-w-36 truncate narrow:max-w-24" title={name}>
                {name}
                {isAway && <span className="block text-sm">did not come</span>}
              </th>
              <td rowSpan={rows} className="max-w-36 truncate text-sm narrow:hidden">
                {plan.piece?.project.name}
              </td>
            </>
          )}
          <td className="text-sm whitespace-nowrap">
            <span className="mr-1.5 inline-block align-[-1px]">
              <Swatch hex={colourOf(cord.cord, cord.colour)?.hex ?? 'transparent'} size={12} />
            </span>
            {cord.pieces > 1 && `${cord.pieces} × `}
            {differ && `${cord.role} `}
            {rows > 1 && !differ && (
              <span className="narrow:sr-only">{colourOf(cord.cord, cord.colour)?.name ?? cord.colour} </span>
            )}
            <span className="num">{formatLength(cord.cut_mm, units, 'up')}</span>
          </td>
          <td className="min-w-32 narrow:min-w-20">
            <TextCell
              {...at(0, line + i)}
              placeholder="—"
              label={`Left of ${name}’s ${rows > 1 ? `${cord.role} ${cord.colour}` : 'cord'}`}
              value={leftWords(said.left?.[String(i)], units)}
              className={`text-right tabular-nums ${marked(`left ${i}`)}`}
              check={(text) => {
                const read = readLeft(text, units);
                return 'problem' in read ? read.problem : null;
              }}
              onChange={(text) => {
                const read = readLeft(text, units);
                if ('left' in read) say({ left: { [String(i)]: read.left } });
              }}
            />
          </td>
          {i === 0 && (
            <>
              <td rowSpan={rows} className="min-w-16 narrow:min-w-12">
                <TextCell
                  {...at(1)}
                  label={`Half knots of ${name}`}
                  value={said.half_knots?.toString() ?? ''}
                  placeholder={planned.half_knots === null ? '—' : `of ${planned.half_knots}`}
                  className={`text-right tabular-nums ${marked('half_knots')}`}
                  check={whole}
                  onChange={(text) => say({ half_knots: text === '' ? null : Number(text) })}
                />
              </td>
              <td rowSpan={rows} className="min-w-21 narrow:min-w-16">
                <TextCell
                  {...at(2)}
                  placeholder="—"
                  label={`Band of ${name}`}
                  value={said.band_mm == null ? '' : formatLength(said.band_mm, units)}
                  className={`text-right tabular-nums ${marked('band_mm')}`}
                  check={readBand}
                  onChange={(text) => {
                    const reading = text === '' ? null : parseLength(text, bareUnit(units));
                    say({ band_mm: reading?.ok ? Math.round(reading.value.mm) : null });
                  }}
                />
              </td>
              <td rowSpan={rows} className="min-w-16 narrow:min-w-12">
                <TextCell
                  {...at(3)}
                  label={`Thickness of the band of ${name}`}
                  value={said.thick_mm == null ? '' : `${said.thick_mm} mm`}
                  placeholder={planned.flat ? 'mm' : '—'}
                  className={`text-right tabular-nums ${marked('thick_mm')}`}
                  check={readThick}
                  onChange={(text) => {
                    const reading = text === '' ? null : parseLength(text, 'mm');
                    say({ thick_mm: reading?.ok ? Number(reading.value.mm.toFixed(1)) : null });
                  }}
                />
              </td>
              <td rowSpan={rows} className="min-w-16 narrow:min-w-12">
                <TextCell
                  {...at(4)}
                  placeholder="—"
                  label={`How the band of ${name} fits`}
                  value={said.fits ?? ''}
                  check={oneOf(readFits, 'tight, right, loose')}
                  onChange={(text) => say({ fits: readFits(text) ?? null })}
                />
              </td>
              <td rowSpan={rows} className="min-w-20 narrow:min-w-12">
                <TextCell
                  {...at(5)}
                  label={`Minutes of ${name}`}
                  value={said.minutes?.toString() ?? ''}
                  placeholder={noted?.minutes == null ? '—' : `${Math.round(noted.minutes)} seen`}
                  className={`text-right tabular-nums ${marked('minutes')}`}
                  check={whole}
                  onChange={(text) => say({ minutes: text === '' ? null : Number(text) })}
                />
              </td>
              <td rowSpan={rows} className="min-w-24 narrow:min-w-16">
                <TextCell
                  {...at(6)}
                  placeholder="—"
                  label={`How ${name} finished it`}
                  value={said.finished ?? ''}
                  check={oneOf(readFinished, 'flame, glue, woven back, at home, not finished')}
                  onChange={(text) => say({ finished: readFinished(text) ?? null })}
                />
              </td>
              <td rowSpan={rows} className="min-w-28 narrow:min-w-16">
                <TextCell
                  {...at(7)}
                  placeholder="—"
                  label={`A word on the piece of ${name}`}
                  value={said.word ?? ''}
                  maxLength={300}
                  onChange={(text) => say({ word: text === '' ? null : text })}
                />
              </td>
            </>
          )}
        </tr>
      ))}
      {questions.length > 0 && (
        <tr>
          <td colSpan={3} />
          <td colSpan={9} role="status" className="h-auto! text-sm">
            {questions.map(({ field, text }) => (
              <span key={field} className="mr-4">
                <strong className="text-accent">?</strong> {text}
              </span>
            ))}
          </td>
        </tr>
      )}
    </>
  );
}
