import {
  exampleConversion,
  type ConversionBody,
  type ConversionDocument,
  type ConvertAnswer,
  type PantryDocument,
  type Problem,
} from '@yellowmist/contract';
import { RunningServer } from './running.js';

const server = new RunningServer();
beforeAll(() => server.start());
afterAll(() => server.end());

const body = exampleConversion();
const whole = {
  ...body,
  dish: {
    ...body.dish,
    count: 10,
    servings: 2,
    bought: { unit: 'cluster', amount: 1.2, cut: 'torn' },
    beside: [
      {
        name: 'Skerry dip',
        use: 'dip',
        portions: [
          { ingredientId: 'yoghurt', grams: 100 },
          { ingredientId: 'mustard', grams: 10 },
        ],
      },
    ],
  },
} as ConversionBody;
const put = (dish: object) =>
  server.ask<Problem>('POST', '/conversions', { ...whole, dish: { ...whole.dish, ...dish } });
const fieldsOf = ({ body: { errors = [] } }: { body: Problem }) => errors.map((e) => e.field);

describe('the whole plate through the API', () => {
  test('is stored as it was entered, and read again', async () => {
    const made = await server.ask<ConversionDocument>('POST', '/conversions', whole);
    expect(made.status).toBe(201);
    const read = await server.ask<ConversionDocument>('GET', `/conversions/${made.body.id}`);
    expect(read.body.dish).toEqual(whole.dish);
  });

  test('is converted with its dip measured out, its allergens and one person’s figures', async () => {
    const { dish, fried, fryer, limits } = whole;
    const { status, body: answer } = await server.ask<ConvertAnswer>('POST', '/convert', {
      dish,
      fried,
      fryer,
      limits,
    });
    expect(status).toBe(200);
    const [best] = answer.alternatives;
    expect(best.beside).toMatchObject([{ name: 'Skerry dip', use: 'dip', takesG: 80 }]);
    expect(best.allergens).toEqual(expect.arrayContaining(['milk', 'mustard']));
    expect(best.perServing.air).toMatchObject({ people: 2 });
    expect(best.perServing.air.energyKcal.value).toBeLessThan(best.perServing.pot.energyKcal.value);
    expect(best.steps.join(' ')).toContain('skerry dip');
  });

  test.each<[string, object, string]>([
    ['a unit that the food is not sold by', { bought: { unit: 'fillet', amount: 1, cut: 'torn' } }, 'dish.bought'],
    ['a cut that it is not known in', { bought: { unit: 'cluster', amount: 1, cut: 'rings' } }, 'dish.bought'],
    ['nothing of it', { bought: { unit: 'g', amount: 0, cut: 'torn' } }, 'dish.bought.amount'],
    ['a bowl for nothing that is known', { beside: [{ name: 'X', use: 'soup', portions: [] }] }, 'dish.beside.0.use'],
    ['two bowls of one name', { beside: [whole.dish.beside![0], whole.dish.beside![0]] }, 'dish.beside.1'],
    ['nobody who eats', { servings: 0 }, 'dish.servings'],
    ['a second food that is none', { also: { foodId: 'egg', shape: body.dish.shape, count: 2 } }, 'dish.also.foodId'],
  ])('%s is refused at its field', async (_, dish, field) => {
    const refused = await put(dish);
    expect(refused.status).toBe(400);
    expect(fieldsOf(refused)).toContain(field);
  });
});

describe('usual weights of this kitchen', () => {
  test('are kept with the pantry; a unit that the food is not sold by is refused', async () => {
    const { body: pantry } = await server.ask<PantryDocument>('GET', '/pantry/kitchen');
    const weights = [{ foodId: 'onion', unit: 'medium-onion', grams: 210 }];
    const saved = await server.ask<PantryDocument>('PUT', '/pantry/kitchen', { ...pantry, weights });
    expect(saved.body.weights).toEqual(weights);
    const wrong = await server.ask<Problem>('PUT', '/pantry/kitchen', {
      ...saved.body,
      weights: [{ foodId: 'onion', unit: 'fillet', grams: 210 }],
    });
    expect(wrong.status).toBe(400);
    expect(fieldsOf(wrong)).toEqual(['weights.0']);
  });
});
