import type { Evidence, Learnt } from '@hammock/core/learning';
import { judgedPot, type CookRecord } from '@hammock/core/records';
import { array, looseObject, nullable, number, object, string } from 'valibot';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { ask } from '../../api/http.js';
import { pots } from '../../workers/pots.js';
import { cookKey, saidKey } from '../../sync/cookKeys.js';
import { useOutbox } from '../session/pendingWrites.js';
import { nowMs } from '../session/time.js';
import { onDevice } from '../../storage/deviceStorage.js';

interface LearntStore {
  /** What the household's pots have taught, as the server last worked it out; null until it was heard. */
  readonly heard: Learnt | null;
  /** What pots say that were judged on this device and that the server has not learnt from yet. */
  readonly here: readonly Evidence[];
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

/** What was learnt, kept on this device for when the server is away. */
export const useLearnt = create<LearntStore>()(
  persist(
    (): LearntStore => ({ heard: null, here: [], learnt: null }),
    onDevice<LearntStore, LearntStore>({
      name: 'hammock.learnt',
      lasts: true,
      version: 2,
      shape: object({ heard: nullable(LEARNT), here: array(SAID), learnt: nullable(LEARNT) }),
      steps: [(older) => older, ({ learnt }) => ({ heard: learnt, here: [], learnt })],
      keeps: ({ heard, here, learnt }: LearntStore) => ({ heard, here, learnt }),
    }),
  ),
);

/** What is thought of what was heard and of what was judged here since: worked out apart, most devices never need it. */
const together = async (heard: Learnt | null, here: readonly Evidence[]): Promise<Learnt | null> =>
  here.length === 0 ? heard : ((await pots().run({ kind: 'learn', heard, here })) ?? heard);

/** What pots have taught, one left out as if it had never been: by the server, or by this device where only it knows of it. */
export async function askLearnt(without?: string): Promise<Learnt | undefined> {
  const { heard, here } = useLearnt.getState();
  if (without !== undefined && here.some((e) => e.cookId === without)) {
    const others = here.filter((e) => e.cookId !== without);
    return (await together(heard, others)) ?? NOTHING;
  }
  const reply = await ask('GET', `/api/learnt${without === undefined ? '' : `?without=${without}`}`);
  const learnt = reply.kind === 'stored' ? (reply.body as Learnt | null) : null;
  return learnt && Array.isArray(learnt.ids) ? learnt : undefined;
}
/** Whether what was said of a pot is not at the server yet. */
function isOnItsWay(cookId: string): boolean {
  const { waits } = useOutbox.getState();
  return waits(saidKey(cookId)) || waits(cookKey(cookId));
}

let lastAsked = 0;

const NOTHING: Learnt = { ids: [], mean: [], covariance: [], pots: [] };

/**
 * Takes up what the server has learnt since; what is here stays where it does not answer.
 * @returns whether that was all: not while it does not answer, nor while it has not heard of every pot judged here
 */
export async function loadLearnt(): Promise<boolean> {
  lastAsked += 1;
  const mine = lastAsked;
  const heard = await askLearnt();
  // What was asked for later knows more, whichever reply is here first.
  if (!heard || mine !== lastAsked) return false;
  const before = useLearnt.getState();
  const here = before.here.filter(({ cookId }) => isOnItsWay(cookId));
  if (here.length !== before.here.length || JSON.stringify(heard) !== JSON.stringify(before.heard))
    useLearnt.setState({ heard, here, learnt: await together(heard, here) });
  return here.length === 0;
}

/** A pot as it was just judged teaches this device at once; the server, which knows all pots, as soon as it answers. */
export async function learnHere(cook: CookRecord, wasJudged: boolean): Promise<void> {
  const isHere = useLearnt.getState().here.some((e) => e.cookId === cook.id);
  // What the server has learnt of this pot cannot be taken out of it here.
  if (wasJudged && !isHere) return;
  const pot = judgedPot(cook, nowMs());
  try {
    const says = pot ? await pots().run({ kind: 'says', pot }) : [];
    // It took so long that the server has it: then it is the one that teaches, and this would count twice.
    if (!isOnItsWay(cook.id)) {
      await loadLearnt();
      return;
    }
    const { heard, here: before } = useLearnt.getState();
    const here = [...before.filter((e) => e.cookId !== cook.id), ...(says ?? [])];
    useLearnt.setState({ here, learnt: await together(heard, here) });
  } catch {
    // Without workers it is learnt when the server answers.
  }
}

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
