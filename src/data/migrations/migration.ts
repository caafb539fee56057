/** One step of the database's shape, forwards and back, in SQL. */
export interface Migration {
  readonly name: string;
  readonly up: string;
  readonly down: string;
}
