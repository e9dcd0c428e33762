import type { PlanInput } from '@hammock/core';
import {
  learnMore,
  learntOf,
  NOTHING_LEARNT,
  potOf,
  type Evidence,
  type Learnt,
  type LearntOfPot,
  type MadeWith,
} from '@hammock/core/learning';
import { judgedPot, type CookRecord } from '@hammock/core/records';
import { array, looseObject, nullable, number, object, string } from 'valibot';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { ask } from '../api/http.js';
import { pots } from '../workers/pots.js';
import { cookKey, saidKey } from './cookOrders.js';
import { useOutbox } from './outbox.js';
import { nowMs } from './time.js';
import { onDevice } from '../keeping/deviceStorage.js';

interface Kept {
  /** What the household's pots have taught, as the server last worked it out; null until it was heard. */
  readonly heard: Learnt | null;
  /** What pots say that were judged on this device and that the server has not learnt from yet. */
  readonly here: readonly Evidence[];
}

interface LearntStore extends Kept {
  /** Both together. */
  readonly learnt: Learnt | null;
}

const LEARNT = object({
  ids: array(string()),
  mean: array(number()),
  covariance: array(number()),
  pots: array(number()),
});
/** Only of its own making: looked at as far as the sums need it. */
const SAID = looseObject({
  cookId: string(),
  grainId: string(),
  method: string(),
  points: number(),
  sd: number(),
});

const kept = onDevice<LearntStore, Kept>({
  name: 'hammock.learnt',
  version: 2,
  shape: object({ heard: nullable(LEARNT), here: array(SAID) }),
  steps: [(older) => older, ({ learnt }) => ({ heard: learnt, here: [] })],
  keeps: ({ heard, here }: LearntStore) => ({ heard, here }),
});

/** What was learnt, kept on this device for when the server is away. */
export const useLearnt = create<LearntStore>()(
  persist((): LearntStore => ({ heard: null, here: [], learnt: null }), {
    ...kept,
    merge: (from, current) => {
      const state = kept.merge?.(from, current) ?? current;
      return { ...state, learnt: together(state) };
    },
  }),
);

/** What is thought of what was heard and of what was judged here since. */
function together({ heard, here }: Kept): Learnt | null {
  return here.length > 0 ? learnMore(heard ?? NOTHING_LEARNT, here) : heard;
}

/** What pots have taught, one left out as if it had never been: by the server, or by this device where only it knows of it. */
export async function askLearnt(without?: string): Promise<Learnt | undefined> {
  const { heard, here } = useLearnt.getState();
  if (without !== undefined && here.some((e) => e.cookId === without))
    return learnMore(
      heard ?? NOTHING_LEARNT,
      here.filter((e) => e.cookId !== without),
    );
  const reply = await ask('GET', `/api/learnt${without === undefined ? '' : `?without=${without}`}`);
  const learnt = reply.kind === 'stored' ? (reply.body as Learnt | null) : null;
  return learnt && Array.isArray(learnt.ids) ? learnt : undefined;
}

/** Takes up what the server has learnt since; what is here stays where it does not answer. */
export async function loadLearnt(): Promise<void> {
  const heard = await askLearnt();
  if (!heard) return;
  const { waits } = useOutbox.getState();
  const before = useLearnt.getState();
  const here = before.here.filter(({ cookId }) => waits(saidKey(cookId)) || waits(cookKey(cookId)));
  if (here.length !== before.here.length || JSON.stringify(heard) !== JSON.stringify(before.heard))
    useLearnt.setState({ heard, here, learnt: together({ heard, here }) });
}

/** A pot as it was just judged teaches this device at once; the server, which knows all pots, as soon as it answers. */
export async function learnHere(cook: CookRecord, wasJudged: boolean): Promise<void> {
  const { here } = useLearnt.getState();
  const isHere = here.some((e) => e.cookId === cook.id);
  // What the server has learnt of this pot cannot be taken out of it here.
  if (wasJudged && !isHere) return;
  const pot = judgedPot(cook, nowMs());
  const says = pot
    ? await pots()
        .run({ kind: 'says', pot })
        .catch(() => undefined)
    : [];
  const now = useLearnt.getState();
  const since = [...now.here.filter((e) => e.cookId !== cook.id), ...(says ?? [])];
  useLearnt.setState({ here: since, learnt: together({ heard: now.heard, here: since }) });
}

/** What was learnt of a plan made with these, to somebody's taste; undefined where no pot touches it. */
export const learntOfPlan = (
  learnt: Learnt | null | undefined,
  input: PlanInput,
  { bagId = null, vesselId = null, hobId = null, dishId = null, by = null }: MadeWith,
): LearntOfPot | undefined =>
  learnt ? learntOf(learnt, potOf(input, { bagId, vesselId, hobId, dishId, by })) : undefined;

/** One hidden value as it was learnt. */
export interface LearntValue {
  readonly points: number;
  /** One standard deviation, points. */
  readonly sd: number;
  readonly pots: number;
}

/** What was learnt of the i-th value. */
export const valueAt = ({ ids, mean, covariance, pots }: Learnt, i: number): LearntValue => ({
  points: mean[i] ?? 0,
  sd: Math.sqrt(Math.max(0, covariance[i * ids.length + i] ?? 0)),
  pots: pots[i] ?? 0,
});

/** The best known of the values that have such an id; undefined where no pot touches one. */
export function bestKnown(learnt: Learnt | null, isIt: (id: string) => boolean): LearntValue | undefined {
  const found = learnt?.ids.flatMap((id, i) => (isIt(id) ? [valueAt(learnt, i)] : [])) ?? [];
  return found.reduce<LearntValue | undefined>((a, b) => (a && a.pots >= b.pots ? a : b), undefined);
}
