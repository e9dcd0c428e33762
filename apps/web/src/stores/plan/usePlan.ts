import type { Answer, PlanInput, PlanProblem } from '@hammock/core';
import { useEffect, useMemo } from 'react';
import { plainInputOf } from './planInput.js';
import { useDraft } from './draft.js';
import type { Draft } from './draftOf.js';
import { useCore } from './core.js';
import { useLastGood } from './lastGood.js';
import { useKitchenThings } from '../kitchen/kitchenThings.js';

/** The plan on the screen with its answer. While a field cannot be read the last good answer stays. */
export interface PlanView {
  readonly draft: Draft;
  readonly input: PlanInput;
  /** The plan as it could last be answered: what a screen shows while something in it cannot be read. */
  readonly good: PlanInput | undefined;
  readonly answer: Answer | undefined;
  /** True when `answer` is from before the present problems. */
  readonly stale: boolean;
  /** True while what works answers out is on its way. */
  readonly coming: boolean;
  readonly problems: readonly PlanProblem[];
  /** What is wrong at a field or anywhere under it, in a sentence. */
  readonly problemAt: (field: string) => string | undefined;
}

/** The draft, answered at every change; there is no answer until what works it out has come. */
export function usePlan(): PlanView | undefined {
  const draft = useDraft((s) => s.draft);
  const kitchen = useKitchenThings();
  const engine = useCore();
  // What pots have taught is known once the core is there, and so is the number.
  const input = useMemo(
    () => (draft ? (engine?.planInputOf ?? plainInputOf)(draft, kitchen) : undefined),
    [draft, engine, kitchen],
  );
  const result = useMemo(() => (input ? engine?.answer(input) : undefined), [engine, input]);
  const planId = draft?.planId;
  const good = useGood(planId, input, result?.ok);
  const last = useMemo(
    () => (good && good !== input ? engine?.answer(good) : undefined),
    [engine, good, input],
  );
  if (!draft || !input) return undefined;
  const problems = result === undefined || result.ok ? [] : result.error;
  return {
    draft,
    input,
    good,
    answer: result?.ok ? result.value : last?.ok ? last.value : undefined,
    stale: result !== undefined && !result.ok,
    coming: result === undefined,
    problems,
    problemAt: (field) => {
      const found = problems.find(
        (p) => p.field === field || p.field.startsWith(`${field}.`) || p.field.startsWith(`${field}[`),
      );
      return found && engine?.problemText(found);
    },
  };
}

/** Remembers a plan that could be answered, and gives the last one while this one cannot be. */
function useGood(
  planId: string | undefined,
  input: PlanInput | undefined,
  isGood: boolean | undefined,
): PlanInput | undefined {
  const kept = useLastGood((s) => s.good);
  useEffect(() => {
    if (isGood === true && planId !== undefined && input) useLastGood.setState({ good: { planId, input } });
  }, [isGood, planId, input]);
  if (isGood === true) return input;
  return kept?.planId === planId ? kept?.input : undefined;
}
