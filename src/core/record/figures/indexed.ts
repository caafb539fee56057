import { numbered } from '../effects/numbered';
import { SKILLS } from '../../studio';
import type { YieldRecord } from '../yield-record';

/** Records with their makers and skills as numbers, so that they are looked up once. */
export interface Indexed {
  readonly records: readonly YieldRecord[];
  readonly maker: readonly number[];
  readonly makers: readonly string[];
  /** Where the records of each skill stand. */
  readonly bySkill: readonly (readonly number[])[];
}

export function indexed(records: readonly YieldRecord[]): Indexed {
  const makers = numbered();
  const maker: number[] = [];
  const bySkill: number[][] = SKILLS.map(() => []);
  for (let i = 0; i < records.length; i++) {
    maker.push(makers.of(records[i]!.maker));
    bySkill[SKILLS.indexOf(records[i]!.planned.skill)]!.push(i);
  }
  return { records, maker, makers: makers.names, bySkill };
}
