import { Injectable } from '@nestjs/common';
import {
  clocksOf,
  dishOfEvening,
  eveningAnswer,
  eveningRequest,
  isPlanned,
  offsetOf,
  type EveningAnswer,
  type EveningBody,
  type KitchenBody,
  type PlanEveningRequest,
  type ToPlan,
} from '@yellowmist/contract';
import { eveningMarkdown, eveningText, TOGETHER_MIN, type DishOfEvening, type Evening } from '@yellowmist/core';
import { badFields, ProblemException } from '../common/problem.js';
import { ComputeService } from '../compute/compute.service.js';
import { ConversionsService } from '../conversions/conversions.service.js';
import { SinglesService } from '../documents/singles.service.js';
import { KITCHEN_KIND } from '../kitchen/kitchen.js';
import { LearnedStore } from '../learned/learned.store.js';
import { PANTRY_KIND } from '../shelf/shelf.service.js';
import { calendarOf } from './calendar.js';

/** °C of a kitchen of which nobody has said anything. */
const USUAL_ROOM_C = 21;

/** An evening as it was planned, with what its clock needs. */
export interface Planned {
  evening: Evening;
  toPlan: ToPlan;
  nowMs: number;
}

/** Plans evenings: stored ones, and those that are sent. */
@Injectable()
export class PlanningService {
  constructor(
    private readonly conversions: ConversionsService,
    private readonly compute: ComputeService,
    private readonly singles: SinglesService,
    private readonly learned: LearnedStore,
  ) {}

  /** What `POST /api/evenings/plan` answers. */
  async answer(request: PlanEveningRequest, signal?: AbortSignal): Promise<EveningAnswer> {
    const { guests = [], serveAt = null, startAt = null, options = {}, cooks = 1 } = request;
    const dishes = request.dishes ? this.sent(request) : await this.stored(request.dishIds ?? [], 'dishIds');
    const given = serveAt ?? startAt;
    const toPlan: ToPlan = {
      serveAt,
      startAt,
      timeZone: options.timeZone ?? (given === null ? 'UTC' : offsetOf(given)),
      cooks: options.hands ?? Array.from({ length: cooks }, (_, k) => ({ name: `Cook ${k + 1}` })),
      guests,
      togetherMin: options.togetherMin ?? TOGETHER_MIN,
      roomC: options.roomC ?? USUAL_ROOM_C,
      pins: options.pins ?? [],
      dishes: dishes.map(({ id }) => ({ id, ...options.byDish?.[id] })),
    };
    const nowMs = options.now === undefined ? Date.now() : Date.parse(options.now);
    return answered(await this.planned(toPlan, dishes, nowMs, request.kitchen, signal));
  }

  /** The plan of a stored evening. @throws ProblemException 400 where it has no dish that can be cooked */
  async of(evening: EveningBody): Promise<Planned> {
    const dishes = await this.stored(
      evening.dishes.map(({ id }) => id),
      'dishes',
    );
    return this.planned(evening, dishes, Date.now());
  }

  /** Plans an evening to be cooked from now on; its dishes are those that it was asked for. */
  async toCook(toPlan: ToPlan, nowMs: number): Promise<Planned & { dishes: DishOfEvening[] }> {
    const dishes = await this.stored(
      toPlan.dishes.map(({ id }) => id),
      'dishes',
    );
    return { ...(await this.planned(toPlan, dishes, nowMs)), dishes };
  }

  private async planned(
    toPlan: ToPlan,
    dishes: DishOfEvening[],
    nowMs: number,
    kitchen?: KitchenBody,
    signal?: AbortSignal,
  ): Promise<Planned> {
    const [here, { have }] = await Promise.all([
      kitchen ?? this.singles.read(KITCHEN_KIND).then((own) => this.learned.kitchen(own)),
      this.singles.read(PANTRY_KIND),
    ]);
    const evening = await this.compute.planEvening(eveningRequest(toPlan, dishes, here, have, nowMs), signal);
    return { evening, toPlan, nowMs };
  }

  private sent({ dishes = [] }: PlanEveningRequest): DishOfEvening[] {
    return dishes.map(({ id, ...body }, k) => {
      if (!isPlanned(body)) throw unplanned(`dishes[${k}].chosen`, body.name);
      return dishOfEvening(id ?? String(k + 1), body);
    });
  }

  private async stored(ids: readonly string[], field: string): Promise<DishOfEvening[]> {
    const here = await this.conversions.ids();
    return Promise.all(
      ids.map(async (id, k) => {
        if (!here.has(id)) {
          throw badFields([
            { field: `${field}[${k}]`, message: `${field}[${k}] must be the id of a dish of this kitchen` },
          ]);
        }
        const body = await this.conversions.read(id);
        if (!isPlanned(body)) throw unplanned(`${field}[${k}]`, body.name);
        return dishOfEvening(id, body);
      }),
    );
  }
}

const unplanned = (field: string, name: string): ProblemException =>
  badFields([
    { field, message: `${field}: “${name}” has no air version yet. Open it on the bench once, or leave it out.` },
  ]);

export const answered = ({ evening, toPlan, nowMs }: Planned): EveningAnswer => eveningAnswer(evening, toPlan, nowMs);

/** A planned evening as a file. */
export function written(
  { evening, toPlan, nowMs }: Planned,
  { id, name }: { id: string; name: string },
  form: 'ics' | 'markdown' | 'text',
): string {
  const { clock } = clocksOf(evening, toPlan, nowMs);
  if (form === 'ics') return calendarOf(evening, { id, name, cooks: toPlan.cooks, nowMs }, clock);
  const dated = { name, cooks: toPlan.cooks, clock: clock.time, day: clock.day };
  return form === 'markdown' ? eveningMarkdown(evening, dated) : eveningText(evening, dated);
}
