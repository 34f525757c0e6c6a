/** What somebody does in a story. */
export const ACTIONS = `
wade, squelch, plod, trudge: slow heavy > giant-walk, high-knees, elephant-stomp, heel-walk
walk, stroll, wander, step, trek, hike: along slow > walk, march, tiptoe-walk, heel-walk
march, parade, troop: loud high together > march, high-knees, stamp
run, race, dash, sprint, hurry, rush, speed: quick along > jog, fast-feet, high-knees, cheetah-run
chase, follow, catch up, pursue: quick along > jog, fast-feet, dodge, gallop
escape, flee, run away, get away: quick quiet along > fast-feet, tiptoe-walk, dodge, jog
creep, sneak, tiptoe, prowl, stalk, crept: quiet slow low > tiptoe-walk, cat-tread, crawl, cat-stretch
crawl, scramble, wriggle, squirm, slither: low slow through > crawl, worm-wriggle, bear-walk, commando-crawl
slip, skid: quick wobbly low > skate-step, side-lunge, shuffle, rock-boat
glide, slide, skate, ski, sledge: light quick low > skate-step, shuffle, ski-squat-hold, ski-jump
trip, stumble, tumble: wobbly down low > lunge, squat, rock-boat, log-roll
fall, fell, drop, collapse, sink: down low heavy > squat, body-melt, toe-touch, jump-and-land
jump, leap, spring, bounce, pounce: up quick light > two-foot-jump, frog-jump, pogo-jump, leap, pop-up-jump
hop: up light quick > hop, bunny-hop, stork-stand, two-foot-jump
skip, prance, frolic: light quick > skip, pony-prance, gallop
gallop, trot, canter, ride, rode: quick along > gallop, pony-prance, half-squat-hold, knee-pat
climb, clamber, scale, go up: up high slow > rope-climb, slow-climb, high-knees, quick-climb
climb down, go down, descend: down low slow > squat, slow-climb, toe-touch
balance, wobble, teeter, totter: wobbly narrow still > stork-stand, fairy-steps, rock-boat, tiptoe-stand
cross, go across, go over: over along narrow > side-step, fairy-steps, giant-walk, walk
go under, duck under, limbo, stoop: under low > squat, duck-walk, half-squat-hold, crawl
go through, squeeze, squeeze through: narrow through slow > side-step, tall-thin, crawl, ball-squeeze
turn, spin, twirl, whirl, rotate, revolve: turning round > slow-turn, trunk-twist, arm-circle, wheels-spin
twist, wring, screw: turning strong > trunk-twist, lying-twist, seated-twist, twisted-tree
roll: round turning low > log-roll, egg-roll, arm-circle, shoulder-roll
rock, sway, swing, swung: slow light > rock-boat, sway-dance, arm-swing, leg-swing
shake, tremble, quiver, jiggle, rattle: quick wobbly > shake-out, hip-wiggle, finger-wiggle
dance, boogie, waltz: light turning > sway-dance, freeze-dance, grapevine, skip
fly, flew, flutter, flap, soar, hover: high light up > wing-flap, aeroplane-balance, arm-circle, tiptoe-walk
float, drift, bob: light slow > bob, sway-dance, tiptoe-walk, rock-boat
swim, swam, dive, paddle, splash: through strong > swim-stroke, arm-circle, superman, two-foot-jump
lean, tilt: slow wide > side-bend, sway-dance, tall-thin, triangle-stretch
pop, pop up, pop out, peek out, spurt, squirt: up quick small > pop-up-jump, tall-thin, squat, pencil-jump
flip, turn over: over turning quick > lie-and-stand, slow-turn, log-roll, half-turn-jump
row, rowed, punt: strong slow > partner-row, punch-air, seated-push, lunge
sail, voyage, navigate: slow light wobbly > rock-boat, sway-dance, arm-circle, triangle-stretch
drive, drove, steer: quick turning along > arm-circle, jog, half-squat-hold, trunk-twist
push, shove: strong slow > wall-push, seated-push, lunge, punch-air
pull, tug, drag, haul, heave, tow: strong slow heavy > backward-walk, rope-climb, punch-air, half-squat-hold
lift, raise, pick up, hoist: up strong heavy > squat, tall-reach, ball-lift, tiptoe-stand
carry, bring, brought, fetch, deliver, take, took: along heavy slow > giant-walk, bear-walk, bean-bag-balance, walk
put down, lower, lay: down slow low > squat, toe-touch, low-squat-hold
throw, threw, toss, fling, chuck, hurl: quick strong over > overarm-throw, underarm-throw, punch-air, arm-circle
catch, caught, grab, grasp, snatch: quick > crocodile-snap, bean-bag-catch, clap, reach-jump
hold, held, cling, clutch: still strong > cross-arm-hug, squeeze-and-go, stork-stand, plank
kick: quick strong > kick, leg-swing, heel-kick, knee-hug
hit, knock, bang, hammer, thump, beat: loud strong quick > air-punch, stamp, knee-pat, clap
tap, pat, drum: light quick > knee-pat, floor-toe-tap, clap, cross-pat
stamp, stomp, trample, tread: heavy loud > stamp, elephant-stomp, march
clap, applaud, cheer, celebrate: loud together quick > clap, jumping-jack, punch-air, high-five
wave: high light > hand-wave, tall-reach, arm-circle
point, aim: sharp still > arrow-shape, letter-t, superhero-balance, warrior-pose
reach, stretch: high up wide > tall-reach, star-shape, cat-stretch, side-bend
bend, bow, kneel, curtsy: down low > toe-touch, squat, seated-forward-fold, head-nod
crouch, squat: low still > squat, low-squat-hold, small-ball, half-squat-hold
curl, curl up, huddle, snuggle, cuddle: round small quiet > small-ball, cross-arm-hug, knees-to-chest, rock-shape
hide, hid, disappear, vanish: low quiet still > small-ball, rock-shape, crawl, squat
seek, search, hunt, find, found, explore, discover: quiet slow turning > cat-tread, head-turn, tiptoe-walk, slow-turn
stop, halt, freeze, froze, pause: still > statue, freeze-dance, stork-stand, rock-shape
wait, stay, stand, stood: still quiet > stork-stand, tiptoe-stand, listen-still, tall-thin
sit, sat, perch: low still > half-squat-hold, chair-sit, butterfly-sit, low-squat-hold
lie, lay down, lie down: low still quiet > lie-still, lying-breath, body-melt, star-gaze
get up, rise, rose, stand up, arise: up slow > pop-up-jump, floor-stand, squat, lie-and-stand, tall-reach
grow, grew, sprout, bloom, blossom: up slow high > pop-up-jump, squat, tall-reach, tiptoe-stand
shrink, shrank, melt, melted: down slow low > body-melt, squat, small-ball
open, unlock, unfold: wide slow > step-jack, feet-apart-jump, butterfly-sit, star-shape, jumping-jack
close, shut, lock: narrow strong > crocodile-snap, cross-arm-hug, tall-thin, clap
dig, dug, shovel, scoop: down strong low > squat, windmill-touch, punch-air, toe-touch
plant, sow, water: down light low > squat, sprinkle, toe-touch, overarm-throw
pick, pluck, gather, collect: high up low > tall-reach, squat, tiptoe-stand, reach-jump
build, make, made, construct, fix, mend, repair: strong up > air-punch, squat, windmill-touch, punch-air, tall-reach
chop, cut, saw, slice: sharp strong quick > windmill-touch, cross-pat, arm-swing, scissor-jump
stir, mix, whisk, knead: round turning strong > hip-circle, arm-circle, trunk-twist
cook, bake, boil, fry: round quick > hip-circle, fast-feet, squat, bat-balance
eat, ate, munch, chew, nibble, gobble, swallow, bite: quick > crocodile-snap, squat, toe-touch, finger-wiggle
drink, drank, sip, slurp: slow > side-bend, calm-breath, tall-reach
pour, spill, sprinkle, tip: down light > side-bend, sprinkle, windmill-touch, toe-touch
blow, blew, puff, breathe, sigh: slow round light > balloon-breath, calm-breath, candle-fingers, arm-circle
sniff, smell: quiet low > calm-breath, bear-walk, head-turn
roar, growl, shout, yell, scream, howl, bark: loud > roar, stamp, clap, punch-air
sing, sang, hum, whistle: loud light > sway-dance, clap, bee-breath, conductor
whisper, hush, shush: quiet still > listen-still, tiptoe-walk, calm-breath
speak, spoke, say, said, talk, tell, told, ask, call, answer: loud > hand-wave, tall-reach, head-nod, march
write, wrote, draw, drew, paint, colour: light slow > conductor, arm-circle, hand-trace, finger-wiggle
read, study, learn: quiet still > butterfly-sit, pike-sit, head-nod
play, game: quick light > skip, jumping-jack, pogo-jump, freeze-dance
wash, scrub, clean, wipe, sweep, polish: quick strong > trunk-twist, arm-circle, cross-pat, side-bend
dress, wear, wore, put on, undress: up wide > tall-reach, knee-hug, arm-across, step-jack
tie, untie, knot, weave, knit, sew: turning through > grapevine, cross-pat, knee-hug, arm-circle
hang, hung, dangle: high still > tall-reach, toe-touch, arm-swing, tiptoe-stand
break, broke, smash, crash, burst, crack: loud quick strong > star-shape, stamp, jumping-jack, clap
explode, erupt, bang: loud quick up wide > squat-jump, jumping-jack, pop-up-jump, star-shape
fight, fought, battle, defend, guard, protect: strong still > warrior-pose, punch-air, air-punch, star-shape
help, rescue, save: strong together > wall-push, jog, punch-air, half-squat-hold
give, gave, share, offer, pass, send, sent: along light > seated-push, bean-bag-pass, punch-air, trunk-twist
get, got, receive, keep, kept: low up > squat, cross-arm-hug, tall-reach
go, went, move, travel, journey, set off, leave, left, depart: along > march, walk, gallop, skip
come, came, arrive, return, back: along > march, walk, backward-walk, skip
visit, meet, met: along together > walk, hand-wave, march, high-five
begin, start, began: quick up > shake-out, march, fast-feet, pop-up-jump
finish, end: slow still > tall-reach, calm-breath, star-shape
change, turn into, become, became, transform: turning slow > slow-turn, pop-up-jump, twisted-tree, shake-out
count, number, measure, weigh: along slow > fairy-steps, clap, inchworm, knee-pat
shine, shone, glow, twinkle, sparkle, flash, light up: wide light high > star-shape, finger-wiggle, jumping-jack, step-jack
burn, flicker: quick light up > finger-wiggle, fast-feet, shake-out
drip, leak, trickle: down light quiet > finger-wiggle, floor-toe-tap, sprinkle, click
stick, stuck, glue: strong still slow > giant-walk, wall-push, high-knees, half-squat-hold
load, unload, pack, unpack, fill, empty: heavy strong down > squat, trunk-twist, toe-touch, tall-reach
land, touch down: down light > jump-and-land, squat, low-squat-hold
launch, take off, blast off, lift off, count down: up quick strong > squat, pencil-jump, squat-jump, tall-reach
dodge, avoid, swerve: quick turning > dodge, side-step, ski-jump, zigzag-walk
pump, press, squash: strong down > squat, wall-push, half-squat-hold, ball-squeeze
marry, kiss, hug, embrace: together slow > cross-arm-hug, sway-dance, hand-wave
scratch, itch, rub, tickle: quick light > cross-pat, shake-out, finger-wiggle
snap, crunch: quick loud sharp > crocodile-snap, click, clap
hatch: up quick round > small-ball, pop-up-jump, rocking-chair, star-shape
exercise, train, warm up: quick strong > jumping-jack, march, squat, arm-circle
camouflage, blend in, pretend: still quiet > statue, twisted-tree, rock-shape, tall-thin
buy, bought, sell, pay: along low > walk, table-hold, seated-push
work, do: strong > squat, punch-air, march
live, lived, be, exist: still > walk, star-shape, sway-dance
show, show off, present: wide high > star-shape, tall-reach, tiptoe-stand
choose, decide, guess: turning still > slow-turn, quarter-turn-jump, stork-stand
grumble, moan, complain: loud heavy > stamp, shoulder-shrug, elephant-stomp
stagger, limp, hobble, waddle: wobbly slow > penguin-walk, duck-walk, heel-walk, rock-boat
lead, led, guide: along high > march, walk, arrow-shape
join, gather round, hold hands: together round > side-step, march, high-five, walk
crumble, tumble down, topple: down heavy > squat, body-melt, log-roll
untangle, unwind, wind: turning round > arm-circle, slow-turn, trunk-twist, shoulder-roll
zoom, whizz, whoosh, zip: quick along > fast-feet, aeroplane-balance, squat, jog
crank, grind, churn: turning strong round > arm-circle, hip-circle, trunk-twist
inspect, check, test: slow quiet > head-to-toes, head-turn, squat
serve, feed: low light along > bean-bag-balance, squat, sprinkle, bat-balance
iron, fold: slow down > toe-touch, seated-forward-fold, arm-across
`;
