import { createHash, randomBytes, randomInt, randomUUID, timingSafeEqual } from 'node:crypto';
import { Injectable, type OnModuleInit } from '@nestjs/common';
import type { Response } from 'express';
import { Clock } from '../common/clock.js';
import { notFound, ProblemException } from '../common/problems.js';
import { WriteQueue } from '../common/writeQueue.js';
import { Device, type Role } from './device.entity.js';

/** A code lets one device in, and is good for this time, ms. */
const CODE_MS = 10 * 60_000;
/** Wrong tries that one address has at one code, and that all addresses together have: a hundred of a hundred million. */
const MOST_WRONG = 5;
const MOST_WRONG_IN_ALL = 100;
/** The reply to a wrong code is held back for this time, ms: guessing is slow, and holds nobody else up. */
const AFTER_WRONG_MS = 250;
/** More phones than this are no household's. */
const MOST_DEVICES = 30;
/** When a device was last seen is written down no more often than this, ms. */
const SEEN_MS = 60_000;

/** A code that lets one device in. */
export interface Code {
  readonly code: string;
  readonly role: Role;
  readonly endsAtMs: number;
}

/** The code that is out, and what was tried at it: a new code begins anew. */
interface OutCode extends Code {
  readonly wrongBy: Map<string, number>;
  wrong: number;
}

const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');
const same = (a: string, b: string): boolean =>
  a.length === b.length && timingSafeEqual(Buffer.from(a), Buffer.from(b));

/**
 * Who of the house is let in. A code is said once and lets one device in; the device then proves itself with 32 random bytes of
 * which only a hash is kept: such a secret cannot be guessed, so it needs no slow hash.
 */
@Injectable()
export class Pairing implements OnModuleInit {
  private readonly devices = new Map<string, Device>();
  private readonly open = new Map<string, Set<Response>>();
  private out: OutCode | undefined;

  constructor(
    private readonly queue: WriteQueue,
    private readonly clock: Clock,
  ) {}

  async onModuleInit(): Promise<void> {
    const known = await this.queue.run(({ manager }) => manager.find(Device));
    for (const device of known) this.devices.set(device.id, device);
  }

  /** Everybody who was let in, first come first. */
  list(): readonly Device[] {
    return [...this.devices.values()].sort((a, b) => a.joinedAtMs - b.joinedAtMs);
  }

  /** A code for one more device; an earlier one that nobody used is void, and with it what was tried at it. */
  newCode(role: Role): Code {
    if (this.devices.size >= MOST_DEVICES)
      throw new ProblemException(
        409,
        'devices',
        `At most ${MOST_DEVICES.toString()} devices: let one go first`,
      );
    const digits = randomInt(0, 100_000_000).toString().padStart(8, '0');
    const code = {
      code: `${digits.slice(0, 4)}-${digits.slice(4)}`,
      role,
      endsAtMs: this.clock.nowMs() + CODE_MS,
    };
    this.out = { ...code, wrongBy: new Map(), wrong: 0 };
    return code;
  }

  /**
   * Lets a device in by its code. Wrong tries count by address and by code: who guesses shuts himself out, and nobody else.
   * @param from the address that asks
   * @returns the device and the secret it is to prove itself with
   * @throws ProblemException 403 for a wrong code, 429 for an address that tried too often at this one
   */
  async join(given: string, name: string, from: string): Promise<{ device: Device; secret: string }> {
    const nowMs = this.clock.nowMs();
    const { out } = this;
    if (out && (out.wrongBy.get(from) ?? 0) >= MOST_WRONG)
      throw new ProblemException(429, 'code', 'Too many wrong codes from here: ask for a new code');
    if (!out || out.endsAtMs <= nowMs || !same(out.code.replace('-', ''), given.replaceAll(/\D/gu, ''))) {
      this.noteWrong(from);
      await new Promise((later) => setTimeout(later, AFTER_WRONG_MS));
      throw new ProblemException(403, 'code', 'That code is not right, or was used', [
        { field: 'code', code: 'wrong', message: 'Ask for a new code where Hammock runs.' },
      ]);
    }
    this.out = undefined;
    const secret = randomBytes(32).toString('base64url');
    const device: Device = {
      ...{ id: randomUUID(), name, role: out.role, secretHash: hashOf(secret) },
      ...{ joinedAtMs: nowMs, seenAtMs: nowMs },
    };
    await this.queue.run(({ manager }) => manager.save(Device, device));
    this.devices.set(device.id, device);
    return { device, secret };
  }

  private noteWrong(from: string): void {
    const { out } = this;
    if (!out) return;
    out.wrong += 1;
    out.wrongBy.set(from, (out.wrongBy.get(from) ?? 0) + 1);
    // A whole network of guessers: the code is void, and the next one begins anew.
    if (out.wrong >= MOST_WRONG_IN_ALL) this.out = undefined;
  }

  /** The device that a cookie is of; undefined for one that is nobody's, or was let go. */
  known(cookie: string | undefined): Device | undefined {
    const [id = '', secret = ''] = cookie?.split('.') ?? [];
    const device = this.devices.get(id);
    if (!device || !same(device.secretHash, hashOf(secret))) return undefined;
    const nowMs = this.clock.nowMs();
    if (nowMs - device.seenAtMs > SEEN_MS) {
      device.seenAtMs = nowMs;
      void this.queue
        .run(({ manager }) => manager.update(Device, { id }, { seenAtMs: nowMs }))
        .catch(() => undefined);
    }
    return device;
  }

  /** A reply that is on its way to a device, or that it listens to: it ends when the device is let go. */
  listens(device: Device, response: Response): void {
    const all = this.open.get(device.id) ?? new Set();
    this.open.set(device.id, all.add(response));
    response.on('close', () => all.delete(response));
  }

  /** Whether any device may do everything: without one, only the terminal gives out a code. */
  hasCook(): boolean {
    return this.list().some(({ role }) => role === 'cook');
  }

  /**
   * Everybody is out at once: what they proved themselves with was erased with the household.
   * @param askedBy the device that asked for it, whose reply is still on its way
   */
  forgetAll(askedBy?: string): void {
    if (askedBy !== undefined) this.open.delete(askedBy);
    for (const id of [...this.devices.keys()]) this.shut(id);
    this.out = undefined;
  }

  private shut(id: string): void {
    this.devices.delete(id);
    for (const response of this.open.get(id) ?? []) response.destroy();
    this.open.delete(id);
  }

  /** A device is out at once, whatever it is listening to. */
  async letGo(id: string): Promise<void> {
    if (!this.devices.has(id)) throw notFound('device');
    this.shut(id);
    await this.queue.run(({ manager }) => manager.delete(Device, { id }));
  }
}
