const channels = (hex: string): number[] => [1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16));

/** A colour mixed with so much white, 0 to 1. */
export function lightened(hex: string, white: number): string {
  return `rgb(${channels(hex)
    .map((channel) => Math.round(channel + (255 - channel) * white))
    .join(' ')})`;
}

/** How light a colour is, 0 to 1, from its hex (WCAG relative luminance). */
export function luminance(hex: string): number {
  const [r, g, b] = channels(hex).map((value) => {
    const channel = value / 255;
    return channel <= 0.03928 ? channel / 12.92 : ((channel + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

/** A colour mixed with so much black, 0 to 1. */
const darkened = (hex: string, black: number): string =>
  `rgb(${channels(hex)
    .map((channel) => Math.round(channel * (1 - black)))
    .join(' ')})`;

/**
 * The three tones a strand is drawn in, so that one can be told from the next of the same colour, in black and white too: its edge darker,
 * its middle lighter. A cord that is nearly black or white already is moved off that, to leave room for the others.
 */
export function tonesOf(hex: string): { readonly edge: string; readonly body: string; readonly middle: string } {
  const light = luminance(hex);
  return {
    edge: darkened(hex, light < 0.03 ? 0.75 : 0.58),
    body: light < 0.03 ? lightened(hex, 0.16) : light > 0.75 ? darkened(hex, 0.08) : hex,
    middle: lightened(hex, light < 0.03 ? 0.42 : light > 0.75 ? 0.9 : 0.38),
  };
}

/** The same colour clearly lighter or darker, as hex: a strand that moves among others of its colour. */
export function apartFrom(hex: string): string {
  const light = luminance(hex) > 0.25;
  return `#${channels(hex)
    .map((channel) => Math.round(light ? channel * 0.42 : channel + (255 - channel) * 0.62))
    .map((channel) => channel.toString(16).padStart(2, '0'))
    .join('')}`;
}

/** A line that shows on a cord of this colour: dark on light cord, light on dark. */
export const lineOn = (hex: string): string => (luminance(hex) < 0.12 ? '#ffffff90' : '#000000a8');

/** Letters that can be read on a cord of this colour: black or white, whichever stands out more. */
export const inkOn = (hex: string): string => (luminance(hex) > 0.18 ? '#000000' : '#ffffff');
