import { FIRST_REGION, readNumber } from '../../core/region';
import type { FigureName, Settings } from '../../core/studio';
import { plain } from '../../ui/words/region';

/** Settings as they stand in the form: figures as they are typed. */
export type Form = Omit<Settings, 'figures'> & { figures: Record<FigureName, string> };

export const formOf = (settings: Settings): Form => ({
  ...settings,
  region: settings.region ?? FIRST_REGION,
  figures: Object.fromEntries(
    Object.entries(settings.figures).map(([name, value]) => [name, plain(value)]),
  ) as Form['figures'],
});
export const settingsOf = (form: Form): Settings => ({
  ...form,
  figures: Object.fromEntries(
    Object.entries(form.figures).map(([name, text]) => [name, readNumber(text) ?? NaN]),
  ) as Settings['figures'],
});
