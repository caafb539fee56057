import { resized, sizeOf, type Hardware } from '../../part';
import type { Message } from '../../studio';
import { entry, type Catalogue } from '../catalogue';
import type { PieceRequest } from './piece';
import type { Project } from '../project';

/** What the catalogue has of a size, of the same kind if it can be. */
const inSize = (mm: number, like: Hardware, kinds: readonly string[], shelf: readonly Hardware[]) =>
  [like.kind, ...kinds].flatMap((kind) => shelf.find((h) => h.kind === kind && sizeOf(h) === mm) ?? [])[0];

/** The hardware of the piece: the seat's choice where it is of the right kind, else the project's own; sized as chosen. */
export function chooseHardware(
  project: Project,
  request: PieceRequest,
  catalogue: Catalogue,
): { byId: Record<string, Hardware>; messages: Message[] } {
  const { options } = request;
  const wanted = options.hardware ? entry(catalogue.hardware, options.hardware) : undefined;
  const taker = wanted && project.hardware.find((need) => need.kinds.includes(wanted.kind));
  const messages: Message[] = [];
  const wrongKind = (own: Hardware, needs: Project['hardware']): Message => {
    const kinds = needs.flatMap((need) => need.kinds).map((kind) => kind.replace('-', ' '));
    const takes = kinds.length > 0 ? `it takes a ${kinds.join(' or ')}` : 'it takes none';
    const text = `${own.name} does not belong on a ${project.name.toLowerCase()}; ${takes}.`;
    return {
      level: 'error',
      code: 'hardware-kind',
      text,
      values: { hardware: own.slug, project: project.slug, kinds },
    };
  };
  if (wanted && !taker) messages.push(wrongKind(wanted, project.hardware));
  const byId: Record<string, Hardware> = {};
  for (const need of project.hardware) {
    const chosen = need === taker ? wanted! : entry(catalogue.hardware, need.default);
    const mm =
      need.id === project.options.bead
        ? options.bead_mm
        : need.id === project.options.button
          ? options.button_mm
          : undefined;
    byId[need.id] = chosen;
    if (!need.kinds.includes(chosen.kind)) messages.push(wrongKind(chosen, [need]));
    if (mm === undefined || sizeOf(chosen) === mm) continue;
    const own = inSize(mm, chosen, need.kinds, Object.values(catalogue.hardware));
    byId[need.id] = own ?? resized(chosen, mm);
    if (own) continue;
    const text = `There is no ${chosen.kind.replace('-', ' ')} of ${mm} mm in the catalogue: it is reckoned in proportion to ${chosen.name}, with the same hole, and counted as that in the bag and on the shelf.`;
    messages.push({
      level: 'warning',
      code: 'size-not-known',
      text,
      values: { kind: chosen.kind, size_mm: mm, like: chosen.slug },
    });
  }
  return { byId, messages };
}
