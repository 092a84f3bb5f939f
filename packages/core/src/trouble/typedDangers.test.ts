import { describe, expect, it } from 'vitest';
import { knowledge } from '../test/fixtures.js';
import { findDangers } from './findDangers.js';

const pagesOf = (text: string) =>
  findDangers(text, knowledge.dangers).map(({ danger, isSure }) => ({ id: danger.id, isSure }));

/** Words in a hurry that mean one page, whatever else they could mean. Common practice, no source. */
const SURE: Readonly<Record<string, string>> = {
  asbestos:
    'asbestos; lagging; cement roof sheet; fibro; insulating board; textured ceiling; popcorn ceiling; old floor tiles; drilled the textured ceiling, dust in my hair and hoodie; boiler lagging crumbled on sleeve; scraped old vinyl floor tiles',
  leadDust:
    'lead paint; sanding dust; paint chips; lead flashing; shooting range; sinkers; red lead; stained glass; sanded the old windows, dust all over my jumper; casting fishing weights; soldered with lead solder',
  mercury:
    'mercury; quicksilver; broken thermometer; silver beads; barometer; fever glass; energy-saving bulb broke; fluorescent tube; tube light smashed over the bed, fluorescent tube',
  pesticide:
    'weedkiller; ant powder; slug pellets; rat poison; sheep dip; flea drops; crop spray; weed killer on trousers; wasp spray on curtain; fly killer spray; lice spray for chickens; tick dip',
  strongAcid:
    'battery acid; battery fluid near the climbing rope; car battery leak; sulphuric; muriatic; spirits of salt; brick cleaner; patio acid; pool acid; car battery dripped on jeans; hydrochloric acid',
  alkalineBattery:
    'leaky battery; battery juice; remote leaked; torch leak; AA leak; battery gunk; corroded cells; battery leaked in pocket; batteries leaked in the toy',
  hydrofluoric:
    'rust remover; wheel cleaner; alloy cleaner; etching cream; bifluoride; hydrofluoric; truck wash acid; fluoride; wheel cleaner on my glove',
  lye: 'oven cleaner; drain unblocker; caustic soda; lye; pipe cleaner; potash; strong alkali; sink unblocker; soap making lye on apron; oven spray on sleeve',
  wetCement:
    'cement; concrete; mortar; grout; screed; quicklime; slaked lime; knelt in wet concrete; cement in my boots; tile adhesive and grout on knees',
  fuel: 'petrol; gasoline; diesel; derv; benzine; paraffin; kerosene; heating oil; lighter fluid; lamp oil; two-stroke; petrol on baby clothes; spilt diesel at the pump; camping stove fuel; white gas; chainsaw petrol',
  twoPartResin:
    'epoxy; casting resin; gelcoat; UV resin; body filler; boat resin; epoxy hardener; two part glue; gel nail resin uv resin',
  expandingFoam:
    'expanding foam; gap filler; builder’s foam; PU glue; isocyanate; two-pack paint; foam gun; builders foam on my trousers',
  superGlueOnSkin: 'stuck fingers; glued eyelid; glued lips; lash glue; fingers stuck together',
  tearGas:
    'pepper spray; tear gas; riot gas; bear spray; dog spray; CS gas; capsaicin; pepper sprayed at a demo',
  nicotineLiquid:
    'vape juice; e-liquid; e-juice; nic salt; nic shot; vape leaked; pod burst; nicotine liquid on baby’s sleeve; vape juice on cot sheet',
  medicines:
    'chemo; cytotoxic; methotrexate; pump leaked; fentanyl patch; pain patch; hormone gel; nicotine patch; patch went through the wash, pain patch; testosterone gel on towel',
  sharps:
    'needle; syringe; lancet; razor blade; scalpel; sharps; insulin needle; found a needle in a coat pocket; needle in pillowcase pricked me',
  sewage:
    'sewage; toilet overflow; backed-up drain; septic; cesspit; flood water; black water; slurry; drain came up through the shower onto the mats, sewage; flooded cellar carpets',
  unknownPowder:
    'white powder; powder in letter; strange dust; mystery powder; found baggie; crushed pills; drugs; white powder on coat',
  radioiodine:
    'radioiodine; thyroid capsule; radioactive; nuclear medicine; isotope; iodine therapy; thyroid therapy; dad’s sheets after iodine therapy',
  tonerSpill:
    'copier powder; laser dust; cartridge burst; printer powder; waste toner; photocopier; toner cartridge burst on shirt',
  mineralFibre:
    'fibreglass; glass wool; rock wool; loft insulation; insulation itch; GRP dust; mattress fibres; broken glass; fibreglass from the mattress; insulation fibres on jumper',
  mouldLarge: 'wheezing from the mouldy cushion, mould asthma; mouldy mattress',
  droppings:
    'mouse poo; rat wee; pigeon mess; guano; bat droppings; dead mouse; dead bird; roadkill; mouse droppings in the linen cupboard; mice nested in my coat; rats have been in the blankets',
  gunpowder:
    'fireworks; gunpowder; banger; flare; sparkler; ammunition; dud; rocket burnt my coat, fireworks',
  iodineAmmonia:
    'iodine ammonia; glass cleaner on iodine; purple smoke; dark crystals; touch powder; crackling crystals after ammonia on iodine',
  oilyRags:
    'linseed rags; danish oil; teak oil; boiled oil; deck oil; linseed oil on trousers; oiled the worktop, oily rags; tung oil',
  greasyCloths: 'chip fat; fryer cloths; massage towels; massage oil on sheets; deep fryer apron',
  chlorineMix:
    'bleach and vinegar; bleach toilet cleaner; bleach ammonia; descaler bleach; mixed cleaners; chlorine gas; green fumes; vinegar after bleach, coughing; bleach and descaler; poured bleach then toilet cleaner; bleach on cat wee',
  paintStripper: 'paint stripper; varnish stripper; paint remover on jeans',
  antifreeze: 'antifreeze; coolant from the car; anti freeze on trousers',
  climbingGear: 'climbing rope; climbing harness; climbing sling; safety lanyard; fall arrest; life line',
  childSeatStraps:
    'car seat straps; child seat straps; seat belt; sick on child-seat straps; car seat harness',
  pramStraps: 'pram straps; buggy straps; stroller straps; pushchair harness',
  lifeJacket: 'life jacket; buoyancy aid; life vest; kayak vest',
  airbagVest: 'airbag vest; riding vest; airbag jacket',
  bodyArmour: 'stab vest; body armour; bullet proof vest',
  motorcycleWear: 'motorcycle jacket; motorbike leathers; motorcycle gloves',
  helmet: 'helmet liner; helmet pads; bike helmet; riding hat',
  flameResistantWear:
    'FR overalls; arc flash suit; welding jacket; turnout gear; firefighter jacket; fire blanket; racing suit fireproof; flame resistant suit',
  hiVis: 'hi-vis; hi viz vest; high visibility jacket; reflective vest',
  chemicalSuit: 'chemical suit; spray suit; hazmat suit',
  respirator: 'dust mask; FFP2; respirator; n95; gas mask',
  compression: 'compression stockings; pressure garment; support stockings; lymphoedema sleeve',
  heatedPiece:
    'electric blanket; heated jacket; USB vest; battery pocket; electric throw; heated gloves; heated socks; cat wee on plugged-in throw; electric underblanket',
  weightedBlanket: 'weighted blanket',
  babyCarrier: 'baby carrier; baby sling; baby wrap',
  cotMattress: 'cot mattress; crib mattress',
  childNightwear:
    'child nightwear; flame retardant pyjamas; kids dressing gown flame resistant; low flammability',
  stageCurtain: 'stage curtain; theatre drape',
  liftingSling: 'hoist sling; lifting strap; patient sling',
  norovirus: 'norovirus; stomach bug; winter vomiting bug; sick bug in the house; rotavirus; gastroenteritis',
  scabies: 'scabies; mites under the skin; itch mites',
  headLice: 'head lice; nits; lice, wash everything?',
  bodyLice: 'body lice; clothes lice',
  bedBugs: 'bed bugs; bedbugs in the mattress; bed bug bites',
  mothLarvae: 'clothes moths; moth larvae; carpet beetle; moth holes in jumper; woolly bears in the wardrobe',
  athletesFoot: 'athlete’s foot; foot fungus socks; fungal nail socks; ringworm',
  resistantGerms: 'mrsa; resistant germs; superbug; c diff; clostridium difficile',
  chickenpox: 'chickenpox; shingles sheets; hand foot and mouth',
  bite: 'dog bite; bitten by a bat; animal bite blood on sleeve; cat bite',
  sickBed: 'flu in the house; covid sheets; sick bed',
};

/** Words that only may mean a page: it is offered, and ordinary results stay. */
const MAY_MEAN: Readonly<Record<string, string>> = {
  fuel: 'gas; gas on jeans',
  pesticide: 'bug spray',
  alkalineBattery: 'white crust',
  wetCement: 'render; plaster on trousers',
  twoPartResin: 'hardener; catalyst',
  expandingFoam: 'PU foam',
  superGlueOnSkin: 'super glue; instant glue; nail glue; cyanoacrylate',
  tearGas: 'CS; OC',
  nicotineLiquid: 'nicotine',
  sharps: 'insulin; jab',
  tonerSpill: 'toner; black powder',
  mouldLarge: 'mould; mold; mildew; black spots; wheezing; damp wardrobe; musty; fungus',
  iodineAmmonia: 'popping; crackling; smelling salts',
  chlorineMix: 'choking',
  childSeatStraps: 'child seat',
  pramStraps: 'pram; buggy; stroller',
  climbingGear: 'harness; sling; lanyard; rope',
  motorcycleWear: 'leathers',
  flameResistantWear: 'welding; turnout; arc',
  hiVis: 'reflective',
  norovirus: 'vomit; sick on the duvet; diarrhoea',
  mothLarvae: 'moth; moths',
  compression: 'tight socks from the doctor, medical socks',
};

/** Ordinary words that hold a word of a page: nothing leads away from them. */
const ORDINARY =
  'legging; gym leggings; dog lead; dog lead with mud; pencil lead; lead pencil on cuff; lime juice; lime fruit; limescale; lime cordial on shirt; sticking plaster; gypsum plaster dust; pine resin; pine needles; tree resin; face toner; skin toner; a sewn patch; iron-on patch; paraffin wax; citric rust remover; oxalic rust remover; chilli; chilli oil; Red thermometer broke; iodine; bird poo on shirt; cough syrup; Towel smells of bleach; Mud from football; white wine; lead-free; lead in the pencil case ink; beaded dress; washing powder; whites powder; baking powder; talcum powder; candle wax; dust; blanket; jacket; wax jacket; nail varnish; nail varnish remover; knitting needle; gas bill ink; petroleum jelly; sports compression top; coffee; tea; grass; blood; sunscreen; foundation; curry; tomato sauce; baby food; olive oil; butter; fountain pen ink; hair dye; lipstick; felt tip; sweat; deodorant; armpit; rust; limescale on towel; musk perfume; scented candle; shaving foam; memory foam pillow; cushion; curtain; rug; tie; silk blouse; wool jumper; down jacket; jeans; sleeping bag; swimsuit; dishcloth; flared trousers; battery-farm eggs; drugstore mascara; mouse mat; charging lead; racing green paint; foxglove juice; bleach spot on jeans';

describe('words people type in a hurry', () => {
  const rows = (words: Readonly<Record<string, string>>) =>
    Object.entries(words).flatMap(([id, all]) => all.split('; ').map((text) => [text, id] as const));
  it.each(rows(SURE))('%s → %s', (text, id) => {
    expect(pagesOf(text)[0]).toEqual({ id, isSure: true });
  });
  it.each(rows(MAY_MEAN))('%s may mean %s', (text, id) => {
    const pages = pagesOf(text);
    expect(pages.map((page) => page.id)).toContain(id);
    expect(pages.filter(({ isSure }) => isSure)).toEqual([]);
  });
  it.each(ORDINARY.split('; ').map((text) => [text] as const))('%s is ordinary', (text) => {
    expect(pagesOf(text)).toEqual([]);
  });
  it('is more than two hundred and fifty of them', () => {
    const count = [...rows(SURE), ...rows(MAY_MEAN)].length + ORDINARY.split('; ').length;
    expect(count).toBeGreaterThan(400);
  });
});
