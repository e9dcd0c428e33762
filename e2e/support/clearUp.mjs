import { rmSync } from 'node:fs';

/** After all browser tests: the browsers and the prepared demo go. */
export default async function clearUp() {
  const { browsersOfTests = [] } = /** @type {any} */ (globalThis);
  await Promise.all(browsersOfTests.map((browser) => browser.close()));
  const folder = process.env.HAMMOCK_DEMO_FOLDER;
  if (folder) rmSync(folder, { recursive: true, force: true });
}
