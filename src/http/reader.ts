import type { AstroCookies } from 'astro';
import type { Units } from '../core/measure';

/** How this browser likes to read: from its cookies, else the studio's units and the light theme. */
export function readerOf(cookies: AstroCookies, studio: Units): { units: Units; theme: 'linen' | 'walnut' } {
  const units = cookies.get('units')?.value;
  return {
    units: units === 'cm' || units === 'in' ? units : studio,
    theme: cookies.get('theme')?.value === 'walnut' ? 'walnut' : 'linen',
  };
}
