import { openSubstitutes } from '../../../app/buying/substitutes';
import { reads } from '../../../http/endpoint';

/** What on the shelf would do instead of what is short. */
export const GET = reads(() => openSubstitutes());
