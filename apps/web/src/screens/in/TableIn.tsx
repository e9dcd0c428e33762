import { useMemo, useState } from 'react';
import { ownTableIn } from '../../stores/transfer/ownTable.js';
import { isPageTable, pageTableIn } from '../../stores/transfer/pageTable.js';
import { Notice } from '../../ui/shell/Notice.js';
import { Leave } from './Leave.js';
import { OwnIn } from './OwnIn.js';
import { PagesIn } from './PagesIn.js';
import * as w from '../../words/screens/in.js';

const KINDS = { own: w.ingredientsOfYourOwn, pages: w.pagesOfTheNotebook } as const;

/** A table: what its rows are is guessed by its heads, and can be said otherwise. */
export function TableIn({ text }: { readonly text: string }) {
  const [own, pages] = useMemo(() => [ownTableIn(text), pageTableIn(text)], [text]);
  const [kind, setKind] = useState<keyof typeof KINDS>(pages && isPageTable(pages) ? 'pages' : 'own');
  if (!own || !pages)
    return (
      <>
        <Notice urgent>{w.thereIsNoRowIn}</Notice>
        <div>
          <Leave />
        </div>
      </>
    );
  return (
    <div className="hung">
      <h2 className="m-0 text-[1.35rem] font-bold">
        <label>
          {w.aTableOf}{' '}
          <select
            className="min-h-12 border-2 border-line bg-raised font-bold"
            value={kind}
            onChange={(e) => setKind(e.currentTarget.value as keyof typeof KINDS)}
          >
            {Object.entries(KINDS).map(([id, words]) => (
              <option key={id} value={id}>
                {words}
              </option>
            ))}
          </select>
        </label>
      </h2>
      {kind === 'own' ? <OwnIn table={own} /> : <PagesIn table={pages} />}
    </div>
  );
}
