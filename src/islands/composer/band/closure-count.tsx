import { setClosure } from '../edit-project';
import { Count } from '../fields';
import type { ComposerModel } from '../use-composer';

/** How often a part or section stands between the band's ends when it is closed, which takes of the ring. */
export function ClosureCount({ model: { project, change }, id }: { model: ComposerModel; id: string }) {
  return (
    <Count
      label="Times in the closure"
      value={(project.closure ?? []).filter((other) => other === id).length}
      min={0}
      max={2}
      onChange={(times) => change(setClosure(project, id, times))}
    />
  );
}
