import { plain } from '../../../ui/words/region';
import { readNumber } from '../../../core/region';
import type { Units } from '../../../core/measure';
import { lookUp, type Options } from '../../../core/project';
import { PARTS, sizeOf } from '../../../core/part';
import { LOOPS } from '../../../core/studio';
import { checkSize, TextCell } from '../../../ui/fields/text-cell';
import { BeadSequence } from './bead-sequence';
import { KnotChoices } from './knot-choices';
import { SwapSaving } from './swap-saving';
import { LengthField } from '../../../ui/fields/length-field';
import { Choice, cordOf, Labelled } from '../seats/seat-fields';
import type { PlannedSeat } from '../../../core/seat';
import type { SessionModel } from '../model/use-session';

const LOOP_OPTIONS = LOOPS.map((value) => ({ value, label: `${value} loop` }));
const upTo = (most: number) => Array.from({ length: most }, (_, i) => ({ value: String(i + 1), label: String(i + 1) }));
const BAND = { name: 'band', min: 20, max: 1000 };

/** What this seat may choose about its piece: only what the project, the cord and the wearer's age allow. */
export function Choices({ seat, model, units }: { seat: PlannedSeat; model: SessionModel; units: Units }) {
  const { record, plan } = seat;
  const { catalogue } = model.view.studio;
  const { piece } = plan;
  if (!piece) return null;
  const set = (options: Options) =>
    model.act({ kind: 'seat', id: record.id, changes: { options: { ...record.options, ...options } } });
  const { project } = piece;
  const { options: offers } = project;
  const { hardware } = lookUp(catalogue.projects, project.slug) ?? project;
  const own = hardware.filter((need) => need.id !== offers.bead && need.id !== offers.button);
  const kinds = own.flatMap((need) => need.kinds);
  const fittings = Object.values(catalogue.hardware).filter((h) => kinds.includes(h.kind));
  const cord = cordOf(record, catalogue);
  const kind = cord ? lookUp(catalogue.cords, cord.cord) : undefined;
  const shown = [...new Set(piece.cords.map(({ colour }) => colour))];
  // A flame is offered only where the piece has an end to fuse and the rules would allow it; choosing none is always possible.
  const fusible = project.parts.some(({ part }) => PARTS[part]?.withoutHeat !== undefined);
  const mayFuse = fusible && (piece.flame || record.options.flame === false);
  const setColour = (index: number, colour: string) => {
    if (!cord) return;
    const before = cord.colours.length > 0 ? cord.colours : shown;
    const colours = Array.from({ length: piece.choices.colours }, (_, i) => before[i] ?? before[0] ?? colour);
    colours[index] = colour;
    const everyRole = Object.fromEntries(
      [...new Set(project.cords.map(({ role }) => role))]
        .filter((role) => role !== 'thread')
        .map((role) => [role, { cord: record.cords[role]?.cord ?? cord.cord, colours }]),
    );
    model.act({ kind: 'seat', id: record.id, changes: { cords: { ...record.cords, ...everyRole } } });
  };
  return (
    <div>
      {offers.loop && (
        <Labelled label="Carry loop">
          <Choice
            label="Carry loop"
            value={piece.choices.loop}
            options={LOOP_OPTIONS}
            onChange={(v) => set({ loop: v })}
          />
        </Labelled>
      )}
      {offers.wraps && (
        <Labelled label="Times round">
          <Choice
            label="Times round"
            value={String(piece.choices.wraps)}
            options={upTo(offers.wraps.most)}
            onChange={(v) => set({ wraps: Number(v) })}
          />
        </Labelled>
      )}
      {project.sizing.by === 'band' && (
        <Labelled label="Band length">
          <LengthField
            label="Band length"
            value={record.band_mm ?? project.sizing.band_mm}
            units={units}
            range={BAND}
            onChange={(band_mm) => model.act({ kind: 'seat', id: record.id, changes: { band_mm } })}
          />
        </Labelled>
      )}
      {fittings.length > 0 && (
        <Labelled label="Hardware">
          <Choice
            label="Hardware"
            value={record.options.hardware ?? own[0]!.default}
            options={fittings.map(({ slug, name }) => ({ value: slug, label: name }))}
            onChange={(v) => v && set({ hardware: v })}
          />
        </Labelled>
      )}
      {offers.bead && (
        <Labelled label="Bead size, mm">
          <TextCell
            label="Bead size, mm"
            value={plain(sizeOf(piece.hardware[offers.bead]!))}
            check={(text) => checkSize(text, 2, 40)}
            onChange={(text) => set({ bead_mm: readNumber(text)! })}
          />
        </Labelled>
      )}
      <BeadSequence
        piece={piece}
        sequence={record.options.sequence}
        shelf={Object.values(catalogue.hardware)}
        set={(sequence) => {
          const { sequence: _sequence, ...rest } = record.options;
          const options = sequence ? { ...rest, sequence } : rest;
          model.act({ kind: 'seat', id: record.id, changes: { options } });
        }}
      />
      {offers.beads && (
        <Labelled label="Beads">
          <TextCell
            label="Beads"
            value={record.options.beads === undefined ? '' : String(record.options.beads)}
            placeholder="all round"
            check={(text) => (text === '' ? null : checkSize(text, 1, 120))}
            onChange={(text) => {
              const { beads: _beads, ...rest } = record.options;
              const options = text === '' ? rest : { ...rest, beads: readNumber(text)! };
              model.act({ kind: 'seat', id: record.id, changes: { options } });
            }}
          />
        </Labelled>
      )}
      {offers.button && (
        <Labelled label="Button, mm across">
          <TextCell
            label="Button, mm across"
            value={plain(sizeOf(piece.hardware[offers.button]!))}
            check={(text) => checkSize(text, 6, 50)}
            onChange={(text) => set({ button_mm: readNumber(text)! })}
          />
        </Labelled>
      )}
      {offers.colours && offers.colours.most > 1 && (
        <Labelled label="Colours">
          <Choice
            label="Colours"
            value={String(piece.choices.colours)}
            options={upTo(offers.colours.most)}
            onChange={(v) => set({ colours: Number(v) })}
          />
        </Labelled>
      )}
      {kind &&
        cord &&
        Array.from({ length: piece.choices.colours - 1 }, (_, i) => i + 1).map((index) => (
          <Labelled key={index} label={`Colour ${index + 1}`}>
            <Choice
              label={`Colour ${index + 1}`}
              value={cord.colours[index] ?? shown[index] ?? null}
              options={kind.colours.map((colour) => ({ value: colour.slug, label: colour.name }))}
              onChange={(v) => v && setColour(index, v)}
            />
          </Labelled>
        ))}
      {piece.choices.swap !== null && (
        <Labelled label="Legs change places half-way">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            aria-label="Legs change places half-way"
            checked={piece.choices.swap}
            onChange={(event) => set({ swap: event.target.checked })}
          />
          <SwapSaving seat={seat} model={model} units={units} />
        </Labelled>
      )}
      <KnotChoices piece={piece} set={set} />
      {mayFuse && (
        <Labelled label="Ends">
          <Choice
            label="Ends"
            value={piece.flame ? 'flame' : 'none'}
            options={[
              { value: 'flame', label: 'fused' },
              { value: 'none', label: 'tucked, no flame' },
            ]}
            onChange={(v) => set({ flame: v === 'flame' })}
          />
        </Labelled>
      )}
    </div>
  );
}
