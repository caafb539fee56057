import type { Transaction } from 'sequelize';
import type { Cord } from '../../core/cord';
import { notFound, Problem, stale } from '../../core/problem';
import {
  aboutOf,
  asValue,
  inForce,
  limitsOf,
  putInForce,
  wouldChange,
  type FigureValue,
  type WouldChange,
} from '../../core/record';
import { seatOf } from '../../core/seat';
import { planSession, type Studio } from '../../core/session';
import { cordItem } from '../../core/shelf';
import { insertDocuments, latestDocuments } from '../../data/documents';
import { findChange, noteChange, type How } from '../../data/figure-changes';
import { readEstimate } from '../../data/estimates';
import { readSettings, updateSettings } from '../../data/studio';
import { sessionsFrom } from '../../data/sessions';
import { seatsOf } from '../../data/seats';
import { inTransaction } from '../../data/database/transaction';
import { buyingOf } from '../buying/packs';
import { today } from '../studio/clock';
import { readStudio, withRevisions } from '../studio/studio';
import { openRecords, type RecordsView } from './open-records';

/** What is to be done with a figure: take what the records say, leave it although they say otherwise, or set it to a value. */
export interface FigureWish {
  readonly key: string;
  readonly figure: string;
  readonly how: 'accepted' | 'kept' | 'set';
  /** Where it is set by hand. */
  readonly value?: number;
  /** Who says so. */
  readonly by: string;
}

/** As many sessions ahead are looked at. */
const AHEAD = 40;

const partsOf = ({ settings, catalogue }: Studio) => ({ figures: settings.figures, cords: catalogue.cords });

/** What is typed must lie within a figure's limits. */
function checkValue(figure: string, value: number): void {
  const { min, max } = limitsOf(figure);
  if (value < min || value > max)
    throw new Problem(422, 'out-of-range', `Between ${min} and ${max}.`, { pointer: '/value' });
}

/** Puts a figure in force in the studio: its settings, or a cord's document, get a next revision. */
async function put(figure: string, to: FigureValue, studio: Studio, t: Transaction): Promise<void> {
  const about = aboutOf(figure)!;
  const next = putInForce(figure, to, partsOf(studio));
  if ('name' in about) {
    if (!(await updateSettings(studio.version, { ...studio.settings, figures: next.figures }, t)))
      throw stale('settings page', await readSettings(t));
    return;
  }
  const doc: Cord = { ...next.cords[about.cord]!, revision: studio.catalogue.cords[about.cord]!.revision + 1 };
  if ((await insertDocuments('cords', [doc as never], t)) === 0)
    throw stale('cord', (await latestDocuments('cords', t))[about.cord]);
}

/** What a figure is wished to be: the records' value, what it is, or what was typed. */
async function wished(
  { figure, how, value }: Pick<FigureWish, 'figure' | 'how' | 'value'>,
  studio: Studio,
  t: Transaction,
) {
  const about = aboutOf(figure);
  if (!about || ('cord' in about && !Object.hasOwn(studio.catalogue.cords, about.cord))) throw notFound('figure');
  const was = inForce(figure, partsOf(studio));
  const said = await readEstimate(figure, t);
  if (how === 'set') {
    if (value === undefined) throw new Problem(422, 'no-value', 'Say the value.', { pointer: '/value' });
    checkValue(figure, value);
    return { was, is: { value, doubt: was.doubt, records: 0 }, records: said?.records ?? 0 };
  }
  if (!said) throw new Problem(409, 'nothing-said', 'The records say nothing of this figure (any more).');
  return { was, is: how === 'kept' ? was : asValue(said), records: said.records };
}

/** Does what is wished with a figure, notes who wished it, and answers with what Records shows. */
export async function changeFigure(wish: FigureWish): Promise<RecordsView> {
  await inTransaction(async (t) => {
    const studio = await readStudio(t);
    const { was, is, records } = await wished(wish, studio, t);
    const { key, by, figure, how } = wish;
    // Sent again after its answer was lost: it is done.
    if (await noteChange({ key, by, figure, how, was, is, records, undoes: null }, t))
      if (how !== 'kept') await put(figure, is, studio, t);
  });
  return openRecords();
}

/** Takes a change back: the figure is what it was before it. One that was changed since is left to whoever changed it. */
export async function takeBackChange(n: number, key: string, by: string): Promise<RecordsView> {
  await inTransaction(async (t) => {
    const studio = await readStudio(t);
    const change = await findChange(n, t);
    if (!change) throw notFound('change');
    if (change.undone) return;
    const { figure, was, is, records } = change;
    const now = inForce(figure, partsOf(studio));
    if (change.how !== 'kept' && now.value !== is.value)
      throw new Problem(
        409,
        'changed-since',
        'This figure was changed again since: take that back first, or set it by hand.',
      );
    const how: How = 'taken back';
    if (await noteChange({ key, by, figure, how, was: is, is: was, records, undoes: n }, t))
      if (change.how !== 'kept') await put(figure, was, studio, t);
  });
  return openRecords();
}

/** What a wish would do to the sessions ahead that are not cut. Nothing is changed. */
export function tryFigure(wish: Pick<FigureWish, 'figure' | 'how' | 'value'>): Promise<WouldChange> {
  return inTransaction(async (t) => {
    const now = await readStudio(t);
    const { is } = await wished(wish, now, t);
    const sessions = (await sessionsFrom(today(), AHEAD, t)).filter(({ cut_done }) => cut_done === null);
    const seats = await seatsOf(
      sessions.map(({ id }) => id),
      t,
    );
    const studio = await withRevisions(now, [...seats.values()].flat(), t);
    const next = putInForce(wish.figure, is, partsOf(studio));
    const changed = {
      settings: { ...studio.settings, figures: next.figures },
      catalogue: { ...studio.catalogue, cords: next.cords },
    };
    const ahead = sessions.flatMap((session) => {
      const own = seats.get(session.id)!;
      const [before, after] = [studio, changed].map((by) => planSession({ session, seats: own, studio: by }).seats);
      return own.map((record, i) => ({
        skill: seatOf(record, studio.settings.school, studio.catalogue.projects).skill,
        before: before![i]!.plan,
        after: after![i]!.plan,
      }));
    });
    const items = ahead.flatMap(({ before }) =>
      (before.cut?.cuts ?? []).map(({ cord, colour }) => cordItem(cord, colour)),
    );
    const { packs, prices } = await buyingOf([...new Set(items)], t);
    return wouldChange(ahead, next.figures, (item) => {
      const [pack, price] = [packs.get(item), prices.get(item)];
      return pack && price !== undefined ? price / pack : null;
    });
  });
}
