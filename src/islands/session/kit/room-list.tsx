import type { SessionStock } from '../../../app/kits/session-stock';
import type { ItemNeed, KitCost, SharedTool } from '../../../core/kit';
import { money } from '../../../ui/words/region';

/** How a count stands to what the shelf has of it; nothing where the shelf does not know it. */
function OnShelf({ need, there }: { need: number; there: number | undefined }) {
  if (there === undefined) return null;
  return there < need ? (
    <strong className="text-error">{there === 0 ? 'none' : `only ${there}`} on the shelf</strong>
  ) : (
    <>{there} on the shelf</>
  );
}

/** What a session takes beside the bags: its cost, tools to lay out, what is used up, spares. */
export function RoomList({
  seats,
  fitted,
  cost,
  needs,
  tools,
  spares,
  stock,
  name,
}: {
  seats: number;
  /** Of so many the cost is known: the others have no cuts yet. */
  fitted: number;
  cost: KitCost | null;
  /** What is used up by the session, from the consumables the studio counts out. */
  needs: readonly ItemNeed[];
  tools: readonly SharedTool[];
  spares: readonly { readonly item: string; readonly count: number }[];
  stock: SessionStock | null;
  name: (item: string) => string;
}) {
  return (
    <>
      {cost && (
        <section>
          <h2 className="text-lg">Cost</h2>
          <p>
            <strong className="text-lg tabular-nums">{money(Math.round(cost.minor))}</strong> for{' '}
            {fitted < seats && `${fitted} of `}
            {seats} {seats === 1 ? 'kit' : 'kits'}, by the price of a pack
            {fitted < seats && '; the others have no cuts yet'}.
          </p>
          {cost.unknown.length > 0 && (
            <p className="quiet text-sm">Without {cost.unknown.map(name).join(', ')}: no price is known.</p>
          )}
        </section>
      )}
      <section>
        <h2 className="text-lg">For the room</h2>
        <ul>
          {tools.map(({ tool, item, count, seats: n, each }) => (
            <li key={tool} className="flex justify-between gap-3 border-b hair py-1">
              <span>
                {count} × {tool}
              </span>
              <span className="quiet text-right text-sm">
                {n} {n === 1 ? 'seat' : 'seats'}, {each} to one
                <span className="block">
                  <OnShelf need={count} there={stock?.tools[item]} />
                </span>
              </span>
            </li>
          ))}
          {needs.map(({ item, amount }) => (
            <li key={item} className="flex justify-between gap-3 border-b hair py-1">
              <span>
                {amount} × {name(item)}
              </span>
              <span className="quiet text-right text-sm">
                used up
                <span className="block">
                  <OnShelf need={amount} there={stock?.lots[item]?.reduce((sum, lot) => sum + lot.mm, 0)} />
                </span>
              </span>
            </li>
          ))}
          {tools.length + needs.length === 0 && <li className="quiet">No shared tool.</li>}
        </ul>
      </section>
      <section>
        <h2 className="text-lg">Spares</h2>
        <ul>
          {spares.map(({ item, count }) => (
            <li key={item} className="border-b hair py-1">
              {count} × {name(item)}
            </li>
          ))}
          {spares.length === 0 && <li className="quiet">None needed.</li>}
        </ul>
      </section>
    </>
  );
}
