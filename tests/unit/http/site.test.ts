import { expect, it } from 'vitest';
import { siteOf } from '../../../src/http/site';

it('is where it is configured to be, with loopback under all its names and whatever is added', () => {
  const plain = siteOf({ PORT: '4320' });
  expect(plain.origin).toBe('http://127.0.0.1:4320');
  expect([...plain.hosts].sort()).toEqual(['127.0.0.1:4320', '[::1]:4320', 'localhost:4320']);
  const own = siteOf({
    PORT: '4320',
    LAPBOARD_ORIGIN: 'https://loft.example/',
    LAPBOARD_ALSO: 'http://tablet.example:8080, ',
  });
  expect(own.origin).toBe('https://loft.example');
  expect([...own.origins]).toContain('http://tablet.example:8080');
  expect([...own.hosts]).toContain('loft.example');
  expect([...own.hosts]).not.toContain('evil.example');
  expect(() => siteOf({ LAPBOARD_ORIGIN: 'loft' })).toThrow();
});
