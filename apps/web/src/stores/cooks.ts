import { inOrder, replay, type PlanInput, type StageEvent } from '@hammock/core';
import {
  sameValue,
  type CookLine,
  type CookRecord,
  type CookSaid,
  type OutcomeRecord,
  type TapRecord,
} from '@hammock/core/records';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { ask } from '../api/http.js';
import { onDevice } from '../keeping/deviceStorage.js';
import { beginning, cookKey, cookPath, saidFields, saidKey, saidOf, tapKey, tapping } from './cookOrders.js';
import { eventsOf, isUnfinished, lineOf, newCook } from './cookRecord.js';
import { COOKS_SHAPE, cooksWithRevisions } from './cooksKept.js';
import type { Draft } from './draftOf.js';
import { engineNow } from './engine.js';
import { useOutbox } from './outbox.js';
import { nowMs } from './time.js';
import { newId } from '../keeping/newId.js';

export interface CookStore {
  /** The pot on the stove, or the last one still without an outcome. */
  readonly active: CookRecord | null;
  /** The pot that was given up last on this device, until another is begun. */
  readonly givenUp: CookRecord | null;
  /** The notebook's pages, newest first; undefined until asked for. */
  readonly recent: readonly CookLine[] | undefined;
  readonly begin: (draft: Draft, input: PlanInput) => boolean;
  readonly tap: (kind: StageEvent['kind'], stageId: string, minutes?: number) => void;
  readonly setPoured: (id: string, pouredMl: number) => void;
  /** How it came out; `seen` is the pot as whoever judged it saw it. */
  readonly judge: (seen: CookLine, outcome: Omit<OutcomeRecord, 'atMs'>) => void;
  readonly giveUp: () => void;
  /** A pot given up by mistake stands on the stove again, its clock where it would be. */
  readonly takeUpAgain: (id: string) => Promise<void>;
  readonly putAway: () => void;
  readonly loadActive: () => Promise<void>;
  readonly loadRecent: () => Promise<void>;
  /** The page of pots before the ones listed; false when there are no more. */
  readonly loadEarlier: () => Promise<boolean>;
}

type KeptCooks = Pick<CookStore, 'active' | 'givenUp' | 'recent'>;

/** Pots on one page of the notebook. */
export const PAGE = 100;

/** Cooks: every change is here at once, in the browser's storage, and on its way to the server. */
export const useCooks = create<CookStore>()(
  persist(
    (set, get) => {
      const change = (id: string, fields: Partial<CookRecord>): void => {
        const { active, recent } = get();
        set({
          active: active?.id === id ? { ...active, ...fields } : active,
          recent: recent?.map((c) => (c.id === id ? { ...c, ...lineOf(fields) } : c)),
        });
      };
      const say = (id: string, said: Partial<CookSaid>, seen?: CookLine): void => {
        const { active, recent } = get();
        const before = active?.id === id ? active : (recent?.find((c) => c.id === id) ?? seen);
        if (!before) return;
        // Judged elsewhere while this was being judged: it stands on what was seen, and the cook is asked.
        const stoodOn =
          seen && !sameValue(saidOf(seen)['outcome'], saidOf(before)['outcome']) ? seen : before;
        useOutbox.getState().post({
          key: saidKey(id),
          thread: cookKey(id),
          label: before.label,
          method: 'PATCH',
          path: cookPath(id),
          body: { ...saidOf(before), ...said },
          stands: { revision: stoodOn.revision, base: saidOf(stoodOn) },
          timed: true,
        });
      };
      return {
        active: null,
        givenUp: null,
        recent: undefined,
        begin: (draft, input) => {
          const result = engineNow()?.answer(input);
          if (!result?.ok) return false;
          const cook = newCook(draft, input, result.value);
          set({
            active: cook,
            givenUp: null,
            recent: get().recent && [lineOf(cook), ...(get().recent ?? [])],
          });
          useOutbox.getState().post(beginning(cook));
          return true;
        },
        tap: (kind, stageId, minutes) => {
          const { active } = get();
          if (!active) return;
          const { undoable } = replay(active.answer.stages, eventsOf(active));
          const followsId = inOrder(eventsOf(active)).at(-1)?.id;
          const tap: TapRecord = {
            id: newId(),
            kind,
            stageId,
            atMs: nowMs(),
            ...(minutes === undefined ? {} : { minutes }),
            ...(followsId === undefined ? {} : { followsId }),
            ...(kind === 'undo' && undoable ? { undoesId: undoable.id } : {}),
          };
          change(active.id, { events: [...(active.events ?? []), tap] });
          useOutbox.getState().post(tapping(active, tap));
        },
        setPoured: (id, pouredMl) => {
          say(id, { pouredMl });
          change(id, { pouredMl });
        },
        judge: (seen, { texture, base, note }) => {
          say(seen.id, { outcome: { texture, base, note } }, seen);
          change(seen.id, { outcome: { texture, base, note, atMs: nowMs() } });
        },
        giveUp: () => {
          const { active } = get();
          if (!active) return;
          say(active.id, { abandoned: true });
          change(active.id, { abandoned: true });
          set({ active: null, givenUp: { ...active, abandoned: true } });
        },
        takeUpAgain: async (id) => {
          const { givenUp } = get();
          say(id, { abandoned: false }, givenUp ?? undefined);
          change(id, { abandoned: false });
          if (givenUp?.id === id) {
            set({ active: { ...givenUp, abandoned: false }, givenUp: null });
            return;
          }
          const reply = await ask('GET', cookPath(id));
          if (reply.kind === 'stored') set({ active: { ...(reply.body as CookRecord), abandoned: false } });
        },
        putAway: () => {
          set({ active: null });
        },
        loadActive: async () => {
          const here = get().active;
          const id = here?.id ?? (await unfinishedId());
          if (id === undefined) return;
          const reply = await ask('GET', cookPath(id));
          if (reply.kind === 'stored') {
            const cook = merged(get().active, reply.body as CookRecord);
            set({ active: cook.abandoned ? null : cook });
          }
          const { active } = get();
          if (active) sendUnsent(active, reply.kind === 'refused' && reply.status === 404);
        },
        loadRecent: async () => {
          const reply = await ask('GET', `/api/cooks?limit=${PAGE.toString()}`);
          useOutbox.getState().noteReachable(reply.kind !== 'gone');
          if (reply.kind === 'stored')
            set({ recent: withWaiting(reply.body as CookLine[], get().recent ?? []) });
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
    },
    onDevice<CookStore, KeptCooks>({
      name: 'hammock.cooks',
      version: 1,
      shape: COOKS_SHAPE,
      steps: [cooksWithRevisions],
      keeps: ({ active, givenUp, recent }: CookStore) => ({ active, givenUp, recent: recent?.slice(0, 30) }),
    }),
  ),
);

/** Sends what is here and neither at the server nor on its way: the page was closed before it was written down. */
function sendUnsent(cook: CookRecord, isUnknown: boolean): void {
  const { waits, post } = useOutbox.getState();
  if (isUnknown && !waits(cookKey(cook.id))) post(beginning(cook));
  for (const tap of cook.events ?? [])
    if (tap.seq === undefined && !waits(tapKey(tap.id))) post(tapping(cook, tap));
}

/** The server's list, with what is on its way from here as it is here. */
function withWaiting(there: readonly CookLine[], here: readonly CookLine[]): readonly CookLine[] {
  const { waits } = useOutbox.getState();
  const unknown = here.filter((c) => waits(cookKey(c.id)) && !there.some((t) => t.id === c.id));
  const lines = there.map((line) => {
    const mine = here.find((c) => c.id === line.id);
    return mine && waits(saidKey(line.id)) ? { ...line, ...saidFields(mine) } : line;
  });
  return [...unknown, ...lines].sort((a, b) => b.startedAtMs - a.startedAtMs);
}

async function unfinishedId(): Promise<string | undefined> {
  const reply = await ask('GET', '/api/cooks?limit=1');
  const [newest] = reply.kind === 'stored' ? (reply.body as CookLine[]) : [];
  return newest && isUnfinished(newest) ? newest.id : undefined;
}

/** Taps from here and from there together; what is only here is still on its way. */
function merged(here: CookRecord | null, there: CookRecord): CookRecord {
  if (here?.id !== there.id) return there;
  const known = new Set((there.events ?? []).map((e) => e.id));
  const waiting = (here.events ?? []).filter((e) => !known.has(e.id));
  const isWaiting = useOutbox.getState().waits(saidKey(there.id));
  return {
    ...there,
    ...(isWaiting ? saidFields(here) : {}),
    events: [...(there.events ?? []), ...waiting],
  };
}
