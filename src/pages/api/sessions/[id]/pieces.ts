import { freePieces } from '../../../../app/shelf/free-pieces';
import { idOf, reads } from '../../../../http/endpoint';

/** The pieces of one cord that the session may cut, by colour. */
export const GET = reads((context) => freePieces(idOf(context), context.url.searchParams.get('cord') ?? ''));
