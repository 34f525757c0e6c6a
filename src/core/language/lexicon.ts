/*
 * What teachers write around a move and its dose. Data only: a word more is a line more here.
 */

/** How a line begins that asks for something to be done; it says nothing of what. */
export const OPENERS: readonly string[] = [
  "let['’]?s (?:all )?(?:do|try|go)?",
  'lets (?:all )?(?:do|try|go)?',
  'now (?:we |let us |everybody |everyone )?(?:do )?',
  'next(?: up)?,?',
  'then',
  'and (?:now )?',
  'everyone|everybody',
  'we (?:all |now )?(?:do )?',
  'all of you',
  'please',
  'can you (?:all )?(?:do|try|show me)?',
  'take|try|do',
  'time for',
  'finish with|start with|begin with',
];

/** Parts of the body that a move says anyway: "stamp your feet", "shrug your shoulders". */
export const BODY_PARTS =
  'feet|foot|balls?|bean ?bags?|scar(?:f|ves)|hoops?|hands?|arms?|legs?|knees?|toes?|heels?|fingers?|shoulders?|elbows?|hips?|head|body|tummy|back|neck|wrists?|ankles?|sides?';

/** Where it goes, or what it goes around. */
export const PLACE_WORDS =
  'back to|all the way to|to|towards?|around|round|across|over|through|along|under|past|into|onto|up to|down to|between|inside|outside|behind|in|on|off|from|at';

/** How it is done, beside the tempo: kept as a note. */
export const MANNERS =
  'big|bigger|small|little|tiny|large|giant|high|low|tall|long|short|deep|gentle|gently|quiet|quietly|loud|loudly|soft|softly|light|lightly|strong|strongly|careful|carefully|steady|steadily|proud|proudly|sleepy|silly|wide|straight|nice|lovely|good|really|very|super|happy|sneaky|heavy|floppy|wobbly|smooth|smoothly|together';

/** Which way, where a pair would be two directions. */
export const WAYS_OF_GOING =
  'up and down|in and out|side to side|round and round|on the spot|in a circle|in circles|in place|all around|all over|in the air|on the floor|from side to side|to the sky|to the beat|to the music|to music|for joy|as one';

/** Numbers in words that are no numbers. */
export const AMOUNT_WORDS: readonly (readonly [RegExp, string])[] = [
  [/\bhalf a minute(?: of)?\b/giu, '30 s'],
  [/\b(?:a|one) minute and a half\b|\bone and a half minutes\b/giu, '90 s'],
  [/\ba minute(?: of)?\b/giu, '60 s'],
  [/\b(?:a |half a )?dozen\b/giu, '12'],
  [/\ba? ?couple(?: of)?\b/giu, '2'],
  [/\ba few\b/giu, '4'],
  [/\bthrice\b/giu, '3 times'],
  [/\bsecs\b/giu, 's'],
  // "squats x 10 x 3" is three sets of ten; "10x" and "x10" are ten.
  [/\bx\s*(\d+)\s*x\s*(\d+)\b/giu, '$2 x $1'],
  [/\b(\d+)\s*[x×]\s*(?=$|[,.;!)])/giu, '$1 times'],
  [/(\d[^,]*?)\s+R\b/gu, '$1 right side'],
  [/(\d[^,]*?)\s+L\b/gu, '$1 left side'],
];

/**
 * Creatures and things that a move is like, and the move: "jump like a frog", "a bear walk". A verb in
 * front says which of several it is.
 */
export const LIKENESSES: readonly (readonly [like: string, verbs: string, move: string])[] = [
  ['frog|toad', '', 'frog-jump'],
  ['bear', '', 'bear-walk'],
  ['crab', '', 'crab-walk'],
  ['kangaroo', '', 'kangaroo-jump'],
  ['bunny|rabbit|hare', '', 'two-foot-jump'],
  ['penguin', '', 'penguin-walk'],
  ['elephant', '', 'elephant-walk'],
  ['duck|duckling', '', 'duck-walk'],
  ['monkey|ape|chimp', '', 'monkey-run'],
  ['seal|walrus', '', 'seal-drag'],
  ['caterpillar', '', 'inchworm'],
  ['worm|snake|soldier', 'crawl|wriggle|slither|slide|creep', 'commando-crawl'],
  ['snake', 'hiss|breathe', 'snake-breath'],
  ['mouse|cat|fox|spy', 'creep|sneak|tiptoe|walk|step|tread', 'tiptoe-walk'],
  ['cat', 'stretch|arch', 'cat-stretch'],
  ['flamingo|stork|heron|crane', '', 'stork-stand'],
  ['horse|pony', 'gallop', 'gallop'],
  ['horse|pony', 'prance|trot|march', 'pony-prance'],
  ['log|pencil|sausage', 'roll', 'log-roll'],
  ['ball|teddy|egg', 'roll', 'teddy-roll'],
  ['star', 'jump', 'jumping-jack'],
  ['star', '', 'star-shape'],
  ['aeroplane|plane|airplane', '', 'aeroplane-balance'],
  ['statue|rock|stone', 'freeze|stand|stay|be', 'tall-thin'],
  ['pencil|rocket', 'jump', 'pencil-jump'],
  ['tree', '', 'twisted-tree'],
  ['butterfly', '', 'butterfly-sit'],
  ['donkey|mule', 'kick', 'donkey-kick'],
  ['drum', '', 'drum-roll'],
  ['dog', 'stretch', 'down-dog'],
  ['superhero|hero', '', 'superhero-balance'],
  ['giant', '', 'giant-walk'],
  ['robot|soldier|drummer', 'march|walk', 'march'],
];

/** Verbs that say no more than the creature does: "walk like a bear" is a bear walk. */
export const LIKE_VERBS =
  'jump|walk|hop|run|crawl|creep|sneak|step|stand|freeze|roll|stomp|gallop|slither|wriggle|move|go|stretch|kick|waddle|swing|be|stay|balance|tread|march|prance|trot|slide|arch|hiss|breathe';

/** A line that begins another way, as the line that Arrup itself would write. */
export const SAME_AS: readonly (readonly [RegExp, string])[] = [
  [
    /^(?:have|take|time for|get|grab) (?:a |your )?(?:quick )?(?:drinks?|sip)(?: of water)?\b/iu,
    'drink',
  ],
  [/^(?:a )?drink of water\b/iu, 'drink'],
  [/^(\d+)\s*(s|secs?|seconds?|minutes?|min) (?:drinks?|water)(?: break)?\b/iu, 'drink $1 $2'],
  [/^drinks? (?:break |pause )?(?:for )?(\d+)/iu, 'drink $1'],
  [/^(\d+)\s*(?:throws?|rolls?|tosses) (?:of|with) (?:the|a) (die|dice|coin)\b/iu, '$2 $1 throws'],
  [
    /^(?:roll|throw|toss|use) (?:the |a |one )?(?:die|dice)\s+(\d+)\s*(?:times|x|throws)/iu,
    'die $1 throws',
  ],
  [/^(?:roll|throw|toss|use) (?:the |a |one )?(?:die|dice)\b/iu, 'die'],
  [/^(?:roll|throw) (two|2) dice\b/iu, 'two dice'],
  [/^dice\b(?=\s*:|\s+\d)/iu, 'die'],
  [/^(?:flip|toss) (?:the|a) coin\b/iu, 'coin'],
  [/^(?:pick|draw|take|turn) (?:a |one |the )?cards?\b/iu, 'cards'],
  [/^spin (?:the |a )?(?:spinner|wheel)\b/iu, 'spinner'],
  [
    /^(?:spell|letters of|the letters of) (?:out )?(?:the word |the name )?(\p{L}+)(?: with moves?)?/iu,
    'letters $1',
  ],
  [/^(?:the )?alphabet\b/iu, 'letters A-Z'],
  [
    /^(\d+)\s*s(?:ec(?:onds)?)? (?:on|work|go|of work)[\s,/]+(\d+)\s*s(?:ec(?:onds)?)? (?:off|rest|break|of rest)\b/iu,
    'circuit 1 round $1 s rest $2',
  ],
  [/^call\s*:\s*/iu, 'calls: '],
];
