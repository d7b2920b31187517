import express, { Router, type Request, type Response } from 'express';
import { rateLimit } from 'express-rate-limit';
import { z } from 'zod';
import { INSTRUMENT_IDS, type InstrumentId } from '../src/core/data/instruments';
import { FAMILY_IDS } from '../src/core/data/families';
import type { Reading } from '../src/core/formats/instrument';
import { FAULT_IDS, spoil, type FaultId } from '../src/core/instruments/faults';
import { aboutStandIn, HELD, standInValues, type Held } from '../src/core/instruments/standIns';
import { assess } from '../src/core/plan/assess';
import { fixedChance } from '../src/core/units/chance';
import { DEMO_JOBS } from '../src/demo/jobs';
import { DEMO_KIT } from '../src/demo/kit';

/** Stand-ins for six instruments, over the protocol that real ones are bridged by. They keep no data and answer to nobody but the app. */

/** Most that listen to one at once, most that is asked in ten seconds, and most that waits for a slow listener, bytes. */
const MOST = { listeners: 64, asked: 200, waiting: 64 << 10, body: '1kb' };

/** What a stand-in is told: to what it is held, and how it fails. */
const Setting = z.strictObject({
  fault: z.enum(FAULT_IDS).nullable().optional(),
  along: z.number().min(0).max(1).optional(),
  inWater: z.boolean().optional(),
  family: z.enum(FAMILY_IDS).nullable().optional(),
  job: z.string().max(120).optional(),
  /** How far into its job it is, s. */
  at_s: z.number().min(0).max(1e6).optional(),
  /** Its job stands still at that moment; it goes on reading. */
  still: z.boolean().optional(),
});

class StandIn {
  private held: Held = HELD;
  private fault: FaultId | null = null;
  private faultSince_ms = 0;
  private readonly began_ms = Date.now();
  private since_ms = Date.now();
  private stillAt_s: number | null = null;
  private sound: Reading | null = null;
  private readonly chance = fixedChance(11);
  private readonly listeners = new Set<Response>();
  private timer: NodeJS.Timeout | null = null;
  private job = 'rail-bracket';
  readonly about;

  constructor(private readonly kind: InstrumentId) {
    this.about = aboutStandIn(kind);
  }

  private situation = () => {
    const job = DEMO_JOBS.find(({ id }) => id === this.job) ?? DEMO_JOBS[0];
    return job ? assess(job, DEMO_KIT).situation : null;
  };
  private read_ = this.situation();

  /** How far into its job it is, s. */
  private at_s = () => this.stillAt_s ?? (Date.now() - this.since_ms) / 1000;

  /** @returns false where the job is none of the yard's */
  set({ fault, job, at_s, still, ...held }: z.infer<typeof Setting>): boolean {
    if (job !== undefined) {
      if (!DEMO_JOBS.some(({ id }) => id === job)) return false;
      this.job = job;
      this.read_ = this.situation();
      this.since_ms = Date.now();
    }
    const from_s = at_s ?? this.at_s();
    this.since_ms = Date.now() - 1000 * from_s;
    this.stillAt_s = (still ?? this.stillAt_s !== null) ? from_s : null;
    this.held = { ...this.held, ...held };
    if (fault !== undefined) {
      this.fault = fault;
      this.faultSince_ms = Date.now();
    }
    return true;
  }

  /** The reading of this moment, as it comes from it; null where none does. */
  reading(): Reading | null {
    const now_ms = Date.now();
    const n = Math.floor((now_ms - this.began_ms) / this.about.every_ms);
    if (!this.read_) return null;
    const reading: Reading = {
      format: 'elbow-room-reading',
      version: 1,
      serial: this.about.serial,
      n,
      at: new Date(now_ms).toISOString(),
      quality: 'good',
      values: standInValues(this.kind, this.read_, this.held, this.at_s(), n),
    };
    if (this.fault === null) return (this.sound = reading);
    return spoil(
      this.fault,
      reading,
      (now_ms - this.faultSince_ms) / 1000,
      (this.sound ??= reading),
      this.chance(),
    );
  }

  /** @returns false where as many listen as may */
  listen(request: Request, response: Response): boolean {
    if (this.listeners.size >= MOST.listeners) return false;
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-store',
      'X-Accel-Buffering': 'no',
    });
    response.write('retry: 1000\n\n');
    this.listeners.add(response);
    this.timer ??= setInterval(() => this.tell(), this.about.every_ms);
    const gone = () => {
      this.listeners.delete(response);
      if (this.listeners.size === 0 && this.timer) {
        clearInterval(this.timer);
        this.timer = null;
      }
    };
    request.on('close', gone);
    response.on('error', gone);
    return true;
  }

  private tell(): void {
    const reading = this.reading();
    const words = reading ? `event: reading\ndata: ${JSON.stringify(reading)}\n\n` : ': nothing\n\n';
    for (const listener of this.listeners) {
      // One that does not read what it is sent is let go: it asks again when it can.
      if (listener.writableLength > MOST.waiting) listener.destroy();
      else listener.write(words);
    }
  }
}

/** The stand-ins of the yard, each under its kind: `about`, `reading`, `live`; and `set`, by which it is told to fail. */
export function standIns(): Router {
  const all = new Map(INSTRUMENT_IDS.map((kind) => [kind as string, new StandIn(kind)]));
  const router = Router();
  router.use(
    rateLimit({
      windowMs: 10_000,
      limit: MOST.asked,
      legacyHeaders: false,
      standardHeaders: true,
      message: 'Asked too often: listen to /live instead',
    }),
  );
  router.get('/', (_request, response) => {
    response.json([...all.values()].map(({ about }) => about));
  });
  router.use('/:kind/:what', (request, response, next) => {
    response.setHeader('Cache-Control', 'no-store');
    if (all.has(request.params.kind)) next();
    else response.status(404).type('text').send('Not found');
  });
  const of = ({ params }: Request<{ kind: string }>) => all.get(params.kind) as StandIn;
  router.get('/:kind/about', (request, response) => void response.json(of(request).about));
  router.get('/:kind/reading', (request, response) => {
    const reading = of(request).reading();
    if (reading) response.json(reading);
    else response.status(503).type('text').send('No reading just now');
  });
  router.get('/:kind/live', (request, response) => {
    if (!of(request).listen(request, response))
      response.status(503).setHeader('Retry-After', '10').type('text').send('As many listen as may');
  });
  router.post('/:kind/set', express.json({ limit: MOST.body }), (request, response) => {
    const read = Setting.safeParse(request.body);
    const known = read.success && of(request).set(read.data);
    if (known) response.json({ ok: true });
    else
      response
        .status(400)
        .type('text')
        .send('Say fault, along, inWater, family, job, at_s or still, as they may be');
  });
  return router;
}
