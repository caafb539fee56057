import { sharedTools, sparesOf, type SharedTool } from '../kit';
import { cautions } from '../safety';
import { cordItem, hardwareItem } from '../shelf';
import type { Figures } from '../studio';
import { beadOf, type SeatRecord, type SeatWithPlan } from '../seat';

/** One thing in a bag, to be ticked off. */
export interface BagLine {
  /** The seat, and what it is a tick of: of another length or count it is another line, not ticked. */
  readonly id: string;
  readonly what: 'cord' | 'hardware';
  readonly item: string;
  readonly count: number;
  /** Of a cord, what each piece is cut to. */
  readonly mm: number | null;
}

/** What every bag's card says. */
export const CARD = 'Card: name, size, steps, cautions';

/** One seat's bag. */
export interface Bag {
  readonly seat: string;
  readonly number: number;
  readonly label: string;
  readonly project: string;
  /** Whether the wrist it is sized by is an estimate. */
  readonly estimated: boolean;
  readonly lines: readonly BagLine[];
  /** The project whose drawings the steps have; null where nothing is made. */
  readonly drawn: string | null;
  readonly cautions: readonly string[];
  /** The card's own tick: of the piece and size it is written for. */
  readonly card: string;
}

/**
 * The ticks of a bag that are of something else than is in it now.
 *
 * @example
 * outdatedTicks({ seat: 's', card: 's/card', lines: [{ id: 's/a' }] }, ['s/a', 's/b']) // ['s/b']
 */
export const outdatedTicks = (bag: Bag, ticks: readonly string[]): string[] => {
  const own = new Set([bag.card, ...bag.lines.map((line) => line.id)]);
  return ticks.filter((tick) => tick.startsWith(`${bag.seat}/`) && !own.has(tick));
};

/** What a session packs: a bag a seat, spares, and the tools the room shares. */
export interface Packing {
  readonly bags: readonly Bag[];
  readonly spares: readonly { readonly item: string; readonly count: number }[];
  readonly tools: readonly SharedTool[];
}

/**
 * Who of some seats is a child: below the studio's age for heat. Nobody is taken for one whose age is not known.
 *
 * @example
 * childrenOf([{ id: 's', age: 8 }], figures)('s') // true
 */
export function childrenOf(
  seats: readonly Pick<SeatRecord, 'id' | 'age'>[],
  figures: Figures,
): (seat: string) => boolean {
  const ages = new Map(seats.map(({ id, age }) => [id, age]));
  return (seat) => (ages.get(seat) ?? Infinity) < figures.flame_age;
}

/**
 * Everything a session's kits are packed from; `isChild` says whose bag carries the cautions for children.
 *
 * @example
 * packingOf(planSession(view).seats, figures).bags.map(({ number, label }) => [number, label]) // [[1, 'Ada'], [2, 'Bo']]
 */
export function packingOf(
  seats: readonly SeatWithPlan[],
  figures: Figures,
  isChild: (seat: string) => boolean = () => false,
): Packing {
  const counts = new Map<string, number>();
  const bags = seats.map((seat, i): Bag => {
    const { plan, id } = seat;
    for (const { item, count } of plan.items) counts.set(item, (counts.get(item) ?? 0) + count);
    const cords = (plan.cut?.cuts ?? []).map((cut, c): BagLine => ({
      id: `${id}/${c}/${cut.cord}/${cut.colour}/${cut.role}/${cut.pieces}x${cut.length_mm}`,
      what: 'cord',
      item: cordItem(cut.cord, cut.colour),
      count: cut.pieces,
      mm: cut.length_mm,
    }));
    const pieces = plan.items.map(({ item, count }): BagLine => ({
      id: `${id}/${item}/${count}`,
      what: 'hardware',
      item: hardwareItem(item),
      count,
      mm: null,
    }));
    return {
      seat: id,
      number: i + 1,
      label: plan.label,
      project: plan.piece?.project.name ?? '',
      estimated: beadOf(plan) === 'ringed',
      lines: [...cords, ...pieces],
      drawn: plan.piece && plan.fit ? plan.piece.project.slug : null,
      cautions: plan.piece
        ? cautions({
            flame: plan.piece.flame,
            glue: plan.tools.includes('glue'),
            neckLoop: plan.piece.choices.loop === 'neck',
            children: isChild(id),
          })
        : [],
      card: [
        id,
        'card',
        plan.piece ? `${plan.piece.project.slug}@${plan.piece.project.revision}` : 'none',
        plan.fit?.knotted_mm.toFixed(1) ?? 'open',
        plan.piece?.flame ? 'flame' : 'no-flame',
      ].join('/'),
    };
  });
  return {
    bags,
    spares: [...counts].map(([item, count]) => ({ item: hardwareItem(item), count: sparesOf(count, figures) })),
    tools: sharedTools(
      seats.map(({ plan }) => plan),
      figures,
    ),
  };
}
