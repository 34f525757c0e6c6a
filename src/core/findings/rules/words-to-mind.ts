/** Words to mind: how they are found, why they are told, and what may be said in their place. */
export type WordsToMind = Readonly<{ found: RegExp; why: string; instead: string }>;

/** Common practice in early-years settings, put into words of our own. */
export const WORDS_TO_MIND: readonly WordsToMind[] = [
  {
    found:
      /\b(?:you(?:['’]re| are) out(?! (?:of|on|there|in))|(?:is|are) out(?=[.!,]|$)|out of the game|knocked out|eliminated|sit down if you lose)\b/iu,
    why: 'who is out stands about, and those who need it most move least',
    instead: '“do one star jump and come back in”',
  },
  {
    found:
      /\b(?:losers?|last one(?: to \w+| home| there| in)? (?:is|loses|sits|gets)|the winner|who wins|slowest|beat the others|fastest child)\b/iu,
    why: 'a race has one winner and many who aren’t',
    instead: '“can we all be there before the bell?”',
  },
  {
    found:
      /\b(?:get you|eat you|catch you and|or else|will be sorry|scared yet|be afraid|monster (?:comes|is coming)|kill\w*|die if|dead)\b/iu,
    why: 'some children are really frightened of it',
    instead: '“quick, before the tide comes in!”',
  },
  {
    found:
      /\b(?:earn(?:ed)? (?:your|a|their) (?:snack|treat|sweets?|cake|lunch|dinner|biscuit)|sweets? for|burn(?:ed)? (?:it )?off|work off|calories)\b/iu,
    why: 'food isn’t a prize, and nobody has to earn it',
    instead: '“we have moved so well: water time!”',
  },
  {
    found:
      /\b(?:fat|fatty|chubby|skinny|lazy ?bones|lazy|flabby|weaklings?|like a girl|clumsy|big tumm(?:y|ies)|wobbly tumm(?:y|ies))\b/iu,
    why: 'it is about how a body looks, or blames it',
    instead: '“strong legs, however they look”',
  },
  {
    found:
      /\b(?:boys and girls|girls and boys|ladies and gentlemen|boys against girls|girls against boys|big boys?|good girls?|good boys?)\b/iu,
    why: 'not every child feels meant by it',
    instead: '“everybody”, or a name of your story: “lamplighters”',
  },
  {
    found:
      /\b(?:guns?|rifles?|pistols?|shoot(?:ing|s)? (?:him|her|them|at|the)|bombs?|stab\w*|machine gun)\b/iu,
    why: 'some children have met real weapons',
    instead: '“throw the net”, “send the kite”',
  },
  {
    found:
      /\b(?:stop crying|don['’]t be (?:a baby|silly|shy)|baby(?:ish)? if|even the babies|what(?:['’]s| is) wrong with you|naughty|stupid)\b/iu,
    why: 'it shames a child in front of the others',
    instead: '“you may watch first, and come in when you like”',
  },
];
