// Asks what it is given on standard input, from another network than the server's, and writes what was answered.
import { readFileSync } from 'node:fs';
import { request } from 'node:http';

const { origin, base, asked } = JSON.parse(readFileSync(0, 'utf8'));

const ask = ({ from, method, path, headers = {}, body }) =>
  new Promise((done) => {
    const sent = request(
      new URL(path, origin),
      {
        method,
        headers: { ...headers, ...(body && { 'content-length': Buffer.byteLength(body) }) },
        localAddress: `${base}.${from + 10}`,
        agent: false,
        timeout: 15_000,
      },
      (answer) => {
        const parts = [];
        const end = () =>
          done({ status: answer.statusCode, headers: answer.headers, body: Buffer.concat(parts).toString() });
        answer.on('data', (part) => {
          parts.push(part);
          // What goes on for as long as somebody listens has said enough.
          if (String(answer.headers['content-type']).startsWith('text/event-stream')) {
            end();
            sent.destroy();
          }
        });
        answer.on('end', end);
      },
    );
    sent.on('timeout', () => sent.destroy());
    sent.on('error', (error) => done({ status: 0, headers: {}, body: String(error) }));
    sent.end(body);
  });

const answers = [];
for (let i = 0; i < asked.length; i += 8) answers.push(...(await Promise.all(asked.slice(i, i + 8).map(ask))));
process.stdout.write(JSON.stringify(answers));
