import type { BeforeStage } from '@hammock/core';
import { ACT } from '../../words/plan/acts.js';
import { whole } from '../../words/measures/numbers.js';
import * as w from '../../words/screens/course.js';

/** What is done before the liquid, in a line each. */
export function BeforeThePour({ stages }: { readonly stages: readonly BeforeStage[] }) {
  if (stages.length === 0) return null;
  return (
    <p className="m-0 text-faint">
      {w.beforeThePour(
        stages
          .map((s) => {
            const minutes = `${whole(Math.max(1, s.toMin - s.fromMin))} min`;
            const extra =
              s.soaked !== undefined
                ? w.ofWhatItCanTakeUp(whole(100 * s.soaked))
                : s.colour !== undefined && s.colour !== 'raw'
                  ? w.to(s.colour)
                  : s.noodles !== undefined
                    ? w.noodles(s.noodles === 'deep' ? 'brown' : s.noodles)
                    : '';
            return `${ACT[s.act].name.toLowerCase()} ${minutes}${extra}`;
          })
          .join('; '),
      )}
    </p>
  );
}
