import { formatLength, type Units } from '../../core/measure';
import type { PhaseName } from '../../core/pace';
import { beadOf, type SeatPlan } from '../../core/seat';
import { openSession, planOf } from '../session/session';
import type { SheetColumn } from '../../formats/sheets';
import { headOf, whoCell, type SheetFeature } from './sheet-feature';

/** What is ticked off at the table, by phase. */
const TICKED: readonly (readonly [phase: PhaseName, name: string])[] = [
  ['start', 'Start'],
  ['knot', 'Knots'],
  ['bead', 'Beads'],
  ['close', 'Closes'],
  ['finish', 'Ends'],
];
const BOX = { text: '', ticks: [''] };
const box = (name: string): SheetColumn => ({ name, share: 1.15 });
const COLUMNS: readonly SheetColumn[] = [
  { name: 'Seat', share: 1, num: true, large: true },
  { name: 'Who, and what', share: 4.6 },
  { name: 'Min', share: 1, num: true },
  ...TICKED.map(([, name]) => box(name)),
  { name: 'Half knots', share: 1.7 },
  { name: 'Left over', share: 1.6 },
  box('Done'),
  box('Fits'),
];

const sizeOf = ({ fit }: SeatPlan, units: Units): string =>
  fit === undefined
    ? 'no size yet'
    : fit.inner_mm === undefined
      ? `${formatLength(fit.knotted_mm, units)} of band`
      : `${formatLength(fit.inner_mm, units)} inside`;

/** Seat by seat for the room: phases to tick, and what is written in afterwards. */
export const roomSheetFeature: SheetFeature = {
  file: 'room-sheet',
  page: 'room-sheet',
  name: 'Room sheet',
  stage: 'room',
  async make(id, writingFor) {
    const view = await openSession(id);
    const { session, studio } = view;
    const writing = writingFor(studio.settings);
    const { room } = session;
    const closes = session.minutes === null ? 'how long it takes is not said' : `${session.minutes} minutes`;
    return {
      session,
      settings: studio.settings,
      writing,
      sheet: {
        ...headOf(session, 'Room sheet', writing.region),
        corner: [session.leader ? `Led by ${session.leader}` : 'Who leads it: ____________', closes],
        empty: 'Nobody is seated yet.',
        sections:
          view.seats.length === 0
            ? []
            : [
                {
                  heading: '',
                  columns: COLUMNS,
                  rows: planOf(view).seats.map(({ id: seat, plan }, i) => [
                    String(i + 1),
                    {
                      ...whoCell(plan.label, beadOf(plan) === 'ringed'),
                      under: [
                        plan.piece?.project.name ?? 'no project yet',
                        sizeOf(plan, writing.units),
                        room.tied.includes(seat) && 'start tied beforehand',
                        room.early.includes(seat) && 'begins early',
                      ]
                        .filter(Boolean)
                        .join(', '),
                    },
                    plan.minutes === undefined ? '' : `~${plan.minutes}`,
                    ...TICKED.map(([phase]) => (plan.pace?.steps.some((own) => own.phase === phase) ? BOX : '–')),
                    '',
                    '',
                    BOX,
                    BOX,
                  ]),
                },
              ],
        closing: [],
      },
    };
  },
};
