<!-- How the amount is put to the children: for all alike, by age, from least to most, or left to them. -->
<script lang="ts">
  import { AGE_NAMES, amountAtAge, isCounted, MAX_AMOUNT, type Ages, type Dose } from '$core';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import InlineText from '$lib/ui/InlineText.svelte';

  type Props = {
    dose: Dose;
    ages: Ages;
    onchange: (dose: Dose, key: string) => void;
  };
  const { dose, ages, onchange }: Props = $props();

  const asked = $derived(dose.asked);
  const amount = $derived(Math.max(...dose.amounts));
  const openWords = $derived(isCounted(dose.unit) ? 'as many as you like' : 'as long as you can');
  const unit = $derived(isCounted(dose.unit) ? '' : dose.unit === 'metres' ? ' m' : ' s');
  const choices = $derived([
    ['all', 'the same for all'],
    ['by age', 'by age'],
    ['range', 'the youngest do less'],
    ['open', 'left to them'],
  ] as const);

  /** The ages of the group, two of them at least: an amount for each. */
  const named = $derived.by(() => {
    const { from, to } = ages.from < ages.to ? ages : { from: Math.min(6, ages.from), to: 7 };
    return Array.from({ length: to - from + 1 }, (_, n) => from + n);
  });
  function ask(as: 'all' | 'by age' | 'range' | 'open') {
    const made = {
      all: null,
      'by age': { as: 'by age', ages: named.map((age) => ({ age, amount })) },
      range: { as: 'range', least: Math.max(1, Math.round(amount * 0.75)) },
      open: { as: 'open', words: openWords },
    } as const;
    onchange({ ...dose, asked: made[as] }, 'asked');
  }
  function setAge(age: number, wanted: number) {
    if (asked?.as !== 'by age') return;
    const all = new Set([...asked.ages.map((one) => one.age), age]);
    const next = [...all]
      .sort((a, b) => a - b)
      .map((one) => ({
        age: one,
        amount: one === age ? Math.round(wanted) : amountAtAge(dose, amount, one),
      }));
    const most = Math.max(...next.map((one) => one.amount));
    const amounts = dose.amounts.map(() => most);
    onchange({ ...dose, amounts, asked: { as: 'by age', ages: next } }, `age.${age}`);
  }
</script>

<InlineChoice
  value={asked?.as ?? 'all'}
  label="For whom how much"
  {choices}
  onchange={ask}
/>{#if asked?.as === 'by age'}:
  {#each named as age, n (age)}{n > 0 ? ', ' : ''}{AGE_NAMES[age]}
    <InlineNumber
      value={amountAtAge(dose, amount, age)}
      label="How much for {AGE_NAMES[age]}"
      max={MAX_AMOUNT}
      onchange={(wanted) => setAge(age, wanted)}
    />{unit}{/each}{:else if asked?.as === 'range'}, from
  <InlineNumber
    value={asked.least}
    label="How much for the youngest"
    max={MAX_AMOUNT}
    onchange={(least) =>
      onchange({ ...dose, asked: { as: 'range', least: Math.round(least) } }, 'least')}
  />{unit}{:else if asked?.as === 'open'}: “<InlineText
    value={asked.words}
    label="How it is left to them"
    onchange={(words) => {
      if (words.trim()) onchange({ ...dose, asked: { as: 'open', words } }, 'open');
    }}
  />”{/if}
