/**
 * Activities as guides and parents word them, each with the cautions that must come and none beside; labelled by hand,
 * common practice, no source. The second half was written for other topics and is read once, when the rules are settled.
 *
 * A line: `kind: title + supply, supply / directions {allergy, allergy} [ages] > must, must ? may`. Without ages the house
 * has children of 12, 9, 6 and 3, the youngest of whom mouths things (`m`). `allergy` is an allergy that is met, `labels`
 * one to look for. What stands after `?` is right either way.
 */
import { blankPart } from '@/core/plan/blank';
import type { Part } from '@/core/plan/lesson';

export interface Labelled {
  line: string;
  part: Pick<Part, 'kind' | 'title' | 'directions' | 'supplies' | 'outdoors'>;
  allergies: string[];
  /** Ages in whole years, and who mouths things. */
  ages: { years: number; mouths: boolean }[];
  must: string[];
  may: string[];
}

const list = (text: string | undefined): string[] =>
  (text ?? '')
    .split(',')
    .map((t) => t.trim())
    .filter(Boolean);

/** Reads a line of the tables below. */
export function labelled(line: string): Labelled {
  const [doing, labels = ''] = line.split('>');
  const [must, may] = labels.split('?');
  const ages = /\[([^\]]*)\]/.exec(doing)?.[1] ?? '12 9 6 3m';
  const allergies = /\{([^}]*)\}/.exec(doing)?.[1];
  const rest = doing.replace(/\[[^\]]*\]|\{[^}]*\}/g, '');
  const colon = rest.indexOf(':');
  const [before, directions = ''] = rest.slice(colon + 1).split(' / ');
  const [title, supplies] = before.split(' + ');
  const kind = rest.slice(0, colon).trim();
  return {
    line,
    part: {
      kind: kind as Part['kind'],
      title: title.trim(),
      directions: directions.trim(),
      outdoors: kind === 'walk',
      supplies: list(supplies).map((name) => ({ ...A_SUPPLY, name })),
    },
    allergies: list(allergies),
    ages: ages
      .split(' ')
      .filter(Boolean)
      .map((a) => ({ years: parseInt(a, 10), mouths: a.endsWith('m') })),
    must: list(must),
    may: list(may),
  };
}
const A_SUPPLY = { id: '', amount: null, least: null, unit: '', each: false, keepsDays: null };
export const asPart = ({ part }: Labelled): Part => ({
  ...blankPart,
  id: 'p',
  lessonId: 'l',
  lead: 'leads',
  ...part,
});

export const lines = (text: string): string[] =>
  text
    .split('\n')
    .map((l) => l.trim())
    .filter((l) => l && !l.startsWith('#'));

export const SEEN = lines(`
# hot
craft: Dye pot: onion skins and madder > hot, hot-small ? dye
cooking: Bake flat bread > hot, hot-small
cooking: Fry the pancakes [12 9] > hot
craft: Stick the roof on with the hot glue gun [12 9] > hot
cooking: Boil sugar to caramel and pull threads > hot, hot-small
cooking: Cook plum jam and fill the jars > hot, hot-small
cooking: Make a jelly with hot water [9] > hot
craft: Dip candles in melted wax > hot, hot-small
craft: Press the leaves with a warm iron between sheets > hot, hot-small
activity: Light sparklers on the last evening > hot, hot-small
activity: Tell the tale by the fireplace > hot, hot-small
experiment: Watch a candle burn under a glass [12 9] > hot ? glass
cooking: Toast bread over the camp fire [12 9] > hot
cooking: Make toffee [12 9] > hot
experiment: Heat the water and time it until it steams [12] > hot
craft: Melt old crayons in the oven [9 6] > hot
craft: Batik with hot wax [12 9] > hot
craft: Solder two wires [12] > hot
craft: Lantern of paper + tea lights > hot, hot-small
activity: Roast chestnuts in the embers [12 9] > hot
cooking: Brew tea and taste three sorts [12 9] > hot
demonstration: Blow on the kettle’s steam with a cold plate > hot, hot-small
activity: The Iron Age in three pictures >
craft: Bake a cake of mud, pretend oven >
activity: Draw the oven of a baker >
experiment: Baking soda and vinegar >
game: A match of socks >
model: A model of a kiln in clay >
read-aloud: The hot pot on the stove >
activity: Hot or cold, a game of hiding >
craft: Paint a flower pot >
activity: Draw the steam engine >
craft: Colour a picture of a candle >
activity: Sort pictures: hot and cold lands >
# edges, scissors, needles
craft: Cut a stamp with a craft knife > edge
craft: Whittle a spoon [12 9] > edge
craft: Saw the lath and hammer it together > edge
craft: Carve a pumpkin > edge
cooking: Chop the onions with a sharp knife > edge
craft: Cut lino for a print [12] > edge
craft: Drill a hole into the walnut shell [12 9] > edge
craft: Cut out the wheel with scissors > scissors
craft: Cut out the wheel with scissors [12 9] >
craft: Sew a bag with needle and thread > needles
craft: Sew a bag with needle and thread [12] >
craft: Pin the pattern to the cloth with pins [6] > needles
craft: Embroider a leaf [6] > needles
craft: Thread kebab skewers through paper [4] > needles
activity: Draw a knife and fork >
activity: A sawtooth pattern in paper >
model: A ship of card, its saw and hammer of paper >
walk: Look for pine needles > outdoors
craft: Knit ten rows [12 9] >
craft: Felt a ball with a felting needle [9] > edge
craft: Fold a paper boat >
# corrosive, sprays, dyes, plaster
demonstration: Dry ice in warm water > corrosive ? hot, hot-small, water-tub, water-small
craft: Soap with lye > corrosive
experiment: Bleach a leaf > corrosive
craft: Fix the drawing with hair spray > spray
craft: Spray paint the frame outdoors > spray
craft: Clean the brushes in turpentine > spray
craft: Varnish the box > spray
activity: A drop of lavender essential oil on each bag > spray
experiment: Nail varnish remover on foam > spray
craft: Stick it with super glue > spray
craft: Weigh out the alum > dye
craft: Mordant the yarn with copper sulphate > dye
experiment: Slime with borax > borax
craft: Plaster hand prints > plaster
craft: Cast a footprint in plaster of Paris > plaster
activity: Put a sticking plaster on the doll >
craft: Spray the seedlings with water >
experiment: Lemon juice is an acid: taste it >
# small parts, magnets, cells, beads, balloons, choking, neck
craft: Thread glass beads > small-parts
craft: Thread glass beads [12 9 6] >
craft: Thread glass beads [2] > small-parts
game: Roll the marbles down the run > small-parts
activity: Count with dried beans > small-parts
craft: Glue buttons on the card > small-parts
experiment: Which things stick to the magnet? > magnets
experiment: Which things stick to the magnet? [15] >
activity: Strong magnets and a paper clip [12] > magnets
experiment: A light from a coin cell > cells
experiment: A light from a coin cell [12 9] >
activity: Soak water beads > water-beads
craft: Blow up balloons > balloons
craft: Blow up balloons [12 9] >
model: A hot-air balloon of paper >
cooking: Pop popcorn [3] > hot, hot-small, choking
cooking: Thread grapes and cheese on sticks [3] > choking
cooking: Eat whole nuts from the shell [3] > choking
cooking: Thread grapes and cheese on sticks [12 9] >
cooking: Stir honey into the milk [0] > honey
cooking: Stir honey into the milk [12 9] >
cooking: Taste the raw cookie dough [12] > raw
cooking: Whisk a raw egg into the cream [12] > raw
craft: Mix egg tempera with the yolk [12] > raw
craft: A necklace of pasta for each > neck ? small-parts
craft: Twist a long rope and skip with it > neck
activity: A cloak tied at the neck for the king > neck
craft: Twist a cord and skip with it [12 9] >
# thrown, sun, lasers, climbing, roads, glass
model: A catapult of lolly sticks; shoot peas > thrown ? small-parts
game: Bow and arrow on the lawn > thrown
experiment: A bottle rocket > thrown
activity: Throw javelins of bamboo > thrown
observation: Look at the sun through a hole in card > sun
observation: Watch the eclipse > sun
experiment: Light paper with a magnifying glass in the sun > sun ? hot, hot-small
experiment: A sundial in the yard > ? sun
experiment: A laser pointer through milk > laser
game: Climb the old apple tree > climb
game: Jump from the wall and measure it > climb
activity: Ride the bicycle to the mill > road
walk: Along the road to the bridge > outdoors, road
activity: Draw a tree to climb >
activity: Count the bicycles in the picture >
observation: Pond life on a glass slide under the microscope > glass
experiment: A lamp for the sun and a ball for the earth > glass
activity: Draw the solar system >
# water
craft: Float corks in a tub of water > water-tub, water-small
walk: To the mill pond > outdoors, water-still, water-small
experiment: Measure how fast the river runs > water-river, water-small
trip: A day at the sea > outdoors, water-sea, water-small
trip: Out in a rowing boat [12 9] > outdoors, water-boat ? water-still, water-river, water-sea
walk: Slide on the frozen lake [12] > outdoors, water-ice ? water-still
game: Paddle in the stream [7] > water-river
activity: Swim ten lengths [12] > water-pool
activity: Draw the river and its mills >
activity: Map of the lakes of our land >
model: A river of blue felt >
read-aloud: The boat on the lake >
craft: Watercolour wash of the sea >
activity: A live stream from the mill > online
# animals and bees
trip: Farm visit, lambs > outdoors, animals
activity: Stroke the neighbour’s rabbit > animals
observation: Keep tadpoles in a jar > animals ? glass
activity: Feed the hens > animals
observation: A snail race > animals
activity: Let the dog walk through the maze > animals
observation: Look into the bee hive with the keeper > bees ? animals
activity: Draw a sheep >
model: A beehive of clay >
game: Walk like a bear >
craft: A puppet of a dog >
craft: Roll a candle of beeswax >
# wild and poisonous plants
walk: Gather mushrooms > outdoors, wild
walk: Pick blackberries and eat them on the way > outdoors, wild
walk: Gather seaweed and mussels on the shore > outdoors, wild, water-sea, water-small
craft: Press foxglove and lily of the valley > poison
observation: Yew berries and holly > poison
activity: Draw a toadstool >
activity: Sow cress >
# online, film
looking-up: Search online for the oldest mill > online
activity: Watch a video of a loom > film ? online
film: The wool road > film
looking-up: Find it in the basket >
activity: Write a letter to the museum >
# allergies
cooking: Boil six eggs {eggs} [12] > hot, allergy
craft: An egg of clay {eggs} >
craft: Paint blown eggs {egg} > allergy ? raw
cooking: Salad of leaves {eggs} [12] > labels
cooking: Chop walnuts {nuts} [12] > allergy ? edge
cooking: Peanut butter on toast {peanuts} [12] > allergy ? hot
game: Nuts and bolts to sort {nuts} [12] >
cooking: Press tofu {soya} [12] > allergy
craft: Salt dough map {coeliac} > allergy ? raw
cooking: Rice flour paste {wheat} [12] > labels
activity: Draw a cow and her milk {milk} >
cooking: Curds and whey {lactose} [12] > allergy
experiment: Laser through milk {dairy} [12] > laser, allergy
walk: Through the meadow {hay fever} [12] > outdoors, allergy
walk: To the quarry {bee stings} [12] > outdoors, labels
craft: Blow up balloons {latex} [12] > allergy
activity: Ride a pony {cats} [12] > animals
activity: Stroke the cat {cats} [12] > animals, allergy
cooking: Icing with food colouring {colourings} [12] > allergy
cooking: Maize porridge {corn} [12] > allergy ? hot
craft: Print with a potato {potatoes} [12] > allergy ? edge
cooking: Fish soup {fish} [12] > allergy ? hot
model: A fish of felt {fish} >
# what does what it does whatever it is made of, and other words for old dangers
craft: Build a catapult from lolly sticks and shoot paper balls [12 9] > thrown
craft: A catapult of paper in a picture of the siege [12 9] >
cooking: Blanch the beans and cool them in ice water > hot, hot-small ? small-parts
cooking: Poach eggs for breakfast {eggs} [12 9] > hot, allergy
cooking: A quick stir-fry of carrots [12 9] > hot ? edge
cooking: Scald the milk for the yoghurt [12 9] > hot
craft: Blow out eggs and paint the shells [12 9] > raw
craft: Paint blown eggs [12 9] >
observation: Look at cheek cells under the microscope + slides, cover glass [12 9] > glass
activity: Show slides of our trip on the wall [12 9] >
experiment: Launch a water rocket + bottle, bicycle pump [12 9] > thrown
activity: Mark the rivers and the bridges on the outline map >
activity: Find the sea on the globe and the desert on the wall map >
activity: Fly a kite on the hill [12 9] > kite ? outdoors
craft: Make a kite from paper and try it in the wind [12 9] > kite
craft: Draw a kite on the window [12 9] >
observation: Dissect a sheep's heart + heart, scalpel [12 9] > edge, raw ? animals
observation: Look inside a squid and name its parts + squid [12] > raw ? edge
`);

export const HELD = lines(`
# a unit on bread and mills
cooking: Knead the dough and let it rise >
cooking: Slide the rolls into the oven > hot, hot-small
cooking: Melt butter in a pan and brown the crumbs [12 9] > hot
activity: Grind grain between two stones >
cooking: Lick the batter off the spoon [9] > raw
activity: Draw the mill wheel and its stream >
trip: To the water mill on the river > outdoors, water-river, water-small
model: A mill of cardboard, cut with scissors > scissors
model: A mill of cardboard, cut with a box cutter [12] > edge
cooking: Bread of spelt {gluten} [12] > allergy ? hot
cooking: Polenta {wheat} [12] > labels ? hot
read-aloud: The fire in the bakehouse >
experiment: Yeast blows up a balloon on a bottle > balloons ? glass
experiment: Yeast blows up a balloon on a bottle {latex} [12 9] > allergy
tell-back: How the flour was ground {flour} >
# the sea shore
trip: Rock pools at low tide > outdoors, water-sea, water-small
walk: Collect shells on the beach > outdoors, water-sea, water-small ? wild
craft: Glue shells on a frame > small-parts
activity: Draw a lighthouse >
model: A lighthouse with a bulb and a button cell > cells ? glass
game: Sail walnut boats in the bath > water-tub, water-small
game: Skim stones on the lake [9] > water-still, thrown
trip: A ferry across the bay [12] > outdoors, water-boat ? water-sea
activity: Map of the tides >
cooking: Boil shrimps {shellfish} [12] > hot, allergy
cooking: Fry fish fingers [12] > hot
activity: Listen to a shell >
craft: A jellyfish of ribbons and a paper plate >
observation: Crabs in a bucket, and back again > animals ? water-tub, water-small, water-sea
activity: A talk on video with the harbour master > online
activity: Video call with a fisherman > online
copying: The sea, a poem >
# light and lenses
experiment: Split light with a glass prism > ? glass, sun
experiment: Burn a hole with the lens in the sun > sun ? hot, hot-small
experiment: A torch and a mirror > ? glass
observation: Sunspots with a telescope [12] > sun
craft: A shadow theatre with a desk lamp > glass
demonstration: Laser beam through smoke > laser ? hot, hot-small
activity: Draw the parts of the eye >
experiment: Candle light through red foil [12 9] > hot
craft: A pinhole camera with a nail and hammer [12 9] > edge
activity: Shadow drawing in the yard at noon > ? sun
film: The moon > film
looking-up: Look on the internet for a photo of the moon > online
# knights and castles
model: A trebuchet that throws chestnuts > thrown ? small-parts
craft: Swords of cardboard >
craft: Shields of plywood, sawn and nailed > edge
game: Archery in the garden > thrown
game: Fence with wooden swords > thrown
activity: Draw the moat >
model: A castle with a moat of foil >
activity: Climb the tower and count the steps > climb
craft: Chain mail of metal rings [2] > small-parts
cooking: Roast apples for the feast > hot, hot-small
craft: Seal a letter with sealing wax [12 9] > hot
craft: A cape that ties under the chin > neck
game: Tug of war with a rope > neck
read-aloud: The burning tower >
activity: Write with a quill > ? edge
craft: Cut a quill with a penknife [12] > edge
activity: Design a coat of arms >
# the garden
activity: Dig a bed and plant beans > small-parts
activity: Prune the apple tree with secateurs [12] > edge
activity: Mow the grass with shears {grass} [12] > edge, allergy
observation: Worms in a jar of soil > animals ? glass
activity: Press flowers {pollen} [12] > ? allergy
activity: Turn the compost >
observation: Laburnum pods and daffodil bulbs > poison
walk: Wild garlic for the soup > outdoors, wild ? hot, hot-small
activity: Draw a seed from the inside >
activity: Fill the paddling pool > water-tub, water-small ? water-pool
activity: Water the seedlings with a can >
activity: Build a scarecrow of straw {hay fever} [12] > allergy
observation: Bumble bees on the thistle > bees ? animals
observation: Bumble bees on the thistle {insect stings} [12] > bees, allergy ? animals
craft: A bee of felt {bee stings} >
craft: Plant labels from lolly sticks >
game: Ladder race up the hay loft > climb
activity: Wheelbarrow along the lane > road
# winter and ice
walk: Over the ice on the canal [9] > outdoors, water-ice ? water-river, water-still
experiment: Freeze a balloon full of water > balloons ? water-tub, water-small
activity: Cut paper snowflakes with scissors > scissors
activity: Cut paper snowflakes with scissors [9] >
game: Sledge down the hill > climb
game: Throw snowballs at a mark > thrown
cooking: Hot chocolate on the stove {milk} [12] > hot, allergy
activity: Light the stove in the hut > hot, hot-small
craft: Ice lanterns with tea lights > hot, hot-small
read-aloud: Lost on the ice >
activity: The ice age on a time line >
observation: Frost on the window >
observation: Feed the birds with peanuts {peanuts} [12] > animals, allergy
observation: Feed the birds with peanuts > animals, choking ? small-parts
# weather and air
experiment: A thermometer of a bottle and a straw > ? glass
experiment: A storm in a bottle >
model: A wind vane with a pin and a straw [6] > needles
model: Kites, flown in the field > kite ? road, climb
experiment: Air pushes: a candle lifts water in a glass [9] > hot ? glass
activity: Draw clouds >
activity: Watch the weather report online > online ? film
experiment: Rain in a jar: hot water and ice [9] > hot ? glass
model: A parachute for a toy, dropped from the stairs > climb
# sound and music
craft: Drums of tins and balloons [12 9] >
craft: Drums of tins and balloons {latex} [12 9] > allergy
craft: A guitar of rubber bands [9] >
music: Sing the boat song >
craft: Shakers with rice and lentils > small-parts
craft: Flutes of elder wood, bored with an awl [12] > edge
experiment: A string telephone >
activity: Tune glasses of water > ? glass
# electricity and machines
experiment: A circuit with a battery and a bulb > ? glass
experiment: An electromagnet of a nail and wire [9] > magnets
craft: Take an old clock apart with a screwdriver > small-parts
activity: Draw a lever >
game: A seesaw of a plank > ? climb
model: A cart from a soap box, and down the street > road
model: A rubber band car >
model: A rocket of a film can and a fizzing tablet > thrown
craft: Soldering the lamp [12] > hot ? glass
# animals
trip: The riding stable > outdoors, animals
trip: Aquarium > outdoors ? animals
activity: Brush the pony {horses} [12] > animals, allergy
activity: Draw a horse {horses} >
activity: Groom the goats > animals
observation: Caterpillars in a box > animals
observation: A bird’s nest with eggs > animals
experiment: Dissect an owl pellet > animals ? edge, scissors
game: Cat and mouse in the yard {cats} >
craft: A feather pen {feathers} [12] > allergy
own-reading: The dog who ran away {dogs} >
activity: Pet the dog at the shelter {dogs} [12] > animals, allergy
activity: Clean the aquarium > animals, water-tub, water-small ? glass
# paints and printing
craft: Marble paper with inks on a tray of water > ? water-tub, water-small
craft: Potato print, cut with a kitchen knife > edge
craft: Oil paint and white spirit > spray
craft: Finger paint >
craft: Iron on the transfer > hot, hot-small
craft: Print with leaves >
craft: Glaze the bowl and fire it in the kiln > hot, hot-small
craft: Epoxy resin over shells [12] > spray
craft: Papier-mâché with wallpaper paste {gluten} [12] > allergy
craft: Papier-mâché round a blown-up balloon > balloons
craft: A mask of plaster bandage on the face > plaster
craft: A relief in plaster > plaster
craft: Paint pebbles > small-parts
craft: Paint eggs of wood {eggs} >
craft: Dye eggs with onion skins {eggs} [12] > allergy ? hot
# food of long ago
cooking: Pickle cucumbers with boiling vinegar > hot, hot-small
cooking: Press apples for juice >
cooking: Sausages on a stick over the fire [3] > hot, hot-small, choking
cooking: Hard boiled sweets [3] > hot, hot-small, choking
cooking: Fruit salad with cherries and grapes [3] > choking ? edge
cooking: Mayonnaise from raw yolks [12] > raw
cooking: Mayonnaise from raw yolks {eggs} [12] > raw, allergy
cooking: Oat cakes with honey [0 9] > honey ? hot, hot-small
cooking: Marzipan fruits {almonds} [12] > allergy
cooking: Marzipan fruits {tree nuts} [12] > allergy
cooking: Halva {sesame} [12] > allergy ? hot
cooking: Ice cream in a bag of salt and ice {dairy} [12] > allergy
cooking: Oat milk and berries {milk} [12] > labels
cooking: Coconut balls {nuts} [12] > labels
cooking: Miso soup {soy} [12] > allergy ? hot
cooking: A tart with strawberries {strawberry} [12] > allergy ? hot
quiz: Which of these is a nut? {nuts} >
activity: Taste five sorts of cheese {milk} [12] > allergy
activity: Sprinkles on biscuits {food dye} [12] > allergy
# people and places
trip: The fire station > outdoors
trip: The museum > outdoors
activity: Draw the street with its bicycles >
activity: Cross the road with a clipboard and count cars > road
game: Hopscotch >
game: Trampoline: count the jumps > climb
activity: Roller skates in the yard > road
talk: My bicycle >
presentation: Light the candles and welcome the guests > hot, hot-small
notebook: A page on fire >
project: Build a bridge of rope in the garden > neck ? climb
activity: Swing on the rope > neck, climb
activity: Plastic bags as parachutes [3] > neck
# a house, a ship and a fair
cooking: Steam dumplings in a bamboo basket [12 9] > hot
cooking: Simmer the stock for the soup > hot, hot-small
cooking: Cold cucumber sandwiches with cream cheese {milk} [12 9] > allergy ? edge
craft: Carve a soap boat with a butter knife [9] > ? edge
craft: Saw the mast from a broomstick [12] > edge
craft: Sew a sail and hem it [6] > needles
craft: Varnish the hull outside [12] > spray
experiment: Which hull floats longest in the tub? [6 3m] > water-tub, water-small
experiment: Hang magnets under the boats and steer them [9 6 3m] > magnets ? water-tub, water-small
walk: Along the harbour wall [12 9] > outdoors, water-sea ? climb
trip: The lighthouse, up all its steps [9] > outdoors ? climb, water-sea
activity: Mark the ports on the sea chart [9] >
activity: Show the trade winds on the globe with arrows of paper [9] >
activity: Throw rings over pegs [6] > ? thrown
activity: Throw horseshoes at the stake [12 9] > thrown
activity: Knock down tins with a slingshot [12] > thrown
craft: A kite of silk paper, for the window [6] > ? kite
activity: Fly the kites from the dyke [12 9] > kite ? outdoors, water-sea
craft: A trebuchet of wood that hurls walnuts [12] > thrown
craft: Make a sling shot of felt for the doll [6] > ? thrown
activity: Toss a beanbag into a basket [6] >
cooking: Toffee apples for the fair [12 9] > hot ? choking
cooking: Popcorn in a pan [9 3m] > hot, hot-small, choking
activity: Blow soap bubbles [6 3m] >
activity: Face painting for the fair [6] >
activity: Balloon animals for the guests [9 6 3m] > balloons
activity: Candyfloss stand: look how it is spun at the fair [9] > ? hot, outdoors
activity: Guess the number of beans in the jar [9] >
activity: Bob for apples in the tub [9 6] > water-tub
observation: Slides of onion skin under the microscope + iodine, slides [12] > glass ? dye
observation: Look inside a trout before it is cooked [12 9] > raw ? hot, edge, animals
cooking: Clean the mackerel with a sharp knife [12] > edge ? raw, animals
activity: Oil the bicycle chain [12] > ? spray, road
activity: Ride bikes to the mill [12 9] > road ? outdoors
activity: Read the story of a boy who flew a kite in a storm [9] >
talk: How a kettle whistles [9] >
`);
