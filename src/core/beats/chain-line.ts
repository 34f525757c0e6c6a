import { joinThens } from '../language/dose-asides';
import { tempoNamed } from '../language/dose-reader';
import { tempoInWords } from '../language/dose-words';
import { typedAmongOthers } from '../language/dosed';
import { readAction, type LineTools, type Unread } from '../language/part-reader';
import { inRow, namesInRow } from '../language/rows';
import type { ReadAction } from '../language/read-action';
import { quoted, revealed } from '../language/said';
import { doseIn } from '../language/words-of';
import type { DoseUnit, Tempo } from '../model/dose';
import type { MoveBook } from '../moves/move-book';
import { numberRead } from '../words/numbers';
import { AS_LED } from '../model/led';
import { bareAction } from './actions-of';
import type { LineFile } from './beat-file';
import { linksOf, MOST_PERFORMANCES, type Chain } from './chain-schema';

/** Short links: a chain of eight does each of them many times. Our own judgement. */
const LINK_AMOUNTS: Readonly<Record<DoseUnit, number>> = {
  reps: 2,
  steps: 4,
  seconds: 4,
  hold: 3,
  metres: 2,
};

export type ChainReading = Readonly<{
  kind: 'chain';
  actions: readonly (ReadAction & Readonly<{ joined: boolean }>)[];
  introduce: number;
  bodyParts: readonly string[];
  perform: readonly Tempo[];
}>;

type Head = Omit<ChainReading, 'kind' | 'actions'>;

const PERFORMED = /,?\s*\b((?:not |never )?performed\b[^:]*)$/iu;
const IN_TEMPO = /\b(once|twice|slow(?:ly)?|usual|fast|faster|at \d+ bpm)\b/giu;

const TIMES: Readonly<Record<string, readonly Tempo[]>> = {
  once: ['usual'],
  twice: ['usual', 'usual'],
};

/** "performed slow, then fast": how often, and how fast; once where nothing is said. */
function readPerformance(head: string): readonly Tempo[] {
  const [, said] = PERFORMED.exec(head) ?? [];
  if (said === undefined) return ['usual'];
  if (/^(?:not|never)\b/iu.test(said)) return [];
  const words = [...said.matchAll(IN_TEMPO)].map(([word]) => word.toLowerCase());
  const tempos = words.flatMap((word) => TIMES[word] ?? [tempoNamed(word)]);
  return tempos.length > 0 ? tempos.slice(0, MOST_PERFORMANCES) : ['usual'];
}

/** What stands before the colon: how many at once, with which parts of the body, how it is performed. */
function readHead(head: string): Head | Unread {
  const perform = readPerformance(head);
  let rest = head.replace(PERFORMED, '');
  const [some, count] = /,?\s*\b(\S+) at a time\b/iu.exec(rest) ?? [];
  const introduce = count === undefined ? 1 : doseIn(count).openAmounts?.[0];
  rest = rest.replace(some ?? '', '').replace(/\b\d+\s*beats?\b/iu, '');
  const [withParts, named] = /,?\s*\bwith\s+(?:the |your )?(.+)$/iu.exec(rest) ?? [];
  const bodyParts = (named ?? '')
    .split(/,|\/|\band\b/iu)
    .map((one) => revealed(one.trim().replace(/^(?:the|your)\s+/iu, '')).slice(0, 40))
    .filter(Boolean);
  rest = rest
    .replace(withParts ?? '', '')
    .replace(/[,\s]+/gu, ' ')
    .trim();
  const unread = [rest, introduce === undefined ? some! : ''].filter(Boolean);
  if (unread.length > 0) return { unread };
  return { introduce: numberRead(introduce!), bodyParts, perform };
}

/** `chain: squats, arm circles, hops`, `chain 3 at a time, performed slow, fast: reach + squat, hop`. */
function readChain(line: string, tools: LineTools): ChainReading | Unread | null {
  const match = /^chain\b([^:]*):\s*(.+)$/iu.exec(line);
  if (!match) return null;
  const head = readHead(match[1]!);
  if ('unread' in head) return head;
  const links = namesInRow(match[2]!);
  const whole = links.map((link) =>
    joinThens(link)
      .split(/\s+(?:\+|then)\s+/iu)
      .map((one) => readAction(one, tools)),
  );
  const unread = links.filter((_, n) => whole[n]!.includes(null));
  if (unread.length > 0) return { unread };
  return {
    kind: 'chain',
    ...head,
    actions: whole.flatMap((link) =>
      link.flatMap((action, n) => {
        if (!action) return [];
        const { dose, usualAmount } = action;
        const amounts = usualAmount ? [LINK_AMOUNTS[dose.unit]] : dose.amounts;
        return [{ ...action, dose: { ...dose, amounts }, joined: n > 0 }];
      }),
    ),
  };
}

/** "performed slow, fast": as it is typed; nothing for once as usual. */
function performanceAsTyped(perform: readonly Tempo[]): string {
  if (perform.length === 0) return 'not performed';
  const words = perform.map((tempo) => (typeof tempo === 'number' ? `at ${tempo} bpm` : tempo));
  return perform.length === 1 && perform[0] === 'usual' ? '' : `performed ${words.join(', ')}`;
}

/** "2 at a time, with “elbow” / “knee”, performed slow, fast". */
function headAsTyped({ introduce, bodyParts, perform }: Head) {
  return [
    introduce > 1 ? `${introduce} at a time` : '',
    bodyParts.length > 0 ? `with ${bodyParts.map(quoted).join(' / ')}` : '',
    performanceAsTyped(perform),
  ].filter(Boolean);
}

/** "2 at a time; with hands, elbows; performed slowly, then fast". */
function headInWords({ introduce, bodyParts, perform }: Head): readonly string[] {
  return [
    introduce > 1 ? `${introduce} at a time` : '',
    bodyParts.length > 0 ? `with ${bodyParts.join(', ')}` : '',
    perform.length === 0 ? 'not performed' : '',
    perform.length > 0 && performanceAsTyped(perform)
      ? `performed ${perform.map(tempoInWords).join(', then ')}`
      : '',
  ].filter(Boolean);
}

/** What was understood of a typed chain. */
function readBackChain({ actions, ...head }: ChainReading): string {
  const names = actions.map(({ move, joined }) => (joined ? `+ ${move.name}` : `, ${move.name}`));
  const links = names
    .join(' ')
    .replace(/^[,+] /u, '')
    .replaceAll(' ,', ',');
  return [`A growing chain: ${links}`, ...headInWords(head)].join('; ');
}

/** The chain as it is typed. */
function chainInLine(beat: Chain, book: MoveBook): string {
  const links = linksOf(beat).map((whole) =>
    whole.map((one) => typedAmongOthers(book, one)).join(' + '),
  );
  return `chain ${headAsTyped(beat).join(', ')}`.trimEnd() + `: ${inRow(links)}`;
}

/** A chain as it is typed. */
export const chainLine: LineFile<Chain, ChainReading> = {
  read: readChain,
  make: ({ actions, introduce, bodyParts, perform }, { newId }) => ({
    kind: 'chain',
    id: newId('bt'),
    say: '',
    links: actions.map(({ joined, ...one }) => ({ id: newId('ac'), ...bareAction(one), joined })),
    introduce,
    bodyParts,
    rehearseAfter: introduce > 1 ? [] : [3, 6].filter((n) => n < actions.length),
    perform: [...perform],
    performSay: '',
    ...AS_LED,
  }),
  readBack: readBackChain,
  line: chainInLine,
};
