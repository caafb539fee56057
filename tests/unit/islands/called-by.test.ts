import { expect, it } from 'vitest';
import { calledBy } from '../../../src/islands/bench/words';

it('who has a first name alone is called by it; of those who share one, as much more is said as tells them apart', () => {
  expect(calledBy(['Mara Tellin', 'Jory Breck', 'Mara Thorne', 'Mara Vane', 'Nan'])).toEqual([
    'Mara Te.',
    'Jory',
    'Mara Th.',
    'Mara V.',
    'Nan',
  ]);
});

it('a name that another begins with is said whole, and so are namesakes', () => {
  expect(calledBy(['Guest 1', 'Guest 10', 'Guest 12', 'Guest'])).toEqual(['Guest 1', 'Guest 10', 'Guest 12', 'Guest']);
  expect(calledBy(['Ada Lee', 'Ada Leeman', 'Ada Lee', 'Ada de Wit', 'Ada de Vos'])).toEqual([
    'Ada Lee',
    'Ada Leem.',
    'Ada Lee',
    'Ada de W.',
    'Ada de V.',
  ]);
});

it('nobody of a room of different names is called as somebody else', () => {
  const names = Array.from({ length: 120 }, (_, i) => `Guest ${i + 1}`);
  expect(new Set(calledBy(names)).size).toBe(names.length);
});
