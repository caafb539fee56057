import type { CardMark } from '../../core/making';
import { formatLength, type Units } from '../../core/measure';

/** The edge of a card that a scale fits on, mm. */
const EDGE = 170;
/** Where the lines of its marks lie, mm from its top: the band above the ruler, what else is measured under it. */
const [RULER, FIRST_MARK, ROW] = [6, 16.6, 4.6];

const MARKS: Readonly<Record<CardMark['what'], string>> = {
  loop: 'Loop, laid flat',
  slider: 'Slider',
};

/** A length drawn from the start of the scale, with its end marked and its words beside it. */
function Measured({ mm, y, words }: { mm: number; y: number; words: string }) {
  return (
    <>
      <path d={`M 0 ${y - 1} v 2 M 0 ${y} h ${mm} M ${mm} ${y - 1} v 2`} strokeWidth="0.5" fill="none" />
      <text x={mm + 2} y={y + 1.2} stroke="none">
        {words}
      </text>
    </>
  );
}

/**
 * A scale true to size along the edge of a card, with a check line: how long a band is (one longer than the edge is laid folded, and the
 * scale marks that fold), and its loop and slider.
 */
export function CardScale({ mm, marks, units }: { mm: number; marks: readonly CardMark[]; units: Units }) {
  const fold = [1, 2, 3, 4].find((n) => mm / n <= EDGE) ?? 4;
  const inch = units === 'in';
  const [step, check] = inch ? [25.4 / 8, 50.8] : [1, 50];
  const ticks = Array.from({ length: Math.floor(EDGE / step) + 1 }, (_, i) => i);
  const isLong = (i: number): boolean => i % (inch ? 8 : 10) === 0;
  const at = mm / fold;
  const words = `Your band, ${formatLength(mm, units)}${fold > 1 ? `, laid folded in ${fold}` : ''}`;
  const lines = marks.map(({ what, mm: long }) => ({
    mm: long,
    words: `${MARKS[what]}: ${formatLength(long, units)}`,
  }));
  const checkWords = `Check: ${inch ? '2 in' : '5 cm'}. If this line is not as long, print again at actual size (100 %).`;
  const all = [{ mm: check, words: checkWords }, ...lines];
  const high = FIRST_MARK + all.length * ROW - 2;
  return (
    <svg
      width={`${EDGE + 8}mm`}
      height={`${high}mm`}
      viewBox={`-2 0 ${EDGE + 8} ${high}`}
      role="img"
      aria-label={[words, ...all.map((line) => line.words)].join('. ')}
      className="block max-w-none"
      fill="currentColor"
      stroke="currentColor"
      strokeWidth="0.2"
      fontSize="3.6"
    >
      {ticks.map((i) => (
        <line
          key={i}
          x1={i * step}
          x2={i * step}
          y1={RULER}
          y2={RULER + (isLong(i) ? 4 : i % (inch ? 4 : 5) === 0 ? 2.6 : 1.6)}
        />
      ))}
      {ticks.filter(isLong).map((i) => (
        <text key={i} x={i * step + 0.5} y={RULER + 6.6} stroke="none">
          {i / (inch ? 8 : 10)}
        </text>
      ))}
      <line x1={0} x2={EDGE} y1={RULER} y2={RULER} />
      <line x1={at} x2={at} y1={0} y2={RULER} strokeWidth="0.5" />
      <path d={`M ${at} ${RULER} l -1 -2 h 2 Z`} />
      <text x={at - 1.8} y={3.6} textAnchor="end" stroke="none">
        {words}
      </text>
      {all.map((line, i) => (
        <Measured key={line.words} {...line} y={FIRST_MARK - 1 + i * ROW} />
      ))}
    </svg>
  );
}
