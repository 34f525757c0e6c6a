<!-- What to gather: how many, what for, what stands in for it; ticked off as it is found. -->
<script lang="ts">
  import {
    capital,
    insteadOf,
    isShort,
    kitListOf,
    moveBookOf,
    movesUsed,
    pluralOf,
    swapMove,
    type KitLine,
    type Move,
    type Prop,
  } from '$core';
  import type { AdventureDraft } from '$lib/store/open-draft';
  import { notices } from '$lib/ui/notices.svelte';
  import X from '@lucide/svelte/icons/x';
  import { Gathered } from './gathered.svelte';

  const { draft }: { draft: AdventureDraft } = $props();

  const adventure = $derived(draft.document);
  const lines = $derived(kitListOf(adventure, adventure.setting));
  const gathered = $derived(new Gathered(adventure.id));
  $effect(() => {
    void gathered.load();
  });

  function share({ sharedBy, count }: KitLine): string {
    if (sharedBy === 'group') return count === 1 ? 'for everybody' : 'around the room';
    return sharedBy === 1 ? 'one each' : `one for ${sharedBy}`;
  }
  function there({ atHand, count }: KitLine): string {
    if (atHand === null || atHand >= count) return '';
    return atHand === 0 ? 'none at hand' : `${atHand} at hand, ${count - atHand} short`;
  }

  /** Moves that need what is short, each with one that does without it. */
  const swapsFor = ({ thing }: KitLine): { move: Move; instead: Move }[] =>
    movesUsed(adventure)
      .filter((move) => move.kit.includes(thing) || (thing === 'mat' && move.surface === 'mat'))
      .flatMap((move) => {
        const instead = insteadOf(move, moveBookOf(adventure).values(), adventure.setting);
        return instead ? [{ move, instead }] : [];
      });
  function swap(move: Move, instead: Move) {
    draft.edit((now) => swapMove(now, move.id, instead));
    draft.closeStep();
    notices.say(`${capital(instead.name)} instead of ${move.name}, wherever it stood.`, {
      label: 'Undo',
      run: () => draft.undo(),
    });
  }

  const setProps = (props: readonly Prop[], key: string) =>
    draft.edit((now) => ({ ...now, props }), key);
  const setProp = (n: number, change: Partial<Prop>) =>
    setProps(
      adventure.props.map((prop, at) => (at === n ? { ...prop, ...change } : prop)),
      `prop ${n}`,
    );
  let newThing = $state('');
  let newMeaning = $state('');
  function addProp() {
    const [thing, standsFor] = [newThing.trim(), newMeaning.trim()];
    if (!thing || !standsFor) return;
    setProps([...adventure.props, { thing, standsFor }], 'prop new');
    draft.closeStep();
    newThing = newMeaning = '';
  }
  const addOnEnter = (event: KeyboardEvent) => {
    if (event.key === 'Enter') addProp();
  };
</script>

<!-- A word of the story that is never left empty. -->
{#snippet word(label: string, most: number, value: string, change: (text: string) => void)}
  <input
    class="inline-word"
    aria-label={label}
    maxlength={most}
    {value}
    onchange={(event) => {
      const text = event.currentTarget.value.trim();
      if (text) change(text);
      else event.currentTarget.value = value;
    }}
  />
{/snippet}

<section aria-labelledby="kit-title">
  <h2 id="kit-title" class="text-xl">To gather</h2>
  {#if lines.length === 0}
    <p class="mt-1 text-soft">Nothing: just the children and the floor.</p>
  {:else}
    <ul class="mt-2">
      {#each lines as line (line.thing)}
        <li class="border-t border-line py-2">
          <label class="flex items-baseline gap-3">
            <input
              type="checkbox"
              class="checkbox size-5 shrink-0 translate-y-0.5"
              checked={gathered.has(line.thing)}
              onchange={(event) => void gathered.tick(line.thing, event.currentTarget.checked)}
            />
            <span class={gathered.has(line.thing) ? 'text-soft line-through' : ''}>
              <b class="tabular">{line.count} {pluralOf(line.thing, line.count)}</b>, {share(line)}
              {#if line.standsFor}<i>({line.standsFor})</i>{/if}
              <span class="text-soft">for {line.uses.join(', ')}</span>
            </span>
          </label>
          {#if isShort(line) && !gathered.has(line.thing)}
            <p class="pl-8 text-pencil">
              {there(line)}{line.household ? `. Instead: ${line.household}.` : '.'}
            </p>
            {#each swapsFor(line) as { move, instead } (move.id)}
              <p class="pl-8">
                Or without: <button
                  type="button"
                  class="min-h-6 underline decoration-water underline-offset-4"
                  onclick={() => swap(move, instead)}>{instead.name} instead of {move.name}</button
                >
              </p>
            {/each}
          {/if}
        </li>
      {/each}
    </ul>
  {/if}
  <h3 class="mt-5 text-lg">What each thing is in the story</h3>
  <ul class="leading-9">
    {#each adventure.props as prop, n (n)}
      <li class="flex flex-wrap items-baseline gap-x-2">
        The {@render word(`Thing ${n + 1}`, 80, prop.thing, (thing) => setProp(n, { thing }))} is
        {@render word(`What thing ${n + 1} stands for`, 120, prop.standsFor, (standsFor) =>
          setProp(n, { standsFor }),
        )}
        <button
          type="button"
          class="btn-quiet px-2! py-1!"
          aria-label="Leave out: the {prop.thing} is just a {prop.thing}"
          onclick={() =>
            setProps(
              adventure.props.filter((_, at) => at !== n),
              'prop out',
            )}
        >
          <X size={16} aria-hidden="true" />
        </button>
      </li>
    {/each}
    <li class="flex flex-wrap items-baseline gap-x-2">
      The
      <input
        class="inline-word min-w-28"
        aria-label="Another thing"
        placeholder="yellow sock"
        maxlength="80"
        bind:value={newThing}
        onkeydown={addOnEnter}
      />
      is
      <input
        class="inline-word min-w-28"
        aria-label="What it stands for"
        placeholder="the lamp oil"
        maxlength="120"
        bind:value={newMeaning}
        onkeydown={addOnEnter}
        onblur={addProp}
      />.
    </li>
  </ul>
</section>
