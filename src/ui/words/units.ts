import { useEffect, useState } from 'react';
import { bareUnit, type Units } from '../../core/measure';
import { region } from './region';

/** Centimetres, with the decimal sign of the region. */
export const metric = (): Units => (region().decimal === ',' ? 'cm,' : 'cm');

const EVENT = 'lapboard:units';

/** Remembers a choice of this browser for a year, so that pages are drawn with it from the start. */
export function remember(name: 'units' | 'theme', value: string): void {
  document.cookie = `${name}=${value}; path=/; max-age=31536000; samesite=lax`;
}

/** Switches the units of everything on screen; pages without live lengths are drawn again. */
export function switchUnits(units: Units): void {
  remember('units', bareUnit(units));
  const live = !window.dispatchEvent(new CustomEvent(EVENT, { detail: units, cancelable: true }));
  if (!live) window.location.reload();
}

/** The units on screen, following the unit key. */
export function useUnits(initial: Units): Units {
  const [units, setUnits] = useState(initial);
  useEffect(() => {
    const listen = (event: Event) => {
      event.preventDefault();
      setUnits((event as CustomEvent<Units>).detail);
    };
    window.addEventListener(EVENT, listen);
    return () => window.removeEventListener(EVENT, listen);
  }, []);
  return units;
}
