import { lookUp } from '../../../core/project';
import { coloursOf, type SeatChanges, type PlannedSeat } from '../../../core/seat';
import { AVOIDS } from '../../../core/studio';
import { Swatch } from '../../../ui/pictures/swatch';
import { BeadCell } from './bead-cell';
import { AVOID_OPTIONS, Choice, cordOf, cordOptions, projectOptions, SKILL_OPTIONS } from './seat-fields';
import { checkAge, checkName, TextCell } from '../../../ui/fields/text-cell';
import type { SessionModel } from '../model/use-session';

/** The skin notes of a seat as one choice: none, one, or both. */
const AVOID_CHOICES: readonly { readonly value: string; readonly label: string }[] = [
  ...AVOID_OPTIONS,
  { value: 'nickel,synthetic', label: 'neither' },
];

/** `compact` while the tray is open: there is room for what one plans with, not for notes. */
interface RowProps {
  seat: PlannedSeat;
  index: number;
  model: SessionModel;
  compact: boolean;
  selected: boolean;
  onSelect: () => void;
}

/** One seat: who, and what they make in what. */
export function SeatRow({ seat, index, model, compact, selected, onSelect }: RowProps) {
  const { record, plan } = seat;
  const { catalogue } = model.view.studio;
  const edit = (changes: SeatChanges) => model.act({ kind: 'seat', id: record.id, changes });
  const at = (col: number) => ({ 'data-row': index, 'data-col': col });
  const cord = cordOf(record, catalogue);
  const kind = cord ? lookUp(catalogue.cords, cord.cord) : undefined;
  const setCord = (changes: { cord?: string; colours?: string[] }) => {
    if (!cord) return;
    const chosen = { cord: cord.cord, ...(cord.colours.length > 0 && { colours: [...cord.colours] }), ...changes };
    edit({ cords: { ...record.cords, [cord.role]: changes.cord ? { cord: changes.cord } : chosen } });
  };
  return (
    <tr aria-selected={selected} onFocus={compact ? onSelect : undefined}>
      <td className="num quiet">{index + 1}</td>
      <BeadCell seat={seat} onOpen={onSelect} />
      <td className="min-w-36">
        <TextCell
          {...at(0)}
          label={`Name, seat ${index + 1}`}
          value={record.name}
          check={checkName}
          onChange={(name) => edit({ name })}
        />
      </td>
      <td className="w-14 min-w-12">
        <TextCell
          {...at(1)}
          label={`Age of ${record.name}`}
          value={record.age === null ? '' : String(record.age)}
          check={checkAge}
          inputMode="numeric"
          className="text-right"
          onChange={(text) => edit({ age: text === '' ? null : Number(text) })}
        />
      </td>
      <td className="w-30 narrow:min-w-24">
        <Choice
          {...at(2)}
          label={`Skill of ${record.name}`}
          value={record.skill}
          empty="not given"
          options={SKILL_OPTIONS}
          onChange={(v) => edit({ skill: v })}
        />
      </td>
      <td className={compact ? 'w-44' : 'w-48 narrow:min-w-36'}>
        <Choice
          {...at(3)}
          label={`Project of ${record.name}`}
          value={record.project}
          empty="choose"
          options={projectOptions(catalogue)}
          onChange={(project) => edit({ project })}
        />
      </td>
      <td className={compact ? 'w-36' : 'w-90 narrow:w-48'}>
        {cord && kind && (
          <span className="flex items-center gap-1 narrow:flex-wrap">
            {!compact && (
              <span className="w-48">
                <Choice
                  {...at(4)}
                  label={`Cord of ${record.name}`}
                  value={cord.cord}
                  options={cordOptions(catalogue)}
                  onChange={(v) => v && setCord({ cord: v })}
                />
              </span>
            )}
            <span className="flex flex-1 items-center gap-1">
              {coloursOf(plan).map((hex, i) => (
                <Swatch key={i} hex={hex} />
              ))}
              <Choice
                {...at(5)}
                label={`Colour of ${record.name}`}
                value={cord.colours[0] ?? kind.colours[0]!.slug}
                options={kind.colours.map((colour) => ({ value: colour.slug, label: colour.name }))}
                onChange={(v) => v && setCord({ colours: [v, ...cord.colours.slice(1)] })}
              />
            </span>
          </span>
        )}
      </td>
      {!compact && (
        <td className="w-34 narrow:hidden">
          <Choice
            {...at(6)}
            label={`Skin of ${record.name}`}
            value={[...record.avoid].sort().join(',') || null}
            empty="—"
            options={AVOID_CHOICES}
            onChange={(v) => edit({ avoid: AVOIDS.filter((one) => v?.split(',').includes(one)) })}
          />
        </td>
      )}
      {!compact && (
        <td className="narrow:hidden">
          <TextCell
            {...at(7)}
            label={`Note for ${record.name}`}
            value={record.note}
            maxLength={500}
            onChange={(note) => edit({ note })}
          />
        </td>
      )}
      <td className="w-10">
        <button
          type="button"
          className="btn btn-ghost btn-xs"
          {...at(8)}
          onClick={() => model.act({ kind: 'remove', id: record.id })}
          aria-label={`Take ${record.name} out of the session`}
        >
          ✕
        </button>
      </td>
    </tr>
  );
}
