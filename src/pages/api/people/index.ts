import { whoIsNamed } from '../../../app/people/known-people';
import { findPeople } from '../../../app/people/people';
import { reads } from '../../../http/endpoint';

export const GET = reads(({ url }) => {
  const named = url.searchParams.get('named');
  return named === null ? findPeople(url.searchParams.get('find') ?? '') : whoIsNamed(named);
});
