/** Places and ways: what is crossed, climbed, entered, and where somebody is. */
export const PLACES = `
bridge, footbridge: narrow over wobbly low high > fairy-steps, bridge-shape, bear-walk, side-step, tiptoe-walk
drawbridge: down up slow heavy > leg-raise, back-bridge, squat, arm-swing
rope bridge, hanging bridge: narrow wobbly high over > fairy-steps, side-step, sway-dance, stork-stand
tightrope, high wire, rope walk: narrow high slow wobbly > fairy-steps, stork-stand, aeroplane-balance, side-step
stepping stone, stepping stones: over quick light > two-foot-jump, hop, hopscotch, giant-walk
plank, gangplank, beam: narrow slow > fairy-steps, side-step, plank, walk
wall: narrow high up > fairy-steps, wall-push, side-step, wall-sit, rope-climb
fence, railing: over narrow high > giant-walk, side-step, star-shape, high-knees
gate, gateway: wide through strong > step-jack, leg-swing, wall-push, feet-apart-jump, knee-press-up
door, doorway: through wide strong > seated-push, punch-air, wall-push, step-jack, side-step
trapdoor, hatch: down up quick > crocodile-snap, squat, pop-up-jump
window, porthole: wide high round > step-jack, star-shape, tall-reach, head-turn
tunnel, passage, underpass: low through narrow under > crawl, bear-walk, commando-crawl, squat, duck-walk
cave, cavern, grotto: low under quiet > bear-walk, crawl, tiptoe-walk, low-squat-hold
hole: down low round through > crawl, small-ball, squat, two-foot-jump
burrow, den, lair, warren: low under round > small-ball, crawl, bunny-hop, rock-shape
nest: round small still > small-ball, wing-flap, low-squat-hold
hive, beehive: quick round loud > bee-breath, wing-flap, finger-wiggle, fast-feet
web, cobweb, spider's web: wide still > star-shape, finger-wiggle, side-step, letter-x
mountain, peak, summit: high up heavy slow > high-knees, slow-climb, rope-climb, tall-reach, down-dog, hand-trace
hill, slope, bank: up high slow > high-knees, giant-walk, cat-stretch, slow-climb
cliff, crag: high narrow up > rope-climb, side-step, tall-reach, slow-climb
valley, canyon, gorge: low down wide > squat, side-step, bear-walk
ditch, trench: over low > leap, lunge, broad-jump, giant-walk
gap, crack, crevice: over wide > broad-jump, leap, two-foot-jump, giant-walk
path, track, lane, trail: along narrow > walk, march, fairy-steps, zigzag-walk
road, street, avenue: along > march, walk, jog, gallop
crossroads, crossing, corner, turning: turning wide > letter-x, quarter-turn-jump, slow-turn, zigzag-walk
maze, labyrinth: turning through narrow slow > zigzag-walk, cat-tread, slow-turn, side-step
steps, stairs, staircase, stairway: up high > high-knees, march, tiptoe-stand, quick-climb, step-up
ladder, rope ladder: up high > rope-climb, slow-climb, high-knees, quick-climb
tower, steeple, turret, spire: high narrow up still > tall-reach, tall-thin, tiptoe-stand, high-knees
lighthouse, beacon: turning high up > slow-turn, tall-thin, trunk-twist, half-turn-jump
castle, fortress, palace: high strong still > march, tall-reach, warrior-pose, star-shape
dungeon, cellar, basement: low down under > crawl, squat, duck-walk, tiptoe-walk
throne: still low > half-squat-hold, chair-sit, squat
house, home, cottage: high wide still > letter-x, tall-reach, down-dog, star-shape
hut, shed, cabin, shack: low still > squat, bridge-shape, half-squat-hold
tent, teepee, wigwam: low wide under > down-dog, bridge-shape, letter-x, parachute-lift
roof, rooftop, attic, loft: high narrow over > tall-reach, fairy-steps, tiptoe-walk, triangle-stretch
chimney: high narrow up > tall-thin, rope-climb, tall-reach, pencil-jump
room, bedroom: still quiet > tiptoe-walk, walk, lie-still
bed, cot, bunk, hammock: still low quiet > lie-still, body-melt, lying-breath, rock-boat
kitchen, oven, stove, cooker: round turning strong > hip-circle, squat, arm-circle, bounce-pass
bathroom, bath, shower, bathtub: down light > shake-out, sprinkle, swim-stroke, tall-reach
shop, stall, market, store, supermarket: along quick > walk, tall-reach, table-hold, squat, side-step
school, classroom, nursery: along together > march, chair-sit, hand-wave, walk
library, bookshop: quiet still high > tiptoe-walk, listen-still, tall-reach, pike-sit
hospital: quiet slow still > tiptoe-walk, lie-still, head-to-toes, walk
factory, workshop, mill: turning quick strong > arm-circle, punch-air, march, windmill-touch
farm, farmyard, barn, stable: strong loud > march, stamp, gallop, squat
field, meadow, pasture, cornfield, plain, prairie: wide along light > skip, gallop, jog, sway-dance
garden, flowerbed, allotment: up low > squat, pop-up-jump, tall-reach, tiptoe-walk
orchard, vineyard: high up > tall-reach, tiptoe-stand, reach-jump, squat
park, playground: quick wide up > skip, jumping-jack, rock-boat, jog
swing, swings: high up down > leg-swing, arm-swing, rock-boat
slide: down quick > back-support, seated-leg-lift, squat, long-sit-reach
see-saw, seesaw: up down together > squat, see-saw, tiptoe-stand, knee-press-up
roundabout, merry-go-round, carousel: turning round > slow-turn, gallop, pony-prance, wheels-spin
trampoline: up quick light > pogo-jump, pencil-jump, two-foot-jump, bob
fair, funfair, circus, big top: loud turning high > star-shape, fairy-steps, pony-prance, skip
stage, theatre, show: wide still loud > star-shape, sway-dance, statue, skip
station, platform: along loud > shuffle, arm-circle, march, wall-sit
airport, runway: wide along quick > aeroplane-balance, jog, wing-flap, star-shape
harbour, port, quay, dock, jetty, pier: still narrow > rock-boat, fairy-steps, arm-swing, table-hold
bus stop, queue: still slow > stork-stand, chair-sit, tiptoe-stand
forest, wood, woods, jungle, rainforest, wilderness: high still under > twisted-tree, tall-thin, bear-walk, side-step, cat-tread
tree, oak, trunk: high still up > stork-stand, twisted-tree, tall-reach, tall-thin
branch, bough, twig: narrow high over > side-bend, twisted-tree, fairy-steps, stork-stand
bush, hedge, thicket, bramble: low wide sharp through > squat, star-shape, side-step, small-ball
log, fallen tree, tree stump: round over heavy > log-roll, giant-walk, two-foot-jump, fairy-steps
grass, long grass: high through quiet > high-knees, tall-thin, side-bend, cat-tread
swamp, marsh, bog, fen: slow heavy low > high-knees, giant-walk, heel-walk, elephant-stomp
mud, quicksand, clay: slow heavy low > giant-walk, high-knees, elephant-stomp, shuffle
puddle: over loud > two-foot-jump, stamp, pogo-jump, broad-jump
river, stream, brook, creek: along turning over > zigzag-walk, leap, swim-stroke, broad-jump, rope-walk
waterfall, cascade, rapids: down quick loud > sprinkle, tall-reach, finger-wiggle, toe-touch
lake, pond, pool, lagoon: round still low > swim-stroke, partner-row, skate-step, frog-jump
lily pad, water lily: over light wide > frog-jump, two-foot-jump, low-squat-hold, star-shape
sea, ocean, waves, tide: up down wide > swim-stroke, rock-boat, arm-circle, sway-dance
billow, wave: up down loud > arm-circle, rock-boat, squat, rope-turn
whirlpool, eddy: turning round quick > slow-turn, hip-circle, wheels-spin, trunk-twist
beach, shore, seaside, coast: wide slow > giant-walk, star-shape, heel-walk, sway-dance
sand, sand dune, desert: slow heavy wide > giant-walk, high-knees, heel-walk, elephant-walk
island: round over still > two-foot-jump, swim-stroke, rock-shape, leap
reef, coral: wide still > star-shape, finger-wiggle, letter-x, sway-dance
iceberg, glacier, ice: still slow narrow > shuffle, skate-step, statue, tall-thin
volcano: up loud high quick > squat, pop-up-jump, pencil-jump, squat-jump, reach-jump
boulder, rock, stone: round heavy still low > rock-shape, small-ball, wall-push, squat
pebble: round small still > small-ball, sprinkle, squat, rock-shape
earth, world, globe, planet: round turning > slow-turn, arm-circle, small-ball, ball-lift
space, outer space, galaxy: light slow high > giant-walk, slow-turn, pencil-jump, star-gaze
moon: round light slow > giant-walk, tiptoe-walk, arm-circle, side-bend
star, stars: wide high sharp > star-shape, step-jack, jumping-jack, finger-wiggle
sun, sunshine, sunrise, sunset: round up slow wide > arm-circle, tall-reach, star-shape, star-breath
sky: high wide up > tall-reach, star-gaze, tiptoe-stand, aeroplane-balance
well: down low round > chair-dip, squat, rope-climb, toe-touch
fountain, geyser: up high quick > pencil-jump, tall-reach, pop-up-jump, squat-jump
city, town, village: along loud wide > march, walk, side-step, tall-reach
zoo: along loud > elephant-walk, penguin-walk, gorilla-walk, kangaroo-jump
museum, gallery, statue, monument: still quiet > statue, tiptoe-walk, freeze-dance, star-shape
church, bell tower: high up loud > arm-swing, leg-swing, tall-reach, rope-climb
camp, campsite, campfire: low together light > finger-wiggle, down-dog, squat, butterfly-sit
treasure island, shipwreck: low under slow > swim-stroke, rock-boat, crawl, squat
secret place, hiding place, hideout: quiet low still > small-ball, tiptoe-walk, rock-shape, crawl
place, spot, area: along > walk, march, slow-turn
ceiling: high > tall-reach, tiptoe-stand, star-gaze
edge, ledge, rim: narrow high slow > side-step, fairy-steps, tiptoe-walk, wall-sit
top: high up > tall-reach, tiptoe-stand, high-knees
bottom: low down > squat, toe-touch, crawl
middle: still round > slow-turn, star-shape, two-foot-jump
end: still slow > stork-stand, march, calm-breath
elevator, lift, escalator: up down slow > squat, tiptoe-stand, tall-reach
floor, ground, carpet: low still > table-hold, toe-touch, stamp, log-roll
snow field, snowdrift: slow heavy high > high-knees, giant-walk, shuffle
quarry, mine, building site: heavy strong low > squat, punch-air, crawl, air-punch
finish line, race, racetrack: quick along > fast-feet, jog, cheetah-run, march
`;
