import { Command } from 'cmdk';
import { useEffect, useState } from 'react';
import type { Found } from '../../app/studio/find';
import { request } from '../../ui/api';
import { day } from '../../ui/words/region';
import { noteRecent, recentPlaces } from './recent';

/** Something that can be done from anywhere. */
export interface Action {
  readonly title: string;
  readonly href?: string;
  readonly run?: () => void;
}

const KINDS: Readonly<Record<Found['kind'], string>> = {
  session: 'Sessions',
  person: 'People',
  project: 'Projects',
  shelf: 'Shelf',
  setting: 'Settings',
};

interface Line {
  readonly key: string;
  readonly title: string;
  readonly under?: string | undefined;
  readonly run: () => void;
}

const GROUP =
  '[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-xs [&_[cmdk-group-heading]]:font-semibold';

function Group({ name, lines }: { name: string; lines: readonly Line[] }) {
  if (lines.length === 0) return null;
  return (
    <Command.Group heading={name} className={GROUP}>
      {lines.map(({ key, title, under, run }) => (
        <Command.Item
          key={key}
          value={key}
          onSelect={run}
          className="flex cursor-pointer items-baseline gap-3 px-3 py-1.5 aria-selected:bg-base-200"
        >
          <span className="whitespace-nowrap">{title}</span>
          {under && <span className="quiet min-w-0 flex-1 truncate text-sm">{under}</span>}
        </Command.Item>
      ))}
    </Command.Group>
  );
}

/** Finds anything by a part of its name: what was opened last stands first, then what can be done, and what is found. */
export function Palette({ actions, onDone }: { actions: readonly Action[]; onDone: () => void }) {
  const [text, setText] = useState('');
  const [found, setFound] = useState<{ readonly of: string; readonly all: readonly Found[] }>({ of: '', all: [] });
  const [problem, setProblem] = useState(false);
  const wanted = text.trim().toLowerCase();
  useEffect(() => {
    if (wanted === '') return;
    const away = new AbortController();
    // After the last letter: somebody who writes a word does not ask for each part of it.
    const wait = setTimeout(() => {
      request<Found[]>('GET', `/api/find?text=${encodeURIComponent(wanted)}`).then(
        (all) => {
          if (away.signal.aborted) return;
          setProblem(false);
          setFound({ of: wanted, all });
        },
        () => setProblem(!away.signal.aborted),
      );
    }, 120);
    return () => {
      clearTimeout(wait);
      away.abort();
    };
  }, [wanted]);
  const go = (href: string, title: string) => () => {
    onDone();
    // It may be left again before it has noted that itself.
    noteRecent({ title, href });
    window.location.assign(href);
  };
  const has = (title: string): boolean => wanted.split(/\s+/).every((word) => title.toLowerCase().includes(word));
  const recent = recentPlaces()
    .filter(({ title, href }) => has(title) && href !== window.location.pathname)
    .map(({ title, href }) => ({ key: `recent ${href}`, title, run: go(href, title) }));
  const doing = actions
    .filter(({ title }) => has(title))
    .map(({ title, href, run }) => ({
      key: `do ${title}`,
      title,
      run: href
        ? go(href, title)
        : () => {
            onDone();
            run?.();
          },
    }));
  const current = wanted === '' ? [] : found.all;
  const waiting = wanted !== '' && found.of !== wanted && !problem;
  return (
    <Command label="Find anything" shouldFilter={false} loop>
      <Command.Input
        autoFocus
        value={text}
        onValueChange={setText}
        placeholder="A name, a session, a project, a lot’s number, a setting"
        className="input w-full border-0 border-b hair text-base outline-offset-[-2px]"
      />
      <Command.List className="max-h-[60vh] overflow-y-auto pb-2">
        <Group name="Opened last" lines={recent} />
        {Object.entries(KINDS).map(([kind, name]) => (
          <Group
            key={kind}
            name={name}
            lines={current
              .filter((one) => one.kind === kind)
              .map(({ title, under, on, href }) => ({
                key: `${kind} ${href}`,
                title,
                under: [on && day(on, 'dated'), under].filter(Boolean).join(', '),
                run: go(href, title),
              }))}
          />
        ))}
        <Group name="Go or do" lines={doing} />
        <p className="quiet px-3 py-2 text-sm empty:hidden" role="status">
          {problem
            ? 'The server cannot be asked just now: only what was opened last and what can be done is shown.'
            : waiting
              ? 'Looking…'
              : wanted !== '' && current.length + recent.length + doing.length === 0
                ? `Nothing has “${text.trim()}” in its name.`
                : ''}
        </p>
      </Command.List>
    </Command>
  );
}
