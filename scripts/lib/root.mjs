import { fileURLToPath } from 'node:url';

/** The folder of this checkout. */
export const ROOT = fileURLToPath(new URL('../../', import.meta.url)).replace(/\/$/, '');

/** The environment every tool runs in: nothing of it looks for the network. */
export const QUIET = {
  ...process.env,
  ASTRO_TELEMETRY_DISABLED: '1',
  ASTRO_DISABLE_UPDATE_CHECK: 'true',
  npm_config_update_notifier: 'false',
};
