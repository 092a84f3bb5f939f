/**
 * More names people type for a record, of several countries and kitchens. They stand as aliases of their record, so
 * that the word search, the pickers and the reader of whole sentences know them. Common practice, no source.
 */
export const SPOKEN_MARKS: Readonly<Record<string, string>> = {
  blood:
    'i bled; bled on it; bleeding; been bleeding; cut myself; cut my finger; cut finger; bloody nose; nose bleed; period; menstruation; scab; grazed knee; nappy blood; bloodstain',
  egg: 'eggs; egg yolk; scrambled egg; fried egg; omelette; frittata; meringue; quiche',
  milk: 'milky; yogurt; lassi; raita; curd; paneer; whipped cream; sour cream; buttermilk; condensed milk; white sauce; creme fraiche; breastmilk; cheese sauce; blancmange; rice pudding; porridge; cereal',
  beetroot: 'beetroot juice; beets; borsch; pickled beetroot',
  berry:
    'berries; mulberry; cranberry; boysenberry; pomegranate; acai; redcurrant; summer fruits; smashed berries; grape; red grape; berry juice; jamun; berry smoothie; acai bowl',
  redWine: 'shiraz; merlot; malbec; rioja; cabernet; port; sherry; glass of red; vino; gluhwein; red vino',
  ale: 'pint; bitter; cider beer; pale ale; shandy; lager beer',
  tea: 'chai without milk; rooibos; iced tea; earl grey; builders tea; tea bag; teabag; fruit tea; herbal tea',
  grass: 'grass marks; lawn clippings; green knees; turf',
  saladOil:
    'cooking fat; vegetable oil; sesame oil; coconut oil; chilli oil; pesto; hummus; tahini; greasy; oily; fat; peanut butter; peanut sauce; satay; palm oil; mustard oil; fried chicken; chips; fish and chips; pakora; samosa; tempura; crisps; bacon fat; sausage; burger; kebab; houmous; tapenade; olive tapenade; dumpling',
  ballpoint: 'pen ink; pen mark; pen marks; pen leak; leaky pen; ballpoint pen; ball pen; inky',
  nailVarnish: 'gel nail polish; nail paint; nail enamel; shellac nails',
  rust: 'rusty; rust spots; rust marks; rust mark',
  mildew: 'mildewed; mold spots; mould spots; mouldy spots; black mould; mildew spots; damp spots',
  sweatMark: 'sweat stain; sweat marks; pit marks; deo; deo marks; antiperspirant marks',
  petUrine:
    'dog piss; dog peed; dog weed; dog wet; puppy wee; puppy accident; puppy peed; puppy weed; pet pee; pet wee; rabbit wee; hamster wee; pup pee; kitten wee; dog marked',
  catUrine: 'cat wee; cat weed; cat peed; cats peed; cat piss; cat urine; cat sprayed; tom cat; cat pissed',
  dyeRun:
    'dye run; dye ran onto; colour bled; now its pink; now its blue; its gone pink; its gone blue; everything pink; everything blue; all pink now; all gone pink; bled onto; bled over; bled all over; bled into; has bled; have bled; bled in the wash; ran onto; ran into; leaked dye; colour has run; colours have run; lost dye onto; colour ran; color ran; dye ran; colour bleed; color bleed; colours ran; dye bled; colour transfer; dye transfer; red sock in the wash; dyed everything; came out pink; came out blue; turned pink; turned blue; pink now; blue now; went blue; gone blue; now pink; now blue; tinged pink; tinged blue',
  storageYellow:
    'yellow in the drawer; yellow in storage; yellowed in storage; old yellow; age yellowed; yellow with age; yellowed with age; brown with age',
  greyed: 'greyed; greyed whites; dingy grey; lost their white; dingy whites; whites look grey',
  greyUnknown:
    'now its grey; its gone grey; gone all grey; gone dingy; gone gray; turned grey; graying; went grey; went gray; looks grey; looking grey',
  yellowed:
    'now its yellow; its gone yellow; its turned yellow; its now yellow; now theyre yellow; gone all yellow; turned all yellow; gone yellow; going yellow; went yellow; turned yellow; looks yellow; looking yellow; yellow now; now yellow; turning yellow; yellowish; yellowed',
  smoke:
    'smells of bonfire; smells of campfire; bbq smell; barbecue smell; woodsmoke; braai smoke; smells like smoke; fire pit',
  kitSmell:
    'sweat smell; smells sweaty; stinky kit; sweaty kit; armpit smell; smelly armpits; smells of bo; pit smell; gym kit stinks; gym clothes smell; sweaty gym clothes; smelly trainers; stinky feet; foot smell',
  musty:
    'stinks of mould; smells of mould; stinks of mildew; smells of mildew; mould smell; smells like mould; stinks of damp; stink of mould; fusty; stale smell; smells stale; smells damp; smells musty; smells mouldy; mouldy smell; smells old; smells of damp; smells of loft; fusty smell; charity shop smell; smells of the wardrobe',
  sourWash:
    'left in the washing machine; forgot in the machine; smells sour; sour smell; damp dog; stinks of dog; smells like dog; wet dog; stinks of wet dog; smells of wet dog; smells of damp washing; washing stinks; stale washing',
  smellUnknown:
    'smell; smells; stink; stinky; reeks; reek; whiff; whiffs; ponging; pongs; odor; bad odour; stench; niffs; hums; honks; smelling; smelly',
  stiffTowels:
    'towels gone stiff; stiff and scratchy; scratchy towels; stiff scratchy; crispy towels; hard scratchy towels',
  stiffUnknown: 'stiff; gone stiff; went stiff; stiff as a board; hard and scratchy; crispy',
  iceCream: 'icecream; ice creams; gelati; sorbet with milk; milk shake; frozen yoghurt; sundae; kulfi',
  babyFormula:
    'baby was sick; baby vomit; milk sick; baby spit up; spit up; sicked up milk; baby puke; reflux; baby sick up; burped up milk',
  sweatFresh: 'sweated; sweating; sweaty shirt; sweated through; perspired',
  humanUrine:
    'ammonia smell; smells of ammonia; stinks of ammonia; stink of ammonia; reeks of ammonia; smells of wee; stinks of wee; smells of pee; stinks of pee; smells of urine; stinks of urine; peed; weed; weeing; peeing; wet the bed; wet himself; wet herself; bedwetting; bed wetter; accident in bed; toilet accident; tinkle; number one',
  vomit:
    'vomited; puked; threw up; thrown up; been sick; was sick; being sick; sicked up; chucked up; barf; barfed; spewed; chunder; upchuck; vommed; hurled; cat sick; dog sick; sick everywhere; hairball',
  faeces:
    'poo explosion; poonami; nappy leak; nappy blowout; blowout; pooed; pooped; dog poo; dog mess; bird poo; bird droppings; bird mess; chicken poo; cow pat; cow muck; manure; horse muck; skid mark; runny nappy; leaky nappy; number two; pooey; caca; soiled himself; seagull poo; pigeon poo',
  mud: 'red dirt; wet mud; dried mud; muddy knees; garden soil; compost; potting soil; puddle splash; mucky; ground in dirt; dirty water splash; red clay; bog; earth stain',
  pollen: 'lily stamen; lilies; lily; orange pollen; pollen stain; lily dust',
  whiteWine:
    'champagne; prosecco; cava; sauvignon; chardonnay; riesling; pinot; glass of white; fizz; spritzer; mead',
  cola: 'cola; coke; fizzy cola; dark soda; diet cola; cola drink',
  coffeeMilk:
    'chai; masala chai; tea and milk; cafe latte; macchiato; mocha; iced coffee; frappe; milky tea; chai latte; coffee with milk; coffee and milk; white tea with milk; builders tea with milk; karak',
  coffee:
    'coffees; americano; filter coffee; long black; expresso; instant coffee; coffee grounds; mug of coffee',
  fruitJuice:
    'orange squash; apple; mango; mango juice; pineapple juice; lemon squash; peach; nectarine; apricot; melon; watermelon; papaya; fruit puree pouch; juice; fruit squash; grapefruit juice; lychee; passionfruit; orange; fruit salad; mandarin; kiwi fruit; guava juice; persimmon',
  fruitJam:
    'jam donut; jam tart; raspberry jam; conserve; chutney; cranberry sauce; fruit compote; lemon curd; jelly sweets melted; jam sandwich',
  cherry: 'cherry juice; plum juice; damson; black cherry; sour cherry; plums; prune',
  tomato:
    'pasta; spaghetti; lasagne; lasagna; bolognaise; spag; tomato soup; tomatoes; tomato; pizza; tomato paste; marinara; ragu; chilli con carne; shakshuka; tinned tomatoes; spaghetti hoops; ratatouille; gazpacho; minestrone; tomato puree; jollof; arrabbiata; moussaka; napolitana; tomato based',
  ketchup:
    'tomato ketchup; sriracha; bbq sauce; sweet chilli sauce; hoisin; peri peri sauce; taco sauce; ketchups',
  curry:
    'curry sauce; curry powder; dal; dahl; daal; dhal; butter chicken; masala; tandoori; biryani; vindaloo; sambar; rogan josh; haldi; saffron; madras; jalfrezi; bhaji; laksa; rendang; thai curry; balti; paneer curry; chana; sag aloo; rasam; palak; chicken gravy curry; bunny chow; satay curry; curry stain; paella; turmeric latte; tumeric; biriyani; korma sauce; chole; rajma; nihari; achar; pickle masala',
  soySauce:
    'soya; soy; tamari; oyster sauce; fish sauce; stir fry; sushi sauce; ramen broth; miso; ponzu; worcester sauce; dark soy',
  chocolate:
    'choc; choccy; chocolates; chocolate spread; hot choc; chocolate cake; chocolate milk; chocolate pudding; ganache; cocoa powder; brownies; choco; chocolatey',
  gravy:
    'gravy; roast; casserole; beef stew; meat sauce; jus; bouillon; meat gravy; lamb roast; goulash; roast dinner; onion gravy; tagine',
  soup: 'chicken soup; pumpkin soup; ramen; pho; chowder; leek soup; vegetable soup; noodle soup; noodles; wonton soup; instant noodles; lentils',
  butter:
    'buttery; margerine; cake; cupcake; pastry; icing with butter; suet; shortening; croissant; buttered toast; buttercream; chicken fat; lard fat; clarified butter; shortbread',
  mayonnaise:
    'mayonnaise; mayo sauce; tartare sauce; ranch dressing; coleslaw; caesar dressing; salad dressing; burger sauce; tzatziki; hollandaise; garlic mayo; egg mayonnaise; vinegar dressing; potato salad',
  candleWax:
    'dripped candle; wax drips; tealight; birthday candle; wax melt; melted wax; wax from candles; advent candle; scented candle wax; depilatory wax; hair removal wax; hot wax; spilled wax',
  chewingGum: 'chewie; bubble gum; gum stuck; chuddy; chewing gum stuck',
  lipstick: 'lippy; lip stick; lip tint; lip stain; lipsticks; lip liner',
  foundation:
    'make up; liquid foundation; blusher; blush; tinted moisturiser; bb cream; face powder; contour; highlighter makeup; primer; makeup stain; setting powder; bindi powder; sindoor; kumkum',
  mascara: 'mascara; eyeshadow; eye make up; kohl; kajal; brow gel; eye liner; surma; eye pencil',
  selfTanner: 'self tan; tanning mousse; spray tan; fake tanner; instant tan; tan lotion; sunless tan',
  sunscreen:
    'sun screen; sunscreens; spf; sun lotion; zinc cream; factor 50; factor 30; after sun; sun tan lotion; suntan lotion; suntan oil; suncreme',
  hairDyeMark:
    'hair color; hair colourant; hair tint; home hair dye; root touch up; semi permanent; purple shampoo; toner hair',
  hennaMark: 'mehendi; henna paste; henna cone',
  gelInk:
    'ink pen; fountain pen ink; printer cartridge; ink cartridge; ink jet; calligraphy ink; indian ink; drawing ink; quill ink; stamp ink; ink pad; ink from the printer; cartridge ink',
  permanentMarker:
    'vivid marker; laundry marker; indelible pen; indelible marker; whiteboard; white board pen; dry erase; dry wipe marker; paint pen; perm marker; alcohol marker; cd marker',
  feltTip:
    'felt tips; felt tip pen; fibre tip; colouring pens; water colour; watercolours; bingo dabber; washable pen; colouring in pens; kids pens',
  toner: 'toner; photocopier toner; laser toner',
  emulsionPaint:
    'poster paints; water based paint; school paint; finger paint; gouache; emulsion; latex wall paint; tempera; house paint; ceiling paint; paint splash; chalk paint; powder paint; fence paint; water based',
  oilPaintMark:
    'oil based paint; gloss; oil paints; spraypaint; solvent paint; car paint; radiator paint; artists oils',
  woodVarnish:
    'wood stain; varnishing; decking stain; fence treatment; wood preservative; lacquer; timber stain; polyurethane varnish; yacht varnish',
  shoePolish:
    'shoe cream; boot wax; saddle soap; leather polish; boot cream; parade gloss; black polish; shoe wax',
  motorOil:
    'car oil; gearbox oil; hydraulic oil; sump oil; tractor oil; lawnmower oil; mower oil; engine grease; sewing machine oil; old oil; dirty oil; transmission fluid; power steering fluid; gear oil',
  chainGrease:
    'bike oil; bike chain oil; chain lube; cycle grease; wheel grease; axle; bearing grease; bike chain grease; cycle oil; hinge grease; lift grease; door grease; grease from the door; chain; bike lube; black grease; chainsaw bar oil; chain saw oil; chainsaw oil; trolley grease; garage grease',
  tar: 'road tar; beach tar; tarmac; roofing tar; creosote tar; blacktop; roof sealant; oil from the beach; wet tarmac; tar spots',
  rubberScuffMark:
    'shoe mark; shoe marks; black scuff; skid from trainer; rubber mark; boot mark; trainer scuff; scuffs; tyre; tire mark; rubber sole',
  scorchMark:
    'burned with the iron; burnt; burned; burn; scorch mark; scorch marks; ironing burn; iron shaped mark; too hot iron; iron left a mark; singed; scorching; iron too hot; hair straightener burn; straightener burn; shine from the iron; gone shiny; shiny from ironing',
  whiteGlueMark:
    'craft glue; glue; kids glue; paper glue; fabric glue; carpenters glue; glue stick glue; wallpaper paste',
  superGlueMark: 'superglue; crazy glue; model glue; glue from nails; false nail glue; super glu',
  sap: 'sap; pine resin; christmas tree sap; pine tar; sap from tree; tree gum; rosin; fig sap; plant juice; dandelion; sap stain; pine gum; wattle sap',
  honey:
    'honeycomb; golden syrup; molasses; caramel sauce; corn syrup; gulab jamun; jaggery; baklava; toffee sauce; date syrup; sugar syrup; jalebi',
  iodineMark: 'iodine antiseptic; povidone iodine; wound disinfectant; iodine tincture',
  skinCream:
    'face cream; eczema cream; nappy rash cream; diaper cream; diaper rash cream; zinc and castor oil; lotion; body butter; cold cream; barrier cream; vapour rub; vapor rub; chest rub; coconut oil lotion; skin cream; aftersun cream; muscle rub; baby lotion; body cream; petroleum; baby cream; bum cream; steroid cream; massage wax; hand lotion; ear wax; earwax',
  barbecueSmoke: 'smoke damage; house fire; greasy soot; fire damage; kitchen fire; bbq soot',
  teaOnIron: 'tea pot ring; rust and tea; black spots from tea',
  fish: 'salmon; mackerel; sardine; fish oil; seafood; anchovy; oyster; mussels; crab; fish juices; fish guts; squid; caviar; kipper; fish sauce smell',
  ownRun:
    'own trim; trim has run; its own trim; own binding; own embroidery; trim ran into it; red collar ran; trim bled; pattern ran; colours have run into each other; print ran; red stripe bled; stripes bled; piping ran; own colour ran',
  sweatYellow:
    'yellow armpit stains; yellow sweat stains; yellow sweat marks; yellow underarm; yellow pit stains; yellow pits; yellow pit; sweat yellowing; yellow collars; collar grime; grimy collar; dirty collar; ring around the collar; brown ring on collar; collar ring; ring on collar; grubby collar; head grease; sebum; hair grease; hair oil; scalp oil; body grease; greasy pillowcase; yellow patches; yellow pillowcases; neck grime; yellow stains on pillow; face grease; body oils; sweaty pillow; yellow sweaty; collar dirt; yellowed pillow; brown neck line',
  chlorineYellowed:
    'bleached and went yellow; yellow from bleach; bleach turned it yellow; bleach made it yellow; yellowed after bleaching; yellow after bleaching; bleach went yellow',
  residueGrey:
    'detergent build up; soap powder marks; powder left on; detergent marks; undissolved powder; powder streaks; white streaks after washing; detergent stains; soapy residue; softener marks; fabric softener stain; softener stain; blue softener marks',
  ironYellow:
    'iron in the water; orange from the water; bore water stains; orange staining from water; rusty water; iron bacteria; orange water',
  cigaretteSmoke:
    'stale smoke; fag smoke; smoky smell; smells of smoke from pub; cigar smell; smokers house; tobacco; smells of cigarettes; smells of ciggies; smells like cigarettes; stinks of fags; weed smell; vape smell; cigarette smoke; ciggy smoke; shisha',
  mothball: 'moth balls; moth ball; smells of mothballs; naphthalene smell; camphor smell',
  onionSmell:
    'onion; smells of garlic; smells of frying; smells of curry; fried food smell; fry up smell; chip shop smell; cooking smell; smells of cooking; smells of food; food smell',
  stickerResidue:
    'stickers; sticky label; price label; name label glue; sticker glue; tape glue; duct tape; glue residue; plaster glue; gaffer tape; hem tape glue; double sided tape',
  waterMark:
    'brown ring; ring from a plant pot; vase leaked; plant pot leaked; water ring; water rings; water stains; water marks; water spots; rain marks; watermarks; water line; tidemark; rain spotted; tide marks; watermark; dried water; salt line; ring left by water; snow salt; salt marks; sweat salt line',
  deodorantStreak:
    'deodorant white marks; white deodorant; deodorant marks; white deodorant marks; deodorant build up; white crusty deodorant; deodorant streaks; white streaks from deodorant; antiperspirant build up; deodorant residue; crusty armpits',
  sootMark:
    'soot from fireplace; chimney; fireplace; ashes; charcoal dust; coal; log burner; burnt wood; sooty; bbq charcoal; charcoal stick; wood ash; black soot; fire soot',
  crayon:
    'crayon melted; crayon in the dryer; oil pastel; pastel crayon; wax pastel; melted crayons; chalk pastel',
  chalk: 'chalk dust; sidewalk chalk; blackboard; gym chalk; climbing chalk; holi powder',
  dustMark:
    'brake dust; plaster dust; sawdust; drywall dust; gritty; sand; cigarette ash; incense ash; dust marks; red dust; bulldust; dusty marks; flour',
  fluff:
    'tissues; tissue bits; bits of tissue; tissue everywhere; tissue through the wash; left a tissue; paper in the wash; linty; fluffy bits; cat hairs; dog hairs; hair all over; dog fur; cat fur; lint balls; animal hair; moulting; kitchen roll; nappy gel; burst nappy; nappy burst; burst diaper; disposable nappy; nappy beads',
  slime: 'slimy toy; slyme; goo; homemade slime; putty; toy goo; gloop; slime toy',
  playdough: 'play-dough; polymer clay; kids dough; kinetic sand; modeling clay; plasticene; moulding clay',
  toothpaste: 'tooth paste stains; toothpaste marks; toothpast; toothpastes; mouthwash',
  correctionFluid: 'white out; whiteout; correcting fluid; correction tape',
  hotGlue: 'hot glue gun; glue from glue gun; melted glue',
  silicone: 'silicon sealant; bathroom sealant; silicon; mastic; silicone grease; decorators caulk',
  plaster:
    'plastering; wet plaster; tile adhesive; tile grout; mortar; filler; limewash; cement splash; gypsum',
  facePaint:
    'facepaint; face painting; clown makeup; stage makeup; body paint; fake blood; theatre makeup; war paint; face crayons; bodypaint',
  hairProduct:
    'hair spray; hair mousse; hair serum; pomade; hair cream; hair lacquer; hair product; leave in conditioner; dry shampoo; hair wax product; wax for hair',
  insectRepellent:
    'mozzie spray; midge spray; repellent; mossie spray; citronella; mosquito repellent; bug repellent; midge repellent',
  fuelSpill:
    'petrol; diesel; lighter fuel; lamp oil; two stroke; kerosene; gasoline; fuel; petrol spill; spilt fuel; lighter fluid spill; white gas; paraffin; diesel smell',
  vapeLiquid: 'vape juice; e cig liquid; vape oil; eliquid; vape leak; vape fluid; vaping liquid',
  softDrink:
    'soda pop; pop; fizzy pop; energy drinks; sports drinks; cordial drink; ginger beer; tonic; isotonic; sugary drink; kombucha; lemon and lime; fizzy; lime cordial; ginger ale; hydration drink; electrolyte drink; squash drink; orange fizzy',
  foodColouring:
    'food coloring; food dye; icing; ice pole; ice lollies; icy pole; slushie; slushy; snow cone; lolly; iced lolly; ice block; food colour; jelly cubes; freezie; blue icing; coloured icing; cake icing; frosting; candyfloss; cotton candy; gulal; holi colour; holi colours; egg dye; sprinkles; popsicles; jello; jelly shots; colour powder',
  boiledSweet:
    'sweetie; lollies; lolly pop; gummy bear; gummy; jelly babies; toffees; fudge; marshmallow; lollipops; chewy sweets; candy cane; candies; liquorice; barley sugar; sugar',
  spirits:
    'gin and tonic; g and t; cocktails; tequila; mojito; sambuca; bourbon; schnapps; rum and coke; vodka and orange; margarita; cosmopolitan; absinthe; bloody mary; espresso martini; limoncello; vermouth',
  matcha: 'green tea powder; match latte; matcha tea',
  avocado: 'avo; guac; smashed avocado; avocado toast; avacado',
  babyFood:
    'baby puree; babyfood; mashed banana; banana; puree; mashed carrot; carrots; carrot; sweet potato puree; weaning; rusk; baby porridge; baby rice; fruit pouch; baby led weaning; butternut; pureed; orange baby food; squash puree',
  medicine:
    'antibiotic; antibiotics; banana medicine; liquid medicine; paracetamol syrup; cough mixture; kids medicine; childrens medicine; medicine syrup; kids medicine syrup; iron syrup; iron tablets; vitamins; syrup medicine; ibuprofen syrup; liquid iron; amoxicillin; indigestion liquid; antacid; tablet coating; vitamin drops; ear drops; eye drops; children s medicine',
  mucus:
    'bogey; boogers; booger; phlegm; nasal; spittle; slobber; dog drool; slobbery; dog slobber; dribbles; dribbled; snotty; spitting; saliva; teething dribble; runny noses',
  semen:
    'sperm; jizz; sex stain; vaginal discharge; love stain; lube; lubricant; condom lube; wet patch from sex',
  woundFluid:
    'blister fluid; weeping sore; wound; oozing; leg ulcer; dressing leak; scab fluid; ooze; infected cut; burst blister; graze',
  moths:
    'moth holes; moth eaten; moths ate; moths have had; moths have eaten; clothes moths; carpet beetles; moths in',
  bleachSpot:
    'bleach drip; bleach drops; bleach drop; splashed with bleach; splashed bleach; dripped bleach; got bleach on it; spilt bleach; spilled bleach; bleached spot; bleached mark; bleached spots; lighter patches; orange patches from bleach; toilet cleaner splash; spot cream; retinol; hair bleach drip; bleach stains; bleach splashes',
  sunFaded:
    'faded in the sun; faded along the fold; sun damage; faded by sunlight; sun bleach; faded from the sun; faded from sun',
  dyeLost:
    'colour gone; colour has gone; took the colour out; taken the colour out; took colour out; lost its colour; stripped the colour; black has faded; black gone grey; colour faded; lost its black; colour came out; removed the colour; ate the colour; colour came off; discoloured; took the dye out; color gone; took the color out; no colour left',
  shrunken:
    'child size; childs size; toddler size; baby size; came out small; shrunk; shrank; shrink; shrinkage; shrunken; has shrunk; too small now; too small; smaller; shrunk it; shrunk in; gone small; came out tiny; child size now; shrunk in wash; shrunk in the wash; dolls size; doll sized',
  felted:
    'felted; matted; gone thick; matted wool; gone hard and thick; felt like cardboard; gone hard small; wool matted',
  pilling: 'bobbly; bobbled; pilled; pills; piling; fuzz balls; bobble; bobbles; fuzz; bobbling',
  hole: 'ripped; rip; torn; tear; ladder; laddered; snagged; pulled thread; split seam; hole in; holes; frayed; moth hole; burn hole; tore; split at the seam; cigarette burn hole; cigarette burn',
};

export const SPOKEN_ITEMS: Readonly<Record<string, string>> = {
  tableLinen:
    'table cloth; tablecloths; table runner; napkins; serviettes; doily napkin; table linens; cloth napkins; table mat; placemats; christmas tablecloth; table cover; dinner napkin; damask napkin; tea cloth table; dining cloth',
  pillowcase:
    'pillow slip; pillow cases; pillow sham; pillow cover; oxford pillowcase; pillowslip; pillowcover',
  bedSheet:
    'sheets; bedsheets; bottom sheet; top sheet; cot sheet; crib sheet; flat sheet; valance; bed sheets; bedclothes; bedlinen; bedding set; draw sheet; razai cover sheet; moses basket sheet; manchester sheets; cot bedding; bed skirt; mattress sheet',
  towel:
    'towels; bathtowel; hand towels; bath towels; beach towels; bathmat; washcloth; flannels; face flannel; hotel towel; gym towel; hooded towel; bath robe towel; swimming towel; guest towel; face washer; wash cloth; hair towel; hotel towels; bath sheets; face cloths',
  strainingCloth:
    'tea towels; dish cloth; dish towel; kitchen towel; muslins; muslin cloth; nut milk bag; jelly bag; kitchen cloth; dish cloths; cheese cloth; tea-towel; glass cloths; kitchen cloths; burp cloth; kitchen linen; dish rag; dusters; cleaning cloths; microfibre cloth; cloth for the kitchen',
  tShirt:
    'tshirt; t shirts; tees; tee shirt; polo; vest top; tank top; crop top; school polo shirt; polos; tshirts; polo top; singlet top; camisole; band tee; long sleeved top; henley; undershirt; work polo; cami; golf shirt; skivvy; polo neck; long sleeve top',
  shirt:
    'shirts; blouses; dress shirt; work shirt; school shirt; kurta; kurti; kameez; tunic blouse; hawaiian shirt; office shirt; business shirt; flannel shirt; uniform shirt; evening shirt; formal shirt; smart shirt; guayabera; dashiki; linen shirt; dress shirts; work blouse; sherwani shirt; barong; shell top; wedding shirt',
  petticoat:
    'slip dress; half slip; nightie; night dress; nightgown; night gown; nightshirt; crinoline; full slip; christening petticoat',
  workwear:
    'aprons; coveralls; work overalls; chef apron; dungaree work; pinafore apron; work clothes; pinny; lab coat; chefs apron; work pants; work trouser; painting clothes; gardening clothes; mechanic overalls; nurse uniform; nursing tunic; care uniform; work uniform; art smock; painting apron; pinafore; shop coat; bbq apron; tradie pants; tradie shorts; work shorts; decorating clothes; gardening trousers; barista apron; scrub top',
  jeans:
    'denims; skinny jeans; denim jeans; denim shorts; denim jacket; denim skirt; dungaree; black jeans; jean jacket; jean; denim dungarees; denim shirt; bell bottoms; jeggings',
  jumper:
    'jumpers; jersey jumper; sweaters; cardigans; knitwear; knitted jumper; cardi; aran; school jumper; school cardigan; fisherman jumper; tank top knit; turtleneck; polo neck jumper; woolly jumper; fair isle; knitted cardigan; christmas jumper; twinset; poncho; knits; crochet top; crochet cardigan; knitted vest; cricket jumper; sweater vest; shrug; roll neck; merino jumper; pulli; woollen jumper; knitted dress; bolero; jersey pullover; baby cardigan',
  sportsTop:
    'base layer; running vest; gym top; gym kit; gym clothes; football top; football strip; cycling jersey; netball top; rugby top; rugby kit; running shirt; sports top; training top; footy jumper; footy jersey; sports jersey; jersey top; cycle jersey; workout top; workout clothes; activewear; athletic shirt; thermals; thermal top; baselayer; netball dress; basketball vest; martial arts; goalkeeper top; running jacket thin; compression top; ski thermals; rashie; sports shirt; sports vest; gym shirt; running tee; football socks kit; soccer jersey; footy kit; soccer kit; running clothes; cycling top; yoga top; gym gear',
  scarf:
    'scarves; dupatta; pashmina; silk scarf; stole; bandana; sarong; pareo; wrap; turban; keffiyeh; khimar; headwrap; chunni; neck scarf; shemagh; infinity scarf; odhni; cravat scarf; buff; hair scarf; chador; mantilla; gele',
  waistcoat: 'waist coat; vest waistcoat; suit vest; gilets; suit waistcoat; formal vest; nehru vest',
  linedCoat:
    'suit jacket; coats; jackets; wool coat; winter coat; trench coat; pea coat; duffle coat; sports jacket; sport coat; blazers; school blazer; suits; sherwani; camel coat; duffel coat; trenchcoat; parka; achkan; tux; dress coat; wool jacket; tweed jacket; dinner suit; bomber jacket; leather jacket; donkey jacket; frock coat; blazer jacket; mans suit; trouser suit; suit coat; nehru jacket; lined jacket; biker jacket; suede jacket; kimono; topcoat; cape; cloak',
  curtain:
    'drapes; cafe curtain; curtain panel; shower curtain; kitchen curtains; bedroom curtains; tab top curtains; drapery',
  blanket:
    'blankets; throws; crochet blanket; knitted blanket; fleece blanket; picnic blanket; baby blanket; sofa throw; comfort blanket; comforter toy; wool throw; swaddle; cellular blanket; afghan; picnic rug; lap rug; travel rug; cot blanket; mink blanket; rug for the horse; horse blanket; granny square blanket; crochet throw; security blanket; lovey; bed throw; swaddle blanket',
  looseCover:
    'sofa covers; seat cover; couch covers; armchair cover; settee cover; chair covers; slip cover; futon cover; removable covers; removable cover; dining chair covers; armchair covers; ottoman cover; washable sofa cover',
  canvas:
    'tents; marquee; tarp; sun sail; bell tent; parasol; garden umbrella; sail; beach tent; caravan awning; sunshade; shade sail; umbrella; swag; camper trailer canvas; tipi; teepee; patio umbrella; pop up tent; sun shade; trampoline cover; bimini; boat cover',
  armchair:
    'sofas; couches; chesterfield; chaise; loveseat; corner sofa; sofa bed; settees; divan; ottoman; arm chair; lounge; lounge chair; daybed; arm of the sofa; sofa cushion; settee cushion; couch cushion; leather sofa; fabric sofa; rocking chair; sectional; futon sofa; davenport; suite; sofa arm; armchairs; reading chair; nursing chair; wing chair; wingback; bucket chair; tub chair; velvet sofa; sofa seat; seat of the sofa',
  windowSeat:
    'bench pad; window seat cushion; banquette; bench seat; church pew cushion; caravan cushion; seat pad',
  mattress:
    'mattresses; mattress topper; futon mattress; futon; topper; matress; mattres; bed base; single mattress; double mattress; toddler mattress; airbed; camp bed mattress; moses basket mattress; bunk mattress; divan base; sofa bed mattress',
  rug: 'rugs; area rug; persian rug; sheepskin rug; shaggy rug; kilim; hall runner; hearth rug; oriental rug; turkish rug; wool runner; shag rug; cowhide; playmat rug; living room rug; runner carpet; moroccan rug; bedroom rug; flokati; dhurrie; round rug; hallway rug; handmade rug; rya; berber rug; nursery rug; afghan rug',
  carpet:
    'carpets; car carpet; car mat; floor mat car; stair runner; lounge carpet; wall to wall; carpet tiles; carpeted stairs; car floor; bedroom carpet; carpeting; footwell; stairs carpet; landing carpet; berber carpet; office carpet; hall carpet',
  trousers:
    'pants trousers; trouser; suit trousers; school trousers; cargo pants; dress pants; school pants; chino; dress trousers; corduroys; cord trousers; salwar; shalwar; churidar; linen trousers; jodhpurs; palazzo pants; culottes; uniform trousers; breeches; walking trousers; hiking trousers; suit pants; cargo trousers; work slacks; pleated trousers; wide leg trousers; trouser leg; khakis; strides; ski pants; ski trousers; trouser knee; hiking pants; linen pants; dhoti; pair of trousers; combat trousers; tartan trews; trews',
  shorts:
    'school shorts; cargo shorts; chino shorts; running shorts; football shorts; cotton shorts; beach shorts; linen shorts; walking shorts; gym shorts; bermuda shorts; rugby shorts; dress shorts; hot pants',
  skirt:
    'skirts; school skirt; maxi skirt; mini skirt; ra ra; tutu; pencil skirt; sarong skirt; lungi; lehenga skirt; ghagra; tennis skirt; netball skirt; skort; circle skirt; tiered skirt; grass skirt; tulle skirt; midi skirt',
  dress:
    'dresses; sundress; party dress; school dress; saree; sari; maxi dress; shift dress; abaya; kaftan; caftan; cheongsam; qipao; thobe; boubou; gown; salwar kameez; shalwar kameez; anarkali; lehenga; sun dress; tea dress; wrap dress; bridesmaid dress; pinafore dress; shirt dress; summer frock; gamis; kebaya; ao dai; jilbab; tunic dress; smock dress; midi dress; mini dress; galabiya; jalabiya; dirndl dress; shweshwe dress; ankara dress; gingham dress; slip gown; maternity dress; skater dress; shirtdress; christening dress; dashiki dress; cotton frock; daura; sack dress; princess dress; flower girl dress; communion dress; sequin dress; fancy dress; costume',
  linedDress:
    'lined skirt; formal dress; cocktail frock; deb dress; formal gown; matric dress; dance dress; ballroom dress; pageant dress; evening gown; graduation dress; pleated dress',
  lacePiece:
    'lace cloth; lace tablecloth; lace doily; lace blouse; lace veil; veil; christening robe; lace dress; lace doilies; lace runner; lace trim; antique lace; lace handkerchief; doilies; lace mat; lace table cloth; baptism gown; crochet doily; bobbin lace',
  embroideredLinen:
    'embroidered cloth; embroidered tablecloth; embroidered napkin; tray cloths; chair back; antimacassar; embroidered pillowcase; cutwork; embroidered tray cloth; hand embroidered; embroidered table cloth; needlepoint; crewel; embroidered dress; embroidered handkerchief; embroidered linen; cross stitch picture; embroidered runner; embroidered napkins; embroidered sheet',
  underwear:
    'bras; boxers; thong; panties; knickers; underpant; jocks; undershirt vest; vests; bloomers; slip knickers; thermal underwear; body suit adult; shapewear; nursing bra; y fronts; undergarments; grundies; corset; bralette; trunks underwear; sport bra; bodysuit lingerie; camiknickers; spencer; thermal vest; long underwear; sanitary underwear; lacy bra; pant',
  socks:
    'sock; tights; pantyhose; football socks; school socks; leg warmers; knee socks; hiking socks; rugby socks; school tights; trainer socks; hockey socks; bed socks; walking socks; ankle socks; hold ups; stocking; hosiery; ballet tights; legwarmers; sports socks; work socks; footy socks; dress socks',
  swimwear:
    'swim suit; bathers; cossie; cozzie; swimmers; swim trunks; board shorts; boardies; boardshorts; swimming trunks; tankini; swim shorts; burkini; one piece swimsuit; swimming shorts; bathing costume; swim costume; sluggos; swimming suit; school swimsuit',
  uniformWhites:
    'chefs whites; cricket trousers; cricket top; cricket shirt; karate suit; judo suit; judo gi; karate gi; chefs jacket; tennis whites; bowls whites; fencing jacket; chef coat; bowling whites; gi; cricket kit; fencing kit; naval whites; cricket clothes; taekwondo suit; jiu jitsu gi',
  filledCoat:
    'puffer jacket; puffa; puffa jacket; puffer coat; padded jacket; ski jacket; quilted coat; down coat; down vest; puffy jacket; duvet coat; snowsuit; snow suit; quilted gilet; padded gilet; quilted vest; puffer vest; ski suit; salopettes; padded waistcoat; padded snowsuit; pramsuit; down gilet',
  coatedJacket:
    'rain coat; rain jacket; cagoule; kagoul; waterproofs; waterproof jacket; waterproof coat; waxed jacket; wax jacket; windcheater; softshell; windbreaker; hiking jacket; mac; oilskins; rain mac; waterproof trousers; sailing jacket; running jacket; over trousers; puddle suit; cycling jacket; soft shell; outdoor jacket; gore jacket; pac a mac; slicker; waterproof pants; walking jacket; kids waterproof; spray jacket; wax coat; anoraks; waders; rain trousers; technical jacket; hardshell; golf waterproof',
  tie: 'ties; silk tie; school tie; bowtie; neck tie; regimental tie',
  gloves:
    'glove; mitts; woolly gloves; ski gloves; woollen gloves; woolen gloves; kids gloves; mitten; winter gloves; gardening gloves; fabric gloves; work gloves; wool gloves; evening gloves; knitted mittens',
  leatherGloves:
    'leather glove; riding gloves; sheepskin gloves; golf glove; suede glove; leather driving gloves; leather work gloves',
  cap: 'cap; caps; baseball cap; sun hat; trucker cap; visor; bucket hat; hats; straw hat; cricket cap; snapback; flat cap; legionnaire hat; bush hat; cricket hat; golf cap; kippah; taqiyah; school hat; snap back; panama hat; school cap; sunhat',
  feltHat:
    'felt hats; cowboy hat; fascinator; wool felt hat; wide brimmed hat; homburg; felt beret; beret; cloche',
  faceCovering:
    'face mask; masks; fabric mask; niqab; reusable mask; cloth masks; face masks; balaclava; veil for face',
  babyClothes:
    'baby grow; babygro; babygros; babygrows; baby suit; onesie; baby onesie; bibs; baby bodysuit; baby vests; romper suit; baby dress; baby sleepsuit; sleep suit; baby outfit; babies clothes; baby jumpsuit; dribble bib; newborn clothes; bodysuits; dungarees for baby; baby leggings; baby trousers; vest baby; baby body; bandana bib; baby bib; baby bibs; baby top; toddler dress; sleepsuits; baby sleepsuits; grow bag; baby growbag; growsuit; rompers; baby jumper; playsuit baby',
  childNightwear:
    'kids pyjamas; childrens pyjamas; kids pjs; childs nightie; kids onesie; kids dressing gown; childs pyjamas; pajamas; pyjama top; jammies; jim jams; pjama; pyjama bottoms; pj top; pjs bottoms; pajama top; kids pajamas; pyjama',
  protectiveWear:
    'chainsaw pants; fire suit; arc suit; hi viz; flame resistant overalls; fire resistant overalls; fr overalls; hi vis vest; hi vis jacket; high vis; chainsaw chaps; fireproof overalls; welding jacket; welders jacket; fire retardant overalls; fr clothing; flame retardant overalls; hivis; high viz; fr coveralls; motorcycle jacket; fire resistant coveralls; fire resistant clothing; hi vis coat; hi vis trousers',
  softToy:
    'teddy bear; soft toys; plush; plush toy; stuffed toy; stuffed bunny; cuddly; plushie; bunny toy; rag doll; cuddly bear; cuddly rabbit; stuffie; soft bunny; cuddly toys; stuffed animals; comforter bunny; doll',
  bathrobe:
    'bath robe; housecoat; dressing gowns; towelling robe; dressing-gown; hotel robe; towelling dressing gown; waffle robe; silk robe; robes',
  duvetCover:
    'doona cover; doona covers; duvet covers; duvet set; donna cover; bedset; quilt covers; quilt set; bed set; duvet cover set; continental quilt cover; doonah cover; razai cover; comforter covers',
  mattressProtector:
    'mattress protectors; waterproof sheet; mattress topper cover; bed protector; bed pad; mattress encasement; bed wetting sheet; waterproof mattress cover; cot protector; incontinence pad washable',
  pillow:
    'pillows; hollowfibre pillow; hollow fibre pillow; polyester pillow; body pillow; pregnancy pillow; v pillow; nursing pillow; bed pillows; microfibre pillow; travel pillow; maternity pillow; fibre filled pillow',
  downPillow:
    'feather pillows; goose down pillow; duck feather pillow; down pillows; feather and down pillow; goose feather pillow',
  foamPillow:
    'memory foam pillows; contour pillow; foam pillows; latex pillows; memory pillow; neck pillow foam',
  duvet:
    'duvets; duve; doona; comforters; quilts; patchwork quilt; feather duvet; down duvet; razai; continental quilt; eiderdowns; double duvet; winter duvet; summer duvet; wool duvet; single duvet; king duvet; doonah; patchwork; duvay; kids duvet; baby quilt; cot quilt; feather quilt; down comforter; feather doona; silk duvet; rajai; heirloom quilt; quilted bedspread',
  sleepingBag:
    'sleeping bags; baby sleeping bag; sleepsack; sleep sack; down sleeping bag; bivi bag; swag liner; sleeping bag liner; camping bag',
  electricBlanket:
    'heated blanket; electric throw; heated mattress pad; heating pad; electric underblanket; heat blanket; electric over blanket; heated overblanket; heated throws; electric blankets; heated bed pad',
  linedCurtain:
    'blackout curtains; thermal curtains; lined drapes; velvet curtains; blackouts; thermal lined curtains; blackout lining; interlined curtains; blockout curtains; block out curtains; lined curtain panel; rubber backed curtains',
  netCurtain:
    'net curtains; sheer curtains; voiles; voile curtains; net; lace curtain; lace curtains; voile panel; muslin curtains; sheer; nets curtains; mosquito net; netting',
  cushionCover:
    'cushion covers; scatter cushion covers; throw pillow covers; scatter covers; pillow throw cover; seat cushion cover; sofa cushion cover; sofa cushion covers; couch cushion cover; settee cushion covers; removable cushion cover; cushion case; cushion covers zip',
  cushion:
    'cushions; throw pillow; throw pillows; bean bag; beanbag; floor cushions; garden cushion; scatter cushions; chair cushion; sofa pillow; meditation cushion; garden cushions; outdoor cushion; outdoor cushions; pouffe cushion; sofa scatter cushion; feather cushion',
  bag: 'bags; tote; gym bag; canvas bag; shopping bag; pencil case; lunch bag; laptop bag; changing bag; ruck sack; back pack; purse; satchel; shoulder bag; hand bag; bookbag; book bag; wash bag; makeup bag; make up bag; clutch bag; nappy bag; sports bag; swimming bag; handbags; school rucksack; shopper; jute bag; suede handbag; clutch; suede bag; school backpack; duffel bag; duffle bag; bum bag; sling bag; wallet; hessian bag; holdall; messenger bag; leather handbag',
  wallHanging:
    'wall hangings; tapestries; macrame; banners; flags; hanging tapestry; prayer flag; woven wall hanging; quilt on the wall',
  velvetPiece:
    'velvet skirt; velvet trousers; velvet top; velvet coat; velvet blazer; velvet cushion; velvet piece; velvet bow; velvet leggings; velour tracksuit; velvet bag; velvet ribbon; velvet blouse; velvet gown; velvet shirt; velveteen dress; velvet scarf',
  doormat:
    'door mat; jute mat; coconut mat; seagrass rug; sisal carpet; jute carpet; seagrass; coir doormat; door mats; sisal mat; seagrass mat; raffia mat; hessian rug; sisal runner; hemp rug; jute runner; natural fibre rug',
  diningChair:
    'dining chairs; upholstered chair; office chairs; desk seat; stool; bar stool; headboards; kitchen chairs; kitchen chair; padded chair; gaming chair; computer chair; foot stool; upholstered headboard; fabric headboard; bed head; bedhead; dining room chair; dining room chairs; upholstered stool; dining seat; velvet headboard; upholstered dining chairs; chair pad; upholstered dining chair; high chair cover; highchair; highchair cover; high chair; bench upholstered; piano stool; swivel chair; velvet chair; dining chair seat; cinema seat',
  sweatshirt:
    'hoodies; sweat shirt; hooded top; sweatshirts; sloppy joe; school sweatshirt; hooded sweatshirt; sweat top; zip hoodie; school hoodie; crew neck sweatshirt; uni hoodie; hoody top; zip up hoodie; leavers hoodie; track top; hooded jumper; pullover hoodie; windcheater fleece; college jumper; college sweatshirt',
  joggers:
    'jogger; tracksuit pants; trackies; track pants; sweat pants; jogging pants; trackie bottoms; tracky dacks; trackpants; tracky bottoms; track suit; jogging trousers; tracksuit trousers; lounge pants; jog pants; trackie daks; loungewear; tracky dack; lounge set; shell suit; leisure suit; fleece joggers; track bottoms',
  leggings:
    'gym leggings; running leggings; yoga leggings; cycling leggings; sports leggings; kids leggings; treggings; exercise leggings; ski leggings; workout leggings; workout tights; gym tights; footless tights',
  jumpsuit:
    'jump suit; boilersuit fashion; play suit; jumpsuits; all in one; dungaree dress; unitard; leotard; romper adult; catsuit; dance leotard; gymnastics leotard; gym leotard; ballet leotard',
  fleeceJacket:
    'fleece jumper; fleeces; polar fleece; teddy fleece; fleece hoodie; fleece gilet; zip fleece; school fleece; sherpa fleece; teddy coat; sherpa jacket; micro fleece; fleecy jacket; fleecy top; half zip fleece; fleece vest; fleece pullover; fleecy jumper; borg jacket; fluffy fleece',
  handkerchief: 'handkerchiefs; hankie; handkercheif; pocket handkerchief; pocket squares; hankey',
  ovenGlove:
    'oven mitts; oven glove; tea cosy; tea cozy; oven cloth; pot holders; oven mit; egg cosy; double oven glove; tea cosie; hot pad; potholder',
  bedspread:
    'bed spread; bedcover; bed cover; bedspreads; candlewick; coverlets; quilted throw; bedspred; counterpanes; kantha throw; throwover; matelasse',
  beanie:
    'wool hat; knit hat; knitted beanie; bobble hats; winter hat; beanies; pom pom hat; toque; woollen hat; woolen hat; woolly cap; crochet hat; bobbled hat; knit beanie; knit cap; kids woolly hat',
  clothNappy:
    'cloth nappies; reusable nappies; washable nappy; nappy inserts; terry nappy; nappy liner; nappy wrap; pocket nappy; muslin nappy; terry nappies; washable nappies; cloth diapers; training pants; swim nappy; nappy covers; flat nappies',
  periodPants:
    'period knickers; period panties; period undies; menstrual pants; incontinence knickers; pee proof pants; period briefs; leakproof pants; period swimwear',
  clothPads:
    'period pads; cloth sanitary pads; reusable sanitary pads; washable pads; breast pad; nursing pad; cloth sanitary towels; washable breast pads; period pad; cotton pads; reusable sanitary towels',
  wetsuit:
    'wet suit; rash guard; rashvest; rash top; rash shirt; wetsuit boots; neoprene; swim boots; neoprene gloves; surf suit; steamer wetsuit; rash vests; dry suit; wetsuits; surf vest; neoprene boots; triathlon suit; sun suit; wetsuit gloves',
  dogLead: 'dog collars; dog coat lead; dog leads; puppy collar; puppy lead; cat harness; dog leashes; leash',
  petBed:
    'dog beds; dog cushion; dog basket; cat beds; dog mat; cat blanket; puppy bed; dogs bed; cats bed; dogs blanket; cat cushion; pet blanket; cat basket; pet cushion; dog sofa; puppy pads washable; dog coat; dog jumper; crate mat; dog towel; whelping pad',
  shoes:
    'shoe; trainer; sneaker; canvas trainers; football boots; ballet shoes; suede shoes; boots; espadrilles; sandals; gym shoes; suede boots; plimsoll; slipper; deck shoes; takkies; sandshoes; joggers shoes; running shoes; tennis shoes; white trainers; daps; flip flops; slip ons; school shoes; satin shoes; wedding shoes; walking boots; ballet pumps; baby shoes; sheepskin boots; insoles; pair of trainers; canvas pumps; high tops; hiking boots; moccasins; climbing shoes; velvet shoes; suede trainers; leather shoes; skate shoes',
  yogaMat:
    'yoga mats; play mat; gymnastics mat; changing mat; foam mat; pilates mat; picnic mat; sleeping mat; sleep mat; baby mat; play mats; roll mat; activity mat; foam tiles; tumble mat',
  deckchair:
    'deck chairs; garden chair; camp chair; sun lounger; garden chairs; lawn chair; hammocks; director chair; beach chair; garden swing; swing seat; camping chairs; sunlounger; picnic chair; fishing chair; hanging chair; outdoor chair; patio chair',
  pram: 'prams; buggy seat; stroller seat; pushchairs; pram liner; buggy liner; footmuff; cosytoes; pram cover; pushchair seat; pushchair liner; foot muff; pram seat; bouncer; baby bouncer; bouncy chair; carry cot; carrycot mattress cover; push chair; pram suit footmuff; bassinet; moses basket; baby swing; bike trailer; travel cot; travel system; playpen; baby rocker; buggies; strollers; baby seat pram',
  childSeat:
    'kids car seat; childs car seat; baby car seat; toddler car seat; booster; child car seat; kids car seat cover; infant car seat; car booster seat; booster cushion; toddlers car seat; babies car seat; capsule car seat; childs car seats; bike child seat; son car seat; daughter car seat; kid car seat',
  vehicleSeat:
    'car seats fabric; back seat; passenger seat; drivers seat; car upholstery; car interior; van seats; front seat; car ceiling; car roof; backseat; truck seat; boat seat; caravan seat; car headrest; lorry seat; back seat of the car; car roof lining; front seats; driving seat; rear seat; car seat fabric; taxi seat; tractor seat; ute seat; head rest; camper van seat; train seat; bus seat; roof lining',
  blind:
    'blinds; roman blinds; roller blinds; fabric blinds; vertical blinds; vertical blind; pleated blind; pleated blinds; vertical blinds fabric; blackout blind; venetian tapes; austrian blind; lampshade; lamp shade; window blind; window blinds',
  weddingDress:
    'bridal dress; wedding gowns; brides dress; quinceanera dress; bridal; bridal skirt; wedding dresses; my wedding gown; communion gown; wedding outfit; wedding lehenga; bridal lehenga; wedding veil; brides veil; bridal veil; wedding saree; ballgown',
  christmasStocking:
    'christmas stockings; felt bunting; xmas stocking; tree skirt; felt toy; fabric bunting; felt ornament; felt christmas stocking; stocking decoration; felt decorations; christmas decoration; felt flowers; felt stocking',
  straps:
    'climbing harness; seatbelt; car seat strap; dog seat belt; car seat belt; buggy strap; safety harness; climbing rope; climbing sling; high chair strap; seat belts; pram strap; seatbelts; ratchet strap; highchair straps; slackline; parachute harness; fall arrest harness',
};

export const SPOKEN_AGENTS: Readonly<Record<string, string>> = {
  water:
    'tap water; hot water; warm water; boiling water; cold tap; plain water; hot tap; ice water; kettle water; lukewarm water',
  dishDetergent:
    'washing up liquid; washing-up; dishsoap; washup liquid; dishwash; washing up soap; dish liquid; dish washing liquid; wash up liquid; dish wash; dish detergent; dishwashing soap',
  delicateDetergent:
    'wool detergent; woolwash; gentle detergent; silk wash; delicates wash; hand wash liquid; silk and wool wash; wool liquid; delicate wash; wool and silk detergent; eucalyptus wool mix; woolmix',
  liquidDetergent:
    'nonbio; non biological; liquid detergent; laundry detergent; washing liquid; laundry gel; washing gel; detergent; laundry soap liquid; non bio powder; baby detergent; washing detergent; non bio liquid; sensitive detergent',
  bioDetergent:
    'biological; biological detergent; bio liquid; biological liquid; bio gel; bio washing liquid; enzyme laundry liquid; biological powder without bleach; bio powder; biological washing powder; bio wash',
  enzymePretreater:
    'stain removers; stain stick; stain spray remover; stain treater; stain bar; pretreat spray; stain remover spray; stain remover gel; stain pen; pre treat; pretreater; stain removal spray; prewash spray; stain remover powder',
  whiteSoap:
    'bar soap; hand soap; soap bar; laundry soap; bath soap; household soap; bar of soap; laundry bar; savon; marseille soap; soapy water; castile soap; marseilles soap; soap and water; green soap; toilet soap; solid soap',
  oxygenBleach:
    'oxy; oxi; oxy bleach; oxy powder; oxi bleach; oxygen powder; oxygen stain remover; oxygen whitener; oxy cleaner; laundry whitener; percarb; oxi whitener; oxy soak; oxygen soak; stain remover with oxygen; non chlorine bleach',
  peroxide:
    'hydrogen peroxide 3; peroxyde; hydrogen-peroxide; h202; hydrogen peroxyde; 3% peroxide; peroxide 3; oxygenated water; 3 percent peroxide; 10 volume peroxide',
  vinegar:
    'white vinegar; distilled vinegar; cleaning vinegar; spirit vinegar; vinager; vinigar; vinegar water; diluted vinegar',
  citricAcid:
    'lemons; lime juice; citrus; lemon juices; lemon and salt; citric acid powder; half a lemon; nimbu',
  bakingSoda:
    'bicarb; bicarb soda; bi carb; baking powder; bicarbonate; bicarb of soda; bicarb paste; baking soda paste; bicarbonate soda; carb soda; baking-soda',
  washingSoda: 'soda; washing-soda; laundry soda; sal soda',
  sodaCrystals: 'soda crystal; washing soda crystals',
  borax: 'borax substitute; borax powder',
  ammonia: 'cloudy ammonia; amonia; ammonia water',
  chlorineBleach:
    'thin bleach; domestic bleach; household bleach; bleached; bleaching; liquid bleach; chlorine; javel; neat bleach; diluted bleach; bleach solution; bleach water; toilet bleach; chlorine based bleach',
  runRemover:
    'run remover; colour remover; colour run; color run remover; hydrosulfite; colour run sachet; dye run remover; colour run powder; decolouriser',
  isopropanol:
    'isopropyl; isopropyl alcohol; ipa; rubbing-alcohol; alcohol wipe; alcohol wipes; isopropyl wipes; isopropanol alcohol; alcohol swab',
  acetone: 'nail varnish remover; nail polish remover; pure acetone; nail remover',
  mineralSpirits:
    'paint thinner; thinners; white-spirit; turps substitute; turpentine substitute; brush cleaner; mineral turps; shellite; dry cleaning spirit; thinner',
  absorbentPowder:
    'corn flour; talc powder; chalk powder; flour; potato starch; corn starch; talcum; fullers earth; arrowroot; french chalk; talcom powder; cat litter; rice flour; multani mitti; sawdust for oil',
  tableSalt:
    'salts; salt water; salted water; saltwater; salty water; sea salt; cooking salt; salt paste; kosher salt; rock salt',
  powderWithBleach:
    'washing powders; laundry powder; soap powder; bio washing powder; powder detergent; wash powder; laundry detergent powder; soap powders; detergent powder; whites washing powder',
  sodaWater: 'soda-water; fizzy water; seltzer; carbonated water; mineral water; sparkling mineral water',
  glycerine: 'glycerin; glycerol bp; glicerine',
  odourRemover:
    'odour eliminator; odor remover; pet odor remover; pet stain remover; urine remover; enzyme odour spray; pet cleaner; pet spray; pet urine cleaner; odour neutraliser; pet stain spray; urine destroyer',
  softener: 'softener; conditioner fabric; fabric conditioner; laundry softener; fabric softeners',
  dyeCatcher:
    'colour catcher; colour catchers; color catcher; color catchers; colour catcher sheets; dye magnet',
  sunAir: 'in the sun; sun drying; sunlight; left in sun; put it in the sun; hung in the sun; sun bleaching',
  steam: 'steam cleaner; garment steamer; steam cleaned; steaming; steamed; steam mop; kettle steam',
  warmIron:
    'ironing through paper; brown paper and iron; iron and kitchen paper; iron and brown paper; hot iron; iron over paper; paper towel and iron',
  solventPretreater:
    'grease stain remover; degreasers; grease spray; heavy duty degreaser; pre wash grease; spot cleaner for grease; oil remover; hand cleaner',
  unknownProduct:
    'hairspray tried; cleaning spray; some spray; cleaning stuff; multi purpose cleaner; all purpose cleaner; multi surface spray; something from the shop; a cleaner; multipurpose spray; kitchen spray; surface spray; some cleaner; some stuff; home remedy',
  methylatedSpirit:
    'meths; methylated spirits; metho; denatured; spirit; purple spirit; surgical meths; spirits blue',
  surgicalSpirit: 'surgical spirits; rubbing spirit; spirit rubbing',
  handSanitiser:
    'hand gel; sanitiser; sanitizer; alcohol hand gel; hand sanitizer gel; hand cleanser gel; antibac gel; antibacterial gel',
  petrol: 'petrol; petrol wash; lighter petrol; white petrol',
  adhesiveRemover:
    'sticky stuff remover; citrus cleaner; label off; adhesive cleaner; goo remover; label remover spray; citrus oil',
  teaTreeOil:
    'eucalyptus; tea-tree; eucalyptus oil; essential oils; clove oil; eucy oil; orange oil; lemon oil',
  laundryDisinfectant:
    'laundry cleanser; disinfectant; antibacterial laundry; antiseptic liquid; laundry sanitiser; antibacterial cleaner; laundry sanitizer',
  brownVinegar:
    'apple vinegar; balsamic; wine vinegar; red wine vinegar; acv; brown malt vinegar; apple cider vin; rice vinegar',
  acidDescaler:
    'limescale cleaner; loo cleaner; lime remover; bathroom cleaner; kettle descaler sachet; lime scale remover',
  glassCleaner: 'window cleaning spray',
  gallSoap: 'oxgall; gallsoap; ox-gall soap; stain soap; bile',
  shavingFoam: 'shave foam; shaving gel; shave cream; shaving creme; shaver foam',
  shampoo:
    'hair shampoo; shampoos; bodywash; dog shampoo; hair conditioner; conditioner; baby wash; shower gels; bubble bath; hand wash soap',
  carpetShampoo:
    'carpet spray; carpet cleaning foam; carpet spot cleaner; upholstery shampoo; rug shampoo; sofa cleaner; carpet stain remover; upholstery foam; carpet cleaning spray; rug cleaner; carpet cleaner machine; carpet machine; carpet washer; carpet cleaning machine; fabric cleaner; carpet powder; upholstery spray; car interior cleaner',
  detergentCapsule:
    'laundry pod; capsules; washing pods; liquitabs; laundry capsule; capsule; washing tablet; pods washing; laundry tablets; wash pods',
  wetWipes:
    'babywipes; wet wipe; baby wipe; wipes; makeup wipes; face wipes; antibacterial wipes; make up remover wipes; cleaning wipe; makeup wipe',
  fabricFreshener:
    'air freshner; freshener; fabric spray; room spray; perfume; fabric refresher spray; linen spray; air fresheners; cologne; body spray',
  proofer:
    'water proofing spray; waterproofer; water repellent; reproofing spray; waterproof spray; suede protector; dubbin spray',
};

export const SPOKEN_FIBRES: Readonly<Record<string, string>> = {
  cotton:
    'cottons; pure cotton; cotten; brushed cotton; flanelette; towelling; terry towelling; chambray; khadi; sateen; madras cotton; organic cotton; egyptian cotton; cheesecloth cotton; cord; gingham; chintz; cotton jersey; oxford cloth; ankara; shweshwe; kitenge; batik cotton; waffle cotton; cotton drill; damask cotton; canvas cotton; moleskin; cotton voile; broderie anglaise; flannelette cotton',
  linen: 'pure linen; linnen; irish linen; belgian linen; flax linen; linen cloth; holland linen; linens',
  viscose:
    'viscose rayon; viscose jersey; artificial silk; art silk; rayon viscose; bamboo rayon; challis; viscoce',
  lyocell: 'lyocel; eucalyptus fibre',
  acetate: 'acetate satin; acetat; rayon acetate',
  wool: 'woolen; woolly; merino wool; shetland; boiled wool; wool mix; woolmix; wool blend; pure new wool; lamb wool; worsted; wool flannel; gabardine; felted wool; felt; fine wool; yak; wool suiting; kashmiri wool; woollens; icelandic wool; virgin wool',
  cashmere: 'cashmere mix; cashmere blend; cashmear; kashmir; pashmina wool; cashmere sweater wool',
  silk: 'silky; raw silk; pure silk; dupion; shantung; habotai; silk satin; silk chiffon; silk crepe; banarasi; kanjivaram; noil; georgette silk; silk velvet; charmeuse; silk organza; tussar; mysore silk; matka',
  polyester:
    'polyster; pollyester; polyester satin; georgette; crepe polyester; polyester mix; hollowfibre; hollow fibre; recycled polyester; polar; poly ester; polycrepe; polyester chiffon; poliester; sequin fabric',
  polyamide: 'nylons; nylon taffeta; ripstop; ripstop nylon; polymide; parachute nylon',
  acrylic: 'acrilic; acryllic; acrylic yarn',
  elastane: 'elasthane; lycra; elastin; stretch fabric; elastic; elastene',
  polypropylene: 'polyprop; poly propylene; olefin; polypropelene; polypropilene; polypropylene pile',
  jute: 'hessian cloth; burlap; jute backed',
  sisal: 'sisel; seagrass fibre; seagrass',
  leather:
    'suade; leather suede; real leather; sheep skin; shearling; patent leather; nubuk; cow hide; cowhide leather; kid leather; calfskin; lambskin; real fur; fur trim; mink fur; rabbit fur; chamois',
  coating:
    'fake suede coating; pleather; faux leather; pvc coated; wipe clean; oilcloth; waterproof coating; vegan leather; wax coated; waterproof membrane; pu leather; rubberised; vinyl coated; patent; artificial leather; oil cloth; coated cotton; waxed cotton',
  down: 'feathers; goose down; duck down; feather filled; down filled; goose feather; duck feather; down feather; feather filling; goose feathers; feather and down',
  modacrylic:
    'fake furs; faux-fur; fun fur; plush fur; teddy fur; fluffy fake fur; artificial fur; faux sheepskin; fake sheepskin',
  metallised:
    'zari; gold embroidery; metallic; silver threads; gold threads; lame; metallic yarn; gold border; zardozi; gota',
  modal: 'modal jersey; micro modal; beech modal',
  foam: 'memoryfoam; foam filled; foam filling; foam padding; foam rubber filling; foam core; upholstery foam; memory foam filling',
  superwash: 'super wash; washable merino; machine wash wool; machine washable merino',
  aramid: 'flame resistant fabric',
};
