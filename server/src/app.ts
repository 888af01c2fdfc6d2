/** The application: one ordered list of middleware. */
import Koa from 'koa';
import compress from 'koa-compress';
import helmet from 'koa-helmet';
import type { Logger } from 'pino';
import type { DataSource } from 'typeorm';
import { Directory } from './directory/directory';
import type { ReadOperations } from './directory/reads-worker';
import type { PlanEvents } from './events';
import { type Access, access, signCookies } from './http/access';
import { guard } from './http/guard';
import type { LoopMonitor } from './http/monitor';
import { API_POLICY, pages } from './http/pages';
import { problems } from './http/problems';
import { requestLog } from './http/request-log';
import { Plans } from './plans/plans';
import { directoryRoutes } from './routes/directory';
import { healthRoutes } from './routes/health';
import { planRoutes } from './routes/plans';
import { probeRoutes } from './routes/probes';
import { scenarioRoutes } from './routes/scenarios';
import { sessionRoutes } from './routes/session';
import type { Line } from './prober/line';
import { Thread } from './threads/thread';

export interface AppParts {
  source: DataSource;
  /** The database, for the thread that searches lists. */
  databaseUrl: string;
  /** Under which secrets of plans are encrypted: 32 bytes. */
  key: Uint8Array;
  events: PlanEvents;
  log: Logger;
  monitor: LoopMonitor;
  /** Names besides localhost under which this server may be called. */
  hosts: readonly string[];
  /** What whoever calls from beyond this machine must know; `null` where nobody can. */
  access: Access | null;
  /** Folder of the built pages. */
  webRoot: string;
  /** What the prober asks. */
  line: Line;
}

export interface App {
  koa: Koa;
  plans: Plans;
  directory: Directory;
  /** Ends what it keeps running beside the requests. */
  close: () => Promise<void>;
}

const READS_LIMITS = { maxOldGenerationSizeMb: 700 };
const GONE = new Set(['ECONNRESET', 'EPIPE', 'ERR_STREAM_PREMATURE_CLOSE', 'HPE_INVALID_EOF_STATE']);

export function createApp(parts: AppParts): App {
  const { source, events, log } = parts;
  const koa = new Koa();
  const plans = new Plans(source, parts.key, log);
  const reads = new Thread<ReadOperations>({
    bundle: 'reads-worker',
    data: { url: parts.databaseUrl },
    limits: READS_LIMITS,
  });
  const directory = new Directory(source);
  directory.clear().catch((error: unknown) => log.warn({ err: error }, 'forgotten lists were not cleared'));
  koa.use(requestLog(log));
  // Pages bring a policy of their own with a nonce; everything else is no page, and must not act like one.
  koa.use(async (ctx, next) => {
    ctx.set('Content-Security-Policy', API_POLICY);
    await next();
  });
  koa.use(problems(log));
  koa.use(guard(parts.hosts));
  // The content policy is set above and with the page; plain http needs no HSTS.
  koa.use(helmet({ contentSecurityPolicy: false, strictTransportSecurity: false }));
  // Streams of events and of progress must arrive as they happen, not when a compressor's buffer is full.
  koa.use(
    compress({
      br: false,
      filter: (type) => !/event-stream|ndjson/.test(type) && /json|text|javascript|svg/i.test(type),
    }),
  );
  if (parts.access) {
    signCookies(koa, parts.access);
    koa.use(access);
  }
  const routers = [
    healthRoutes(source, parts.monitor),
    sessionRoutes(parts.access),
    planRoutes(plans, events),
    probeRoutes(parts.line),
    scenarioRoutes(plans),
    directoryRoutes(directory, reads),
  ];
  for (const router of routers) koa.use(router.routes()).use(router.allowedMethods());
  koa.use(pages(parts.webRoot));
  // Whoever asked went away: no fault of ours. All else is.
  koa.on('error', (error: Error & { code?: string }) =>
    log[GONE.has(error.code ?? '') ? 'debug' : 'error']({ err: error }, 'error while answering'),
  );
  return {
    koa,
    plans,
    directory,
    close: async () => {
      await plans.close();
      await reads.close();
    },
  };
}
