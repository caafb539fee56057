import type { ReactElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import type { Units } from '../../core/measure';
import type { ActPicture } from '../../core/project';
import type { SeatPlan } from '../../core/seat';
import { ActScene } from './acts/act-scene';
import { SCENES } from './acts/scenes';
import { Closed } from './closed/closed';
import { hexes } from './hexes';
import { framesOf, PartStep } from './steps/part-step';
import { StepPicture } from './steps/step-picture';
import { Strip } from './strip';
import { TiePicture } from './steps/tie-picture';

/** How a drawing looks that stands on its own: as the two themes have it, by what the page says that it is, light or dark. */
const STYLE = `<style>
.hard{fill:#efe8d8;stroke:#2a251f}.bead{fill:#f8f4ea;stroke:#2a251f;stroke-width:.35}.wire{stroke:#d6cab2}
.hole,.fill-base-content{fill:#2a251f}.wire-edge,.stroke-base-content{stroke:#2a251f}text{font-family:monospace}
@media (prefers-color-scheme:dark){.hard{fill:#2d241c;stroke:#ede4d2}.bead{fill:#231c16;stroke:#ede4d2}.wire{stroke:#4a3c2e}.hole,.fill-base-content{fill:#ede4d2}.wire-edge,.stroke-base-content{stroke:#ede4d2}}
</style>`;

const asFile = (drawing: ReactElement): string =>
  renderToStaticMarkup(drawing).replace(
    /^<svg([^>]*)>/,
    (_, said: string) => `<svg xmlns="http://www.w3.org/2000/svg"${said.replace(/ class="[^"]*"/, '')}>${STYLE}`,
  );

/**
 * A drawing of a piece as an SVG file, by its name: `front`, `back`, over a ruler or small; `closed`; `part-0-loop`, a part begun,
 * and `part-last-loop`, done; `act-middle`, what hands do; `tie-1-0-band`, a picture of the second tie of a section’s repeat;
 * `step-0-2-band`, the third step of its first stitch. Null where the piece has no such drawing.
 */
export function drawingOf(plan: SeatPlan, name: string, units: Units): string | null {
  const { piece } = plan;
  if (!piece || !plan.fit) return null;
  const [, small, ruled, side] = /^(small-)?(ruled-)?(front|back)$/.exec(name) ?? [];
  if (side === 'front' || side === 'back')
    return asFile(<Strip plan={plan} side={side} units={units} ruler={!!ruled} small={!!small} />);
  if (name === 'closed') return asFile(<Closed plan={plan} units={units} />);
  const [, act = ''] = /^act-([a-z-]+)$/.exec(name) ?? [];
  if (Object.hasOwn(SCENES, act)) return asFile(<ActScene scene={SCENES[act as ActPicture]} piece={piece} />);
  const [, number = '', part = ''] = /^part-(\d|last)-([a-z0-9-]+)$/.exec(name) ?? [];
  const item = Object.hasOwn(piece.parts, part) ? piece.parts[part] : undefined;
  if (item) {
    const frames = framesOf(item, plan);
    const frame = number === 'last' ? frames - 1 : Number(number);
    return frame >= 0 && frame < frames ? asFile(<PartStep item={item} plan={plan} frame={frame} />) : null;
  }
  const [, what, first, second, place = ''] = /^(tie|step)-(\d{1,2})-(\d{1,2})-([a-z0-9-]+)$/.exec(name) ?? [];
  const section = Object.hasOwn(piece.sections, place) ? piece.sections[place] : undefined;
  if (!section) return null;
  const [i, j] = [Number(first), Number(second)];
  const hex = hexes(piece);
  const hexOf = (strand: string): string => hex[section.colours[strand] ?? ''] ?? '#888888';
  if (what === 'tie')
    return section.runs[0]?.stitch.leads?.[i]?.steps[j] === undefined
      ? null
      : asFile(<TiePicture section={section} tie={i} step={j} hexOf={hexOf} />);
  const run = section.runs[i];
  return run?.stitch.steps[j] ? asFile(<StepPicture section={section} run={run} step={j} hexOf={hexOf} />) : null;
}
