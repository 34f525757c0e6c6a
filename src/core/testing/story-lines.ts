/**
 * Lines of story with moves that a presenter would use there, and moves that nobody would: our own
 * judgement. For about forty of them answers had been seen before the right ones were written down.
 */
const LINES = `
They cross a wobbly bridge. | fairy-steps side-step tiptoe-walk stork-stand bear-walk rock-boat | jog lie-still roar
The postman hurries through the rain with the last letter. | jog fast-feet high-knees march knee-pat | lie-still calm-breath
Nettie climbs the tower to wind the clock. | rope-climb slow-climb high-knees arm-circle tall-reach quick-climb | lie-still small-ball
A frog sits on a lily pad and jumps to the next one. | frog-jump two-foot-jump low-squat-hold | roar march
They creep past the sleeping dragon. | tiptoe-walk cat-tread crawl | stamp roar jog elephant-stomp
The wind blows the lamps out, one after another. | balloon-breath arm-circle sway-dance calm-breath candle-fingers slow-turn | squat log-roll
The ferry rocks on the choppy water. | rock-boat sway-dance boat-balance swim-stroke partner-row | march jog
Be a tall tree in the forest. | tall-thin stork-stand twisted-tree tall-reach star-shape | jog roar crawl
Squeeze through the narrow gap in the hedge. | side-step tall-thin crawl | star-shape gallop
The giant stamps across the marsh. | elephant-stomp giant-walk stamp high-knees | tiptoe-walk lie-still
A kayak glides down the river. | zigzag-walk skate-step partner-row punch-air swim-stroke rock-boat arm-circle | roar stamp
The ibex leaps from rock to rock. | two-foot-jump leap hop frog-jump broad-jump | lie-still calm-breath
Everybody pulls the heavy rope to open the gate. | rope-climb backward-walk punch-air half-squat-hold | tiptoe-walk lie-still
The moon rises over the fen and the stars come out. | star-shape tall-reach arm-circle giant-walk floor-stand pop-up-jump squat tiptoe-walk | roar fast-feet
The little mouse hides under the table. | small-ball crawl tiptoe-walk table-hold | stamp star-shape
We hear a noise. What is it? | listen-still head-turn neck-tilt tiptoe-stand | fast-feet squat-jump
The baker kneads the dough for the festival. | hip-circle arm-circle air-punch trunk-twist | lie-still gallop
Down the slide and into the pool! | squat swim-stroke back-support two-foot-jump | roar march
The butterflies flutter from flower to flower. | wing-flap tiptoe-walk seated-butterfly-flap butterfly-sit | stamp elephant-stomp
They tiptoe back home to bed. | tiptoe-walk cat-tread lie-still | stamp clap roar jog
The train leaves the station with a puff of steam. | shuffle arm-circle march jog balloon-breath | small-ball lie-still
The balloon goes up and up and up. | tall-reach tiptoe-stand balloon-breath tiptoe-walk pop-up-jump rope-climb | crawl stamp
The sea is rough and the pirates hold on tight. | rock-boat sway-dance half-squat-hold cross-arm-hug squeeze-and-go rope-climb | skip lie-still
A robot wakes up and its arms go up and down. | tall-reach march arm-circle rope-climb freeze-dance pop-up-jump | swim-stroke crawl
The seed sleeps under the ground until the rain comes. | small-ball rock-shape lie-still squat | jog march star-shape
The snowman melts in the sun. | body-melt squat arm-circle small-ball | jog roar
The monkeys swing from branch to branch. | arm-swing rope-climb monkey-run gorilla-walk leg-swing tall-reach | lie-still small-ball
The fire engine races to put out the fire. | jog fast-feet high-knees cheetah-run elephant-walk | lie-still tiptoe-walk
The owl turns its head and listens. | head-turn trunk-twist listen-still | stamp jog
The crab walks sideways over the sand. | side-step crab-walk side-lunge side-gallop grapevine | march tall-reach
Wave goodbye to the lighthouse keeper. | hand-wave tall-reach slow-turn high-five | crawl squat-jump
The clock strikes twelve. | march quarter-turn-jump clap leg-swing arm-circle stamp air-punch | lie-still swim-stroke
They row across the lake to the island. | partner-row punch-air swim-stroke seated-push arm-circle | roar hop
The kite is stuck in the top of the tree. | tall-reach tiptoe-stand reach-jump stork-stand rope-climb high-knees | crawl lie-still
The elephants drink from the water hole. | elephant-walk side-bend toe-touch elephant-stomp arm-swing squat | hop fast-feet
Hello everybody, are you ready? | hand-wave high-five clap tiptoe-stand low-squat-hold shake-out march | lie-still body-melt
The queen sits down on her throne. | half-squat-hold squat chair-sit slow-turn | gallop roar
Otto paddles home as fast as he can. | swim-stroke fast-feet punch-air arm-circle jog partner-row | lie-still statue
Big waves crash on the rocks. | rock-boat arm-circle squat stamp star-shape swim-stroke jumping-jack clap sway-dance | lie-still tiptoe-walk
Lift the heavy basket onto the cart. | squat tall-reach half-squat-hold ball-lift giant-walk | skip tiptoe-walk
The horses gallop over the hill. | gallop pony-prance high-knees jog | lie-still small-ball
A snake slides through the long grass. | snake-slide worm-wriggle zigzag-walk snake-breath commando-crawl crawl cobra | jumping-jack march
The stepping stones are slippery, so take care. | two-foot-jump hop giant-walk fairy-steps skate-step shuffle side-step tiptoe-walk | gallop jog
We wade through deep mud. | giant-walk high-knees elephant-stomp heel-walk shuffle | skip tiptoe-walk lie-still
The lamplighter reaches up to light the lamp. | tall-reach tiptoe-stand star-shape reach-jump rope-climb | crawl rock-shape
Bees buzz around the hive. | bee-breath wing-flap fast-feet finger-wiggle slow-turn | stamp lie-still
The rocket counts down and blasts off. | squat pencil-jump squat-jump tall-reach pop-up-jump seated-arm-jump | crawl lie-still
They crawl through a dark tunnel. | crawl bear-walk commando-crawl | star-shape jog skip
The cat stretches and yawns. | cat-stretch tall-reach star-gaze | jog stamp
The drummers lead the parade through the village. | march knee-pat stamp high-knees drum-roll | lie-still crawl
A bear looks for honey. | bear-walk shoulder-roll cat-tread giant-walk tiptoe-stand head-turn elephant-stomp crawl | skip fast-feet
The bell in the steeple rings. | arm-swing leg-swing clap tall-reach rope-climb | crawl lie-still
The ducklings follow their mother to the pond. | duck-walk wing-flap march walk penguin-walk heel-walk swim-stroke jog hop | roar plank
Stir the soup in the big pot. | hip-circle arm-circle trunk-twist conductor | jog hop
The windmill turns in the wind. | windmill-touch arm-circle slow-turn star-shape sway-dance trunk-twist | lie-still crawl
The pirates dig for treasure. | squat windmill-touch punch-air toe-touch | tiptoe-walk lie-still
A spider spins a web. | finger-wiggle crawl slow-turn star-shape rope-climb trunk-twist arm-circle crab-walk | gallop roar
The penguins waddle over the ice. | penguin-walk duck-walk heel-walk shuffle skate-step | gallop lie-still
The dragon roars. | roar elephant-stomp wing-flap dragon-crawl stamp | tiptoe-walk lie-still
The lanterns swing in the wind. | sway-dance arm-swing leg-swing rock-boat arm-circle | stamp squat
Snow falls softly on the roofs. | finger-wiggle sprinkle tiptoe-walk star-shape slow-turn squat body-melt sway-dance tall-reach | stamp roar
They push the stuck cart out of the ditch. | wall-push seated-push lunge punch-air giant-walk half-squat-hold | tiptoe-walk lie-still
The knights guard the castle. | warrior-pose march star-shape statue gallop punch-air tall-thin | crawl body-melt
The rabbits hop back to their burrow. | bunny-hop two-foot-jump hop small-ball | stamp lie-still
The fish swim round and round. | swim-stroke slow-turn hip-wiggle zigzag-walk arm-circle | stamp march
The tightrope walker balances high above the crowd. | fairy-steps stork-stand side-step aeroplane-balance tiptoe-walk tiptoe-stand | jog roar
A storm is coming: thunder and lightning! | stamp clap drum-roll zigzag-walk fast-feet star-shape sway-dance | lie-still tiptoe-walk
They pick apples in the orchard. | tall-reach reach-jump squat tiptoe-stand | roar gallop
The apples fall and roll down the hill. | log-roll egg-roll squat arm-circle shoulder-roll small-ball toe-touch teddy-roll body-melt | march roar
The bridge is down! Jump over the gap. | broad-jump leap two-foot-jump giant-walk lunge | lie-still crawl
Everyone freezes as the guard turns round. | statue freeze-dance stork-stand slow-turn rock-shape | jog gallop
The mermaid swims to the shipwreck. | swim-stroke seal-drag sway-dance arm-circle rock-boat superman | stamp march
The sleepy giant wakes and stretches. | tall-reach giant-walk cat-stretch pop-up-jump star-shape star-gaze floor-stand | fast-feet tiptoe-walk
The mill wheel goes round. | arm-circle slow-turn shoulder-roll teddy-roll rope-turn hip-circle windmill-touch trunk-twist | lie-still hop
They float on their backs and look at the clouds. | lie-still sway-dance star-gaze lying-breath tall-reach bob tiptoe-walk rock-boat | stamp march
The kangaroo bounces across the desert. | kangaroo-jump two-foot-jump pogo-jump broad-jump jump-and-land bunny-hop | lie-still calm-breath
The gardener plants seeds and waters them. | squat sprinkle toe-touch overarm-throw small-ball tall-reach pop-up-jump | roar gallop
The sun comes up and the flowers open. | tall-reach star-shape pop-up-jump arm-circle squat step-jack star-breath tiptoe-stand | stamp crawl
A witch stirs her cauldron. | hip-circle arm-circle slow-turn conductor trunk-twist | gallop march
The door is stuck. Push! | wall-push seated-push punch-air lunge giant-walk half-squat-hold | lie-still skip
The acrobats tumble in the circus ring. | log-roll fairy-steps star-shape egg-roll aeroplane-balance teddy-roll slow-turn lunge squat arm-circle rock-boat hip-circle | lie-still calm-breath
The wolf prowls through the wood. | cat-tread bear-walk tiptoe-walk crawl | skip clap
They sail home under the stars. | rock-boat sway-dance star-shape triangle-stretch arm-circle partner-row finger-wiggle | stamp roar
The donkey will not move. | statue heel-kick half-squat-hold donkey-kick stamp march heel-walk | skip fairy-steps
Shake the sand out of your shoes. | shake-out hip-wiggle finger-wiggle knee-hug leg-swing stamp | lie-still march
Throw the rope to the sailors. | overarm-throw underarm-throw punch-air arm-circle rope-climb | lie-still tiptoe-walk
The tortoise is slow but steady. | crawl small-ball shoulder-shrug bear-walk heel-walk shuffle slow-climb low-squat-hold half-squat-hold giant-walk | fast-feet jog
The hare runs ahead. | jog fast-feet two-foot-jump bunny-hop high-knees dodge hop cheetah-run | lie-still statue
Ring the bell to wake the village. | arm-swing leg-swing tall-reach clap rope-climb pop-up-jump arm-circle hip-wiggle | lie-still
The stars twinkle in the dark sky. | star-shape finger-wiggle step-jack jumping-jack tall-reach tiptoe-walk star-gaze | stamp roar
They hang the washing on the line. | tall-reach toe-touch sway-dance arm-swing tiptoe-stand | crawl roar
The caterpillar munches a leaf and curls up. | small-ball inchworm worm-wriggle crocodile-snap cat-stretch crawl knees-to-chest cross-arm-hug rock-shape | march jog
The eagle soars above the mountains. | aeroplane-balance wing-flap arm-circle star-shape tall-reach tiptoe-walk high-knees | crawl stamp
Blow out the candles on the cake. | candle-fingers balloon-breath calm-breath tall-thin star-breath hip-circle | gallop march
The tide goes out and leaves shells on the beach. | swim-stroke arm-circle backward-walk small-ball sway-dance squat rock-boat | roar jog
The builders hammer nails into the roof. | air-punch stamp punch-air tall-reach squat | lie-still swim-stroke
Two squirrels race up the oak. | quick-climb rope-climb fast-feet high-knees jog slow-climb | lie-still statue
The ghost floats down the stairs. | tiptoe-walk sway-dance squat wing-flap bob high-knees rock-boat | stamp roar
Follow the footprints in the snow. | giant-walk jog cat-tread high-knees heel-walk tiptoe-walk fast-feet march | lie-still
The ship's anchor is heavy. Heave! | rope-climb punch-air squat backward-walk half-squat-hold giant-walk | skip tiptoe-walk
They dance around the bonfire. | sway-dance freeze-dance skip slow-turn grapevine finger-wiggle | lie-still plank
The lion sleeps in the long grass. | lie-still small-ball lying-breath bear-walk cat-stretch neck-tilt cat-tread | clap gallop
The parrot copies everything we say. | wing-flap shoulder-roll head-nod side-step partner-mirror hop | lie-still
They pack their bags and set off. | squat march trunk-twist walk giant-walk toe-touch bear-walk | lie-still roar
The gate creaks open slowly. | step-jack feet-apart-jump leg-swing arm-swing wall-push side-step jumping-jack | roar fast-feet
The river is too wide to jump. | zigzag-walk swim-stroke broad-jump leap two-foot-jump giant-walk | lie-still
A feather drifts down to the ground. | tiptoe-walk sway-dance squat wing-flap finger-wiggle toe-touch body-melt bob slow-turn rock-boat arm-circle | stamp elephant-stomp
The chimney sweep climbs onto the roof. | rope-climb slow-climb tall-reach arm-circle high-knees trunk-twist | lie-still crawl
They trip over a root. | lunge two-foot-jump squat rock-boat giant-walk high-knees log-roll stork-stand | lie-still
The jelly wobbles on the plate. | shake-out hip-wiggle rock-boat sway-dance stork-stand bean-bag-balance | march statue
A crocodile snaps its jaws. | crocodile-snap crawl clap | tiptoe-walk skip
The astronaut walks on the moon. | giant-walk slow-turn tiptoe-walk star-shape aeroplane-balance pencil-jump | crawl stamp
The cows come home in the evening. | stamp walk march elephant-stomp crawl bear-walk tiptoe-walk | fast-feet roar
They hide in the reeds and wait. | small-ball rock-shape tall-thin stork-stand low-squat-hold squat crawl listen-still | stamp jog
The old man walks with a stick. | shuffle walk heel-walk chair-sit tall-thin march | fast-feet jog
The trampoline is bouncy! | pogo-jump two-foot-jump pencil-jump bob pop-up-jump frog-jump | lie-still crawl
The tractor ploughs the field. | march squat stamp giant-walk jog wall-push windmill-touch zigzag-walk skip half-squat-hold | lie-still tiptoe-walk
They open the treasure chest. | step-jack squat feet-apart-jump star-shape pop-up-jump jumping-jack | jog lie-still
The fog comes in and nobody can see the path. | tiptoe-walk cat-tread sway-dance side-step snake-breath walk fairy-steps | stamp jog
The skaters glide over the frozen lake. | skate-step shuffle swim-stroke side-lunge ski-squat-hold | stamp lie-still
The hedgehog rolls into a ball. | small-ball log-roll rock-shape egg-roll teddy-roll | star-shape march
They carry the lanterns home. | giant-walk bean-bag-balance walk tiptoe-walk tall-reach march bear-walk | roar crawl
The train goes into the tunnel. | crawl shuffle arm-circle march bear-walk jog | star-shape
The sail fills with wind. | balloon-breath sway-dance triangle-stretch star-shape arm-circle rock-boat squat | crawl stamp
A magic carpet flies over the town. | aeroplane-balance wing-flap arm-circle pike-sit long-sit-reach tiptoe-walk star-shape slow-turn | stamp crawl
The mice nibble the cheese. | tiptoe-walk crocodile-snap small-ball fast-feet finger-wiggle hip-circle | stamp roar
The volcano erupts! | squat-jump pop-up-jump squat jumping-jack star-shape reach-jump pencil-jump tall-reach | lie-still tiptoe-walk
They cross the desert on camels. | giant-walk elephant-walk heel-walk high-knees side-step walk | jog lie-still
The puppet's strings are pulled. | head-to-toes shoulder-shrug shake-out rope-climb punch-air freeze-dance tall-reach backward-walk fairy-steps | lie-still
The bus stops and the doors open. | statue step-jack half-squat-hold freeze-dance march stork-stand feet-apart-jump jumping-jack | lie-still roar
The beetle is stuck on its back. | dead-bug happy-baby rock-shape rocking-chair crawl giant-walk bicycle-legs high-knees half-squat-hold fast-feet | march
They pour water into the bucket. | side-bend sprinkle squat windmill-touch toe-touch chair-dip | roar gallop
The thief sneaks out of the window. | tiptoe-walk cat-tread crawl side-step | stamp clap roar
The bull charges across the meadow. | stamp jog gallop elephant-stomp bear-walk fast-feet crawl | lie-still tiptoe-walk
The queen bee dances for her bees. | sway-dance wing-flap bee-breath shake-out freeze-dance tiptoe-walk slow-turn | stamp lie-still
The leaves whirl in the autumn wind. | slow-turn sway-dance arm-circle trunk-twist finger-wiggle | stamp lie-still
The baby birds stretch their wings. | wing-flap tall-reach aeroplane-balance star-shape arm-circle hop cat-stretch | stamp crawl
They share the bread and have a rest. | calm-breath lie-still seated-push listen-still body-melt bean-bag-pass small-ball trunk-twist hip-circle | jog stamp
Count the geese as they fly past. | wing-flap arm-circle aeroplane-balance fairy-steps clap tiptoe-walk | lie-still
The submarine dives down deep. | squat swim-stroke toe-touch arm-circle superman crawl | jog march
The clown juggles and slips on a banana. | shake-out scarf-toss skate-step rock-boat hip-wiggle side-bend sway-dance side-lunge shuffle | lie-still march
The flag is at the top of the mast. | tall-reach rope-climb letter-t hand-wave tall-thin sway-dance high-knees | crawl
They sing a song for the moon. | sway-dance clap conductor arm-circle tiptoe-walk giant-walk bee-breath | stamp crawl
The princess dances at the ball. | sway-dance slow-turn tiptoe-walk freeze-dance skip grapevine | stamp crawl
The tree falls. Timber! | squat log-roll body-melt toe-touch twisted-tree stork-stand side-bend | jog
The heron stands on one leg in the reeds. | stork-stand flamingo-reach tall-thin tiptoe-stand high-knees | jog roar
Scrub the deck, sailors! | trunk-twist arm-circle cross-pat rock-boat side-bend punch-air windmill-touch | lie-still skip
The cork bobs up and down on the water. | bob squat pogo-jump pencil-jump rock-boat swim-stroke tiptoe-walk sway-dance | march lie-still
They all fall asleep under the blanket. | lie-still body-melt lying-breath small-ball | jog stamp clap
The river freezes and the boats are stuck. | statue rock-boat freeze-dance skate-step shuffle giant-walk punch-air half-squat-hold zigzag-walk | jog roar
`;

export type StoryLine = Readonly<{
  line: string;
  right: ReadonlySet<string>;
  wrong: ReadonlySet<string>;
}>;

const ids = (list = '') => new Set(list.trim().split(/\s+/u).filter(Boolean));

export const STORY_LINES: readonly StoryLine[] = LINES.trim()
  .split('\n')
  .map((row) => {
    const [line = '', right, wrong] = row.split('|');
    return { line: line.trim(), right: ids(right), wrong: ids(wrong) };
  });
