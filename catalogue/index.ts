import type { MakingWords } from '../src/core/making';
import type { Catalogue } from '../src/core/project';
import bandBuckle from './projects/band-buckle.json';
import bandLoopKnot from './projects/band-loop-knot.json';
import bandOffsetFold from './projects/band-offset-fold.json';
import bandFrictionLoop from './projects/band-friction-loop.json';
import fobRing from './projects/fob-ring.json';
import reversibleSlider from './projects/reversible-slider.json';
import classBandBead from './projects/class-band-bead.json';
import pegBand from './projects/peg-band.json';
import beadRowSlider from './projects/bead-row-slider.json';
import charmCentre from './projects/charm-centre.json';
import ringCentre from './projects/ring-centre.json';
import singleCentreKnot from './projects/single-centre-knot.json';
import singleNoose from './projects/single-noose.json';
import singleSlideBeads from './projects/single-slide-beads.json';
import wrappedThree from './projects/wrapped-three.json';
import doubleSpiral from './projects/double-spiral.json';
import petalArms from './projects/petal-arms.json';
import buttonPanels from './projects/button-panels.json';
import ladderWrap from './projects/ladder-wrap.json';
import tubeLadder from './projects/tube-ladder.json';
import makingEn from './making-en.json';
import bandBuckleEn from './making/en/band-buckle.json';
import bandFrictionLoopEn from './making/en/band-friction-loop.json';
import bandLoopKnotEn from './making/en/band-loop-knot.json';
import bandOffsetFoldEn from './making/en/band-offset-fold.json';
import beadRowSliderEn from './making/en/bead-row-slider.json';
import buttonPanelsEn from './making/en/button-panels.json';
import charmCentreEn from './making/en/charm-centre.json';
import classBandBeadEn from './making/en/class-band-bead.json';
import doubleSpiralEn from './making/en/double-spiral.json';
import fobRingEn from './making/en/fob-ring.json';
import ladderWrapEn from './making/en/ladder-wrap.json';
import pegBandEn from './making/en/peg-band.json';
import petalArmsEn from './making/en/petal-arms.json';
import reversibleSliderEn from './making/en/reversible-slider.json';
import ringCentreEn from './making/en/ring-centre.json';
import singleCentreKnotEn from './making/en/single-centre-knot.json';
import singleNooseEn from './making/en/single-noose.json';
import singleSlideBeadsEn from './making/en/single-slide-beads.json';
import tubeLadderEn from './making/en/tube-ladder.json';
import wrappedThreeEn from './making/en/wrapped-three.json';
import cotton1 from './cords/cotton-1.json';
import cotton2 from './cords/cotton-2.json';
import cotton3 from './cords/cotton-3.json';
import floss6 from './cords/floss-6.json';
import hemp1 from './cords/hemp-1.json';
import knotting05 from './cords/knotting-05.json';
import knotting1 from './cords/knotting-1.json';
import leather1 from './cords/leather-1.json';
import leather15 from './cords/leather-15.json';
import leather2 from './cords/leather-2.json';
import satin1 from './cords/satin-1.json';
import satin2 from './cords/satin-2.json';
import sheathed2 from './cords/sheathed-2.json';
import sheathed3 from './cords/sheathed-3.json';
import sheathed4 from './cords/sheathed-4.json';
import waxed1 from './cords/waxed-1.json';
import yarnBulky from './cords/yarn-bulky.json';
import yarnWorsted from './cords/yarn-worsted.json';
import bead10 from './hardware/bead-10.json';
import bead4 from './hardware/bead-4.json';
import bead6 from './hardware/bead-6.json';
import bead8 from './hardware/bead-8.json';
import breakaway from './hardware/breakaway.json';
import buckle10 from './hardware/buckle-10.json';
import buckle15 from './hardware/buckle-15.json';
import buckle20 from './hardware/buckle-20.json';
import buckleSteel15 from './hardware/buckle-steel-15.json';
import button15 from './hardware/button-15.json';
import button18 from './hardware/button-18.json';
import button18Four from './hardware/button-18-four.json';
import charm20 from './hardware/charm-20.json';
import shankButton12 from './hardware/shank-button-12.json';
import slideCharm14 from './hardware/slide-charm-14.json';
import snapHook10 from './hardware/snap-hook-10.json';
import spacer3 from './hardware/spacer-3.json';
import splitRing25 from './hardware/split-ring-25.json';
import splitRingSteel25 from './hardware/split-ring-steel-25.json';
import swivel8 from './hardware/swivel-8.json';
import tube10 from './hardware/tube-10.json';
import tube12 from './hardware/tube-12.json';
import washer25 from './hardware/washer-25.json';
import washerSteel25 from './hardware/washer-steel-25.json';

/** Documents in a table by their slug. Their shape is checked against the schemas by the tests, since JSON carries no literal types. */
function bySlug<T>(documents: readonly { slug: string }[]): Record<string, T> {
  return Object.fromEntries(documents.map((document) => [document.slug, document as T]));
}

interface ShippedProject {
  readonly slug: string;
  readonly making: { readonly acts: readonly object[] };
}
interface ShippedTexts {
  readonly acts: object;
}

/** A project with the words of its making, which are a document a language. */
const withTexts = (project: ShippedProject, { acts }: ShippedTexts) => ({
  ...project,
  making: { ...project.making, texts: { en: acts } },
});

/** What a making says in English beside the words of each project. */
export const MAKING_WORDS = makingEn as MakingWords;

/** What ships: every project, cord and piece of hardware. A new one is a file in its folder and a word here. */
export const SHIPPED: Catalogue = {
  projects: bySlug(
    [
      [bandBuckle, bandBuckleEn],
      [bandLoopKnot, bandLoopKnotEn],
      [bandOffsetFold, bandOffsetFoldEn],
      [bandFrictionLoop, bandFrictionLoopEn],
      [fobRing, fobRingEn],
      [reversibleSlider, reversibleSliderEn],
      [classBandBead, classBandBeadEn],
      [pegBand, pegBandEn],
      [beadRowSlider, beadRowSliderEn],
      [charmCentre, charmCentreEn],
      [ringCentre, ringCentreEn],
      [singleCentreKnot, singleCentreKnotEn],
      [singleNoose, singleNooseEn],
      [singleSlideBeads, singleSlideBeadsEn],
      [wrappedThree, wrappedThreeEn],
      [doubleSpiral, doubleSpiralEn],
      [petalArms, petalArmsEn],
      [buttonPanels, buttonPanelsEn],
      [ladderWrap, ladderWrapEn],
      [tubeLadder, tubeLadderEn],
    ].map(([project, texts]) => withTexts(project as ShippedProject, texts as ShippedTexts)),
  ),
  cords: bySlug([
    cotton1,
    cotton2,
    cotton3,
    floss6,
    hemp1,
    knotting05,
    knotting1,
    leather1,
    leather15,
    leather2,
    satin1,
    satin2,
    sheathed2,
    sheathed3,
    sheathed4,
    waxed1,
    yarnBulky,
    yarnWorsted,
  ]),
  hardware: bySlug([
    bead10,
    bead4,
    bead6,
    bead8,
    breakaway,
    buckle10,
    buckle15,
    buckle20,
    buckleSteel15,
    button15,
    button18,
    button18Four,
    charm20,
    shankButton12,
    slideCharm14,
    snapHook10,
    spacer3,
    splitRing25,
    splitRingSteel25,
    swivel8,
    tube10,
    tube12,
    washer25,
    washerSteel25,
  ]),
};
