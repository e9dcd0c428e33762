import { useEffect, useState } from 'react';
import { ask } from '../../api/http.js';
import { Button } from '../../ui/controls/Button.js';
import { copyText } from '../../words/storage/syncWords.js';
import * as w from '../../words/screens/keeping.js';

interface Copy {
  readonly name: string;
  readonly bytes: number;
  readonly madeAtMs: number;
  readonly isOther?: boolean;
}

/** Copies that are listed; all of them lie in the folder. */
const LISTED = 3;

/** Copies of everything, each one file beside the data. */
export function Copies() {
  const [copies, setCopies] = useState<readonly Copy[] | undefined>();
  const [how, setHow] = useState<'idle' | 'busy' | 'made' | 'full' | 'failed'>('idle');
  useEffect(() => {
    void listed().then(setCopies);
  }, []);
  const make = async (): Promise<void> => {
    setHow('busy');
    const reply = await ask('POST', '/api/copies');
    setHow(
      reply.kind === 'stored' ? 'made' : reply.kind === 'busy' && reply.status === 507 ? 'full' : 'failed',
    );
    setCopies(await listed());
  };
  const others = copies?.filter((copy) => copy.isOther === true) ?? [];
  return (
    <section className="hung" aria-labelledby="copies">
      <div className="-my-2 flex items-center justify-between gap-4">
        <h2 id="copies" className="m-0 text-[1.35rem] font-bold">
          {w.copies}
        </h2>
        <Button weight="plain" disabled={how === 'busy'} onClick={() => void make()}>
          {how === 'busy' ? w.copying : w.makeACopy}
        </Button>
      </div>
      <p className="mt-1 mb-0">{w.everythingThisHouseholdWroteDown}</p>
      <p className="m-0" role="status">
        {how === 'made' && w.aCopyIsMadeAnd}
        {how === 'full' && w.noCopyWasMadeThe}
        {how === 'failed' && w.noCopyWasMadeThe2}
      </p>
      {copies?.length === 0 && <p className="m-0 text-faint">{w.noCopyYet}</p>}
      <ul className="m-0 list-none p-0">
        {copies
          ?.filter((copy) => copy.isOther !== true)
          .slice(0, LISTED)
          .map((copy) => (
            <li key={copy.name} className="border-b border-line py-2">
              <strong className="block">{copyText(copy)}</strong>
              <span className="text-[0.95rem] break-all text-faint">{copy.name}</span>
            </li>
          ))}
      </ul>
      {others.length > 0 && (
        <p className="m-0 mt-2 text-faint">
          {w.noCopiesAndLeftAlone(others.map(({ name }) => name).join(', '))}
        </p>
      )}
    </section>
  );
}

async function listed(): Promise<readonly Copy[] | undefined> {
  const reply = await ask('GET', '/api/copies');
  return reply.kind === 'stored' ? (reply.body as Copy[]) : undefined;
}
