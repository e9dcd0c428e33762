import type { Request } from 'express';
import type { Device } from '../devices/device.entity.js';

/** Who asks: somebody at the machine Hammock runs on, a device of the house by its role, or nobody that is known. */
export type Who = 'here' | 'cook' | 'guest' | 'nobody';

/** A request whose sender the door has looked at. */
export type Asked = Request & {
  who?: Who;
  /** The device it comes of; none for this machine's own pages. */
  device?: Device;
  /** The address it comes of: behind a proxy that was named, the one the proxy saw. */
  from?: string;
};

/** What one sender is counted under: a device, whatever its address; this machine; or an address. */
export const senderOf = ({ device, who, from, ip = '' }: Asked): string =>
  device?.id ?? (who === 'here' ? 'here' : (from ?? ip));
