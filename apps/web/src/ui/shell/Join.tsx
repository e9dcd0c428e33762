import { useId, useState } from 'react';
import { useNavigate } from 'react-router';
import { joinHousehold } from '../../stores/session/access.js';
import { keepTogether } from '../../stores/feed/feed.js';
import { emptyOutbox, useOutbox } from '../../stores/session/pendingWrites.js';
import { Button } from '../controls/Button.js';
import { Notice } from './Notice.js';
import * as w from '../../words/ui/joinIn.js';

/** The code that came with the address, where a camera read it. */
const codeInAddress = (): string => /^#(\d{4}-?\d{4})$/u.exec(location.hash)?.[1] ?? '';

/** This device is not let in, or was let go: it asks for the code. What was written down here waits. */
export function Join() {
  const id = useId();
  const navigate = useNavigate();
  const [code, setCode] = useState(codeInAddress);
  const [name, setName] = useState('');
  const [wrong, setWrong] = useState<string>();
  const [busy, setBusy] = useState(false);
  const waiting = useOutbox((s) => s.writes.length);
  const join = async (): Promise<void> => {
    setBusy(true);
    const why = await joinHousehold(code, name);
    setBusy(false);
    setWrong(why);
    if (why !== undefined) return;
    keepTogether();
    if (location.pathname === '/join') void navigate('/');
  };
  return (
    <form
      className="hung flex max-w-[32rem] flex-col gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        void join();
      }}
    >
      <h1 className="m-0 text-[2rem] font-bold">{w.letThisDeviceIn}</h1>
      <p className="m-0">{w.onTheMachineHammockRuns}</p>
      {waiting > 0 && (
        <p className="m-0">
          {w.or(waiting === 1 ? w.oneChangeWaitsOnThis : w.changesWaitOnThisDevice(waiting))}{' '}
          <button type="button" className="min-h-11 underline underline-offset-4" onClick={emptyOutbox}>
            {w.giveUp(waiting === 1 ? w.it : w.them)}
          </button>
          {w.thenEverythingThatThisDevice}
        </p>
      )}
      <label htmlFor={`${id}-code`}>
        {w.theCode}
        <input
          id={`${id}-code`}
          className="changeable mt-1 block w-48 text-[1.5rem] tracking-widest"
          inputMode="numeric"
          autoComplete="one-time-code"
          placeholder="1234-5678"
          value={code}
          onChange={(e) => setCode(e.currentTarget.value)}
        />
      </label>
      <label htmlFor={`${id}-name`}>
        {w.whatThisDeviceIsCalled}
        <input
          id={`${id}-name`}
          className="changeable mt-1 block w-full max-w-80"
          maxLength={40}
          placeholder={w.bluePhone}
          value={name}
          onChange={(e) => setName(e.currentTarget.value)}
        />
      </label>
      {wrong !== undefined && <Notice urgent>{wrong}</Notice>}
      <div>
        <Button
          type="submit"
          weight="act"
          disabled={busy || code.replaceAll(/\D/gu, '').length !== 8 || name.trim() === ''}
        >
          {w.letItIn}
        </Button>
      </div>
    </form>
  );
}
