import type { Hardware } from '../../../core/part';
import { SEQUENCE_ORDERS, type Piece, type Sequence } from '../../../core/project';
import { Choice, Labelled } from '../seats/seat-fields';

const ORDERS = { repeat: 'by turns', mirror: 'mirrored', free: 'as the maker likes' } as const;
const ORDER_OPTIONS = SEQUENCE_ORDERS.map((value) => ({ value, label: ORDERS[value] }));

/** The kinds of beads of a piece that takes several, their order, and the beads at the ends where those are others. */
export function BeadSequence({
  piece,
  sequence,
  shelf,
  set,
}: {
  piece: Piece;
  sequence: Sequence | undefined;
  shelf: readonly Hardware[];
  set: (sequence: Sequence | null) => void;
}) {
  const offer = piece.project.options.sequence;
  if (!offer) return null;
  const need = piece.project.hardware.find(({ id }) => id === offer.bead)!;
  const beads = shelf
    .filter(({ kind }) => need.kinds.includes(kind))
    .map(({ slug, name }) => ({ value: slug, label: name }));
  const { ends, ...own }: Sequence = sequence ?? { kinds: [piece.hardware[offer.bead]!.slug], order: 'repeat' };
  const change = (kinds: readonly string[], order: Sequence['order'], last: string | null | undefined): void =>
    set(kinds.length > 1 || last ? { kinds: [...kinds], order, ...(last && { ends: last }) } : null);
  const setKind = (index: number, slug: string | null): void =>
    change([...own.kinds.slice(0, index), ...(slug ? [slug, ...own.kinds.slice(index + 1)] : [])], own.order, ends);
  return (
    <>
      {[...own.kinds, null].slice(1, offer.most).map((slug, i) => (
        <Labelled key={i} label={`Bead ${i + 2}`}>
          <Choice
            label={`Bead ${i + 2}`}
            value={slug}
            options={beads}
            empty="none"
            onChange={(v) => setKind(i + 1, v)}
          />
        </Labelled>
      ))}
      {own.kinds.length > 1 && (
        <Labelled label="Bead order">
          <Choice
            label="Bead order"
            value={own.order}
            options={ORDER_OPTIONS}
            onChange={(order) => order && change(own.kinds, order, ends)}
          />
        </Labelled>
      )}
      <Labelled label="Beads at the ends">
        <Choice
          label="Beads at the ends"
          value={ends ?? null}
          options={beads}
          empty="like the others"
          onChange={(v) => change(own.kinds, own.order, v)}
        />
      </Labelled>
    </>
  );
}
