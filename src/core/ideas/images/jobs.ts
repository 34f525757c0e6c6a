/** People: what they are, and what they do all day. */
export const JOBS = `
farmer, shepherd, shepherdess, cowgirl, cowboy: strong slow low > windmill-touch, squat, gallop, march
gardener: low up down > squat, sprinkle, toe-touch, tall-reach
baker, cook, chef: round strong > hip-circle, air-punch, arm-circle, bat-balance
miller: turning strong > arm-circle, windmill-touch, slow-turn
butcher, fishmonger, grocer, shopkeeper, seller: high low > tall-reach, squat, side-step, table-hold
builder, bricklayer, carpenter, roofer: strong heavy up > air-punch, squat, wall-push, tall-reach
blacksmith, smith: strong loud heavy > air-punch, stamp, punch-air, squat
miner, digger: strong low down > squat, windmill-touch, crawl, punch-air
painter, artist, decorator: high light > arm-circle, conductor, tall-reach, side-bend
tailor, weaver, seamstress, knitter: turning light through > cross-pat, grapevine, arm-circle
shoemaker, cobbler: low quick > knee-hug, knee-pat, ankle-circle
cleaner, sweeper, window cleaner, chimney sweep: quick high > trunk-twist, arm-circle, tall-reach, rope-climb
postman, postwoman, mail carrier, messenger, courier: quick along > jog, march, high-knees, overarm-throw
lamplighter: high up light > tall-reach, tiptoe-stand, rope-climb, march
lighthouse keeper, watchman, guard, lookout: still high turning > slow-turn, head-turn, warrior-pose, stork-stand
policeman, policewoman, police officer, detective: still along quiet > march, cat-tread, hand-wave, head-turn
firefighter, fireman, fire brigade: strong quick up > rope-climb, high-knees, elephant-walk, quick-climb
doctor, nurse, vet, dentist: slow quiet > tiptoe-walk, head-to-toes, calm-breath, squat
teacher, headteacher, tutor: high along > march, tall-reach, hand-wave, conductor
librarian: quiet high > tiptoe-walk, tall-reach, listen-still
driver, bus driver, chauffeur: turning low > half-squat-hold, arm-circle, trunk-twist
pilot, captain, astronaut: high light wide > aeroplane-balance, star-shape, giant-walk, half-squat-hold
sailor, seaman, crew: wobbly up strong > rock-boat, rope-climb, punch-air, arm-circle
pirate, buccaneer: wobbly strong loud > rock-boat, stork-stand, rope-climb, stamp
fisherman, fisher, angler: slow still low > overarm-throw, rock-boat, low-squat-hold, flamingo-reach
ferryman, boatman, rower, gondolier: strong slow > punch-air, lunge, partner-row, side-lunge
diver, swimmer, lifeguard: through strong > swim-stroke, arm-circle, toe-touch, superman
king, prince, lord, emperor, duke: high slow still > march, tall-thin, half-squat-hold, hand-wave
queen, princess, lady, empress: high slow light > tiptoe-walk, slow-turn, hand-wave, sway-dance
knight, warrior, soldier, viking: strong still along > warrior-pose, march, gallop, lunge
archer: still strong sharp > arrow-shape, warrior-pose, side-lunge
servant, butler, maid, waiter, waitress: along light slow > bean-bag-balance, tiptoe-walk, toe-touch, bat-balance
jester, clown, comedian, juggler: wobbly light quick > shake-out, scarf-toss, hip-wiggle, sway-dance
acrobat, gymnast, tumbler, trapeze artist: narrow high quick > fairy-steps, aeroplane-balance, star-shape, log-roll
dancer, ballerina: light turning high > tiptoe-walk, slow-turn, tiptoe-stand, sway-dance
singer, musician, band, orchestra, choir: loud together > conductor, clap, march, sway-dance
drummer: loud quick > knee-pat, stamp, drum-roll, clap
conductor: high light > conductor, arm-circle, tall-reach
actor, actress, storyteller: wide still > statue, star-shape, sway-dance
athlete, runner, jogger, champion: quick strong > jog, high-knees, jumping-jack, fast-feet
skater: light low quick > skate-step, ski-squat-hold, side-lunge
skier, snowboarder: low quick > ski-squat-hold, ski-jump, half-squat-hold
climber, mountaineer, explorer, adventurer: up slow high > high-knees, rope-climb, slow-climb, cat-tread
rider, jockey: quick along low > gallop, pony-prance, half-squat-hold
goalkeeper, goalie: wide quick > side-lunge, star-shape, side-step, reach-jump
footballer, player: quick along > knee-hug, kick, high-knees, jog
boxer, wrestler, weightlifter: strong heavy > air-punch, squat, punch-air, half-squat-hold
scientist, inventor, engineer, mechanic: turning slow > trunk-twist, hip-circle, arm-circle, squat
hunter, tracker, spy, thief, burglar, robber: quiet slow low > cat-tread, tiptoe-walk, crawl, statue
woodcutter, lumberjack: strong heavy > windmill-touch, arm-swing, trunk-twist, squat
beekeeper: slow quiet > bee-breath, tiptoe-walk, wing-flap
zookeeper, ranger: along low > march, squat, sprinkle, bear-walk
rubbish collector, dustman, bin man: heavy strong > squat, trunk-twist, elephant-walk, march
tightrope walker: narrow high slow > fairy-steps, stork-stand, side-step
giantkiller, dragon tamer: strong still > warrior-pose, lunge, punch-air
mother, mum, mummy, father, dad, daddy, parent: together strong > cross-arm-hug, walk, giant-walk
grandmother, granny, grandma, grandfather, grandad, grandpa: slow low > shuffle, chair-sit, rocking-chair, walk
aunt, uncle, cousin, family: together along > hand-wave, walk, skip
brother, sister, twin, twins, sibling: together quick > partner-mirror, skip, march
boy, girl, child, children, kid: quick light > skip, march, jumping-jack
man, woman, men, women, person, people, somebody, villager, neighbour: along > march, walk, hand-wave
old man, old woman, elder: slow low > shuffle, chair-sit, walk
crowd, audience, guests: together loud > clap, hand-wave, march, stamp
stranger, visitor, guest, traveller, wanderer: along slow > walk, hand-wave, march
passenger: still low > chair-sit, rock-boat, half-squat-hold
owner, boss, leader, chief, mayor: high still > march, warrior-pose, arrow-shape
bride, groom, wedding: slow light > tiptoe-walk, sway-dance, march
enemy, villain, bully: heavy loud > stamp, roar, warrior-pose
nobody, anyone, everyone, everybody: together > walk, star-shape, march
`;
