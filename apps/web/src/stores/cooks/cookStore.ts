import {
  effectiveTaps,
  inOrder,
  type Answer,
  type PlanInput,
  type PlanProblem,
  type Result,
  type Tap,
} from '@hammock/core';
import {
  outcomeSaid,
  sameValue,
  type CookLine,
  type CookRecord,
  type CookSaid,
  type OutcomeRecord,
  type TapRecord,
} from '@hammock/core/records';
import type { StateCreator } from 'zustand';
import type { ask as askServer } from '../../api/http.js';
import { beginning, saidFields, saidOf, saying, tapping } from './cookWrites.js';
import { cookKey, cookPath, saidKey, tapKey } from '../../sync/cookKeys.js';
import type { Write } from '../../sync/pendingWrite.js';
import { merged } from './cookMerged.js';
import { eventsOf, isUnfinished, lineOf, newCook } from './cookRecord.js';
import type { Draft } from '../plan/draftOf.js';
import { potsOn, showing, withAnother, withoutPot, withPot } from './onStove.js';
import { PAGE } from './cookList.js';

/** Where what is said of a pot goes. */
interface Sends {
  readonly send: (write: Write) => void;
  /** True where something with this key is on its way. */
  readonly waits: (key: string) => boolean;
  readonly noteReachable: (reachable: boolean) => void;
}

/**
 * What a store of pots reaches beyond itself. With others of these the same stove runs on another clock, sends nothing and teaches
 * nothing: a rehearsal, or a test.
 */
export interface StoveSeams {
  /** The clock that taps are told by, ms since the epoch. */
  readonly nowMs: () => number;
  readonly newId: () => string;
  readonly outbox: () => Sends;
  readonly ask: typeof askServer;
  /** The answer to a plan; undefined while the core is not there yet. */
  readonly answer: (input: PlanInput) => Result<Answer, readonly PlanProblem[]> | undefined;
  /** Learns of a judged pot on this device. */
  readonly learn: (cook: CookRecord, isAgain: boolean) => Promise<void>;
  readonly isGuest: () => boolean;
}

/** What a tap says besides its kind. */
type Saying = Pick<TapRecord, 'minutes' | 'said' | 'amount'>;

export interface CookStore {
  /** The pot in sight on the stove, or the last one still without an outcome. */
  readonly active: CookRecord | null;
  /** The other pots that are on. */
  readonly others: readonly CookRecord[];
  /** The pot that was given up last on this device, until another is begun. */
  readonly givenUp: CookRecord | null;
  /** The notebook's pages, newest first; undefined until asked for. */
  readonly recent: readonly CookLine[] | undefined;
  readonly begin: (draft: Draft, input: PlanInput) => boolean;
  /** A tap on the pot in sight, or on another that is on. */
  readonly tap: (kind: Tap['kind'], stageId: string, more?: Saying, cookId?: string) => void;
  /** Another pot that is on comes in sight. */
  readonly show: (id: string) => void;
  readonly setPoured: (id: string, pouredMl: number) => void;
  /** How it came out; `seen` is the pot as the judge saw it. */
  readonly judge: (seen: CookLine, outcome: Omit<OutcomeRecord, 'atMs'>) => void;
  readonly giveUp: () => void;
  /** A pot given up by mistake stands on the stove again, its clock where it would be. */
  readonly takeUpAgain: (id: string) => Promise<void>;
  readonly putAway: () => void;
  readonly loadActive: (before?: string) => Promise<void>;
  readonly loadRecent: () => Promise<void>;
  /** The page of pots before the ones listed; false when there are no more. */
  readonly loadEarlier: () => Promise<boolean>;
}

/** Pots on one stove: every change is here at once, and handed to the outbox. */
export const cookStore =
  ({ nowMs, newId, outbox, ask, answer, learn, isGuest }: StoveSeams): StateCreator<CookStore> =>
  (set, get) => {
    const change = (id: string, fields: Partial<CookRecord>): void => {
      const { recent } = get();
      set({
        ...withPot(get(), id, (cook) => ({ ...cook, ...fields })),
        recent: recent?.map((c) => (c.id === id ? { ...c, ...lineOf(fields) } : c)),
      });
    };
    const say = (id: string, said: Partial<CookSaid>, seen?: CookLine): void => {
      const { recent } = get();
      const on = potsOn(get()).find((c) => c.id === id);
      const before = on ?? recent?.find((c) => c.id === id) ?? seen;
      if (!before) return;
      // Judged elsewhere while this was being judged: it stands on what was seen, and the cook is asked.
      const stoodOn = seen && !sameValue(saidOf(seen)['outcome'], saidOf(before)['outcome']) ? seen : before;
      outbox().send(saying(before, said, stoodOn));
    };
    return {
      active: null,
      others: [],
      givenUp: null,
      recent: undefined,
      begin: (draft, input) => {
        const result = answer(input);
        if (!result?.ok) return false;
        const cook = newCook(draft, input, result.value);
        set({
          ...showing(get(), cook),
          givenUp: null,
          recent: get().recent && [lineOf(cook), ...(get().recent ?? [])],
        });
        outbox().send(beginning(cook));
        return true;
      },
      tap: (kind, stageId, more = {}, cookId = get().active?.id) => {
        const cook = potsOn(get()).find((c) => c.id === cookId);
        if (!cook) return;
        const undoable = effectiveTaps(eventsOf(cook)).at(-1);
        const followsId = inOrder(eventsOf(cook)).at(-1)?.id;
        const tap: TapRecord = {
          id: newId(),
          kind,
          stageId,
          atMs: nowMs(),
          ...more,
          ...(followsId === undefined ? {} : { followsId }),
          ...(kind === 'undo' && undoable ? { undoesId: undoable.id } : {}),
        };
        change(cook.id, { events: [...(cook.events ?? []), tap] });
        outbox().send(tapping(cook, tap));
      },
      show: (id) => {
        const cook = get().others.find((c) => c.id === id);
        if (cook) set(showing(get(), cook));
      },
      setPoured: (id, pouredMl) => {
        say(id, { pouredMl });
        change(id, { pouredMl });
      },
      judge: (seen, judged) => {
        // What is not said anew stays as it was said.
        const outcome = outcomeSaid({ ...seen.outcome, ...judged });
        say(seen.id, { outcome }, seen);
        const judgedNow = { ...outcome, atMs: nowMs() };
        change(seen.id, { outcome: judgedNow });
        const whole = potsOn(get()).find((c) => c.id === seen.id) ?? seen;
        if ('input' in whole)
          void learn({ ...(whole as CookRecord), outcome: judgedNow }, seen.outcome != null);
      },
      giveUp: () => {
        const { active } = get();
        if (!active) return;
        say(active.id, { abandoned: true });
        change(active.id, { abandoned: true });
        set({ ...withoutPot(get(), active.id), givenUp: { ...active, abandoned: true } });
      },
      takeUpAgain: async (id) => {
        const { givenUp } = get();
        say(id, { abandoned: false }, givenUp ?? undefined);
        change(id, { abandoned: false });
        if (givenUp?.id === id) {
          set({ ...showing(get(), { ...givenUp, abandoned: false }), givenUp: null });
          return;
        }
        const reply = await ask('GET', cookPath(id));
        if (reply.kind === 'stored') set(showing(get(), { ...(reply.body as CookRecord), abandoned: false }));
      },
      putAway: () => {
        const { active } = get();
        if (active) set(withoutPot(get(), active.id));
      },
      loadActive: async (before) => {
        const here = potsOn(get()).map((c) => c.id);
        for (const id of new Set([...here, ...(await unfinishedIds(ask, outbox()))])) {
          const reply = await ask('GET', cookPath(id));
          const mine = potsOn(get()).find((c) => c.id === id);
          if (reply.kind === 'stored') {
            const cook = merged(mine ?? null, reply.body as CookRecord);
            // A pot judged elsewhere stays in sight where it was, and is no longer among the others.
            const isOver = cook.abandoned || (cook.outcome !== null && get().active?.id !== id);
            set(isOver ? withoutPot(get(), id) : withAnother(get(), cook));
          }
          const cook = potsOn(get()).find((c) => c.id === id);
          const isUnknown = reply.kind === 'refused' && reply.status === 404;
          // A guest sends nothing: what is over for the server is over.
          if (isUnknown && isGuest()) set(withoutPot(get(), id));
          else if (cook) sendUnsent(outbox(), cook, isUnknown, before);
        }
      },
      loadRecent: async () => {
        const reply = await ask('GET', `/api/cooks?limit=${PAGE.toString()}`);
        outbox().noteReachable(reply.kind !== 'gone');
        if (reply.kind === 'stored')
          set({ recent: withWaiting(outbox(), reply.body as CookLine[], get().recent ?? []) });
      },
      loadEarlier: async () => {
        const { recent = [] } = get();
        const last = recent.at(-1);
        if (last === undefined) return false;
        const before = `beforeMs=${last.startedAtMs.toString()}&beforeId=${last.id}`;
        const reply = await ask('GET', `/api/cooks?limit=${PAGE.toString()}&${before}`);
        if (reply.kind !== 'stored') return true;
        const earlier = reply.body as CookLine[];
        set({ recent: [...recent, ...earlier] });
        return earlier.length === PAGE;
      },
    };
  };

/**
 * Sends what is here and neither at the server nor on its way: the page was closed before it was written down. Where the household was
 * erased or replaced in between, the pot is laid before the cook instead of being written back: it is sent as of the household before.
 */
function sendUnsent(
  { waits, send }: Sends,
  cook: CookRecord,
  isUnknown: boolean,
  before: string | undefined,
): void {
  if (isUnknown && before !== undefined) {
    if (!waits(cookKey(cook.id))) send({ ...beginning(cook), epoch: before });
    return;
  }
  if (isUnknown && !waits(cookKey(cook.id))) send(beginning(cook));
  for (const tap of cook.events ?? [])
    if (tap.seq === undefined && !waits(tapKey(tap.id))) send(tapping(cook, tap));
}

/** The server's list, with what is on its way from here as it is here. */
function withWaiting(
  { waits }: Sends,
  there: readonly CookLine[],
  here: readonly CookLine[],
): readonly CookLine[] {
  const unknown = here.filter((c) => waits(cookKey(c.id)) && !there.some((t) => t.id === c.id));
  const lines = there.map((line) => {
    const mine = here.find((c) => c.id === line.id);
    return mine && waits(saidKey(line.id)) ? { ...line, ...saidFields(mine) } : line;
  });
  return [...unknown, ...lines].sort((a, b) => b.startedAtMs - a.startedAtMs);
}

/** As many pots as can be on one stove. */
const MOST_POTS = 8;

/** Pots of this household that may still be on; not those of which this device has something newer to say. */
async function unfinishedIds(ask: StoveSeams['ask'], { waits }: Sends): Promise<readonly string[]> {
  const reply = await ask('GET', `/api/cooks?limit=${(3 * MOST_POTS).toString()}`);
  const lines = reply.kind === 'stored' ? (reply.body as CookLine[]) : [];
  return lines
    .filter((line) => isUnfinished(line) && !waits(saidKey(line.id)))
    .slice(0, MOST_POTS)
    .map((line) => line.id);
}
