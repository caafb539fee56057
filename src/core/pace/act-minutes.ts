import type { PieceAct } from '../acts';
import type { Fit } from '../fit';
import type { Piece } from '../project';
import type { Figures } from '../studio';
import { workOf } from './act-work';
import { LEARNING, type Hands } from './hands';

/** What an act takes in minutes: knots; beads, parts and strands taken in hand; and what takes everybody the same. */
export interface ActMinutes {
  readonly knotting: number;
  readonly handling: number;
  readonly fixed: number;
}

/** Minutes of each act of a piece, in their order: what it asks of hands by the studio's figures, the first knots slower, and its reading. */
export function actMinutes(
  acts: readonly PieceAct[],
  piece: Piece,
  { counts }: Fit,
  hands: Hands,
  figures: Figures,
): ActMinutes[] {
  const perTie =
    { new: figures.half_knot_new, steady: figures.half_knot_steady, fluent: figures.half_knot_fluent }[hands.skill] *
    hands.child;
  const works = workOf(acts, piece);
  let tied = 0;
  return acts.map((one, i): ActMinutes => {
    const { knots, beads, partSeconds, strands, ends } = works[i]!;
    let knotting = 0;
    for (const { section, each, less, fine } of knots) {
      const ties = Math.max(0, counts[section]! * each - less);
      const first = Math.min(Math.max(0, LEARNING - tied), ties);
      tied += ties;
      knotting += ((ties + first * (figures.slow_start - 1)) * perTie * (1 + (figures.fine_slower - 1) * fine)) / 60;
    }
    const isPrepared = one.by === 'instructor';
    if (one.heat && !isPrepared) {
      const seconds = Math.max(1, ends) * figures.station_end_seconds;
      return { knotting, handling: 0, fixed: figures.station_minutes + seconds / 60 };
    }
    let seconds = figures.act_seconds + partSeconds + strands * figures.strand_seconds;
    for (const { section, each } of beads) seconds += counts[section]! * each * figures.bead_seconds;
    return {
      knotting,
      handling: (seconds * (isPrepared ? 1 : hands.slower)) / 60,
      fixed: one.act.phase === 'check' ? figures.check_minutes : 0,
    };
  });
}
