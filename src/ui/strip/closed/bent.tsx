import { useId } from 'react';
import type { Ring } from '../../../core/drawing';
import type { PieceSection } from '../../../core/project';
import { Section } from '../section';

/** A flat picture no longer than this may stand for a stretch of the ring, mm. */
const FLAT = 6;
/** How far neighbouring pictures reach into each other, so that there is no seam, mm. */
const OVER = 0.06;

/** Cord thinner than this is drawn coarsely: as small as a ring is drawn, its lighter middle is less than a pixel, mm. */
const THIN = 1.3;

const round = (n: number): number => Math.round(n * 1000) / 1000;

/** A stretch of a section: where it begins, and which stretch of the section's few repeats it looks like. */
interface Slice {
  readonly at: number;
  readonly from: number;
  readonly to: number;
}

/** The section cut into stretches so short that each may be drawn flat. Repeats between the first and the last look alike. */
function slicesOf(section: PieceSection, count: number): Slice[] {
  const parts = Math.max(1, Math.ceil(section.unit / FLAT));
  const long = section.unit / parts;
  const shown = Math.min(count, 3);
  return Array.from({ length: count }, (_, k) => {
    const like = k === 0 ? 0 : k === count - 1 ? shown - 1 : 1;
    return Array.from({ length: parts }, (__, j) => ({
      at: k * section.unit + j * long,
      from: like * section.unit + j * long,
      to: like * section.unit + (j + 1) * long,
    }));
  }).flat();
}

/** A section as it goes round with the ring, from a place on: those stretches of it that are near, or those that are far. */
export function Bent({
  ring,
  section,
  count,
  from,
  half,
  hex,
}: {
  ring: Ring;
  section: PieceSection;
  count: number;
  from: number;
  half: 'near' | 'far';
  hex: Readonly<Record<string, string>>;
}) {
  const id = useId();
  const nameOf = (slice: Slice): string => `${id}-${round(slice.from)}`;
  const all = slicesOf(section, count).map((slice) => {
    const middle = from + slice.at + (slice.to - slice.from) / 2;
    return { ...slice, middle, angle: ring.angle(middle) };
  });
  // Of a band that goes round more than once, the turn that it closes in.
  const seen = all.filter(
    ({ angle }) => Math.abs(angle) <= Math.PI + 0.01 && Math.cos(angle) >= 0 === (half === 'near'),
  );
  if (seen.length === 0) return null;
  const end = Math.min(count, 3) * section.unit;
  const wide = section.width / 2 + 8;
  return (
    <g>
      {seen.map((slice, i) => {
        const [name, clip] = [nameOf(slice), `${nameOf(slice)}-clip`];
        const from = slice.from < 0.01 ? -4 : slice.from - OVER;
        const to = slice.to + (slice.to > end - 0.01 ? 4 : OVER);
        const middle = round(-(slice.from + slice.to) / 2);
        return (
          <g
            key={slice.at}
            transform={`matrix(${ring.matrix(slice.middle).map(round).join(' ')}) translate(${middle} 0)`}
          >
            {seen.findIndex((other) => other.from === slice.from) < i ? (
              <use href={`#${name}`} clipPath={`url(#${clip})`} />
            ) : (
              // The first of those that look alike is drawn where it lies, and the others after it.
              <>
                <clipPath id={clip}>
                  <rect x={round(from)} y={-wide} width={round(to - from)} height={2 * wide} />
                </clipPath>
                <g clipPath={`url(#${clip})`}>
                  <g id={name}>
                    <Section
                      section={section}
                      count={Math.min(count, 3)}
                      side={half === 'near' ? 'front' : 'back'}
                      hex={hex}
                      samples={half === 'far' || section.d < THIN ? 1 : 2}
                      within={[from, to]}
                    />
                  </g>
                </g>
              </>
            )}
          </g>
        );
      })}
    </g>
  );
}
