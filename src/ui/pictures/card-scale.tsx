import { formatLength, type Units } from '../../core/measure';

/** The edge of a card that a scale fits on, mm. */
const EDGE = 170;

/**
 * A scale true to size along the edge of a paper, with a check line, and how long a band is: one longer than the edge is laid folded,
 * and the scale marks that fold.
 */
export function CardScale({ mm, units }: { mm: number; units: Units }) {
  const fold = [1, 2, 3, 4].find((n) => mm / n <= EDGE) ?? 4;
  const inch = units === 'in';
  const [step, check] = inch ? [25.4 / 8, 50.8] : [1, 50];
  const ticks = Array.from({ length: Math.floor(EDGE / step) + 1 }, (_, i) => i);
  const isLong = (i: number): boolean => i % (inch ? 8 : 10) === 0;
  const at = mm / fold;
  const words = `Your band, ${formatLength(mm, units)}${fold > 1 ? `, laid folded in ${fold}` : ''}`;
  return (
    <svg
      width={`${EDGE + 8}mm`}
      height="18mm"
      viewBox={`-2 0 ${EDGE + 8} 18`}
      role="img"
      aria-label={`${words}. Check: this line is ${inch ? '2 in' : '5 cm'} long.`}
      className="mt-2 block max-w-none"
      fill="currentColor"
      stroke="currentColor"
      strokeWidth="0.2"
      fontSize="3.4"
    >
      {ticks.map((i) => (
        <line key={i} x1={i * step} x2={i * step} y1={6} y2={isLong(i) ? 10 : i % (inch ? 4 : 5) === 0 ? 8.6 : 7.6} />
      ))}
      {ticks.filter(isLong).map((i) => (
        <text key={i} x={i * step + 0.5} y={12.6} stroke="none">
          {i / (inch ? 8 : 10)}
        </text>
      ))}
      <line x1={0} x2={EDGE} y1={6} y2={6} />
      <line x1={at} x2={at} y1={0} y2={6} />
      <path d={`M ${at} 6 l -1 -2 h 2 Z`} />
      <text x={at - 1.8} y={3.4} textAnchor="end" stroke="none">
        {words}
      </text>
      <line x1={0} x2={check} y1={15} y2={15} strokeWidth="0.6" />
      <text x={check + 2} y={16.2} stroke="none">
        {inch ? '2 in' : '5 cm'}: if this line is not as long, the paper was printed to fit
      </text>
    </svg>
  );
}
