/** What somebody feels or thinks, as a body can show it. */
export const FEELINGS = `
happy, happiness, joyful, joy, glad, cheerful, merry, delighted: light quick up > skip, jumping-jack, sway-dance, clap
excited, excitement, thrilled: quick light up > fast-feet, jumping-jack, shake-out, pogo-jump
sad, unhappy, sorrow, gloomy, lonely: slow heavy down > shoulder-shrug, seated-forward-fold, toe-touch, cross-arm-hug
cry, tear, tears, weep, sob: down slow > toe-touch, finger-wiggle, cross-arm-hug
angry, anger, cross, furious, mad, grumpy, rage: heavy loud strong > stamp, roar, elephant-stomp, squeeze-and-go
scared, afraid, fright, fear, frightened, terrified: still quick low > small-ball, shake-out, cross-arm-hug, statue
nervous, worried, worry, anxious: wobbly light quiet > shake-out, tiptoe-walk, calm-breath, finger-wiggle
brave, courage, bold, fearless, hero, heroine, superhero: strong high still > warrior-pose, star-shape, punch-air, march
proud, pride: high still slow > tall-reach, warrior-pose, march, star-shape
shy, bashful, timid: quiet low slow > tiptoe-walk, small-ball, neck-tilt, cross-arm-hug
tired, sleepy, weary, exhausted, drowsy: slow heavy down > body-melt, star-gaze, lie-still, shuffle
asleep, sleep, slumber, nap, doze, dream: still quiet low > lie-still, lying-breath, small-ball, neck-tilt
awake, wake, awoke, yawn: up slow > tall-reach, star-gaze, pop-up-jump, cat-stretch
surprise, surprised, amazed, astonished, wonder: quick up wide > pop-up-jump, star-shape, jumping-jack, tiptoe-stand
love, kind, kindness, care, friendly, gentle: slow together light > cross-arm-hug, hand-wave, partner-mirror, high-five
hungry, hunger, starving: low down > hip-circle, crocodile-snap, squat, tall-reach
thirsty, thirst: slow > tall-reach, calm-breath, side-bend
cold, chilly, freezing, shiver, shivering: quick wobbly still > shake-out, cross-arm-hug, fast-feet, statue
hot, warm, heat: quick light slow > fast-feet, hop, body-melt, balloon-breath
silly, funny, laugh, laughter, giggle, joke: wobbly light loud > shake-out, hip-wiggle, sway-dance, wing-flap
calm, peace, peaceful, relax, rest: quiet still slow > calm-breath, lie-still, listen-still, body-melt
strong, strength, mighty, powerful: strong heavy still > warrior-pose, wall-push, squat, punch-air
weak, dizzy, poorly, ill, sick: slow wobbly down > rock-boat, body-melt, lie-still, shuffle
pain, hurt, sore, ache: slow still > head-to-toes, cross-arm-hug, calm-breath
clever, smart, think, thought, idea, know, understand: still quiet > head-nod, finger-wiggle, statue, tiptoe-stand
curious, look, look around, peek, peep, spy, watch, see: quiet high slow > head-turn, tiptoe-stand, trunk-twist, squat
listen, hear, ear, ears: quiet still > listen-still, neck-tilt, tiptoe-stand, head-turn
remember, forget, forgot, lost, miss, missing: slow turning > slow-turn, head-turn, zigzag-walk, shoulder-shrug
hope, wish, want, need: up high > tall-reach, tiptoe-stand, star-gaze, reach-jump
try, attempt, practise: strong slow > squat, punch-air, stork-stand
bored, lazy, boring: slow heavy > body-melt, shuffle, star-gaze, rock-boat
jealous, greedy, selfish, mean, naughty: low quick > cross-arm-hug, cat-tread, crocodile-snap
polite, please, thank, thanks, sorry: slow down > toe-touch, head-nod, hand-wave
yes, agree: up down > head-nod, clap, squat
disagree, refuse: turning still > head-turn, trunk-twist, stamp
hello, goodbye, bye, farewell, greeting, welcome: high light > hand-wave, high-five, clap, tall-reach
ready, steady: still low > low-squat-hold, warrior-pose, shake-out, tiptoe-stand
friend, friends, friendship, together, team: together light > high-five, partner-mirror, skip, hand-wave
magic, magical, spell, enchanted: turning light slow > conductor, slow-turn, hip-circle, finger-wiggle
secret, mystery, clue: quiet slow low > tiptoe-walk, cat-tread, listen-still, head-turn
safe, safety, careful, take care, look out, watch out, carefully, danger, dangerous: slow quiet narrow > tiptoe-walk, fairy-steps, side-step, listen-still
luck, lucky, win, won, winner, victory, triumph: up loud quick > jumping-jack, punch-air, star-shape, clap
`;
