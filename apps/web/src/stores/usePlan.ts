import type { Answer, PlanInput, PlanProblem } from '@hammock/core';
import { useMemo, useState } from 'react';
import { planInputOf } from './planInput.js';
import { useDraft } from './draft.js';
import type { Draft } from './draftOf.js';
import { useEngine } from './engine.js';
import { useKitchenThings } from './kitchenThings.js';

/** The plan on the screen with its answer. While a field cannot be read the last good answer stays. */
export interface PlanView {
  readonly draft: Draft;
  readonly input: PlanInput;
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
  const input = useMemo(() => (draft ? planInputOf(draft, kitchen) : undefined), [draft, kitchen]);
  const engine = useEngine();
  const result = useMemo(() => (input ? engine?.answer(input) : undefined), [engine, input]);
  const [last, setLast] = useState<Answer | undefined>(undefined);
  if (result?.ok && last !== result.value) setLast(result.value);
  if (!draft || !input) return undefined;
  const problems = result === undefined || result.ok ? [] : result.error;
  return {
    draft,
    input,
    answer: result?.ok ? result.value : last,
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
