import { memo, Suspense } from 'react';
import type { SettingsView } from '../../app/studio/settings';
import type { Cord } from '../../core/cord';
import type { Hardware } from '../../core/part';
import { Later } from '../../ui/fields/as-text';
import { DocumentTable, type NumberField } from './document-table';

const CORD_FIELDS: readonly NumberField<Cord>[] = [
  { key: 'diameter_mm', label: 'Diameter', unit: 'mm', min: 0.2, max: 12 },
  { key: 'compression', label: 'Compression', unit: '× diameter', min: 0.4, max: 1 },
];
const HARDWARE_FIELDS: readonly NumberField<Hardware>[] = [
  { key: 'bar_mm', label: 'Bar', unit: 'mm', min: 0.5, max: 15 },
  { key: 'opening_mm', label: 'Opening', unit: 'mm', min: 1, max: 80 },
  { key: 'closed_mm', label: 'Closed', unit: 'mm', min: 0, max: 120 },
];

/** The studio's cords and hardware, with the figures of each that it may set right. What else the page does leaves them as they are. */
export const Documents = memo(function Documents({ view }: { view: SettingsView }) {
  return (
    <>
      <Suspense fallback={null}>
        <Later turn={20}>
          {' '}
          <section className="part-lazy mt-6 overflow-x-auto">
            <h2 className="text-xl">Cords</h2>
            <DocumentTable
              path="cords"
              initial={view.cords}
              shipped={view.shipped.cords}
              fields={CORD_FIELDS}
              words={(cord) => `${cord.fibre}, ${cord.stiffness}, ${cord.colours.length} colours`}
            />
          </section>
        </Later>
      </Suspense>
      <Suspense fallback={null}>
        <Later turn={24}>
          {' '}
          <section className="part-lazy mt-6 overflow-x-auto">
            <h2 className="text-xl">Hardware</h2>
            <DocumentTable
              path="hardware"
              initial={view.hardware}
              shipped={view.shipped.hardware}
              fields={HARDWARE_FIELDS}
              words={(h) => `${h.kind.replace('-', ' ')}${h.nickel ? ', contains nickel' : ''}`}
            />
          </section>
        </Later>
      </Suspense>
    </>
  );
});
