import { createHash } from 'node:crypto';
import type { Transaction } from 'sequelize';
import { FIGURES, type Figures } from '../../core/studio';
import { readLearned, storeLearned } from '../../data/estimates';
import { growthSeen, handsSeen, recordTexts, recordsUpto } from '../../data/records';
import { inTransaction } from '../../data/database/transaction';
import { inThread } from '../../threads/pool';
import { inTime } from '../in-time';
import { readStudio } from '../studio/studio';

/** Those with most records are kept to be shown. */
const MAKERS = 60;

/** What an estimate rests on, in a word that changes with it: the last record, whose hands and wrists are known, and how far records are believed. */
async function markOf(figures: Figures, t: Transaction): Promise<string> {
  const { upto, deleted } = await recordsUpto(t);
  const [hands, growth] = [await handsSeen(t), await growthSeen(figures.child_age, t)];
  const believed = FIGURES.filter(({ group }) => group === 'Learning').map(({ name }) => figures[name]);
  const all = JSON.stringify([upto, deleted, hands, growth, believed]);
  return createHash('sha256').update(all).digest('hex').slice(0, 32);
}

/** Whether what was learned is of what is there now. */
export async function isLearned(t: Transaction): Promise<boolean> {
  const { figures } = (await readStudio(t)).settings;
  return (await readLearned(t))?.mark === (await markOf(figures, t));
}

/** Learns anew from all records, off this thread, and keeps what came of it. */
export async function learnAnew(): Promise<void> {
  const given = await inTransaction(async (t) => {
    const { figures } = (await readStudio(t)).settings;
    return {
      mark: await markOf(figures, t),
      texts: await recordTexts(t),
      hands: await handsSeen(t),
      growth: await growthSeen(figures.child_age, t),
      figures,
    };
  });
  const { mark, ...input } = given;
  const { said, foresight } = await inThread('learn', input);
  const makers = [...said.makers].sort((a, b) => b.records - a.records).slice(0, MAKERS);
  await inTransaction((t) => storeLearned(mark, { records: said.records, foresight, makers }, said.figures, t));
}

let underWay: Promise<void> | null = null;

/** The same, unless it is under way already; what fails is tried again when somebody looks again. */
export function learnSoon(): void {
  underWay ??= learnAnew()
    .catch(() => undefined)
    .finally(() => (underWay = null));
}

/** The same, for a page that shows what was learned: it comes with it, where that takes no longer than a page may wait. */
export async function learnInTime(): Promise<void> {
  if (await inTransaction(isLearned)) return;
  learnSoon();
  if (underWay) await inTime(underWay);
}
