import { number } from '../../../ui/words/region';
import { formatLength, type Units } from '../../../core/measure';
import type { Neighbour } from '../../../core/fit';
import { bandCount, type CountWords } from '../../../core/making';
import type { SeatPlan } from '../../../core/seat';

/** The reckoning from wrist to knotted length, line by line, and the neighbouring counts. */
export function FitDetails({
  piece,
  fit,
  units,
  words,
}: {
  piece: NonNullable<SeatPlan['piece']>;
  fit: NonNullable<SeatPlan['fit']>;
  units: Units;
  words: CountWords;
}) {
  const count = bandCount({ piece, fit }, words);
  const unlike = (one: Neighbour): string => {
    const knots = (one.half_knots ?? 0) - (fit.half_knots ?? 0);
    const steps = Math.abs(knots) || 1;
    return `${steps}${knots ? ` half knot${steps > 1 ? 's' : ''}` : ''} ${one.knotted_mm > fit.knotted_mm ? 'more' : 'fewer'}`;
  };
  return (
    <div className="text-sm">
      <table className="sheet">
        <caption className="sr-only">From wrist to knotted length</caption>
        <tbody>
          {fit.lines.map((line, i) => (
            <tr key={i}>
              <td>
                {line.label}
                <span className="quiet block text-[13px]">{line.because.text}</span>
              </td>
              <td className="num align-top">{number(line.mm, 1)}</td>
            </tr>
          ))}
          <tr>
            <th scope="row">Knotted length, mm</th>
            <td className="num font-bold">{number(fit.knotted_mm, 1)}</td>
          </tr>
        </tbody>
      </table>
      <p className="mt-2">
        {count && (
          <>
            <strong>{count}</strong>,{' '}
          </>
        )}
        {formatLength(fit.knotted_mm, units)}.
        {fit.neighbours.length > 0 && (
          <span className="quiet">
            {' '}
            {fit.neighbours
              .map(
                (n) =>
                  `${unlike(n)} would be ${number(Math.abs(n.error_mm), 1)} mm ${n.error_mm < 0 ? 'short' : 'long'}`,
              )
              .join('; ')}
            .
          </span>
        )}
        {fit.rule && fit.centre_mm !== undefined && (
          <span className="quiet block">
            Closed, it is {number(fit.centre_mm + fit.error_mm, 0)} mm long overall. Makers go by the wrist and{' '}
            {number(fit.rule.more_mm, 0)} mm for {fit.rule.isThick ? 'thick' : 'thin'} cord:{' '}
            {number(fit.rule.closed_mm, 0)} mm.
          </span>
        )}
        {fit.filler && (
          <span className="block">
            Or {fit.filler.each_end} more half knots at each end: {number(Math.abs(fit.filler.error_mm), 1)} mm{' '}
            {fit.filler.error_mm < 0 ? 'short' : 'long'}.
          </span>
        )}
      </p>
    </div>
  );
}
