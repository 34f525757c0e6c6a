import type { RuleId } from '$core';

/** Why each note is told: beside the note, and in docs/findings.md. */
export const WHY: Readonly<Record<RuleId, string>> = {
  slot: 'A session that runs over is stopped in the middle; one that is short leaves a room of children waiting.',
  'steep-start':
    'Muscles and breath need about half a minute of gentle moving before what is lively.',
  'no-cool-down': 'After hard work breath and heart come down more kindly with a stretch.',
  'calm-end':
    'Children who go back to the carpet straight from running take the running with them.',
  'no-drink': 'Small bodies warm up quickly, and children at play forget that they’re thirsty.',
  'dose-for-age':
    'Far more than usual tires one part of the body, and form goes first; hardly any is over before it’s begun.',
  'before-age':
    'A move that’s too hard is done badly, and a fall teaches a child that moving isn’t for them.',
  'side-left-out': 'Both sides grow stronger and steadier only if both have a turn.',
  'same-region': 'The same muscles three times in a row get tired, and tired arms give way.',
  'never-used':
    'Over a session every large part of the body, and every family of skills, can have its turn.',
  landings:
    'Each take-off ends in a landing that small knees and heels have to bear. Running steps are not counted.',
  'still-stretch-first':
    'Long still stretches are for warm muscles; before that moving ones do more.',
  'talk-in-hard-work': 'Nobody listens out of breath, and nobody can speak.',
  'words-outlast-work':
    'Words that are longer than the work leave children standing about, listening.',
  'sitting-long': 'Listening is work, and after a while it stops.',
  'question-no-wait':
    'Children need about three seconds to find an answer; most questions are followed by one.',
  'other-forms': 'Where everybody has a way to do it, nobody has to sit out.',
  'welcome-checks': 'On film you can’t see the room: only the child at home can look.',
  'setting-gives':
    'If something isn’t there, children wait while you fetch it, or do without: on a hard floor, under a lamp.',
  'ups-and-downs': 'Getting down or up takes seconds and breath, and the story stops each time.',
  'hold-unready': 'A hold that’s counted before everybody’s in it is unfair to the last.',
  'promised-total': 'Children count along. A promised hundred has to be a hundred.',
  'neighbours-same': 'The same move twice in a row looks like a mistake, and often is one.',
  'no-chunks': 'Long counts get lost. Tens can be counted on the fingers.',
  'long-sentences': 'A long sentence is forgotten before its end.',
  'chance-table': 'An outcome that means nothing stops the game when it comes.',
  'chance-never': 'A child who waited for a move that never came remembers it.',
  'chance-amount': 'The largest number can come too, and then somebody has to do it.',
  'chance-takes-over':
    'A game that’s mostly one move is dull for some, and hard on one part of the body.',
  'chance-overrun': 'How long a game of chance lasts is chance too.',
  'letter-sound': 'Children learn the sound that they hear, not the letter that you see.',
  'much-to-remember': 'What’s too much to remember, they do by looking at others.',
  'rare-words': 'A word that nobody knows is a hole in the story.',
  'mirror-choice': 'When you face them, your left is on the side of their right.',
  'relay-time': 'A relay takes as long as its last child.',
  'home-or-here': 'What’s done here and what’s left for home are easily mixed up.',
  'unknown-move': 'What Arrup doesn’t know it can’t time, draw or check.',
  'guises-alike': 'Two names that sound alike are mixed up when they’re called.',
  crowding: 'Children who travel look where they’re going, not at who’s coming across.',
  'not-enough-kit': 'A child without a ball watches, or takes somebody else’s.',
  'turns-left-out': 'A turn is the best part of the game, and those who get none remember it.',
  'dizzy-then': 'After spinning they’re still dizzy: balance is gone for some seconds.',
  'drink-then': 'A full tummy upside down is no fun.',
  'long-on-hands': 'Wrists bear a child’s weight for half a minute or so; then elbows give.',
  'long-on-knees': 'Kneecaps have little padding, on a hard floor least.',
  'no-breather': 'Children’s hearts speed up fast and slow down fast, if they get the chance.',
  'no-stop-signal': 'Free running is safe as long as one word stops it.',
  'no-spotter': 'A move that can end on the neck needs somebody beside it who’s been taught how.',
  'want-unmet': 'They moved for a reason, and want to hear that it worked.',
  'rule-told-otherwise': 'What you say and what the draw does have to be the same rule.',
  'promised-time': 'When thirty seconds are really nine, everybody who’s out of breath notices.',
  'count-beyond-age':
    'Children count along as far as they can; beyond that the count is only yours.',
  'picture-word': 'The picture carries the sound only if they can name it.',
  'hurtful-words': 'Words stay longer than moves. These shame, frighten or leave somebody out.',
  'share-moving':
    'They came to move. For lessons of older children guidance aims at half of the time in lively moving (from memory, not looked up); with stories a third is good.',
  'no-peak': 'A walk without a hill: once in a session they may well get out of breath.',
  'turn-twice': 'Children count turns, their own and everybody’s.',
  'long-wait': 'Children who queue for long push, sit down or wander off.',
  'no-come-back':
    'After running, a group is soon all over the room; a place to come back to brings it together.',
  'no-rest-place':
    'A child who may rest where everybody sees it does so in time, and comes back in.',
  'cast-lost': 'Children wait for somebody they were promised.',
  'many-new-moves': 'Each new move takes looking and trying; known ones grow with the story.',
};
