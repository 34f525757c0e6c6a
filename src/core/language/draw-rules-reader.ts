import {
  DIE_SIDES,
  type DieSides,
  type AmountRule,
  type DrawRules,
  type SumRule,
} from '../model/chance';
import { diceRead, SEVERAL_DICE } from './dice-words';
import { inSeconds } from '../words/clock';
import { numberRead } from '../words/numbers';

type Open<Thing> = { -readonly [Key in keyof Thing]?: Thing[Key] };

/** What is said of a draw before its table. What is left open is missing. */
export type RulesRead = {
  stop?: DrawRules['stop'];
  rules: Open<
    Pick<
      DrawRules,
      | 'returns'
      | 'onRepeat'
      | 'thirdInARow'
      | 'mostOfOne'
      | 'mostAhead'
      | 'noPattern'
      | 'thrower'
      | 'eachSeconds'
    >
  >;
  between?: Readonly<{
    words: string;
    leastSeconds: number;
    mostSeconds: number;
    tightens: boolean;
  }>;
  standIn?: string;
  sides?: DieSides;
  dice?: number;
  ranks?: readonly [number, number];
  copies?: number;
  jokers?: number;
  courts?: number;
  amountFrom?: AmountRule['from'];
  sum: Open<Pick<SumRule, 'times' | 'plus' | 'least' | 'most' | 'ask'>>;
  numberSides?: DieSides;
  beforehand?: boolean;
};

const isSides = (value: number): value is DieSides => DIE_SIDES.some((sides) => sides === value);
const SECONDS = String.raw`(\d+)\s*(s|sec|seconds?|min|minutes?)`;

/** Each takes its words out of the text; the rest goes to those after it. */
const PHRASES: readonly (readonly [RegExp, (read: RulesRead, match: RegExpMatchArray) => void])[] =
  [
    [
      // In brackets it may have commas of its own: "stand-in (march fours 10 s, fives 20 s)".
      /\bstand-?in (?:is )?(?:\(([^()]+)\)|([^,]+))/iu,
      (read, m) => {
        read.standIn = (m[1] ?? m[2])!.trim();
        read.rules.onRepeat = 'stand-in';
      },
    ],
    [
      /\b(?:travel|between)(?: by| with)? ([^,]+?) (\d+)\s*(?:-|–|to)\s*(\d+)\s*s(?:ec|econds)?\b( (?:shorter and shorter|tightening))?/iu,
      (read, m) => {
        const [leastSeconds, mostSeconds] = [Number(m[2]), Number(m[3])];
        read.between = { words: m[1]!, leastSeconds, mostSeconds, tightens: Boolean(m[4]) };
      },
    ],
    [
      /\buntil all (?:were|are|have been) seen(?:,? (\d+) at most| at most (\d+))?/iu,
      (read, m) => {
        const most = numberRead(Number(m[1] ?? m[2] ?? 30));
        read.stop = { after: 'all seen', most };
      },
    ],
    [
      new RegExp(String.raw`\bfor ${SECONDS}\b`, 'iu'),
      (read, m) => (read.stop = { after: 'seconds', seconds: numberRead(inSeconds(m[1]!, m[2]!)) }),
    ],
    [
      /\b(\d+)\s*s(?:ec|econds?)? (?:(?:each|a|per|for each) (?:letter|card|go|draw|call|one|word)|each)\b|\beach (\d+)\s*s(?:ec|econds?)?\b/iu,
      (read, m) => (read.rules.eachSeconds = numberRead(Number(m[1] ?? m[2]))),
    ],
    [/\bfor the film\b|\bbeforehand\b/iu, (read) => (read.beforehand = true)],
    [/\bno repeats?\b|\bdraw again\b|\bthrow again\b/iu, (read) => (read.rules.onRepeat = 'again')],
    [/\beach once\b|\bfrom a bag\b/iu, (read) => (read.rules.returns = 'bag')],
    [/\bstays? out\b/iu, (read) => (read.rules.returns = 'out')],
    [/\b(?:goes?|put) back\b/iu, (read) => (read.rules.returns = 'back')],
    [/\bin order\b/iu, (read) => (read.rules.returns = 'in order')],
    [/\bat most (\d+) of one\b/iu, (read, m) => (read.rules.mostOfOne = numberRead(Number(m[1])))],
    [/\bfair shares?\b/iu, (read) => (read.rules.mostAhead = 2)],
    [/\bno patterns?\b/iu, (read) => (read.rules.noPattern = true)],
    [/\bchildren add\b|\bask(?:ed)? first\b/iu, (read) => (read.sum.ask = true)],
    [
      /\b(?:the |a )?child(?:ren)?(?: (?:draw|throw|roll|toss|spin|call|flip|pick)s?)?(?: in turn)?\b|\bin turn\b/iu,
      (read) => (read.rules.thrower = 'child'),
    ],
    [/\bon (?:the )?screen\b/iu, (read) => (read.rules.thrower = 'on screen')],
    [
      /\b(?:I|you|the leader|leader|presenter|teacher) (?:draw|throw|roll|toss|spin|call|flip|pick)s?\b/iu,
      (read) => (read.rules.thrower = 'presenter'),
    ],
    [/\bby (?:its|the) (?:number|pips|rank|throw)\b/iu, (read) => (read.amountFrom = 'outcome')],
    [
      /\b(?:number die|numbers?)(?: (?:of )?(\d+))?\b/iu,
      (read, m) => {
        read.amountFrom = 'number die';
        const sides = Number(m[1] ?? 6);
        if (isSides(sides)) read.numberSides = sides;
      },
    ],
    [/\bas far as the room(?: goes)?\b/iu, (read) => (read.amountFrom = 'room')],
    [/\b(?:x|×|times) (\d+)\b/iu, (read, m) => (read.sum.times = numberRead(Number(m[1])))],
    [/\bplus (\d+)\b/iu, (read, m) => (read.sum.plus = numberRead(Number(m[1])))],
    [
      /\branks? (\d+)\s*(?:-|–|to)\s*(\d+)/iu,
      (read, m) => (read.ranks = [Number(m[1]), Number(m[2])]),
    ],
    [
      /\bcourts? (?:cards? )?counts? (\d+)/iu,
      (read, m) => (read.courts = numberRead(Number(m[1]))),
    ],
    [/\b(\d) jokers?\b/iu, (read, m) => (read.jokers = numberRead(Number(m[1])))],
    [/\b(two|three|2|3) decks\b/iu, (read, m) => (read.copies = /two|2/iu.test(m[1]!) ? 2 : 3)],
    [
      /\b(\d+)\s*(?:-|–|to)\s*(\d+)\b/u,
      (read, m) => {
        read.sum.least = numberRead(Number(m[1]));
        read.sum.most = numberRead(Number(m[2]));
      },
    ],
    [
      /\b(\d+)\s*(?:throws?|rolls?|draws?|spins?|cards?|calls?|toss(?:es)?|flips?|times|goes)\b/iu,
      (read, m) => (read.stop = { after: 'draws', draws: numberRead(Number(m[1])) }),
    ],
    [new RegExp(`\\b${SEVERAL_DICE}\\b`, 'iu'), (read, m) => (read.dice = diceRead(m[0]))],
    [
      /\b(?:of (\d+)|(\d+) sides)\b/iu,
      (read, m) => {
        const sides = Number(m[1] ?? m[2]);
        if (isSides(sides)) read.sides = sides;
      },
    ],
  ];

/** The rules in a text, and what is left of it: nothing, if all was understood. */
export function readRules(text: string): Readonly<{ read: RulesRead; rest: string }> {
  const read: RulesRead = { rules: {}, sum: {} };
  let rest = text;
  for (const [pattern, take] of PHRASES) {
    const match = pattern.exec(rest);
    if (!match) continue;
    take(read, match);
    rest = `${rest.slice(0, match.index)} ${rest.slice(match.index + match[0].length)}`;
  }
  return {
    read,
    rest: rest
      .replace(/[,\s]+/gu, ' ')
      .replace(/\b(?:and|then|the)\b/giu, '')
      .trim(),
  };
}
