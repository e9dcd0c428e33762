import { flag, say } from './lib.mjs';
import { startStandIns } from './standInParts.mjs';

/** A scale, a thermometer and a hob of make-believe that speak docs/instruments.md: npm run stand-ins -- --of http://127.0.0.1:4170. */
const of = flag('of');
const { addresses, close } = await startStandIns({
  from: 4181,
  hammock: typeof of === 'string' ? of : 'http://127.0.0.1:4170',
});
say(`scale, thermometer and hob: ${addresses.join(', ')}`);
say(`start Hammock with HAMMOCK_INSTRUMENTS=${addresses.join(',')}`);
for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, () => void close().then(() => process.exit(0)));
