/** An answer that something is wrong, as RFC 9457 problem details. */
export function problemResponse(
  status: number,
  code: string,
  detail: string,
  more: { pointer?: string; current?: unknown } = {},
): Response {
  const body = { type: `/problems/${code}`, status, title: TITLES[status] ?? 'Something is wrong', detail, ...more };
  return new Response(JSON.stringify(body), {
    status,
    headers: { 'content-type': 'application/problem+json', 'cache-control': 'no-store' },
  });
}

const TITLES: Readonly<Record<number, string>> = {
  400: 'The request could not be read',
  401: 'Not paired',
  403: 'Not from this page',
  404: 'Not found',
  405: 'Method not allowed',
  409: 'Changed meanwhile',
  410: 'Deleted',
  413: 'Too large',
  415: 'Not JSON',
  421: 'Not this server',
  422: 'Cannot be done as asked',
  429: 'Too much at once',
  503: 'The database cannot be reached',
};
