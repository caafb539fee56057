import type { AstroCookies } from 'astro';
import type { Units } from '../core/measure';
import { FIRST_REGION, regionOf, type Region } from '../core/region';
import type { Settings } from '../core/studio';

/** How a page is written: lengths as this browser likes them, the theme, and days, numbers and money as the studio's people write them. */
export interface Reader {
  readonly units: Units;
  readonly theme: 'linen' | 'walnut';
  readonly region: Region;
}

/** The units this browser chose, or the studio's. */
export function unitsOf(cookies: AstroCookies, studio: 'cm' | 'in'): 'cm' | 'in' {
  const units = cookies.get('units')?.value;
  return units === 'cm' || units === 'in' ? units : studio;
}

/** How this browser likes to read: from its cookies, else as the studio does, in the light theme. */
export function readerOf(cookies: AstroCookies, studio: Pick<Settings, 'units' | 'region' | 'currency'>): Reader {
  const region = regionOf(studio.region ?? FIRST_REGION, studio.currency);
  const units = unitsOf(cookies, studio.units);
  return {
    units: units === 'cm' && region.decimal === ',' ? 'cm,' : units,
    theme: cookies.get('theme')?.value === 'walnut' ? 'walnut' : 'linen',
    region,
  };
}
