import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { outdated } from '../../../scripts/schemas';
import { CordSchema } from '../../../src/core/cord';
import { HardwareSchema, PARTS } from '../../../src/core/part';
import { checkProject, ProjectSchema, type Project } from '../../../src/core/project';
import { PlanAnswerSchema, type PlanAnswer } from '../../../src/core/exchange';
import { FIGURES, FiguresSchema, STARTING_FIGURES } from '../../../src/core/studio';
import { checker } from '../../../src/formats/check';

describe('documents that ship', () => {
  it('keep to their schemas', () => {
    for (const [table, schema] of [
      [SHIPPED.projects, ProjectSchema],
      [SHIPPED.cords, CordSchema],
      [SHIPPED.hardware, HardwareSchema],
    ] as const) {
      const check = checker(schema);
      for (const [slug, document] of Object.entries(table))
        expect({ slug, ...check(document) }).toMatchObject({ slug, ok: true });
    }
    expect(checker(FiguresSchema)(STARTING_FIGURES).ok).toBe(true);
  });

  it('name only what there is, in themselves and in the catalogue', () => {
    for (const project of Object.values(SHIPPED.projects))
      expect({ slug: project.slug, fault: checkProject(project, SHIPPED) }).toEqual({
        slug: project.slug,
        fault: null,
      });
    expect(Object.keys(SHIPPED.projects)).toHaveLength(20);
  });

  it.each<[string, (project: Project) => Project, string]>([
    ['a part that is none', (p) => ({ ...p, parts: p.parts.map((x) => ({ ...x, part: 'zip' })) }), '/parts/0/part'],
    [
      'a cord that is none',
      (p) => ({ ...p, cords: p.cords.map((x) => ({ ...x, default: 'string' })) }),
      '/cords/0/default',
    ],
    [
      'hardware of another kind',
      (p) => ({ ...p, hardware: p.hardware.map((x) => ({ ...x, default: 'bead-10' })) }),
      '/hardware/0/default',
    ],
    [
      'a stitch that is none',
      (p) => ({ ...p, sections: p.sections.map((x) => ({ ...x, runs: [{ stitch: 'purl', times: 1 }] })) }),
      '/sections/0/runs/0/stitch',
    ],
    [
      'a strand that the stitch has not',
      (p) => ({ ...p, cords: p.cords.map((x) => ({ ...x, legs: [{ route: [{ work: 'band', as: 'q' }] }] })) }),
      '/cords/0/legs/0/route/0/as',
    ],
    [
      'a bead stitch without beads',
      (p) => ({ ...p, sections: p.sections.map((x) => ({ ...x, runs: [{ stitch: 'bead-on-core', times: 1 }] })) }),
      '/sections/0/beads',
    ],
    [
      'a section that no cord goes through',
      (p) => ({ ...p, cords: p.cords.map((x) => ({ ...x, legs: [{ route: [{ part: 'end' }] }] })) }),
      '/layout/1',
    ],
    [
      'one of two sections that no cord goes through',
      (p) => ({
        ...p,
        sections: [...p.sections, { ...p.sections[0]!, id: 'far-band' }],
        layout: [...p.layout, 'far-band'],
      }),
      '/layout/3',
    ],
    ['something in the band that is not there', (p) => ({ ...p, layout: ['band', 'tail'] }), '/layout/1'],
    ['the same part twice', (p) => ({ ...p, parts: [p.parts[0]!, ...p.parts] }), '/parts/1/id'],
    [
      'hardware that is none',
      (p) => ({ ...p, hardware: [{ ...p.hardware[0]!, default: 'anchor' }] }),
      '/hardware/0/default',
    ],
    [
      'a part on what is not there',
      (p) => ({ ...p, parts: p.parts.map((x) => ({ ...x, on: 'hook' })) }),
      '/parts/0/on',
    ],
    ['a buckle on nothing', (p) => ({ ...p, parts: p.parts.map(({ on: _, ...x }) => x) }), '/parts/0/on'],
    [
      'a loop for a button that is not there',
      (p) => ({ ...p, parts: p.parts.map((x) => ({ ...x, mate: 'button' })) }),
      '/parts/0/mate',
    ],
    [
      'tails through a slider that is not there',
      (p) => ({ ...p, parts: p.parts.map((x) => ({ ...x, slider: 'knots' })) }),
      '/parts/0/slider',
    ],
    [
      'beads that are not among its hardware',
      (p) => ({ ...p, sections: p.sections.map((x) => ({ ...x, beads: ['pearl'] })) }),
      '/sections/0/beads/0',
    ],
    [
      'a length over hardware that is not there',
      (p) => ({ ...p, sections: p.sections.map((x) => ({ ...x, count: { over: 'button' } })) }),
      '/sections/0/count/over',
    ],
    [
      'a way through a part that is not there',
      (p) => ({ ...p, cords: p.cords.map((x) => ({ ...x, legs: [{ route: [{ past: 'knot' }] }] })) }),
      // What is not there is found before what has no cord: the first fault in the order of the document.
      '/layout/1',
    ],
    ['a bead option that is not there', (p) => ({ ...p, options: { bead: 'pearl' } }), '/options/bead'],
    ['a button option that is not there', (p) => ({ ...p, options: { button: 'toggle' } }), '/options/button'],
    ['counted beads of no section', (p) => ({ ...p, options: { beads: 'row' } }), '/options/beads'],
    ['an address for a name', (p) => ({ ...p, slug: 'new' }), '/slug'],
    ['a band of nothing', (p) => ({ ...p, layout: ['near', 'far'] }), '/layout'],
  ])('are refused with %s, saying where', (_, change, at) => {
    expect(checkProject(change(SHIPPED.projects['band-buckle']!), SHIPPED)?.at).toBe(at);
  });

  it('make every part that needs a flame name one that does not', () => {
    for (const part of Object.values(PARTS)) {
      if (part.tools.includes('small lighter')) expect(part.withoutHeat).toBeDefined();
      if (part.withoutHeat) expect(PARTS[part.withoutHeat]!.withoutHeat).toBeUndefined();
    }
  });

  it('give every figure a unit, a source and a starting value within its limits', () => {
    for (const figure of FIGURES) {
      expect(figure.unit).not.toBe('');
      expect(figure.source.length).toBeGreaterThan(5);
      expect(figure.start).toBeGreaterThanOrEqual(figure.min);
      expect(figure.start).toBeLessThanOrEqual(figure.max);
    }
    expect(new Set(FIGURES.map((f) => f.name)).size).toBe(FIGURES.length);
  });

  it('are published as the schemas the program validates with', () => {
    expect(outdated()).toEqual([]);
  });
});

describe('plan from a terminal', () => {
  const folder = mkdtempSync(join(tmpdir(), 'lapboard-'));
  afterAll(() => rmSync(folder, { recursive: true }));

  const run = (content: string) => {
    const file = join(folder, 'session.json');
    writeFileSync(file, content);
    const { stdout, stderr, status } = spawnSync(process.execPath, ['scripts/cli.mjs', 'plan', file], {
      encoding: 'utf8',
    });
    return { stdout, stderr, status };
  };
  const document = (seatChanges: object = {}, changes: object = {}) =>
    JSON.stringify({
      format: 'lapboard-session',
      version: 1,
      title: 'Tide club',
      seats: [
        {
          label: 'A',
          size: { wrist: '6 5/8 in' },
          skill: 'steady',
          age: 31,
          project: 'band-buckle',
          cords: { working: 'sheathed-3' },
          ...seatChanges,
        },
      ],
      ...changes,
    });

  it('answers with JSON that keeps to its schema', () => {
    const { stdout, stderr, status } = run(document({ options: { colours: 2 } }));
    expect(stderr).toBe('');
    expect(status).toBe(0);
    const answer = JSON.parse(stdout) as PlanAnswer;
    expect(checker(PlanAnswerSchema)(answer).ok).toBe(true);
    const [seat] = answer.seats;
    // 6 5/8 in = 168.275 mm, and easy by default: 12 mm.
    expect(seat!.fit!.inner_mm).toBe(180.3);
    expect(seat!.cuts.map((cut) => [cut.role, cut.cord, cut.pieces])).toEqual([
      ['whole', 'sheathed-3', 1],
      ['whole', 'sheathed-3', 1],
    ]);
    expect(seat!.items).toEqual([{ item: 'buckle-15', count: 1 }]);
  }, 20_000);

  it.each([
    ['{"format": ', '', 'not JSON'],
    [document({}, { format: 'other' }), '/format', 'lapboard-session'],
    [document({}, { seats: [] }), '/seats', 'at least 1'],
    [document({ project: 'band-unknown' }), '/seats/0/project', 'band-buckle'],
    [document({ size: { wrist: '2 m' } }), '/seats/0/size/wrist', 'cannot be a wrist'],
    [document({ size: { wrist: '168 kg' } }), '/seats/0/size/wrist', 'not a unit'],
    [document({ cords: { working: 'string' } }), '/seats/0/cords/working', 'sheathed-4'],
    [document({ skill: 'master' }), '/seats/0/skill', 'new, steady, fluent'],
    [document({ wrist: 3 }), '/seats/0/wrist', 'not known here'],
  ])(
    'refuses %s, saying where',
    (content, at, why) => {
      const { stdout, stderr, status } = run(content);
      expect(status).toBe(1);
      expect(stdout).toBe('');
      const fault = JSON.parse(stderr) as { error: string; at: string };
      expect(fault.at).toBe(at);
      expect(fault.error).toContain(why);
    },
    20_000,
  );
});
