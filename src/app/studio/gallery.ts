import { wordOrder } from '../../core/region';
import { exampleSeat, planSeat, type SeatPlan } from '../../core/seat';
import type { Project } from '../../core/project';
import type { Studio } from '../../core/session';
import { cordOf, hardwareItem, notOnShelf, type Free } from '../../core/shelf';
import type { Settings, Skill } from '../../core/studio';
import { inTransaction } from '../../data/database/transaction';
import { itemTotals } from '../../data/shelf/items';
import { lotsOf } from '../../data/shelf/lots';
import type { Transaction } from 'sequelize';
import { readStudio } from './studio';

/** What is looked for: for whom, in how long, and with what. Null where anything will do. */
export interface GalleryWish {
  readonly skill: Skill | null;
  readonly age: number | null;
  readonly minutes: number | null;
  readonly onShelf: boolean;
  readonly noFlame: boolean;
}

/** A project as the gallery shows it, planned for a usual wrist and the maker who is asked for. */
export interface ProjectCard {
  readonly project: Project;
  readonly plan: SeatPlan;
}

/** The hardest that a maker of a skill is given. */
const HARDEST: Readonly<Record<Skill, number>> = { new: 1, steady: 2, fluent: 3 };

/** For so many makers it is kept: those that are asked for again and again. */
const MAKERS = 6;
const planned = new WeakMap<Studio, Map<string, readonly ProjectCard[]>>();

/** Every project planned for a maker, easiest first; worked out once while the studio has not changed. */
function cardsFor(studio: Studio, skill: Skill, age: number): readonly ProjectCard[] {
  const { settings, catalogue } = studio;
  const known = planned.get(studio) ?? new Map<string, readonly ProjectCard[]>();
  planned.set(studio, known);
  const cards =
    known.get(`${skill} ${age}`) ??
    Object.values(catalogue.projects)
      .sort((a, b) => a.difficulty - b.difficulty || wordOrder(a.name, b.name))
      .map((project) => ({
        project,
        plan: planSeat(exampleSeat(project, { skill, age }, settings.school), catalogue, settings.figures),
      }));
  known.set(`${skill} ${age}`, cards);
  if (known.size > MAKERS) known.delete(known.keys().next().value!);
  return cards;
}

/** What nobody has reserved. */
async function freeOnShelf(t: Transaction): Promise<Free> {
  const totals = await itemTotals(t);
  const pieces: Record<string, Record<string, number[]>> = {};
  const cords = totals.flatMap(({ item }) => (cordOf(item) ? [item] : []));
  for (const { item, hand, held } of await lotsOf(cords, t)) {
    const { cord, colour } = cordOf(item)!;
    ((pieces[cord] ??= {})[colour] ??= []).push(hand - held);
  }
  return { pieces, counts: Object.fromEntries(totals.map(({ item, hand, held }) => [item, hand - held])) };
}

/** What of a piece is not on the shelf, in whatever colours there are. */
function lackingFor({ cut, items }: SeatPlan, free: Free): string[] {
  const colours = new Map<string, number[]>();
  for (const { cord, colour, pieces, length_mm } of cut?.cuts ?? [])
    colours.set(`${cord} ${colour}`, [
      ...(colours.get(`${cord} ${colour}`) ?? []),
      ...Array<number>(pieces).fill(length_mm),
    ]);
  return notOnShelf(
    [...colours].map(([key, lengths]) => ({ cord: key.split(' ')[0]!, lengths })),
    items.map(({ item, count }) => ({ item: hardwareItem(item), count })),
    free,
  );
}

/** The projects that are looked for, easiest first, and how many there are in all. */
export function openGallery(
  wish: GalleryWish,
): Promise<{ settings: Settings; cards: readonly ProjectCard[]; all: number }> {
  const { skill, age, minutes, onShelf, noFlame } = wish;
  return inTransaction(async (t) => {
    const studio = await readStudio(t);
    const all = cardsFor(studio, skill ?? 'steady', age ?? 30);
    const free = onShelf ? await freeOnShelf(t) : null;
    const cards = all.filter(
      ({ project, plan }) =>
        (skill === null || project.difficulty <= HARDEST[skill]) &&
        (age === null || !plan.messages.some(({ level, code }) => level === 'error' || code === 'small-parts')) &&
        (minutes === null || (plan.minutes !== undefined && plan.minutes <= minutes)) &&
        (!noFlame || (plan.piece !== undefined && !plan.piece.flame)) &&
        (!free || (plan.cut !== undefined && lackingFor(plan, free).length === 0)),
    );
    return { settings: studio.settings, cards, all: all.length };
  });
}
