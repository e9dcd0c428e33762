import type { MethodRecord } from '@hammock/core/records';
import { useState } from 'react';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { fieldsOf } from '../../stores/kitchen/kitchenRows.js';
import { Button } from '../../ui/controls/Button.js';
import { TakenAway } from '../../ui/sections/TakenAway.js';
import { METHOD } from '../../words/words.js';
import * as w from '../../words/screens/kitchen.js';

/** Methods of one's own, made on the Method page. */
export function MethodList() {
  const methods = useKitchen((s) => s.methods);
  const keep = useKitchen((s) => s.keep);
  const remove = useKitchen((s) => s.remove);
  const [gone, setGone] = useState<MethodRecord | undefined>(undefined);
  return (
    <section className="hung" aria-labelledby="methods">
      <h2 id="methods" className="m-0 text-[1.35rem] font-bold">
        {w.methodsOfYourOwn}
      </h2>
      {methods.length === 0 && <p className="m-0">{w.noneYetChangeTheStages}</p>}
      {gone && !methods.some((m) => m.id === gone.id) && (
        <TakenAway
          label={gone.label}
          onPutBack={() => {
            keep('methods', gone.id, fieldsOf(gone));
            setGone(undefined);
          }}
        />
      )}
      <ul className="m-0 list-none p-0">
        {methods.map((m) => (
          <li key={m.id} className="flex items-center justify-between gap-4 border-b border-line py-2">
            <span>
              <strong className="block text-[1.1rem]">{m.label}</strong>
              <span className="text-faint">{w.fromStages(METHOD[m.method], m.stages.length)}</span>
            </span>
            <Button
              weight="plain"
              aria-label={w.remove3(m.label)}
              onClick={() => {
                setGone(m);
                remove('methods', m.id);
              }}
            >
              {w.remove2}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
