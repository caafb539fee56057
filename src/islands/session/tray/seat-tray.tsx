import { lookUp } from '../../../core/project';
import type { ReactNode } from 'react';
import { X } from 'lucide-react';
import type { CountWords } from '../../../core/making';
import { formatLength, type Units } from '../../../core/measure';
import type { Cut } from '../../../core/cut';
import { AnatomyTable, CutAnatomy } from '../../../ui/pictures/cut-anatomy';
import { Messages } from '../../../ui/messages';
import { Closed, Strip, Zoom } from '../../../ui/strip';
import { Choices } from './choices';
import { FitDetails } from './fit-details';
import { MadeCount } from './made-count';
import { MinutesDetails } from './minutes-details';
import { Namesakes } from './namesakes';
import { WishesField } from './wishes-field';
import { SchoolsTable } from './schools-table';
import type { PlannedSeat } from '../../../core/seat';
import type { SessionModel } from '../model/use-session';
import { day } from '../../../ui/words/region';

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="border-t hair px-4 py-3">
      <h3 className="mb-1.5 font-semibold">{title}</h3>
      {children}
    </section>
  );
}

/** Everything about the chosen seat, beside the list it came from. */
export function SeatTray({
  seat,
  model,
  units,
  words,
  onClose,
}: {
  seat: PlannedSeat;
  model: SessionModel;
  units: Units;
  words: CountWords;
  onClose: () => void;
}) {
  const { record, plan } = seat;
  const { studio, session } = model.view;
  const { piece, fit, cut } = plan;
  const newer = piece && lookUp(studio.catalogue.projects, piece.project.slug)?.revision;
  const colourOf = ({ cord, colour }: Cut) =>
    piece?.cords.find((c) => c.cord.slug === cord)?.cord.colours.find((c) => c.slug === colour);
  const hexOf = (one: Cut): string => colourOf(one)?.hex ?? '#888888';
  return (
    <aside aria-label={`Seat of ${record.name}`} className="tray text-[15px]">
      <header className="flex items-start justify-between gap-2 px-4 py-3">
        <div className="min-w-0">
          <h2 className="truncate text-xl" title={record.name}>
            {record.name}
          </h2>
          <p className="quiet text-sm">
            {[
              piece?.project.name,
              piece && [...new Set(piece.cords.map((c) => c.cord.name))].join(', '),
              record.age !== null && `${record.age} years`,
              record.skill ?? 'skill not given',
            ]
              .filter(Boolean)
              .join(' · ')}
          </p>
        </div>
        <button type="button" className="btn btn-ghost btn-sm" onClick={onClose} aria-label="Close the tray">
          <X size={18} aria-hidden="true" />
        </button>
      </header>
      {plan.messages.length > 0 && (
        <div className="px-4 pb-3">
          <Messages messages={plan.messages} units={units} />
        </div>
      )}
      <Namesakes record={record} model={model} units={units} />
      {fit && (
        <Part title={`The band${plan.minutes ? `, about ${plan.minutes} min to make` : ''}`}>
          <Zoom title="Front">
            <Strip plan={plan} side="front" units={units} />
          </Zoom>
          <Zoom title="Back">
            <Strip plan={plan} side="back" units={units} />
          </Zoom>
          {plan.piece?.project.kind === 'bracelet' && (
            <>
              <p className="quiet mt-1 text-sm">Closed</p>
              <Closed plan={plan} units={units} />
            </>
          )}
          {plan.pace && <MinutesDetails pace={plan.pace} />}
        </Part>
      )}
      {seat.kept && session.cut_done && (
        <p className="mx-4 mb-3 border-l-4 border-success bg-base-200 px-3 py-2 text-sm">
          Cut on {day(session.cut_done.on, 'year')}: fit, lengths and kit stay as they were cut, whatever figures
          change. Changing the seat so that it needs other lengths undoes the knot.
        </p>
      )}
      {piece && !seat.kept && newer !== undefined && newer > piece.project.revision && (
        <div className="mx-4 mb-3 border-l-4 border-info bg-base-200 px-3 py-2 text-sm">
          Planned with revision {piece.project.revision} of this project; there is a revision {newer}.
          <button
            type="button"
            className="btn btn-xs ml-2"
            onClick={() => model.act({ kind: 'seat', id: record.id, changes: { project_revision: newer } })}
          >
            Use the newer
          </button>
        </div>
      )}
      {piece && (
        <Part title="Choices">
          <Choices seat={seat} model={model} units={units} />
          <MadeCount
            key={`${record.id} ${record.made?.half_knots} ${record.made?.length_mm}`}
            seat={seat}
            model={model}
            units={units}
          />
          <WishesField
            name={record.name}
            wishes={record.wishes}
            colours={piece.cords[0]!.cord.colours}
            onChange={(wishes) => model.act({ kind: 'seat', id: record.id, changes: { wishes } })}
          />
        </Part>
      )}
      {piece && fit && (
        <Part title="Fit">
          <FitDetails piece={piece} fit={fit} units={units} words={words} />
        </Part>
      )}
      {cut && (
        <Part title="Cut">
          {cut.cuts.map((one, i) => (
            <div key={i} className="mb-3">
              <p className="mb-1 flex justify-between">
                <span>
                  {one.pieces} × {one.role}, {colourOf(one)?.name}
                </span>
                <strong className="tabular-nums">{formatLength(one.length_mm, units, 'up')}</strong>
              </p>
              <CutAnatomy
                anatomy={one.anatomy}
                length={one.length_mm}
                scale={one.length_mm}
                hex={hexOf(one)}
                open
                height={30}
              />
              <AnatomyTable anatomy={one.anatomy} length={one.length_mm} />
            </div>
          ))}
        </Part>
      )}
      {cut && (
        <Part title={seat.kept ? 'By each school, with today’s figures' : 'By each school'}>
          <SchoolsTable
            record={record}
            school={session.school ?? studio.settings.school}
            studio={studio}
            group={model.group}
            units={units}
            onChoose={(school) => model.act({ kind: 'seat', id: record.id, changes: { school } })}
          />
        </Part>
      )}
      {plan.items.length > 0 && (
        <Part title="In the bag, beside the cord">
          <ul>
            {plan.items.map(({ item, count }) => (
              <li key={item}>
                {count} × {lookUp(studio.catalogue.hardware, item)?.name ?? item}
              </li>
            ))}
          </ul>
          {plan.tools.length > 0 && <p className="quiet text-sm">At the table: {plan.tools.join(', ')}.</p>}
        </Part>
      )}
    </aside>
  );
}
