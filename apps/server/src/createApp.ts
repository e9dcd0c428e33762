import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DocumentBuilder, getSchemaPath, SwaggerModule, type OpenAPIObject } from '@nestjs/swagger';
import { REPLY_SCHEMAS } from './answer/replySchemas.generated.js';
import { toFile } from './archive/incoming.js';
import { AppModule } from './app.module.js';
import { Problem } from './common/problems.js';
import { Database } from './database/database.js';
import { jsonBounds } from './guard/jsonBounds.js';
import { Doorkeeper } from './devices/doorkeeper.js';
import { door } from './guard/door.js';
import { onlyJson } from './guard/onlyJson.js';
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

/**
 * Builds the server, ready to listen.
 * @throws StartProblem when the data cannot be opened
 */
export async function createApp(config: Config): Promise<NestExpressApplication> {
  const database = await Database.open(config.databaseFile, Date.now());
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(config, database), {
    bodyParser: false,
    // Without this an open connection would hold up SIGTERM.
    forceCloseConnections: true,
    logger: ['error', 'warn'],
  });
  app.disable('x-powered-by');
  // An answer is never asked for twice the same way; hashing each one for an ETag is wasted.
  app.disable('etag');
  app.use(door(app.get(Doorkeeper), config.house));
  app.use(securityHeaders());
  app.use('/api', onlyJson);
  app.use('/api/archive/incoming', toFile(config.databaseFile));
  app.useBodyParser('json', { limit: config.bodyLimit });
  app.use(jsonBounds);
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
  SwaggerModule.setup('api/docs', app, () => described(SwaggerModule.createDocument(app, document)), {
    jsonDocumentUrl: 'api/docs-json',
    ui: false,
    raw: ['json'],
  });
  if (config.webFolder !== undefined) serveWeb(app, config.webFolder);
  return app;
}
