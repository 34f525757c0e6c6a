/** Weather, light, time and what grows. */
export const WEATHER = `
rain, drizzle, raindrop, shower of rain: down light quick > finger-wiggle, knee-pat, sprinkle, floor-toe-tap, fast-feet
storm, thunderstorm, tempest: loud strong quick > drum-roll, stamp, clap, sway-dance
thunder: loud heavy > stamp, clap, drum-roll, roar, elephant-stomp
lightning: quick sharp > zigzag-walk, star-shape, jumping-jack, arrow-shape
wind, breeze, gust, gale: quick light turning > sway-dance, arm-circle, balloon-breath, slow-turn, star-gaze
whirlwind, tornado, hurricane, cyclone: turning quick strong > slow-turn, arm-circle, trunk-twist, wheels-spin
snow, snowflake, blizzard, snowfall: light slow down > star-shape, sprinkle, tiptoe-walk, slow-turn
snowball: round > overarm-throw, small-ball, log-roll, arm-circle
snowman: round still slow > body-melt, statue, small-ball, arm-circle
hail, hailstone, sleet: quick loud down > fast-feet, drum-roll, pogo-jump, knee-pat
frost, icicle: still sharp high > statue, tall-thin, tiptoe-walk, freeze-dance
fog, mist, smoke, steam, haze: slow quiet light > tiptoe-walk, sway-dance, snake-breath, cat-tread
cloud, clouds: high light slow > tiptoe-walk, tall-reach, sway-dance, balloon-breath
rainbow, arch: high wide over > side-bend, bridge-shape, tall-reach, arm-circle
weather, season: turning > slow-turn, arm-circle, shake-out
springtime, spring: up light > pop-up-jump, squat, tall-reach, skip
summer: wide light > star-shape, skip, swim-stroke
autumn, fall leaves: down light turning > slow-turn, sway-dance, finger-wiggle, tiptoe-walk
winter: slow still > cross-arm-hug, shuffle, skate-step, statue
flood: wide up slow > high-knees, swim-stroke, tall-reach, rock-boat
earthquake, avalanche, landslide: wobbly heavy loud > shake-out, log-roll, stamp, rock-boat
night, midnight, evening, bedtime: quiet still slow > tiptoe-walk, star-gaze, lie-still, calm-breath
dark, darkness, shadow, shadows: quiet slow low > tiptoe-walk, cat-tread, side-step, crawl
day, morning, dawn, daylight, today, tomorrow: up wide slow > tall-reach, star-shape, cat-stretch, march
light, sunlight, moonlight, ray: wide high light > star-shape, finger-wiggle, tall-reach, step-jack
time, hour, minute, second, moment: turning quick still > arm-circle, leg-swing, march, quarter-turn-jump
week, month, year, birthday: along up > march, clap, candle-fingers
fire, flame, flames, bonfire, blaze: quick light up > finger-wiggle, fast-feet, shake-out, tall-reach
spark, sparks, firework, fireworks: quick up wide > jumping-jack, pop-up-jump, click, step-jack, finger-wiggle
water, liquid: along light > swim-stroke, sprinkle, arm-circle, side-bend
bubble, bubbles, foam: round light up > tiptoe-walk, balloon-breath, arm-circle, tuck-jump, bob
drop, droplet, dew: down light quiet > finger-wiggle, click, floor-toe-tap
air, breath: light slow > balloon-breath, calm-breath, arm-circle
leaf, leaves: light slow down turning > slow-turn, sway-dance, shake-out, finger-wiggle
flower, rose, daisy, tulip, sunflower, petal, blossom: up slow wide > pop-up-jump, squat, calm-breath, star-breath, tall-reach
seed, acorn, bulb, bean, pip, conker: small round low up > small-ball, pop-up-jump, squat, tall-reach
root, roots: down still strong > stork-stand, twisted-tree, squat, tall-thin
seedling, plant, shoot, bud: up slow > pop-up-jump, squat, tall-reach, tiptoe-stand
vine, ivy, creeper, beanstalk: up turning high > rope-climb, grapevine, wall-walk, slow-climb, tall-reach
reed, reeds, bulrush, stalk, straw, hay, wheat, corn: high narrow light > tall-thin, side-bend, sway-dance, tall-reach
willow, pine, palm tree, fir tree: high slow wobbly > sway-dance, twisted-tree, side-bend, stork-stand
thorn, thistle, nettle, prickle, cactus: sharp still narrow > side-step, letter-t, hop, tall-thin
mushroom, toadstool: low round up > squat, small-ball, parachute-lift, low-squat-hold
moss, seaweed, weed: low wobbly quiet > sway-dance, finger-wiggle, lie-still, shake-out
apple, pear, plum, peach, orange, fruit, cherry: round high > tall-reach, reach-jump, small-ball, squat
berry, grape, grapes, strawberry: small round low > stamp, squat, finger-wiggle, tall-reach
nut, coconut, walnut, chestnut: round small still > small-ball, knees-to-chest, crocodile-snap
banana: high round > side-bend, hollow-hold, tall-reach
lemon, lime: round strong > squeeze-and-go, small-ball, ball-squeeze
pumpkin, melon, marrow, turnip, cabbage: round heavy low > squat, small-ball, punch-air, ball-lift
carrot, potato, onion, radish, beetroot, vegetable: down strong low > squat, toe-touch, punch-air, tall-thin
pea, peas, lentil: round small quick > small-ball, pogo-jump, squat
crystal, diamond, jewel, gem, ruby, pearl: still wide sharp > star-shape, finger-wiggle, small-ball, squat
gold, silver, treasure, coin, coins: heavy low > squat, toe-touch, hoop-roll, cross-arm-hug
metal, iron, steel: heavy strong still > statue, air-punch, warrior-pose
shadow puppet, echo: quiet together > partner-mirror, clap, listen-still
nature, countryside: wide along > walk, tall-reach, star-shape
holiday, party, festival, carnival, feast: loud light together > sway-dance, skip, clap, freeze-dance
comet, meteor, shooting star: quick high along > aeroplane-balance, skip, side-gallop, arrow-shape
`;
