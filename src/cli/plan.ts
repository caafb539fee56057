import { SHIPPED } from '../../catalogue';
import { groupOf, planSeat } from '../core/seat';
import { planAnswer, readSessionDocument, SessionDocumentSchema } from '../core/exchange';
import { STARTING_FIGURES } from '../core/studio';
import { answer, readInput, refuse } from './input';

const document = readInput(process.argv[2], SessionDocumentSchema, 'npm run --silent plan -- FILE');
const seats = readSessionDocument(document, SHIPPED);
if (!seats.ok) refuse(seats.fault);
const group = groupOf(seats.value);
answer(planAnswer(seats.value.map((seat) => planSeat(seat, SHIPPED, STARTING_FIGURES, group))));
