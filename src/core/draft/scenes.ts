/** A place on the way: what a move there is called, and what is said when they come to it. */
export type Stop = Readonly<{ name: string; line: string }>;

/** Where a story plays: by which images it is known, and what can stand on the way there. */
export type Scene = Readonly<{ id: string; images: readonly string[]; stops: readonly Stop[] }>;

/** Each scene by its images, then its stops: "name | line". Short and plain, to be said aloud. */
const SCENES = `
# water: river lake swamp boat ferryman duck frog fish reed waterfall lily pad bridge water heron otter swan
wobbly bridge | The bridge wobbles. Over we go, with small steps.
tall reeds | The reeds are tall and thin here. They hide us.
frog’s ditch | A frog sits in the ditch and jumps over it. So do we.
stepping stones | There are stones in the stream. Hop from stone to stone.
muddy bank | The bank is deep mud. Pull each foot out of it.
rowing boat | A boat! We row it to the other side.
sleeping heron | The heron stands on one leg and sleeps. Not a sound.
water wheel | The water wheel turns, big and slow.
low branch | A branch hangs low over the path. Duck under it.
otter’s slide | The otter glides down the bank, low and quick.
heavy rope | A heavy rope lies in the water. We pull it in.
duck family | A duck comes by with her ducklings. Waddle behind her.
rocking ferry | The ferry rocks from side to side.
# woods: forest tree fox owl wolf squirrel hedgehog bear branch bush log mushroom leaf deer badger acorn
tall trees | The trees stand still and tall. We stand like them.
fallen log | A big log lies on the path. Step over it, high and slow.
fox’s path | The fox creeps through the bushes. We creep behind.
thorn gap | There is a narrow gap in the thorns. Go through sideways.
bear’s cave | The bear walks out of the cave, low and heavy.
squirrel’s oak | A squirrel climbs the oak, up and up.
owl’s branch | The owl turns its head and listens.
swinging branch | The branches swing in the wind.
hedgehog’s ball | The hedgehog curls up in a ball.
deer’s leap | The deer leaps over the ditch.
falling leaves | The leaves whirl down, slow and round.
mushroom ring | Mushrooms pop up out of the ground.
badger’s tunnel | The badger’s tunnel is low and dark. Crawl through.
# hills: mountain hill cliff steps goat eagle cloud wind rock climber path volcano peak
steep path | The path is steep. Lift your knees and climb.
narrow ledge | The ledge is narrow. Side by side with the rock.
loose stones | Stones lie about. Jump over one, and over the next.
eagle’s rock | The eagle spreads its wings and sails on the wind.
rock pile | A heavy rock lies in our way. Push it to the side.
rope ladder | Here hangs a rope ladder. Up we go, hand over hand.
low arch | The rock makes an arch. Go under, low and round.
goat’s hops | The goat hops from rock to rock.
windy gap | The hill has a gap. The wind helps us leap over it.
look-out stone | From this stone you can see far. Up as high as you can.
bear’s trail | Bear tracks! The bear was here, low and heavy.
echo wall | The wall claps back. Loud claps, please.
giant’s steps | These steps were made for a giant. Long and slow.
# town: city house tower clock market steps church baker lamplighter postman bell road roof bridge school
clock tower | The clock swings left and right, tick, tock.
market stalls | The market is full. This way and that, round the stalls.
narrow lane | The lane is narrow. We walk with one foot before the other.
tower stairs | Round and up go the tower stairs.
heavy door | The door is heavy and stuck. Push!
bell rope | The bell rope hangs down. Pull it long.
baker’s dough | The baker stirs a big bowl of dough.
sleeping cat | A cat sleeps in the sun. Past it, without a sound.
rolling barrels | Barrels roll down the street, round and round.
band in the square | A drum band marches by. Left, right.
window washing | The windows are dusty. Wipe them, high and low.
lamp post | Stand like a lamp post, tall and still.
puddles | It has rained. Jump over the puddles.
# farm: farm farmer field cow horse hen sheep pig tractor barn donkey goat haystack windmill gate
farm gate | The gate swings open, wide and slow.
galloping pony | The pony gallops round the field.
hen yard | The hens scratch and flap their wings.
windmill | The sails of the windmill turn in the wind.
heavy sacks | Lift the sacks onto the cart. Bend your knees.
muddy pigs | The pigs wade through the mud.
milk pails | Carry the milk, and do not spill a drop.
apple tree | Pick the apples from the highest branch.
haystack hop | Jump over the bales of hay.
goose march | The geese march home in a line.
sheep’s jump | The sheep jump over the fence, one by one.
sleepy cat | The cat stretches in the sun.
digging potatoes | Dig the potatoes out of the ground.
# sea: sea ship beach harbour pirate island whale crab fish shell dolphin octopus lighthouse sailor mermaid anchor
high waves | The waves go up, and the waves go down.
ship’s ropes | Pull on the rope and hoist the sail.
crab’s walk | A crab walks sideways over the sand.
swimming fish | The fish swim round and round the reef.
lighthouse | The lighthouse turns its light, slowly round.
narrow plank | The plank is narrow. Step by step, arms out.
heavy anchor | The anchor is heavy. Heave it up together.
island hop | Jump from island to island.
octopus | The octopus shakes its eight arms.
gull wings | Gulls sail over the water with wide wings.
rocking deck | The deck rocks from foot to foot.
climbing the mast | Climb up the mast, hand over hand.
hermit crabs | Crabs hide in the shells. Low over the sand, as they go.
# snow: snow ice winter iceberg penguin sledge snowman frost polar bear bear skater skier
deep snow | The snow is deep. Lift your knees out of it.
frozen pond | The pond is ice. Glide with long, low steps.
penguin path | Penguins waddle by, one behind the other.
snow ball | The snow ball grows round and heavy.
icicles | Icicles hang from the roof, long and still.
sledge pull | Pull the sledge up the hill.
bear tracks | A white bear walks here, low and slow.
melting snowman | The snowman melts in the sun.
falling snow | Snow falls down, soft and slow.
narrow ice | The ice is narrow here. Small steps.
warm hands | It is cold. Clap and stamp until you are warm.
over the crack | Here is a crack in the ice. Jump over it.
# night: night moon star dark space rocket astronaut owl moth bed dream lantern lamp candle ghost planet
light as the moon | On the moon we are light. Slow and soft, as if you could float.
stars come out | The stars come out, wide and bright.
dark lane | The lane is dark. Creep, and feel your way.
owl’s turn | An owl turns its head and listens.
moth wings | A moth flutters around the light.
rocket | The rocket counts down, and up it goes.
lamp on the hook | Hang the lamp on the highest hook.
sleeping street | Everybody sleeps. Past them, without a sound.
turning planet | The planet turns around, slow and round.
floating cloud | A cloud floats by, from side to side.
tower stairs | Up the tower stairs, one and one and one.
bell | The bell swings, long and slow.
# castle: castle king queen knight dragon giant throne tower witch wizard princess gate dungeon treasure
castle gate | The gate is heavy. Push it with both hands.
sleeping dragon | A dragon sleeps here. Creep by.
knight’s guard | The knight stands guard, strong and still.
tower stairs | Climb the tower stairs, up and round.
witch’s pot | Stir the big round pot.
giant’s hall | A giant stamps through the hall.
moat | Jump over the moat.
throne | Sit on the throne, and sit up straight.
narrow wall | Walk on top of the wall, one foot before the other.
flags | The flags wave high on the tower.
horse yard | The horses trot round the yard.
low cellar | The cellar is low. Under the beams, low and quiet.
treasure dig | Dig for the treasure.
# garden: garden flower bee butterfly seed gardener worm snail ant spider rabbit bean leaf caterpillar tree
seed in the earth | A seed lies small and round in the earth.
growing bean | The bean grows up and up, to the top of its pole.
busy bees | The bees fly from flower to flower.
rabbit hole | The rabbit hops to its hole.
snail’s way | The snail is slow and low.
butterfly | A butterfly opens and closes its wings.
watering | Lift the can, and water the flowers.
caterpillar | A caterpillar crawls along the wall.
wheelbarrow | The wheelbarrow is heavy. Push it along.
spider’s thread | The spider climbs up its thread.
ant march | The ants march in a line.
digging | Dig the bed, deep and strong.
apple branch | The apples hang high. Up, and up again, to get one.
# way: path road forest hill bridge
long road | The road is long. Swing your arms and march.
narrow bridge | The bridge is narrow. One foot before the other.
big puddle | A big puddle! Jump over it.
heavy stone | A heavy stone lies on the path. Push it away.
low tunnel | The tunnel is low. Crawl through.
steep hill | Up the hill, knees high.
windy corner | The wind turns us around.
shut gate | The gate is shut. Climb over it, knees high.
sleeping dog | A dog sleeps by the road. Past it, without a sound.
thorn hedge | The gap in the hedge is narrow. Go sideways.
cart and pony | A pony trots by with its cart.
rope pull | A cart is stuck. Pull it by the rope.
look-out | Stand up tall and look around.
`;

/** Every scene; the last one is the way for a story that plays anywhere. */
export const ALL_SCENES: readonly Scene[] = SCENES.trim()
  .split(/^# /mu)
  .filter(Boolean)
  .map((part) => {
    const [head = '', ...stops] = part.trim().split('\n');
    const [id = '', images = ''] = head.split(': ');
    return {
      id,
      images: images.split(' '),
      stops: stops.map((stop) => {
        const [name = '', line = ''] = stop.split(' | ');
        return { name, line };
      }),
    };
  });

/** What a warm-up has, whatever the story: the move's id, its name there, and what is said. */
export const WARM_UPS: readonly (readonly [move: string, name: string, line: string])[] = [
  ['arm-circle', 'big wheels', 'Turn your arms, big and round.'],
  ['trunk-twist', 'looking back', 'Look behind you, one side and the other.'],
  ['knee-hug', 'boot pulls', 'Pull up one boot. Now the other.'],
  ['shoulder-roll', 'loose shoulders', 'Roll your shoulders, slow and loose.'],
  ['knee-pat', 'pat the rain off', 'Pat your knees, quick and light.'],
  ['side-step', 'out of the door', 'Out of the door, side by side.'],
  ['step-jack', 'gates', 'Step wide like a gate, and close it.'],
  ['hip-circle', 'stirring', 'Stir with your hips, slow and round.'],
];

/** How it slows down. */
export const COOL_DOWNS: readonly (readonly [move: string, name: string, line: string])[] = [
  ['tall-reach', 'last look up', 'Reach up as high as you can, and slowly down.'],
  ['side-bend', 'leaning', 'Lean to one side, long and slow.'],
  ['cross-arm-hug', 'a hug for you', 'Hug yourself. You have earned it.'],
  ['butterfly-sit', 'tired feet', 'Sit tall, and let your feet rest.'],
  ['long-sit-reach', 'the long way', 'Reach along your legs, as far as is nice.'],
  ['toe-touch', 'hanging loose', 'Hang down, soft and loose.'],
];

/** How it ends, still and quiet. */
export const CALMS: readonly (readonly [move: string, name: string, line: string])[] = [
  ['calm-breath', 'slow breaths', 'In through your nose, and slowly out.'],
  ['balloon-breath', 'one big balloon', 'Fill it up. Let it go, slowly.'],
  ['candle-fingers', 'small candles', 'Blow out your fingers, one by one.'],
  ['snake-breath', 'a long hiss', 'Breathe out as long as a snake.'],
];
