/** How something is or goes: words that give a quality to what stands beside them. */
export const DESCRIBING = `
high, tall, towering, lofty: high up > tall-reach, tiptoe-walk, tall-thin, high-knees
low, short: low down > squat, crawl, duck-walk, half-squat-hold
wide, broad, huge, enormous, giant, massive, big, large, great, gigantic: wide heavy > giant-walk, star-shape, elephant-stomp, step-jack
narrow, thin, skinny: narrow > fairy-steps, tall-thin, side-step
small, little, tiny, teeny, wee: light low small > fairy-steps, small-ball, tiptoe-walk
heavy, weighty: heavy strong slow > giant-walk, elephant-stomp, squat, bear-walk
light as, weightless, feathery, floaty: light > tiptoe-walk, wing-flap, sway-dance, giant-walk
quick, quickly, fast, swift, speedy, rapid, suddenly: quick > fast-feet, jog, high-knees
slow, slowly, sluggish: slow > shuffle, slow-turn, slow-climb, cat-tread, giant-walk
wobbly, shaky, wonky, rickety, unsteady, rocking, creaky: wobbly > rock-boat, stork-stand, fairy-steps, shake-out
still, motionless, frozen, stiff: still > statue, stork-stand, freeze-dance
round, circular, curly: round turning > arm-circle, small-ball, slow-turn
sharp, pointy, pointed, prickly, spiky, jagged: sharp narrow > arrow-shape, side-step, letter-x, star-shape
quiet, quietly, silent, silently, silence: quiet > tiptoe-walk, cat-tread, listen-still
loud, loudly, noisy, noisily: loud > stamp, clap, roar, elephant-stomp
up, upward, upwards: up high > tall-reach, rope-climb, high-knees, pop-up-jump
down, downward, downwards: down low > squat, toe-touch, body-melt
over, across: over > giant-walk, leap, side-step, two-foot-jump
under, beneath, underneath, below: under low > crawl, squat, duck-walk
through, inside, into: through narrow > crawl, side-step, squat
around, round and round: turning > slow-turn, arm-circle, zigzag-walk
backwards, backward, behind: along slow > backward-walk
sideways: along narrow > side-step, grapevine, side-gallop
zigzag, crooked, winding, twisty, bendy: turning along > zigzag-walk, twisted-tree, trunk-twist, grapevine
straight, upright: narrow high still > tall-thin, march, letter-t
muddy, sticky, gooey, squelchy: slow heavy > giant-walk, high-knees, elephant-stomp
icy, frosty, snowy, slippery, slimy: slow light wobbly > shuffle, skate-step, fairy-steps
wet, soggy, soaking, rainy: down light > shake-out, sprinkle, finger-wiggle
windy, breezy, blustery: light quick > sway-dance, arm-circle, balloon-breath
stormy, rough, choppy: wobbly strong loud > rock-boat, sway-dance, stamp
bumpy, rocky, stony: up down wobbly > high-knees, pogo-jump, rock-boat, bob
steep: up high > high-knees, rope-climb, slow-climb
deep: down low > squat, swim-stroke, toe-touch
shallow: light low > high-knees, tiptoe-walk
soft, fluffy, furry, woolly: light quiet > tiptoe-walk, cat-tread, cross-arm-hug
hard, solid: still strong > rock-shape, statue, wall-push
bright, shiny, sparkly, glittery, twinkling: wide light > star-shape, finger-wiggle, jumping-jack
scary, spooky, creepy: quiet slow > tiptoe-walk, cat-tread, shake-out
beautiful, pretty, lovely, fine: light slow > sway-dance, tiptoe-walk, slow-turn
ugly, horrible, nasty, wicked: heavy loud > elephant-stomp, gorilla-walk, stamp
fierce, wild, savage: loud strong > roar, bear-walk, stamp
tangled, messy, untidy: wobbly turning > twisted-tree, shake-out, grapevine
broken, cracked: wobbly sharp > shake-out, hop, zigzag-walk
bouncy, springy: up quick light > pogo-jump, two-foot-jump, pop-up-jump, bob
stretchy, elastic, long: wide slow > tall-reach, cat-stretch, side-bend, giant-walk
crowded, busy: narrow together > side-step, tall-thin, zigzag-walk
empty, lonely place: wide quiet > tiptoe-walk, slow-turn, giant-walk
old, ancient, rusty: slow heavy > shuffle, twisted-tree, statue
new, young, fresh: light quick > pop-up-jump, skip, jumping-jack
mossy, grassy, leafy: quiet high > cat-tread, high-knees, sway-dance
hidden, invisible: quiet low still > small-ball, tiptoe-walk, rock-shape
far, faraway, distant, away: along high > march, tiptoe-stand, jog
near, nearby, close by, next: along light > walk, fairy-steps
dusty, sandy: slow light > giant-walk, shake-out, sprinkle
tight: narrow through > side-step, cross-arm-hug, squeeze-and-go
loose, floppy, limp: wobbly light > shake-out, toe-touch, body-melt
`;
