import { useCallback, useEffect, useState } from 'react';
import { ask } from '../../api/http.js';
import { useAccess, type AccessRole } from '../../stores/session/access.js';
import { nowMs } from '../../stores/session/time.js';
import { Button } from '../../ui/controls/Button.js';
import { QrCode } from '../../ui/sections/PlanLink.js';
import { dayText } from '../../words/measures/days.js';

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
  guest: 'reads what is on the stove',
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
        The house’s phones
      </h2>
      {isOpen ? (
        <p className="m-0 mt-1 flex flex-wrap gap-3">
          <Button onClick={() => void letIn('cook')}>Let a cook’s phone in</Button>
          <Button weight="plain" onClick={() => void letIn('guest')}>
            Let a guest’s phone in
          </Button>
        </p>
      ) : (
        <p className="m-0 mt-1">
          Only this machine is answered. Start Hammock with <code>npm start -- --lan</code> and phones in the
          house can be let in, one by one; nobody else is.
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
              <strong>{name}</strong>
              {isThis ? ' (this one)' : ''} {MAY[role]}, seen {dayText(seenAtMs, nowMs())}
            </span>
            <Button
              weight="plain"
              aria-label={`Let ${name} go`}
              onClick={() => void ask('DELETE', `/api/devices/${id}`).then(load)}
            >
              Let it go
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
  if (address === undefined)
    return <p className="m-0 text-ember">This machine has no address in the house: is it on the network?</p>;
  return (
    <div className="my-3 flex flex-wrap items-center gap-6" data-testid="code">
      <QrCode text={`${address}/join#${code}`} what="Address and code, for a phone’s camera" />
      <div>
        <p className="m-0">On the phone, in the same network, open</p>
        <p className="m-0 text-[1.3rem] font-bold break-all">{address}</p>
        <p className="m-0">and type</p>
        <p className="m-0 text-[2.6rem] leading-tight font-bold tracking-widest">{code}</p>
        <p className="m-0 text-faint">It lets one phone in, for ten minutes.</p>
      </div>
    </div>
  );
}
