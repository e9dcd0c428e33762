import {
  answer,
  cautionsFor,
  inOrder,
  replay,
  type ChangesReply,
  type CookLine,
  type CookRecord,
  type CookSaid,
  type Fields,
  type OutcomeRecord,
  type PlanInput,
  type StageEvent,
  type TapRecord,
} from '@hammock/core';
import { array, boolean, looseObject, nullable, number, optional, string } from 'valibot';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { ask } from '../api/http.js';
import { onDevice } from '../keeping/deviceStorage.js';
import type { Order } from '../keeping/letter.js';
import { revisionIn } from '../keeping/settle.js';
import type { Draft } from './draft.js';
import { onLetters, useOutbox } from './outbox.js';
import { nowMs, onThisDevice } from './time.js';

export interface CookStore {
  /** The pot on the stove, or the last one still without an outcome. */
  readonly active: CookRecord | null;
  /** The notebook's pages, newest first; undefined until asked for. */
  readonly recent: readonly CookLine[] | undefined;
  readonly begin: (draft: Draft, input: PlanInput) => boolean;
  readonly tap: (kind: StageEvent['kind'], stageId: string, minutes?: number) => void;
  readonly setPoured: (id: string, pouredMl: number) => void;
  readonly judge: (cook: CookLine, outcome: Omit<OutcomeRecord, 'atMs'>) => void;
  readonly giveUp: () => void;
  readonly putAway: () => void;
  readonly loadActive: () => Promise<void>;
  readonly loadRecent: () => Promise<void>;
  /** The page of pots before the ones listed; false when there are no more. */
  readonly loadEarlier: () => Promise<boolean>;
  /** Takes up what the server was told by other devices. */
  readonly hear: (changes: Pick<ChangesReply, 'cooks' | 'taps'>) => Promise<void>;
}

type KeptCooks = Pick<CookStore, 'active' | 'recent'>;

const LINE = looseObject({
  id: string(),
  label: string(),
  startedAtMs: number(),
  advisedMl: number(),
  abandoned: boolean(),
  revision: number(),
});
const TAP = looseObject({ id: string(), kind: string(), stageId: string(), atMs: number() });
const WHOLE = looseObject({
  ...LINE.entries,
  input: looseObject({}),
  answer: looseObject({ stages: array(looseObject({ id: string() })) }),
  events: optional(array(TAP)),
});
const SHAPE = looseObject({ active: nullable(WHOLE), recent: optional(array(LINE)) });

/** What was kept before pots had revisions; an undo then took back the last tap by its time. */
function withRevisions(kept: Record<string, unknown>): unknown {
  const { active, recent } = kept as { active: object | null; recent?: object[] };
  return {
    active: active && { revision: 0, ...active },
    recent: recent?.map((line) => ({ revision: 0, ...line })),
  };
}

/** Pots on one page of the notebook. */
export const PAGE = 100;

/** A pot left longer than this is no longer on the stove. */
const STALE_MS = 24 * 3600 * 1000;

const keyOf = (id: string): string => `cook/${id}`;
const saidKeyOf = (id: string): string => `said/${id}`;
const pathOf = (id: string): string => `/api/cooks/${id}`;

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
      const say = (id: string, said: Partial<CookSaid>, known?: CookLine): void => {
        const { active, recent } = get();
        const before = active?.id === id ? active : (recent?.find((c) => c.id === id) ?? known);
        if (!before) return;
        useOutbox.getState().post({
          key: saidKeyOf(id),
          thread: keyOf(id),
          label: before.label,
          method: 'PATCH',
          path: pathOf(id),
          body: { ...saidOf(before), ...said },
          stands: { revision: before.revision, base: saidOf(before) },
          timed: true,
        });
      };
      return {
        active: null,
        recent: undefined,
        begin: (draft, input) => {
          const result = answer(input);
          if (!result.ok) return false;
          const cook = newCook(draft, input, result.value);
          set({ active: cook, recent: get().recent && [lineOf(cook), ...(get().recent ?? [])] });
          useOutbox.getState().post(beginning(cook));
          return true;
        },
        tap: (kind, stageId, minutes) => {
          const { active } = get();
          if (!active) return;
          const { undoable } = replay(active.answer.stages, eventsOf(active));
          const followsId = inOrder(eventsOf(active)).at(-1)?.id;
          const tap: TapRecord = {
            id: crypto.randomUUID(),
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
        judge: (cook, { texture, base, note }) => {
          say(cook.id, { outcome: { texture, base, note } }, cook);
          change(cook.id, { outcome: { texture, base, note, atMs: nowMs() } });
        },
        giveUp: () => {
          const { active } = get();
          if (!active) return;
          say(active.id, { abandoned: true });
          change(active.id, { abandoned: true });
          set({ active: null });
        },
        putAway: () => {
          set({ active: null });
        },
        loadActive: async () => {
          const here = get().active;
          const id = here?.id ?? (await unfinishedId());
          if (id === undefined) return;
          const reply = await ask('GET', pathOf(id));
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
        hear: async ({ cooks, taps }) => {
          for (const line of cooks) hearLine(line);
          for (const { cookId, ...tap } of taps) hearTap(cookId, tap);
          // A pot begun elsewhere, and nothing on this stove: it is this household's pot.
          const begun = cooks.find(isUnfinished);
          if (begun && !get().active) await get().loadActive();
        },
      };
    },
    onDevice<CookStore, KeptCooks>({
      name: 'hammock.cooks',
      version: 1,
      shape: SHAPE,
      steps: [withRevisions],
      keeps: ({ active, recent }: CookStore) => ({ active, recent: recent?.slice(0, 30) }),
    }),
  ),
);

/** What the server says of a pot, unless something newer about it is on its way. */
function hearLine(line: CookLine): void {
  const { active, recent } = useCooks.getState();
  const here: CookLine | undefined = active?.id === line.id ? active : recent?.find((c) => c.id === line.id);
  const isWaiting = useOutbox.getState().waits(saidKeyOf(line.id));
  useOutbox.getState().heardOf(saidKeyOf(line.id), { ...saidOf(line), revision: line.revision });
  const said = isWaiting && here ? { ...line, ...saidFields(here) } : line;
  const listed = recent?.some((c) => c.id === line.id);
  useCooks.setState({
    // A pot given up anywhere is off this stove too.
    active: active?.id === line.id ? (said.abandoned ? null : { ...active, ...said }) : active,
    recent: listed
      ? recent?.map((c) => (c.id === line.id ? said : c))
      : recent && [said, ...recent].sort((a, b) => b.startedAtMs - a.startedAtMs),
  });
}

function hearTap(cookId: string, tap: TapRecord): void {
  const { active } = useCooks.getState();
  if (active?.id !== cookId) return;
  const events = active.events ?? [];
  const known = events.some((e) => e.id === tap.id);
  useCooks.setState({
    active: { ...active, events: known ? events.map((e) => (e.id === tap.id ? tap : e)) : [...events, tap] },
  });
}

onLetters('cook', {
  stored: ({ body }, row) => {
    const { active } = useCooks.getState();
    const there = row as CookRecord | null;
    // The server's time of it is the household's; the plan and the answer are the same.
    if (there && body && active?.id === there.id)
      useCooks.setState({
        active: {
          ...active,
          startedAtMs: there.startedAtMs,
          revision: Math.max(active.revision, there.revision),
        },
      });
  },
});

onLetters('said', {
  stored: (_letter, row) => {
    if (row) hearLine(row as CookLine);
  },
  merged: ({ path }, said, current) => {
    const { active, recent } = useCooks.getState();
    const id = path.split('/').at(-1) ?? '';
    const here: CookLine | undefined = active?.id === id ? active : recent?.find((c) => c.id === id);
    if (!here || !said) return;
    const outcome = said['outcome'] as CookSaid['outcome'];
    const fields = {
      pouredMl: said['pouredMl'] as number | null,
      abandoned: said['abandoned'] === true,
      outcome: outcome && { atMs: nowMs(), ...here.outcome, ...outcome },
      revision: revisionIn(current),
    };
    useCooks.setState({
      active: active?.id === id ? (fields.abandoned ? null : { ...active, ...fields }) : active,
      recent: recent?.map((c) => (c.id === id ? { ...c, ...fields } : c)),
    });
  },
  again: ({ path }) => {
    const { active } = useCooks.getState();
    return active && path === pathOf(active.id) ? beginning(active) : undefined;
  },
});

onLetters('tap', {
  stored: (_letter, row) => {
    const { cookId, ...tap } = row as TapRecord & { readonly cookId: string };
    hearTap(cookId, tap);
  },
  again: ({ path }) => {
    const { active } = useCooks.getState();
    return active && path.startsWith(`${pathOf(active.id)}/`) ? beginning(active) : undefined;
  },
});

/** The order that begins a pot at the server. */
function beginning({
  id,
  label,
  dishId,
  bagId,
  vesselId,
  hobId,
  cupId,
  input,
  startedAtMs,
}: CookRecord): Order {
  const said = { label, dishId, bagId, vesselId, hobId, cupId, input };
  return {
    key: keyOf(id),
    thread: keyOf(id),
    label,
    method: 'PUT',
    path: pathOf(id),
    body: JSON.parse(JSON.stringify(said)) as Fields,
    timed: true,
    atMs: onThisDevice(startedAtMs),
  };
}

/** The order that tells the server of a tap. */
function tapping(cook: CookRecord, { id, seq: _seq, atMs, ...said }: TapRecord): Order {
  return {
    key: `tap/${id}`,
    thread: keyOf(cook.id),
    label: cook.label,
    method: 'PUT',
    path: `${pathOf(cook.id)}/events/${id}`,
    body: said,
    timed: true,
    atMs: onThisDevice(atMs),
  };
}

/** Sends what is here and neither at the server nor on its way: the page was closed before it was written down. */
function sendUnsent(cook: CookRecord, isUnknown: boolean): void {
  const { waits, post } = useOutbox.getState();
  if (isUnknown && !waits(keyOf(cook.id))) post(beginning(cook));
  for (const tap of cook.events ?? [])
    if (tap.seq === undefined && !waits(`tap/${tap.id}`)) post(tapping(cook, tap));
}

/** The server's list, with what is on its way from here as it is here. */
function withWaiting(there: readonly CookLine[], here: readonly CookLine[]): readonly CookLine[] {
  const { waits } = useOutbox.getState();
  const unknown = here.filter((c) => waits(keyOf(c.id)) && !there.some((t) => t.id === c.id));
  const lines = there.map((line) => {
    const mine = here.find((c) => c.id === line.id);
    return mine && waits(saidKeyOf(line.id)) ? { ...line, ...saidFields(mine) } : line;
  });
  return [...unknown, ...lines].sort((a, b) => b.startedAtMs - a.startedAtMs);
}

const saidFields = ({
  pouredMl,
  abandoned,
  outcome = null,
}: CookLine): Pick<CookLine, 'pouredMl' | 'abandoned' | 'outcome'> => ({
  pouredMl,
  abandoned,
  outcome,
});

/** What was said of a pot, as it travels. */
function saidOf({ pouredMl, abandoned, outcome }: CookLine): Fields {
  const { texture, base, note } = outcome ?? {};
  return { pouredMl, abandoned, outcome: outcome ? { texture, base, note } : null };
}

const isUnfinished = ({ abandoned, outcome, startedAtMs }: CookLine): boolean =>
  !abandoned && !outcome && nowMs() - startedAtMs < STALE_MS;

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
    startedAtMs: nowMs(),
    abandoned: false,
    events: [],
    outcome: null,
    revision: 0,
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
  return newest && isUnfinished(newest) ? newest.id : undefined;
}

/** Taps from here and from there together; what is only here is still on its way. */
function merged(here: CookRecord | null, there: CookRecord): CookRecord {
  if (here?.id !== there.id) return there;
  const known = new Set((there.events ?? []).map((e) => e.id));
  const waiting = (here.events ?? []).filter((e) => !known.has(e.id));
  const isWaiting = useOutbox.getState().waits(saidKeyOf(there.id));
  return {
    ...there,
    ...(isWaiting ? saidFields(here) : {}),
    events: [...(there.events ?? []), ...waiting],
  };
}

/** The taps of a cook as the core replays them: what is null as it travels is left out here. */
export const eventsOf = (cook: CookRecord): StageEvent[] =>
  (cook.events ?? []).map(({ id, kind, stageId, atMs, seq, minutes, followsId, undoesId }) => ({
    id,
    kind,
    stageId,
    atMs,
    ...(seq === undefined ? {} : { seq }),
    ...(minutes === null || minutes === undefined ? {} : { minutes }),
    ...(followsId === null || followsId === undefined ? {} : { followsId }),
    ...(undoesId === null || undoesId === undefined ? {} : { undoesId }),
  }));
