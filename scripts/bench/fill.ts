// Fills the database at DATABASE_URL with many people, sessions and seats, to measure against.
import { STARTING_FIGURES } from '../../src/core/studio';
import { closeDatabase, database } from '../../src/data/database/connection';

const [sessions = 1000, seats = 10_000] = process.argv.slice(2).map(Number);
const sequelize = database();
const { wrist_adult } = STARTING_FIGURES;

await sequelize.query(
  `INSERT INTO people (id, name, age, age_on)
   SELECT gen_random_uuid(), 'Person ' || n, 8 + n % 60, DATE '2026-01-01' FROM generate_series(1, :people) n`,
  { replacements: { people: seats / 4 } },
);
await sequelize.query(
  `INSERT INTO sessions (id, title, held_on, starts_at, minutes, place)
   SELECT gen_random_uuid(), 'Session ' || n, CURRENT_DATE + (n - :sessions / 2), '18:00', 120, 'Grain floor'
   FROM generate_series(1, :sessions) n`,
  { replacements: { sessions } },
);
await sequelize.query(
  `INSERT INTO seats (id, session_id, person_id, position, skill, wrist_mm, wrist_method, wrist_on, project, project_revision)
   SELECT gen_random_uuid(), s.id, p.id, p.seat,
          (ARRAY['new', 'steady', 'fluent'])[1 + p.seat % 3], :wrist + p.seat, 'tape', CURRENT_DATE,
          l.slug, l.revision
   FROM (SELECT id, row_number() OVER () AS n FROM sessions WHERE title LIKE 'Session %') s
   JOIN (SELECT id, (row_number() OVER () - 1)::int AS k, ((row_number() OVER () - 1) % :each)::int AS seat FROM people WHERE name LIKE 'Person %') p
     ON p.k / :each = s.n % (:people / :each)
   JOIN (SELECT slug, max(revision) AS revision, row_number() OVER (ORDER BY slug) - 1 AS nth, count(*) OVER () AS many FROM projects GROUP BY slug) l
     ON l.nth = p.seat % l.many`,
  { replacements: { wrist: wrist_adult, each: seats / sessions, people: seats / 4 } },
);
await sequelize.query('ANALYZE');
await closeDatabase();
