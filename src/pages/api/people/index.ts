import { findPeople } from '../../../app/people';
import { reads } from '../../../http/endpoint';

export const GET = reads(({ url }) => findPeople(url.searchParams.get('find') ?? ''));
