/** Regions that a studio may choose: each is written, and read back, as it is written there. BCP 47. */
export const REGIONS = [
  ...['en-GB', 'en-IE', 'en-US', 'en-CA', 'en-AU', 'en-NZ', 'en-ZA', 'en-IN'],
  ...['de-DE', 'de-AT', 'de-CH', 'nl-NL', 'nl-BE', 'fr-FR', 'fr-BE', 'fr-CH', 'fr-CA'],
  ...['da-DK', 'nb-NO', 'sv-SE', 'fi-FI', 'is-IS', 'et-EE', 'lv-LV', 'lt-LT'],
  ...['es-ES', 'es-MX', 'pt-PT', 'pt-BR', 'it-IT', 'ro-RO', 'el-GR', 'tr-TR'],
  ...['pl-PL', 'cs-CZ', 'sk-SK', 'sl-SI', 'hr-HR', 'hu-HU', 'bg-BG', 'uk-UA'],
];

/** Where a studio has not chosen. */
export const FIRST_REGION = 'en-GB';
