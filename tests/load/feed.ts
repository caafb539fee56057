import { randomUUID } from 'node:crypto';
import { get, type ClientRequest } from 'node:http';
import type { ProgressEntry } from '../../src/core/bench';

/** Screens that follow one room over some servers, and presses at so many a second. */
export interface FeedLoad {
  readonly bases: readonly string[];
  readonly session: string;
  readonly seats: readonly string[];
  readonly screens: number;
  readonly perSecond: number;
  readonly seconds: number;
  /** Done once half of the presses are made: a server is killed, say. */
  readonly atHalf?: () => void;
  /** How many screens are cut off at half time. */
  readonly cut: number;
}

export interface FeedFound {
  readonly pressed: number;
  /** Entries that a screen never had, had twice, or had out of order, over all screens. */
  readonly lost: number;
  readonly doubled: number;
  readonly disordered: number;
  /** From the press to the screen, ms: half of all, 95 of 100, and the longest. */
  readonly p50: number;
  readonly p95: number;
  readonly longest: number;
}

/** A screen: follows the room as a browser does, and comes back to a server that is there, asking for what it has not had. */
class Screen {
  readonly heard: { readonly key: string; readonly n: number; readonly at: number }[] = [];
  private last = 0;
  private asked: ClientRequest | null = null;
  private isOver = false;

  constructor(
    private readonly bases: readonly string[],
    private readonly session: string,
    private at: number,
    after: number,
  ) {
    this.last = after;
    this.listen();
  }

  private listen(): void {
    if (this.isOver) return;
    const base = this.bases[this.at % this.bases.length]!;
    let text = '';
    const again = (): void => {
      if (this.asked !== asked || this.isOver) return;
      this.asked = null;
      this.at++;
      setTimeout(() => this.listen(), 300);
    };
    const asked = get(
      `${base}/api/bench/${this.session}/events`,
      { headers: { 'last-event-id': String(this.last) }, agent: false },
      (answer) => {
        answer.setEncoding('utf8');
        answer.on('data', (part: string) => {
          text += part;
          const blocks = text.split('\n\n');
          text = blocks.pop()!;
          for (const block of blocks) this.take(block);
        });
        answer.on('close', again);
        answer.on('error', again);
      },
    );
    asked.on('error', again);
    this.asked = asked;
  }

  private take(block: string): void {
    if (block.includes('event: now')) return;
    const data = /^data: (.*)$/m.exec(block)?.[1];
    if (data === undefined) return;
    for (const { key, n } of JSON.parse(data) as ProgressEntry[]) {
      this.heard.push({ key, n, at: performance.now() });
      this.last = Math.max(this.last, n);
    }
  }

  cutOff(): void {
    this.asked?.destroy();
  }

  stop(): void {
    this.isOver = true;
    this.asked?.destroy();
  }
}

/** Presses once, on whichever server takes it: tried again under the same key until one has. */
async function press(load: FeedLoad, i: number, key: string): Promise<void> {
  for (let time = 0; time < 60; time++) {
    const base = load.bases[(i + time) % load.bases.length]!;
    const seat = load.seats[i % load.seats.length]!;
    const taken = await fetch(`${base}/api/bench/${load.session}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', origin: base },
      body: JSON.stringify({ entries: [{ key, seat, what: 'step', value: `knot ${i}`, ago_ms: 0 }] }),
    }).then(
      (answer) => answer.ok,
      () => false,
    );
    if (taken) return;
    await new Promise((done) => setTimeout(done, 50));
  }
  throw new Error('no server took it');
}

const at = (sorted: readonly number[], share: number): number =>
  sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? NaN;

/** Lets screens follow a room while it is pressed, and counts what each had. */
export async function loadFeed(load: FeedLoad): Promise<FeedFound> {
  const { entries } = (await (await fetch(`${load.bases[0]}/api/bench/${load.session}`)).json()) as {
    entries: ProgressEntry[];
  };
  const after = entries.at(-1)?.n ?? 0;
  const screens = Array.from({ length: load.screens }, (_, i) => new Screen(load.bases, load.session, i, after));
  await new Promise((done) => setTimeout(done, 1000));
  const pressed = new Map<string, number>();
  const all: Promise<void>[] = [];
  const many = load.perSecond * load.seconds;
  const began = performance.now();
  for (let i = 0; i < many; i++) {
    await new Promise((done) => setTimeout(done, Math.max(0, began + (i * 1000) / load.perSecond - performance.now())));
    if (i === Math.floor(many / 2)) {
      for (const screen of screens.slice(0, load.cut)) screen.cutOff();
      load.atHalf?.();
    }
    const key = randomUUID();
    pressed.set(key, performance.now());
    all.push(press(load, i, key));
  }
  await Promise.all(all);
  const isAll = (screen: Screen): boolean => new Set(screen.heard.map(({ key }) => key)).size >= many;
  for (let i = 0; i < 100 && !screens.every(isAll); i++) await new Promise((done) => setTimeout(done, 100));
  for (const screen of screens) screen.stop();

  const of = (count: (screen: Screen) => number): number => screens.reduce((sum, screen) => sum + count(screen), 0);
  const waits = screens
    .flatMap(({ heard }) => heard.map(({ key, at: came }) => came - pressed.get(key)!))
    .sort((a, b) => a - b);
  return {
    pressed: many,
    lost: of(({ heard }) => many - new Set(heard.map(({ key }) => key)).size),
    doubled: of(({ heard }) => heard.length - new Set(heard.map(({ key }) => key)).size),
    disordered: of(({ heard }) => heard.filter(({ n }, i) => i > 0 && n <= heard[i - 1]!.n).length),
    p50: at(waits, 0.5),
    p95: at(waits, 0.95),
    longest: waits.at(-1) ?? NaN,
  };
}
