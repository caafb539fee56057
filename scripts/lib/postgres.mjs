import { spawnSync } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { chmodSync, chownSync, existsSync, mkdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { homedir } from 'node:os';
import { dirname, join } from 'node:path';
import { postgresBin } from './debian.mjs';
import { freePort } from './ports.mjs';
import { fail } from './say.mjs';

const isRoot = process.getuid() === 0;

/**
 * The server's log tells of the server alone. A statement that fails, its values and the row it failed on are people's data: the
 * application notes the code of every failure itself.
 */
const QUIET_LOG = [
  'log_min_messages=log',
  'log_min_error_statement=panic',
  'log_error_verbosity=terse',
  'log_statement=none',
  'log_parameter_max_length=0',
  'log_parameter_max_length_on_error=0',
].flatMap((setting) => ['-c', setting]);

/** Where a cluster and its notes are kept: PostgreSQL does not run as root, so root's lie where the postgres user can reach them. */
export function stateFolder(name) {
  if (process.env.LAPBOARD_STATE) return join(process.env.LAPBOARD_STATE, name);
  return isRoot
    ? join('/var/lib/postgresql', name)
    : join(process.env.XDG_STATE_HOME ?? join(homedir(), '.local/state'), name);
}

/** Runs one of PostgreSQL's programs, as the postgres user where this is root. */
function run(program, args, options = {}) {
  const path = join(postgresBin(), program);
  const command = isRoot ? ['runuser', '-u', 'postgres', '--', path, ...args] : [path, ...args];
  return spawnSync(command[0], command.slice(1), { cwd: '/', encoding: 'utf8', ...options });
}

/** Makes a folder that the server's user owns, with the folders above it that were not there yet. */
function ownFolder(folder) {
  const first = mkdirSync(folder, { recursive: true, mode: 0o700 });
  if (!isRoot) return;
  const idOf = (flag) => Number(spawnSync('id', [flag, 'postgres'], { encoding: 'utf8' }).stdout);
  const [uid, gid] = [idOf('-u'), idOf('-g')];
  for (let made = folder; first && made.length >= first.length; made = dirname(made)) chownSync(made, uid, gid);
  chownSync(folder, uid, gid);
}

/** Gives a file to the user the server runs as. */
function ownFile(folder, file) {
  chmodSync(file, 0o600);
  if (!isRoot) return;
  const { uid, gid } = statSync(folder);
  chownSync(file, uid, gid);
}

/** A password, made on first use and readable by its owner alone. */
function password(folder, name) {
  const file = join(folder, name);
  if (!existsSync(file)) {
    writeFileSync(file, randomBytes(24).toString('hex'), { mode: 0o600 });
    ownFile(folder, file);
  }
  return readFileSync(file, 'utf8').trim();
}

/** The role that the application works as: it owns its database and nothing else. */
const APP = 'lapboard_app';
/** The role that the cluster was made by, which alone may make databases and roles. */
const OWNER = 'lapboard';

/**
 * A PostgreSQL cluster of our own: own data folder, own password, own port on loopback, no socket.
 *
 * @param folder where it lives
 * @param port first port to try; the one taken is kept for next time
 * @param tuning extra settings, as `-c name=value`
 */
export function cluster(folder, port, tuning = []) {
  const data = join(folder, 'data');
  const portFile = join(folder, 'port');
  const isRunning = () => run('pg_ctl', ['status', '-D', data]).status === 0;
  const at = () => readFileSync(portFile, 'utf8');
  const url = (database) => `postgres://${APP}:${password(folder, 'app-password')}@127.0.0.1:${at()}/${database}`;

  const optionsAt = (chosen) =>
    [
      '-p',
      chosen,
      '-c',
      'listen_addresses=127.0.0.1',
      '-c',
      "unix_socket_directories=''",
      ...QUIET_LOG,
      ...tuning,
    ].join(' ');

  /** Runs a statement as the cluster's owner, whose password is in a file, not on the command line. */
  function sql(database, text) {
    const pgpass = join(folder, 'pgpass');
    writeFileSync(pgpass, `127.0.0.1:${at()}:*:${OWNER}:${password(folder, 'password')}\n`, { mode: 0o600 });
    ownFile(folder, pgpass);
    const args = [
      '-h',
      '127.0.0.1',
      '-p',
      at(),
      '-U',
      OWNER,
      '-d',
      database,
      '-v',
      'ON_ERROR_STOP=1',
      '-Atq',
      '-f',
      '-',
    ];
    const done = run('psql', args, { input: text, env: { ...process.env, PGPASSFILE: pgpass } });
    if (done.status !== 0) fail(`PostgreSQL refused what was asked of ${database}:\n${done.stderr}`);
    return done.stdout.trim();
  }

  /** Makes the application's own role, without any privilege but to log in, with the password of this folder. */
  const makeRole = () =>
    sql(
      'postgres',
      `DO $$ BEGIN
         IF NOT EXISTS (SELECT 1 FROM pg_roles WHERE rolname = '${APP}') THEN CREATE ROLE ${APP} LOGIN; END IF;
       END $$;
       ALTER ROLE ${APP} LOGIN NOSUPERUSER NOCREATEDB NOCREATEROLE NOREPLICATION NOBYPASSRLS
         PASSWORD '${password(folder, 'app-password')}';`,
    );

  return {
    url,
    isRunning,
    /** What a statement answers, as the cluster's owner. */
    query: sql,
    /** Starts it if it is not running; true when this call did. */
    async start() {
      ownFolder(folder);
      if (!existsSync(join(data, 'PG_VERSION'))) {
        password(folder, 'password');
        const made = run('initdb', [
          '-D',
          data,
          '-U',
          OWNER,
          '-A',
          'scram-sha-256',
          '--pwfile',
          join(folder, 'password'),
          '-E',
          'UTF8',
          '--locale=C.UTF-8',
        ]);
        if (made.status !== 0) fail(`PostgreSQL could not make its data folder ${data}:\n${made.stderr}`);
      }
      if (isRunning()) return false;
      const chosen = await freePort(existsSync(portFile) ? Number(readFileSync(portFile, 'utf8')) : port);
      writeFileSync(portFile, String(chosen));
      // A log of before may hold statements with what people wrote in them.
      rmSync(join(folder, 'postgres.log'), { force: true });
      const log = join(folder, 'server.log');
      const started = run('pg_ctl', ['start', '-w', '-D', data, '-l', log, '-o', optionsAt(chosen)], {
        stdio: 'ignore',
      });
      if (started.status !== 0) fail(`PostgreSQL did not start; its log is ${log}`);
      return true;
    },
    /** Starts it again on its port where it has stopped; true when it runs. */
    revive() {
      if (isRunning()) return true;
      const log = join(folder, 'server.log');
      return (
        run('pg_ctl', ['start', '-w', '-D', data, '-l', log, '-o', optionsAt(at())], { stdio: 'ignore' }).status === 0
      );
    },
    stop: (mode = 'fast') => run('pg_ctl', ['stop', '-w', '-m', mode, '-D', data], { stdio: 'ignore' }),
    /** Makes a database unless it is there; the application owns it, and all that a version before left to the cluster's owner. */
    createDatabase(name) {
      makeRole();
      if (sql('postgres', `SELECT 1 FROM pg_database WHERE datname = '${name}'`) !== '1')
        sql('postgres', `CREATE DATABASE ${name} OWNER ${APP}`);
      sql('postgres', `ALTER DATABASE ${name} OWNER TO ${APP}; REVOKE ALL ON DATABASE ${name} FROM PUBLIC`);
      sql(
        name,
        `ALTER SCHEMA public OWNER TO ${APP};
         REVOKE ALL ON SCHEMA public FROM PUBLIC;
         DO $$ DECLARE one record; BEGIN
           FOR one IN SELECT c.oid::regclass AS name, c.relkind FROM pg_class c
             WHERE c.relnamespace = 'public'::regnamespace AND c.relkind IN ('r', 'v', 'S') AND c.relowner <> '${APP}'::regrole
               -- The sequence of a column goes with its table.
               AND NOT EXISTS (SELECT 1 FROM pg_depend d WHERE d.objid = c.oid AND d.deptype IN ('a', 'i') AND c.relkind = 'S')
           LOOP EXECUTE format('ALTER %s %s OWNER TO ${APP}', CASE one.relkind WHEN 'S' THEN 'SEQUENCE' WHEN 'v' THEN 'VIEW' ELSE 'TABLE' END, one.name); END LOOP;
           FOR one IN SELECT p.oid::regprocedure AS name FROM pg_proc p
             WHERE p.pronamespace = 'public'::regnamespace AND p.proowner <> '${APP}'::regrole
           LOOP EXECUTE format('ALTER FUNCTION %s OWNER TO ${APP}', one.name); END LOOP;
         END $$;`,
      );
    },
    /** Where dumps are kept, and the program that makes them. */
    dumps: () => ({ LAPBOARD_DUMPS: join(folder, 'dumps'), LAPBOARD_PG_DUMP: join(postgresBin(), 'pg_dump') }),
  };
}
