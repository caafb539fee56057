import { number } from '../../ui/words/region';
import type { MakerShown } from '../../app/records/open-records';

/** Under so many records little is known of a maker. */
const FEWEST = 3;

/** Who uses more cord than others of their skill, and who less: as far as it can be told. */
export function MakerList({ makers }: { makers: readonly MakerShown[] }) {
  const known = makers.filter(({ records }) => records >= FEWEST).sort((a, b) => b.uses - a.uses);
  if (known.length === 0) return null;
  const percent = (uses: number): string => `${uses < 1 ? '−' : '+'}${number(Math.abs((uses - 1) * 100), 1)} %`;
  return (
    <section aria-labelledby="makers">
      <h2 id="makers" className="text-lg">
        Makers
      </h2>
      <p className="quiet text-sm">Cord used against what others use, and how far that may be off.</p>
      <ul className="columns-2 gap-6 text-sm">
        {known.map(({ name, uses, doubt, records }, i) => (
          <li key={i} className="flex justify-between gap-2 border-b hair py-0.5">
            <span className="truncate">{name ?? 'somebody forgotten'}</span>
            <span className="whitespace-nowrap tabular-nums" title={`${records} records`}>
              {percent(uses)} <span className="quiet">± {number(doubt * 100, 1)}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
