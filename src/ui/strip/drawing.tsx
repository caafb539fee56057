import type { ReactElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import type { Units } from '../../core/measure';
import type { ActPicture, PieceSection } from '../../core/project';
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
 * A drawing of a piece as an SVG file, by its name: `front`, `back`, over a ruler or small; `closed`; `step-2-square-knot`, a step of a
 * stitch; `tie-1-0-band`, a picture of the second tie of a
 * section’s repeat; `part-0-loop`, a part begun, and `part-last-loop`, done; `act-fold`, what hands do. Null where the piece has no such drawing.
 */
export function drawingOf(plan: SeatPlan, name: string, units: Units): string | null {
  const { piece } = plan;
  if (!piece || !plan.fit) return null;
  const [, small, ruled, side] = /^(small-)?(ruled-)?(front|back)$/.exec(name) ?? [];
  if (side === 'front' || side === 'back')
    return asFile(<Strip plan={plan} side={side} units={units} ruler={!!ruled} small={!!small} />);
  if (name === 'closed') return asFile(<Closed plan={plan} units={units} />);
  const [, what, number = '', of = ''] = /^(step|part)-(\d|last)-([a-z0-9-]+)$/.exec(name) ?? [];
  if (what === 'part') {
    const item = Object.hasOwn(piece.parts, of) ? piece.parts[of] : undefined;
    if (!item) return null;
    const frames = framesOf(item, plan);
    const frame = number === 'last' ? frames - 1 : Number(number);
    return frame >= 0 && frame < frames ? asFile(<PartStep item={item} plan={plan} frame={frame} />) : null;
  }
  const [, own = ''] = /^act-([a-z-]+)$/.exec(name) ?? [];
  if (Object.hasOwn(SCENES, own)) return asFile(<ActScene scene={SCENES[own as ActPicture]} piece={piece} />);
  const hex = hexes(piece);
  const hexIn = (section: PieceSection) => (strand: string) => hex[section.colours[strand] ?? ''] ?? '#888888';
  const [, tie, nth, place = ''] = /^tie-(\d{1,2})-(\d)-([a-z0-9-]+)$/.exec(name) ?? [];
  const tied = Object.hasOwn(piece.sections, place) ? piece.sections[place] : undefined;
  if (tied)
    return tied.runs[0]?.stitch.leads?.[Number(tie)]?.steps[Number(nth)] === undefined
      ? null
      : asFile(<TiePicture section={tied} tie={Number(tie)} step={Number(nth)} hexOf={hexIn(tied)} />);
  const [, nthRun, stepAt, at = ''] = /^at-(\d)-(\d{1,2})-([a-z0-9-]+)$/.exec(name) ?? [];
  const shown = Object.hasOwn(piece.sections, at) ? piece.sections[at] : undefined;
  const ownRun = shown?.runs[Number(nthRun)];
  if (shown && ownRun?.stitch.steps[Number(stepAt)])
    return asFile(<StepPicture section={shown} run={ownRun} step={Number(stepAt)} hexOf={hexIn(shown)} />);
  const section = Object.values(piece.sections).find(({ runs }) => runs.some(({ stitch }) => stitch.slug === of));
  const run = section?.runs.find(({ stitch }) => stitch.slug === of);
  if (what !== 'step' || !section || !run?.stitch.steps[Number(number)]) return null;
  return asFile(<StepPicture section={section} run={run} step={Number(number)} hexOf={hexIn(section)} />);
}
