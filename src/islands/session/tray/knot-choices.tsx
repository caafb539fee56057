import { PARTS } from '../../../core/part';
import type { Options, Piece } from '../../../core/project';
import { STOPPERS, TIED_BY } from '../../../core/studio';
import { TIED_WORDS } from '../../../ui/words/tied-words';
import { Choice, Labelled } from '../seats/seat-fields';

const KNOTS = STOPPERS.map((slug) => ({ value: slug, label: PARTS[slug]!.name.toLowerCase() }));
const BY = TIED_BY.map((by) => ({ value: by, label: TIED_WORDS[by] }));
const TURNS = [2, 3, 4, 5, 6].map((n) => ({ value: String(n), label: String(n) }));

/** The end knot and who ties it, and the turns of the knots that slide, where the piece leaves them to the maker. */
export function KnotChoices({ piece, set }: { piece: Piece; set: (options: Options) => void }) {
  const { stopper, turns } = piece.project.options;
  const end = stopper === undefined ? undefined : piece.parts[stopper];
  const wrapped = turns === undefined ? undefined : piece.parts[turns];
  return (
    <>
      {end && (
        <Labelled label="End knot">
          <Choice
            label="End knot"
            value={STOPPERS.find((slug) => slug === end.part.slug) ?? null}
            options={KNOTS}
            onChange={(v) => v && set({ stopper: v })}
          />
        </Labelled>
      )}
      {end?.part.byOne && end.base.strands > 1 && (
        <Labelled label="End knot tied by">
          <Choice label="End knot tied by" value={end.base.tied} options={BY} onChange={(v) => v && set({ tied: v })} />
        </Labelled>
      )}
      {wrapped && (
        <Labelled label="Turns of a sliding knot">
          <Choice
            label="Turns of a sliding knot"
            value={String(wrapped.base.times)}
            options={TURNS}
            onChange={(v) => v && set({ turns: Number(v) })}
          />
        </Labelled>
      )}
    </>
  );
}
