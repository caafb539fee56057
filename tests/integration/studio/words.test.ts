import { expect, it } from 'vitest';
import { readList } from '../../../src/app/session/roster';
import { editSettings, openSettings } from '../../../src/app/studio/settings';
import { editWords, teachWord } from '../../../src/app/studio/words';
import { freshStudio } from '../support/database';

freshStudio();

const pieceOf = async (line: string): Promise<string | null> => (await readList(line))[0]!.seat.project;

it('reads by the words that were taught, keeps them beside what else is changed, and lets go of one that ships', async () => {
  expect(await pieceOf('Ada Quoin, 16 cm, weirwork')).toBeNull();
  await teachWord({ text: 'weirwork', as: 'project', means: 'ring-fob' });
  await teachWord({ text: 'shaky', as: 'skill', means: 'new' });
  expect(await pieceOf('Ada Quoin, 16 cm, weirwork')).toBe('ring-fob');
  const before = await openSettings();
  await editSettings(before.version, { ...before.settings, name: 'The loft' });
  // Taught anew, the same word means one thing.
  await teachWord({ text: 'weirwork', as: 'project', means: 'band-buckle' });
  expect(await pieceOf('Ada Quoin, 16 cm, weirwork')).toBe('band-buckle');
  expect((await readList('Bo Trow, shaky'))[0]!.seat.skill).toBe('new');

  // A word that ships is dropped like any other, and stays dropped.
  const { version, words } = await openSettings();
  const shipped = words.find(({ as, text }) => as === 'skill' && text === 'beginner')!;
  await editWords(
    version,
    words.filter((word) => word !== shipped),
  );
  expect((await readList('Cy Marl, 16 cm, beginner'))[0]!.seat.skill).toBeNull();
  expect((await openSettings()).settings.name).toBe('The loft');
  // Whoever edits what they saw before that changes nothing.
  await expect(editWords(version, words)).rejects.toMatchObject({ status: 409 });
});
