import { Inject, Injectable, Logger, type OnApplicationBootstrap, type OnModuleDestroy } from '@nestjs/common';
import {
  FORMATS,
  saveLearningSchema,
  type FryerLearning,
  type HandsLearning,
  type HonestyAnswer,
  type KitchenBody,
  type KitchenDocument,
  type LearnedValue,
  type LearningBody,
  type LearningDocument,
  type TaughtCook,
} from '@yellowmist/contract';
import {
  asItsPage,
  coatPaceOf,
  handOf,
  toldOfLower,
  type Fryer,
  type FryerOff,
  type LearnedFryer,
} from '@yellowmist/core';
import { debounceTime, filter, merge, tap, type Subscription } from 'rxjs';
import type { Learned, ToLearn } from '../compute/worker.js';
import { ComputeService } from '../compute/compute.service.js';
import { RecordsService, type ToLearnFrom } from '../cooks/records.service.js';
import type { SingleKind } from '../documents/kind.js';
import type { SingleDocument } from '../documents/single.module.js';
import { SinglesService } from '../documents/singles.service.js';
import { KITCHEN, KITCHEN_KIND } from '../kitchen/kitchen.js';
import { PANTRY_KIND } from '../shelf/shelf.service.js';
import { Kept } from './kept.js';
import { LearnedStore, NOTHING_LEARNED } from '../learned/learned.store.js';

const DAY_MS = 86_400_000;
/** Cooks count by how many days ago they were at the end of today (UTC): what was learned stays as it is until another day, or cook. */
const endOfToday = (): number => Math.ceil(Date.now() / DAY_MS) * DAY_MS;
/** So many cooks teach a fryer, the latest: what is older has faded. */
const MOST_COOKS = 40;
/** Cooks that are noted one after the other are learned from together, ms. */
const SETTLES_MS = 300;

const LEARNING_KIND: SingleKind<LearningBody> = {
  path: 'learning',
  format: FORMATS.learning,
  empty: { on: true, leftOut: [], since: [], handsSince: null },
  saveSchema: saveLearningSchema,
  summary: 'What the cooks taught of the fryers',
};

type Listened = ToLearn['cooks'][number];

const idOf = ({ id, dish }: { id: string; dish: string }): string => `${id}.${dish}`;

/** Learns the fryers from the cooks in them, and has it used where that is wanted. */
@Injectable()
export class LearningService implements OnApplicationBootstrap, OnModuleDestroy {
  private readonly log = new Logger('Learning');
  private heard: Subscription | undefined;
  private readonly looked = new Kept<Looked>();
  private readonly honest = new Kept<HonestyAnswer>();

  constructor(
    private readonly singles: SinglesService,
    private readonly records: RecordsService,
    private readonly compute: ComputeService,
    private readonly learned: LearnedStore,
    @Inject(KITCHEN) private readonly kitchen: SingleDocument<KitchenBody>,
  ) {}

  onApplicationBootstrap(): void {
    this.learned.waitFor(this.refresh());
    const kitchen = this.singles.saved.pipe(filter((path) => [KITCHEN_KIND.path, PANTRY_KIND.path].includes(path)));
    this.heard = merge(this.learned.stale, kitchen)
      .pipe(
        tap(() => this.forget()),
        debounceTime(SETTLES_MS),
      )
      .subscribe(() => void this.refresh());
  }

  onModuleDestroy(): void {
    this.heard?.unsubscribe();
  }

  async read(): Promise<LearningDocument> {
    return answerOf(await this.look());
  }

  /** The kitchen as every plan takes it. */
  async kitchenInUse(): Promise<KitchenDocument> {
    return this.learned.kitchen(await this.kitchen.read());
  }

  /** How right plans have been for each fryer, cook by cook. */
  honesty(): Promise<HonestyAnswer> {
    return this.honest.get(() => this.lookBack());
  }

  private async lookBack(): Promise<HonestyAnswer> {
    const body = await this.singles.read(LEARNING_KIND);
    const cooks = await this.records.toLearnFrom(endOfToday());
    const pages = await this.pagesOf(cooks);
    const found = await this.compute.honesty({ pages, cooks: this.listenedTo(cooks, body) });
    const byId = new Map(cooks.map((cook) => [idOf(cook), cook]));
    return {
      fryers: found
        .filter(({ foretold }) => foretold.length > 0)
        .map(({ foretold, ...fryer }) => ({
          ...fryer,
          foretold: foretold.map(({ daysAgo: _, ...one }) => {
            const { name, at } = byId.get(one.id)!;
            return { ...one, name, at };
          }),
        })),
    };
  }

  /** @throws ProblemException 409 with the stored version when it is not the last any more */
  async save({ version, ...body }: LearningBody & { version: number }): Promise<LearningDocument> {
    await this.singles.save(LEARNING_KIND, version, body);
    this.forget();
    const look = this.look();
    // Whoever reads a dish from now on reads it as it was asked for.
    this.learned.waitFor(look.then((looked) => this.use(looked)));
    return answerOf(await look);
  }

  /** Has what was learned by now used from now on; nothing of it where learning is off. */
  private async refresh(): Promise<void> {
    try {
      const { on } = await this.singles.read(LEARNING_KIND);
      if (on) this.use(await this.look());
      else this.learned.use(NOTHING_LEARNED);
    } catch (error) {
      // Plans go by the fryers' pages, or by what was learned before.
      this.log.warn(`Nothing was learned: ${String(error)}`);
      this.learned.settled();
    }
  }

  private use({ body, found: { fryers, hands } }: Looked): void {
    this.learned.use(
      body.on
        ? {
            fryers: new Map(fryers.map(({ page, learned }) => [page.name, learned])),
            hands: handOf(hands.learned),
            coatPieceS: coatPaceOf(hands.learned),
          }
        : NOTHING_LEARNED,
    );
  }

  private forget(): void {
    this.looked.forget();
    this.honest.forget();
  }

  /** All cooks, and what they taught by now. */
  private look(): Promise<Looked> {
    return this.looked.get(() => this.listen());
  }

  private async listen(): Promise<Looked> {
    const { version, ...body } = await this.singles.read(LEARNING_KIND);
    const cooks = await this.records.toLearnFrom(endOfToday());
    const pages = await this.pagesOf(cooks);
    const found = await this.compute.learn({ pages, cooks: this.listenedTo(cooks, body) });
    return { version, body, cooks, found };
  }

  /** Fryers as their pages have them; one that has no page any more as it was when it was cooked in last. */
  private async pagesOf(cooks: readonly ToLearnFrom[]): Promise<Fryer[]> {
    const pages = new Map((await this.kitchen.read()).fryers.map((f) => [f.name, f]));
    for (const { fryer } of cooks) if (!pages.has(fryer.name)) pages.set(fryer.name, asItsPage(fryer));
    return [...pages.values()];
  }

  /** Cooks that are not weighed out, each with what it teaches: of its fryer, where that is not forgotten, and of hands. */
  private listenedTo(cooks: readonly ToLearnFrom[], { leftOut, since, handsSince }: LearningBody): Listened[] {
    const out = new Set(leftOut);
    const from = new Map(since.map(({ fryer, at }) => [fryer, Date.parse(at)]));
    const handsFrom = handsSince === null ? 0 : Date.parse(handsSince);
    const many = new Map<string, number>();
    return cooks
      .filter((cook) => !out.has(idOf(cook)))
      .map((cook) => {
        const { name } = cook.fryer;
        const atMs = Date.parse(cook.at);
        const remembered = atMs >= (from.get(name) ?? 0);
        const nth = (many.get(name) ?? 0) + (remembered ? 1 : 0);
        many.set(name, nth);
        return { ...cook, ofFryer: remembered && nth <= MOST_COOKS, ofHands: atMs >= handsFrom };
      });
  }
}

/** What was looked at: what is asked of learning, all cooks, and what those that are listened to taught. */
interface Looked {
  version: number;
  body: LearningBody;
  cooks: readonly ToLearnFrom[];
  found: Learned;
}

const answerOf = ({ version, body, cooks, found }: Looked): LearningDocument => ({
  version,
  ...body,
  hands: handsOf(found.hands),
  fryers: found.fryers
    .map(({ page, learned, says, parts }) => ({
      fryer: page.name,
      says,
      parts,
      ...valuesOf(learned),
      lower:
        page.racks > 1 && toldOfLower(learned) ? factor(learned.belief.mean.lowerLog, learned.spread.lowerLog) : null,
      cooks: cooks.filter((c) => c.fryer.name === page.name).map((cook) => taughtBy(cook, learned, body)),
      changed: learned.changed && {
        at: new Date(endOfToday() - learned.changed.daysAgo * DAY_MS).toISOString(),
        beforeC: learned.changed.before.offsetK,
        sinceC: learned.changed.since.offsetK,
      },
    }))
    .filter(({ cooks: own }) => own.length > 0),
});

const handsOf = ({ learned, says, parts }: Learned['hands']): HandsLearning => ({
  says,
  parts,
  dips: factor(learned.dips.log, learned.dips.off),
  crumbs: factor(learned.crumbs.log, learned.crumbs.off),
  coatPieceS: learned.coatPieceS,
  weighed: learned.weighed,
  timed: learned.timed,
});

/** Logarithms as factors; their spread about them. */
const factor = (log: number, off: number): LearnedValue => ({ is: Math.exp(log), off: Math.exp(log) * off });

const valuesOf = ({ belief: { mean }, spread }: LearnedFryer): Pick<FryerLearning, 'offsetC' | 'air' | 'browning'> => ({
  offsetC: { is: mean.offsetK, off: spread.offsetK },
  air: factor(mean.airLog, spread.airLog),
  browning: factor(mean.browningLog, spread.browningLog),
});

const aloneOf = ({ offsetK, airLog, browningLog }: FryerOff): NonNullable<TaughtCook['alone']> => ({
  offsetC: offsetK,
  air: Math.exp(airLog),
  browning: Math.exp(browningLog),
});

function taughtBy(cook: ToLearnFrom, { taught }: LearnedFryer, { leftOut }: LearningBody): TaughtCook {
  const own = taught.find((t) => t.id === idOf(cook));
  return {
    id: idOf(cook),
    cook: cook.id,
    dish: cook.dish,
    name: cook.name,
    at: cook.at,
    leftOut: leftOut.includes(idOf(cook)),
    alone: own ? aloneOf(own.alone) : null,
    farthest: own?.farthest ?? 0,
  };
}
