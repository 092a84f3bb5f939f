import type { Diagnosis } from '../schema/diagnosis.js';

/** Odds and factors are estimates from memory: they order the causes, no more. */
export const diagnoses: readonly Diagnosis[] = [
  {
    id: 'whyYellow',
    markId: 'yellowed',
    causes: [
      { markId: 'sweatYellow', odds: 3 },
      { markId: 'storageYellow', odds: 3 },
      { markId: 'residueGrey', odds: 2 },
      { markId: 'chlorineYellowed', odds: 1 },
      { markId: 'lostWhite', odds: 1 },
      { markId: 'ironYellow', odds: 1 },
      { markId: 'nicotineYellow', odds: 1 },
    ],
    questions: [
      {
        id: 'yellowWhere',
        text: 'Where is it yellow?',
        answers: [
          {
            id: 'atBody',
            text: 'Underarms, collar, where the head lies',
            factors: [
              { markId: 'sweatYellow', factor: 8 },
              { markId: 'lostWhite', factor: 0.2 },
              { markId: 'ironYellow', factor: 0.2 },
              { markId: 'storageYellow', factor: 0.3 },
            ],
          },
          {
            id: 'inFolds',
            text: 'In folds, along edges',
            factors: [
              { markId: 'storageYellow', factor: 6 },
              { markId: 'sweatYellow', factor: 0.3 },
              { markId: 'lostWhite', factor: 0.2 },
              { markId: 'chlorineYellowed', factor: 0.4 },
            ],
          },
          {
            id: 'allOver',
            text: 'Evenly all over',
            factors: [
              { markId: 'lostWhite', factor: 3 },
              { markId: 'ironYellow', factor: 3 },
              { markId: 'chlorineYellowed', factor: 2 },
              { markId: 'residueGrey', factor: 2 },
              { markId: 'nicotineYellow', factor: 2 },
              { markId: 'sweatYellow', factor: 0.2 },
            ],
          },
          {
            id: 'inPatches',
            text: 'In patches',
            factors: [
              { markId: 'chlorineYellowed', factor: 2 },
              { markId: 'residueGrey', factor: 2 },
              { markId: 'ironYellow', factor: 1.5 },
              { markId: 'lostWhite', factor: 0.2 },
            ],
          },
        ],
      },
      {
        id: 'yellowBefore',
        text: 'What came before?',
        answers: [
          {
            id: 'bleached',
            text: 'It was bleached with chlorine',
            factors: [{ markId: 'chlorineYellowed', factor: 10 }],
          },
          {
            id: 'storedLong',
            text: 'It lay stored for months',
            factors: [{ markId: 'storageYellow', factor: 5 }],
          },
          {
            id: 'smokers',
            text: 'It hung where people smoke or a fire burns',
            factors: [{ markId: 'nicotineYellow', factor: 10 }],
          },
          {
            id: 'washedOften',
            text: 'Just many washes',
            factors: [
              { markId: 'residueGrey', factor: 2.5 },
              { markId: 'lostWhite', factor: 2.5 },
              { markId: 'ironYellow', factor: 1.5 },
              { markId: 'storageYellow', factor: 0.2 },
            ],
          },
          { id: 'noIdea', text: 'Not known', factors: [] },
        ],
      },
      {
        id: 'yellowWater',
        text: 'Does the water here leave orange or brown marks in basins?',
        answers: [
          { id: 'orangeYes', text: 'Yes', factors: [{ markId: 'ironYellow', factor: 6 }] },
          { id: 'orangeNo', text: 'No', factors: [{ markId: 'ironYellow', factor: 0.2 }] },
          { id: 'orangeUnknown', text: 'Not sure', factors: [] },
        ],
      },
    ],
    sourceIds: ['memory', 'commonPractice'],
  },
  {
    id: 'whyGrey',
    markId: 'greyUnknown',
    causes: [
      { markId: 'greyed', odds: 3 },
      { markId: 'residueGrey', odds: 3 },
      { markId: 'dyeRun', odds: 2 },
      { markId: 'lostWhite', odds: 1 },
    ],
    questions: [
      {
        id: 'greyHow',
        text: 'When did it turn grey?',
        answers: [
          {
            id: 'inOneWash',
            text: 'In one wash',
            factors: [
              { markId: 'dyeRun', factor: 10 },
              { markId: 'greyed', factor: 0.3 },
              { markId: 'lostWhite', factor: 0.1 },
            ],
          },
          {
            id: 'slowly',
            text: 'Slowly, over many washes',
            factors: [
              { markId: 'greyed', factor: 2 },
              { markId: 'residueGrey', factor: 2 },
              { markId: 'lostWhite', factor: 2 },
              { markId: 'dyeRun', factor: 0.1 },
            ],
          },
          { id: 'greyNoIdea', text: 'Not known', factors: [] },
        ],
      },
      {
        id: 'greyFeel',
        text: 'How does it feel?',
        answers: [
          {
            id: 'waxyFeel',
            text: 'Waxy, water stays on it',
            factors: [{ markId: 'residueGrey', factor: 5 }],
          },
          { id: 'roughFeel', text: 'Rough or limp', factors: [{ markId: 'greyed', factor: 3 }] },
          {
            id: 'asNew',
            text: 'As always',
            factors: [
              { markId: 'lostWhite', factor: 2.5 },
              { markId: 'dyeRun', factor: 1.5 },
              { markId: 'residueGrey', factor: 0.5 },
            ],
          },
        ],
      },
      {
        id: 'greyTint',
        text: 'Has it a tint, blue, pink or green?',
        answers: [
          { id: 'tinted', text: 'Yes', factors: [{ markId: 'dyeRun', factor: 6 }] },
          { id: 'untinted', text: 'No, plain grey', factors: [{ markId: 'dyeRun', factor: 0.3 }] },
        ],
      },
    ],
    sourceIds: ['memory', 'commonPractice'],
  },
  {
    id: 'whyStiff',
    markId: 'stiffUnknown',
    causes: [
      { markId: 'scale', odds: 3 },
      { markId: 'softenerWaxy', odds: 2 },
      { markId: 'stiffTowels', odds: 2 },
      { markId: 'soapScumBuild', odds: 1 },
      { markId: 'newStiff', odds: 1 },
    ],
    questions: [
      {
        id: 'stiffHow',
        text: 'Which is nearest?',
        answers: [
          {
            id: 'chalkyDry',
            text: 'Hard and chalky when line-dried, softer when shaken',
            factors: [
              { markId: 'scale', factor: 5 },
              { markId: 'softenerWaxy', factor: 0.2 },
            ],
          },
          {
            id: 'waxyTouch',
            text: 'Soft but waxy, water beads off',
            factors: [
              { markId: 'softenerWaxy', factor: 6 },
              { markId: 'scale', factor: 0.2 },
            ],
          },
          {
            id: 'greasySmell',
            text: 'Greasy, smells when warm',
            factors: [
              { markId: 'stiffTowels', factor: 6 },
              { markId: 'newStiff', factor: 0.1 },
            ],
          },
          {
            id: 'boardNew',
            text: 'Like a board, and it is new',
            factors: [{ markId: 'newStiff', factor: 20 }],
          },
        ],
      },
      {
        id: 'stiffSoap',
        text: 'Washed with soap, soap nuts or home-made soap?',
        answers: [
          { id: 'soapYes', text: 'Yes', factors: [{ markId: 'soapScumBuild', factor: 10 }] },
          { id: 'soapNo', text: 'No', factors: [{ markId: 'soapScumBuild', factor: 0.15 }] },
        ],
      },
      {
        id: 'stiffWater',
        text: 'Is the water hard here?',
        answers: [
          {
            id: 'hardYes',
            text: 'Yes: the kettle furs up',
            factors: [
              { markId: 'scale', factor: 2.5 },
              { markId: 'soapScumBuild', factor: 2 },
            ],
          },
          {
            id: 'hardNo',
            text: 'No',
            factors: [
              { markId: 'scale', factor: 0.1 },
              { markId: 'soapScumBuild', factor: 0.3 },
            ],
          },
          { id: 'hardUnknown', text: 'Not sure', factors: [] },
        ],
      },
    ],
    sourceIds: ['memory', 'commonPractice'],
  },
  {
    id: 'whySmell',
    markId: 'smellUnknown',
    causes: [
      { markId: 'kitSmell', odds: 3 },
      { markId: 'musty', odds: 2 },
      { markId: 'sourWash', odds: 2 },
      { markId: 'smoke', odds: 1 },
      { markId: 'petUrine', odds: 1 },
      { markId: 'mothball', odds: 1 },
      { markId: 'onionSmell', odds: 1 },
    ],
    questions: [
      {
        id: 'smellLike',
        text: 'What is it nearest to?',
        answers: [
          { id: 'likeSweat', text: 'Sweat, rancid', factors: [{ markId: 'kitSmell', factor: 6 }] },
          {
            id: 'likeDamp',
            text: 'Damp, cellar, wet dog',
            factors: [
              { markId: 'musty', factor: 4 },
              { markId: 'sourWash', factor: 4 },
            ],
          },
          { id: 'likeAmmonia', text: 'Ammonia, fishy', factors: [{ markId: 'petUrine', factor: 8 }] },
          { id: 'likeMoth', text: 'Mothballs, camphor', factors: [{ markId: 'mothball', factor: 20 }] },
          { id: 'likeSmoke', text: 'Smoke', factors: [{ markId: 'smoke', factor: 20 }] },
          { id: 'likeFood', text: 'Onion, frying', factors: [{ markId: 'onionSmell', factor: 12 }] },
        ],
      },
      {
        id: 'smellWhen',
        text: 'When is it worst?',
        answers: [
          { id: 'whenWarm', text: 'Warm on the body', factors: [{ markId: 'kitSmell', factor: 4 }] },
          {
            id: 'afterWash',
            text: 'Straight from the wash',
            factors: [
              { markId: 'sourWash', factor: 6 },
              { markId: 'kitSmell', factor: 0.5 },
            ],
          },
          {
            id: 'fromStore',
            text: 'Out of the cupboard',
            factors: [
              { markId: 'musty', factor: 5 },
              { markId: 'mothball', factor: 3 },
              { markId: 'kitSmell', factor: 0.4 },
            ],
          },
          {
            id: 'whenDamp',
            text: 'On damp days',
            factors: [
              { markId: 'petUrine', factor: 3 },
              { markId: 'smoke', factor: 2 },
              { markId: 'musty', factor: 1.5 },
            ],
          },
        ],
      },
    ],
    sourceIds: ['memory', 'commonPractice'],
  },
  {
    id: 'whatStain',
    markId: 'unknownStain',
    causes: [
      { markId: 'saladOil', odds: 3 },
      { markId: 'tea', odds: 3 },
      { markId: 'sweatYellow', odds: 2 },
      { markId: 'fruitJuice', odds: 2 },
      { markId: 'milk', odds: 1.5 },
      { markId: 'blood', odds: 1.5 },
      { markId: 'rust', odds: 1 },
      { markId: 'mildew', odds: 1 },
      { markId: 'curry', odds: 1 },
      { markId: 'berry', odds: 1 },
      { markId: 'gelInk', odds: 1 },
      { markId: 'motorOil', odds: 0.7 },
      { markId: 'waterMark', odds: 1 },
      { markId: 'candleWax', odds: 0.7 },
    ],
    questions: [
      {
        id: 'stainLook',
        text: 'How does it look?',
        answers: [
          {
            id: 'lookDarkWet',
            text: 'Darker, as if wet; no colour of its own',
            factors: [
              { markId: 'saladOil', factor: 12 },
              { markId: 'candleWax', factor: 3 },
              { markId: 'waterMark', factor: 2 },
              { markId: 'tea', factor: 0.1 },
              { markId: 'blood', factor: 0.1 },
              { markId: 'rust', factor: 0.05 },
            ],
          },
          {
            id: 'lookYellow',
            text: 'Yellow to pale brown',
            factors: [
              { markId: 'sweatYellow', factor: 4 },
              { markId: 'tea', factor: 3 },
              { markId: 'fruitJuice', factor: 4 },
              { markId: 'milk', factor: 3 },
              { markId: 'curry', factor: 2 },
              { markId: 'blood', factor: 0.3 },
            ],
          },
          {
            id: 'lookOrange',
            text: 'Bright yellow or orange',
            factors: [
              { markId: 'curry', factor: 12 },
              { markId: 'rust', factor: 4 },
              { markId: 'tea', factor: 0.2 },
            ],
          },
          {
            id: 'lookBrown',
            text: 'Brown',
            factors: [
              { markId: 'tea', factor: 5 },
              { markId: 'blood', factor: 4 },
              { markId: 'rust', factor: 4 },
              { markId: 'sweatYellow', factor: 0.5 },
              { markId: 'saladOil', factor: 0.2 },
            ],
          },
          {
            id: 'lookRed',
            text: 'Red, pink or purple',
            factors: [
              { markId: 'berry', factor: 10 },
              { markId: 'blood', factor: 5 },
              { markId: 'gelInk', factor: 1.5 },
              { markId: 'tea', factor: 0.05 },
              { markId: 'saladOil', factor: 0.1 },
            ],
          },
          {
            id: 'lookBlack',
            text: 'Blue, black or grey',
            factors: [
              { markId: 'gelInk', factor: 8 },
              { markId: 'motorOil', factor: 8 },
              { markId: 'mildew', factor: 6 },
              { markId: 'berry', factor: 1.5 },
              { markId: 'tea', factor: 0.2 },
              { markId: 'saladOil', factor: 0.2 },
            ],
          },
          {
            id: 'lookRing',
            text: 'A ring, pale inside',
            factors: [
              { markId: 'waterMark', factor: 10 },
              { markId: 'fruitJuice', factor: 2 },
              { markId: 'tea', factor: 1.5 },
              { markId: 'saladOil', factor: 0.3 },
            ],
          },
        ],
      },
      {
        id: 'stainFeel',
        text: 'How does it feel?',
        answers: [
          {
            id: 'feelGreasy',
            text: 'Greasy, slippery',
            factors: [
              { markId: 'saladOil', factor: 6 },
              { markId: 'motorOil', factor: 5 },
              { markId: 'sweatYellow', factor: 1.5 },
              { markId: 'tea', factor: 0.2 },
              { markId: 'waterMark', factor: 0.1 },
            ],
          },
          {
            id: 'feelStiff',
            text: 'Stiff, crusted',
            factors: [
              { markId: 'milk', factor: 4 },
              { markId: 'blood', factor: 3 },
              { markId: 'fruitJuice', factor: 2 },
              { markId: 'sweatYellow', factor: 2 },
              { markId: 'saladOil', factor: 0.3 },
            ],
          },
          {
            id: 'feelSticky',
            text: 'Sticky',
            factors: [
              { markId: 'fruitJuice', factor: 6 },
              { markId: 'candleWax', factor: 0.5 },
              { markId: 'saladOil', factor: 0.5 },
            ],
          },
          {
            id: 'feelWaxy',
            text: 'Waxy: it flakes under a fingernail',
            factors: [{ markId: 'candleWax', factor: 25 }],
          },
          {
            id: 'feelNothing',
            text: 'Nothing to feel',
            factors: [
              { markId: 'tea', factor: 2 },
              { markId: 'waterMark', factor: 2 },
              { markId: 'gelInk', factor: 2 },
              { markId: 'rust', factor: 2 },
              { markId: 'mildew', factor: 1.5 },
              { markId: 'milk', factor: 0.4 },
              { markId: 'candleWax', factor: 0.1 },
            ],
          },
        ],
      },
      {
        id: 'stainSmell',
        text: 'Does it smell?',
        answers: [
          {
            id: 'smellNone',
            text: 'Of nothing',
            factors: [
              { markId: 'tea', factor: 1.5 },
              { markId: 'waterMark', factor: 2 },
              { markId: 'rust', factor: 1.5 },
              { markId: 'gelInk', factor: 1.5 },
              { markId: 'milk', factor: 0.5 },
              { markId: 'mildew', factor: 0.4 },
            ],
          },
          {
            id: 'smellSour',
            text: 'Sour, rancid, cheesy',
            factors: [
              { markId: 'milk', factor: 6 },
              { markId: 'sweatYellow', factor: 3 },
              { markId: 'saladOil', factor: 2 },
            ],
          },
          {
            id: 'smellSweet',
            text: 'Sweet, of fruit',
            factors: [
              { markId: 'fruitJuice', factor: 5 },
              { markId: 'berry', factor: 4 },
            ],
          },
          {
            id: 'smellSpice',
            text: 'Of spice or kitchen',
            factors: [
              { markId: 'curry', factor: 8 },
              { markId: 'saladOil', factor: 2 },
            ],
          },
          {
            id: 'smellDamp',
            text: 'Damp, of cellar',
            factors: [{ markId: 'mildew', factor: 12 }],
          },
          {
            id: 'smellMachine',
            text: 'Of garage or machine',
            factors: [{ markId: 'motorOil', factor: 20 }],
          },
        ],
      },
    ],
    sourceIds: ['memory', 'commonPractice'],
  },
];
