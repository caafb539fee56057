import { formatLength, formatTotal, type Units } from '../../core/measure';
import { pathOfCode } from '../../core/kit';
import { cutsByItem } from '../../core/layout';
import { packingOf, type SessionView } from '../../core/session';
import type { Label } from '../../formats/labels';
import type { Settings } from '../../core/studio';
import type { PrinterState } from '../../core/device';
import { labelPrinter } from '../devices';
import { keptOf } from '../kept';
import { kindOf } from '../../core/shelf';
import { inTransaction } from '../../data/database/transaction';
import { openItem } from '../shelf/shelf';
import { readStudio } from '../studio/studio';
import { openSession, planOf } from '../session/session';
import { nameOf } from '../shelf/item-names';

/** What is labelled: each bag, or each length of cord. */
export type LabelKind = 'bags' | 'cuts';

const byEstimate = (words: string, estimated: boolean): string => (estimated ? `${words} (estimate)` : words);

/** The labels of a session. `origin` is where Lapboard is reached, for the code that opens the seat. */
function labelsOf(view: SessionView, kind: LabelKind, units: Units, origin: string): Label[] {
  const { catalogue } = view.studio;
  const { seats, figures } = planOf(view);
  const opens = (seat: string): string => origin + pathOfCode({ kind: 'seat', session: view.session.id, seat });
  const short = (item: string): string => nameOf(item, catalogue) ?? item;
  if (kind === 'bags') {
    return packingOf(seats, figures).bags.map((bag) => ({
      number: String(bag.number),
      name: bag.label,
      title: byEstimate(bag.project, bag.estimated),
      lines: bag.lines.map(({ item, count, mm }) =>
        mm === null ? `${count} × ${short(item)}` : `${count} × ${formatLength(mm, units, 'up')} ${short(item)}`,
      ),
      opens: opens(bag.seat),
    }));
  }
  return [...cutsByItem(seats)].flatMap(([item, cuts]) =>
    cuts.map((cut) => ({
      number: String(cut.bag),
      name: formatLength(cut.mm, units, 'up'),
      title: byEstimate(cut.label, cut.estimated),
      lines: [short(item)],
      opens: opens(cut.seat),
    })),
  );
}

/** A session's labels as a PDF. */
export async function sessionLabels(
  id: string,
  kind: LabelKind,
  unitsFor: (studio: Settings) => Units,
  origin: string,
): Promise<{ readonly bytes: Uint8Array; readonly name: string }> {
  const view = await openSession(id);
  const labels = labelsOf(view, kind, unitsFor(view.studio.settings), origin);
  const bytes = await keptOf('labels', {
    labels,
    paper: view.studio.settings.paper,
    title: `${view.session.title}: ${kind}`,
  });
  return { bytes, name: `${kind}.pdf` };
}

/** Sends a session's labels to the printer. */
export async function printLabels(id: string, kind: LabelKind): Promise<PrinterState> {
  const view = await openSession(id);
  const { length } = labelsOf(view, kind, view.studio.settings.units, '');
  return labelPrinter().print(`${view.session.title}: ${kind}`, length);
}

/** Labels for the lots of an item, as a PDF: each with its number, what there is in it, and the code that opens it on the shelf. */
export async function lotLabels(
  item: string,
  unitsFor: (studio: Settings) => Units,
  origin: string,
): Promise<{ readonly bytes: Uint8Array; readonly name: string }> {
  const { line, lots } = await openItem(item);
  const { settings } = await inTransaction((t) => readStudio(t));
  const units = unitsFor(settings);
  const labels = lots.map(({ id, number, kind, place, hand }): Label => ({
    number: String(number),
    name: line.doc.name,
    title: kind,
    lines: [place, kindOf(item) === 'cord' ? formatTotal(hand, units, 'down') : `${hand} pcs`].filter(Boolean),
    opens: origin + pathOfCode({ kind: 'lot', lot: id }),
  }));
  const bytes = await keptOf('labels', { labels, paper: settings.paper, title: line.doc.name });
  return { bytes, name: 'lots.pdf' };
}
