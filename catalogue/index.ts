import type { Catalogue } from '../src/core/project';
import bandBuckle from './projects/band-buckle.json';
import fobRing from './projects/fob-ring.json';
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
import breakaway from './hardware/breakaway.json';
import buckle10 from './hardware/buckle-10.json';
import buckle15 from './hardware/buckle-15.json';
import buckle20 from './hardware/buckle-20.json';
import buckleSteel15 from './hardware/buckle-steel-15.json';
import snapHook10 from './hardware/snap-hook-10.json';
import splitRing25 from './hardware/split-ring-25.json';
import splitRingSteel25 from './hardware/split-ring-steel-25.json';
import swivel8 from './hardware/swivel-8.json';

/** Documents in a table by their slug. Their shape is checked against the schemas by the tests, since JSON carries no literal types. */
function bySlug<T>(documents: readonly { slug: string }[]): Record<string, T> {
  return Object.fromEntries(documents.map((document) => [document.slug, document as T]));
}

/** What ships: every project, cord and piece of hardware. A new one is a file in its folder and a word here. */
export const SHIPPED: Catalogue = {
  projects: bySlug([bandBuckle, fobRing]),
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
    breakaway,
    buckle10,
    buckle15,
    buckle20,
    buckleSteel15,
    snapHook10,
    splitRing25,
    splitRingSteel25,
    swivel8,
  ]),
};
