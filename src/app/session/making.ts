import { MAKING_WORDS } from '../../../catalogue';
import {
  makerOf,
  makingOf,
  makingSteps,
  type Act,
  type ActTexts,
  type CountWords,
  type MakingStep,
  type MakingWords,
  type Telling,
} from '../../core/making';
import { lookUp } from '../../core/project';
import type { SeatPlan } from '../../core/seat';
import type { SessionView } from '../../core/session';
import type { Figures } from '../../core/studio';

/** How a seat’s piece is made, act by act. */
export const actsOf = (record: Parameters<typeof makerOf>[0], plan: SeatPlan, telling: Telling): Act[] =>
  makingOf(makerOf(record), plan, MAKING_WORDS, telling);

/** The same as the steps of its own page. */
export const stepsOf = (
  record: Parameters<typeof makerOf>[0],
  plan: SeatPlan,
  telling: Telling,
  figures: Figures,
): MakingStep[] => makingSteps(makerOf(record), plan, MAKING_WORDS, telling, figures);

/** What a page needs to tell the makings of a session's seats: the words of all, and those of each project. */
export interface Told {
  readonly words: MakingWords;
  readonly texts: ActTexts;
}

/** The words that the makings of a session's seats are told in. */
export function toldIn({
  seats,
  studio,
}: Pick<SessionView, 'studio'> & { seats: readonly { project: string | null }[] }): Told {
  const slugs = [...new Set(seats.flatMap(({ project }) => project ?? []))];
  const texts = slugs.flatMap((slug) => {
    const making = lookUp(studio.catalogue.projects, slug)?.making;
    return making ? [[slug, making.texts.en] as const] : [];
  });
  return { words: MAKING_WORDS, texts: Object.fromEntries(texts) };
}

const { units, and, each_side } = MAKING_WORDS;
/** What a band's count is said in. */
export const COUNT_WORDS: CountWords = { units, and, each_side };

export { MAKING_WORDS };
