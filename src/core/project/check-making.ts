import type { Fault } from '../result';
import { PLACEHOLDER_NAMES } from './act';
import type { Project } from './project';

/** What is wrong with a project’s making, or null: an act of something that it has not, without words, or with a figure nobody knows. */
export function checkMaking({ making, parts, sections }: Project): Fault | null {
  if (!making) return null;
  const ids = new Set([...parts, ...sections].map(({ id }) => id));
  const seen = new Set<string>();
  for (const [i, act] of making.acts.entries()) {
    const at = `/making/acts/${i}`;
    if (seen.has(act.id)) return { error: `“${act.id}” is there twice`, at: `${at}/id` };
    seen.add(act.id);
    const named = [
      ...(act.of ?? []),
      ...(act.count?.sections ?? []),
      ...(act.knots?.sections ?? []),
      ...(act.finish === undefined ? [] : [act.finish]),
      ...(act.shows ? [act.shows.section] : []),
    ];
    const unknown = named.find((id) => !ids.has(id));
    if (unknown !== undefined) return { error: `“${unknown}” is neither a part nor a section of this project`, at };
    const text = making.texts.en[act.id];
    if (!text) return { error: `“${act.id}” has no text`, at: `/making/texts/en/${act.id}` };
    const name = [...JSON.stringify(text).matchAll(/\{([a-z_]+)[:}]/g)].find(
      ([, own]) => !PLACEHOLDER_NAMES.includes(own!),
    )?.[1];
    if (name !== undefined)
      return {
        error: `There is no figure “${name}”; there are: ${[...PLACEHOLDER_NAMES].sort().join(', ')}`,
        at: `/making/texts/en/${act.id}`,
      };
  }
  return null;
}
