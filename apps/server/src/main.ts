import 'reflect-metadata';
import { Logger } from '@nestjs/common';
import { configFromEnvironment } from './config.js';
import { StartProblem } from './database/startProblem.js';

// Everything this program writes is this household's alone.
process.umask(0o077);

/** One plain sentence for whoever started it, and the end. */
function giveUp(error: unknown): never {
  const words = error instanceof StartProblem ? error.message : `Hammock cannot start: ${String(error)}`;
  process.stderr.write(`${words}\n`);
  process.exit(1);
}

try {
  const config = configFromEnvironment(process.env);
  // Read late, so that what cannot even be loaded is said in a sentence too.
  const { createApp } = await import('./createApp.js');
  const app = await createApp(config);
  // What cannot be listened on is said below in one sentence; the framework would say it with a time and a colour.
  Logger.overrideLogger(false);
  await app.listen(config.port, config.host).catch(async (error: unknown) => {
    await app.close();
    const { code } = error as { code?: string };
    throw new StartProblem(
      code === 'EADDRINUSE'
        ? `Port ${config.port.toString()} is taken; set HAMMOCK_PORT to a free one.`
        : `Port ${config.port.toString()} cannot be used; set HAMMOCK_PORT to another.`,
    );
  });
  Logger.overrideLogger(['error', 'warn']);
  process.stdout.write(`Hammock is at http://${config.host}:${config.port.toString()}\n`);
} catch (error) {
  giveUp(error);
}
