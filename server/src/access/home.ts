import { createServer, type RequestListener, type Server } from 'node:http';
import { createServer as createSecureServer, type Server as SecureServer } from 'node:https';
import type { Request } from 'express';
import { impatient } from '../common/patience.js';
import type { Signed } from './certificate.js';

/** The door to the home network: a listener of its own, so that who comes through it is known by nothing it could say. */

const throughIt = new WeakSet<object>();

/** Whether a request came from the home network, and not from the machine itself. */
export const isFromHome = (request: Request): boolean => throughIt.has(request);

/** Listens to the home network for as long as it is on. */
export class HomeDoor {
  private server: Server | SecureServer | null = null;

  constructor(
    private readonly port: number,
    private readonly answer: RequestListener,
  ) {}

  /**
   * Opens it, after closing what was open.
   * @param signed the certificate; null for one in the clear
   * @throws Error of the system where the port is in use
   */
  async open(signed: Signed | null): Promise<void> {
    await this.close();
    const hear: RequestListener = (request, response) => {
      throughIt.add(request);
      this.answer(request, response);
    };
    const server = signed
      ? createSecureServer({ key: signed.key, cert: signed.certificate, minVersion: 'TLSv1.2' }, hear)
      : createServer(hear);
    impatient(server);
    await new Promise<void>((resolve, reject) => {
      server.once('error', reject);
      server.listen(this.port, () => {
        server.off('error', reject);
        resolve();
      });
    });
    this.server = server;
  }

  /** Another certificate, for those who come from now on. */
  renew({ key, certificate }: Signed): void {
    if (this.server && 'setSecureContext' in this.server) this.server.setSecureContext({ key, cert: certificate });
  }

  /** Closes it at once: nobody is left inside. */
  async close(): Promise<void> {
    const { server } = this;
    this.server = null;
    if (!server) return;
    const closed = new Promise((resolve) => server.close(resolve));
    server.closeAllConnections();
    await closed;
  }
}
