import { MAKING_WORDS, SHIPPED } from '../../../catalogue';
import * as bench from '../../../src/core/bench';
import * as cord from '../../../src/core/cord';
import * as cut from '../../../src/core/cut';
import * as drawing from '../../../src/core/drawing';
import * as exchange from '../../../src/core/exchange';
import * as fault from '../../../src/core/fault';
import * as fit from '../../../src/core/fit';
import * as kit from '../../../src/core/kit';
import * as lanes from '../../../src/core/lanes';
import * as layout from '../../../src/core/layout';
import * as acts from '../../../src/core/acts';
import * as making from '../../../src/core/making';
import * as measure from '../../../src/core/measure';
import * as pace from '../../../src/core/pace';
import * as part from '../../../src/core/part';
import * as person from '../../../src/core/person';
import * as problem from '../../../src/core/problem';
import * as project from '../../../src/core/project';
import * as record from '../../../src/core/record';
import * as region from '../../../src/core/region';
import * as remedy from '../../../src/core/remedy';
import * as rescue from '../../../src/core/rescue';
import * as result from '../../../src/core/result';
import * as room from '../../../src/core/room';
import * as safety from '../../../src/core/safety';
import * as seat from '../../../src/core/seat';
import * as session from '../../../src/core/session';
import * as shelf from '../../../src/core/shelf';
import * as stitch from '../../../src/core/stitch';
import * as studio from '../../../src/core/studio';
import { exampleView, idOf } from './view';

/** The faces of core's folders, by name. */
export const FACES: Readonly<Record<string, Readonly<Record<string, unknown>>>> = {
  bench,
  cord,
  cut,
  drawing,
  exchange,
  fault,
  fit,
  kit,
  lanes,
  layout,
  acts,
  making,
  measure,
  pace,
  part,
  person,
  problem,
  project,
  record,
  region,
  remedy,
  rescue,
  result,
  room,
  safety,
  seat,
  session,
  shelf,
  stitch,
  studio,
};

const figures = studio.STARTING_FIGURES;
const ada = seat.exampleSeat(SHIPPED.projects['band-buckle']!, { label: 'Ada', size: { wrist: 165 } });
const plan = seat.planSeat(ada, SHIPPED, figures);
const view = session.applyOperation(exampleView(), {
  kind: 'add',
  seats: ['Ada', 'Bo'].map((name) => ({
    id: idOf(name),
    person_id: idOf(`p${name}`),
    name,
    wrist_mm: 165,
    project: 'band-buckle',
  })),
});

/** What the examples in core's docstrings speak of, beside what core exports. */
export const SCENE: Readonly<Record<string, unknown>> = {
  figures,
  catalogue: SHIPPED,
  satin: SHIPPED.cords['satin-2'],
  ada,
  words: MAKING_WORDS,
  plan,
  piece: plan.piece,
  pace: plan.pace,
  fit: plan.fit,
  problem: {
    loss_mm: 0,
    keep_mm: 300,
    stock: [{ id: 'x', length_mm: 2000, fresh: false }],
    cuts: [{ id: 'a', length_mm: 900 }],
  },
  view,
  room: session.roomOf({ ...view.session, minutes: 90 }, session.planSession(view).seats, figures),
};
