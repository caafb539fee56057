import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { checkProject, type Project } from '../../../src/core/project';

describe('a making that is saved', () => {
  const own = SHIPPED.projects['band-buckle']!;
  const faultOf = (change: (making: NonNullable<Project['making']>) => NonNullable<Project['making']>): string =>
    checkProject({ ...own, making: change(structuredClone(own.making!)) }, SHIPPED)?.error ?? '';

  it('is refused with an act of what the project lacks, without words, told twice, or with a figure that nobody knows', () => {
    expect(faultOf((making) => making)).toBe('');
    expect(
      faultOf(({ acts, texts }) => ({ acts: [{ ...acts[0]!, of: ['slider'] }, ...acts.slice(1)], texts })),
    ).toMatch(/slider.*neither a part/);
    expect(
      faultOf(({ acts, texts }) => ({
        acts: [{ ...acts[0]!, shows: { section: 'wing', step: 0 } }, ...acts.slice(1)],
        texts,
      })),
    ).toMatch(/wing.*neither a part/);
    expect(faultOf(({ acts }) => ({ acts, texts: { en: {} } }))).toMatch(/no text/);
    expect(faultOf(({ acts, texts }) => ({ acts: [...acts, acts[0]!], texts }))).toMatch(/twice/);
    expect(
      faultOf(({ acts, texts }) => ({ acts, texts: { en: { ...texts.en, wear: { text: 'Leave {slack} over.' } } } })),
    ).toMatch(/no figure “slack”.*band_length/);
  });
});
