import { accessSync, chmodSync, constants, existsSync, mkdirSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { accessChangeSchema, check } from '@yellowmist/contract';
import { tooEasy } from './access/passphrase.js';

/** What the environment and the command line say. */
export interface Settings {
  host: string;
  port: number;
  dataFolder: string;
  webFolder: string;
  /** Host names besides the local ones that the server answers to. */
  hostNames: string[];
  demoData: boolean;
  home: HomeSettings;
}

/** What is said at the start of use from the home network; all of it can be left to the page. */
export interface HomeSettings {
  port: number;
  /** Turns it on, with this passphrase. */
  passphrase: string | null;
  /** PEM of a certificate that the house has already. */
  certificate: { key: string; certificate: string } | null;
}

const DEFAULT_PORT = 4610;
/** The machine itself, whose users need no passphrase. */
const LOOPBACK = /^(127(\.\d+){3}|::1|localhost)$/;

/** Data files are their owner's alone. */
const OWNER_ONLY = { folder: 0o700, file: 0o600, mask: 0o077 } as const;

/** Whatever is written from now on, and the database that is there, is for nobody else to read. */
function ownersAlone(dataFolder: string): void {
  process.umask(OWNER_ONLY.mask);
  for (const name of readdirSync(dataFolder))
    if (/\.sqlite(-wal|-shm)?$/.test(name)) chmodSync(join(dataFolder, name), OWNER_ONLY.file);
}

function portOf(env: NodeJS.ProcessEnv, name: string, usual: number): number {
  const port = Number(env[name] ?? usual);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Error(`${name} must be a whole number from 1 to 65535, not "${env[name]}".`);
  return port;
}

function fileOf(env: NodeJS.ProcessEnv, name: string): string {
  try {
    return readFileSync(env[name]!, 'utf8');
  } catch {
    throw new Error(`${name} must name a file that can be read, not "${env[name]}".`);
  }
}

function homeOf(env: NodeJS.ProcessEnv, port: number): HomeSettings {
  const passphrase = env.YELLOWMIST_PASSPHRASE ?? null;
  if (passphrase !== null) {
    const checked = check(accessChangeSchema, { on: true, passphrase });
    const easy = tooEasy(passphrase);
    const problem = checked.ok ? easy && `it ${easy}` : checked.errors[0]!.message;
    if (problem) throw new Error(`YELLOWMIST_PASSPHRASE cannot be used: ${problem}.`);
  }
  const isGiven = env.YELLOWMIST_CERT !== undefined || env.YELLOWMIST_KEY !== undefined;
  if (isGiven && !(env.YELLOWMIST_CERT && env.YELLOWMIST_KEY))
    throw new Error('YELLOWMIST_CERT and YELLOWMIST_KEY go together: the files of a certificate and of its key.');
  return {
    port: portOf(env, 'YELLOWMIST_HOME_PORT', port < 65535 ? port + 1 : port - 1),
    passphrase,
    certificate: isGiven ? { certificate: fileOf(env, 'YELLOWMIST_CERT'), key: fileOf(env, 'YELLOWMIST_KEY') } : null,
  };
}

/**
 * The folder of the application, whether it runs bundled or not: from wherever it is started, its pages and data are found.
 * Where it lies apart from its pages, the folder in which it is started.
 */
function homeFolder(from = dirname(fileURLToPath(import.meta.url))): string {
  if (existsSync(join(from, 'web', 'package.json'))) return from;
  return dirname(from) === from ? process.cwd() : homeFolder(dirname(from));
}

/** Reads the settings. @throws Error in one clear sentence when a value cannot be used */
export function readSettings(env: NodeJS.ProcessEnv, args: readonly string[]): Settings {
  const port = portOf(env, 'YELLOWMIST_PORT', DEFAULT_PORT);
  const host = env.YELLOWMIST_HOST ?? '127.0.0.1';
  if (!LOOPBACK.test(host))
    throw new Error(
      `YELLOWMIST_HOST must be an address of this machine alone, such as 127.0.0.1, not "${host}". Others in the house come in by a passphrase: the page Kitchen, In the house, or YELLOWMIST_PASSPHRASE.`,
    );
  const dataFolder = resolve(env.YELLOWMIST_DATA ?? join(homeFolder(), 'data'));
  try {
    mkdirSync(dataFolder, { recursive: true, mode: OWNER_ONLY.folder });
    accessSync(dataFolder, constants.W_OK);
    ownersAlone(dataFolder);
  } catch {
    throw new Error(`The data folder ${dataFolder} cannot be written; set YELLOWMIST_DATA to one that can.`);
  }
  return {
    host,
    port,
    dataFolder,
    webFolder: resolve(env.YELLOWMIST_WEB ?? join(homeFolder(), 'web/dist')),
    hostNames: (env.YELLOWMIST_HOSTNAMES ?? '').split(',').filter(Boolean),
    demoData: args.includes('--demo-data'),
    home: homeOf(env, port),
  };
}
