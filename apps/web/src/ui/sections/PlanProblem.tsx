import { Link } from 'react-router';
import type { PlanView } from '../../stores/plan/usePlan.js';
import { fieldText } from '../../words/storage/syncWords.js';
import * as w from '../../words/ui/sections.js';

/** What is wrong with the plan, where, and the way there. What else is on the screen is the plan before it. */
export function PlanProblem({ plan, at }: { readonly plan: PlanView; readonly at: string }) {
  const [problem] = plan.problems;
  if (!problem) return null;
  const field = problem.field.replace(/[.[].*$/u, '');
  const where = field === 'stages' || field === 'timing' ? '/method' : '/';
  return (
    <p role="alert" className="m-0 text-ember">
      {capital(fieldText(field))}: {plan.problemAt(problem.field)} {plan.good && <>{w.shownHereIsThePlan} </>}
      {where !== at && (
        <Link
          to={where}
          state={{ mend: true }}
          className="inline-flex min-h-11 items-center font-semibold underline decoration-2 underline-offset-4"
        >
          {w.goAndChangeIt}
        </Link>
      )}
    </p>
  );
}

const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);
