import { existsSync } from 'node:fs';
import { networkInterfaces } from 'node:os';
import { parseArgs } from 'node:util';
import { freePort } from './ports.mjs';
import { fail } from './say.mjs';

/** What `npm start -- --lan [--cert FILE --key FILE]` asks for; null where nothing is to be reached from the room. */
export function roomAsked(args) {
  let values;
  try {
    ({ values } = parseArgs({
      args,
      options: { lan: { type: 'boolean' }, cert: { type: 'string' }, key: { type: 'string' } },
    }));
  } catch (error) {
    fail(`${error.message}\nnpm start [-- --lan [--cert FILE --key FILE]]`);
  }
  const { lan, cert, key } = values;
  if (!lan) {
    if (cert || key) fail('--cert and --key are for the LAN listener: add --lan.');
    return null;
  }
  if (Boolean(cert) !== Boolean(key))
    fail('--cert and --key go together: the certificate, and the key it was made with.');
  for (const file of [cert, key]) if (file && !existsSync(file)) fail(`There is no file ${file}.`);
  return { cert, key };
}

/** This machine's addresses on its networks. */
const addresses = () =>
  Object.values(networkInterfaces())
    .flat()
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address);

/** The environment that opens the door to the room: its port, and every address it is reached by. */
export async function roomEnvironment({ cert, key }, wanted) {
  const port = await freePort(wanted, '0.0.0.0');
  const own = addresses();
  if (own.length === 0) fail('This machine is on no network: there is nothing to listen on.');
  const origins = own.map((address) => `${cert ? 'https' : 'http'}://${address}:${port}`);
  return {
    LAPBOARD_ROOM: origins.join(','),
    LAPBOARD_ROOM_PORT: String(port),
    ...(cert && { LAPBOARD_CERT: cert, LAPBOARD_KEY: key }),
  };
}

/** What is said of the open door. */
export const roomWords = ({ LAPBOARD_ROOM, LAPBOARD_CERT }) =>
  [
    `Also on the local network: ${LAPBOARD_ROOM.split(',').join('  ')}   (seat pages, and tablets that you pair)`,
    !LAPBOARD_CERT &&
      'Without a certificate, phones cannot reload a page offline, keep the screen awake, or use the camera.',
  ]
    .filter(Boolean)
    .join('\n');
