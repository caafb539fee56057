import { Minus } from 'lucide-react';
import type { SeatPage } from '../../app/bench/seat-page';
import type { MakingStep } from '../../core/making';
import { Swatch } from '../../ui/pictures/swatch';
import { Walk } from '../../ui/walk';

/** The next knot, as large as the page, one button, and the count. */
export function Counter({
  step,
  made,
  page,
  file,
  onMade,
}: {
  step: MakingStep & { readonly tally: NonNullable<MakingStep['tally']> };
  made: number;
  page: SeatPage;
  file: (name: string) => string;
  onMade: (by: number) => void;
}) {
  const { from, ties, words, each, watch, walk } = step.tally;
  const done = Math.min(ties, Math.max(0, made - from));
  const tie = each.length > 0 ? each[done % each.length]! : null;
  const colour = tie ? page.colours[tie.colour] : undefined;
  const pictures = tie ? tie.drawings : step.drawings;
  return (
    <>
      <div className={`grid ${pictures.length > 1 ? 'grid-cols-2' : ''} gap-2`}>
        {pictures.map((name) => (
          <img key={name} src={file(name)} alt="" className="h-40 w-full object-contain" />
        ))}
      </div>
      {tie && (
        <p className="flex items-center gap-2 text-2xl">
          {colour && <Swatch hex={colour.hex} size={22} />}
          <strong>
            {colour && Object.keys(page.colours).length > 1 ? colour.name : 'The strand'} on the {tie.from} first.
          </strong>
        </p>
      )}
      {tie && ties > 1 && <p>{tie.text}</p>}
      {walk && <Walk walk={walk} done={done} />}
      <p className="text-xl" aria-live="polite">
        <strong className="font-display text-6xl tabular-nums">{done}</strong> of {ties} {words}
      </p>
      <div className="flex gap-2">
        <button
          type="button"
          className="btn h-20 w-20 text-2xl"
          aria-label="One back"
          disabled={done === 0}
          onClick={() => onMade(-1)}
        >
          <Minus size={28} aria-hidden="true" />
        </button>
        <button
          type="button"
          className="btn btn-primary h-20 flex-1 text-3xl"
          disabled={done === ties}
          onClick={() => onMade(1)}
        >
          {words === 'half knots' ? (done === ties ? 'All tied' : 'Tied') : done === ties ? 'All done' : 'One done'}
        </button>
      </div>
      <details className="text-lg">
        <summary className="min-h-11 cursor-pointer py-2">Lost? Look at your work</summary>
        <p>{watch}</p>
      </details>
    </>
  );
}
