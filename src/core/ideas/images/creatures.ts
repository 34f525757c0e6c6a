/** Creatures, real and of stories, as children are asked to be them. */
export const CREATURES = `
cat, kitten, kitty, tomcat: quiet low slow > cat-tread, cat-stretch, crawl, tiptoe-walk
dog, puppy, hound: quick low > shake-out, down-dog, crawl, bear-walk, hip-wiggle
wolf, jackal, coyote: quick low quiet > bear-walk, cat-tread, crawl, roar
fox, vixen: quiet quick low > cat-tread, tiptoe-walk, crawl, shuffle
lion, lioness: loud slow strong > roar, bear-walk, cat-tread, cat-stretch
tiger, leopard, panther, jaguar: quiet slow strong low > cat-tread, bear-walk, crawl, cat-stretch
cheetah: quick along > cheetah-run, fast-feet, jog, high-knees
bear, grizzly, polar bear, teddy bear, teddy: heavy slow low > bear-walk, shoulder-roll, cross-arm-hug, elephant-stomp, teddy-roll
badger: low slow heavy > bear-walk, crawl, shuffle
elephant, mammoth: heavy slow loud > elephant-walk, elephant-stomp, stamp, arm-swing
rhino, rhinoceros, hippo, hippopotamus: heavy slow low > elephant-stomp, stamp, bear-walk, squat
giraffe: high slow > tiptoe-walk, tall-reach, tiptoe-stand, giant-walk
camel, llama: slow heavy > elephant-walk, heel-walk, giant-walk, cat-stretch
horse, stallion, mare: quick high along > gallop, pony-prance, high-knees, march
pony, foal, colt: quick light > pony-prance, gallop, high-knees, heel-kick
donkey, mule: strong loud heavy > heel-kick, heel-walk, donkey-kick, march
zebra: quick light > pony-prance, gallop, high-knees
unicorn: light high > pony-prance, skip, leap, gallop
cow, bull, ox, calf, buffalo: heavy slow loud > stamp, elephant-stomp, crawl, bear-walk
sheep, lamb, ram: light quick > pogo-jump, crawl, two-foot-jump, heel-kick
goat, billy goat, kid goat: quick up light > high-knees, hop, leap, two-foot-jump
pig, piglet, hog, boar: low heavy > crawl, shake-out, bear-walk, log-roll
deer, stag, reindeer, antelope, gazelle, moose: light quick over > leap, gallop, skip, high-knees
rabbit, bunny: quick light low > bunny-hop, two-foot-jump, hop, small-ball
hare: quick light > two-foot-jump, bunny-hop, dodge, hop
kangaroo, wallaby: up strong quick > kangaroo-jump, two-foot-jump, broad-jump, jump-and-land
mouse, mice: quiet light quick small > tiptoe-walk, small-ball, finger-wiggle, fast-feet
rat, hamster, guinea pig, gerbil: quick low quiet > fast-feet, crawl, small-ball, tiptoe-walk
squirrel, chipmunk: quick up light > rope-climb, quick-climb, fast-feet, small-ball
hedgehog, porcupine: round low sharp > small-ball, rock-shape, crawl, log-roll
mole: low under strong > crawl, small-ball, swim-stroke, squat
beaver, vole, shrew: low quick > crawl, swim-stroke, clap
otter: quick low through > swim-stroke, log-roll, snake-slide, lying-breath
monkey, ape, chimp, chimpanzee: quick up loud > monkey-run, rope-climb, gorilla-walk, arm-swing
gorilla, orangutan: heavy strong slow > gorilla-walk, punch-air, stamp, bear-walk
sloth, koala: slow up quiet > slow-climb, rope-climb, cross-arm-hug, tall-reach
panda: slow heavy round > bear-walk, teddy-roll, small-ball, rock-boat
bat: quiet light high > wing-flap, arm-circle, cross-arm-hug, tiptoe-walk
bird, sparrow, robin, songbird, cuckoo, pelican: light high quick > wing-flap, hop, tiptoe-walk, aeroplane-balance
chick, nestling, duckling, baby bird: light small low > wing-flap, duck-walk, hop, small-ball
hen, chicken, cockerel, rooster: quick low loud > wing-flap, high-knees, head-nod, hop
duck, drake: low wobbly > duck-walk, penguin-walk, heel-walk, wing-flap, hip-wiggle
goose, geese: loud along > duck-walk, wing-flap, heel-walk, march
swan: slow light quiet > wing-flap, tiptoe-walk, wheels-glide, arm-circle
penguin, puffin: wobbly slow > penguin-walk, heel-walk, shuffle, duck-walk
owl: quiet still turning > head-turn, trunk-twist, listen-still, wing-flap
eagle, hawk, falcon, buzzard: high wide slow > aeroplane-balance, wing-flap, star-shape, arm-circle
seagull, gull, albatross: wide high light > wing-flap, aeroplane-balance, superman, arm-circle
crow, raven, magpie, blackbird, pigeon, dove: light loud > wing-flap, hop, head-nod, two-foot-jump
heron, stork, crane, ibis: high slow still > stork-stand, high-knees, tiptoe-walk, flamingo-reach
flamingo: high still narrow > stork-stand, flamingo-reach, tiptoe-walk, knee-hug
ostrich, emu: quick high > giant-walk, high-knees, jog, toe-touch
peacock, turkey: wide slow > star-shape, tiptoe-walk, march, sway-dance
parrot, cockatoo, budgie: loud light > wing-flap, shoulder-roll, head-nod, side-step
woodpecker: quick loud > knee-pat, floor-toe-tap, head-nod, clap
hummingbird, swallow: quick light > wing-flap, finger-wiggle, fast-feet, arm-circle
frog: up low quick > frog-jump, low-squat-hold, pop-up-jump, two-foot-jump
toad: low heavy slow > squat, low-squat-hold, frog-jump, bunny-hop
tadpole, newt: quick low through > swim-stroke, worm-wriggle, hip-wiggle
snake, serpent, python, cobra: low quiet through turning > snake-slide, snake-breath, cobra, zigzag-walk, worm-wriggle
lizard, gecko, chameleon, iguana: low quick slow > crawl, dragon-crawl, bear-walk, cat-tread
crocodile, alligator: low strong loud > crocodile-snap, crawl, commando-crawl, plank
tortoise, turtle, terrapin: slow low heavy round > crawl, small-ball, shoulder-shrug, bear-walk
dinosaur, tyrannosaurus, stegosaurus: heavy loud strong > elephant-stomp, stamp, roar, giant-walk
fish, goldfish, minnow: through quick light > swim-stroke, hip-wiggle, zigzag-walk, superman
shark, pike: quick through sharp > swim-stroke, crocodile-snap, arrow-shape, zigzag-walk
whale: heavy slow up down > swim-stroke, back-bridge, rock-boat, superman
dolphin, porpoise: up over quick > swim-stroke, leap, pencil-jump, squat
seal, sea lion, walrus: low heavy slow > seal-drag, cobra, clap, superman
octopus, squid, tentacle, tentacles: wobbly wide through > shake-out, arm-circle, finger-wiggle, sway-dance
jellyfish: wobbly light slow > shake-out, sway-dance, scarf-toss, body-melt
crab, lobster: low wide > crab-walk, side-step, crocodile-snap, side-lunge
starfish: wide still > star-shape, jumping-jack, step-jack, letter-x
shell, snail shell, oyster, clam, mussel: still round low > small-ball, butterfly-sit, crocodile-snap, listen-still
snail: slow low round > crawl, small-ball, ankle-circle, slow-climb
slug, worm, earthworm: low slow > worm-wriggle, crawl, inchworm, log-roll
caterpillar, inchworm, grub, maggot: low slow > inchworm, worm-wriggle, cat-stretch, crawl
butterfly: light quiet slow > wing-flap, seated-butterfly-flap, butterfly-sit, tiptoe-walk
moth, cocoon, chrysalis: light quiet round > butterfly-sit, wing-flap, small-ball, cross-arm-hug
bee, bumblebee, wasp, hornet: quick light loud > bee-breath, wing-flap, fast-feet, finger-wiggle
gnat, fly, mosquito, midge: quick light > wing-flap, finger-wiggle, fast-feet, clap
dragonfly, firefly, glow-worm: quick light still > zigzag-walk, wing-flap, freeze-dance, finger-wiggle
ant: quick small low strong > fast-feet, fairy-steps, crawl, march
spider, tarantula: quiet quick low > finger-wiggle, crawl, crab-walk, rope-climb
beetle, bug, insect, ladybird, ladybug: low quick small > crawl, fast-feet, dead-bug, small-ball
cricket, grasshopper, locust, flea: quick up light > broad-jump, two-foot-jump, pogo-jump, click
scorpion: low sharp > crab-walk, crab-kick, crawl
centipede, millipede, woodlouse: low quick together > fast-feet, crawl, knees-to-chest, march
dragon, dragon's: loud strong heavy > roar, wing-flap, dragon-crawl, elephant-stomp, bear-walk
giant, giantess, ogre: heavy slow high loud > giant-walk, elephant-stomp, stamp, tall-reach
monster, beast, creature, yeti: heavy loud slow > elephant-stomp, roar, gorilla-walk, giant-walk
troll, goblin: low heavy loud > gorilla-walk, stamp, squat, giant-walk
fairy, pixie, sprite: light quiet quick > tiptoe-walk, fairy-steps, wing-flap, skip
elf, gnome, dwarf, imp, leprechaun: small quick light low > fairy-steps, tiptoe-walk, squat, skip
witch, wizard, sorcerer, magician: turning slow > conductor, slow-turn, hip-circle, arm-circle
ghost, spirit, phantom: quiet light slow > tiptoe-walk, sway-dance, wing-flap, statue
skeleton: wobbly light > shake-out, head-to-toes, freeze-dance, tall-thin
mermaid, merman: light through slow > swim-stroke, seal-drag, sway-dance, long-sit-reach
robot, android: still sharp slow > march, freeze-dance, quarter-turn-jump, punch-air
alien, martian: wobbly light > giant-walk, sway-dance, shake-out, finger-wiggle
angel, cupid: light high quiet > wing-flap, tiptoe-walk, tall-reach
animal, mammal, pet: low quick > crawl, bear-walk, cat-tread, shake-out
baby, toddler, newborn: low slow small > crawl, rocking-chair, rock-boat, small-ball
egg, eggs: round still wobbly > small-ball, egg-roll, rocking-chair, pop-up-jump
herd, flock, pack, swarm, shoal: together along quick > march, jog, side-step, wing-flap
wing, wings, feather, feathers: light high > wing-flap, aeroplane-balance, finger-wiggle, arm-circle
tail: turning light > hip-wiggle, scarf-swirl, hip-circle, donkey-kick
paw, paws, hoof, claw, claws: quiet low > cat-tread, bear-walk, crawl, stamp
beak, jaws, fang, tusk, snout: sharp > crocodile-snap, head-nod, arrow-shape
trunk, elephant's trunk: slow down > elephant-walk, arm-swing, toe-touch
raccoon, skunk, weasel, stoat, ferret, mongoose, meerkat: quick quiet low > tall-thin, cat-tread, crawl, tiptoe-stand
leech, parasite, germ, germs: small low > shake-out, finger-wiggle, worm-wriggle
sea horse, seahorse: up slow light > bob, sway-dance, tiptoe-walk
eel, lamprey: through low turning > worm-wriggle, snake-slide, zigzag-walk, swim-stroke
salmon, trout: over up quick > leap, swim-stroke, squat, tall-reach
yak, bison: heavy slow > heel-walk, bear-walk, elephant-stomp
puppet, doll, marionette: wobbly light > head-to-toes, shoulder-shrug, shake-out, freeze-dance
`;
