import { inTransaction } from '../../data/database/transaction';
import { toCsv } from '../../formats/csv';
import { readStudio } from './studio';

/** The studio's projects, each document whole. */
export function projectsJson(): Promise<object> {
  return inTransaction(async (t) => {
    const { catalogue } = await readStudio(t);
    return { format: 'lapboard-projects', version: 1, projects: Object.values(catalogue.projects) };
  });
}

const PROJECT_COLUMNS = [
  'slug',
  'revision',
  'name',
  'kind',
  'made_to',
  'opens',
  'difficulty',
  'cords',
  'hardware',
  'tools',
  'summary',
];

/** The studio's projects, a line each. */
export function projectsCsv(): Promise<string> {
  return inTransaction(async (t) => {
    const { catalogue } = await readStudio(t);
    const rows = Object.values(catalogue.projects).map((project) => ({
      slug: project.slug,
      revision: project.revision,
      name: project.name,
      kind: project.kind,
      made_to: project.sizing.by === 'wrist' ? 'wrist' : `${project.sizing.band_mm} mm`,
      opens: project.opens,
      difficulty: project.difficulty,
      cords: project.cords.map((cord) => `${cord.pieces ?? 1} × ${cord.role} ${cord.default}`).join('; '),
      hardware: project.hardware.map((need) => need.default).join('; '),
      tools: (project.tools ?? []).join('; '),
      summary: project.summary,
    }));
    return toCsv(rows, PROJECT_COLUMNS);
  });
}
