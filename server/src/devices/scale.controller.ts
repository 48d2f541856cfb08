import { Body, Controller, HttpCode, Inject, Post, Sse } from '@nestjs/common';
import { ApiBody, ApiNoContentResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { interval, map, type Observable } from 'rxjs';
import { scaleHandSchema, type DeviceAbout, type ScaleHand, type ScaleMessage } from '@yellowmist/contract';
import { JoiPipe } from '../common/joi.pipe.js';
import { openApi, problems } from '../common/openapi.js';
import { SimulatedScale } from './scale.js';

/** A scale tells its weight so often, ms. */
const EVERY_MS = 200;

/** What it is, among all devices. */
export const SCALE_ABOUT: DeviceAbout = {
  id: 'scale',
  kind: 'scale',
  name: 'Kitchen scale',
  measures: ['mass'],
  everyS: EVERY_MS / 1000,
  lagS: { mass: 0.25 },
  lost: 0,
  battery: null,
  connected: true,
  simulated: true,
  tells: 'of a bottle that is not there, to try it with',
};

/** The stand-in for a kitchen scale; a real one would tell the same readings at the same address. */
@ApiTags('devices')
@Controller('devices/scale')
export class ScaleController {
  constructor(@Inject(SimulatedScale) private readonly scale: SimulatedScale) {}

  @Sse()
  @ApiOperation({
    summary: 'Readings of the kitchen scale as server-sent events, five a second; null while it is gone',
  })
  @ApiOkResponse({ description: 'Events of { reading: { grams, atMs } | null }', content: { 'text/event-stream': {} } })
  readings(): Observable<{ data: ScaleMessage }> {
    return interval(EVERY_MS).pipe(map(() => ({ data: { reading: this.scale.read() } })));
  }

  @Post('hand')
  @HttpCode(204)
  @ApiOperation({
    summary: 'What a hand does to the simulated scale: put the bottle on, press its pump, knock, unplug',
  })
  @ApiBody({ schema: openApi(scaleHandSchema) })
  @ApiNoContentResponse()
  @problems(400)
  hand(@Body(new JoiPipe<ScaleHand>(scaleHandSchema)) { deed, strokes }: ScaleHand): void {
    this.scale.hand(deed, strokes);
  }
}
