import { SHIPPED } from '../../catalogue';
import { groupOf, planAnswer, planSeat, readSessionDocument, SessionDocumentSchema } from '../core/session';
import { STARTING_FIGURES } from '../core/studio';
import { answer, readInput, refuse } from './input';

const document = readInput(process.argv[2], SessionDocumentSchema, 'npm run --silent plan -- FILE');
const seats = readSessionDocument(document, SHIPPED);
if (!seats.ok) refuse(seats.fault);
const group = groupOf(seats.value);
answer(planAnswer(seats.value.map((seat) => planSeat(seat, SHIPPED, STARTING_FIGURES, group))));
