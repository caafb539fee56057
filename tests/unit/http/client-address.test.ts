import { expect, it } from 'vitest';
import { clientAddressOf } from '../../../src/http/client-address';
import { whoMay } from '../../../src/http/room-door';

it('is the socket’s, whatever a header claims, unless a proxy is configured', () => {
  const none = new Set<string>();
  expect(clientAddressOf('::ffff:10.0.0.7', '1.2.3.4', none)).toBe('10.0.0.7');
  const proxies = new Set(['10.0.0.2', '10.0.0.3']);
  expect(clientAddressOf('10.0.0.7', '1.2.3.4', proxies)).toBe('10.0.0.7');
  expect(clientAddressOf('10.0.0.2', '9.9.9.9, 10.0.0.7', proxies)).toBe('10.0.0.7');
  expect(clientAddressOf('10.0.0.2', '9.9.9.9, 10.0.0.7, 10.0.0.3', proxies)).toBe('10.0.0.7');
  expect(clientAddressOf('10.0.0.2', undefined, proxies)).toBe('10.0.0.2');
});

it('a path that is not listed is for nobody, however it is written', () => {
  const id = '3f2b8c1e-0000-4000-8000-00000000abcd';
  expect(whoMay(`/api/bench/${id}`, 'HEAD')).toBe('tablet');
  expect(whoMay('/pair', 'GET')).toBe('anyone');
  for (const path of [
    '/people',
    '/',
    `/api/bench/${id}/events/x`,
    '/pair/',
    '/s/a/b/c',
    '/s/%2e%2e',
    '/PAIR',
    '/api/s/',
  ])
    expect([path, whoMay(path, 'GET')]).toEqual([path, null]);
  for (const method of ['PUT', 'DELETE', 'constructor', '__proto__']) expect(whoMay('/pair', method)).toBeNull();
});
