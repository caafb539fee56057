import { fork, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer, request as ask, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import { constants, setPriority, tmpdir } from 'node:os';
import { join } from 'node:path';

type Handler = (request: IncomingMessage, response: ServerResponse, locals: App.Locals) => void;

/** Where the process of heavy pages listens: a socket in a folder of this user's own, so that what comes through it can be believed. */
const SOCKET = 'LAPBOARD_PAGES_SOCKET';
const [DOOR, ADDRESS] = ['x-lapboard-door', 'x-lapboard-address'];
const RESTART_MS = 300;
/** Asked for once when the process has started: the sessions ahead are planned, and the code that does it is warm, before a person waits. */
const FIRST = ['/', '/order-list', '/api/orders/list.pdf'];

/** Serves heavy pages as the process that this is one of, where it is; else answers null. */
export function servePages(handler: Handler): Server | null {
  const socket = process.env[SOCKET];
  if (!socket) return null;
  return createServer((request, response) => {
    const { [DOOR]: door, [ADDRESS]: address } = request.headers;
    for (const name of [DOOR, ADDRESS]) Reflect.deleteProperty(request.headers, name);
    handler(request, response, { door: door === 'room' ? 'room' : 'home', address: String(address), chartNonce: null });
  }).listen(socket, () => process.send?.('ready'));
}

/** Passes a request on to the process of heavy pages, or has it answered here where there is none just now. */
export type PassOn = (request: IncomingMessage, response: ServerResponse, locals: App.Locals) => void;

/**
 * Starts the process of heavy pages, and starts it again should it end. What it is asked goes on where the client goes on: a client
 * that leaves is taken out of its queue.
 *
 * @param ownHost a host that this server answers to
 */
export function startPages(here: Handler, ownHost: string): { readonly passOn: PassOn; readonly stop: () => void } {
  const folder = mkdtempSync(join(tmpdir(), 'lapboard-pages-'));
  const socketPath = join(folder, 'socket');
  let child: ChildProcess;
  let isReady = false;
  let isStopping = false;
  const start = (): void => {
    rmSync(socketPath, { force: true });
    child = fork(process.argv[1]!, { env: { ...process.env, [SOCKET]: socketPath, LAPBOARD_THREADS: '2' } });
    // Where both want a core, short answers go first.
    setPriority(child.pid!, constants.priority.PRIORITY_BELOW_NORMAL);
    child.once('message', () => {
      isReady = true;
      for (const path of FIRST)
        ask({ socketPath, path, headers: { host: ownHost, [DOOR]: 'home', [ADDRESS]: '127.0.0.1' } }, (answer) =>
          answer.resume(),
        )
          .on('error', () => undefined)
          .end();
    });
    child.once('exit', () => {
      isReady = false;
      if (!isStopping) setTimeout(start, RESTART_MS);
    });
  };
  start();
  return {
    passOn: (request, response, { door, address = '' }) => {
      const locals = { door, address, chartNonce: null };
      if (!isReady) return here(request, response, locals);
      const headers = { ...request.headers, [DOOR]: door, [ADDRESS]: address };
      const asked = ask({ socketPath, method: request.method, path: request.url, headers }, (answer) => {
        response.writeHead(answer.statusCode ?? 502, answer.headers);
        answer.pipe(response);
        answer.on('error', () => response.destroy());
      });
      asked.on('error', () => {
        if (response.headersSent || response.destroyed) response.destroy();
        else here(request, response, locals);
      });
      response.on('close', () => asked.destroy());
      asked.end();
    },
    stop: () => {
      isStopping = true;
      child.kill('SIGTERM');
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
