import { useCallback, useState } from 'react';
import type { Project } from '../../core/project';
import { withMaking } from './edit-project';

/** A project being composed, with the way back. */
export interface ComposerModel {
  readonly project: Project;
  readonly change: (next: Project) => void;
  readonly undo: () => void;
  readonly undoable: boolean;
  /** Whether anything was changed since it was last saved. */
  readonly changed: boolean;
  /** Notes that what was sent is stored; what was changed since stays, to be saved next. */
  readonly saved: (sent: Project, stored: Project) => void;
}

export function useComposer(first: Project): ComposerModel {
  const [past, setPast] = useState<readonly Project[]>([]);
  const [project, setProject] = useState(first);
  const [kept, setKept] = useState(first);
  const change = useCallback(
    (next: Project) => {
      setPast((before) => [...before.slice(-99), project]);
      setProject(withMaking(project, next));
    },
    [project],
  );
  const undo = useCallback(() => {
    const last = past.at(-1);
    if (!last) return;
    setPast(past.slice(0, -1));
    setProject(last);
  }, [past]);
  const saved = useCallback((sent: Project, stored: Project) => {
    setProject((now) => (now === sent ? stored : { ...now, slug: stored.slug, revision: stored.revision }));
    setKept(stored);
  }, []);
  return { project, change, undo, undoable: past.length > 0, changed: project !== kept, saved };
}
