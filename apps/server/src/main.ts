import 'reflect-metadata';
import { ConsoleLogger, Logger } from '@nestjs/common';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { configFromEnvironment, type Config } from './config.js';
import { EXIT, StartProblem } from './database/startProblem.js';

// Everything this program writes is this household's alone.
process.umask(0o077);

const problemOf = (error: unknown): StartProblem =>
  error instanceof StartProblem
    ? error
    : new StartProblem('unknown', `Hammock cannot start: ${String(error)}`);

/** One plain sentence for the person who started it. */
const say = ({ message }: StartProblem): void => void process.stderr.write(`${message}\n`);

/** Builds the server. What keeps it from that is said in the page too where that was asked for, until it is mended. */
async function built(config: Config): Promise<NestExpressApplication> {
  // Read late, so that what cannot even be loaded is said in a sentence too.
  const { createApp } = await import('./createApp.js');
  for (;;) {
    try {
      return await createApp(config);
    } catch (error) {
      const problem = problemOf(error);
      // Behind a proxy nobody is known to be at the keyboard: there it is said on the terminal alone.
      if (!config.saysInPage || config.house?.origin !== undefined) throw problem;
      say(problem);
      await inPage(problem, config);
    }
  }
}

async function inPage(problem: StartProblem, config: Config): Promise<void> {
  const { sayInPage } = await import('./cannotStart.js');
  const end = (): void => process.exit(EXIT[problem.code]);
  const signals = ['SIGTERM', 'SIGINT'] as const;
  for (const signal of signals) process.on(signal, end);
  process.stderr.write(`The page says so too: http://127.0.0.1:${config.port.toString()}\n`);
  await sayInPage(problem, config).catch(() => {
    // There is no page then: it was said here.
    end();
  });
  for (const signal of signals) process.off(signal, end);
}

/**
 * Behind a proxy nobody is taken for the one at the keyboard; the person at this terminal is. The first device is let in by a code said
 * here, and one who lost every device asks for another with --code.
 */
async function sayCode(app: NestExpressApplication, { house, saysCode }: Config): Promise<void> {
  if (!house) return;
  const { Pairing } = await import('./devices/pairing.js');
  const pairing = app.get(Pairing);
  if (!saysCode && (house.origin === undefined || pairing.hasCook())) return;
  const { code } = pairing.newCode('cook');
  process.stdout.write(`Let a cook's device in with the code ${code} (ten minutes, one device)\n`);
}

// What somebody forgot to wait for, and failed: it is written down, and nobody else's request ends with it. Nothing that was
// acknowledged hangs on it.
process.on('unhandledRejection', (reason) => {
  process.stderr.write(`${reason instanceof Error ? (reason.stack ?? reason.message) : String(reason)}\n`);
});

try {
  const config = configFromEnvironment(process.env);
  const app = await built(config);
  // What cannot be listened on is said below in one sentence; the framework would say it with a time and a colour.
  Logger.overrideLogger(false);
  await app.listen(config.port, config.host).catch(async (error: unknown) => {
    await app.close();
    const { code } = error as { code?: string };
    throw new StartProblem(
      'port',
      code === 'EADDRINUSE'
        ? `Port ${config.port.toString()} is taken; set HAMMOCK_PORT to a free one.`
        : `Port ${config.port.toString()} cannot be used; set HAMMOCK_PORT to another.`,
    );
  });
  // One that was silenced does not speak again: another one does.
  Logger.overrideLogger(new ConsoleLogger({ logLevels: ['error', 'warn'] }));
  process.stdout.write(
    `Hammock is at ${config.house?.origin ?? `http://${config.host}:${config.port.toString()}`}\n`,
  );
  await sayCode(app, config);
} catch (error) {
  const problem = problemOf(error);
  say(problem);
  process.exit(EXIT[problem.code]);
}
