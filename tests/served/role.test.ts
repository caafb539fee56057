import { readFileSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { QueryTypes, Sequelize } from 'sequelize';
import { expect, it } from 'vitest';

const { SERVED_DATABASE, SERVED_CLUSTER } = process.env;
const connect = () => new Sequelize(SERVED_DATABASE!, { dialect: 'postgres', logging: false });
const code = (value: string) => ({ original: { code: value } });

it('the application works as a role that may nothing but its own database, and owns all of that', async () => {
  const client = connect();
  const [role] = await client.query('SELECT * FROM pg_roles WHERE rolname = current_user', { type: QueryTypes.SELECT });
  expect(role).toMatchObject({
    rolsuper: false,
    rolcreatedb: false,
    rolcreaterole: false,
    rolreplication: false,
    rolbypassrls: false,
  });
  const [foreign] = await client.query(
    `SELECT relname FROM pg_class WHERE relnamespace = 'public'::regnamespace AND relkind IN ('r', 'S') AND pg_get_userbyid(relowner) <> current_user`,
  );
  expect(foreign).toEqual([]);
  await expect(client.query('CREATE DATABASE elsewhere')).rejects.toMatchObject(code('42501'));
  await expect(client.query("COPY (SELECT 1) TO '/tmp/lapboard-out'")).rejects.toMatchObject(code('42501'));
  await client.close();
});

it('no password is on a command line, and the log holds no statement that failed', async () => {
  const passwords = ['password', 'app-password'].map((name) =>
    readFileSync(join(SERVED_CLUSTER!, name), 'utf8').trim(),
  );
  const { stdout } = spawnSync('ps', ['-eo', 'args'], { encoding: 'utf8' });
  for (const password of passwords) expect(stdout).not.toContain(password);
  const client = connect();
  const secret = `Unrepeatable ${crypto.randomUUID()}`;
  await client
    .query(`INSERT INTO people (id, name, age) VALUES (gen_random_uuid(), $1, 9)`, { bind: [secret] })
    .catch(() => undefined);
  await client.query(`SELECT '${secret}'::integer`).catch(() => undefined);
  await client.close();
  const log = readFileSync(join(SERVED_CLUSTER!, 'server.log'), 'utf8');
  expect(log).not.toContain(secret);
  expect(log).not.toMatch(/STATEMENT|INSERT|SELECT/);
});
