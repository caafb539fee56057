import { DatabaseError } from 'sequelize';
import { expect, it } from 'vitest';
import { failureLine } from '../../../src/http/log-failure';

it('tells of a failure what kind it is and where, and nothing of what people wrote', () => {
  const original = Object.assign(new Error('invalid input for note “Ada, wrist 152, allergic”'), {
    code: '22P02',
    constraint: 'seats_note_check',
    table: 'seats',
    detail: 'Failing row contains (Ada, 152)',
    sql: "UPDATE seats SET note = 'Ada, wrist 152' WHERE id = $1",
    parameters: ['Ada', 152],
  });
  const line = failureLine(new DatabaseError(original as never), 'PATCH /api/seats/[id]');
  expect(line).toContain('PATCH /api/seats/[id]: SequelizeDatabaseError 22P02 seats seats_note_check');
  expect(line).toMatch(/log-failure\.test\.ts/);
  for (const secret of ['Ada', '152', 'UPDATE', 'allergic']) expect(line).not.toContain(secret);
  // A name that is no plain word is not taken for a code.
  expect(failureLine(Object.assign(new Error('x'), { code: 'Ada Quoin; 152' }), 'GET /')).not.toContain('Quoin');
  expect(failureLine('Ada', 'GET /')).toBe('GET /: threw something that is no error');
});
