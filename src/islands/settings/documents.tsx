import { memo } from 'react';
import type { SettingsView } from '../../app/studio/settings';
import type { Cord } from '../../core/cord';
import type { Hardware } from '../../core/part';
import { DocumentTable, type NumberField } from './document-table';
import { Part } from './part';

const CORD_FIELDS: readonly NumberField<Cord>[] = [
  { key: 'diameter_mm', label: 'Diameter', unit: 'mm', min: 0.2, max: 12 },
  { key: 'compression', label: 'Compression', unit: '× diameter', min: 0.4, max: 1 },
  { key: 'flattening', label: 'Flattening', unit: '× stacked', min: 0.4, max: 1, unset: 1 },
];
const HARDWARE_FIELDS: readonly NumberField<Hardware>[] = [
  { key: 'bar_mm', label: 'Bar', unit: 'mm', min: 0.5, max: 15 },
  { key: 'opening_mm', label: 'Opening', unit: 'mm', min: 1, max: 80 },
  { key: 'closed_mm', label: 'Closed', unit: 'mm', min: 0, max: 120 },
];

/** The studio's cords and hardware, with the figures of each that it may set right. What else the page does leaves them as they are. */
export const Documents = memo(function Documents({ view, turn }: { view: SettingsView; turn: number }) {
  return (
    <>
      <Part name="Cords" turn={turn}>
        <DocumentTable
          path="cords"
          initial={view.cords}
          shipped={view.shipped.cords}
          fields={CORD_FIELDS}
          words={(cord) => `${cord.fibre}, ${cord.stiffness}, ${cord.colours.length} colours`}
        />
      </Part>
      <Part name="Hardware" turn={turn + 1}>
        <DocumentTable
          path="hardware"
          initial={view.hardware}
          shipped={view.shipped.hardware}
          fields={HARDWARE_FIELDS}
          words={(h) => `${h.kind.replace('-', ' ')}${h.nickel ? ', contains nickel' : ''}`}
        />
      </Part>
    </>
  );
});
