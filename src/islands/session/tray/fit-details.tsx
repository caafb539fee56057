import { number } from '../../../ui/words/region';
import { formatLength, type Units } from '../../../core/measure';
import { type Fit, countOf } from '../../../core/fit';

/** The reckoning from wrist to knotted length, line by line, and the neighbouring counts. */
export function FitDetails({ fit, units }: { fit: Fit; units: Units }) {
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
        <strong>{countOf(fit)}</strong>, {formatLength(fit.knotted_mm, units)}.
        {fit.neighbours.length > 0 && (
          <span className="quiet">
            {' '}
            {fit.neighbours
              .map(
                (n) =>
                  `${countOf(n)} would be ${number(Math.abs(n.error_mm), 1)} mm ${n.error_mm < 0 ? 'short' : 'long'}`,
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
