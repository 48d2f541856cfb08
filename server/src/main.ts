import { AccessService } from './access/access.service.js';
import { makeApp } from './app.js';
import { makeReady, takeFolder } from './backup/guard.js';
import { DemoService } from './demo/demo.service.js';
import { readSettings } from './settings.js';

const say = (line: string): void => void process.stdout.write(`${line}\n`);

/** One sentence for what usually goes wrong at the start. */
function explain(error: unknown, port: string): string {
  const { code, message } = error as NodeJS.ErrnoException;
  if (code === 'EADDRINUSE') return `Port ${port} is in use; stop what runs there or set YELLOWMIST_PORT to another.`;
  if (code === 'EACCES') return `Port ${port} may not be opened; set YELLOWMIST_PORT to one above 1023.`;
  return message;
}

async function main(): Promise<void> {
  const settings = readSettings(process.env, process.argv.slice(2));
  takeFolder(settings.dataFolder);
  makeReady(settings.dataFolder, say);
  const app = await makeApp(settings);
  if (settings.demoData) await app.get(DemoService).fill(say);
  await app.listen(settings.port, settings.host);
  const access = app.get(AccessService);
  await access.begin();
  const { addresses, problem } = await access.shown(true, null);
  if (problem) say(`The home network cannot be served: ${problem}`);
  if (addresses.length > 0) say(`In the house, with the passphrase: ${addresses.join(', ')}`);
  say(`Yellowmist is ready: http://${settings.host}:${settings.port}`);
}

main().catch((error: unknown) => {
  process.stderr.write(`${explain(error, process.env.YELLOWMIST_PORT ?? '4610')}\n`);
  process.exit(1);
});
