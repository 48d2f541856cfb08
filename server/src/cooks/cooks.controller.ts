import {
  Body,
  Controller,
  Delete,
  Get,
  Headers,
  HttpCode,
  Param,
  ParseUUIDPipe,
  Post,
  Query,
  Res,
  Sse,
} from '@nestjs/common';
import {
  ApiBody,
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiOperation,
  ApiQuery,
  ApiTags,
} from '@nestjs/swagger';
import {
  cookBinSchema,
  cookDocumentSchema,
  cookEventsAnswerSchema,
  cookEventsSchema,
  cookListSchema,
  cookReviewSchema,
  cookStandingSchema,
  sightSchema,
  standingOf,
  startCookSchema,
  type BinnedCook,
  type CookDocument,
  type CookEventsAnswer,
  type CookEventsRequest,
  type CookReview,
  type CookStanding,
  type ListedCook,
  type SightAnswer,
  type StartCookRequest,
  type StoredCookEvent,
} from '@yellowmist/contract';
import type { Response } from 'express';
import { concat, defer, from, interval, map, merge, mergeMap, of, takeUntil, type Observable } from 'rxjs';
import { JoiPipe } from '../common/joi.pipe.js';
import { ApiKey, KEY } from '../common/key.js';
import { openApi, problems } from '../common/openapi.js';
import { ApiPage, pageAsked } from '../common/page.js';
import { badFields } from '../common/problem.js';
import { ComputeService } from '../compute/compute.service.js';
import { BinService } from './bin.service.js';
import { CooksService } from './cooks.service.js';
import { CooksStore } from './cooks.store.js';
import { paceOfCook } from './stored.js';
import { StartingService } from './starting.service.js';
import { cooksCsv } from './csv.js';
import { EventsStore } from './events.store.js';
import { FoodsService } from './foods.service.js';

/** The server's clock is told so often, ms. */
const CLOCK_EVERY_MS = 5_000;
/** A client that lost the stream asks again after so long, ms. */
const RETRY_MS = 1_000;

/** What a stream tells: an event, the server's clock, or that everything was replaced and is to be loaded anew. */
interface CookMessage {
  id?: string;
  retry?: number;
  data: { event: StoredCookEvent } | { nowMs: number } | { anew: true };
}

/** One event is as good as a list of one. */
const asList = (body: unknown): unknown =>
  typeof body === 'object' && body !== null && 'what' in body ? { events: [body] } : body;

const eventsPipe = new JoiPipe<CookEventsRequest>(cookEventsSchema);

@ApiTags('cooks')
@Controller('cooks')
export class CooksController {
  constructor(
    private readonly cooks: CooksService,
    private readonly store: CooksStore,
    private readonly starting: StartingService,
    private readonly events: EventsStore,
    private readonly foods: FoodsService,
    private readonly compute: ComputeService,
    private readonly bins: BinService,
  ) {}

  @Get()
  @ApiOperation({
    summary:
      'All cooks, those that go on first, with how they came out; rehearsals are marked. As CSV with `as=csv`, a line for each dish',
  })
  @ApiQuery({ name: 'as', required: false, enum: ['json', 'csv'] })
  @ApiPage()
  @ApiOkResponse({ schema: openApi(cookListSchema) })
  @problems(400, 404)
  async list(
    @Res({ passthrough: true }) response: Response,
    @Query() query: unknown,
    @Query('as') as?: string,
  ): Promise<ListedCook[] | string> {
    if (as !== undefined && as !== 'csv' && as !== 'json')
      throw badFields([{ field: 'as', message: 'as must be json or csv' }]);
    const cooks = await this.cooks.list(pageAsked(query));
    if (as !== 'csv') return cooks;
    response.type('text/csv; charset=utf-8').attachment('yellowmist-cooks.csv');
    return cooksCsv(cooks);
  }

  @Post()
  @ApiOperation({
    summary:
      'Start a cook from a dish or an evening; as a rehearsal with simulated fryers at a rate, with surprises, where that is asked for; or note one that is over; or hand over one that began while the server was away. Sent again with the same `key`, which becomes its id, it is kept once: whoever got no answer may send it again',
  })
  @ApiKey()
  @ApiBody({ schema: openApi(startCookSchema) })
  @ApiCreatedResponse({ schema: openApi(cookDocumentSchema) })
  @problems(400, 404, 503)
  start(
    @Body(new JoiPipe<StartCookRequest>(startCookSchema)) request: StartCookRequest,
    @Query('key', KEY) key: string | undefined,
  ): Promise<CookDocument> {
    return this.starting.start(request, key);
  }

  @Get('bin')
  @ApiOperation({ summary: 'Cooks that were put aside, the last first, and when each is gone for good' })
  @ApiOkResponse({ schema: openApi(cookBinSchema) })
  bin(): Promise<BinnedCook[]> {
    return this.bins.list();
  }

  @Delete('bin')
  @HttpCode(204)
  @ApiOperation({ summary: 'Delete for good what was put aside: cooks, their records and their photographs' })
  @ApiNoContentResponse()
  emptyBin(): Promise<void> {
    return this.bins.empty();
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put a cook aside with its record and photographs; restore brings it back for thirty days' })
  @ApiNoContentResponse()
  @problems(404, 409)
  remove(@Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.bins.remove(id);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Undo a delete' })
  @ApiOkResponse({ schema: openApi(cookDocumentSchema) })
  @problems(404, 422)
  async restore(@Param('id', ParseUUIDPipe) id: string): Promise<CookDocument> {
    await this.bins.restore(id);
    return this.cooks.read(id);
  }

  @Get(':id')
  @ApiOperation({ summary: 'A cook: what it is led by, and every event of it' })
  @ApiOkResponse({ schema: openApi(cookDocumentSchema) })
  @problems(404, 422)
  read(@Param('id', ParseUUIDPipe) id: string): Promise<CookDocument> {
    return this.cooks.read(id);
  }

  @Get(':id/standing')
  @ApiOperation({
    summary:
      'How it stands now: what to do for each pair of hands, timers, batches as they are re-planned by what was seen and read, probes, the record',
  })
  @ApiOkResponse({ schema: openApi(cookStandingSchema) })
  @problems(404, 503)
  async standing(@Param('id', ParseUUIDPipe) id: string): Promise<CookStanding> {
    const document = await this.cooks.read(id);
    const { programme, events } = document;
    const found = await this.compute.correct({ programme, pace: paceOfCook(document), events });
    const corrections = new Map(found.map((c) => [c.batch, c as never]));
    return standingOf({ ...document, nowMs: Date.now() }, corrections);
  }

  @Post(':id/events')
  @HttpCode(200)
  @ApiOperation({
    summary:
      'Tell what happened, one event or several; each has an id of its own and counts once, however often it is sent',
  })
  @ApiBody({ schema: openApi(cookEventsSchema) })
  @ApiOkResponse({ schema: openApi(cookEventsAnswerSchema) })
  @problems(400, 404)
  add(@Param('id', ParseUUIDPipe) id: string, @Body() body: unknown): Promise<CookEventsAnswer> {
    return this.cooks.add(id, eventsPipe.transform(asList(body)).events);
  }

  @Sse(':id/stream')
  @ApiOperation({
    summary:
      'Every event as it is heard, as server-sent events; from the one after Last-Event-ID on, and the server’s clock beside',
  })
  @ApiOkResponse({
    description:
      'Events of { event } or { nowMs }; the id of an event is its place. { anew: true } at last, where all was replaced by a backup',
    content: { 'text/event-stream': {} },
  })
  @problems(404)
  async stream(
    @Param('id', ParseUUIDPipe) id: string,
    @Headers('last-event-id') last: string | undefined,
  ): Promise<Observable<CookMessage>> {
    await this.store.kept(id);
    const after = Number(last ?? 0) || 0;
    const told = (event: StoredCookEvent): CookMessage => ({ id: String(event.seq), retry: RETRY_MS, data: { event } });
    // Listened to before the log is read, so that nothing falls between; who hears twice knows it by its id.
    const before = defer(() => this.events.of(id)).pipe(
      mergeMap((log) => from(log.filter(({ seq }) => seq > after).map(told))),
    );
    const clock = concat(from([0]), interval(CLOCK_EVERY_MS)).pipe(map(() => ({ data: { nowMs: Date.now() } })));
    const anew = of<CookMessage>({ data: { anew: true } });
    return concat(
      merge(this.events.listen(id).pipe(map(told)), before, clock).pipe(takeUntil(this.events.replaced)),
      anew,
    );
  }

  @Get(':id/sights/:batch')
  @ApiOperation({ summary: 'What eyes see of a batch in a simulated fryer now; nothing else of it is told' })
  @ApiOkResponse({ schema: openApi(sightSchema) })
  @problems(404, 503)
  sight(@Param('id', ParseUUIDPipe) id: string, @Param('batch') batch: string): Promise<SightAnswer> {
    return this.foods.sight(id, batch);
  }

  @Get(':id/review')
  @ApiOperation({ summary: 'The end of a rehearsal: what was really so, what was seen, what was missed, what it cost' })
  @ApiOkResponse({ schema: openApi(cookReviewSchema) })
  @problems(404, 409, 503)
  review(@Param('id', ParseUUIDPipe) id: string): Promise<CookReview> {
    return this.foods.review(id);
  }
}
