<!-- Where the amount of a drawn move comes from. -->
<script lang="ts">
  import { deviceFile, DIE_SIDES, isSum, type AmountRule, type Draw } from '$core';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';

  type Props = { beat: Draw; change: (beat: Draw, key?: string) => void };
  const { beat, change }: Props = $props();

  const amount = $derived(beat.amount);
  const { hasNumber, isPlaces } = $derived(deviceFile(beat.device));
  const SUM = { times: 1, plus: 0, least: 3, most: 20, ask: false } as const;
  const SOURCES = $derived([
    ['dose', 'as much as its line says'],
    ...(hasNumber || amount.from === 'outcome'
      ? [
          [
            'outcome',
            beat.device.kind === 'deck' ? 'as many as the card says' : 'as many as the dice show',
          ] as const,
        ]
      : []),
    ['number die', 'as many as a number die shows'],
    ...(isPlaces || amount.from === 'room'
      ? [['room', 'as far as its spot is from the middle'] as const]
      : []),
  ] as const);
  const set = (next: AmountRule, key?: string) => change({ ...beat, amount: next }, key);

  function setSource(from: AmountRule['from']) {
    const kept = isSum(amount) ? amount : SUM;
    const { times, plus, least, most, ask } = kept;
    const sum = { times, plus, least, most, ask };
    if (from === 'dose' || from === 'room') set({ from });
    else if (from === 'outcome') set({ from, ...sum });
    else set({ from, sides: 6, dice: 1, ...sum });
  }
</script>

<span>
  <InlineChoice
    value={amount.from}
    label="Where the amount comes from"
    choices={SOURCES}
    onchange={setSource}
  />{#if amount.from === 'number die'}, with
    <InlineChoice
      value={amount.sides}
      label="Sides of the number die"
      choices={DIE_SIDES.map((sides) => [sides, `${sides} sides`] as const)}
      onchange={(sides) => set({ ...amount, sides })}
    />{/if}{#if isSum(amount)}, times
    <InlineNumber
      value={amount.times}
      label="Times"
      max={20}
      onchange={(times) => set({ ...amount, times: Math.round(times) }, 'times')}
    />
    and
    <InlineNumber
      value={amount.plus}
      label="And"
      min={-20}
      max={100}
      onchange={(plus) => set({ ...amount, plus: Math.round(plus) }, 'plus')}
    /> more, but never less than
    <InlineNumber
      value={amount.least}
      label="At least"
      onchange={(least) =>
        set(
          { ...amount, least: Math.round(least), most: Math.max(amount.most, Math.round(least)) },
          'floor',
        )}
    />
    or more than
    <InlineNumber
      value={amount.most}
      label="At most"
      onchange={(most) =>
        set(
          { ...amount, most: Math.round(most), least: Math.min(amount.least, Math.round(most)) },
          'ceiling',
        )}
    />,
    <InlineChoice
      value={amount.ask}
      label="The sum"
      choices={[
        [false, 'and you say the sum'],
        [true, 'and the children do the sum first'],
      ] as const}
      onchange={(ask) => set({ ...amount, ask })}
    />{/if}
</span>
