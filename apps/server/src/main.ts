import 'reflect-metadata';
import { configFromEnvironment } from './config.js';
import { createApp } from './createApp.js';

const config = configFromEnvironment(process.env);
const app = await createApp(config);
await app.listen(config.port, config.host);
process.stdout.write(`Hammock is at http://${config.host}:${config.port.toString()}\n`);
