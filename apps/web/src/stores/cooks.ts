import {
  answer,
  cautionsFor,
  type CookLine,
  type CookRecord,
  type OutcomeRecord,
  type PlanInput,
  type StageEvent,
} from '@hammock/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { ask } from '../api/http.js';
import type { Draft } from './draft.js';
import { useOutbox } from './outbox.js';

export interface CookStore {
  /** The pot on the stove, or the last one still without an outcome. */
  readonly active: CookRecord | null;
  /** The notebook's pages, newest first; undefined until asked for. */
  readonly recent: readonly CookLine[] | undefined;
  readonly begin: (draft: Draft, input: PlanInput) => boolean;
  readonly tap: (kind: StageEvent['kind'], stageId: string, minutes?: number) => void;
  readonly setPoured: (id: string, pouredMl: number) => void;
  readonly judge: (id: string, outcome: OutcomeRecord) => void;
  readonly giveUp: () => void;
  readonly putAway: () => void;
  readonly loadActive: () => Promise<void>;
  readonly loadRecent: () => Promise<void>;
  /** The page of pots before the ones listed; false when there are no more. */
  readonly loadEarlier: () => Promise<boolean>;
}

/** Pots on one page of the notebook. */
export const PAGE = 100;

/** A pot left longer than this is no longer on the stove. */
const STALE_MS = 24 * 3600 * 1000;

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
      return {
        active: null,
        recent: undefined,
        begin: (draft, input) => {
          const result = answer(input);
          if (!result.ok) return false;
          const cook = newCook(draft, input, result.value);
          const { id, label, startedAtMs, dishId, bagId, vesselId, hobId, cupId } = cook;
          set({ active: cook, recent: get().recent && [lineOf(cook), ...(get().recent ?? [])] });
          const body = { label, startedAtMs, dishId, bagId, vesselId, hobId, cupId, input };
          useOutbox.getState().post({ key: `cook/${id}`, method: 'PUT', path: `/api/cooks/${id}`, body });
          return true;
        },
        tap: (kind, stageId, minutes) => {
          const { active } = get();
          if (!active) return;
          const event = {
            id: crypto.randomUUID(),
            kind,
            stageId,
            atMs: Date.now(),
            ...(minutes === undefined ? {} : { minutes }),
          };
          change(active.id, { events: [...(active.events ?? []), event] });
          const { id, ...body } = event;
          useOutbox
            .getState()
            .post({ key: `event/${id}`, method: 'PUT', path: `/api/cooks/${active.id}/events/${id}`, body });
        },
        setPoured: (id, pouredMl) => {
          change(id, { pouredMl });
          useOutbox
            .getState()
            .post({ key: `poured/${id}`, method: 'PATCH', path: `/api/cooks/${id}`, body: { pouredMl } });
        },
        judge: (id, outcome) => {
          change(id, { outcome });
          useOutbox
            .getState()
            .post({ key: `outcome/${id}`, method: 'PUT', path: `/api/cooks/${id}/outcome`, body: outcome });
        },
        giveUp: () => {
          const { active } = get();
          if (!active) return;
          change(active.id, { abandoned: true });
          set({ active: null });
          useOutbox.getState().post({
            key: `abandon/${active.id}`,
            method: 'PATCH',
            path: `/api/cooks/${active.id}`,
            body: { abandoned: true },
          });
        },
        putAway: () => {
          set({ active: null });
        },
        loadActive: async () => {
          const here = get().active;
          const id = here?.id ?? (await unfinishedId());
          if (id === undefined) return;
          const reply = await ask('GET', `/api/cooks/${id}`);
          if (reply.kind === 'stored') set({ active: merged(get().active, reply.body as CookRecord) });
        },
        loadRecent: async () => {
          const reply = await ask('GET', `/api/cooks?limit=${PAGE.toString()}`);
          useOutbox.getState().noteReachable(reply.kind !== 'gone');
          if (reply.kind === 'stored') set({ recent: reply.body as CookLine[] });
        },
        loadEarlier: async () => {
          const { recent = [] } = get();
          const before = recent.at(-1)?.startedAtMs;
          if (before === undefined) return false;
          const reply = await ask('GET', `/api/cooks?limit=${PAGE.toString()}&beforeMs=${before.toString()}`);
          if (reply.kind !== 'stored') return true;
          const earlier = reply.body as CookLine[];
          set({ recent: [...recent, ...earlier] });
          return earlier.length === PAGE;
        },
      };
    },
    { name: 'hammock.cooks', partialize: ({ active, recent }) => ({ active, recent: recent?.slice(0, 30) }) },
  ),
);

/** What the notebook's list keeps of a cook. */
function lineOf<T extends Partial<CookRecord>>(cook: T): Omit<T, 'input' | 'answer' | 'events'> {
  const { input, answer, events, ...line } = cook;
  return line;
}

function newCook(draft: Draft, input: PlanInput, found: Parameters<typeof withCautions>[1]): CookRecord {
  const { dishId, bagId, vesselId, hobId, label } = draft;
  return {
    id: crypto.randomUUID(),
    dishId,
    bagId,
    vesselId,
    hobId,
    cupId: null,
    label,
    input,
    answer: withCautions(input, found),
    advisedMl: found.verdict === 'pour' ? found.pour.ml : 0,
    pouredMl: null,
    startedAtMs: Date.now(),
    abandoned: false,
    events: [],
    outcome: null,
  };
}

/** The answer with the cautions that apply, as the server gives it. */
export function withCautions(
  input: PlanInput,
  found: Omit<CookRecord['answer'], 'cautions'>,
): CookRecord['answer'] {
  const cautions = cautionsFor({
    grainId: input.grainId,
    ingredientIds: (input.ingredients ?? []).map((i) => i.ingredientId),
    washed: (input.wash ?? 'unwashed') !== 'unwashed' || (input.soakMin ?? 0) > 0,
    stages: found.stages,
    ...(input.own === undefined ? {} : { own: input.own }),
    ...(input.crust === undefined ? {} : { crust: input.crust }),
  });
  return { ...found, cautions };
}

async function unfinishedId(): Promise<string | undefined> {
  const reply = await ask('GET', '/api/cooks?limit=1');
  const [newest] = reply.kind === 'stored' ? (reply.body as CookLine[]) : [];
  const unfinished =
    newest && !newest.abandoned && !newest.outcome && Date.now() - newest.startedAtMs < STALE_MS;
  return unfinished ? newest.id : undefined;
}

/** Taps from here and from there together; what is only here is still on its way. */
function merged(here: CookRecord | null, there: CookRecord): CookRecord {
  if (here?.id !== there.id) return there;
  const known = new Set((there.events ?? []).map((e) => e.id));
  const waiting = (here.events ?? []).filter((e) => !known.has(e.id));
  return {
    ...there,
    events: [...(there.events ?? []), ...waiting],
    pouredMl: here.pouredMl ?? there.pouredMl,
    outcome: here.outcome ?? there.outcome ?? null,
  };
}

/** The taps of a cook as the core replays them. */
export const eventsOf = (cook: CookRecord): StageEvent[] =>
  (cook.events ?? []).map(({ minutes, ...event }) => ({
    ...event,
    ...(minutes === null || minutes === undefined ? {} : { minutes }),
  }));
