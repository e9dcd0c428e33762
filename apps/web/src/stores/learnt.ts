import { learntOf, type Learnt, type LearntOfPot } from '@hammock/core/learning';
import { array, nullable, number, object, string } from 'valibot';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { ask } from '../api/http.js';
import { onDevice } from '../keeping/deviceStorage.js';
import type { Draft } from './draftOf.js';

interface LearntStore {
  /** What the household's pots have taught, as the server last worked it out; null until it was heard. */
  readonly learnt: Learnt | null;
}

/** What was learnt, kept on this device for when the server is away. */
export const useLearnt = create<LearntStore>()(
  persist(
    (): LearntStore => ({ learnt: null }),
    onDevice<LearntStore, LearntStore>({
      name: 'hammock.learnt',
      version: 1,
      shape: object({
        learnt: nullable(
          object({
            ids: array(string()),
            mean: array(number()),
            covariance: array(number()),
            pots: array(number()),
          }),
        ),
      }),
      steps: [],
      keeps: ({ learnt }: LearntStore) => ({ learnt }),
    }),
  ),
);

/** Asks the server what pots have taught; one that is left out, as if it had never been. */
export async function askLearnt(without?: string): Promise<Learnt | undefined> {
  const reply = await ask('GET', `/api/learnt${without === undefined ? '' : `?without=${without}`}`);
  const learnt = reply.kind === 'stored' ? (reply.body as Learnt | null) : null;
  return learnt && Array.isArray(learnt.ids) ? learnt : undefined;
}

/** Takes up what the server has learnt since; what is here stays where it does not answer. */
export async function loadLearnt(): Promise<void> {
  const learnt = await askLearnt();
  if (learnt && JSON.stringify(learnt) !== JSON.stringify(useLearnt.getState().learnt))
    useLearnt.setState({ learnt });
}

type Of = Pick<Draft, 'spec' | 'bagId' | 'vesselId' | 'hobId'> & { readonly dishId?: string | null };

/** What was learnt of a plan made with these, to somebody's taste; undefined where no pot touches it. */
export const learntOfPlan = (
  learnt: Learnt | null | undefined,
  { spec: { grainId, method = 'coveredAbsorption' }, bagId, vesselId, hobId, dishId = null }: Of,
  by: string | null = null,
): LearntOfPot | undefined =>
  learnt ? learntOf(learnt, { grainId, method, bagId, vesselId, hobId, dishId, by }) : undefined;

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
