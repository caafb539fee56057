import { Printer } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { cutKey, cutList, cutsNow } from '../../../core/seat';
import { Tabs } from '../../../ui/tabs';
import { todayHere } from '../../../ui/words/region';
import type { PanelProps } from '../board/stage-panel';
import { Alternatives } from './alternatives';
import { CutNotes } from './cut-notes';
import { CutTable } from './cut-table';

const LanesView = lazy(async () => ({ default: (await import('./lanes/lanes-view')).LanesView }));

/** What is cut: as a list by cord and colour, or as lanes on the pieces of the shelf. */
export function CutStage(props: PanelProps) {
  const { model, units } = props;
  const [show, setShow] = useState<'list' | 'lanes'>('list');
  const [cord, setCord] = useState<string | null>(null);
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
      onShow={(view) => {
        setCord(null);
        setShow(view);
      }}
      beside={show === 'list' && <CutActions {...props} />}
    >
      {show === 'list' ? (
        <CutListView
          {...props}
          onLanes={(item) => {
            setCord(item);
            setShow('lanes');
          }}
        />
      ) : (
        <Suspense fallback={<p className="p-4">Looking at the shelf…</p>}>
          <LanesView model={model} units={units} first={cord} />
        </Suspense>
      )}
    </Tabs>
  );
}

/** What is done with the list: printed, marked as cut, taken away. */
function CutActions({ model, printHref, onNext }: PanelProps) {
  const { seats, view, stages } = model;
  const state = stages.find(({ stage }) => stage === 'cut')!;
  const undone = state.code === 'came-undone';
  const done = state.state === 'tied' || (view.session.cut_done !== null && !undone);
  const seen = cutsNow(seats).map(cutKey);
  return (
    <>
      <a className="btn btn-primary btn-sm" href={printHref}>
        <Printer size={16} aria-hidden="true" /> Print the cut sheet
      </a>
      <label className="mx-1 flex items-center gap-2">
        <input
          type="checkbox"
          className="checkbox checkbox-sm"
          checked={done}
          onChange={(event) => model.act({ kind: 'cut', cut: event.target.checked, seen, on: todayHere() })}
        />
        All of this is cut
      </label>
      <a className="btn btn-sm" href={`/api/sessions/${view.session.id}/cuts.csv`} download>
        As CSV
      </a>
      <button type="button" className="btn btn-sm" onClick={onNext}>
        On to the kits
      </button>
      {undone && <strong className="text-sm text-accent">{state.line}</strong>}
    </>
  );
}

/** The cut list by cord and colour, every length explained in the tray. */
function CutListView({
  model,
  units,
  selected,
  onSelect,
  onLanes,
}: PanelProps & { readonly onLanes: (item: string) => void }) {
  const groups = cutList(model.seats.map(({ plan }) => plan));
  return (
    <>
      <CutNotes seats={model.seats} />
      <CutTable groups={groups} model={model} units={units} selected={selected} onSelect={onSelect} onLanes={onLanes} />
      <Alternatives model={model} units={units} />
    </>
  );
}
