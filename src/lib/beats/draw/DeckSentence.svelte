<!-- Which cards are in the deck, and what court cards and jokers do. -->
<script lang="ts">
  import { newAction, type Ages, type Device, type Draw, type Entry, type MoveBook } from '$core';
  import { newId } from '$lib/store/new-id';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';

  type Deck = Extract<Device, { kind: 'deck' }>;
  type Props = {
    beat: Draw;
    device: Deck;
    ages: Ages;
    book: MoveBook;
    change: (beat: Draw, key?: string) => void;
  };
  const { beat, device, ages, book, change }: Props = $props();

  /** What a court card or a joker does until the presenter says otherwise: everybody is a star. */
  const OWN_MOVE = 'star-shape';

  const courts = $derived(
    beat.entries.some(({ cards }) => cards === 'courts')
      ? 'own'
      : device.courts === null
        ? 'rank'
        : 'ten',
  );
  const set = (part: Partial<Deck>, entries = beat.entries, key?: string) =>
    change({ ...beat, device: { ...device, ...part }, entries }, key);

  function withOwn(cards: 'courts' | 'jokers', wanted: boolean): readonly Entry[] {
    const others = beat.entries.filter((entry) => entry.cards !== cards);
    if (!wanted) return others;
    if (others.length < beat.entries.length) return beat.entries;
    const move = book.get(OWN_MOVE)!;
    const action = newAction(move, ages, newId);
    const label = cards === 'courts' ? 'court' : 'joker';
    return [...others, { id: newId('en'), label, faces: [], weight: 1, cards, action, then: [] }];
  }
  function setCourts(next: typeof courts) {
    const courtsCount = next === 'ten' ? 10 : next === 'rank' ? null : device.courts;
    set({ courts: courtsCount }, withOwn('courts', next === 'own'));
  }
</script>

from
<InlineNumber
  value={device.lowest}
  label="Lowest card"
  max={device.highest}
  onchange={(lowest) => set({ lowest: Math.round(lowest) }, beat.entries, 'lowest')}
/>
to
<InlineNumber
  value={device.highest}
  label="Highest card"
  min={device.lowest}
  max={13}
  onchange={(highest) => set({ highest: Math.round(highest) }, beat.entries, 'highest')}
/>{#if device.highest > 10}, where court cards
  <InlineChoice
    value={courts}
    label="Court cards"
    choices={[
      ['ten', 'count ten'],
      ['rank', 'count 11, 12 and 13'],
      ['own', 'have a move of their own'],
    ] as const}
    onchange={setCourts}
  />{/if}, with
<InlineChoice
  value={device.jokers}
  label="Jokers"
  choices={[
    [0, 'no jokers'],
    [1, 'one joker'],
    [2, 'two jokers'],
    [4, 'four jokers'],
  ] as const}
  onchange={(jokers) => set({ jokers }, withOwn('jokers', jokers > 0))}
/>, from
<InlineChoice
  value={device.copies}
  label="Decks"
  choices={[
    [1, 'one deck'],
    [2, 'two decks'],
    [3, 'three decks'],
  ] as const}
  onchange={(copies) => set({ copies })}
/>
