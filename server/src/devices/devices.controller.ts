import { Body, Controller, Get, HttpCode, Inject, Param, Post, Sse } from '@nestjs/common';
import { ApiBody, ApiNoContentResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { devicesSchema, probeHandSchema, type DeviceAbout, type ProbeHand } from '@yellowmist/contract';
import { interval, map, type Observable } from 'rxjs';
import { JoiPipe } from '../common/joi.pipe.js';
import { openApi, problems } from '../common/openapi.js';
import { ProbesService } from './probes.service.js';
import { SCALE_ABOUT } from './scale.controller.js';

/** A probe's state is told so often, ms. */
const EVERY_MS = 1_000;

@ApiTags('devices')
@Controller('devices')
export class DevicesController {
  constructor(@Inject(ProbesService) private readonly probes: ProbesService) {}

  @Get()
  @ApiOperation({
    summary:
      'All devices: what each measures, how often, its lag, its losses, its battery, and whether it is simulated',
  })
  @ApiOkResponse({ schema: openApi(devicesSchema) })
  async list(): Promise<DeviceAbout[]> {
    return [SCALE_ABOUT, ...(await this.probes.about())];
  }

  @Sse('probes/:fryer')
  @ApiOperation({
    summary:
      'Whether the probe of a fryer is there, and its battery, once a second; its readings are events of the cook',
  })
  @ApiOkResponse({ description: 'Events of { connected, battery }', content: { 'text/event-stream': {} } })
  state(@Param('fryer') fryer: string): Observable<{ data: { connected: boolean; battery: number } }> {
    const probe = this.probes.of(fryer);
    return interval(EVERY_MS).pipe(map(() => ({ data: { connected: probe.connected, battery: probe.battery } })));
  }

  @Post('probes/:fryer/hand')
  @HttpCode(204)
  @ApiOperation({
    summary: 'What a hand does to a simulated probe: lose and find it, weaken its battery, pull its tip out, break it',
  })
  @ApiBody({ schema: openApi(probeHandSchema) })
  @ApiNoContentResponse()
  @problems(400)
  hand(
    @Param('fryer') fryer: string,
    @Body(new JoiPipe<ProbeHand>(probeHandSchema)) { deed, readsC }: ProbeHand,
  ): void {
    this.probes.of(fryer).hand(deed, readsC);
  }
}
