import { benchOf, entriesForSeat, OWN_PAGE, seatAtWork, type ProgressEntry, type Said } from '../../core/bench';
import { resizePlan, type MakingStep } from '../../core/making';
import type { Units } from '../../core/measure';
import type { SeatPlan } from '../../core/seat';
import { childrenOf, packingOf } from '../../core/session';
import { progressOfSeat } from '../../data/progress';
import { inTransaction } from '../../data/database/transaction';
import { Problem } from '../../core/problem';
import { stepsOf } from '../session/making';
import { planOf, viewSession } from '../session/session';
import { addEntries } from './say';
import { openLink } from './seat-link';

/** All that a seat's own page shows: of its person no more than a first name. */
export interface SeatPage {
  /** What the page keeps its unsent words under; nobody else's. */
  readonly seat: string;
  readonly number: number;
  readonly first: string;
  readonly project: string;
  readonly steps: readonly MakingStep[];
  /** The colours that are in the piece, by slug. */
  readonly colours: Readonly<Record<string, { readonly name: string; readonly hex: string }>>;
  readonly cautions: readonly string[];
  readonly units: Units;
  /** By how many steps the band is longer than planned, in these steps. */
  readonly resized: number;
  readonly entries: readonly ProgressEntry[];
  readonly now: number;
}

/** A seat's own page by its link, with its plan for whoever draws it. */
export function openSeatPage(link: string): Promise<{ page: SeatPage; plan: SeatPlan }> {
  return inTransaction(async (t) => {
    const found = await openLink(link, t);
    const view = await viewSession(found.session, t);
    const { seats, figures } = planOf(view);
    const place = seats.findIndex(({ id }) => id === found.seat);
    const { plan: planned, record } = seats[place]!;
    const entries = await progressOfSeat(found.seat, t);
    const by = seatAtWork(
      benchOf(entries, () => 0),
      found.seat,
    ).resized;
    const plan = resizePlan(planned, by);
    const { units } = view.studio.settings;
    const bag = packingOf(seats, figures, childrenOf(view.seats, figures)).bags[place]!;
    const colours = (plan.piece?.cords ?? []).flatMap(({ cord, colour }) =>
      cord.colours.filter(({ slug }) => slug === colour).map(({ slug, name, hex }) => [slug, { name, hex }] as const),
    );
    return {
      plan,
      page: {
        seat: found.seat,
        number: bag.number,
        first: record.name.trim().split(/\s+/)[0] ?? '',
        project: bag.project,
        steps: stepsOf(record, plan, { units }, figures),
        colours: Object.fromEntries(colours),
        cautions: bag.cautions,
        units,
        resized: by,
        entries: entriesForSeat(entries),
        now: Date.now(),
      },
    };
  });
}

/** How a seat's own progress stands. */
export function seatProgress(link: string): Promise<{ entries: readonly ProgressEntry[]; now: number }> {
  return inTransaction(async (t) => {
    const { seat } = await openLink(link, t);
    return { entries: entriesForSeat(await progressOfSeat(seat, t)), now: Date.now() };
  });
}

/** Adds what a seat's own page says, of itself and nobody else. */
export function sayFromSeat(
  link: string,
  said: readonly Said[],
): Promise<{ entries: readonly ProgressEntry[]; now: number }> {
  return inTransaction(async (t) => {
    const { seat, session } = await openLink(link, t);
    const other = said.findIndex((one) => one.seat !== seat);
    if (other >= 0)
      throw new Problem(422, 'not-own', 'A seat’s page can enter progress of its own seat only.', {
        pointer: `/entries/${other}/seat`,
      });
    await addEntries(session, said, OWN_PAGE, t);
    return { entries: entriesForSeat(await progressOfSeat(seat, t)), now: Date.now() };
  });
}
