import { describe, expect, it } from 'vitest';
import { knowledge } from '../test/fixtures.js';
import { findDangers } from './findDangers.js';

const found = (text: string): string[] =>
  findDangers(text, knowledge.dangers)
    .filter(({ isSure }) => isSure)
    .map(({ danger }) => danger.id);

describe('a danger somebody types', () => {
  it.each([
    ['asbestos dust', 'asbestos'],
    ['Sawed old garage roof, dust on jumper', 'asbestos'],
    ['asbestus on my overall', 'asbestos'],
    ['lead dust on work trousers', 'leadDust'],
    ['Thermometer broke on quilt, silver balls', 'mercury'],
    ['weed killer splashed on jeans', 'pesticide'],
    ['paint stripper', 'paintStripper'],
    ['danish oil on shirt', 'oilyRags'],
    ['Linseed rags in the bin', 'oilyRags'],
    ['teak oil', 'oilyRags'],
    ['Vinegar after bleach, coughing', 'chlorineMix'],
    ['bleach then vinegar', 'chlorineMix'],
    ['Rust remover on sleeve, no pain', 'hydrofluoric'],
    ['Knelt in concrete, knees fine', 'wetCement'],
    ['Iodine, then glass cleaner, now dry', 'iodineAmmonia'],
    ['Mouse nest in coat', 'droppings'],
    ['Needle in pillowcase pricked me', 'sharps'],
    ['Dad’s sheets after iodine therapy', 'radioiodine'],
    ['petrol on jeans', 'fuel'],
    ['life jacket', 'lifeJacket'],
    ['airbag vests', 'airbagVest'],
    ['stab vest', 'bodyArmour'],
    ['welding jacket', 'flameResistantWear'],
    ['electric throw', 'heatedPiece'],
    ['Cat wee on plugged-in throw', 'heatedPiece'],
    ['Sick on child-seat straps', 'childSeatStraps'],
  ])('%s → %s', (text, id) => {
    expect(found(text)[0]).toBe(id);
  });
  it('is found with others that are named beside it', () => {
    expect(found('Battery acid touched climbing rope').sort()).toEqual(['climbingGear', 'strongAcid']);
  });
});

describe('ordinary words', () => {
  it.each([
    ...['dog lead', 'dog lead with mud', 'pencil lead', 'lime juice', 'sticking plaster', 'pine resin'],
    ...[
      'pine needles',
      'face toner',
      'a sewn patch',
      'paraffin wax',
      'Red thermometer broke',
      'citric rust remover',
    ],
    ...[
      'chilli',
      'iodine',
      'cough syrup',
      'Towel smells of bleach',
      'Mud from football',
      'white wine',
      'lead-free',
    ],
    ...[
      'beaded dress',
      'washing powder',
      'bird poo',
      'candle wax',
      'dust',
      'blanket',
      'jacket',
      'wax jacket',
    ],
  ])('%s is no danger', (text) => {
    expect(found(text)).toEqual([]);
  });
  it('no name of a trouble, a piece or a fibre leads away from it but where it is meant to', () => {
    const names = [...knowledge.marks, ...knowledge.items, ...knowledge.fibres].flatMap(
      ({ name, aliases }) => [name, ...aliases],
    );
    const away = names.filter((name) => findDangers(name, knowledge.dangers).some(({ isOnly }) => isOnly));
    expect(away.sort()).toEqual([
      ...['biker jacket', 'climbing harness', 'climbing rope', 'climbing sling'],
      ...['electric blanket or heated pad', 'electric blankets', 'electric throw', 'electric underblanket'],
      ...['fall arrest harness', 'flame resistant fabric', 'flame resistant overalls'],
      ...['flame retardant overalls', 'flame-resistant overall', 'fr coveralls', 'fr overalls'],
      ...['heat pad', 'heated blanket', 'heated throw', 'heated throws', 'heating pad'],
      ...['motorcycle jacket', 'safety harness', 'welders jacket', 'welding jacket'],
    ]);
  });
});
