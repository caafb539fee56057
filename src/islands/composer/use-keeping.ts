import { useState } from 'react';
import { lookUp, type Catalogue, type Project } from '../../core/project';
import { problemOf, request } from '../../ui/api';
import type { ComposerModel } from './use-composer';

const located = (failed: unknown): string => {
  const { message, pointer } = problemOf(failed);
  return pointer ? `${message} (${pointer.replace('/doc', '')})` : message;
};

/** Where a project is kept: saved as the next revision, read from a file, written to one. `base` is the revision it is changed from. */
export function useKeeping(model: ComposerModel, firstBase: number | null, catalogue: Catalogue) {
  const { project, change } = model;
  const [base, setBase] = useState(firstBase);
  const [problem, setProblem] = useState<string | null>(null);
  const [done, setDone] = useState<string | null>(null);
  const [saving, setSaving] = useState(false);

  async function save() {
    setProblem(null);
    setDone(null);
    setSaving(true);
    const sent = project;
    try {
      const stored = await request<Project>('POST', '/api/projects', { base, doc: sent });
      model.saved(sent, stored);
      setBase(stored.revision);
      setDone(`Saved as revision ${stored.revision}. Sessions planned with an earlier one keep it.`);
      window.history.replaceState(null, '', `/composer/${stored.slug}?edit=yes`);
    } catch (error) {
      setProblem(located(error));
    } finally {
      setSaving(false);
    }
  }
  async function open(file: File) {
    setProblem(null);
    if (file.size > 500_000) return setProblem(`${file.name} is over 0.5 MB: that is no project.`);
    try {
      const doc: unknown = JSON.parse(await file.text());
      const read = await request<Project>('POST', '/api/projects/check', { doc });
      change(read);
      setBase(lookUp(catalogue.projects, read.slug)?.revision ?? null);
      setDone(`${file.name} read; nothing is saved yet.`);
    } catch (error) {
      setProblem(`${file.name}: ${located(error)}`);
    }
  }
  function download() {
    const url = URL.createObjectURL(new Blob([JSON.stringify(project, null, 2)], { type: 'application/json' }));
    const link = Object.assign(document.createElement('a'), { href: url, download: `${project.slug}.json` });
    link.click();
    URL.revokeObjectURL(url);
  }
  return { base, problem, done, saving, save, open, download };
}
