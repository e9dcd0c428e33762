import type { Answer } from '@hammock/core';
import { useDraft } from '../../../stores/plan/draft.js';
import { Button } from '../../../ui/controls/Button.js';
import { HEAT } from '../../../words/words.js';

/** Three ways out of a base that is too much, each done by one press and undone by another. */
export function WaysOut({ answer }: { readonly answer: Answer }) {
  const ways = answer.waysOut;
  if (!ways) return null;
  const round = (g: number): number => Math.round(g / 5) * 5;
  const { setSpec, draft } = useDraft.getState();
  const spec = draft?.spec;
  const pots = answer.pots;
  return (
    <section aria-label="Three ways out" className="border-2 border-ember px-4 py-3">
      <p className="m-0 text-[1.15rem] font-bold">
        The base alone brings {round(ways.overG)} g of water too much. Pour nothing, and do one of these:
      </p>
      <div className="mt-2 flex flex-wrap gap-3">
        {ways.takeOutOf === 'base' ? (
          <Button
            onClick={() =>
              setSpec({
                base: { ...spec?.base, ladleOutG: (spec?.base?.ladleOutG ?? 0) + ways.takeOutG * pots },
              })
            }
          >
            Ladle out {round(ways.takeOutG)} g
          </Button>
        ) : (
          <span className="self-center">Leave out {round(ways.takeOutG)} g of what is wet,</span>
        )}
        {answer.base.massG > 0 && (
          <Button
            onClick={() =>
              setSpec({ base: { ...spec?.base, weighsG: (answer.base.massG - ways.overG) * pots } })
            }
          >
            Cook it down {Math.ceil(ways.cookDownMin)} min on {HEAT[ways.heat as keyof typeof HEAT]}, to{' '}
            {round(answer.base.massG - ways.overG)} g
          </Button>
        )}
        <Button
          onClick={() => setSpec({ grain: { g: Math.round((answer.grainG + ways.addGrainG) * pots) } })}
        >
          Add {round(ways.addGrainG)} g of grain
        </Button>
      </div>
    </section>
  );
}
