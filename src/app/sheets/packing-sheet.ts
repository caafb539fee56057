import { nameOf } from '../shelf/item-names';
import { cutWords, headOf, whoCell, type SheetFeature } from './sheet-feature';
import { consumableNeeds, consumablesOf } from '../../core/kit';
import { CARD, childrenOf, packingOf, type Packing, type SessionRecord, type Studio } from '../../core/session';
import type { Settings } from '../../core/studio';
import { readItems } from '../../data/shelf/items';
import { inTransaction } from '../../data/database/transaction';
import { actsOf } from '../session/making';
import { planOf, viewSession } from '../session/session';

/** All that is packed for a session, as it is printed. */
export interface PackingSheet extends Packing {
  readonly session: SessionRecord;
  readonly settings: Settings;
  readonly studio: Studio;
  /** What is used up by it, of the consumables the studio counts out. */
  readonly used: readonly { readonly name: string; readonly count: number }[];
  /** What the instructor does before the session, with the seats it is done for. */
  readonly prepared: readonly { readonly name: string; readonly count: number }[];
  /** Minutes that takes a fluent hand. */
  readonly preparing: number;
}

/** What the makings of some seats leave to the instructor, in their order, each once for all seats alike. */
function preparedFor(seats: ReturnType<typeof planOf>['seats'], units: Settings['units']): PackingSheet['prepared'] {
  const counts = new Map<string, number>();
  for (const { record, plan } of seats)
    for (const { by, text } of actsOf(record, plan, { units })) {
      const name = `${plan.piece?.project.name}: ${text}`;
      if (by === 'instructor') counts.set(name, (counts.get(name) ?? 0) + 1);
    }
  return [...counts].map(([name, count]) => ({ name, count }));
}

export function packingSheet(id: string): Promise<PackingSheet> {
  return inTransaction(async (t) => {
    const view = await viewSession(id, t);
    const { settings } = view.studio;
    const { seats, figures } = planOf(view);
    const items = (await readItems(t)).map(({ doc }) => doc);
    const used = consumableNeeds(
      seats.map(({ plan }) => plan),
      consumablesOf(items),
    );
    return {
      ...packingOf(seats, figures, childrenOf(view.seats, figures)),
      session: view.session,
      settings,
      studio: view.studio,
      prepared: preparedFor(seats, settings.units),
      preparing: seats.reduce((sum, { plan }) => sum + (plan.pace?.prepared ?? 0), 0),
      used: used.map(({ item, amount }) => ({ name: items.find(({ id: own }) => own === item)!.name, count: amount })),
    };
  });
}

const COLUMNS = [
  { name: 'Bag', share: 1, num: true, large: true },
  { name: 'For', share: 4 },
  { name: 'What goes in', share: 8 },
];

/** Bag by bag, what goes in; then what the room shares, and spares. */
export const packingSheetFeature: SheetFeature = {
  file: 'packing-list',
  page: 'packing',
  name: 'Packing list',
  stage: 'kit',
  async make(id, writingFor) {
    const { session, settings, studio, bags, spares, tools, used, prepared, preparing } = await packingSheet(id);
    const writing = writingFor(settings);
    const nameIn = (item: string): string => nameOf(item, studio.catalogue) ?? item;
    const lengthIn = (mm: number | null): string => {
      if (mm === null) return '';
      const { text, also } = cutWords(mm, writing);
      return `${text}${also ? ` (${also})` : ''} of `;
    };
    const counted = (heading: string, things: readonly { readonly name: string; readonly count: number }[]) =>
      things.length > 0
        ? [{ heading, ticked: true, lines: things.map(({ name, count }) => `${count} × ${name}`) }]
        : [];
    return {
      session,
      settings,
      writing,
      sheet: {
        ...headOf(session, 'Packing list', writing.region),
        corner: [settings.name, `${bags.length} bags`],
        empty: 'Nobody is seated yet: there is nothing to pack.',
        sections:
          bags.length === 0
            ? []
            : [
                {
                  heading: '',
                  columns: COLUMNS,
                  rows: bags.map((bag) => [
                    String(bag.number),
                    { ...whoCell(bag.label, bag.estimated), under: bag.project || 'no project yet' },
                    {
                      text: '',
                      ticks: [
                        ...bag.lines.map(({ item, count, mm }) => `${count} × ${lengthIn(mm)}${nameIn(item)}`),
                        CARD,
                      ],
                    },
                  ]),
                },
                ...counted(`Prepare before the session, about ${Math.ceil(preparing)} min`, prepared),
                ...counted('For the room', [
                  ...tools.map(({ tool, count }) => ({ name: tool, count })),
                  ...used.map(({ name, count }) => ({ name: `${name}, used up`, count })),
                ]),
                ...counted(
                  'Spares',
                  spares.map(({ item, count }) => ({ name: nameIn(item), count })),
                ),
              ],
        closing: [],
      },
    };
  },
};
