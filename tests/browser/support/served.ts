/** What is tested against: a server, its database, and the folder of the cluster that the database is in. */
interface Served {
  readonly url: string;
  readonly database: string;
  readonly cluster: string;
}

/** Each worker has one to itself: it may take the database away while another works. What only reads the configuration has none. */
const all = JSON.parse(process.env.SERVED ?? '[{}]') as readonly Served[];
export const WORKERS = all.length;
export const served: Served = all[Number(process.env.TEST_PARALLEL_INDEX ?? 0)]!;
