import { accessSync, chmodSync, constants, mkdirSync, readdirSync } from 'node:fs';
import { join, resolve } from 'node:path';

/** What the environment and the command line say. */
export interface Settings {
  host: string;
  port: number;
  dataFolder: string;
  webFolder: string;
  /** Host names besides the local ones that the server answers to. */
  hostNames: string[];
  demoData: boolean;
}

const DEFAULT_PORT = 4610;

/** Data files are their owner's alone. */
const OWNER_ONLY = { folder: 0o700, file: 0o600, mask: 0o077 } as const;

/** Whatever is written from now on, and the database that is there, is for nobody else to read. */
function ownersAlone(dataFolder: string): void {
  process.umask(OWNER_ONLY.mask);
  for (const name of readdirSync(dataFolder))
    if (/\.sqlite(-wal|-shm)?$/.test(name)) chmodSync(join(dataFolder, name), OWNER_ONLY.file);
}

/** Reads the settings. @throws Error in one clear sentence when a value cannot be used */
export function readSettings(env: NodeJS.ProcessEnv, args: readonly string[]): Settings {
  const port = Number(env.YELLOWMIST_PORT ?? DEFAULT_PORT);
  if (!Number.isInteger(port) || port < 1 || port > 65535) {
    throw new Error(`YELLOWMIST_PORT must be a whole number from 1 to 65535, not "${env.YELLOWMIST_PORT}".`);
  }
  const dataFolder = resolve(env.YELLOWMIST_DATA ?? 'data');
  try {
    mkdirSync(dataFolder, { recursive: true, mode: OWNER_ONLY.folder });
    accessSync(dataFolder, constants.W_OK);
    ownersAlone(dataFolder);
  } catch {
    throw new Error(`The data folder ${dataFolder} cannot be written; set YELLOWMIST_DATA to one that can.`);
  }
  return {
    host: env.YELLOWMIST_HOST ?? '127.0.0.1',
    port,
    dataFolder,
    webFolder: resolve(env.YELLOWMIST_WEB ?? 'web/dist'),
    hostNames: (env.YELLOWMIST_HOSTNAMES ?? '').split(',').filter(Boolean),
    demoData: args.includes('--demo-data'),
  };
}
