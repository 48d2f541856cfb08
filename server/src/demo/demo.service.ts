import { Inject, Injectable } from '@nestjs/common';
import type { DishAtEvening, KitchenBody } from '@yellowmist/contract';
import { FIELD_SCALES } from '@yellowmist/core';
import { ComputeService } from '../compute/compute.service.js';
import { StartingService } from '../cooks/starting.service.js';
import { PhotosService } from '../cooks/photos.service.js';
import { RecordsService } from '../cooks/records.service.js';
import { ConversionsService } from '../conversions/conversions.service.js';
import type { SingleDocument } from '../documents/single.module.js';
import { KITCHEN } from '../kitchen/kitchen.js';
import { EveningsService } from '../evenings/evenings.service.js';
import { ExperimentsService } from '../experiments/experiments.service.js';
import { LearningService } from '../learning/learning.service.js';
import { DemoProgress } from './progress.service.js';
import { COMPARED, type ComparedOfDemo } from './compared.js';
import { HISTORY, type PastOfDemo } from './history.js';
import { platePicture } from './plate.js';
import { nextThursday, NET_LOFT, SCENARIO, THURSDAY } from './scenario.js';

const WEEK_MS = 7 * 86_400_000;

/** Fills an empty database with the demo scenario, each dish really converted. */
@Injectable()
export class DemoService {
  constructor(
    private readonly conversions: ConversionsService,
    private readonly compute: ComputeService,
    @Inject(KITCHEN) private readonly kitchen: SingleDocument<KitchenBody>,
    private readonly evenings: EveningsService,
    private readonly cooks: StartingService,
    private readonly records: RecordsService,
    private readonly photos: PhotosService,
    private readonly experiments: ExperimentsService,
    private readonly learning: LearningService,
    private readonly progress: DemoProgress,
  ) {}

  /**
   * Does nothing when there are dishes already, unless they are those of a fill that was killed half-way: that is begun
   * anew. `say` hears of the progress.
   */
  async fill(say: (line: string) => void): Promise<void> {
    const progress = await this.progress.read();
    if (progress === 'done' || (progress === 'none' && (await this.conversions.ids()).size > 0)) return;
    if (progress === 'half') {
      say('The demo was not filled to its end: it is begun anew');
      await this.progress.takeBack();
    }
    await this.progress.begin();
    const { version } = await this.kitchen.read();
    await this.kitchen.save(version, NET_LOFT);
    // Its past was cooked by the fryers' pages; what it taught counts from today.
    await this.useLearned(false);
    const ids = new Map<string, string>();
    for (const [at, body] of SCENARIO.entries()) {
      const chosen = await this.compute.choose(body);
      const { id } = await this.conversions.create({ ...body, chosen });
      ids.set(body.name, id);
      say(`Demo dish ${at + 1} of ${SCENARIO.length}: ${body.name}`);
    }
    const dishes = THURSDAY.dishes.map(({ name, ...options }): DishAtEvening => ({ id: ids.get(name)!, ...options }));
    await this.evenings.create({ ...THURSDAY, dishes, serveAt: nextThursday(Date.now()) });
    for (const [at, past] of HISTORY.entries()) {
      await this.remember(ids.get(past.dish)!, past);
      say(`Demo cook ${at + 1} of ${HISTORY.length}: ${past.dish}`);
    }
    for (const compared of COMPARED) await this.compare(ids.get(compared.dish)!, compared);
    await this.useLearned(true);
    await this.progress.end();
  }

  private async useLearned(on: boolean): Promise<void> {
    const { version, leftOut, since, handsSince } = await this.learning.read();
    await this.learning.save({ version, on, leftOut, since, handsSince });
  }

  /** A comparison of the past, and what its tasters answered. */
  private async compare(conversionId: string, { ways, asks, answers, note }: ComparedOfDemo): Promise<void> {
    const tasters = Object.keys(answers);
    const { id, version, name, codes } = await this.experiments.create({ conversionId, ways, asks, tasters });
    const at = new Date().toISOString();
    const tastings = tasters.map((taster) => ({ taster, at, order: answers[taster].map((way) => codes[way]) }));
    await this.experiments.save(id, version, { name, tasters, tastings, note });
  }

  /** A cook of the past, written down as it came out. */
  private async remember(
    conversionId: string,
    { weeksAgo, by = { what: 'plan' }, cause, noted, did, photo, more }: PastOfDemo,
  ): Promise<void> {
    const at = new Date(Date.parse(nextThursday(Date.now())) - (weeksAgo + 1) * WEEK_MS).toISOString();
    const { id, programme } = await this.cooks.start({ conversionId, afterwards: { at, by } });
    const recipe = by.what === 'other' ? by : null;
    const came = await this.compute.writeDown({ programme, dish: conversionId, recipe, cause: cause ?? null });
    const looked = Object.fromEntries(noted.flatMap((f) => (came[f] === undefined ? [] : [[f, came[f]]])));
    await this.records.save(id, { ...looked, ...(did ? { did } : {}), ...more });
    if (photo) {
      const plate = { ...photo, b: middleOf('colourTop', came.colourTop), bald: middleOf('bald', came.bald) };
      await this.photos.add(id, await platePicture(plate), conversionId);
    }
  }
}

/** A told colour or share as a number: the middle of its word. */
function middleOf(field: 'colourTop' | 'bald', told: number | string | boolean | undefined): number {
  if (typeof told === 'number') return told;
  const word = FIELD_SCALES[field].words.find((w) => w.word === told);
  return word ? (word.from + Math.min(word.to, MOST_B)) / 2 : 0;
}

/** Burnt has no end: this is burnt enough, B. */
const MOST_B = 5;
