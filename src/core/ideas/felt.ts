/**
 * What a move of the catalogue feels like, the strongest first, beyond what its facts tell: our own
 * judgement. A move that is missing here has what its facts tell.
 */
export const FELT = `
march: high along strong together
walk: along light
tiptoe-walk: quiet high light narrow
high-knees: high up strong over
fast-feet: quick small light
jog: quick along light
gallop: quick along strong
skip: light up quick
side-step: narrow through slow
two-foot-jump: over up light
frog-jump: up low over
hop: up light wobbly over
bear-walk: low heavy strong
crawl: low through under slow quiet
crab-walk: low wide strong
heel-walk: wobbly heavy
giant-walk: high heavy wide over slow
fairy-steps: narrow small slow wobbly quiet
backward-walk: slow strong
duck-walk: low wobbly under
penguin-walk: wobbly small slow
elephant-walk: heavy slow
cat-tread: quiet slow low light
zigzag-walk: turning
grapevine: turning through
pony-prance: high light quick
hopscotch: over quick
leap: over light quick high
broad-jump: over strong
kangaroo-jump: up strong
inchworm: slow small strong
seal-drag: low heavy strong
monkey-run: quick low
commando-crawl: low under through
skate-step: light slow
squat: down low strong up
squat-jump: up strong
chair-sit: low down
jumping-jack: wide up quick
step-jack: wide light
stork-stand: still wobbly narrow high
tiptoe-stand: high up narrow still
aeroplane-balance: wide light wobbly still
slow-turn: turning slow round
lunge: strong low down
flamingo-reach: wobbly down
half-squat-hold: low strong still
wall-sit: low still strong
side-lunge: wide low strong
knee-hug: wobbly round narrow
heel-kick: quick up
ski-jump: quick light
scissor-jump: sharp quick
tuck-jump: round up light
pencil-jump: narrow high up
quarter-turn-jump: turning sharp up
rock-boat: wobbly slow
hip-circle: round turning slow
ankle-circle: round small turning
leg-swing: slow wobbly
windmill-touch: turning down wide strong
trunk-twist: turning strong
ski-squat-hold: low still
boat-balance: wobbly still strong
superhero-balance: still wobbly
ball-toss-catch: up round
ball-roll: round low
bean-bag-balance: still narrow slow
overarm-throw: strong over
underarm-throw: light down
bean-bag-catch: quick small
bean-bag-pass: turning light
bean-bag-slide: low quick
ball-bounce-catch: down up round
dribble: quick round down
kick: strong quick
toe-taps: quick light
ball-squeeze: strong round
ball-lift: up round strong high
hoop-step: through round
hoop-jump: over round up
hoop-roll: round turning
bucket-carry: heavy slow strong
bucket-target: light over
bat-balance: wobbly slow
bat-tap: light up
scarf-toss: light up
scarf-swirl: turning light round
rope-walk: narrow slow wobbly
rope-jump-over: over up
cone-touch: low quick down
cone-weave: turning through
clap: loud quick together
stamp: loud heavy strong
arm-circle: round turning wide
shake-out: wobbly quick light
punch-air: strong quick
knee-pat: quick light
cross-pat: quick turning
click: small light sharp
shoulder-shrug: up down heavy
head-nod: small down
drum-roll: quick loud
sprinkle: light small down
conductor: light high
sway-dance: light wobbly slow
freeze-dance: still quick
plank: strong narrow still
table-hold: still strong
quick-climb: up quick strong
slow-climb: up slow
sit-up: up strong
back-bridge: over up strong
log-roll: round turning heavy
burpee: down up quick strong
rocking-chair: round wobbly
dead-bug: small slow
bicycle-legs: turning quick round
leg-raise: up slow strong
superman: wide light still
cobra: up slow
knee-press-up: strong down
wall-push: strong heavy slow
side-plank-knee: strong still
donkey-kick: strong up quick
crab-kick: quick
teddy-roll: round turning
forward-roll: round turning over
star-shape: wide still high
small-ball: round small low still quiet
bridge-shape: high under over still
table-shape: still strong
tall-thin: high narrow still
twisted-tree: turning still
letter-x: wide still
letter-t: wide still high
arrow-shape: sharp narrow still
rock-shape: round small heavy still
tall-reach: high up slow
toe-touch: down low
side-bend: wide slow over
cat-stretch: round slow
butterfly-sit: light still
long-sit-reach: slow down
cross-arm-hug: round small still together
arm-across: narrow slow
calf-stretch: strong slow
quad-stretch: wobbly still
hamstring-sit: slow
straddle-reach: wide slow
knees-to-chest: round small
lying-twist: turning slow
down-dog: high under still
wrist-stretch: small slow
neck-tilt: slow small
star-gaze: high slow wide
seated-butterfly-flap: light quick
calm-breath: slow quiet light
lie-still: still quiet low
balloon-breath: round up slow light
snake-breath: quiet slow
bee-breath: small
candle-fingers: light small
listen-still: quiet still slow
body-melt: down slow heavy
hand-trace: slow small up down
seated-march: high together
seated-reach: high up
seated-arm-jump: up quick
seated-leg-lift: up slow
seated-push: strong slow
seated-twist: turning
seated-curl: small round
seated-clap: quick
seated-forward-fold: down slow
wheels-push: strong
wheels-glide: light slow
wheels-spin: turning round
wheels-weave: turning through
seated-throw: over
seated-catch: quick
seated-roll: round low
seated-strike: strong loud
pogo-jump: up quick light
feet-apart-jump: wide quick
half-turn-jump: turning up
jump-and-land: down light up
pop-up-jump: up quick small
reach-jump: high up
step-up: up high
side-gallop: quick along light
dodge: quick turning
shuffle: slow low heavy
cheetah-run: quick along
bunny-hop: low quick up
bench-walk: narrow high slow wobbly
skipping-rope: over quick up
rope-turn: turning round
push-up: strong down
wall-walk: up slow
chair-dip: down up strong
shoulder-tap: quick strong
back-support: down strong
hollow-hold: round strong still
egg-roll: round wobbly
over-shoulder-roll: round turning
pike-sit: still narrow
straddle-sit: wide still
statue: still
warrior-pose: strong wide still
low-squat-hold: low still small
triangle-stretch: wide sharp
happy-baby: wobbly round
floor-stand: up down
lie-and-stand: up down over
gorilla-walk: heavy low strong
elephant-stomp: heavy loud high
dragon-crawl: low strong through
swim-stroke: through wide
worm-wriggle: low small wobbly
snake-slide: low through turning
roar: loud strong
wing-flap: light high wide
crocodile-snap: sharp loud strong
rope-climb: up high strong
chest-pass: strong quick
bounce-pass: down quick
ball-trap: still quick
foot-dribble: turning quick
tee-strike: strong
hoop-waist: round turning quick
balloon-tap: light up slow
parachute-lift: up wide together light
parachute-ripple: wobbly together light
partner-mirror: together slow still
partner-row: together strong
high-five: together up loud
see-saw: together up down
shoulder-roll: round slow
finger-wiggle: small light quick quiet
head-to-toes: down
hand-wave: light high
arm-swing: strong
air-punch: strong quick
bob: up down light
head-turn: turning slow
hip-wiggle: wobbly quick
floor-toe-tap: quick light small
star-breath: wide slow light
squeeze-and-go: strong small
toy-breath: slow up down
lying-breath: slow still
breather: slow still
`;
