import { useCallback, useEffect, useState } from 'react';
import { ask } from '../../api/http.js';
import { useAccess, type AccessRole } from '../../stores/session/access.js';
import { nowMs } from '../../stores/session/time.js';
import { Button } from '../../ui/controls/Button.js';
import { QrCode } from '../../ui/sections/PlanLink.js';
import { dayText } from '../../words/measures/days.js';
import * as w from '../../words/screens/keeping.js';
import { Emphasis } from '../../ui/controls/Emphasis.js';

interface Device {
  readonly id: string;
  readonly name: string;
  readonly role: Exclude<AccessRole, 'here' | 'none'>;
  readonly seenAtMs: number;
  readonly isThis: boolean;
}
interface Code {
  readonly code: string;
  readonly addresses: readonly string[];
}

const MAY: Readonly<Record<Device['role'], string>> = {
  cook: 'cooks',
  guest: w.readsWhatIsOnTheStove,
};

/** Phones of the house: let in by a code, listed with when they were last seen, and let go. */
export function Devices() {
  const isOpen = useAccess((s) => s.isOpen);
  const [devices, setDevices] = useState<readonly Device[]>([]);
  const [code, setCode] = useState<Code>();
  const load = useCallback(async (): Promise<void> => {
    const list = await listed();
    if (list) setDevices(list);
  }, []);
  useEffect(() => {
    void listed().then((list) => {
      if (list) setDevices(list);
    });
    if (!code) return undefined;
    // Who came in by the code that is shown is listed as they come.
    const timer = setInterval(() => void load(), 3000);
    return () => clearInterval(timer);
  }, [code, load]);
  const letIn = async (role: Device['role']): Promise<void> => {
    const reply = await ask('POST', '/api/devices/code', { role });
    if (reply.kind === 'stored') setCode(reply.body as Code);
  };
  return (
    <section className="hung" aria-labelledby="phones">
      <h2 id="phones" className="m-0 text-[1.35rem] font-bold">
        {w.theHousesPhones}
      </h2>
      {isOpen ? (
        <p className="m-0 mt-1 flex flex-wrap gap-3">
          <Button onClick={() => void letIn('cook')}>{w.letACooksPhoneIn}</Button>
          <Button weight="plain" onClick={() => void letIn('guest')}>
            {w.letAGuestsPhoneIn}
          </Button>
        </p>
      ) : (
        <p className="m-0 mt-1">
          {w.onlyThisMachineIsAnswered} <code>{w.npmStartLan}</code> {w.andPhonesInTheHouse}
        </p>
      )}
      {code && <ShownCode code={code} />}
      <ul className="m-0 list-none p-0">
        {devices.map(({ id, name, role, seenAtMs, isThis }) => (
          <li
            key={id}
            className="flex flex-wrap items-center justify-between gap-x-4 border-b border-line py-1"
          >
            <span>
              <Emphasis text={w.seen(name, isThis ? w.thisOne : '', MAY[role], dayText(seenAtMs, nowMs()))} />
            </span>
            <Button
              weight="plain"
              aria-label={w.letGo(name)}
              onClick={() => void ask('DELETE', `/api/devices/${id}`).then(load)}
            >
              {w.letItGo}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

async function listed(): Promise<readonly Device[] | undefined> {
  const reply = await ask('GET', '/api/devices');
  return reply.kind === 'stored' ? (reply.body as Device[]) : undefined;
}

/** The address and the code, to be typed or read by a camera. */
function ShownCode({ code: { code, addresses } }: { readonly code: Code }) {
  const [address] = addresses;
  if (address === undefined) return <p className="m-0 text-ember">{w.thisMachineHasNoAddress}</p>;
  return (
    <div className="my-3 flex flex-wrap items-center gap-6" data-testid="code">
      <QrCode text={w.join(address, code)} what={w.addressAndCodeForA} />
      <div>
        <p className="m-0">{w.onThePhoneInThe}</p>
        <p className="m-0 text-[1.3rem] font-bold break-all">{address}</p>
        <p className="m-0">{w.andType}</p>
        <p className="m-0 text-[2.6rem] leading-tight font-bold tracking-widest">{code}</p>
        <p className="m-0 text-faint">{w.itLetsOnePhoneIn}</p>
      </div>
    </div>
  );
}
