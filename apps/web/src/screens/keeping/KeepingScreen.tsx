import { OpenFile } from '../../ui/controls/OpenFile.js';
import { Archive } from './Archive.js';
import { Copies } from './Copies.js';
import { Devices } from './Devices.js';
import { ThisDevice } from './ThisDevice.js';
import * as w from '../../words/screens/keeping.js';

/** What is kept where, how it goes out and comes in, and who of the house is let in. */
export function KeepingScreen() {
  return (
    <div className="flex flex-col gap-9">
      <div className="flex flex-wrap items-center justify-between gap-4">
        <h1 className="m-0 text-[2rem] font-bold">{w.keeping}</h1>
        <OpenFile />
      </div>
      <div className="grid gap-x-14 gap-y-9 lg:grid-cols-2">
        <div className="flex flex-col gap-9">
          <Archive />
          <Copies />
        </div>
        <div className="flex flex-col gap-9">
          <Devices />
          <ThisDevice />
        </div>
      </div>
    </div>
  );
}
