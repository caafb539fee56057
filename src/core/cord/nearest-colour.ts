import type { Colour } from './cord';

/** Colours further apart than this are not one another's: about from a blue to a purple. */
const FAR = 0.095;
/** A darker or a lighter one is still that colour: light counts for less than hue. */
const LIGHT = 0.6;

/** A colour as light, green to red and blue to yellow, where distances are as eyes see them: OKLab, after its author's matrices. */
function oklab(hex: string): [number, number, number] {
  const [r, g, b] = [1, 3, 5].map((at) => {
    const share = parseInt(hex.slice(at, at + 2), 16) / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  const l = Math.cbrt(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b);
  const m = Math.cbrt(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b);
  const s = Math.cbrt(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b);
  return [
    0.2104542553 * l + 0.793617785 * m - 0.0040720468 * s,
    1.9779984951 * l - 2.428592205 * m + 0.4505937099 * s,
    0.0259040371 * l + 0.7827717662 * m - 0.808675766 * s,
  ];
}

/**
 * The colour of a cord that is meant by a word: the one of that name, or else the nearest to its colour, if any is near.
 *
 * @param hex as `#rrggbb`; null where the word has no colour of its own
 *
 * @example
 * nearestColour(satin.colours, { name: satin.colours[0].name, hex: null }).slug === satin.colours[0].slug // true
 */
export function nearestColour(
  colours: readonly Colour[],
  { name, hex }: { readonly name: string; readonly hex: string | null },
): Colour | null {
  const named = colours.find((colour) => colour.name.toLowerCase() === name.trim().toLowerCase());
  if (named || hex === null || !/^#[\da-f]{6}$/i.test(hex)) return named ?? null;
  const wanted = oklab(hex);
  const far = (colour: Colour): number =>
    Math.hypot(...oklab(colour.hex).map((v, i) => (v - wanted[i]!) * (i === 0 ? LIGHT : 1)));
  const nearest = [...colours].sort((a, b) => far(a) - far(b))[0];
  return nearest && far(nearest) <= FAR ? nearest : null;
}
