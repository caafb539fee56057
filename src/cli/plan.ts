import { MAKING_WORDS, SHIPPED } from '../../catalogue';
import { groupOf, planSeat } from '../core/seat';
import { makingOf } from '../core/making';
import { planAnswer, readSessionDocument, SessionDocumentSchema, tellingsOf } from '../core/exchange';
import { STARTING_FIGURES } from '../core/studio';
import { answer, readInput, refuse } from './input';

const document = readInput(process.argv[2], SessionDocumentSchema, 'npm run --silent plan -- FILE');
const seats = readSessionDocument(document, SHIPPED);
if (!seats.ok) refuse(seats.fault);
const group = groupOf(seats.value);
const plans = seats.value.map((seat) => planSeat(seat, SHIPPED, STARTING_FIGURES, group));
const tellings = tellingsOf(document);
const makings = seats.value.map((seat, i) => makingOf(seat, plans[i]!, MAKING_WORDS, tellings[i]!));
answer(planAnswer(plans, makings));
