/*
 * What teachers write around a move and its dose. Data only: a word more is a line more here.
 */
import { SEVERAL_DICE } from './dice-words';

/** How a line begins that asks for something to be done; it says nothing of what. */
export const OPENERS: readonly string[] = [
  '(?:ok|okay|right|well|so|good)\\b,?',
  "(?:let['’]?s|let us) (?:all )?(?:do|try|go)?",
  'give me|show me|(?:your|my) turn|one more time|warm up with|(?:we )?start(?: off)? with(?: a)?',
  "(?:it['’]?s |it is )?time (?:for|to)",
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
  '(?:be|become|make)(?: an?)?(?= )',
  'finish with|start with|begin with',
];

/** Parts of the body that a move says anyway: "stamp your feet", "shrug your shoulders". */
export const BODY_PARTS =
  'feet|foot|balls?|bean ?bags?|scar(?:f|ves)|hoops?|hands?|arms?|legs?|knees?|toes?|heels?|fingers?|shoulders?|elbows?|hips?|head|body|tummy|back|neck|wrists?|ankles?|sides?';

/** Where it goes, or what it goes around. */
export const PLACE_WORDS =
  'back to|all the way to|in front of|next to|to|towards?|above|below|beside|near|against|with|around|round|across|over|through|along|under|past|into|onto|up to|down to|between|inside|outside|behind|in|on|off|from|at';

/** How it is done, beside the tempo: kept as a note. */
export const MANNERS =
  'big|bigger|small|little|tiny|large|giant|high|low|tall|long|short|deep|gentle|gently|quiet|quietly|loud|loudly|soft|softly|light|lightly|strong|strongly|careful|carefully|steady|steadily|proud|proudly|sleepy|silly|wide|straight|nice|lovely|good|really|very|super|happy|sneaky|heavy|floppy|wobbly|smooth|smoothly|together|again|more|extra|around|about';

/** Which way, where a pair would be two directions. */
export const WAYS_OF_GOING =
  '(?:\\d+|one|two|three|four|five) laps?(?: (?:of|around|round) the \\p{L}+)?|back and forth|with (?:a|your|our) (?:partner|friend)s?|(?:a|your) (?:partner|friend|neighbour)|in pairs|in twos|up and down|in and out|side to side|round and round|on the spot|in a circle|in circles|in place|all around|all over|in the air|on the floor|from side to side|to the sky|to the beat|to the music|to music|for joy|as one';

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
  ['lion|tiger|bear|dragon', 'roar|growl', 'roar'],
  ['dragon|lion', 'breathe', 'roar'],
  ['aeroplane|plane|airplane|kite', 'fly|glide', 'aeroplane-balance'],
  ['frog|toad', '', 'frog-jump'],
  ['bear', '', 'bear-walk'],
  ['crab', '', 'crab-walk'],
  ['kangaroo', '', 'kangaroo-jump'],
  ['bunny|rabbit|hare', '', 'bunny-hop'],
  ['penguin', '', 'penguin-walk'],
  ['elephant|dinosaur', 'stomp|stamp', 'elephant-stomp'],
  ['elephant', '', 'elephant-walk'],
  ['duck|duckling', '', 'duck-walk'],
  ['monkey|ape|chimp', '', 'monkey-run'],
  ['seal|walrus', '', 'seal-drag'],
  ['caterpillar', '', 'inchworm'],
  ['worm|eel|noodle', '', 'worm-wriggle'],
  ['snake', 'crawl|wriggle|slither|slide|creep|go|move', 'snake-slide'],
  ['soldier', 'crawl|creep', 'commando-crawl'],
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
  ['statue|rock|stone|ice', 'freeze|stand|stay|be', 'statue'],
  ['candle|soldier|post', 'stand|be|stay', 'tall-thin'],
  ['ball|pebble|egg|seed', 'curl|crouch|be|tuck', 'small-ball'],
  ['spring|ball|kangaroo', 'bounce|bob', 'pogo-jump'],
  ['pencil|rocket', 'jump', 'pencil-jump'],
  ['tree', '', 'twisted-tree'],
  ['butterfly', '', 'butterfly-sit'],
  ['donkey|mule', 'kick', 'donkey-kick'],
  ['drum', '', 'drum-roll'],
  ['dog', 'stretch', 'down-dog'],
  ['dog', 'wag|shake', 'hip-wiggle'],
  ['flower|seed|tree|plant|beanstalk', 'grow|stretch|reach', 'tall-reach'],
  ['dragon|lizard|crocodile', '', 'dragon-crawl'],
  ['gorilla', '', 'gorilla-walk'],
  ['cheetah|rocket|wind', 'run|race|dash|sprint|go', 'cheetah-run'],
  ['fish|otter|mermaid', 'swim|glide|move|go', 'swim-stroke'],
  ['bird|gull|bat|owl|eagle|butterfly|moth|bee', 'fly|flap|move|glide', 'wing-flap'],
  ['jelly|leaf', 'shake|wobble|quiver', 'shake-out'],
  ['spider', 'crawl|creep|walk', 'crab-walk'],
  ['tiger|lion|leopard', 'creep|prowl|sneak|walk|crawl', 'cat-tread'],
  ['statue', '', 'statue'],
  ['superhero|hero', '', 'superhero-balance'],
  ['giant', '', 'giant-walk'],
  ['robot|soldier|drummer', 'march|walk', 'march'],
];

/** Verbs that say no more than the creature does: "walk like a bear" is a bear walk. */
export const LIKE_VERBS =
  'sleep|sit|lie|dance|sing|clap|hide|climb|grow|reach|jump|walk|hop|run|crawl|creep|sneak|step|stand|freeze|roll|stomp|gallop|slither|wriggle|move|go|stretch|kick|waddle|swing|be|stay|balance|tread|march|prance|trot|slide|arch|hiss|breathe|roar|growl|fly|flap|swim|bounce|curl|crouch|wag|shake|wobble|prowl|race|dash|sprint|stamp|glide|quiver|tuck|bob';

/** A line that begins another way, as the line that Arrup itself would write. */
export const SAME_AS: readonly (readonly [RegExp, string])[] = [
  [
    /^(?:your turn|my turn|one more time|once more|next|now|first|last|finally|again|warm[- ]up)\s*:\s*(?=\d)/iu,
    '',
  ],
  [
    /^(?:have |take )?(?:a )?(?:short |quick |little )?(?:rest|pause|breather)[.!]?$/iu,
    'breather as rest',
  ],
  [
    /^(?:(?:everyone|everybody|let['’]?s all|go and|let['’]?s|all of you) )?(?:(?:go and )?(?:have|get|take) )?(?:(?:a|some|your|quick|little|short) )*(?:drinks?|sip|water)(?: of water)?(?: (?:time|break|pause|stop|please))*[.!]?$/iu,
    'drink',
  ],
  [/^spin (\d+) times?\s*:\s*/iu, 'spinner $1 spins: '],
  [/^(?:the |a |one )?(?:moves? |number )?(?:die|dice)(?: game)?\s*(?=:)/iu, 'die'],
  [/^(?:a |the )?(?:deck|pack) of cards\s*(?=:)/iu, 'cards'],
  [/^(?=heads\s*=[^:]+,\s*tails\s*=)/iu, 'coin: '],
  [
    /^(?:roll|throw) (?:the|a|one) (?:die|dice),? (?:and )?(?:for the number of|do (?:that|so) many) (.+)$/iu,
    'die 1 throw by its number: $1',
  ],
  [
    new RegExp(
      `^(?:roll|throw) (${SEVERAL_DICE})\\s*[:,]?\\s*(?:add them(?: up| together)?,? )?(?:and )?do (?:that|so) many (.+)$`,
      'iu',
    ),
    '$1 1 throw by its number: $2',
  ],
  // "squats: 12": an amount is nothing to say.
  [
    /^([^:=]*\p{L}[^:=]*):\s*((?:\d+\s*[x×]\s*)?\d+\s*(?:s|secs?|seconds?|min|minutes?|times|reps|steps|m|metres)?)$/iu,
    '$1 $2',
  ],
  [/^(?:spell |(?:the )?letters of )?(?:the )?alphabet\b/iu, 'letters A-Z'],
  [/^A (?:to|-|–) Z\b/u, 'letters A-Z'],
  [/^(\d+)\s*\/\s*(\d+)\s*:\s*/u, 'circuit 1 round $1 s rest $2: '],
  [/^\d+ stations?,? (\d+)\s*s(?:ec(?:ond)?s?)?(?: each)?\s*:\s*/iu, 'circuit 1 round $1 s: '],
  [/^(?:a |the )?(die|spinner|wheel) with ([^,]+(?:, [^,]+)*),? and ([^,]+)$/iu, '$1: $2, $3'],
  [/^(?:pick|draw|take|turn(?: over)?) (\d+) cards?\b/iu, 'cards $1 cards'],
  [/^(?:traffic lights?|call out|colours?)\s*:\s*(?=[^:]*=)/iu, 'calls: '],
  [
    /^(?:two|2) dice\s*[:,]\s*one (?:for|is) the moves?,? (?:and )?(?:one|the other) (?:for|is) (?:how many|the (?:number|amount)s?)\s*:?\s*/iu,
    'die numbers: ',
  ],
  [/^(time for (?:a |your )?(?:quick )?(?:drinks?|sip)(?: of water)?)[.!]?$/iu, 'drink: $1'],
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
  [new RegExp(`^(?:roll|throw) (${SEVERAL_DICE})\\b`, 'iu'), '$1'],
  [/^dice\b(?=\s+\d)/iu, 'die'],
  [/^(?:flip|toss) (?:the|a) coin\b/iu, 'coin'],
  [/^(?:pick|draw|take|turn) (?:a |one |the )?cards?\b/iu, 'cards'],
  [/^spin (?:the |a )?(?:spinner|wheel)\b/iu, 'spinner'],
  [
    /^(?:spell|letters of|the letters of) (?:out )?(?:the word |the name )?(?!(?:your|my|their|our) )(\p{L}+)(?: with moves?)?/iu,
    'letters $1',
  ],
  [
    /^(\d+)\s*s(?:ec(?:onds)?)? (?:on|work|go|of work)[\s,/]+(\d+)\s*s(?:ec(?:onds)?)? (?:off|rest|break|of rest)\b/iu,
    'circuit 1 round $1 s rest $2',
  ],
  [/^call\s*:\s*/iu, 'calls: '],
  [
    /^(?=(?:hearts|spades|clubs|diamonds)\s*=.*\b(?:hearts|spades|clubs|diamonds)\s*=)/iu,
    'cards: ',
  ],
  [/^(?=\p{L}[^=:,;]{0,20}=[^=:]+,[^=:]+=)/iu, 'calls: '],
  [/^count (?:to|up to) (\w+) (?:while|as) (?:you |we |they )?(.+)$/iu, '$2 hold $1 s'],
  [
    /^(?:have |take )?(?:a )?(?:short |quick |little )?(?:rest|pause|breather)(?: break)?(?: for)? (\d+)\s*(s|secs?|seconds?|minutes?|min)$/iu,
    'breather $1 $2 as rest',
  ],
  [
    /^(\d+)\s*(s|secs?|seconds?|minutes?|min) (?:of )?(?:rest|pause)(?: break)?$/iu,
    'breather $1 $2 as rest',
  ],
];

/** How a sentence asks for something: "Can you do 5 star jumps?", "Who can hop?". */
export const ASKS: readonly string[] = [
  '(?:can|could|will|would) (?:you|we|everyone|everybody|anyone|anybody)(?: all)?(?: try (?:to|and)| do| show me(?: how to)?| please)?',
  'who (?:can|wants to|would like to)(?: do| show me(?: how to)?)?',
  '(?:shall|can|should) we(?: all)?(?: try (?:to|and)| do)?',
  'do you want to|would you like to|are you ready to|ready to',
  'show me (?:how to|how you(?: can)?|your|a)?',
  'i want (?:you to|to see you)(?: do)?',
];

/** Who is with it, and other small words at the end that say nothing of what is done. */
export const COMPANY =
  'with me|with us|along with me|along|together|everyone|everybody|all of you|children|now|again|please|too|as well|if you can|for me';

/** Said of every line before it is read: another way to say what it is like. */
export const ALWAYS: readonly (readonly [RegExp, string])[] = [
  // "as quiet as a mouse" is like a mouse; "as long as you can" is an amount.
  [/\bas (?!long|many|much|far|fast|quick|high)\p{L}+ as (?=(?:an? |the )\p{L})/giu, 'like '],
];

/** What is never done like a creature's own move: "sleep like a bear". */
export const OTHER_VERBS =
  'sleep|sit|lie|breathe|roar|sing|dance|stretch|swim|fly|clap|drink|eat|hide|curl';

/** Names of moves that are things in a story: "they cross the bridge" asks for no bridge lift. */
export const THINGS: ReadonlySet<string> = new Set(
  'bridge tree table crab bear snake log rock star frog statue boat arch seal elephant monkey penguin caterpillar butterfly twist scissor breath stone pebble heron glider beetle spin turn step walk'.split(
    ' ',
  ),
);

/**
 * Words of their own that are nearly a word of a move's name: no slips of spelling. From the familiar
 * words of two published lists (Dale and Chall; Spache), by the rule in `spelling.ts`.
 */
export const REAL_WORDS: ReadonlySet<string> = new Set(
  'airy alway army babe bang bath beard beast beef been beer beet began below black boast boxe bride brook cant cart closet coat couch crow curly dancer drip drown earn fair feast file float flour flowery fork fort fried fully gallon given graze grow heard hell hero hint hope huge hump hung kneel learn lice life lime line live meeting money movie once overhear pain painter painting part past path plan player prick prince quit quite rainy rise rocky rung sand seed seek seem seen sell shaker shelf sick sill sing skin slid slit spit sport spring stair stare start state steal steep sticky stoop suit tablet taken tale tape them they thing think though thread three thrown tone tore tramp trip truck visit wait waken weve witch wring youre'.split(
    ' ',
  ),
);
