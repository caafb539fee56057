import { formatLength, type Units } from '../../core/measure';
import type { Fit } from '../../core/fit';

/** The reckoning from wrist to knotted length, line by line, and the neighbouring counts. */
export function FitDetails({ fit, units }: { fit: Fit; units: Units }) {
  return (
    <div className="text-sm">
      <table className="sheet">
        <caption className="sr-only">From wrist to knotted length</caption>
        <tbody>
          {fit.lines.map((line) => (
            <tr key={line.label}>
              <td>
                {line.label}
                <span className="quiet block text-[13px]">{line.because}</span>
              </td>
              <td className="num align-top">{line.mm.toFixed(1)}</td>
            </tr>
          ))}
          <tr>
            <th scope="row">Knotted length, mm</th>
            <td className="num font-bold">{fit.knotted_mm.toFixed(1)}</td>
          </tr>
        </tbody>
      </table>
      <p className="mt-2">
        <strong>{fit.half_knots} half knots</strong>, {formatLength(fit.knotted_mm, units)}.{' '}
        {fit.neighbours.map((n, i) => (
          <span key={n.half_knots} className="quiet">
            {i > 0 && '; '}
            {n.half_knots} would be{' '}
            {n.error_mm < 0 ? `${(-n.error_mm).toFixed(1)} mm short` : `${n.error_mm.toFixed(1)} mm long`}
          </span>
        ))}
        .
      </p>
    </div>
  );
}
