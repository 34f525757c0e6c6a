/** Things: what is used, carried, worn, ridden, eaten and played with. */
export const THINGS = `
boat, rowing boat, dinghy, ferry, barge, canoe, raft: wobbly slow > rock-boat, partner-row, punch-air, boat-balance
ship, galleon, liner, ark: slow heavy wobbly > rock-boat, sway-dance, arm-circle, rope-climb
yacht, sailing boat, sail: light wide > sway-dance, triangle-stretch, rock-boat, star-shape
mast, flagpole, pole: high narrow up > rope-climb, tall-thin, tall-reach, letter-t
oar, oars, paddle: strong slow > punch-air, arm-circle, partner-row, seated-push
anchor: heavy down strong > squat, punch-air, rope-climb, chair-dip
submarine, periscope: under down slow > squat, cobra, swim-stroke, tall-thin
train, locomotive, steam train, tram: along quick loud > shuffle, arm-circle, march, jog
engine, motor, machine: quick turning loud > march, arm-circle, punch-air, trunk-twist
car, taxi, van, motor car: quick along > jog, half-squat-hold, arm-circle, fast-feet
bus, coach: along heavy > march, half-squat-hold, shuffle, arm-circle
lorry, truck, cart, wagon, carriage, trolley: heavy along strong > wall-push, gallop, march, giant-walk
tractor, digger, bulldozer, crane: heavy strong low up > squat, stamp, arm-swing, flamingo-reach
fire engine, ambulance: quick loud > high-knees, jog, elephant-walk
bicycle, bike, tricycle, scooter, pedal, pedals: quick turning along > bicycle-legs, high-knees, skate-step, knee-hug
aeroplane, plane, jet, glider: high wide along > aeroplane-balance, star-shape, wing-flap, jog
helicopter, propeller: turning high quick > slow-turn, arm-circle, windmill-touch, trunk-twist
rocket, spaceship, spacecraft: up high quick strong > squat, pencil-jump, squat-jump, tall-reach, seated-arm-jump
balloon, hot-air balloon: round light up > balloon-breath, tiptoe-walk, balloon-tap, tall-reach
parachute: down slow light > squat, star-shape, jump-and-land, body-melt
kite: high light turning > skip, jog, sway-dance, star-shape
sledge, sleigh, sled, toboggan: low quick > ski-squat-hold, backward-walk, half-squat-hold, gallop
skis, skates, skateboard: low quick light > skate-step, ski-squat-hold, ski-jump, side-lunge
wheel, wheels: round turning > arm-circle, slow-turn, shoulder-roll, teddy-roll, log-roll
wheelbarrow, barrow: heavy low along > bear-walk, squat, plank, giant-walk
windmill, sails: turning wide > windmill-touch, arm-circle, star-shape, slow-turn
waterwheel, millstone, cog, gear: turning round slow > arm-circle, shoulder-roll, slow-turn, trunk-twist
rope, string, thread, wool, yarn: narrow strong along > rope-climb, punch-air, rope-walk, fairy-steps
chain, link: heavy together > march, side-step, cross-arm-hug
knot: turning round > twisted-tree, cross-arm-hug, grapevine
net, nets: wide through > star-shape, crawl, side-bend, overarm-throw
ribbon, scarf, streamer: light turning > scarf-swirl, sway-dance, arm-circle, hip-circle
flag, banner: high light > hand-wave, sway-dance, letter-t, tall-reach
bell, bells, gong: loud up down > arm-swing, leg-swing, clap, hip-wiggle
drum, drums, tambourine: loud quick > knee-pat, stamp, drum-roll, clap
trumpet, horn, flute, whistle, pipe: loud up > snake-breath, march, star-shape, balloon-breath
violin, fiddle, guitar, harp, piano: light quick > conductor, finger-wiggle, sway-dance
music, song, tune, melody, rhythm: light together > sway-dance, clap, freeze-dance, conductor
clock, watch, alarm clock, timer: turning still quick > leg-swing, march, arm-circle, quarter-turn-jump
pendulum: slow > leg-swing, arm-swing, rock-boat
key, keys: turning small > trunk-twist, ankle-circle, arrow-shape
lock, padlock, bolt: still strong > cross-arm-hug, statue, trunk-twist
lamp, lantern, torch: high light still > tall-reach, stork-stand, star-shape, finger-wiggle, tiptoe-stand
candle, wick: high narrow still > tall-thin, candle-fingers, body-melt, calm-breath
match, lighter: quick narrow > pencil-jump, tall-thin, finger-wiggle
mirror, reflection: still together > partner-mirror, freeze-dance, statue
camera, picture, photo, photograph: still > statue, freeze-dance, star-shape
telescope, spyglass, binoculars, magnifying glass: turning quiet high > slow-turn, head-turn, tiptoe-stand, trunk-twist
map, chart, compass: turning still > quarter-turn-jump, hand-trace, slow-turn, zigzag-walk
book, story, page: wide still quiet > butterfly-sit, feet-apart-jump, pike-sit, step-jack
letter, envelope, postcard, note, message, post, mail: light narrow along > jog, shuffle, overarm-throw, wrist-stretch
parcel, package, present, gift: heavy round > squat, cross-arm-hug, small-ball, bear-walk
box, crate, chest, case: heavy still strong > squat, pop-up-jump, wall-push, half-squat-hold
bag, sack, backpack, suitcase, satchel: heavy along > giant-walk, squat, bear-walk, shoulder-roll
basket, bucket, pail: heavy along > squat, walk, bucket-carry, chair-dip
barrel, drum barrel, cask: round turning heavy > log-roll, small-ball, arm-circle, wall-push
bottle, jar, jug, vase: high narrow > side-bend, tall-thin, twisted-tree
cup, mug, glass, teapot, kettle: down slow > side-bend, balloon-breath, squat, bean-bag-balance
plate, dish, tray, bowl: narrow wobbly slow > bean-bag-balance, bat-balance, hip-circle, tiptoe-walk
pot, pan, saucepan, cauldron: round turning > hip-circle, arm-circle, fast-feet, bat-tap
spoon, fork, ladle: turning round > hip-circle, arm-circle, sway-dance
knife, sword, axe, dagger: sharp strong > warrior-pose, lunge, windmill-touch, arrow-shape
saw, scissors: sharp quick > scissor-jump, cross-pat, straddle-sit, step-jack
hammer, nail, mallet: strong loud > air-punch, stamp, pencil-jump
spade, shovel, fork spade, rake, hoe: strong down low > windmill-touch, squat, toe-touch
broom, brush, mop, duster: quick low > trunk-twist, side-bend, sway-dance, arm-circle
needle, pin, pencil, pen: narrow sharp high > tall-thin, pencil-jump, ankle-circle, tiptoe-stand
paper, card: light wide > butterfly-sit, sway-dance, seated-forward-fold
paint, paintbrush, crayon, chalk: light wide > arm-circle, conductor, tall-reach
glue, honey, treacle, syrup, tar: slow heavy strong > giant-walk, high-knees, shuffle, half-squat-hold
ball, football, bouncy ball: round quick up > pogo-jump, small-ball, two-foot-jump, ball-roll, dribble
hoop, ring, circle: round turning > hip-circle, arm-circle, slow-turn, hoop-step
coil, spring, jack-in-the-box: up quick > pop-up-jump, pogo-jump, squat, pencil-jump
spinning top, top, yo-yo: turning quick > slow-turn, trunk-twist, pencil-jump, wheels-spin
toy, toys: light quick > march, hop, shake-out, penguin-walk
block, blocks, brick, bricks: heavy up still > squat, table-hold, tall-reach, half-squat-hold
puzzle, jigsaw: together still > letter-x, cross-pat, twisted-tree
crown, hat, cap, helmet, tiara: high still slow > bean-bag-balance, tall-thin, tiptoe-walk, march
coat, jacket, jumper, cloak, cape, dress: wide turning > step-jack, slow-turn, arm-across, cross-arm-hug
shoe, shoes, boot, boots, slippers, wellies: loud along > stamp, march, heel-walk, shuffle
sock, socks, trousers, stocking: narrow low > knee-hug, stork-stand, leg-raise, seated-leg-lift
glove, mitten, gloves: narrow light > finger-wiggle, hand-trace, clap
button, zip, belt: narrow up > squat, hip-circle, tall-thin
glasses, spectacles, mask: still round > head-turn, statue, arm-circle
umbrella: wide up high > tall-reach, feet-apart-jump, sprinkle, star-shape
blanket, quilt, cover: wide low quiet > lie-still, cross-arm-hug, parachute-lift, log-roll
pillow, cushion: light low quiet > lie-still, body-melt, neck-tilt
washing, laundry, clothes, clothes line: light high > sway-dance, toe-touch, tall-reach, trunk-twist
sponge, towel, soap: light strong > squeeze-and-go, trunk-twist, shake-out, cross-pat
table, desk: low still strong > table-hold, table-shape, crab-walk, bridge-shape
chair, stool, bench, sofa, seat: low still > half-squat-hold, chair-sit, squat, wall-sit
cradle, rocking chair, rocking horse: slow wobbly quiet > rocking-chair, rock-boat, knees-to-chest
shelf, cupboard, wardrobe, drawer: high up narrow > tall-reach, tiptoe-stand, punch-air, side-step
curtain, curtains: wide light > side-step, side-gallop, sway-dance, step-jack
rug, mat, magic carpet: low along light > log-roll, aeroplane-balance, pike-sit, long-sit-reach
pipe, drain, tube, hose: narrow low through > crawl, elephant-walk, commando-crawl, snake-breath
bellows, pump: up down strong > squat, balloon-breath, knee-press-up, calm-breath
lever, handle, switch: up down strong > arm-swing, trunk-twist, squat, windmill-touch
scales, balance scale: wobbly slow > side-bend, stork-stand, see-saw, squat
magnet: strong together > cross-arm-hug, wall-push, clap
arrow, bow, dart, spear: sharp quick > arrow-shape, lunge, side-lunge, warrior-pose
shield, armour: strong still > warrior-pose, half-squat-hold, rock-shape, arm-across
cannon, cannonball, bomb: loud strong quick > small-ball, pop-up-jump, jump-and-land, stamp
cork, plug: up quick round > pogo-jump, bob, pencil-jump, squat-jump
jelly, pudding, custard: wobbly slow > shake-out, hip-wiggle, sway-dance, rock-boat
ice cream, butter, cheese, chocolate: slow down > body-melt, squat, ball-roll, tall-thin
bread, loaf, dough, bun, roll: round slow up > hip-circle, table-hold, small-ball, tall-reach, air-punch
pancake, omelette: over round > lie-and-stand, bat-balance, bean-bag-balance, hip-circle
cake, pie, biscuit: round turning > hip-circle, candle-fingers, lie-and-stand, bat-balance
soup, stew, porridge, potion: round turning > hip-circle, arm-circle, conductor
food, meal, breakfast, dinner, lunch, supper, picnic: low along > squat, hip-circle, bean-bag-balance
milk, juice, tea: slow light > bean-bag-balance, side-bend, bucket-carry
sweets, candy, sugar, lollipop: light quick > pogo-jump, shake-out, tiptoe-walk
popcorn, corn pop: quick up light > pogo-jump, pop-up-jump, tuck-jump, fast-feet
noodle, noodles, spaghetti: wobbly light > worm-wriggle, shake-out, sway-dance
egg timer, hourglass: slow down > body-melt, side-bend, squat
salt, pepper, flour, dust, crumb: light down > sprinkle, finger-wiggle, shake-out
bone, bones: still low > head-to-toes, tall-thin, shake-out
hand, hands, finger, fingers, fist, thumb: light > finger-wiggle, clap, hand-trace, hand-wave
foot, feet, toe, toes, heel: low > tiptoe-walk, stamp, heel-walk, toe-touch
leg, legs, knee, knees: up > high-knees, leg-swing, knee-hug, knee-pat
arm, arms, elbow, shoulder, shoulders: wide > arm-circle, shoulder-roll, tall-reach, arm-swing
head, neck, hair, face: turning still > head-turn, head-nod, neck-tilt
eye, eyes, nose, mouth, lips, tooth, teeth, tongue: still > head-turn, crocodile-snap, roar, calm-breath
tummy, belly, stomach: round > hip-circle, cat-stretch, balloon-breath, trunk-twist
heart, heartbeat: quick together > knee-pat, cross-arm-hug, march, calm-breath
body: wide > head-to-toes, star-shape, shake-out
colour, red, blue, green, yellow, purple, pink, brown, grey, black, white: wide light > star-shape, arm-circle, sway-dance
shape, triangle, square, rectangle: still wide > letter-x, triangle-stretch, star-shape, quarter-turn-jump
line: narrow along > fairy-steps, walk, arrow-shape
alphabet, word, name: still wide > letter-x, letter-t, clap
sound, noise: loud > clap, stamp, listen-still, knee-pat
telephone, phone, radio, television, computer: still quick > finger-wiggle, hand-wave, head-nod
battery, electricity, wire: quick narrow light > fast-feet, shake-out, fairy-steps
postbox, letterbox, mailbox, slot: narrow high > overarm-throw, tall-reach, tall-thin, seated-push
hook, peg, hanger: high narrow > tall-reach, tiptoe-stand, side-bend
deck, rigging: wobbly > rock-boat, march, rope-climb, sway-dance
sign, signpost, notice: still wide > letter-t, arrow-shape, statue
ticket, money, purse, wallet: small light > hand-wave, squat, seated-push
footprint, footprints, tracks: along slow quiet > giant-walk, cat-tread, heel-walk, backward-walk
trap, cage, prison, jail: narrow strong still > crocodile-snap, small-ball, tall-thin, wall-push
scarecrow: still wide wobbly > letter-t, statue, head-to-toes, shake-out
wand, stick, baton, cane, staff: narrow light > conductor, tall-thin, arm-circle
bow tie, bouquet, necklace, bracelet, ring jewel: round light > arm-circle, hip-circle, shoulder-roll
thing, object, stuff, tool, equipment: heavy > squat, giant-walk, bear-walk, tall-reach
group, set, pair, half: together > clap, march, side-step
piece, part, bit: small low > squat, toe-touch, finger-wiggle
pile, heap, stack: up heavy > squat, tall-reach, giant-walk
side, left, right: wide > side-step, side-bend, side-lunge, trunk-twist
bubblegum, slime, gum: slow heavy > giant-walk, heel-walk, hip-wiggle
marble, bead: round small quick > small-ball, log-roll, finger-wiggle
ramp, chute, rollercoaster, roller coaster: down up quick > back-support, squat, half-squat-hold, rock-boat
statue of ice, ornament: still > statue, freeze-dance, star-shape
`;
