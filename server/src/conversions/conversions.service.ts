import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import {
  bodyOfDocument,
  check,
  conversionBodySchema,
  FORMATS,
  formatNumber,
  isBroken,
  RANGES,
  upgrade,
  type BinnedConversion,
  type BrokenDocument,
  type Chosen,
  type ConversionBody,
  type ConversionDocument,
  type ListedConversion,
} from '@yellowmist/contract';
import {
  DIETS,
  fingerprint,
  fitsDiets,
  ingredient,
  pantryOf,
  takenAs,
  type Diet,
  type Label,
  type Pantry,
} from '@yellowmist/core';
import { Repository } from 'typeorm';
import { ProblemException } from '../common/problem.js';
import type { ListedEntity, Stamps } from '../documents/listed.entity.js';
import { ListedStore } from '../documents/listed.store.js';
import type { Page } from '../documents/parts.js';
import { asItIsStored, LearnedStore } from '../learned/learned.store.js';
import { ShelfService } from '../shelf/shelf.service.js';
import { ConversionEntity } from './conversion.entity.js';

const FORMAT = formatNumber(FORMATS.conversion);

/** The air version that is stored by now; null where there is none, or it cannot be read here. */
function chosenIn({ format, body }: ListedEntity): Chosen | null {
  try {
    return upgrade(FORMATS.conversion, format, JSON.parse(body)).chosen;
  } catch {
    return null;
  }
}

/** The stored body in today's format, its ids among what is on the shelf. @throws Error with why it cannot be read */
function bodyIn({ format, body }: ListedEntity, pantry: Pantry): ConversionBody {
  const checked = check(conversionBodySchema, upgrade(FORMATS.conversion, format, JSON.parse(body)), pantry);
  if (!checked.ok) throw new Error(checked.errors.map((e) => e.message).join('; '));
  return checked.value;
}

const whole = ({ id, version, createdAt, updatedAt }: Stamps, body: ConversionBody): ConversionDocument => ({
  ...body,
  id,
  version,
  format: FORMAT,
  createdAt,
  updatedAt,
});

/** Diets that a dish fits by its ingredients: as it comes out of the air fryer where it is converted. */
function dietsOf({ dish, fried, chosen }: ConversionBody, pantry: Pantry): Diet[] {
  const layers = chosen?.plan.layers ?? fried.layers;
  const portions = [...layers, ...(dish.beside ?? [])].flatMap((l) => l.portions);
  const ids = [dish.foodId, ...(dish.also ? [dish.also.foodId] : []), ...portions.map((p) => p.ingredientId)];
  return DIETS.filter((diet) => ids.every((id) => fitsDiets(ingredient(pantry, id), [diet])));
}

/** Bodies of dishes that are kept beside the database, checked. */
const MOST_CHECKED = 2500;

/** Stores conversions, their fryers as they were learned where that is used; a save names the version that it changes, and a deleted one can be brought back. */
@Injectable()
export class ConversionsService {
  private readonly store: ListedStore<ConversionBody>;
  private readonly checked = new Map<string, { version: number; shelf: string; body: ConversionBody }>();

  constructor(
    @InjectRepository(ConversionEntity) rows: Repository<ConversionEntity>,
    private readonly shelf: ShelfService,
    private readonly learned: LearnedStore,
  ) {
    this.store = new ListedStore(rows, FORMATS.conversion, 'conversion');
  }

  /** All that are not deleted, whole, the last touched first; each stands or falls alone. */
  async all(): Promise<(ConversionDocument | BrokenDocument)[]> {
    return this.readAll(await this.shelf.own());
  }

  /** The same as a list shows them: without the versions that were kept, and with the diets that each fits. */
  async list(page?: Page): Promise<ListedConversion[]> {
    const own = await this.shelf.own();
    const pantry = pantryOf(own);
    return (await this.readAll(own, page)).map((document) => {
      if (isBroken(document)) return document;
      const { versions: _, ...shown } = document;
      return { ...shown, diets: dietsOf(document, pantry) };
    });
  }

  private readAll(own: Label[], page?: Page): Promise<(ConversionDocument | BrokenDocument)[]> {
    const pantry = pantryOf(own);
    const shelf = JSON.stringify(own);
    return this.store.readAll((row) => this.learned.into(whole(row, this.known(row, pantry, shelf))), page);
  }

  /** A stored body that was checked before is not checked again, as long as neither it nor what is on the shelf changes. */
  private known(row: ListedEntity, pantry: Pantry, shelf: string): ConversionBody {
    const kept = this.checked.get(row.id);
    if (kept?.version === row.version && kept.shelf === shelf) return kept.body;
    const body = bodyIn(row, pantry);
    if (this.checked.size >= MOST_CHECKED) this.checked.clear();
    this.checked.set(row.id, { version: row.version, shelf, body });
    return body;
  }

  /** Ids of all that are not deleted. */
  ids(): Promise<Set<string>> {
    return this.store.ids();
  }

  /** @throws ProblemException 404 where there is none; 422 where it cannot be read here */
  async read(id: string): Promise<ConversionDocument> {
    const row = await this.store.row(id);
    const pantry = await this.shelf.pantry();
    try {
      return await this.learned.into(whole(row, bodyIn(row, pantry)));
    } catch (error) {
      throw new ProblemException(422, `“${row.name}” cannot be opened here: ${(error as Error).message}`);
    }
  }

  /** @throws ProblemException 409 where there are as many as there may be */
  async create(body: ConversionBody): Promise<ConversionDocument> {
    const { max } = RANGES.filedDishes;
    if ((await this.store.count()) >= max)
      throw new ProblemException(
        409,
        `A kitchen has at most ${max} dishes. Delete some, or save them in a file first.`,
      );
    const page = this.meantFor(asItIsStored(body), null);
    return this.learned.into(whole(await this.store.insert(page), page));
  }

  /** Saves over `version`. @throws ProblemException 409 with the stored version when it is not the last any more */
  async save(id: string, version: number, body: ConversionBody): Promise<ConversionDocument> {
    const page = this.meantFor(asItIsStored(body), chosenIn(await this.store.row(id)));
    return this.learned.into(whole(await this.store.replace(id, version, page), page));
  }

  /**
   * Says what the fryer was taken for when the plan was chosen: now, for another plan than before, or for one that is said
   * to be meant for it as it is taken now; as before for the same plan.
   */
  private meantFor(page: ConversionBody, before: Chosen | null): ConversionBody {
    if (!page.chosen) return page;
    const { meantFor: said, ...chosen } = page.chosen;
    const now = takenAs(this.learned.fryerNow(page.fryer));
    const samePlan = before !== null && fingerprint(before.plan) === fingerprint(chosen.plan);
    const saidNow = said !== undefined && fingerprint(said) === fingerprint(now);
    const meantFor = samePlan && !saidNow ? before.meantFor : now;
    return { ...page, chosen: { ...chosen, ...(meantFor && { meantFor }) } };
  }

  async duplicate(id: string): Promise<ConversionDocument> {
    const body = bodyOfDocument(await this.read(id));
    return this.create({ ...body, name: `${body.name.slice(0, RANGES.nameLength.max - 7)} (copy)` });
  }

  /** Puts a conversion aside; `restore` brings it back. */
  remove(id: string): Promise<void> {
    return this.store.remove(id);
  }

  /** What was put aside, the last first. */
  bin(): Promise<BinnedConversion[]> {
    return this.store.bin();
  }

  async restore(id: string): Promise<ConversionDocument> {
    await this.store.restore(id);
    return this.read(id);
  }

  /** Names of the conversions, deleted ones included, that use a pantry id. */
  async namesUsing(ingredientId: string): Promise<string[]> {
    const rows = await this.store.holding(JSON.stringify(ingredientId));
    return rows.map((row) => (row.deletedAt ? `${row.name} (deleted)` : row.name));
  }

  /** @throws ProblemException 404 where there is none */
  async mustBe(id: string): Promise<void> {
    await this.store.row(id);
  }
}
