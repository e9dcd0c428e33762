import { TestEnvironment } from 'jest-environment-node';
import { openBrowser } from '../../scripts/bench/browser.mjs';

/** The browser of this worker: it outlives the files that are tested in it, each on devices of its own. */
let browser;

/** Node, and where the browser of this worker is reached. */
export default class BrowserEnvironment extends TestEnvironment {
  async setup() {
    await super.setup();
    if (!browser?.connected) browser = await openBrowser();
    this.global.browserAddress = browser.wsEndpoint();
  }
}
