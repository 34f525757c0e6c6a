import { chanceToTakeOver, lengthInWords, meanOf, quantileOf, type Odds } from '$core';

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
  if (allSeen > 1 - HARDLY) return 'You will meet every one of them.';
  const worst = Math.max(...never);
  const all = `You will meet every one of them ${chanceInWords(allSeen)}`;
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
    parts.push(times(throwsAgain, 'throw that does not count', 'throws that do not count'));
  if (standIns <= 0.05 && same > 0.05) {
    parts.push(`the same twice running ${times(same, 'time', 'times')}`);
  }
  return parts.length === 0 ? '' : `Expect ${parts.join(', ')}.`;
}

/** "40 to 60", or "40" where it is always the same. */
const between = ([few, many]: readonly (string | number)[]) =>
  few === many ? String(many) : `${few} to ${many}`;

/** What to expect, in sentences a presenter would say, the most telling first. */
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
      ? `Played ${Math.round(Math.log(200) / (2 * odds.errorBound ** 2)).toLocaleString('en')} times: every chance is good to ${Math.ceil(odds.errorBound * 1000) / 10} in 100.`
      : '',
  ].filter(Boolean);
}
