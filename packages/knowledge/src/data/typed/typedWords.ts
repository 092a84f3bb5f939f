import type { TypedKind, TypedWord } from '../../schema/typed.js';

const told = (kind: TypedKind, values: Readonly<Record<string, string>>): TypedWord[] =>
  Object.entries(values).map(([value, phrases]) => ({
    id: `${kind}${value.replace(/\W+/g, '').replace(/^./, (letter) => letter.toUpperCase())}`,
    kind,
    value,
    phrases: phrases.split('; '),
    sourceIds: ['commonPractice'],
  }));

/**
 * The words of a typed sentence that are no names: colours, times, sizes, places, heat, tags and people. Cues are the
 * small words that change what their neighbours mean. Common practice, no source.
 */
export const typedWords: readonly TypedWord[] = [
  ...told('colour', {
    white: 'white; whites; bright white; brilliant white; pure white',
    natural:
      'off white; ivory; ecru; unbleached; undyed; natural coloured; oatmeal; beige; stone coloured; natural; cream coloured',
    pale:
      'cream; pale; light; pastel; light coloured; pale coloured; (light|pale|baby|powder|pastel) (blue|pink|green|grey|gray|yellow|brown|purple|lilac|peach); ' +
      'lilac; mint; mint green; lavender coloured; lemon yellow; blush pink; dusty pink; sky blue; champagne coloured; silver; silvery; magnolia',
    mid:
      'grey; gray; red; blue; green; pink; purple; orange; yellow; brown; khaki; teal; turquoise; mustard (coloured|yellow); coral; gold; ' +
      'camel; olive; rust coloured; maroon red; magenta; lime green; royal blue; coloured; colourful; colored; tan coloured; denim blue; ' +
      'fuchsia; violet; aqua; terracotta; sage; sage green; taupe; bright (pink|red|blue|green|yellow|orange|coloured)',
    dark:
      'black; navy; navy blue; dark; charcoal grey; burgundy; maroon; bottle green; indigo; jet black; midnight blue; deep (red|blue|green|purple); ' +
      '(dark|deep) (blue|green|grey|gray|red|brown|purple|coloured|navy|pink|denim); chocolate brown; forest green; plum coloured; darks; wine coloured; aubergine coloured',
    multicoloured:
      'patterned; striped; stripy; stripey; checked; checkered; tartan; floral; flowery; printed; multicoloured; multi coloured; multicolored; ' +
      'polka dot; spotty; print; floral print; flower print; rainbow; paisley; camouflage; camo; leopard print; plaid; block print; block printed; ' +
      'tie dyed; batik; (red|blue|green|black|pink|navy|yellow|grey) and white; black and (red|gold|yellow); striped; hoops; two tone; with a pattern; bold print',
  }),
  ...told('age', {
    minutes:
      'just (spilt|spilled|spill|dropped|knocked|got|splashed|happened|been|had|tipped|fell|puked|thrown|threw|poured|leaked|dripped|burst|done|did|trodden|sat|weed|peed|vomited|spewed|went|stepped|found out|came home|come home|noticed it|squirted|smeared|exploded); just now; just happened; right now; this minute; this second; # (minute|min|mins) ago; (half|quarter) of hour ago; half hour ago; half hour old; ' +
      'quarter hour ago; # seconds ago; moment ago; few (minute|min) ago; couple of (minute|min) ago; fresh; freshly; literally now; has just; brand new stain; only just; a sec ago; fresh stain; ten min ago; minutes old; is fresh; minutes ago',
    hours:
      'this (morning|afternoon|evening); today; earlier today; at (lunch|lunchtime|breakfast|dinner|teatime|tea time|supper); from (lunch|breakfast|dinner|tea|supper); ' +
      'hour ago; # hour ago; hours ago; couple of hours ago; few hours ago; overnight; last night; # hrs ago; hour or (so|two) ago; hours old; # hours old; yesterday (evening|night); in the night; during the night; at (school|work|nursery|kindy|daycare) today; couple hours ago; earlier; # hour old; earlier on; this arvo; after (lunch|dinner|tea|breakfast)',
    days:
      'yesterday; (yesterday|day before) yesterday; yesterday (morning|afternoon|lunch|lunchtime); # days ago; # day ago; # day old; # days old; few days (ago|old); couple (of|) days (ago|old); since (monday|tuesday|wednesday|thursday|friday|saturday|sunday|yesterday|weekend|the weekend); ' +
      'on (monday|tuesday|wednesday|thursday|friday|saturday|sunday); last (monday|tuesday|wednesday|thursday|friday|saturday|sunday|weekend); other day; at the weekend; over the weekend; ' +
      'for days; for # days; days ago; days old; several days; for couple (of|) days; (this|the) weekend; old from (monday|tuesday|wednesday|thursday|friday|saturday|sunday); from (monday|tuesday|wednesday|thursday|friday|saturday|sunday|yesterday|weekend); day old; (monday|tuesday|wednesday|thursday|friday|saturday|sunday) night; after # days; (monday|tuesday|wednesday|thursday|friday|saturday|sunday) lunch; been there # days; # nights ago; for few days',
    weeks:
      'last week; week ago; # weeks ago; # week ago; # week old; # weeks old; week old; fortnight ago; fortnight; couple (of|) weeks (ago|old|); few weeks (ago|old|); for weeks; weeks ago; weeks old; ' +
      'from last week; for # weeks; several weeks; since last week; for week; over week ago; about week old; two weeks; about week; for (about|) week; # weeks; nearly month; before christmas; since last (sunday|monday)',
    months:
      'months; months ago; # months ago; month ago; # month old; # months old; for months; for # months; last month; (for|) years; years ago; # years ago; for years; # years old; # year old stain; for # years; year ago; ages; for ages; ages ago; since (summer|winter|spring|autumn|christmas|easter|last year|last summer|last winter); ' +
      'last (summer|winter|spring|autumn|year|christmas|season); over (time|years); decades; decades old; from last (summer|winter|christmas); old stain; old stains; old mark; old marks; very old; long time; stored; in storage; been stored; been in (loft|attic|shed|storage|garage|drawer|cupboard|trunk|wardrobe|box|basement|cellar|chest); ' +
      'in (loft|attic|storage|trunk|chest); (from|out of) (loft|attic|storage|trunk|basement|cellar); all winter; all summer; long ago; forever; been there forever; over the years; years of; old; ancient; set in for months; from storage; in the drawer; in drawer; put away; packed away; been away; at back of (cupboard|wardrobe|drawer); from (shed|garage|wardrobe); kept in (box|trunk|loft)',
  }),
  ...told('wetness', {
    wet: 'wet; still wet; damp; still damp; soaking; soaked; soaked through; sodden; dripping; drenched; its still wet; not dry yet; not dried; not dry; soggy; sopping; still soaking; puddle',
    dry: 'dry; dried; dried on; dried in; dried up; dry now; now dry; now dried; set hard; gone hard; set; hardened; its set; has set; set in; crusty; crusted; dried out; bone dry; caked; caked on; gone crusty; baked on; rock hard; gone dry; went hard; stiffened; dried hard; crispy now; all dry; solid; all dried',
  }),
  ...told('heat', {
    tumbled:
      '(through|in|out of|into|been in) (tumble|) dryer; (through|in|out of|into|been in) (tumble|) drier; tumble (dried|dry|drying); tumbled; tumbledried; (dryer|drier) (set|baked) it; (went|gone|been|came) through (tumble|) (dryer|drier); dried it in (tumble|) (dryer|drier); been dryer; machine dried; dryer; drier; hot dryer; put it in (dryer|drier)',
    ironed:
      'ironed; been ironed; ironed over; ironed it (in|on|over|); with (hot|) iron; iron over it; ironed it; got ironed; straighteners; hair straightener; ironed in; with hair straighteners; heat pressed; steam ironed; (with|by) iron; touched by iron; iron too hot',
    hotWash:
      'boiled; boil washed; boil wash; hot wash; washed hot; hot washed; (60|70|90|95) degree wash; (washed|wash) (at|on) (60|70|90|95); (60|90|95) wash; washed it at (60|90|95); in hot wash; through hot wash; (on|at) (60|90|95) degree; went through at (60|90|95); washed in hot (water|); (60|90|95) degree; (on|at) 60; (on|at) 90; washed too hot; too hot wash; on boil; hot cycle; (60|90|95) degrees',
  }),
  ...told('size', {
    coin: 'tiny; small; little spot; little mark; coin size; coin sized; pea sized; pea size; pinhead; dot; dots; speck; specks; drop; drop of; few drops; drops; fingertip; # (mm|millimetre); 1 cm; 2 cm; 3 cm; penny sized; penny; small coin; size of coin; thumbnail; size of (pea|penny|coin|10p|50p|dime|nickel|thumbnail); (10p|20p|50p) sized; little bit; small spot; small mark; splash of; little dot; tiny bit; spots; bit of; button sized; size of button; wee spot; fingerprint; fingerprints; tiny spot; flecks; spotted; splashes; speckled',
    palm: 'palm size; palm sized; size of my palm; size of palm; egg sized; fist sized; matchbox; (4|5|6|7|8) cm; size of egg; golf ball; (size of|) golf ball; size of my fist; size of biscuit',
    hand: 'hand size; hand sized; size of my hand; size of hand; (10|11|12|13|14|15|16) cm; big; large; biggish; quite big; postcard; saucer; size of saucer; good size; fairly big; (big|large) (stain|mark|patch|spot|splash); fairly large; splodge; bigger than my hand',
    plate:
      'plate size; plate sized; size of plate; dinner plate; dinner plate sized; (18|20|22|24|25|26|28|30) cm; a4; huge; massive; big puddle; large puddle; whole glass of; whole cup of; whole mug of; whole glass; massive stain; size of football; football sized; enormous; giant; great big; whole bowl; bowl of; gallon of; huge amount; loads of; big glass of; full glass of; entire (glass|cup|mug|bottle)',
    larger:
      '(40|50|60|70|80|90|100) cm; whole bottle; whole lot; whole front; half of it; half (the|of the) (sofa|rug|carpet|bed|mattress|curtain); metre; metre wide; flooded; huge puddle; big area; large area; whole side; down the whole; bigger than; spread everywhere; very large; across the whole; whole bowl',
    allOver:
      'all over; everywhere; covered in; covered with; over everything; head to toe; top to bottom; on everything; the whole thing; all through; entire; from top to toe; caked in; whole of it; all the way through; splattered all over; completely covered; covered; plastered in; smothered in',
  }),
  ...told('place', {
    collar: 'collar; collars; neck; neckline; neck line; round the neck; around the neck; collar band',
    cuff: 'cuff; cuffs; end of the sleeve; wrist; sleeve end',
    underarm:
      'underarm; under arm; under the arm; armpit; armpits; pits; underarms; under arms; under the arms',
    front:
      'front; down the front; down my front; down front; chest; lapel; tummy; belly; bib part; bust; down his front; down her front; lapels; breast; stomach; shirtfront; down it',
    back: 'back of it; on the back; across the back; down the back',
    hem: 'hem; hemline; bottom hem; ankle; ankles; bottom of the leg; turn up; turn ups; lower edge; bottom edge; trouser bottoms; leg bottoms; hems',
    seam: 'seam; seams; along the seam; stitching',
    waistband: 'waistband; waist band; waist; belt line',
    crotch: 'crotch; gusset; groin',
    seat: 'bum; bottom of my trousers; backside; the bum; seat of the trousers; bum area; rear end',
    knee: 'knee; knees',
    toe: 'toe; toes; heel; sole of',
    pocket: 'pocket; pockets; breast pocket; back pocket; inside pocket; top pocket; in the pocket',
    lining: 'lining; on the lining; inside lining',
    strap: 'strap; straps; bra strap; handle; handles',
    edge: 'edge; edges; border; piping; trim; fringe; binding; borders',
    corner: 'corner; corners; in the corner',
    middle: 'middle; centre; center; in the middle',
  }),
  ...told('make', {
    knit: 'knit; knitted; crochet; crocheted; hand knitted; hand knit; knitwear; chunky knit; cable knit',
    velvet: 'velvet; velour; velveteen; crushed velvet; chenille',
    satin: 'satin; sateen; satiny; duchess satin; sateen weave',
    lace: 'lace; lacy; crochet lace',
    lined: 'lined; fully lined; lined ones; with a lining; interlined; blackout',
    embroidered:
      'embroidered; embroidery; hand embroidered; smocked; beaded; sequinned; sequin; sequins; sequined; with beads; mirror work; diamante; with sequins; beadwork',
    pleated: 'pleated; pleats',
    quilted: 'quilted; padded; filled',
    sheer: 'chiffon; organza; voile; tulle; sheer; georgette',
    coated: 'waxed; coated; waterproof; proofed; showerproof; water resistant',
    pile: 'terry; fleecy; shaggy; deep pile; faux fur; long pile; fluffy; tufted; loop pile',
  }),
  ...told('condition', {
    antique:
      'antique; vintage; heirloom; victorian; edwardian; (50|60|70|80|90|100) years old; 1920s; 1930s; 1940s; 1950s; great grandmothers; century old; # (year|yr) old (lace|dress|veil|christening|quilt|linen)',
    worn: 'worn out; threadbare; worn thin',
    thinning: 'thinning; gone thin; wearing thin; fragile; perished; splitting; shattering',
    torn: 'torn; ripped; frayed',
  }),
  ...told('label', {
    dryCleanOnly:
      'dry clean only; dry cleaning only; dryclean only; (label|tag) (says|say) dry clean; says dry clean; professional clean only; specialist clean only; only dry clean; dry cleanable only; do not wash; no washing; dont wash; cant be washed; not washable; (wash|tub) crossed out; (wash|tub) (symbol|sign) crossed (out|)',
    hand: 'hand wash; hand wash only; handwash; handwash only; hand washing only; hand washable; hand in the tub; wash by hand; hand in tub',
    noBleach:
      'no bleach; do not bleach; dont bleach; (bleach|triangle) crossed (out|); crossed triangle; triangle (is|) crossed out; bleach sign crossed out; triangle with cross; non bleach',
    noTumble:
      'do not tumble dry; no tumble; no tumble dry; do not tumble; no tumble drying; dont tumble dry; no dryer',
    '30': 'wash (at|on) 30; 30 on the (label|tag); (label|tag) (says|say) 30; 30 only; washable at 30; cold wash only; says 30; 30 (label|tag); 30 max',
    '40': 'wash (at|on) 40; (label|tag) (says|say) 40; washable at 40; machine washable; says 40; can be washed (at|on) 40; can go in the machine; 40 (label|tag); 40 max; can wash at 40',
    '60': 'wash at 60 ok; 60 on the (label|tag); (label|tag) (says|say) 60; can be washed (at|on) 60; washable at 60; says 60; can go at 60; 60 (label|tag); can wash at 60; allowed at 60; 60 degree (label|tag)',
    '95': 'can be boiled; (label|tag) (says|say) (90|95); washable at (90|95); can be boil washed; says (90|95); boilable',
  }),
  ...told('code', {
    W: 'code w; w code; cleaning code w; tag says w; label says w; marked w; letter w',
    S: 'code s; s code; cleaning code s; tag says s; label says s; marked s; letter s; solvent only',
    WS: 'code ws; ws code; code sw; tag says ws; label says ws; sw code; code w s; marked ws; code s w',
    X: 'code x; x code; tag says x; label says x; vacuum only; marked x; letter x',
  }),
  ...told('person', {
    baby: 'baby; babies; newborn; infant; cot; nappy; nappies; crib; babys; bub; bubs; bubba; nursery; breastfeeding; breast feeding',
    child:
      'child; children; kid; kids; kiddo; son; sons; daughter; daughters; toddler; toddlers; little one; little ones; little boy; little girl; little man; boys; girls; schoolboy; childs; childrens; my boy; my girl; grandson; granddaughter; grandchild; grandkids; # year old; # yr old; # yo; niece; nephew; tot; preschooler; my lad; school run; year # ; bairn; my youngest; my eldest; our youngest; teenager; teenage; kinder; my teen',
    pets: 'dog; dogs; puppy; puppies; cat; cats; kitten; kittens; pet; pets; rabbit; hamster; bunny rabbit; pup; pooch; labrador; guinea pig; ferret; parrot; budgie; doggy; moggy; staffie; collie; terrier; guinea pigs; tomcat',
    asthma:
      'asthma; asthmatic; bad chest; wheezy; breathing trouble; copd; inhaler; bad lungs; breathing problems',
    pregnancy: 'pregnant; expecting; im pregnant; pregnancy; # weeks pregnant; # months pregnant',
    sensitive: 'eczema; sensitive skin; allergic; allergy; allergies; allergic to',
  }),
  ...told('due', {
    hour: 'in (an|) hour; need it in hour; within hour; in half hour; in # (minutes|mins); in the next hour; in hours time; leaving in #; leave in #; leaving soon; right away; in couple of hours; in # hours; in hour; asap; (have to|need to) leave now',
    today:
      'tonight; (need|needed|wear|wanted|want|party|wedding|interview|school|due) (it|) (for|by|) (tonight|today); by tonight; for tonight; by this (evening|afternoon); this evening do; by # (pm|am|oclock|o clock) today; later today; by tea time; by dinner; before tonight; tonights; need this evening; (going|off|go) out tonight; by this evening; by # oclock; by # pm; at # tonight',
    tomorrow:
      'tomorrow; by tomorrow; for tomorrow; tomorrow (morning|night|evening|afternoon|lunch); tomorrow at #; by the morning; tomorrows; tmrw; tmw; by morning; for the morning; tomorow; in the morning; needs it (tomorrow|in the morning); # tomorrow; first thing; tomoz; tomorrow by #; before school; at # tomorrow',
    days: '(for|by|before|until|till|needed|need it|needs it|wedding|party|funeral|interview|ready by|ready for|back|due|starts|coming) (on|for|by|) (the|) (monday|tuesday|wednesday|thursday|friday|saturday|sunday|weekend); this (saturday|sunday|friday|weekend coming); next (week|monday|tuesday|wednesday|thursday|friday|saturday|sunday|weekend); in # days; in few days; end of (the|) week; in couple of days; wedding (is|) (on|in|this|next) (the|) (week|weekend|saturday|sunday|friday|days); by end of week; (coming|visit|visiting|ready|wearing) (back|) (on|by|for) (saturday|sunday|friday|thursday|monday)',
  }),
  ...told('count', {
    several:
      'several; lots of; loads of; many; all of them; pile of; load of (washing|towels|clothes|laundry); (whole|entire|full|mixed) (mixed|) (load|wash); everything; whole (bundle|basket|pile|set); set of; couple of; all of his; bunch of; box of; rest of the (load|wash)',
  }),
  ...told('unknown', {
    fibre:
      '(no|not) (idea|clue|sure) what (fabric|material|its made of|it is made of|made of|its made from|fibre|fiber|it is made from|cloth); (dont|do not|no|cant|not) (know|tell|sure|idea) (of|) (what|) (fabric|material|fibre|fiber|cloth); not sure (of|about|on) (fabric|material|fibre); unknown (fabric|material|fibre); fabric unknown; (no|missing|lost) (label|tag); (label|tag) (is|has|was|) (gone|missing|faded|cut off|come off|washed off|worn off|cut out); ' +
      'no idea (about|of|on|re) (fabric|material); dunno what (fabric|material|its made of); dunno fabric; dont know what its made of; dont know what its made from; dont know if its; not sure what its made of; mystery fabric; cut label off; cut the label off; cant read (label|tag); whatever (fabric|material); fabric (not known|no idea|dont know|not sure); material (unknown|not known|no idea|not sure); no idea what (its|it is); no label',
    mark: '(dont|do not|no) (know|idea) what (it is|the stain is|stain|mark|caused it|from|it was|its from|its); (unknown|mystery|random) (stain|mark|spot|stains|marks|substance|patch); not sure what it is; no idea what from; who knows what; unidentified; (some|something) (sort|kind) of (stain|mark); not sure what (from|happened|made it|caused it); (no|not) (idea|sure) (what|how) (made it|it got there|caused it)',
  }),
  ...told('fibre', {
    'polyester+cotton': 'polycotton; poly cotton; cotton poly; poly (and|or) cotton mix',
    'cotton+elastane': 'stretch (cotton|denim); stretchy (cotton|denim)',
    'wool+polyester': 'wool poly; poly wool',
  }),
  ...told('item', {
    tableLinen: 'damask; good linen; best linen',
    vehicleSeat: 'car seat; car seats; seat of the car; seat in the car; seat in my car',
  }),
  ...told('cue', {
    elder:
      'nan; nans; gran; grans; granny; grannys; grandma; grandmas; grandmother; grandmothers; nana; nanas; great aunt; great aunts; great grandmother; great grandmothers; grandfather; grandfathers; family; inherited',
    not: 'not; no; isnt; aint; wasnt; arent; without; never; not a; definitely not; not the; non; neither; rather than; instead of; havent; hasnt; didnt; nor; hadnt; wont; not really; not been; not even',
    unsure:
      'i think; i believe; not sure if; maybe; probably; possibly; perhaps; might be; could be; i guess; not sure; i reckon; looks like; dont know if; or maybe; supposedly; apparently; most likely; not certain; could be either; not sure whether; may be; feels like; seems',
    tried:
      'tried; used; have tried; already tried; put; applied; rubbed; scrubbed; scrubbing; been scrubbing; scrubbed with; been using; sprayed; spraying; poured; dabbed; dabbing; treated with; treated; soaked in; soaking in; soaked it in; soak in; washed with; washed it with; wiped with; wiped it with; wiped; cleaned with; cleaned it with; sponged; sponged with; used some; have used; had a go with; had go with; ' +
      'went at it with; blotted with; sprinkled; rinsed with; rinsed in; rinsed it with; rinsed; attacked it with; gave it; smothered it in; trying; tryed; did try; been soaking in; been soaked in; dowsed; washed in; rubbing; left it in; scrub; steeped; bunged; squirted; covered it in; covered it with; chucked; have put; have been using; steeped in; dunked in; i put; tried with; already used; have done',
    washed:
      'after every wash; after # washes; washed it (twice|again|three times|several times); washed (twice|again|three times|several times); been washed (twice|several times); been through wash twice; every wash; wash after wash; # washes; washed # times; washed it # times; keep washing it',
    may: 'can i use; should i use; can i put; could i use; shall i use; is it ok to use; should i try; can i try; would; will; can i; should i; could i; do i use; ok to use; safe to use; shall i; what about; how about; do i need; is it safe to; does; best to use; might; need to buy; wheres; any good; want to use; must i use; is; am i ok to; tempted to use; thinking of using',
    have: 'i have; ive got; i only have; only have; i have only; only got; ive only got; have got; we have; weve got; all i have is; got; in the house; in the cupboard; i do have; have only; theres; at home i have; only; just have; all i have; have some; have; at home; there is; got some; in house; what i have is; to hand; in the shed is',
    nothing:
      '(didnt|did not|wont|will not|doesnt|does not|hasnt|havent|cant|has not|not|couldnt) (shift|shifted|work|worked|help|helped|move|moved|budge|budged|touch|touched|remove|removed|get|lift|lifted|do|done|make) (it|anything|a thing|); did nothing; does nothing; doing nothing; no good; no luck; no use; didnt work; not working; didnt help; doesnt work; no effect; wont shift; wont come out; not shifting; made no difference; no difference; without success; not worked; hasnt worked; havent worked; no joy; not helping; wont budge; useless; made it worse; didnt shift it; still there; didnt touch it; didnt do anything; hasnt shifted; hasnt moved; hasnt budged; nothing works; nothing helps; in vain; didnt do a thing; no change; not touched it; made worse; didnt come out; no better; nothing happened; not moved; did not work; did not help; hasnt helped; havent helped; didnt budge; failed; doesnt help; wont move; not budging; did zilch; did not shift; to no avail',
    some: 'helped a bit; helped bit; faded it; lighter; came out a bit; mostly out; mostly gone; bit better; paler; some came out; partly; half gone; faded; got most of it; got most out; most of it out; most came out; reduced it; made it lighter; bit lighter; is lighter; its lighter; most of it; nearly gone; helped; helped some; bit fainter; fainter; its fainter; shifted most; took some; took most; got some out',
    turned:
      'gone; went; turned; turning; come out; came out; now; going; gone all; become; coming out; its; is; are; it has; looks; has gone; all gone; goes; it went; it is; has turned; made it; left it; turns; looking; became; got; coming up; came up; tinged',
    stuff:
      'stain; stains; mark; marks; spot; spots; patch; patches; ring; rings; streak; streaks; stuff; line; lines; blob; blobs; blotch; blotches; smear; smears; residue; tinge; smudge; smudges; marking; markings; dots; splodge; splodges; splotch; shadow; cast; haze; blotchy; discolouration; discoloration; stained; staining; splash; splashes; flecks; speckles; drip; drips; trail; splatter; film; crust; tide; halo; bits; tint; specks; stripe; dribbles',
    from: 'from; off; out of; of; made of; made with; made from; like; by',
    on: 'on; onto; over; down; in; into; to; off; out of; up; inside; across; under; all over; through; around; round; at',
    joins: 'and; plus; with; &; as well as; also; n; along with; then; mixed with; or',
    be: 'its; is; are; was; that is; thats; which is; it is; they are; theyre; were; being; be',
    elseUse:
      'smell of; smells of; smell like; smells like; stinks of; stink of; reeks of; reek of; smelling of; stinking of; smelt of; stunk of',
    person:
      'he; she; they; him; hubby; husband; wife; boyfriend; girlfriend; mum; mother; dad; father; my; friend; sister; brother; nan; gran; granny; grandma; grandad; uncle; aunt; aunty; mums; dads; hubbys; partner; mother in law; neighbour; client; guest; someone; we; us; me; i; you; everyone; flatmate; roommate; nans; grans; grandmas; grandmothers; grandmother; aunts; guests; wifes; husbands',
  }),
  ...told('else', {
    place:
      'shed; loft; attic; wardrobe; drawer; cupboard; garage; garden; kitchen; bathroom; living room; lounge room; bedroom; hotel; school; office; washing line; clothes line; radiator; fence; car; van; train; bus; beach; pub; restaurant; park; party; wedding; hospital; machine; washing machine; bath; bathtub; sink; boot of the car; house; fireplace; room; home; football; rugby; cricket; hockey; netball; camping; holiday; festival; barbecue; bbq; picnic; field; nursery school; work; gym; church; hallway; conservatory; patio; boat; tractor; caravan; flat; porch; hall; landing; playground; garden bench; bench; gate; door; railing; railings; hook; hanger; clothes hanger; coat hanger; peg; pegs; zip; button; buttons; buckle; nail; screw; staple; safety pin; tumble; wash; laundry; laundrette; dry cleaner; dry cleaners; line',
    make: 'mix; blend; type; style; coloured; material; fabric; cloth; texture; size; sized; brand; new; one; ones; type of; sort of; kind of; lovely; nice; best; good; favourite; favorite; expensive; posh; cheap; designer; old favourite; beloved; precious; special; pair of; pair; piece of; thing; things; stuff like; set; kids size; womens; mens; ladies; mans; womans; boyfriends; sunday best; second hand; secondhand; borrowed; rented; hired; hire; inherited',
    talk: 'on top of; on top now; please; pls; plz; thanks; thank you; help; hello; hi; hey; urgent; panic; omg; argh; oh no; advice; tips; how; best way; best; way; remove; removing; get out; get rid; rid; clean; cleaning; wash; washing; washed; get; getting; treat; what do i do; any ideas; ideas; any tips; cant; cannot; need; needs; needed; want; wants; anyone; know; tell; bit; lot; quite; very; really; so; too; also; still; again; already; even; after; before; when; while; where; then; but; because; cos; as; if; though; although; about; around; which; who; why; what; whats; did; do; done; has; have; had; been; will; would; could; should; must; might; make; made; makes; come; came; comes; comes off; coming; go; goes; going; went; gone; take; took; takes; leave; left; leaving; happened; happens; happen; spilt; spilled; spill; spilling; spills; dropped; drop; dripped; splashed; splash; splattered; smeared; leaked; leaking; leak; burst; exploded; knocked; knock; tipped; fell; sat; sat on; sitting; stood; knelt; lay; wore; wearing; wear; touched; brushed; rubbed off; rubbed against; leant; leaned; caught; transferred; dyed; ruined; ruin; spoilt; disaster; accident; accidentally; mess; messy; dirty; grubby; filthy; stained; stain; drew; drawn; drawing; scribbled; wrote; writing; painted; painting; got; put; stuck; sticking; melted; melt; melting; squashed; trod; trodden; walked; ran; run; running; turned; turn; started; start; noticed; found; find; found it; looks; look; looking; feel; feels; seem; think; says; said; say; save; rescue; saved; fix; repair; lift; shift; budge; tackle; sort; deal; ok; okay; safe; safely; any; some; something; anything; nothing; everything; there; here; where; now; then; time; times; once; twice; first; day; days; night; hour; water based; problem; trouble; issue; question; help me; need help; possible; way back; back; only; just; actual; actually; really; usual; usually; normally; normal; always; often; sometimes; every; each; other; another; same; different; all; both; half; part; side; top; bottom; inside; outside; between; near; next; one; two',
  }),
];

/** Everyday words that are never taken for a slip in another: "month" is no moth. Common practice, no source. */
export const WORDS_AS_TYPED: readonly string[] = (
  'month months since fence stuck spilt spill spilled small smells patch patches print sting stings pitch batch match catch watch much such ' +
  'about above after again against almost alone along already also although always among another anyone anything around asked away back bad badly ' +
  'because become been before began behind being below beside best better between bigger biggest both bought bring broke broken brought build built ' +
  'called came cannot care careful careless catch caught cause caused change changed cheap check child clean cleaned cleaner close closed clothes come ' +
  'comes coming could couple course cover cried cut dark date dear decided deep did different does doing done door down drag dragged draw drew dried drink drop ' +
  'dropped during each early easily east easy eat eating edge either else end ended enough even evening ever every exactly expect face fact fall fallen family far ' +
  'fast feel feeling feels feet fell felt few fight find fine finger fingers finish first five fix floor follow food foot for forget forgot found four free fresh friday friend ' +
  'friends front full funny gave get gets getting girl give given gives glad glass goes going gone good got great green ground group grow guess guest guests had half ' +
  'hand hands hang hanging happen happened happy hard has hate have head hear heard heart heat heavy held help helped her here hers high him himself his hit hold home hope ' +
  'hour hours house how however hurry idea inch inside into just keep keeps kept kind knew knocked know known last late later laugh laundry lay lead leak learn least leave ' +
  'left less let letter life lift light like line list little live long look looked looking lose lost lots love lovely low lucky lunch made main make makes man many mark ' +
  'marks matter may maybe mean means meant meet mess messy middle might mind mine minute miss missed monday money more morning most mother move moved much must name near nearly ' +
  'need needed needs never new news next nice night nobody none noon nor normal north not note nothing notice now number off offer often old once one only open order other ' +
  'ought our ours out over own pack page paid pair panic part party pass past pay people perfect perhaps person pick place plan play played please point poor pour press ' +
  'price pull push put quick quickly quiet quite rain ran read ready real really reason red remember remove rest right ring road room round run said same sat save saw say ' +
  'says scared school second see seem seems seen send sent set several shall shame share she shift shop short should show shower side silly simple single sister sit six size ' +
  'skin sleep slept slide slow smell soft some someone something son soon sore sorry sort sound south space speak spent spot spread stain stained stand start started stay step ' +
  'sticky still stink stood stop store storm story strong such sudden suddenly sun sunday sure sweep table take taken takes talk taste team tell ten test than thank thanks that ' +
  'the their them then there these they thick thin thing things think third this those though thought three threw through throw thursday till time tiny tired today ' +
  'together told tomorrow tonight too took top touch touched town treat tried trouble true try trying tuesday turn turned twice two ugly under until upon used useful using usual ' +
  'very visit wait walk walked wall want wanted warm was wash washed waste watch way wear wearing week weekend weeks well went were west what wheel when where which while white who ' +
  'whole why wide wife will win wind window winter wish with within without woke woman won wonder word work worked works world worn worry worse worst would write wrong wrote yard ' +
  'year years yes yet you young your yours spare stare share spear stack stick stone style suite sweet swept swim title tooth tower trail train tray tree trip truck trust ' +
  'uncle wheels white whole woods worth wound apple arrow beach bench bike bird blast blend block board boat body bone book bowl brain brand brave bread brick bride broad bucket ' +
  'build bunch burst cable camp candy card carrier carry chain chair chalk cheek cheese chest chick chicken chief china choice class clear climb clock cloud coach coast corner count ' +
  'cream crash cross crowd crown cycle daily dance death depth devil doctor doll dozen drain drawer dream drive driver drove drum dull earth eight empty enter entire equal event ' +
  'exact extra fancy farm fault favour ferry field fifth fifty film final fixed flame flash flat fleet flesh flies flight flood flour flow flower fluid focus force forest form fork forth ' +
  'frame fridge fruit garage garden ghost giant grain grand grave grill grip grown guard guide habit hall happens hasnt heaven helps hide hotel huge human hung husband ideal image index ' +
  'inner issue item joint judge juice jump key kick kitchen knee knife knock label ladder lake lamp large laser laugh layer leader leave lemon lesson level lever lid limit lip liver local ' +
  'loose loud lower lump magic march marry metal meter model moist mood moon motor mount mouse mouth mouse movie music nail neck needle nerve newly noise north nose novel ocean older onion ' +
  'oven owner paint panel paper parent patio peace phone photo piano piece pilot pin pipe pizza plain plane plant plastic plate plenty plug pocket pole pond pool porch post pound power pretty ' +
  'price pride prize proof proper proud pump quarter queen queue radio raise range rapid rate reach react relax reply rice rich rider rise river roof root rope rough route row royal rubbish ' +
  'sad sail sale salad sand sauce scale scene scrap screen screw seat seed sense serve seven shade shape sharp sheep shelf shell shine shiny shock shoot shore shout shown sight sign silver ' +
  'sink skill slice slight smart smile smoke snack snow soap sock solid solve song sorry source spark spend spice spin split spoil spoke spoon sport square stage stair stamp state steak steal ' +
  'steam steel stems stiff storage stove straight stream street strip stuff sugar suit summer super supper surf sweat swing sword tail tank tape teach tear teeth thank theme thigh tidy tiger ' +
  'tight tin toast toe toilet tone tool torch total tough trace track trade trap trash tribe trick truth tube twist type upset urge usage value van vast video view voice wage waist wagon ' +
  'wheat whose wine wing wipe wire witch wooden wrap wrist yellow youth zone mixed based tried cried fried stirred splashed polished smashed washed brushed rushed crushed pushed ' +
  'drawer drawers stored bored bore pure purely poured hello please bleed bled shrink packed baked basic raked soaked leaked shaped shape'
).split(' ');

/**
 * Names the word search knows. In a sentence they mean something else far more often: "grey", "run", "size".
 * "leather=fibre" is read, but only as a fibre. Common practice, no source.
 */
export const NAMES_ONLY_SEARCHED: readonly string[] = (
  'underarm; armpit; indigo;  pink; run; iron; size; finish; cut; bark; pitch; trunk; loft; attic; leaf; stock; rim; dull; grey; yellow; orange; bleed; co; li; ha; ju; cv; vi; ac; ca; wo; wv; ' +
  'ws; se; pl; pa; pan; pc; el; ea; pp; ra; si; cc; cup; md; ma; mac=item; pe; pu; ar; cl; me; wm; wp; wa; kp; cly; cta; cmd; mtf; clf; pla; stretch=fibre; duck; fur=fibre; ' +
  'slip=item; lead; bed=item; unknown; some; mark; spot; stain; leather=fibre; cream=mark; residue; jersey=item; canvas=item; drill; twill; lawn; line; plum=mark; port; ' +
  'fat=mark; chain; coat=item; stool=item; coconut; hang; 5; 3; 70; hair; satin; chiffon; georgette; organza; crepe; velveteen; 5 %; 3 %; 70 %; 3%; ' +
  'deodorant marks on black; not sure; dont know the fabric; unknown fabric; unknown stain; some stain; brown stain; unknown mark; mystery stain; lime; sand; flour; soda; spirit; enamel; tint; sugar; salt; pop; ' +
  'terry; coloured; laminate; membrane; metallic; vinyl; graze; mat=item; top=item; throw=item; pants=item; vest=item; suit=item; chair=item'
).split('; ');
