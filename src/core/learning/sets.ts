/** One thing to learn, with the move that it is. */
export type LearnItem = Readonly<{ label: string; move: string }>;

/** Things that are learned together, in their usual order. */
export type LearnSet = Readonly<{ id: string; name: string; items: readonly LearnItem[] }>;

/**
 * Each set by its name and its items, "label = move". Orders are common practice in early years; which
 * move an item is, is our own choice.
 */
const SETS = `
# Colours
red = stamp; yellow = star shape; blue = swim stroke; green = frog jump; orange = arm circle; purple = slow turn; white = tiptoe walk; black = cat tread
# Shapes
circle = arm circle; square = march; triangle = triangle stretch; star = star shape; straight line = tall thin; oval = hip circle
# Opposites
high = tall reach; low = squat; fast = fast feet; slow = slow turn; loud = stamp; quiet = tiptoe walk; open = star shape; closed = small ball
# Feelings
happy = skip; sad = shoulder shrug; angry = stamp; scared = small ball; brave = warrior pose; tired = body melt; calm = calm breath
# Days of the week
Monday = march; Tuesday = tiptoe walk; Wednesday = windmill touch; Thursday = trunk twist; Friday = frog jump; Saturday = sway dance; Sunday = star gaze
# Healthy habits
brush your teeth = cross pat; wash your hands = trunk twist; eat your greens = squat; drink water = side bend; move every day = jumping jack; sleep well = lie still
# Left and right
left hand = punch air; right hand = hand wave; left foot = stork stand; right foot = leg swing; turn left = slow turn; turn right = trunk twist
# Pairs that make five
0 and 5 = clap; 1 and 4 = squat; 2 and 3 = stamp; 3 and 2 = march; 4 and 1 = arm circle; 5 and 0 = tall reach
# Pairs that make ten
1 and 9 = squat; 2 and 8 = clap; 3 and 7 = march; 4 and 6 = stamp; 5 and 5 = star shape; 6 and 4 = arm circle; 7 and 3 = trunk twist; 8 and 2 = high knee; 9 and 1 = tall reach
# Seasons
spring = pop-up jump; summer = star shape; autumn = slow turn; winter = cross arm hug
`;

export const LEARN_SETS: readonly LearnSet[] = SETS.trim()
  .split(/^# /mu)
  .filter(Boolean)
  .map((part) => {
    const [name = '', items = ''] = part.trim().split('\n');
    return {
      id: name.toLowerCase().replaceAll(' ', '-'),
      name,
      items: items.split('; ').map((item) => {
        const [label = '', move = ''] = item.split(' = ');
        return { label, move };
      }),
    };
  });

/**
 * Letters and sounds in the order in which they are usually taught in early phonics: those that make
 * the most short words first. Common practice.
 */
export const LETTER_SETS: readonly Readonly<{ name: string; letters: string }>[] = [
  { name: 'first letters', letters: 'satpin' },
  { name: 'second letters', letters: 'mdgock' },
  { name: 'third letters', letters: 'eurhbfl' },
  { name: 'last letters', letters: 'jvwxyzq' },
];

/** Times tables that are thrown with a die: the number is thrown, the children say the product. */
export const TABLES = [2, 5, 10] as const;
