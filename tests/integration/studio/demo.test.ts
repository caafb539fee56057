import { expect, it } from 'vitest';
import { DEMO_SESSIONS, loadDemo } from '../../../demo';
import { findPeople, openPerson } from '../../../src/app/people/people';
import { openSession, pageOfSessions, planOf } from '../../../src/app/session/session';
import { openSettings, editSettings } from '../../../src/app/studio/settings';
import { FIRST_NAME } from '../../../src/app/studio/studio';
import { beadOf } from '../../../src/core/seat';
import { remediesFor } from '../../../src/core/remedy';
import { cutsDone, stagesOf } from '../../../src/core/session';
import { freshStudio } from '../support/database';

freshStudio();

it('loads once, cut off or not, in three states with the awkward cases in it', async () => {
  const today = new Date().toISOString().slice(0, 10);
  await loadDemo(today);
  // As if it had been cut off before its last step: it goes on and doubles nothing.
  const { settings, version } = await openSettings();
  await editSettings(version, { ...settings, name: FIRST_NAME });
  await loadDemo(today);
  await loadDemo('2030-03-05');
  expect((await pageOfSessions(1)).count).toBe(4 + 21);
  const people = await findPeople('');
  expect(people.length).toBeGreaterThanOrEqual(28);

  const look = async (id: string) => {
    const view = await openSession(id);
    const seats = planOf(view).seats;
    return {
      seats: view.seats,
      beads: seats.map((s) => beadOf(s.plan)),
      stages: stagesOf(seats, view.session.cut_done && cutsDone(view.session.cut_done)).map((s) => s.state),
    };
  };
  expect((await look(DEMO_SESSIONS.club)).stages).toEqual(['tied', 'tied', 'tied', 'open', 'bare', 'bare']);
  const evening = await look(DEMO_SESSIONS.evening);
  expect(evening.stages).toEqual(['tied', 'open', 'bare', 'bare', 'bare', 'bare']);
  expect(new Set(evening.beads)).toEqual(new Set(['hollow', 'ringed', 'solid', 'notched']));
  expect((await look(DEMO_SESSIONS.fair)).stages[0]).toBe('open');

  // One is under way, cut, and will not finish as it is planned; what is told to help does.
  const now = await openSession(DEMO_SESSIONS.now);
  expect(now.session.held_on).toBe(today);
  for (const view of [now, await openSession(DEMO_SESSIONS.evening)]) {
    const [best] = remediesFor(view, view === now, () => undefined);
    expect(best!.more).toBeGreaterThan(0.5);
  }

  const wren = people.find((p) => p.name === 'Wren Ashlock')!;
  expect(wren.sessions).toBe(2);
  expect((await openPerson(wren.id)).wrists.map((w) => w.mm)).toEqual([146, 144, 141]);
});
