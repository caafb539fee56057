import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import {
  cutNow,
  cutsDone,
  outdatedTicks,
  packingOf,
  planSession,
  stagesOf,
  withoutPerson,
  type CutRecord,
  type WholeSession,
} from '../../../src/core/session';
import { cutKey, cutsNow, revisionKey, seatOf, type SeatRecord } from '../../../src/core/seat';
import { STARTING_FIGURES, type Figures } from '../../../src/core/studio';
import { exampleView, seatRecord } from '../examples/view';

const record = (name: string, changes: Partial<SeatRecord> = {}): SeatRecord => seatRecord({ name, ...changes });

const session = (seats: SeatRecord[], cut_done: CutRecord | null = null): WholeSession => {
  const { session: own, studio } = exampleView();
  return { session: { ...own, cut_done }, seats, studio };
};
/** As the database gives it back. */
const kept = (whole: WholeSession): WholeSession => ({
  ...whole,
  session: {
    ...whole.session,
    cut_done: JSON.parse(JSON.stringify(cutNow(whole, planSession(whole), '2030-05-01'))) as CutRecord,
  },
});
const withFigures = (whole: WholeSession, changes: Partial<Figures>): WholeSession => ({
  ...whole,
  studio: {
    ...whole.studio,
    settings: { ...whole.studio.settings, figures: { ...STARTING_FIGURES, ...changes } },
  },
});
const edit = (whole: WholeSession, at: number, changes: Partial<SeatRecord>): WholeSession => ({
  ...whole,
  seats: whole.seats.map((seat, i) => (i === at ? { ...seat, ...changes } : seat)),
});
const lengths = (whole: WholeSession): number[] => cutsNow(planSession(whole).seats).map((cut) => cut.length_mm);
const cutStage = (whole: WholeSession) =>
  stagesOf(planSession(whole).seats, whole.session.cut_done && cutsDone(whole.session.cut_done)).find(
    ({ stage }) => stage === 'cut',
  )!;

describe('two revisions of one project in one session', () => {
  it('are each cut by their own, whichever is planned first', () => {
    const first = SHIPPED.projects['band-buckle']!;
    // The second revision folds its band off 90 mm of cord less: another piece under the same name.
    const second = { ...first, revision: 2, cords: first.cords.map((cord) => ({ ...cord, default: 'sheathed-2' })) };
    const { studio } = exampleView();
    const projects = {
      ...studio.catalogue.projects,
      'band-buckle': second,
      [revisionKey('band-buckle', 1)]: first,
    };
    const both = (seats: SeatRecord[]): WholeSession => ({
      ...session(seats),
      studio: { ...studio, catalogue: { ...studio.catalogue, projects } },
    });
    const [old, now] = [
      record('Ada', { project_revision: 1, cords: {} }),
      record('Bo', { project_revision: 2, cords: {} }),
    ];
    const [alone] = lengths(both([old]));
    const [other] = lengths(both([now]));
    expect(alone).not.toBe(other);
    expect(lengths(both([old, now]))).toEqual([alone, other]);
    expect(lengths(both([now, old]))).toEqual([other, alone]);
  });

  it('never stand in for one another: what is not here is said, not cut by another', () => {
    const whole = session([record('Ada', { project_revision: 7 })]);
    expect(seatOf(whole.seats[0]!, 'measured', SHIPPED.projects).project).toBe('band-buckle@7');
    const { plan } = planSession(whole).seats[0]!;
    expect(plan.cut).toBeUndefined();
    expect(plan.messages.map(({ code }) => code)).toEqual(['no-revision']);
  });
});

describe('what is cut', () => {
  const cut = kept(session([record('Ada'), record('Bo', { wrist_mm: 185 })]));
  const before = lengths(cut);

  it('stays as it was cut, whatever figure changes: lengths, anatomy, fit and kit', () => {
    const changed = withFigures(cut, { tail_steady: 300, ease_easy: 40, cut_step: 50, cut_loss: 9, spares: 1 });
    expect(lengths({ ...changed, session: { ...changed.session, cut_done: null } })).not.toEqual(before);
    expect(lengths(changed)).toEqual(before);
    expect(cutStage(changed)).toMatchObject({ state: 'tied', line: '2 lengths cut.' });
    const [plain, later] = [planSession(cut), planSession(changed)];
    for (const i of [0, 1]) {
      expect(later.seats[i]!.plan.cut).toEqual(plain.seats[i]!.plan.cut);
      expect(later.seats[i]!.plan.fit).toEqual(plain.seats[i]!.plan.fit);
      expect(later.seats[i]!.plan.piece!.width).toBe(plain.seats[i]!.plan.piece!.width);
    }
    expect(packingOf(later.seats, later.figures)).toEqual(packingOf(plain.seats, plain.figures));
    // What stock it takes is reckoned with the loss it was cut with.
    expect(later.figures.cut_loss).toBe(STARTING_FIGURES.cut_loss);
  });

  it('stays whatever becomes of its project, cord and hardware', () => {
    const { catalogue } = cut.studio;
    const thick = { ...catalogue.cords['sheathed-4']!, diameter_mm: 6, revision: 2 };
    const longer = { ...catalogue.hardware['buckle-15']!, closed_mm: 60, revision: 2 };
    const without = { ...catalogue.projects['band-buckle']!, revision: 2, summary: 'Another' };
    const changed: WholeSession = {
      ...cut,
      studio: {
        ...cut.studio,
        catalogue: {
          projects: { ...catalogue.projects, 'band-buckle': without },
          cords: { ...catalogue.cords, 'sheathed-4': thick },
          hardware: { ...catalogue.hardware, 'buckle-15': longer },
        },
      },
    };
    expect(lengths(changed)).toEqual(before);
    expect(planSession(changed).seats[0]!.plan.piece!.cords[0]!.cord.diameter_mm).toBe(
      catalogue.cords['sheathed-4']!.diameter_mm,
    );
  });

  it('stays as an engine of before cut it, though this one would cut otherwise', () => {
    const record = cut.session.cut_done!;
    const older: CutRecord = {
      ...record,
      seats: record.seats.map((seat) => ({
        ...seat,
        plan: {
          ...seat.plan,
          cut: {
            ...seat.plan.cut!,
            cuts: seat.plan.cut!.cuts.map((one) => ({ ...one, length_mm: one.length_mm + 130 })),
          },
        },
      })),
    };
    const whole = { ...cut, session: { ...cut.session, cut_done: older } };
    expect(lengths(whole)).toEqual(before.map((mm) => mm + 130));
    expect(cutStage(whole).state).toBe('tied');
  });

  it('comes undone by a change to the seat alone, and by one that calls for other lengths', () => {
    const changed = withFigures(cut, { tail_steady: 300 });
    for (const changes of [
      { name: 'Adah', note: 'left-handed' },
      { age: 50 },
      { wishes: ['reed'], accepted: true },
      { wrist_method: 'strip' as const },
    ])
      expect(cutStage(edit(changed, 0, changes)).state, JSON.stringify(changes)).toBe('tied');
    const wider = edit(changed, 0, { wrist_mm: 200 });
    expect(cutStage(wider).line).toMatch(/^Came undone: Ada was cut \d+ mm, and now needs \d+ mm\.$/);
    // The other one is cut still.
    expect(planSession(wider).seats.map((seat) => seat.kept)).toEqual([false, true]);
    expect(lengths(wider)[1]).toBe(before[1]);
    // Cut again, the one that stood keeps what it rested on and the other rests on the figures of now.
    const again = kept(wider);
    expect(again.session.cut_done!.bases).toHaveLength(2);
    expect(lengths(withFigures(again, { tail_steady: 10 }))).toEqual(lengths(wider));
  });

  it('noted before whole plans were kept stands by its lengths', () => {
    const now = cutsNow(planSession(session([record('Ada')])).seats);
    const legacy = (length_mm: number): CutRecord => ({
      on: '2029-01-01',
      bases: [],
      seats: now.map((one) => ({
        seat: one.seat,
        person: null,
        label: one.label,
        asks: null,
        basis: null,
        plan: {
          items: [],
          tools: [],
          messages: [],
          cut: { cuts: [{ ...one, length_mm, anatomy: [] }] } as unknown as NonNullable<
            CutRecord['seats'][number]['plan']['cut']
          >,
        },
      })),
    });
    expect(cutStage(session([record('Ada')], legacy(now[0]!.length_mm))).state).toBe('tied');
    expect(cutStage(session([record('Ada')], legacy(1000))).line).toMatch(/was cut 1000 mm, and now needs/);
  });

  it('stands for somebody who was erased, without name, size or age', () => {
    const erased = withoutPerson(cut.session.cut_done!, record('Ada').person_id, 'Forgotten');
    expect(JSON.stringify(erased)).not.toContain('Ada');
    expect(erased.seats[0]!.asks).toMatchObject({ size: null, hand: null, age: null });
    const whole = edit({ ...cut, session: { ...cut.session, cut_done: erased } }, 0, {
      name: 'Forgotten',
      wrist_mm: null,
      wrist_method: null,
      age: null,
    });
    expect(lengths(whole)).toEqual(before);
    expect(cutStage(whole).state).toBe('tied');
  });
});

describe('a tick of the packing list', () => {
  it('is of what was packed: another length, count or size is not ticked', () => {
    const whole = session([record('Ada')]);
    const bagOf = (of: WholeSession) => packingOf(planSession(of).seats, STARTING_FIGURES).bags[0]!;
    const bag = bagOf(whole);
    const ticks = [bag.card, ...bag.lines.map(({ id }) => id)];
    expect(outdatedTicks(bag, ticks)).toEqual([]);
    const wider = bagOf(edit(whole, 0, { wrist_mm: 200 }));
    const own = new Set([wider.card, ...wider.lines.map(({ id }) => id)]);
    // The buckle is the same; the cord and the card are not.
    expect(ticks.filter((tick) => own.has(tick))).toEqual(bag.lines.slice(1).map(({ id }) => id));
    expect(outdatedTicks(wider, ticks)).toHaveLength(2);
    expect(cutKey(cutsNow(planSession(whole).seats)[0]!)).not.toContain('Ada');
  });
});
