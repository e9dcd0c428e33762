import type { Answer, PlanInput } from '@hammock/core';
import { cautionText } from '../../../words/plan/cautions.js';
import { withCautions } from '../../../stores/cooks/cookRecord.js';
import * as w from '../../../words/screens/pourGoesIn.js';

/** The usual cautions that apply to this pot. */
export function CautionList({ answer, input }: { readonly answer: Answer; readonly input: PlanInput }) {
  const { cautions } = withCautions(input, answer);
  return (
    <section className="hung" aria-labelledby="cautions">
      <h2 id="cautions" className="m-0 text-[1.35rem] font-bold">
        {w.takeCare}
      </h2>
      <ul className="m-0 mt-2 grid list-none gap-x-12 gap-y-1 p-0 lg:grid-cols-2">
        {cautions.map((c) => (
          <li key={c.code}>{cautionText(c)}</li>
        ))}
      </ul>
      <p className="mt-2 mb-0 text-faint">{w.anAnswerIsAnEstimate}</p>
    </section>
  );
}
