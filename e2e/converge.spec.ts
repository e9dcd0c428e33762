import { afterAll, beforeAll, describe, expect, it, jest } from '@jest/globals';
import { inOrder, runFromTaps } from '@hammock/core';
import type { BagRecord, CookRecord, PlanRecord } from '@hammock/core/records';
import fc from 'fast-check';
import { Kitchen } from './support/harness.js';
import { boot, unhurried, type Device, type Network } from './support/device.js';

jest.setTimeout(300_000);

const kitchen = Kitchen.forTests({ demo: false });

/** What a cook does on one of three devices, and what happens to the wires. */
type Step = readonly [device: number, act: keyof typeof ACTS, n: number];

const bag = (n: number) => ({ grainId: 'millet', label: `Bag ${n}`, note: '', openedOn: null });

const ACTS = {
  rename: (d: Device, n: number, ids: Ids) => {
    const here = d.bag(ids.bag(n));
    d.keep(ids.bag(n), here ? { ...here, label: `Bag ${n.toString()}` } : bag(n));
  },
  note: (d: Device, n: number, ids: Ids) => {
    const here = d.bag(ids.bag(n));
    d.keep(ids.bag(n), { ...(here ?? bag(n)), note: `note ${n.toString()}` });
  },
  takeAway: (d: Device, n: number, ids: Ids) => {
    if (d.bag(ids.bag(n))) d.remove(ids.bag(n));
  },
  move: (d: Device, n: number) => d.setHousehold({ altitudeM: n * 10 }),
  warm: (d: Device, n: number) => d.setHousehold({ roomC: 10 + (n % 20) }),
  portions: (d: Device, n: number) => d.setPortions(1 + (n % 12)),
  begin: (d: Device) => d.begin(),
  start: (d: Device) => d.tap('start'),
  done: (d: Device) => d.tap('done'),
  extend: (d: Device) => d.tap('extend', 5),
  undo: (d: Device) => d.tap('undo'),
  poured: (d: Device, n: number) => d.setPoured(500 + n),
  offline: (d: Device) => d.network.set('gone'),
  online: (d: Device) => d.network.set('fine'),
  failing: (d: Device) => d.network.set('500'),
  deaf: (d: Device) => d.network.set('replyLost'),
  twice: (d: Device) => d.network.set('twice'),
  echo: (d: Device) => d.network.set('echo'),
  heldUp: (d: Device) => d.network.echo(),
  carry: (d: Device) => d.carry(),
  hear: (d: Device) => d.hear(),
} as const;

interface Ids {
  readonly bag: (n: number) => string;
}

const steps = fc.array(
  fc.tuple(
    fc.nat({ max: 2 }),
    fc.constantFrom(...(Object.keys(ACTS) as (keyof typeof ACTS)[])),
    fc.nat({ max: 400 }),
  ),
  { minLength: 5, maxLength: 40 },
);

const read = async <T>(path: string): Promise<T> =>
  (await (await unhurried(() => fetch(`${kitchen.url}/api/${path}`))).json()) as T;

let run = 0;
const idsOf = (): Ids => {
  run += 1;
  const of = run.toString().padStart(6, '0');
  return { bag: (n) => `00000000-0000-4000-8000-${of}00000${(n % 2).toString()}` };
};

describe('three devices with wrong clocks and bad wires', () => {
  const devices: Device[] = [];
  const log: Network['log'] = [];
  beforeAll(async () => {
    for (const offMs of [0, -600_000, 600_000]) devices.push(await boot(() => kitchen.url, offMs, log));
  });
  afterAll(() => {
    for (const d of devices) d.forget();
  });

  /** Everybody online, everything carried and heard, every question answered, until nothing is left to do. */
  async function calm(): Promise<void> {
    for (const d of devices) d.network.set('fine');
    for (let round = 0; round < 30; round += 1) {
      for (const d of devices) {
        d.comeBack();
        await d.carry();
        await d.settleAsked(round % 2 === 0 ? 'mine' : 'theirs');
        await d.hear();
      }
      // Once more, for what the last one sent; what that leaves to do is done in another round.
      for (const d of devices) await d.hear();
      if (devices.every((d) => d.isIdle())) break;
      await new Promise((later) => setTimeout(later, 50));
    }
  }

  /** Every write that was acknowledged stands on the one before it: none was overwritten by somebody who had not seen it. */
  function expectUnbroken(): void {
    const chains = new Map<string, { revision: number; standsOn: number }[]>();
    for (const { path, method, status, standsOn, revision } of log) {
      if (status !== 200 || method === 'GET' || path.includes('/events/') || revision === undefined) continue;
      const chain = chains.get(path) ?? [];
      // A repeat is told the revision there is.
      if (!chain.some((w) => w.revision === revision)) chain.push({ revision, standsOn: standsOn ?? 0 });
      chains.set(path, chain);
    }
    for (const chain of chains.values()) {
      chain.sort((a, b) => a.revision - b.revision);
      for (const [i, write] of chain.entries())
        if (i > 0) expect(write.standsOn).toBe(chain[i - 1]!.revision);
    }
  }

  it('end in one state, the server’s, with every tap that was acknowledged', async () => {
    await fc.assert(
      fc.asyncProperty(steps, async (list: Step[]) => {
        const ids = idsOf();
        log.length = 0;
        for (const d of devices) d.beginAnew();
        await calm();
        for (const [who, act, n] of list) await ACTS[act](devices[who]!, n, ids);
        await calm();
        for (const d of devices) await d.network.echo();
        await calm();
        expectUnbroken();

        const [plans, household, bags] = await Promise.all([
          read<PlanRecord[]>('plans'),
          read<object>('household'),
          read<BagRecord[]>('bags'),
        ]);
        for (const d of devices) {
          expect(d.waiting()).toEqual([]);
          expect(d.household()).toEqual(household);
          const plan = plans.find((p) => p.id === d.plan()?.id);
          if (plan) expect(d.plan()?.portions).toBe(plan.input.portions);
          for (const n of [0, 1]) {
            const there = bags.find((b) => b.id === ids.bag(n));
            expect(d.bag(ids.bag(n))).toEqual(there && fieldsOf(there));
          }
        }
        const cooks = new Map<string, Set<string>>();
        for (const { path, status } of log) {
          const [, , , cookId, , tapId] = path.split('/');
          if (path.includes('/events/') && status === 200 && cookId && tapId)
            cooks.set(cookId, (cooks.get(cookId) ?? new Set()).add(tapId));
        }
        for (const [cookId, taps] of cooks) {
          const there = await read<CookRecord>(`cooks/${cookId}`);
          expect(new Set(there.events!.map((e) => e.id))).toEqual(taps);
          for (const d of devices.filter((one) => one.active()?.id === cookId)) {
            const here = d.active()!;
            expect(inOrder(d.events()).map((e) => e.id)).toEqual(
              there.events!.length > 0 ? d.orderOf(there) : [],
            );
            expect(runFromTaps(here.answer.stages, d.events())).toEqual(
              runFromTaps(there.answer.stages, d.eventsOf(there)),
            );
            expect(here.pouredMl).toBe(there.pouredMl);
            // Told by durations alone, no clock of any device is in it.
            for (const e of there.events!) expect(Math.abs(e.atMs - Date.now())).toBeLessThan(120_000);
          }
        }
      }),
      {
        numRuns: Number(process.env['CONVERGE_RUNS'] ?? 25),
        seed: Number(process.env['PROPERTY_SEED'] ?? 20),
        endOnFailure: true,
      },
    );
  });
});

function fieldsOf(row: object): object {
  const drop = new Set(['id', 'createdAtMs', 'updatedAtMs', 'deletedAtMs', 'revision']);
  return Object.fromEntries(Object.entries(row).filter(([key]) => !drop.has(key)));
}
