import 'reflect-metadata';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import type { NextFunction, Request, Response } from 'express';
import { RANGES } from '@yellowmist/contract';
import compression from 'compression';
import helmet from 'helmet';
import { AccessService } from './access/access.service.js';
import { door } from './access/door.js';
import { isFromHome } from './access/home.js';
import { plainAddress } from './access/network.js';
import { AppModule } from './app.module.js';
import { rememberAsker } from './common/asker.js';
import { isKitchen, isPhoto, isRecipe } from './common/bodies.js';
import { gate, LOCAL_NAMES } from './common/gate.js';
import { pagesOf } from './common/pages.js';
import { impatient, waitForLarge } from './common/patience.js';
import { ProblemFilter } from './common/problem.filter.js';
import { StandingService } from './common/standing.service.js';
import type { Settings } from './settings.js';

const BODY_LIMIT = '256kb';
/** A page that is saved whole is large. */
const RECIPE_LIMIT = '6mb';
/** A whole kitchen with many dishes, and photographs of many cooks. */
const KITCHEN_LIMIT = '192mb';

/** Only what this server itself serves, and nothing that stands in a page itself. */
const CONTENT_SECURITY = {
  defaultSrc: ["'self'"],
  scriptSrc: ["'self'"],
  styleSrc: ["'self'"],
  imgSrc: ["'self'", 'data:', 'blob:'],
  workerSrc: ["'self'"],
  connectSrc: ["'self'"],
  objectSrc: ["'none'"],
  baseUri: ["'self'"],
  formAction: ["'self'"],
  frameAncestors: ["'none'"],
  upgradeInsecureRequests: null,
};

/** The pages of the API's documentation are not ours, and carry their styles in themselves. */
const DOCS_SECURITY = { ...CONTENT_SECURITY, styleSrc: ["'self'", "'unsafe-inline'"] };

function documentApi(app: NestExpressApplication): void {
  const config = new DocumentBuilder()
    .setTitle('Yellowmist')
    .setDescription(
      'Converts battered and breaded fried food to the air fryer. Temperatures in °C, lengths in mm, masses in g.',
    )
    .setVersion('1')
    .build();
  SwaggerModule.setup('api/docs', app, () => SwaggerModule.createDocument(app, config), {
    jsonDocumentUrl: 'api/docs.json',
    customSiteTitle: 'Yellowmist API',
  });
}

/** What no page of this server asks a browser for. */
const NOT_ASKED_FOR = ['camera', 'microphone', 'geolocation', 'payment', 'usb', 'serial', 'midi'];

/** Answers are kept by nobody on the way, unless they say otherwise; pages ask the browser for nothing of the house. */
function ownHeaders(request: Request, response: Response, next: NextFunction): void {
  response.setHeader('Permissions-Policy', NOT_ASKED_FOR.map((what) => `${what}=()`).join(', '));
  if (request.path.startsWith('/api')) response.setHeader('Cache-Control', 'no-store');
  next();
}

/** The whole server, ready to listen. */
export async function makeApp(settings: Settings): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.over(settings), {
    logger: ['error', 'warn'],
    bodyParser: false,
    abortOnError: false,
    forceCloseConnections: true,
  });
  app.use(helmet({ contentSecurityPolicy: { useDefaults: false, directives: CONTENT_SECURITY }, hsts: false }));
  app.use('/api/docs', helmet.contentSecurityPolicy({ useDefaults: false, directives: DOCS_SECURITY }));
  app.use(rememberAsker);
  app.use(ownHeaders);
  const [access, pages] = [app.get(AccessService), pagesOf(settings.webFolder)];
  const { log } = access;
  const local = [...LOCAL_NAMES, ...settings.hostNames.map((name) => name.toLowerCase())];
  const isKnown = (name: string, request: Request): boolean =>
    isFromHome(request) ? access.isKnown(name, plainAddress(request.socket.localAddress ?? '')) : local.includes(name);
  app.use(gate(isKnown, log));
  app.use(door(access, pages, log));
  app.use(waitForLarge);
  // Not the readings of a scale: they are a stream.
  app.use(
    '/api',
    compression({ filter: (_, response) => !/event-stream/.test(String(response.getHeader('Content-Type'))) }),
  );
  app.useBodyParser('json', { limit: RECIPE_LIMIT, type: isRecipe });
  app.useBodyParser('raw', { limit: KITCHEN_LIMIT, type: isKitchen });
  app.useBodyParser('raw', { limit: RANGES.photoBytes.max, type: isPhoto });
  app.useBodyParser('json', { limit: BODY_LIMIT });
  app.setGlobalPrefix('api');
  app.useGlobalFilters(new ProblemFilter(app.get(StandingService)));
  app.enableShutdownHooks();
  documentApi(app);
  app.use(pages);
  impatient(app.getHttpServer());
  return app;
}
