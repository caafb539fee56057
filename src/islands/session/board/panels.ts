import { lazy, memo, type ComponentProps, type ComponentType } from 'react';
import type { BoardStage, StagePanel } from './stage-panel';

/** A part is drawn anew when what it shows has changed, and not with everything that changes beside it. */
const seats = async () => ({ default: memo((await import('../seats/seats-stage')).SeatsStage) });
const fit = async () => ({ default: memo((await import('../fit/fit-stage')).FitStage) });
const cut = async () => ({ default: memo((await import('../cut/cut-stage')).CutStage) });
const kit = async () => ({ default: memo((await import('../kit/kit-stage')).KitStage) });
const wrap = async () => ({ default: memo((await import('../wrap/wrap-stage')).WrapStage) });
const room = async () => ({ default: memo((await import('../room/room-panel')).RoomPanel) });
const tray = async () => ({ default: (await import('../tray/seat-tray')).SeatTray });

/** What the board is made of beside itself. */
export interface Parts extends Readonly<Record<BoardStage, StagePanel>> {
  readonly room: ComponentType<ComponentProps<typeof import('../room/room-panel').RoomPanel>>;
  readonly tray: ComponentType<ComponentProps<typeof import('../tray/seat-tray').SeatTray>>;
}

/** Each is fetched with the page that shows it. */
const FETCHED: Parts = {
  seats: lazy(seats),
  fit: lazy(fit),
  cut: lazy(cut),
  kit: lazy(kit),
  'wrap-up': lazy(wrap),
  room: lazy(room),
  tray: lazy(tray),
};
let present: Parts = FETCHED;

/** Those parts are here, and need not be fetched: on the server, which draws a page in one go. */
export function havePanels(parts: Parts): void {
  present = parts;
}
export const panels = (): Parts => present;

/** Some seconds after a page is there, so that nothing of it waits, milliseconds. */
const LATER = 4000;
/** Between two of them: a part that is taken in holds the page up for a moment. */
const BETWEEN = 200;

/** Fetches what the other stages need, so that they are there though the server goes away; answers how to let it be. */
export function fetchTheRest(): () => void {
  let isOver = false;
  const fetchAll = async (): Promise<void> => {
    for (const part of [tray, seats, fit, cut, kit, wrap, room]) {
      await new Promise((done) => setTimeout(done, BETWEEN));
      if (isOver) return;
      // Without the server it is asked for again where it is needed.
      await part().catch(() => undefined);
    }
  };
  const wait = setTimeout(() => void fetchAll(), LATER);
  return () => {
    isOver = true;
    clearTimeout(wait);
  };
}
