import type { Answer, PlanInput, Warning } from '@hammock/core';
import { Notice } from '../../ui/Notice.js';
import { ALLERGEN, CAUTION } from '../../words/words.js';
import { warningText } from '../../words/warningText.js';
import { withCautions } from '../../stores/cooks.js';

/** Warnings, each with what to do. */
export function WarningList({ warnings }: { readonly warnings: readonly Warning[] }) {
  if (warnings.length === 0) return null;
  return (
    <div aria-label="Worth knowing" role="group">
      {warnings.map((w) => {
        const { says, act } = warningText(w);
        return (
          <Notice key={w.code} urgent={w.code === 'baseAlone' || w.code === 'tooSalty'}>
            {says} <strong>{act}</strong>
          </Notice>
        );
      })}
    </div>
  );
}

/** The usual cautions that apply to this pot. */
export function CautionList({ answer, input }: { readonly answer: Answer; readonly input: PlanInput }) {
  const { cautions } = withCautions(input, answer);
  return (
    <section className="hung" aria-labelledby="cautions">
      <h2 id="cautions" className="m-0 text-[1.35rem] font-bold">
        Take care
      </h2>
      <ul className="m-0 mt-2 grid list-none gap-x-12 gap-y-1 p-0 lg:grid-cols-2">
        {cautions.map((c) => (
          <li key={c.code}>
            {CAUTION[c.code]}
            {c.allergens && ` ${c.allergens.map((a) => ALLERGEN[a]).join(', ')}. Packets vary: read them.`}
          </li>
        ))}
      </ul>
      <p className="mt-2 mb-0 text-faint">
        An answer is an estimate for an ordinary bag in this pot; your eyes at the stove come first.
      </p>
    </section>
  );
}
