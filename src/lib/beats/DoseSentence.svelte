<!-- A dose as a sentence whose words can be changed. -->
<script lang="ts">
  import {
    isCounted,
    turnsInWords,
    withAmounts,
    type Ages,
    MAX_AMOUNT,
    MAX_SETS,
    type Dose,
    type DoseSides,
    type DoseUnit,
    type Move,
  } from '$core';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import AskedSentence from './AskedSentence.svelte';
  import TempoSentence from './TempoSentence.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import { tip } from '$lib/ui/parts/tip';

  type Props = {
    dose: Dose;
    move: Move;
    ages: Ages;
    /** Everything that can be changed is in sight; else only what is out of the ordinary. */
    active: boolean;
    onchange: (dose: Dose, key: string) => void;
  };
  const { dose, move, ages, active, onchange }: Props = $props();

  /** What is seldom asked for is in sight once it is wanted, or there. */
  let wanted = $state(false);
  const more = $derived(active && wanted);
  const isByAge = $derived(dose.asked?.as === 'by age');

  let typed = $state<string | null>(null);

  const ladder = $derived(new Set(dose.amounts).size > 1);
  const shown = $derived(typed ?? (ladder ? dose.amounts.join(', ') : String(dose.amounts[0])));
  const counted = $derived(isCounted(dose.unit));

  const UNITS: readonly (readonly [DoseUnit, string])[] = [
    ['reps', 'reps'],
    ['steps', 'steps'],
    ['seconds', 'seconds'],
    ['hold', 'second hold'],
    ['metres', 'metres'],
  ];
  const travels = $derived(move.metresPerRep > 0);
  const units = $derived(
    UNITS.filter(([unit]) => unit !== 'metres' || travels || dose.unit === unit),
  );
  const TIMES: readonly (readonly [number, string])[] = [
    [1, 'once'],
    [2, 'twice'],
    ...Array.from({ length: MAX_SETS - 2 }, (_, n) => [n + 3, `${n + 3} times`] as const),
  ];
  const SIDES: readonly (readonly [DoseSides, string])[] = [
    ['each', 'on each side'],
    ['left', 'on the left'],
    ['right', 'on the right'],
    ['any', 'on any side'],
  ];

  const WAYS = [
    [1, 'one way'],
    [2, 'there and back'],
  ] as const;
  const TURNS: readonly (readonly [Dose['atOnce'], string])[] = [
    [null, 'all together'],
    ['half', 'half at a time'],
    ...[1, 2, 3, 4, 5, 6, 8, 10].map((n) => [n, turnsInWords(n)] as const),
  ];
  const turns = $derived(
    TURNS.some(([atOnce]) => atOnce === dose.atOnce)
      ? TURNS
      : [...TURNS, [dose.atOnce, turnsInWords(dose.atOnce)] as const],
  );
  const COUNTS = [
    ['on', 'counting on'],
    ['back', 'counting back'],
  ] as const;

  function readAmounts(text: string): number[] | null {
    const amounts = text
      .split(/[\s,]+/u)
      .filter(Boolean)
      .map(Number);
    const good = amounts.every((n) => Number.isInteger(n) && n >= 1 && n <= MAX_AMOUNT);
    return good && amounts.length >= 1 && amounts.length <= MAX_SETS ? amounts : null;
  }
  const wrong = $derived(typed !== null && readAmounts(typed) === null);

  function setAmounts(amounts: number[]) {
    const sets = dose.amounts.length;
    const all =
      amounts.length === 1 && !ladder ? Array.from({ length: sets }, () => amounts[0]!) : amounts;
    onchange(withAmounts(dose, all), 'amounts');
  }
  function input(text: string) {
    typed = text;
    const amounts = readAmounts(text);
    if (amounts) setAmounts(amounts);
  }
  function nudge(event: KeyboardEvent) {
    const by = { ArrowUp: 1, ArrowDown: -1 }[event.key];
    if (by === undefined || event.altKey || event.ctrlKey) return;
    event.preventDefault();
    typed = null;
    const amounts = dose.amounts.map((n) => Math.min(MAX_AMOUNT, Math.max(1, n + by)));
    onchange(withAmounts(dose, amounts), 'amounts');
  }
  function setTimes(times: number) {
    onchange({ ...dose, amounts: Array.from({ length: times }, () => dose.amounts[0]!) }, 'sets');
  }
</script>

<span class="leading-8">
  {#if !isByAge}<input
      class={['inline-word text-center tabular', wrong && 'border-pencil! text-pencil']}
      aria-label="How many; several numbers make a ladder"
      aria-invalid={wrong}
      {@attach tip('Several numbers make a ladder: 10, 15, 20')}
      value={shown}
      oninput={(event) => input(event.currentTarget.value)}
      onfocus={(event) => event.currentTarget.select()}
      onkeydown={nudge}
      onblur={() => (typed = null)}
    />{/if}
  <InlineChoice
    value={dose.unit}
    label="What is counted"
    choices={units}
    onchange={(unit) => onchange({ ...dose, unit }, 'unit')}
  />{#if more || dose.asked}{isByAge ? ' ' : ', '}<AskedSentence
      {dose}
      {ages}
      {onchange}
    />{/if}{#if !ladder && (active || dose.amounts.length > 1)},
    <InlineChoice
      value={dose.amounts.length}
      label="How often"
      choices={TIMES}
      onchange={setTimes}
    />{/if}{#if (active && move.sided) || dose.sides !== 'any'},
    <InlineChoice
      value={dose.sides}
      label="Which side"
      choices={SIDES}
      onchange={(sides) => onchange({ ...dose, sides }, 'sides')}
    />{/if}{#if (active && travels) || dose.ways === 2},
    <InlineChoice
      value={dose.ways}
      label="Which way"
      choices={WAYS}
      onchange={(ways) => onchange({ ...dose, ways }, 'ways')}
    />{/if}{#if more || dose.atOnce !== null},
    <InlineChoice
      value={dose.atOnce}
      label="How many go at a time"
      choices={turns}
      onchange={(atOnce) => onchange({ ...dose, atOnce }, 'atOnce')}
    />{/if}{#if (active && counted) || dose.count === 'back'},
    <InlineChoice
      value={dose.count}
      label="How the leader counts"
      choices={COUNTS}
      onchange={(count) => onchange({ ...dose, count }, 'count')}
    />{/if}{#if dose.amounts.length > 1 && (active || dose.restSeconds > 0)}, rest
    <InlineNumber
      value={dose.restSeconds}
      label="Seconds of rest between sets"
      min={0}
      max={300}
      step={5}
      onchange={(restSeconds) => onchange({ ...dose, restSeconds }, 'rest')}
    /> s between{/if}<TempoSentence {dose} active={more} {onchange} />{#if active && !wanted}<button
      type="button"
      class="ml-2 min-h-6 text-sm text-soft underline"
      onclick={() => (wanted = true)}>by age, by turns, how fast, which way…</button
    >{/if}
</span>
