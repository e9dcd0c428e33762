import { NestFactory } from '@nestjs/core';
import { ExpressAdapter, type NestExpressApplication } from '@nestjs/platform-express';
import { DocumentBuilder, getSchemaPath, SwaggerModule, type OpenAPIObject } from '@nestjs/swagger';
import express from 'express';
import { REPLY_SCHEMAS } from './answer/replySchemas.generated.js';
import { AppModule } from './app.module.js';
import { Problem } from './common/problems.js';
import { Database } from './database/database.js';
import { Pairing } from './devices/pairing.js';
import { ApiDocument } from './docs.module.js';
import { bodies } from './guard/bodies.js';
import { boundConnections } from './guard/connections.js';
import { door } from './guard/door.js';
import { fewInHand } from './guard/inHand.js';
import { securityHeaders } from './guard/securityHeaders.js';
import type { Config } from './config.js';
import { serveWeb } from './web.js';

/** The document with the shapes of replies, which belong to the core. */
const described = (document: OpenAPIObject): OpenAPIObject => ({
  ...document,
  components: {
    ...document.components,
    schemas: { ...document.components?.schemas, ...REPLY_SCHEMAS },
  },
});

/** Express in which a path has one spelling. It reads these settings once, when the first thing is routed. */
function oneSpelling(): ExpressAdapter {
  const instance = express();
  instance.set('case sensitive routing', true);
  instance.set('strict routing', true);
  return new ExpressAdapter(instance);
}

/**
 * Builds the server, ready to listen.
 * @throws StartProblem when the data cannot be opened
 */
export async function createApp(config: Config): Promise<NestExpressApplication> {
  const database = await Database.open(config.databaseFile, Date.now());
  const app = await NestFactory.create<NestExpressApplication>(
    AppModule.with(config, database),
    oneSpelling(),
    {
      bodyParser: false,
      // Without this an open connection would hold up SIGTERM.
      forceCloseConnections: true,
      logger: ['error', 'warn'],
    },
  );
  app.disable('x-powered-by');
  // An answer is never asked for twice the same way; hashing each one for an ETag is wasted.
  app.disable('etag');
  boundConnections(app.getHttpServer());
  app.use(door(app.get(Pairing), config.house));
  app.use(fewInHand());
  app.use(securityHeaders(config.house));
  app.use(bodies(config.bodyLimit));
  app.enableShutdownHooks();
  const document = new DocumentBuilder()
    .setTitle('Hammock')
    .setDescription('What to pour into a pot of seasoned grain, and the household that cooks it.')
    .setVersion('1')
    .addGlobalResponse({
      status: 'default',
      description: 'Why it was not done: 4xx for good, 429 and 5xx just now',
      content: { 'application/problem+json': { schema: { $ref: getSchemaPath(Problem) } } },
    })
    .build();
  app.get(ApiDocument).makeBy(() => described(SwaggerModule.createDocument(app, document)));
  if (config.webFolder !== undefined) serveWeb(app, config.webFolder);
  return app;
}
