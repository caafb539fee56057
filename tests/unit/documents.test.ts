import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { SHIPPED } from '../../catalogue';
import { outdated } from '../../scripts/schemas';
import { CordSchema } from '../../src/core/cord';
import { HardwareSchema, PARTS } from '../../src/core/part';
import { ProjectSchema } from '../../src/core/project';
import { PlanAnswerSchema, type PlanAnswer } from '../../src/core/session';
import { STITCHES } from '../../src/core/stitch';
import { FIGURES, FiguresSchema, STARTING_FIGURES } from '../../src/core/studio';
import { checker } from '../../src/formats/check';

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

  it('name only parts, stitches, hardware and cords that there are', () => {
    for (const project of Object.values(SHIPPED.projects)) {
      const ids = new Set(project.parts.map((part) => part.id));
      for (const part of project.parts) {
        expect(PARTS).toHaveProperty(part.part);
        if (part.on) expect(project.hardware.map((h) => h.id)).toContain(part.on);
        if (part.without_flame) expect(PARTS[part.without_flame]!.heat).toBe(false);
        if (PARTS[part.part]!.heat) expect(part.without_flame).toBeDefined();
      }
      for (const need of project.hardware) expect(need.kinds).toContain(SHIPPED.hardware[need.default]?.kind);
      for (const section of project.sections) expect(STITCHES).toHaveProperty(section.stitch);
      for (const cord of project.cords) {
        expect(SHIPPED.cords).toHaveProperty(cord.default);
        for (const step of cord.legs.flatMap((leg) => leg.route)) if ('part' in step) expect(ids).toContain(step.part);
      }
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
    const { stdout, stderr, status } = spawnSync(process.execPath, ['--import', 'tsx', 'src/cli/plan.ts', file], {
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
    [document({}, { seats: [] }), '/seats', 'fewer'],
    [document({ project: 'band-unknown' }), '/seats/0/project', 'band-buckle, fob-ring'],
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
