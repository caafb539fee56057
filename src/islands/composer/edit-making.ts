import type { ActText, Project, ProjectAct } from '../../core/project';

type Making = NonNullable<Project['making']>;

const withActs = (project: Project, acts: ProjectAct[], en: Making['texts']['en']): Project => ({
  ...project,
  making: { acts, texts: { en } },
});

/** An act moved to another place of its making. */
export function moveAct(project: Project, from: number, to: number): Project {
  const { acts, texts } = project.making!;
  const next = [...acts];
  const [act] = next.splice(from, 1);
  next.splice(to, 0, act!);
  return withActs(project, next, texts.en);
}

/** An act taken out, with its words. The last one stays: a making has at least one. */
export function removeAct(project: Project, index: number): Project {
  const { acts, texts } = project.making!;
  const { [acts[index]!.id]: _gone, ...en } = texts.en;
  return acts.length === 1 ? project : withActs(project, acts.toSpliced(index, 1), en);
}

/** A new act behind another. */
export function addAct(project: Project, index: number, text: string): Project {
  const { acts, texts } = project.making!;
  let n = 1;
  while (acts.some(({ id }) => id === `act-${n}`)) n++;
  const act: ProjectAct = { id: `act-${n}`, phase: acts[index]!.phase };
  return withActs(project, acts.toSpliced(index + 1, 0, act), { ...texts.en, [act.id]: { text } });
}

/** An act changed: its phase, or whether it is a checkpoint. */
export function changeAct(
  project: Project,
  index: number,
  { phase, checkpoint }: { phase?: ProjectAct['phase']; checkpoint?: boolean },
): Project {
  const { acts, texts } = project.making!;
  const { checkpoint: before, ...act } = acts[index]!;
  const isCheck = checkpoint ?? before ?? false;
  const next: ProjectAct = { ...act, ...(phase && { phase }), ...(isCheck && { checkpoint: true as const }) };
  return withActs(project, acts.with(index, next), texts.en);
}

/** The words of an act changed; an empty text changes nothing, an empty *right* takes it away. */
export function changeText(project: Project, id: string, changes: { text?: string; right?: string }): Project {
  const { acts, texts } = project.making!;
  const { right: before, ...own } = texts.en[id]!;
  const right = (changes.right ?? before ?? '').trim();
  const text = (changes.text ?? own.text).trim() || own.text;
  const next: ActText = { ...own, text, ...(right && { right }) };
  return withActs(project, [...acts], { ...texts.en, [id]: next });
}
