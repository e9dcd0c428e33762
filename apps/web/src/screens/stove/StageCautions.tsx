import type { RunState } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import { useKeptState } from '../../stores/session/persisted.js';
import { Button } from '../../ui/controls/Button.js';
import { cautionsAt } from '../../words/plan/cautionsAt.js';
import { cautionText } from '../../words/plan/cautions.js';
import * as w from '../../words/screens/stove.js';

/** The cautions of this act; put away once a pot, and never for good. */
export function StageCautions({ cook, run }: { readonly cook: CookRecord; readonly run: RunState }) {
  const [seen, setSeen] = useKeptState<readonly string[]>(`cautions.${cook.id}`, []);
  const here = cautionsAt(
    cook.answer.cautions,
    run.stages.map((r) => r.stage),
    run.current,
  ).filter((c) => !seen.includes(`${c.code}${run.current.toString()}`));
  if (here.length === 0) return null;
  return (
    <section aria-label={w.takeCare} className="flex items-start justify-between gap-3 bg-raised px-3 py-2">
      <ul className="m-0 list-none p-0 text-[1.02rem] leading-snug">
        {here.map((c) => (
          <li key={c.code}>{cautionText(c)}</li>
        ))}
      </ul>
      <Button
        weight="plain"
        className="min-h-14 min-w-14 shrink-0"
        onClick={() => setSeen([...seen, ...here.map((c) => `${c.code}${run.current.toString()}`)])}
      >
        {w.seen}
      </Button>
    </section>
  );
}
