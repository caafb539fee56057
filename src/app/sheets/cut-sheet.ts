import { foldWords } from '../../core/cut';
import { bandCount } from '../../core/making';
import { formatLength, formatTotal, sayLengths } from '../../core/measure';
import { PARTS } from '../../core/part';
import type { SheetTable } from '../../formats/sheets';
import { cautionsOf } from './cautions-of';
import { cutWords, headOf, whoCell, type SheetFeature } from './sheet-feature';
import { lookUp } from '../../core/project';
import { beadOf, cutList, type BeadState, type CutGroup, type SeatPlan } from '../../core/seat';
import type { SessionRecord } from '../../core/session';
import type { Figures, Settings } from '../../core/studio';
import { COUNT_WORDS } from '../session/making';
import { openSession, planOf } from '../session/session';

/** All that the printed cut sheet says. */
export interface CutSheet {
  readonly session: SessionRecord;
  readonly settings: Settings;
  /** The figures it is cut by. */
  readonly figures: Figures;
  readonly groups: readonly CutGroup[];
  readonly seats: readonly {
    readonly label: string;
    readonly plan: SeatPlan;
    readonly state: BeadState;
    readonly accepted: boolean;
  }[];
  readonly hardware: readonly { readonly name: string; readonly count: number }[];
  readonly cautions: readonly string[];
}

export async function cutSheet(id: string): Promise<CutSheet> {
  const view = await openSession(id);
  const { settings, catalogue } = view.studio;
  const { seats: staged, figures } = planOf(view);
  const plans = staged.map((seat) => seat.plan);
  const counts = new Map<string, number>();
  for (const { item, count } of plans.flatMap((plan) => plan.items)) counts.set(item, (counts.get(item) ?? 0) + count);
  return {
    session: view.session,
    settings,
    figures,
    groups: cutList(plans),
    seats: staged.map(({ plan, accepted }) => ({ label: plan.label, plan, state: beadOf(plan), accepted })),
    hardware: [...counts].map(([item, count]) => ({ name: lookUp(catalogue.hardware, item)?.name ?? item, count })),
    cautions: cautionsOf(staged, figures),
  };
}

const WHY: Readonly<Record<BeadState, string>> = {
  hollow: 'no wrist yet: not in this list',
  ringed: 'cut from an estimate',
  notched: 'to decide first',
  solid: '',
};

/** What is made, how many of it, and whether its ends are finished without the flame they could have. */
const pieceWords = ({ piece, fit }: SeatPlan): string => {
  const fusible = piece!.project.parts.some(({ part }) => PARTS[part]?.withoutHeat !== undefined);
  const count = bandCount({ piece: piece!, fit: fit! }, COUNT_WORDS);
  return [piece!.project.name, count, fusible && !piece!.flame ? 'no flame' : '']
    .filter((words) => words !== '')
    .join(', ');
};

const columns = (board: string): SheetTable['columns'] => [
  { name: 'Bag', share: 1, num: true, large: true },
  { name: 'Name', share: 3.8 },
  { name: 'Piece', share: 5 },
  { name: 'Pieces', share: 1.4, num: true },
  { name: 'Each', share: 3.2, num: true, length: true },
  { name: `${board} boards`, share: 3.2, num: true },
];

/** Every length by cord and colour, long ones first. */
export const cutSheetFeature: SheetFeature = {
  file: 'cut-sheet',
  page: 'print',
  name: 'Cut sheet',
  stage: 'cut',
  async make(id, writingFor) {
    const { session, settings, figures, groups, seats, hardware, cautions } = await cutSheet(id);
    const writing = writingFor(settings);
    const open = seats.flatMap(({ label, state, plan }, i) => {
      const error = plan.messages.find((m) => m.level === 'error');
      const why = state === 'notched' ? `: ${error ? sayLengths(error.text, error.values, writing.units) : ''}` : '';
      return state === 'solid' ? [] : [`${i + 1} ${label}: ${WHY[state]}${why}`];
    });
    const lines = groups.flatMap((group) => group.lines);
    const table: SheetTable = {
      heading: '',
      columns: columns(formatLength(figures.board, writing.units)),
      ticked: 'Cut',
      groups: groups.map((group) => ({
        from: lines.indexOf(group.lines[0]!),
        words: `${group.cord.name}, ${group.colour.name}: ${formatTotal(group.total_mm, writing.units)} in all`,
      })),
      rows: lines.map(({ seat, plan, cut }) => [
        String(seat),
        whoCell(plan.label, seats[seat - 1]!.state === 'ringed'),
        pieceWords(plan),
        String(cut.pieces),
        cutWords(cut.length_mm, writing),
        foldWords(cut.length_mm, figures.board, writing.units),
      ]),
    };
    return {
      session,
      settings,
      writing,
      sheet: {
        ...headOf(session, 'Cut sheet', writing.region),
        corner: [settings.name, `${seats.length} seats`],
        empty: 'Nothing to cut yet: no seat has a fit.',
        sections: [
          ...(lines.length > 0 ? [table] : []),
          ...(open.length > 0 ? [{ heading: 'Before cutting', lines: open }] : []),
          ...(hardware.length > 0
            ? [{ heading: 'Beside the cord', lines: hardware.map(({ name, count }) => `${count} × ${name}`) }]
            : []),
        ],
        closing: cautions,
      },
    };
  },
};
