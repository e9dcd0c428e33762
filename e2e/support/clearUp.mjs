import { rmSync } from 'node:fs';

/** After all browser tests: the prepared demo goes. */
export default function clearUp() {
  const folder = process.env.HAMMOCK_DEMO_FOLDER;
  if (folder) rmSync(folder, { recursive: true, force: true });
}
