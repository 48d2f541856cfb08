import { X509Certificate } from 'node:crypto';
import { createServer } from 'node:https';
import { connect } from 'node:tls';
import { certificatesFor, fingerprintOf, type MadeCertificates, type Signed } from '../src/access/certificate.js';

const DAY_MS = 24 * 3600_000;
const NAMES = ['loft', 'loft.local', '192.168.178.20', '127.0.0.1'];
const now = Date.now();
let made: MadeCertificates;
beforeAll(async () => {
  made = await certificatesFor(NAMES, null, now);
});

/** Whether who trusts an authority takes what a server shows under a name; why not, where it does not. */
async function taken(authority: string, { key, certificate }: Signed, name: string): Promise<string> {
  const server = createServer({ key, cert: certificate });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as { port: number };
  const isAddress = /^[\d.]+$/.test(name);
  const told = await new Promise<string>((resolve) => {
    const socket = connect(
      {
        port,
        host: '127.0.0.1',
        ca: authority,
        ...(isAddress ? { checkServerIdentity: () => undefined } : { servername: name }),
      },
      () => {
        const shown = socket.getPeerX509Certificate()!;
        resolve(isAddress && !shown.checkIP(name) ? 'ERR_TLS_CERT_ALTNAME_INVALID' : 'taken');
        socket.destroy();
      },
    );
    socket.on('error', (error: NodeJS.ErrnoException) => resolve(`${error.code}: ${error.message}`));
  });
  server.close();
  return told;
}

describe('the certificate of a house', () => {
  test('is taken under each of its names by who trusts the house, by nobody else, and under no other name', async () => {
    const { authority, server } = made;
    for (const name of ['loft.local', '192.168.178.20', '127.0.0.1'])
      expect([name, await taken(authority.certificate, server, name)]).toEqual([name, 'taken']);
    expect(await taken(authority.certificate, server, 'other.local')).toMatch(/^ERR_TLS_CERT_ALTNAME_INVALID/);
    const stranger = await certificatesFor(NAMES, null, now);
    expect(await taken(stranger.authority.certificate, server, 'loft.local')).not.toBe('taken');
  });

  test('whoever stole the key of the house could not vouch for a bank', async () => {
    const forged = await certificatesFor(['bank.example', '127.0.0.1'], made, now);
    expect(forged.authority).toBe(made.authority);
    expect(await taken(made.authority.certificate, forged.server, 'bank.example')).toMatch(
      /permitted subtree violation/,
    );
    const outside = await certificatesFor(['203.0.113.9'], made, now);
    expect(await taken(made.authority.certificate, outside.server, '203.0.113.9')).toMatch(
      /permitted subtree violation/,
    );
  });

  test('is good for no longer than browsers take, signs nothing itself, and is told by its fingerprint', () => {
    const server = new X509Certificate(made.server.certificate);
    const days = (new Date(server.validTo).getTime() - new Date(server.validFrom).getTime()) / DAY_MS;
    expect(days).toBeLessThanOrEqual(398);
    expect(server.ca).toBe(false);
    expect(new X509Certificate(made.authority.certificate).ca).toBe(true);
    expect(fingerprintOf(made.authority.certificate)).toBe(
      new X509Certificate(made.authority.certificate).fingerprint256,
    );
  });

  test('stays as long as it will do; is made anew for another address and before its end, by the authority that is trusted', async () => {
    expect(await certificatesFor([...NAMES].reverse(), made, now)).toBe(made);
    expect(await certificatesFor(NAMES, made, now + 360 * DAY_MS)).toBe(made);
    for (const [names, at] of [
      [[...NAMES, '192.168.178.33'], now],
      [NAMES, now + 380 * DAY_MS],
    ] as const) {
      const next = await certificatesFor(names, made, at);
      expect(next.authority).toBe(made.authority);
      expect(next.server).not.toEqual(made.server);
    }
    const later = await certificatesFor(NAMES, made, now + 9.5 * 365 * DAY_MS);
    expect(later.authority).not.toEqual(made.authority);
  });
});
