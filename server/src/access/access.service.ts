import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { X509Certificate } from 'node:crypto';
import { Inject, Injectable, type BeforeApplicationShutdown } from '@nestjs/common';
import { HttpAdapterHost } from '@nestjs/core';
import type { Access, AccessChange, HouseCertificate } from '@yellowmist/contract';
import { counted } from '@yellowmist/core';
import type { Response } from 'express';
import { badFields, ProblemException } from '../common/problem.js';
import { RefusalLog, type AskedBy } from '../common/refusals.js';
import { Serial } from '../common/serial.js';
import type { Settings } from '../settings.js';
import type { MadeCertificates, Signed } from './certificate.js';
import { HomeDoor } from './home.js';
import { readHouse, writeHouse, writeWhole, type House, type Session } from './house.js';
import { houseAddresses, houseNames, plainAddress } from './network.js';
import { isRight, keep, tooEasy } from './passphrase.js';
import { Sessions } from './sessions.js';
import { Tries } from './tries.js';

export const SETTINGS = 'settings';

const CERTIFICATES = 'certificates.json';
/** How often it is looked whether this machine has other addresses, or its certificate comes to an end, ms. */
const LOOK_EACH_MS = 3600_000;

/** Who is let in from the home network: by whom it was turned on, who is signed in, and what they show. */
@Injectable()
export class AccessService implements BeforeApplicationShutdown {
  private house: House;
  readonly sessions: Sessions;
  readonly tries = new Tries();
  /** What was refused at the door, for a person to read. */
  readonly log: RefusalLog;
  private readonly door: HomeDoor;
  private problem: string | null = null;
  private made: MadeCertificates | null = null;
  /** Answers that go on, by session: they end with it. */
  private readonly open = new Map<string, Set<Response>>();
  private looking: NodeJS.Timeout | null = null;
  private readonly doors = new Serial();
  private readonly checks = new Serial();

  constructor(
    @Inject(SETTINGS) private readonly settings: Settings,
    adapter: HttpAdapterHost,
  ) {
    const { dataFolder, home } = settings;
    this.log = new RefusalLog(dataFolder);
    this.house = readHouse(dataFolder);
    this.sessions = new Sessions(this.house.sessions, (sessions) => this.set({ sessions }));
    this.door = new HomeDoor(home.port, (request, response) =>
      (adapter.httpAdapter.getInstance() as (...asked: unknown[]) => void)(request, response),
    );
  }

  private set(part: Partial<House>): void {
    const next = { ...this.house, ...part };
    writeHouse(this.settings.dataFolder, next);
    this.house = next;
  }

  /** Opens the door where it is on: by what was kept, or by what is said at the start. */
  async begin(): Promise<void> {
    const { passphrase } = this.settings.home;
    if (passphrase !== null) {
      if (!(await isRight(passphrase, this.house.passphrase))) await this.setPassphrase(passphrase);
      this.set({ on: true });
    }
    await this.openOrClose();
    this.looking = setInterval(() => void this.look(), LOOK_EACH_MS);
    this.looking.unref();
  }

  async beforeApplicationShutdown(): Promise<void> {
    if (this.looking) clearInterval(this.looking);
    await this.door.close();
  }

  /** Opens it anew, or closes it; what prevents it is told and stops nothing else. */
  private openOrClose(): Promise<void> {
    return this.doors.run(async () => {
      this.problem = null;
      if (!this.house.on) return this.door.close();
      try {
        await this.door.open(this.house.transport === 'https' ? await this.certificate() : null);
      } catch (error) {
        const { code, message } = error as NodeJS.ErrnoException;
        const { port } = this.settings.home;
        this.problem =
          code === 'EADDRINUSE'
            ? `Port ${port} is in use by another program; stop that, or set YELLOWMIST_HOME_PORT to another.`
            : message;
      }
    });
  }

  private names(): string[] {
    return [...houseNames(), ...this.settings.hostNames.map((name) => name.toLowerCase()), ...houseAddresses()];
  }

  private get certificatesFile(): string {
    return join(this.settings.dataFolder, CERTIFICATES);
  }

  /** The certificate to serve with: the one that was given, or one that is made here. */
  private async certificate(): Promise<Signed> {
    const { certificate } = this.settings.home;
    if (certificate) return certificate;
    // Only a house that wants it pays for what makes it.
    const { certificatesFor } = await import('./certificate.js');
    const kept = this.made ?? this.readCertificates();
    this.made = await certificatesFor([...this.names(), 'localhost', '127.0.0.1'], kept, Date.now());
    if (this.made !== kept) writeWhole(this.certificatesFile, JSON.stringify(this.made));
    return this.made.server;
  }

  private readCertificates(): MadeCertificates | null {
    try {
      return JSON.parse(readFileSync(this.certificatesFile, 'utf8')) as MadeCertificates;
    } catch {
      return null;
    }
  }

  /** Whether what is served with still fits; what is not to be had is said, and tried again later. */
  private async look(): Promise<void> {
    if (!this.house.on || this.house.transport !== 'https') return;
    if (this.problem) return this.openOrClose();
    const before = this.made;
    const signed = await this.certificate();
    if (this.made !== before) this.door.renew(signed);
  }

  /** The certificate that devices are to trust: the authority of this house; null where one was given. */
  async authority(): Promise<string | null> {
    if (this.settings.home.certificate || this.house.transport !== 'https' || !this.house.on) return null;
    await this.certificate();
    return this.made!.authority.certificate;
  }

  private async shownCertificate(): Promise<HouseCertificate | null> {
    if (!this.house.on || this.house.transport !== 'https') return null;
    const { fingerprintOf } = await import('./certificate.js');
    const authority = await this.authority();
    const { certificate } = await this.certificate();
    return {
      kind: authority ? 'made' : 'given',
      fingerprint: fingerprintOf(authority ?? certificate),
      until: new Date(new X509Certificate(certificate).validTo).toISOString(),
    };
  }

  /** Whether a name is one of this machine, for whoever comes from the home network to this address of it. */
  isKnown(name: string, address: string): boolean {
    return name === 'localhost' || name === address || name === `[${address}]` || this.names().includes(name);
  }

  async shown(atMachine: boolean, current: string | null): Promise<Access> {
    const { on, transport, passphrase } = this.house;
    const { port } = this.settings.home;
    const found = [...this.settings.hostNames, ...houseAddresses(), ...houseNames().slice(1)];
    return {
      on,
      hasPassphrase: passphrase !== null,
      transport,
      addresses: on && !this.problem ? found.map((name) => `${transport}://${name}:${port}`) : [],
      certificate: this.problem ? null : await this.shownCertificate(),
      problem: this.problem,
      atMachine,
      signedIn: this.sessions.shown(current),
    };
  }

  /** @param field what whoever asks calls it */
  private async setPassphrase(passphrase: string, field = 'passphrase', except: string | null = null): Promise<void> {
    const easy = tooEasy(passphrase);
    if (easy) throw badFields([{ field, message: `${field} ${easy}` }]);
    this.set({ passphrase: await keep(passphrase) });
    this.endAll(except);
  }

  /** Turns it on or off, and sets what is served and what is asked for. */
  async change({ on, transport, passphrase }: AccessChange): Promise<void> {
    if (passphrase !== undefined) await this.setPassphrase(passphrase);
    else if (on && !this.house.passphrase)
      throw badFields([
        { field: 'passphrase', message: 'passphrase must be set before others in the house are let in' },
      ]);
    const isOther = on !== this.house.on || (transport !== undefined && transport !== this.house.transport);
    this.set({ on, transport: transport ?? this.house.transport });
    if (isOther || this.problem) await this.openOrClose();
  }

  /**
   * Whether a passphrase is right. Five wrong ones are free; then it takes longer and longer.
   * @param asked what is written down of the request where it is wrong
   */
  private check(passphrase: string, asked: AskedBy): Promise<boolean> {
    const from = plainAddress(asked.from);
    return this.checks.run(async () => {
      const waitS = this.tries.waitS(from);
      if (waitS > 0) {
        this.log.refused({ ...asked, why: 'Too many wrong passphrases.' });
        throw new ProblemException(
          429,
          `Too many wrong passphrases. The next one is looked at in ${counted(waitS, 'second')}.`,
          {},
          waitS,
        );
      }
      this.tries.begins(from);
      const right = await isRight(passphrase, this.house.passphrase);
      if (right) this.tries.wasRight(from);
      else this.log.refused({ ...asked, why: 'A wrong passphrase.' });
      return right;
    });
  }

  /** Signs a browser in. @returns what its cookie holds; null where the passphrase is wrong */
  async signIn(passphrase: string, name: string, asked: AskedBy): Promise<string | null> {
    return (await this.check(passphrase, asked)) ? this.sessions.begin(name, plainAddress(asked.from)) : null;
  }

  /** Another passphrase, by somebody who knows the one before; all others are signed out. */
  async changePassphrase(current: string, next: string, asked: AskedBy, session: string): Promise<void> {
    if (!(await this.check(current, asked)))
      throw badFields([{ field: 'current', message: 'current must be the passphrase that is set now' }]);
    await this.setPassphrase(next, 'next', session);
  }

  /**
   * Ends a session, and what still goes on in it.
   * @param last an answer of it that is yet to be given
   * @returns whether there was one
   */
  end(id: string, last?: Response): boolean {
    const was = this.sessions.end(id);
    if (last) this.open.get(id)?.delete(last);
    this.cut(id);
    return was;
  }

  endAll(except: string | null = null): void {
    this.sessions.endAll(except);
    for (const id of this.open.keys()) if (id !== except) this.cut(id);
  }

  private cut(id: string): void {
    for (const response of this.open.get(id) ?? []) response.destroy();
    this.open.delete(id);
  }

  /** An answer belongs to a session: where that ends, it does as well. */
  belongs(response: Response, { id }: Session): void {
    const answers = this.open.get(id) ?? new Set();
    this.open.set(id, answers.add(response));
    response.once('close', () => {
      answers.delete(response);
      if (answers.size === 0 && this.open.get(id) === answers) this.open.delete(id);
    });
  }
}
