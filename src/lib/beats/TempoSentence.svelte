<!-- How fast it is done, and in which directions. -->
<script lang="ts">
  import { BEATS_A_MINUTE, TEMPO_WORDS, type Dose, type Tempo } from '$core';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import InlineText from '$lib/ui/InlineText.svelte';

  type Props = {
    dose: Dose;
    active: boolean;
    onchange: (dose: Dose, key: string) => void;
  };
  const { dose, active, onchange }: Props = $props();

  const WORDS = {
    slow: 'slowly',
    usual: 'at the usual tempo',
    fast: 'fast',
    faster: 'faster and faster',
  } as const;
  const BEAT = 100;
  const SLOW_TO_FAST: readonly Tempo[] = ['slow', 'usual', 'fast'];

  type Choice = (typeof TEMPO_WORDS)[number] | 'beat' | 'three' | 'own';
  const chosen = $derived.by((): Choice => {
    const [first = 'usual', ...others] = dose.tempo;
    if (dose.tempo.join() === SLOW_TO_FAST.join()) return 'three';
    if (others.some((one) => one !== first)) return 'own';
    return typeof first === 'number' ? 'beat' : first;
  });
  const choices = $derived([
    ...TEMPO_WORDS.map((word) => [word, WORDS[word]] as const),
    ['beat', 'on the beat'] as const,
    ['three', 'slowly, as usual, then fast'] as const,
    ...(chosen === 'own' ? [['own', dose.tempo.join(', then ')] as const] : []),
  ]);
  function choose(next: Choice) {
    if (next === 'own') return;
    if (next === 'three') {
      const first = dose.amounts[0]!;
      const amounts = dose.amounts.length < 3 ? [first, first, first] : dose.amounts;
      return onchange({ ...dose, amounts, tempo: SLOW_TO_FAST }, 'tempo');
    }
    const tempo: readonly Tempo[] = next === 'beat' ? [BEAT] : next === 'usual' ? [] : [next];
    onchange({ ...dose, tempo }, 'tempo');
  }

  const PAIRS = {
    none: [],
    forwards: ['forwards', 'back'],
    round: ['one way', 'the other way'],
  } as const;
  type Way = keyof typeof PAIRS | 'own';
  const way = $derived.by((): Way => {
    const said = dose.directions.join();
    const known = (Object.keys(PAIRS) as (keyof typeof PAIRS)[]).find(
      (one) => PAIRS[one].join() === said,
    );
    return known ?? 'own';
  });
  function setWay(next: Way) {
    const directions = next === 'own' ? ['to the window', 'to the door'] : PAIRS[next];
    onchange({ ...dose, directions }, 'directions');
  }
  function setOwn(text: string) {
    const directions = text
      .split(',')
      .map((one) => one.trim())
      .filter(Boolean)
      .slice(0, 4);
    if (directions.length > 0) onchange({ ...dose, directions }, 'directions');
  }
</script>

{#if active || dose.tempo.length > 0},
  <InlineChoice
    value={chosen}
    label="How fast"
    {choices}
    onchange={choose}
  />{#if chosen === 'beat'}&nbsp;at
    <InlineNumber
      value={Number(dose.tempo[0])}
      label="Counts a minute"
      min={BEATS_A_MINUTE.least}
      max={BEATS_A_MINUTE.most}
      step={4}
      onchange={(beats) => onchange({ ...dose, tempo: [Math.round(beats)] }, 'beat')}
    /> a minute{/if}{/if}{#if active || dose.directions.length > 0},
  <InlineChoice
    value={way}
    label="In which directions"
    choices={[
      ['none', 'in one direction'],
      ['forwards', 'forwards, then back'],
      ['round', 'one way, then the other'],
      ['own', 'in directions of your own'],
    ] as const}
    onchange={setWay}
  />{#if way === 'own'}:
    <InlineText
      value={dose.directions.join(', ')}
      label="The directions, with commas between"
      class="min-w-40"
      maxlength={200}
      onchange={setOwn}
    />{/if}{/if}
