import { aboutOf, inForce, type FigureSaid, type FigureValue, type Foresight } from '../../core/record';
import { lookUp } from '../../core/project';
import { STITCHES } from '../../core/stitch';
import { FIGURES } from '../../core/studio';
import type { Studio } from '../../core/session';
import { listChanges, type FigureChange } from '../../data/figure-changes';
import { readEstimate, readEstimates, readLearned, type FigureLine } from '../../data/estimates';
import { makersNamed } from '../../data/records';
import { inTransaction } from '../../data/database/transaction';
import { notFound } from '../../core/problem';
import { readStudio } from '../studio/studio';
import { isLearned, learnSoon } from './learning';

/** A figure as Records shows it: what it is called, what is in force, and what the records say. */
export interface FigureShown extends FigureLine {
  readonly label: string;
  readonly group: string;
  readonly unit: string;
  readonly source: string;
  readonly now: FigureValue;
  /** What was last done with it by hand: it was left as it was, say. */
  readonly last: FigureChange | null;
}

/** A maker against the studio; unnamed where they were forgotten. */
export interface MakerShown {
  readonly name: string | null;
  readonly uses: number;
  readonly doubt: number;
  readonly records: number;
}

export interface RecordsView {
  readonly figures: readonly FigureShown[];
  readonly makers: readonly MakerShown[];
  readonly foresight: readonly Foresight[];
  readonly changes: readonly (FigureChange & { readonly label: string })[];
  readonly records: number;
  readonly learned_at: string | null;
  /** Whether there are newer records, that are being learned from. */
  readonly learning: boolean;
}

/** As many changes are told, and makers. */
const [CHANGES, MAKERS] = [60, 40];

/** What a figure is called, and where its starting value is from. */
export function nameFigure(key: string, { catalogue }: Pick<Studio, 'catalogue'>) {
  const about = aboutOf(key);
  if (!about) return { label: key, group: 'Other', unit: '', source: '' };
  if ('name' in about) {
    const { label, group, unit, source } = FIGURES.find(({ name }) => name === about.name)!;
    return { label, group, unit, source };
  }
  const name = lookUp(catalogue.cords, about.cord)?.name ?? about.cord;
  if ('flat' in about)
    return {
      label: `Flattening of ${name}`,
      group: 'Fit',
      unit: '× the strands one on the other',
      source: 'The cord’s own figure, as the first of these records was planned with it',
    };
  const { stitch, skill } = about;
  const of = lookUp(STITCHES, stitch)?.name ?? stitch;
  const label = `${of} in ${name}, ${skill}`;
  return { label, group: 'Use', unit: '× the strand’s path', source: 'Geometry: the length of the strand’s path' };
}

function shown(lines: readonly FigureLine[], studio: Studio, changes: readonly FigureChange[]): FigureShown[] {
  const last = new Map<string, FigureChange>();
  for (const change of changes) if (!last.has(change.figure)) last.set(change.figure, change);
  const { figures } = studio.settings;
  const { cords } = studio.catalogue;
  return lines
    .filter(({ key }) => aboutOf(key) !== null)
    .map((line): FigureShown => ({
      ...line,
      ...nameFigure(line.key, studio),
      now: inForce(line.key, { figures, cords }),
      last: last.get(line.key) ?? null,
    }));
}

/** What the records say, as it was last learned; where there are newer ones they are being learned from meanwhile. */
export function openRecords(): Promise<RecordsView> {
  return inTransaction(async (t) => {
    const studio = await readStudio(t);
    const learned = await readLearned(t);
    const learning = !(await isLearned(t));
    if (learning) learnSoon();
    const changes = await listChanges(CHANGES, t);
    const makers = (learned?.doc.makers ?? []).slice(0, MAKERS);
    const names = await makersNamed(
      makers.map(({ maker }) => maker),
      t,
    );
    return {
      figures: shown(await readEstimates(t), studio, changes),
      makers: makers.map(({ maker, ...rest }) => ({ name: names.get(maker) ?? null, ...rest })),
      foresight: learned?.doc.foresight ?? [],
      changes: changes.map((change) => ({ ...change, label: nameFigure(change.figure, studio).label })),
      records: learned?.doc.records ?? 0,
      learned_at: learned?.at ?? null,
      learning,
    };
  });
}

/** One figure with what it was learned from. */
export function openFigure(key: string): Promise<FigureSaid> {
  return inTransaction(async (t) => {
    const found = await readEstimate(key, t);
    if (!found) throw notFound('figure');
    return found;
  });
}
