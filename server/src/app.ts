/** The application: one ordered list of middleware. */
import { bodyParser } from '@koa/bodyparser';
import Koa from 'koa';
import compress from 'koa-compress';
import helmet from 'koa-helmet';
import type { Logger } from 'pino';
import type { DataSource } from 'typeorm';
import { Directory } from './directory/directory';
import type { PlanEvents } from './events';
import { guard } from './http/guard';
import { pages } from './http/pages';
import { problems } from './http/problems';
import { requestLog } from './http/request-log';
import { Plans } from './plans';
import { directoryRoutes } from './routes/directory';
import { healthRoutes } from './routes/health';
import { planRoutes } from './routes/plans';
import { probeRoutes } from './routes/probes';
import type { Line } from './prober/line';

export interface AppParts {
  source: DataSource;
  events: PlanEvents;
  log: Logger;
  /** Names besides localhost under which this server may be called. */
  hosts: readonly string[];
  /** Folder of the built pages. */
  webRoot: string;
  /** What the prober asks. */
  line: Line;
}

const BODY_LIMIT = '32mb';
const GONE = new Set(['ECONNRESET', 'EPIPE', 'ERR_STREAM_PREMATURE_CLOSE', 'HPE_INVALID_EOF_STATE']);

export function createApp({ source, events, log, hosts, webRoot, line }: AppParts): Koa {
  const app = new Koa();
  const health = healthRoutes(source);
  const plans = planRoutes(new Plans(source), events);
  const probes = probeRoutes(line);
  const directory = directoryRoutes(new Directory(source));
  app.use(requestLog(log));
  app.use(problems(log));
  app.use(guard(hosts));
  // The content policy is set with the page, because it carries a nonce; plain http on loopback needs no HSTS.
  app.use(helmet({ contentSecurityPolicy: false, strictTransportSecurity: false }));
  // Streams of events and of progress must arrive as they happen, not when a compressor's buffer is full.
  app.use(
    compress({
      br: false,
      filter: (type) => !/event-stream|ndjson/.test(type) && /json|text|javascript|svg/i.test(type),
    }),
  );
  app.use(bodyParser({ enableTypes: ['json'], jsonLimit: BODY_LIMIT, jsonStrict: true }));
  for (const router of [health, plans, probes, directory]) app.use(router.routes()).use(router.allowedMethods());
  app.use(pages(webRoot));
  // Whoever asked went away: no fault of ours. All else is.
  app.on('error', (error: Error & { code?: string }) =>
    log[GONE.has(error.code ?? '') ? 'debug' : 'error']({ err: error }, 'error while answering'),
  );
  return app;
}
