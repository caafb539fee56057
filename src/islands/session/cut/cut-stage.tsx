import { format } from 'date-fns';
import { Printer } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { formatLength, formatTotal } from '../../../core/measure';
import { beadOf, cutKey, cutList, cutsNow } from '../../../core/seat';
import { boardWords } from '../../../core/cut';
import { CutAnatomy } from '../../../ui/pictures/cut-anatomy';
import { Swatch } from '../../../ui/pictures/swatch';
import { Alternatives } from './alternatives';
import { BatchTable } from './batch-table';
import { Heads, num } from '../../../ui/heads';
import type { PanelProps } from '../board/stage-panel';
import { Tabs } from '../../../ui/tabs';

const LanesView = lazy(async () => ({ default: (await import('./lanes/lanes-view')).LanesView }));

/** What is cut: as a list by cord and colour, or as lanes on the pieces of the shelf. */
export function CutStage(props: PanelProps) {
  const { model, units } = props;
  const [show, setShow] = useState<'list' | 'lanes'>('list');
  if (model.seats.every(({ plan }) => (plan.cut?.cuts.length ?? 0) === 0))
    return (
      <p className="p-4">
        Nothing to cut yet: {model.stages.find((s) => s.state === 'open')?.line ?? 'fit the seats first.'}
      </p>
    );
  return (
    <Tabs
      label="How the cuts are shown"
      views={{ list: 'Lengths', lanes: 'From the shelf' }}
      shown={show}
      onShow={setShow}
    >
      {show === 'list' ? (
        <CutListView {...props} />
      ) : (
        <Suspense fallback={<p className="p-4">Looking at the shelf…</p>}>
          <LanesView model={model} units={units} />
        </Suspense>
      )}
    </Tabs>
  );
}

/** The cut list by cord and colour, every length explained in the tray, and the mark that it has been cut. */
function CutListView({ model, units, selected, onSelect, printHref, onNext }: PanelProps) {
  const { seats, view, figures, stages } = model;
  const groups = cutList(seats.map(({ plan }) => plan));
  const lengths = groups.flatMap((group) => group.lines.map((line) => line.cut));
  const longest = Math.max(0, ...lengths.map((cut) => cut.length_mm));
  const missing = seats.filter(({ plan }) => !plan.cut);
  const blocked = seats.filter(({ plan }) => beadOf(plan) === 'notched' && plan.cut);
  const estimates = seats.filter(({ plan, record }) => beadOf(plan) === 'ringed' && !record.accepted);
  const state = stages.find(({ stage }) => stage === 'cut')!;
  const done = state.state === 'tied' || (view.session.cut_done !== null && !state.line.startsWith('Came undone'));
  const seen = cutsNow(seats).map(cutKey);
  return (
    <div>
      <div className="flex flex-wrap items-center gap-3 px-4 py-2">
        <a className="btn btn-primary btn-sm" href={printHref}>
          <Printer size={16} aria-hidden="true" /> Print the cut sheet
        </a>
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={done}
            onChange={(event) =>
              model.act({ kind: 'cut', cut: event.target.checked, seen, on: format(new Date(), 'yyyy-MM-dd') })
            }
          />
          All of this is cut
        </label>
        <a className="btn btn-sm" href={`/api/sessions/${view.session.id}/cuts.csv`} download>
          As CSV
        </a>
        <button type="button" className="btn btn-sm" onClick={onNext}>
          On to the kits
        </button>
        {state.line.startsWith('Came undone') && (
          <span className="flex items-center gap-2 text-sm">
            <strong className="text-accent">{state.line}</strong>
          </span>
        )}
      </div>
      {(missing.length > 0 || estimates.length > 0 || blocked.length > 0) && (
        <ul className="mx-4 mb-2 border-l-4 border-warning bg-base-200 px-3 py-1.5 text-sm">
          {missing.length > 0 && (
            <li>
              <strong>Not in this list:</strong> {missing.map(({ record }) => record.name).join(', ')}: no fit yet.
            </li>
          )}
          {blocked.length > 0 && (
            <li>
              <strong>To decide first:</strong> {blocked.map(({ record }) => record.name).join(', ')}.
            </li>
          )}
          {estimates.length > 0 && (
            <li>
              <strong>
                {estimates.length} {estimates.length === 1 ? 'seat' : 'seats'} still on{' '}
                {estimates.length === 1 ? 'an estimate' : 'estimates'}:
              </strong>{' '}
              {estimates.map(({ record }) => record.name).join(', ')}. Measure before cutting if you can.
            </li>
          )}
        </ul>
      )}
      <Alternatives model={model} units={units} />
      {groups.map((group) => {
        const pieces = group.lines.reduce((sum, { cut }) => sum + cut.pieces, 0);
        return (
          <section key={`${group.cord.slug}|${group.colour.slug}`} className="px-2 pb-4">
            <h2 className="flex flex-wrap items-baseline gap-2 px-2 pt-2 text-lg">
              <Swatch hex={group.colour.hex} size={16} /> {group.cord.name}, {group.colour.name}
              <span className="quiet font-sans text-sm font-normal">
                {pieces} {pieces === 1 ? 'length' : 'lengths'}, {formatTotal(group.total_mm, units)} in all
              </span>
            </h2>
            <table className="sheet table-fixed">
              <Heads
                of={[num('Bag', 'w-14'), 'Name', num('Cut', 'w-48'), { name: 'What it is made of', width: 'w-1/2' }]}
              />
              <tbody>
                {group.lines.map(({ seat, plan, cut }, i) => {
                  const { record } = seats[seat - 1]!;
                  const estimate = beadOf(plan) === 'ringed';
                  return (
                    <tr key={i} aria-selected={record.id === selected} onClick={() => onSelect(record.id)}>
                      <td className="num">{seat}</td>
                      <td className="truncate">
                        <button
                          type="button"
                          className="text-left hover:underline"
                          onClick={() => onSelect(record.id)}
                          aria-label={`Open the cut of ${plan.label}`}
                        >
                          {plan.label}
                        </button>
                        {estimate && <em className="quiet text-sm"> on an estimate</em>}
                      </td>
                      <td className={`num text-[17px] font-semibold ${estimate ? 'italic' : ''}`}>
                        {cut.pieces > 1 && `${cut.pieces} × `}
                        {estimate && '~'}
                        {formatLength(cut.length_mm, units, 'up')}
                        <span className="quiet block text-xs font-normal">
                          {boardWords(cut.length_mm, figures.board, units)}
                        </span>
                      </td>
                      <td>
                        <CutAnatomy
                          anatomy={cut.anatomy}
                          length={cut.length_mm}
                          scale={longest}
                          hex={group.colour.hex}
                        />
                      </td>
                    </tr>
                  );
                })}
              </tbody>
            </table>
            <BatchTable group={group} units={units} board={figures.board} />
          </section>
        );
      })}
    </div>
  );
}
