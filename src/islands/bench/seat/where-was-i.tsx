import { madeBand, type SeatAtWork } from '../../../core/bench';
import { dueStep, dueTie, type MakingStep } from '../../../core/making';
import type { Units } from '../../../core/measure';
import type { PlannedSeat } from '../../../core/seat';
import { Strip, TiePicture } from '../../../ui/strip';
import { hexes } from '../../../ui/strip/hexes';
import { Walk } from '../../../ui/walk';
import { PHASE_NAMES } from '../../../ui/words/phases';

/** How much of the piece is shown to each side of where it has come to, mm. */
const [BEHIND, AHEAD] = [32, 10];

/** The half knot that is due: which strand leads it, how it is tied, and its pictures. */
function Due({ seat, step, made }: { seat: PlannedSeat; step: MakingStep; made: number }) {
  const piece = seat.plan.piece!;
  const tie = dueTie(step, made);
  const section = Object.values(piece.sections).find(({ id }) => step.of?.includes(id));
  if (!tie || !section) return null;
  const hex = hexes(piece);
  const colours = piece.cords.flatMap(({ cord }) => cord.colours);
  const name = colours.find(({ slug }) => slug === tie.colour)?.name;
  return (
    <>
      <p className="text-xl">
        <strong>
          The {name ? `${name.toLowerCase()} ` : ''}strand on the {tie.from} leads
        </strong>
        , as it lies in front of you.
      </p>
      <p>{tie.text}</p>
      <div className="grid grid-cols-2 gap-2">
        {tie.drawings.map((drawing, j) => (
          <TiePicture
            key={drawing}
            section={section}
            tie={tie.nth}
            step={j}
            hexOf={(strand) => hex[section.colours[strand] ?? ''] ?? '#888888'}
          />
        ))}
      </div>
    </>
  );
}

/** The act of the making that is due: the piece as far as it is made, what to do, who leads, and what right looks like. */
export function WhereWasI({
  seat,
  atWork,
  steps,
  units,
}: {
  seat: PlannedSeat;
  atWork: SeatAtWork;
  steps: readonly MakingStep[];
  units: Units;
}) {
  const { plan } = seat;
  if (!plan.piece || !plan.fit) return <p>It has no piece yet.</p>;
  const { made } = atWork;
  const step = steps[dueStep(steps, plan, atWork)]!;
  const { tally } = step;
  const { spans, edge, isBack } = madeBand(plan, made);
  // The edge of what is made, with more of it in sight than of what is to come.
  const near = isBack ? ([edge - AHEAD, edge + BEHIND] as const) : ([edge - BEHIND, edge + AHEAD] as const);
  const done = tally ? Math.min(tally.ties, Math.max(0, made - tally.from)) : 0;
  return (
    <div className="space-y-3">
      <h3 className="text-xl">{PHASE_NAMES[step.phase]}</h3>
      {tally && (
        <p className="text-lg">
          <strong className="font-display text-3xl tabular-nums">{done}</strong> of {tally.ties} {tally.words} made.
        </p>
      )}
      {made > 0 && (
        <div className="border hair">
          <Strip
            plan={plan}
            side="front"
            units={units}
            ruler={false}
            made={spans}
            near={Number.isFinite(edge) ? near : undefined}
          />
        </div>
      )}
      <p className="text-lg">{step.text}</p>
      {tally?.walk && <Walk walk={tally.walk} done={done} />}
      <Due seat={seat} step={step} made={made} />
      {step.right && (
        <p>
          <strong>Right:</strong> {step.right}
        </p>
      )}
      {tally && (
        <p>
          <strong>To tell from the work:</strong> {tally.watch}
        </p>
      )}
    </div>
  );
}
