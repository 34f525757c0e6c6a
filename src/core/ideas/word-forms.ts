import { singularOf } from '../words/plurals';

/** Forms that no rule makes, each with the verb that it is a form of. */
const IRREGULAR = `
ate eat; eaten eat; began begin; begun begin; bent bend; bit bite; bitten bite; blew blow; blown blow;
bought buy; broke break; broken break; brought bring; built build; burnt burn; came come; caught catch;
chose choose; chosen choose; clung cling; crept creep; did do; done do; drank drink; drawn draw;
drew draw; driven drive; drove drive; dug dig; fallen fall; fed feed; fell fall; felt feel; fled flee;
flew fly; flown fly; flung fling; forgot forget; forgotten forget; fought fight; found find; froze freeze;
frozen freeze; gave give; given give; goes go; gone go; got get; grew grow; ground grind; grown grow;
had have; heard hear; held hold; hid hide; hidden hide; hung hang; kept keep; knelt kneel; knew know;
known know; laid lay; lain lie; leapt leap; learnt learn; led lead; left leave; lent lend; lit light;
lying lie; made make; meant mean; met meet; paid pay; ran run; rang ring; read read; ridden ride;
risen rise; rode ride; rose rise; rung ring; said say; sang sing; sank sink; sat sit; saw see; seen see;
sent send; shaken shake; shone shine; shook shake; shot shoot; shrank shrink; shrunk shrink; slept sleep;
slid slide; slung sling; sold sell; spent spend; spoke speak; spoken speak; sprang spring; sprung spring;
spun spin; stole steal; stolen steal; stood stand; strode stride; struck strike; stuck stick; stung sting;
sung sing; sunk sink; swam swim; swept sweep; swum swim; swung swing; taken take; taught teach; thought think;
threw throw; thrown throw; told tell; took take; tore tear; torn tear; tying tie; understood understand;
went go; wept weep; woke wake; woken wake; won win; wore wear; worn wear; wound wind; wove weave;
woven weave; written write; wrote write; better good; best good; worse bad; feet foot; geese goose;
mice mouse; teeth tooth; children child; wolves wolf; leaves leaf; elves elf; men man; women woman
`;
const BASE: ReadonlyMap<string, string> = new Map(
  IRREGULAR.trim()
    .split(/;\s*/u)
    .map((pair) => pair.split(' ') as [string, string]),
);

/** Irregular forms of things and of how they are, not of doings. */
const NO_DOINGS: ReadonlySet<string> = new Set(
  'better best worse feet geese mice teeth children wolves leaves elves men women'.split(' '),
);

/** Whether a word is a form that only doings have: "flew", "hopped". */
export const isPast = (word: string): boolean =>
  (BASE.has(word) && !NO_DOINGS.has(word)) || /[a-z]{2}ed$/u.test(word);

/** Endings with what may stand in their place; a doubled letter before one is single, too. */
const ENDINGS: readonly (readonly [RegExp, readonly string[]])[] = [
  [/ies$/u, ['y', 'ie']],
  [/(?:ches|shes|sses|xes|zes|oes)$/u, []],
  [/ied$/u, ['y', 'ie']],
  [/ying$/u, ['y', 'ie']],
  [/ing$/u, ['', 'e']],
  [/ed$/u, ['', 'e']],
  [/iest$/u, ['y']],
  [/ier$/u, ['y']],
  [/est$/u, ['', 'e']],
  [/er$/u, ['', 'e']],
  [/ily$/u, ['y']],
  [/ly$/u, ['', 'le']],
  [/es$/u, ['', 'e']],
  [/s$/u, ['']],
];
const SHORTEST = 2;

/**
 * What a word of a story may be a form of, the word itself first: "crossing" is "crossing" or "cross",
 * "wolves" is "wolf". Some of them may be no words at all: they are looked for in a list.
 */
export function baseForms(word: string): readonly string[] {
  const forms = [word];
  const base = BASE.get(word);
  if (base) forms.push(base);
  forms.push(singularOf(word));
  for (const [ending, instead] of ENDINGS) {
    if (!ending.test(word)) continue;
    const stem = word.replace(ending, '');
    if (stem.length < SHORTEST) continue;
    forms.push(...instead.map((end) => stem + end));
    if (/([a-z])\1$/u.test(stem)) forms.push(stem.slice(0, -1));
  }
  return [...new Set(forms)];
}
