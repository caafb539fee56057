import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';

/** A request from somebody on the network: from which of their addresses, and what. */
export interface Asked {
  readonly from: number;
  readonly method: string;
  readonly path: string;
  readonly headers?: Readonly<Record<string, string>>;
  readonly body?: string;
}
export interface Answered {
  readonly status: number;
  readonly headers: Readonly<Record<string, string | string[] | undefined>>;
  readonly body: string;
}

/** Somebody's network, as far as this machine meets it. */
export interface Network {
  /** The address that this machine has on it. */
  readonly host: string;
  readonly ask: (origin: string, asked: readonly Asked[]) => Answered[];
  readonly stop: () => void;
}

const ASKER = fileURLToPath(new URL('./asker.mjs', import.meta.url));
/** Addresses that whoever asks has. */
export const ADDRESSES = 60;

const must = (program: string, ...args: string[]): void => {
  const { status, stderr } = spawnSync(program, args, { encoding: 'utf8' });
  if (status !== 0) throw new Error(`${program} ${args.join(' ')}: ${stderr}`);
};

/** Asks from another process, in a namespace of its own where there is one. */
const asking =
  (base: string, around: readonly string[]) =>
  (origin: string, asked: readonly Asked[]): Answered[] => {
    const input = JSON.stringify({ origin, base, asked });
    const [program, ...args] = [...around, process.execPath, ASKER];
    const told = spawnSync(program!, args, { input, encoding: 'utf8', maxBuffer: 200_000_000 });
    if (told.status !== 0) throw new Error(`nothing came of asking: ${told.stderr}`);
    return JSON.parse(told.stdout) as Answered[];
  };

/**
 * A network of its own, over a pair of devices, in a namespace that only root may make. Whoever may not is on this machine’s loopback
 * at other addresses than its own: the door is the same, the network is not.
 */
export function startNetwork(): Network {
  if (process.getuid!() !== 0) return { host: '127.0.0.1', ask: asking('127.0.77', []), stop: () => undefined };
  const name = `lb${process.pid % 100_000}`;
  const net = `10.${77 + (process.pid % 100)}.${process.pid % 250}`;
  const host = `${net}.1`;
  must('ip', 'netns', 'add', name);
  must('ip', 'link', 'add', `${name}a`, 'type', 'veth', 'peer', 'name', `${name}b`);
  must('ip', 'link', 'set', `${name}b`, 'netns', name);
  must('ip', 'addr', 'add', `${host}/24`, 'dev', `${name}a`);
  must('ip', 'link', 'set', `${name}a`, 'up');
  for (let i = 0; i < ADDRESSES; i++) must('ip', '-n', name, 'addr', 'add', `${net}.${i + 10}/24`, 'dev', `${name}b`);
  must('ip', '-n', name, 'link', 'set', `${name}b`, 'up');
  return {
    host,
    ask: asking(net, ['ip', 'netns', 'exec', name]),
    stop: () => {
      spawnSync('ip', ['netns', 'del', name]);
      spawnSync('ip', ['link', 'del', `${name}a`]);
    },
  };
}
