import {
  capital,
  countWord,
  chanceToTakeOver,
  counted,
  lengthInWords,
  meanOf,
  quantileOf,
  type Odds,
} from '$core';

/** Rarer than this is as good as never; likelier than one less this is as good as always. */
const HARDLY = 0.005;

/** "in 17 of 20 sessions", "in 1 of 36", "hardly ever", "always". */
export function chanceInWords(chance: number): string {
  if (chance <= 0) return 'never';
  if (chance >= 1) return 'always';
  if (chance < HARDLY) return 'hardly ever';
  if (chance > 1 - HARDLY) return 'nearly always';
  if (chance < 0.1) return `in 1 session of ${Math.round(1 / chance)}`;
  return `in ${Math.round(chance * 20)} of 20 sessions`;
}

const about = (mean: number) =>
  mean < 0.95 ? mean.toFixed(1) : mean < 10 ? String(Math.round(mean * 10) / 10) : mean.toFixed(0);

function howOften({ counts }: Odds, names: readonly string[]): string {
  const means = counts.map(meanOf);
  const [most, least] = [Math.max(...means), Math.min(...means)];
  if (most - least < 0.05) {
    const often = Math.abs(most - 1) < 0.005 ? 'once' : `about ${about(most)} times`;
    return `Each comes ${often}.`;
  }
  const [often, seldom] = [names[means.indexOf(most)], names[means.indexOf(least)]];
  return `Most often ${often}, about ${about(most)} times; least ${seldom}, about ${about(least)}.`;
}

function neverComes({ counts, allSeen }: Odds, names: readonly string[]): string {
  if (counts.length < 2) return '';
  const never = counts.map((distribution) => distribution[0] ?? 0);
  const lost = names.filter((_, n) => never[n]! >= 1);
  if (lost.length > 0) return `As it stands, ${lost.join(' and ')} can never come.`;
  if (allSeen > 1 - HARDLY) return 'You’ll meet every one of them.';
  const worst = Math.max(...never);
  const all = `You’ll meet every one of them ${chanceInWords(allSeen)}`;
  const alike = worst - Math.min(...never) < 0.001;
  const which = alike ? 'any one of them stays away' : `no ${names[never.indexOf(worst)]} at all`;
  return `${all}; ${which} ${chanceInWords(worst)}.`;
}

const times = (mean: number, one: string, many: string) =>
  `about ${about(mean)} ${Math.abs(mean - 1) < 0.05 ? one : many}`;

function repeats({ standIns, throwsAgain, repeats: same }: Odds): string {
  const parts: string[] = [];
  if (standIns > 0.05) parts.push(times(standIns, 'stand-in', 'stand-ins'));
  if (throwsAgain > 0.05)
    parts.push(times(throwsAgain, 'throw that doesn’t count', 'throws that don’t count'));
  if (standIns <= 0.05 && same > 0.05) {
    parts.push(`the same twice in a row ${times(same, 'time', 'times')}`);
  }
  return parts.length === 0 ? '' : `Expect ${parts.join(', ')}.`;
}

/** "40 to 60", or "40" where it is always the same. */
const between = ([few, many]: readonly (string | number)[]) =>
  few === many ? String(many) : `${few} to ${many}`;

/** "One of the six will probably not come": how many stay away, as a child could follow it. */
function whoStaysAway({ counts, allSeen }: Odds, names: readonly string[]): string {
  const never = counts.map((distribution) => distribution[0] ?? 0);
  const all = counts.length;
  if (all < 2) return '';
  const lost = names.filter((_, n) => never[n]! >= 1);
  if (lost.length > 0) return `As it stands, ${lost.join(' and ')} can never come.`;
  if (allSeen > 1 - HARDLY) return `You’ll meet all ${word(all)}.`;
  if (allSeen > 0.5) return `You’ll probably meet all ${word(all)}.`;
  const away = Math.max(1, Math.round(never.reduce((sum, chance) => sum + chance, 0)));
  const some = capital(word(away));
  return `${some} of the ${word(all)} will probably not come.`;
}
const word = (n: number) => countWord(n, 12);

/** As likely as this is told as "may well". Our own judgement. */
const MAY_WELL = 1 / 3;

/** "One of them may well come five times", or which one, where one is likelier than the others. */
function whoComesOften({ counts, often }: Odds, names: readonly string[]): string {
  if (counts.length < 2) return '';
  const means = counts.map(meanOf);
  const favourite = means.indexOf(Math.max(...means));
  const alike = Math.max(...means) - Math.min(...means) < 0.05;
  const most =
    alike && often
      ? often.findLastIndex((chance) => chance >= MAY_WELL)
      : quantileOf(counts[favourite]!, alike ? 0.9 : 1 - MAY_WELL);
  if (most < 2) return '';
  const who = alike ? 'One of them' : capital(names[favourite]!);
  const times = most === 2 ? 'twice' : `${word(most)} times`;
  return alike && !often ? `Any one may come ${times}.` : `${who} may well come ${times}.`;
}

/** What to expect, in two sentences that a child could follow. */
export function oddsInShort(odds: Odds, names: readonly string[]): string {
  return [whoStaysAway(odds, names), whoComesOften(odds, names)].filter(Boolean).join(' ');
}

/** "Some one of them comes seven times or more in 1 session of 9": worth a warning, exactly. */
function someOften({ counts, often }: Odds): string {
  if (!often || counts.length < 3) return '';
  const k = often.findIndex((chance) => chance < MAY_WELL);
  if (k < 3 || often[k]! < HARDLY) return '';
  return `Some one of them comes ${counted(k, 'time', 'times')} or more ${chanceInWords(often[k]!)}.`;
}

/** What to expect in numbers, the most telling first. */
export function oddsInWords(odds: Odds, names: readonly string[]): readonly string[] {
  const [few, many] = [quantileOf(odds.reps, 0.1), quantileOf(odds.reps, 0.9)];
  const takesOver = chanceToTakeOver(odds);
  const [landings, seconds] = [odds.landings, odds.seconds].map((sums) =>
    [0.1, 0.9].map((share) => quantileOf(sums, share)),
  ) as [number[], number[]];
  const draws = [quantileOf(odds.draws, 0.1), quantileOf(odds.draws, 0.9)];
  return [
    draws[0] === draws[1] ? '' : `${draws[0]} to ${draws[1]} draws, mostly.`,
    howOften(odds, names),
    neverComes(odds, names),
    someOften(odds),
    takesOver > HARDLY && names.length > 2
      ? `One of them is more than half of all ${chanceInWords(takesOver)}.`
      : '',
    repeats(odds),
    many === 0
      ? ''
      : few === many
        ? `${many} counted moves in all.`
        : `${few} to ${many} counted moves in all, in 8 sessions of 10.`,
    landings[1] === 0 ? '' : `They land ${between(landings)} times.`,
    seconds[0]! < 1 ? '' : `It takes ${between(seconds.map(lengthInWords))}.`,
    odds.method === 'simulated'
      ? `Played ${Math.round(Math.log(200) / (2 * odds.errorBound ** 2)).toLocaleString('en')} times, so every chance is right to within ${Math.ceil(odds.errorBound * 1000) / 10} in 100.`
      : '',
  ].filter(Boolean);
}
