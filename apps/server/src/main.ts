import 'reflect-metadata';
import { configFromEnvironment } from './config.js';
import { createApp } from './createApp.js';

const config = configFromEnvironment(process.env);
const app = await createApp(config);
try {
  await app.listen(config.port, config.host);
} catch {
  process.stderr.write(`Port ${config.port.toString()} is taken; set HAMMOCK_PORT to a free one.\n`);
  process.exit(1);
}
process.stdout.write(`Hammock is at http://${config.host}:${config.port.toString()}\n`);
