import type { ReactNode } from 'react';
import { bareMoney, inMinor, number, plain } from '../../ui/words/region';
import { readNumber } from '../../core/region';
import type { Units } from '../../core/measure';
import { kindOf, type Item } from '../../core/shelf';
import { LengthField } from '../../ui/fields/length-field';
import { TextCell } from '../../ui/fields/text-cell';

const UNKNOWN = 'not known';
const read = (text: string): number | null => (text === '' ? null : (readNumber(text) ?? NaN));

/** A number that may not be known, within its limits. */
function NumberRow({
  label,
  hint,
  value,
  unknown = UNKNOWN,
  range: [min, max],
  onChange,
}: {
  label: string;
  hint?: ReactNode;
  value: string;
  unknown?: string;
  range: readonly [number, number];
  onChange: (value: number | null) => void;
}) {
  return (
    <>
      <dt>
        {label}
        {hint}
      </dt>
      <dd>
        <TextCell
          label={label}
          className="text-right"
          value={value}
          placeholder={unknown}
          check={(text) => {
            const number = read(text);
            const fits = number === null || (number >= min && number <= max);
            return fits ? null : `A number, ${plain(min)} to ${plain(max)}`;
          }}
          onChange={(text) => onChange(read(text))}
        />
      </dd>
    </>
  );
}

const written = (value: number | null | undefined): string => (value == null ? '' : plain(value));

/** How an item is bought, how far a consumable goes, and what a cord weighs. */
export function BuyingFields({
  item,
  estimate,
  units,
  onEdit,
}: {
  item: Item;
  /** Grams a metre where nobody weighed it, of a cord. */
  estimate: number | undefined;
  units: Units;
  onEdit: (changes: Partial<Item>) => void;
}) {
  const kind = kindOf(item.id);
  return (
    <dl className="grid grid-cols-[1fr_9rem] items-center gap-x-3 text-sm">
      {kind === 'cord' ? (
        <>
          <dt>Length of a pack</dt>
          <dd>
            <LengthField
              label="Length of a pack"
              placeholder={UNKNOWN}
              value={item.pack}
              units={units}
              range={{ min: 100, max: 1_000_000, name: 'pack' }}
              onChange={(pack) => onEdit({ pack })}
            />
          </dd>
        </>
      ) : (
        <NumberRow
          label="Pieces in a pack"
          value={written(item.pack)}
          range={[1, 1_000_000]}
          onChange={(pack) => onEdit({ pack })}
        />
      )}
      <NumberRow
        label="Price of a pack"
        value={item.price === null ? '' : bareMoney(item.price)}
        range={[0, 100_000]}
        onChange={(price) => onEdit({ price: price === null ? null : inMinor(price) })}
      />
      <NumberRow
        label="Days from order to delivery"
        value={written(item.lead_days)}
        range={[0, 365]}
        onChange={(lead_days) => onEdit({ lead_days })}
      />
      {kind === 'consumable' && (
        <NumberRow
          label="One is enough for so many seats"
          value={written(item.seats)}
          unknown="not counted"
          range={[1, 1000]}
          onChange={(seats) => onEdit({ seats: seats ?? undefined })}
        />
      )}
      {kind === 'cord' && (
        <NumberRow
          label="Grams a metre"
          hint={
            item.mass === null &&
            estimate !== undefined && (
              <span className="quiet block">~{number(estimate, 1)} by its diameter and fibre</span>
            )
          }
          value={written(item.mass)}
          unknown="not weighed"
          range={[0.05, 1000]}
          onChange={(mass) => onEdit({ mass })}
        />
      )}
    </dl>
  );
}
