import type { RuleId } from '$core';

/** Why each note is told: beside the note, and in docs/findings.md. */
export const WHY: Readonly<Record<RuleId, string>> = {
  slot: 'A session that runs over is stopped in the middle; one that is short leaves a room of children waiting.',
  'steep-start':
    'Muscles and breath need about half a minute of gentle moving before what is lively.',
  'no-cool-down': 'After hard work breath and heart come down more kindly with a stretch.',
  'calm-end': 'Children who go back to a carpet straight from running take the running with them.',
  'no-drink': 'Small bodies warm up quickly, and children at play forget that they are thirsty.',
  'dose-for-age':
    'Much more than is usual tires one part of the body, and form goes first; hardly any is over before they have begun.',
  'before-age':
    'A move that is too hard is done badly, and a fall teaches that moving is not for me.',
  'side-left-out': 'Both sides grow stronger and steadier only if both have a turn.',
  'same-region': 'The same muscles three times running tire, and what tires lets go.',
  'never-used':
    'Over a session every large part of the body, and every family of skills, can have its turn.',
  landings:
    'Each take-off ends in a landing that small knees and heels have to bear. Running steps are not counted.',
  'still-stretch-first':
    'Long still stretches are for warm muscles; before that moving ones do more.',
  'talk-in-hard-work': 'Nobody listens out of breath, and nobody can speak.',
  'words-outlast-work':
    'Words that are longer than the work leave children standing and listening.',
  'sitting-long': 'Listening is work. After so long it is over.',
  'question-no-wait':
    'Children need about three seconds to find an answer; most questions are followed by one.',
  'other-forms': 'Where everybody has a way to do it, nobody has to sit out.',
  'welcome-checks': 'Before a camera nobody sees the room: only the child at home can look.',
  'setting-gives':
    'What is not there is fetched while children wait, or done without: on a hard floor, under a lamp.',
  'ups-and-downs': 'Every time down or up costs seconds and breath, and the story stops for it.',
  'hold-unready': 'A hold that is counted before all are in it is unfair to the last.',
  'promised-total': 'Children count along. A promised hundred has to be a hundred.',
  'neighbours-same': 'The same move twice running looks like a mistake, and often is one.',
  'no-chunks': 'Long counts get lost. Tens can be told on the fingers.',
  'long-sentences': 'Long sentences are not held in a small head until their end.',
  'chance-table': 'An outcome that means nothing stops the game when it comes.',
  'chance-never': 'Whoever waited for a move that never came remembers that.',
  'chance-amount': 'Chance knows no mercy: the largest number comes too.',
  'chance-takes-over':
    'Most of a game in one move is dull for some and hard on one part of the body.',
  'chance-overrun': 'How long a game of chance lasts is chance too.',
  'letter-sound': 'Children learn the sound that they hear, not the letter that you see.',
  'much-to-remember': 'What is too much to remember is done by looking at others.',
  'rare-words': 'A word that nobody knows is a hole in the story.',
  'mirror-choice': 'Facing you, your left is across from their right.',
  'relay-time': 'A relay lasts as long as its last child.',
  'home-or-here': 'What is done here and what is left for home are easily taken for one another.',
  'unknown-move': 'What Arrup does not know it can’t time, draw or check.',
  'guises-alike': 'Two names that sound alike are mixed up when they are called.',
  crowding: 'Children who travel look where they are going, not at who comes across.',
  'not-enough-kit': 'Whoever has no ball watches, or takes one.',
  'turns-left-out': 'A turn is the best of the game, and the rest remember that they had none.',
  'dizzy-then': 'After going round the ear still turns: balance is gone for some seconds.',
  'drink-then': 'A full tummy upside down is no fun.',
  'long-on-hands': 'Wrists bear a child’s weight for half a minute or so; then elbows give.',
  'long-on-knees': 'Kneecaps have little padding, on a hard floor least.',
  'no-breather': 'Hearts of children race up quickly and come down quickly, if they are let.',
  'no-stop-signal': 'Free running is safe as long as one word stops it.',
  'no-spotter': 'A move that can end on the neck wants somebody beside it who has been taught how.',
  'want-unmet': 'They moved for a reason, and want to hear that it worked.',
  'rule-told-otherwise': 'What you say and what the draw does have to be the same rule.',
  'promised-time': 'Thirty seconds that are nine are noticed by everybody who is out of breath.',
  'count-beyond-age':
    'Children count along as far as they can; beyond that the count is only yours.',
  'picture-word': 'The picture carries the sound only if they can name it.',
  'hurtful-words': 'Words stay longer than moves. These shame, frighten or leave somebody out.',
  'share-moving':
    'They came to move. For lessons of older children guidance aims at half of the time in lively moving (from memory, not looked up); with stories a third is good.',
  'no-peak': 'A walk without a hill: once in a session breath may come quick.',
  'turn-twice': 'Children count turns, their own and everybody’s.',
  'long-wait': 'Who stands in a queue for long pushes, sits down or goes away.',
  'no-come-back':
    'After running a group is easily all over the room; a place to come back to gathers it.',
  'no-rest-place':
    'A child who may rest where everybody sees it does so in time, and comes back in.',
  'cast-lost': 'Children wait for whoever was promised to them.',
  'many-new-moves': 'Each new move takes looking and trying; known ones grow with the story.',
};
