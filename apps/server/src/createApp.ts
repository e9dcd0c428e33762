import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import helmet from 'helmet';
import { AppModule } from './app.module.js';
import type { Config } from './config.js';
import { serveWeb } from './web.js';

/** Builds the server, ready to listen. */
export async function createApp(config: Config): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(config), {
    bodyParser: false,
    // Without this an open connection would hold up SIGTERM.
    forceCloseConnections: true,
    logger: ['error', 'warn'],
  });
  app.disable('x-powered-by');
  // An answer is never asked for twice the same way; hashing each one for an ETag is wasted.
  app.disable('etag');
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          // Radix sets the page's scroll lock through a style element.
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:'],
          workerSrc: ["'self'"],
          // The household's own machine speaks plain http.
          upgradeInsecureRequests: null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.useBodyParser('json', { limit: config.bodyLimit });
  app.enableShutdownHooks();
  const document = new DocumentBuilder()
    .setTitle('Hammock')
    .setDescription('What to pour into a pot of seasoned grain, and the household that cooks it.')
    .setVersion('1')
    .build();
  SwaggerModule.setup('api/docs', app, () => SwaggerModule.createDocument(app, document), {
    jsonDocumentUrl: 'api/docs-json',
    ui: false,
    raw: ['json'],
  });
  if (config.webFolder !== undefined) serveWeb(app, config.webFolder);
  return app;
}
