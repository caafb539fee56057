import { useState } from 'react';
import type { SettingsView } from '../../app/studio/settings';
import type { Project } from '../../core/project';
import { AVOIDS, SKILLS, type ListWord } from '../../core/studio';
import { problemOf, request } from '../../ui/api';
import { TextCell } from '../../ui/fields/text-cell';
import { Swatch } from '../../ui/pictures/swatch';

interface Meaning extends Pick<ListWord, 'as' | 'means'> {
  readonly name: string;
}

/** Everything that words can mean, group by group. */
function groupsOf(projects: readonly Project[], words: readonly ListWord[]): [string, Meaning[]][] {
  const hexes = [...new Set(words.filter(({ as }) => as === 'colour').map(({ means }) => means))];
  return [
    ['Pieces', projects.map(({ slug, name }) => ({ as: 'project', means: slug, name }))],
    ['Skill', SKILLS.map((means) => ({ as: 'skill', means, name: means }))],
    [
      'Skin',
      [
        ...AVOIDS.map((means) => ({ as: 'skin' as const, means, name: `no ${means}` })),
        { as: 'skin', means: 'note', name: 'kept as a note' },
      ],
    ],
    ['Colours', hexes.map((means) => ({ as: 'colour', means, name: means }))],
    [
      'Nothing of a seat',
      [
        { as: 'note', means: '', name: 'a note' },
        { as: 'noise', means: '', name: 'nothing' },
      ],
    ],
  ];
}

const isOf =
  ({ as, means }: Meaning) =>
  (word: ListWord): boolean =>
    word.as === as && word.means === means;

/** What words of a pasted list mean: edited in place, a line a meaning, apart by commas. */
export function WordTable({
  projects,
  version,
  initial,
  onSaved,
}: {
  projects: readonly Project[];
  /** Of the settings as they are seen here. */
  version: number;
  initial: readonly ListWord[];
  onSaved: (view: SettingsView) => void;
}) {
  const [words, setWords] = useState(initial);
  const [note, setNote] = useState<{ text: string; bad: boolean } | null>(null);
  async function save(meaning: Meaning, line: string) {
    const texts = [...new Set(line.split(',').map((text) => text.trim().slice(0, 60)))].filter(Boolean);
    const { as, means } = meaning;
    const next = [...words.filter((word) => !isOf(meaning)(word)), ...texts.map((text) => ({ text, as, means }))];
    try {
      const view = await request<SettingsView>('PUT', '/api/words', { version, words: next });
      setWords(view.words);
      setNote({ text: `Words for ${meaning.name} saved.`, bad: false });
      onSaved(view);
    } catch (error) {
      setNote({ text: `Not saved: ${problemOf(error).message}`, bad: true });
    }
  }
  return (
    <details className="mt-6">
      <summary className="cursor-pointer text-xl">Words of pasted lists</summary>
      <p className="quiet text-sm">What people call things, apart by commas. Names of pieces are known anyway.</p>
      <p role="status" className={`min-h-6 text-sm ${note?.bad ? 'font-semibold text-error' : 'quiet'}`}>
        {note?.text}
      </p>
      {groupsOf(projects, words).map(([group, meanings]) => (
        <table key={group} className="sheet mb-3">
          <caption className="text-left font-semibold">{group}</caption>
          <tbody>
            {meanings.map((meaning) => (
              <tr key={`${meaning.as} ${meaning.means}`}>
                <th scope="row" className="w-64 font-normal!">
                  {meaning.as === 'colour' && <Swatch hex={meaning.means} />} {meaning.name}
                </th>
                <td>
                  <TextCell
                    label={`Words for ${meaning.name}`}
                    value={words
                      .filter(isOf(meaning))
                      .map(({ text }) => text)
                      .join(', ')}
                    maxLength={2000}
                    onChange={(line) => void save(meaning, line)}
                  />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      ))}
    </details>
  );
}
