import { useMemo } from 'react';
import { formatLength, type Units } from '../../../core/measure';
import { pieceLengths } from '../../../core/seat';
import { cordOf } from '../../../core/shelf';
import type { SessionModel } from '../model/use-session';
import type { LeftOf } from './left-by-item';

/** As many uses of an end as one chooses from. */
const MOST = 3;

/** What the longest end of each cord is long enough for: a strand of some project, as the studio's figures cut it. */
export function LongEnough({
  model,
  left,
  name,
  units,
}: {
  model: SessionModel;
  left: ReadonlyMap<string, LeftOf>;
  name: (item: string) => string;
  units: Units;
}) {
  const { catalogue, settings } = model.view.studio;
  const found = useMemo(
    () =>
      [...left].flatMap(([item, { keep, scrap }]) => {
        const longest = keep[0] ?? scrap[0];
        const cord = cordOf(item)?.cord;
        if (longest === undefined || cord === undefined || !Object.hasOwn(catalogue.cords, cord)) return [];
        const uses = pieceLengths(cord, catalogue, settings.figures)
          .filter(({ mm }) => mm <= longest)
          .reverse()
          .slice(0, MOST);
        return uses.length > 0 ? [{ item, longest, uses }] : [];
      }),
    [left, catalogue, settings.figures],
  );
  if (found.length === 0) return null;
  return (
    <>
      <h3 className="mt-3 font-semibold">Long enough for</h3>
      <ul className="text-sm">
        {found.map(({ item, longest, uses }) => (
          <li key={item} className="border-b hair py-1">
            {name(item)}, <span className="tabular-nums">{formatLength(longest, units)}</span>:{' '}
            {uses
              .map(({ name: project, role, mm }) => `${project}, ${role} (${formatLength(mm, units, 'up')})`)
              .join('; ')}
          </li>
        ))}
      </ul>
    </>
  );
}
