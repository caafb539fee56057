import { CutStage } from '../cut/cut-stage';
import { FitStage } from '../fit/fit-stage';
import { KitStage } from '../kit/kit-stage';
import { RoomPanel } from '../room/room-panel';
import { SeatsStage } from '../seats/seats-stage';
import { SeatTray } from '../tray/seat-tray';
import { WrapStage } from '../wrap/wrap-stage';
import { havePanels } from './panels';

/** All parts of the board at once, for the server. */
export const haveAllPanels = (): void =>
  havePanels({
    seats: SeatsStage,
    fit: FitStage,
    cut: CutStage,
    kit: KitStage,
    'wrap-up': WrapStage,
    room: RoomPanel,
    tray: SeatTray,
  });
