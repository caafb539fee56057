import { readFileSync } from 'node:fs';
import { SHIPPED } from '../../catalogue';
import { groupOf, planAnswer, planSeat, readSessionDocument, SessionDocumentSchema } from '../core/session';
import { STARTING_FIGURES } from '../core/studio';
import { checker, type Fault } from '../formats/check';
import { parseJson } from '../formats/json';

/** Says what is wrong as one JSON object on standard error, and ends. */
function refuse(fault: Fault): never {
  process.stderr.write(`${JSON.stringify(fault)}\n`);
  process.exit(1);
}

/** The file's text, or the refusal. */
function readFile(path: string | undefined): string {
  if (!path) refuse({ error: 'Name the session file: npm run --silent plan -- FILE', at: '' });
  try {
    return readFileSync(path, 'utf8');
  } catch (error) {
    refuse({ error: `${path} cannot be read: ${(error as Error).message}`, at: '' });
  }
}

const parsed = parseJson(readFile(process.argv[2]));
if (!parsed.ok) refuse(parsed.fault);
const checked = checker(SessionDocumentSchema)(parsed.value);
if (!checked.ok) refuse(checked.fault);
const seats = readSessionDocument(checked.value, SHIPPED);
if (!seats.ok) refuse(seats.fault);
const group = groupOf(seats.value);
const plans = seats.value.map((seat) => planSeat(seat, SHIPPED, STARTING_FIGURES, group));
process.stdout.write(`${JSON.stringify(planAnswer(plans), null, 2)}\n`);
