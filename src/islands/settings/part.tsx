import type { ReactNode } from 'react';
import { LazyPart } from '../../ui/fields/lazy-part';

/** A part of the settings under its name. */
export const Part = ({ name, turn, children }: { name: string; turn: number; children: ReactNode }) => (
  <LazyPart turn={turn} className="mt-6 overflow-x-auto">
    <h2 className="text-xl">{name}</h2>
    {children}
  </LazyPart>
);
