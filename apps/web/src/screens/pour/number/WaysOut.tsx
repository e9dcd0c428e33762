import type { Answer } from '@hammock/core';
import { useDraft } from '../../../stores/plan/draft.js';
import { Button } from '../../../ui/controls/Button.js';
import { HEAT } from '../../../words/words.js';
import * as w from '../../../words/screens/pourNumber.js';

/** Three ways out of a base that is too much, each done by one press and undone by another. */
export function WaysOut({ answer }: { readonly answer: Answer }) {
  const ways = answer.waysOut;
  if (!ways) return null;
  const round = (g: number): number => Math.round(g / 5) * 5;
  const { setSpec, draft } = useDraft.getState();
  const spec = draft?.spec;
  const pots = answer.pots;
  return (
    <section aria-label={w.threeWaysOut} className="border-2 border-ember px-4 py-3">
      <p className="m-0 text-[1.15rem] font-bold">{w.theBaseAloneBringsG(round(ways.overG))}</p>
      <div className="mt-2 flex flex-wrap gap-3">
        {ways.takeOutOf === 'base' ? (
          <Button
            onClick={() =>
              setSpec({
                base: { ...spec?.base, ladleOutG: (spec?.base?.ladleOutG ?? 0) + ways.takeOutG * pots },
              })
            }
          >
            {w.ladleOutG(round(ways.takeOutG))}
          </Button>
        ) : (
          <span className="self-center">{w.leaveOutGOfWhat(round(ways.takeOutG))}</span>
        )}
        {answer.base.massG > 0 && (
          <Button
            onClick={() =>
              setSpec({ base: { ...spec?.base, weighsG: (answer.base.massG - ways.overG) * pots } })
            }
          >
            {w.cookItDownMinOn(
              Math.ceil(ways.cookDownMin),
              HEAT[ways.heat as keyof typeof HEAT],
              round(answer.base.massG - ways.overG),
            )}
          </Button>
        )}
        <Button
          onClick={() => setSpec({ grain: { g: Math.round((answer.grainG + ways.addGrainG) * pots) } })}
        >
          {w.addGOfGrain(round(ways.addGrainG))}
        </Button>
      </div>
    </section>
  );
}
