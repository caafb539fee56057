import type { Units } from '../../core/measure';
import type { Options } from '../../core/project';
import { LOOPS, type Loop } from '../../core/studio';
import { LengthField } from '../../ui/length-field';
import { Choice, cordOf, Labelled } from './seat-fields';
import type { PlannedSeat, SessionModel } from './use-session';

const LOOP_OPTIONS = LOOPS.map((value) => ({ value, label: `${value} loop` }));
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
  const kinds = project.hardware.flatMap((need) => need.kinds);
  const fittings = Object.values(catalogue.hardware).filter((h) => kinds.includes(h.kind));
  const cord = cordOf(record, catalogue);
  const kind = cord ? catalogue.cords[cord.cord] : undefined;
  const count = record.options.colours ?? Math.max(1, cord?.colours.length ?? 1);
  // A flame is offered only where the rules would allow it: choosing none is always possible.
  const mayFuse = piece.flame || record.options.flame === false;
  const setColours = (colours: string[]) =>
    cord &&
    model.act({
      kind: 'seat',
      id: record.id,
      changes: { cords: { ...record.cords, [cord.role]: { cord: cord.cord, colours } } },
    });
  return (
    <div>
      {project.loop && (
        <Labelled label="Carry loop">
          <Choice
            label="Carry loop"
            value={record.options.loop ?? 'finger'}
            options={LOOP_OPTIONS}
            onChange={(v) => set({ loop: v as Loop })}
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
      <Labelled label={project.kind === 'bracelet' ? 'Buckle' : 'Ring or hook'}>
        <Choice
          label={project.kind === 'bracelet' ? 'Buckle' : 'Ring or hook'}
          value={record.options.hardware ?? project.hardware[0]!.default}
          options={fittings.map(({ slug, name }) => ({ value: slug, label: name }))}
          onChange={(v) => v && set({ hardware: v })}
        />
      </Labelled>
      {project.colours > 1 && (
        <Labelled label="Colours">
          <Choice
            label="Colours"
            value={String(Math.min(count, project.colours))}
            options={[
              { value: '1', label: 'one' },
              { value: '2', label: 'two, joined' },
            ]}
            onChange={(v) => set({ colours: Number(v) })}
          />
        </Labelled>
      )}
      {project.colours > 1 && count > 1 && kind && cord && (
        <Labelled label="Second colour">
          <Choice
            label="Second colour"
            value={piece.cords[0]!.colours[1] ?? null}
            options={kind.colours.map((colour) => ({ value: colour.slug, label: colour.name }))}
            onChange={(v) => v && setColours([piece.cords[0]!.colours[0]!, v])}
          />
        </Labelled>
      )}
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
