/** What is known of somebody of the same name, as of today. */
export interface KnownPerson {
  readonly id: string;
  readonly name: string;
  /** Years, today. */
  readonly age: number | null;
  readonly wrist_mm: number | null;
  readonly taken_on: string | null;
  /** How many sessions they were in, the day of the last, and what they made there. */
  readonly sessions: number;
  readonly last_on: string | null;
  readonly last_project: string | null;
}

/** Ages further apart than this are two people's: a birthday may lie between two lists. */
const YEARS_APART = 1;
/** Wrists nearer than this may be one person's, taken twice, mm. */
const SAME_WRIST = 5;
/** Wrists further apart than this are two people's, mm: more than a child grows in five years. */
const OTHER_WRIST = 25;

/**
 * What a list tells of somebody against what is known of a person of that name: whether something of it agrees, something speaks
 * against it, or nothing is told that could say. It is for a person to confirm in any case.
 *
 * @example
 * sameAs({ age: 9, wrist_mm: 140 }, { age: 9, wrist_mm: 142 }) // 'agrees'
 * sameAs({ age: 9, wrist_mm: 140 }, { age: 40, wrist_mm: null }) // 'differs'
 */
export function sameAs(
  known: Pick<KnownPerson, 'age' | 'wrist_mm'>,
  told: { readonly age: number | null; readonly wrist_mm: number | null },
): 'agrees' | 'differs' | 'unsure' {
  const years = known.age !== null && told.age !== null ? Math.abs(known.age - told.age) : null;
  const apart = known.wrist_mm !== null && told.wrist_mm !== null ? Math.abs(known.wrist_mm - told.wrist_mm) : null;
  if ((years !== null && years > YEARS_APART) || (apart !== null && apart > OTHER_WRIST)) return 'differs';
  return years !== null || (apart !== null && apart <= SAME_WRIST) ? 'agrees' : 'unsure';
}
