import type { Size } from '../fit';
import type { CordChoice, MadeCount, Options } from '../project';
import type { Avoid, Ease, Role, School, Skill } from '../studio';

/** A participant's place in a session, as the reckoning takes it: everything read, lengths in mm. */
export interface Seat {
  readonly label: string;
  /** Null where nobody has measured, estimated or asked for anything yet. */
  readonly size: Size | null;
  /** Whether the size is an age-band estimate. */
  readonly estimated: boolean;
  readonly hand: number | null;
  readonly age: number | null;
  readonly skill: Skill;
  readonly ease: Ease;
  readonly avoid: readonly Avoid[];
  readonly project: string | null;
  readonly options: Options;
  readonly cords: Readonly<Partial<Record<Role, CordChoice>>>;
  readonly school: School;
  /** What this maker counted of their own half knots; null where they did not. */
  readonly made: MadeCount | null;
}
