import { cutsDone, stagesOf } from '../../core/session';
import { StageCord } from '../../ui/pictures/stage-cord';
import type { BenchModel } from './model/use-bench';

/** The session's cord over its bench: the bench's knot as it stands at this moment. */
export function BenchCord({ model }: { model: BenchModel }) {
  const { seats, view, summary } = model;
  const { id, cut_done, kits } = view.session;
  return (
    <div className="overflow-x-clip bg-base-200 narrow:hidden">
      <StageCord
        stages={stagesOf(seats, cut_done && cutsDone(cut_done), kits, summary)}
        current="bench"
        href={(stage) => `/sessions/${id}/${stage}`}
        onGo={(stage) => window.location.assign(`/sessions/${id}/${stage}`)}
      />
    </div>
  );
}
