import { bandToCome, courseOf, tieAfter, type SeatAtWork } from '../../../core/bench';
import type { Units } from '../../../core/measure';
import type { PlannedSeat } from '../../../core/seat';
import { Strip, TiePicture } from '../../../ui/strip';
import { hexes } from '../../../ui/strip/hexes';

/** How much of the piece is shown to each side of where it has come to, mm. */
const [BEHIND, AHEAD] = [32, 10];

/** The piece at its count: how it looks there, which strand leads next, and how to tell that from the work itself. */
export function WhereWasI({ seat, atWork, units }: { seat: PlannedSeat; atWork: SeatAtWork; units: Units }) {
  const { plan } = seat;
  const { piece } = plan;
  const tie = tieAfter(courseOf(plan), atWork.made);
  if (!piece || !tie)
    return <p>{piece ? 'Every knot is made: what comes next is under Progress.' : 'It has no piece yet.'}</p>;
  const { stretch, run, index, lead } = tie;
  const hex = hexes(piece);
  const { section } = stretch;
  const hexOf = (strand: string): string => hex[section.colours[strand] ?? ''] ?? '#888888';
  const colour = piece.cords
    .flatMap(({ cord }) => cord.colours)
    .find(({ slug }) => lead && slug === section.colours[lead.strand])?.name;
  const toCome = bandToCome(plan, atWork.made);
  // The edge of what is made, with more of it in sight than of what is to come.
  const isBack = toCome[1] !== Infinity;
  const edge = isBack ? toCome[1] : toCome[0];
  const near = isBack ? ([edge - AHEAD, edge + BEHIND] as const) : ([edge - BEHIND, edge + AHEAD] as const);
  const one = stretch.words === 'half knots' ? 'Half knot' : 'Repeat';
  return (
    <div className="space-y-3">
      <p className="text-lg">
        {one} <strong className="font-display text-3xl tabular-nums">{index + 1}</strong> of {stretch.ties} comes next
        {section.runs.length > 1 && `: ${run.stitch.name.toLowerCase()}`}.
      </p>
      <div className="border hair">
        <Strip plan={plan} side="front" units={units} ruler={false} toCome={toCome} near={near} />
      </div>
      {lead && (
        <>
          <p className="text-xl">
            <strong>
              The {colour ? `${colour.toLowerCase()} ` : ''}strand on the {lead.from} leads
            </strong>
            , as it lies in front of you.
          </p>
          <div className="grid grid-cols-2 gap-2">
            {lead.steps.map((step, j) => (
              <figure key={j}>
                <TiePicture section={section} tie={tie.inRepeat} step={j} hexOf={hexOf} />
                <figcaption>{run.stitch.steps[step]!.text}</figcaption>
              </figure>
            ))}
          </div>
        </>
      )}
      {!lead && (
        <ol className="list-decimal space-y-1 pl-6">
          {run.stitch.steps.map(({ text }) => (
            <li key={text}>{text}</li>
          ))}
        </ol>
      )}
      <p>
        <strong>To tell from the work:</strong> {run.stitch.watch}
      </p>
    </div>
  );
}
