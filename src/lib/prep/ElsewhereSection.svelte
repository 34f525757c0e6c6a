<!-- The same adventure in another place: how long it is there, what does not fit, what to take. -->
<script lang="ts">
  import {
    capital,
    clockOf,
    insteadOf,
    lacksOf,
    moveBookOf,
    movesUsed,
    swapMove,
    toldLength,
    USUAL_PRESETS,
    type Setting,
  } from '$core';
  import type { AdventureDraft } from '$lib/store/open-draft';
  import { notices } from '$lib/ui/notices.svelte';
  import { preferences } from '$lib/store/preference-store.svelte';
  import { presets } from '$lib/store/preset-store.svelte';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';

  const { draft }: { draft: AdventureDraft } = $props();

  const adventure = $derived(draft.document);

  const all = $derived([...USUAL_PRESETS, ...presets.list]);
  let chosen = $state(0);

  const there = $derived<Setting>({ ...adventure.setting, ...all[chosen]?.setting });
  const book = $derived(moveBookOf(adventure));
  const LACKS: Readonly<Record<string, string>> = {
    mat: 'a mat',
    height: 'height to jump',
    wall: 'a free wall',
    room: 'room to run',
  };
  const changes = $derived(
    movesUsed(adventure).flatMap((move) => {
      const here = lacksOf(move, adventure.setting);
      const lacks = lacksOf(move, there).filter((what) => !here.includes(what));
      if (lacks.length === 0) return [];
      const instead = insteadOf(move, book.values(), there);
      return [{ move, lacks: lacks.map((what) => LACKS[what] ?? `a ${what}`), instead }];
    }),
  );
  const seconds = $derived(
    [adventure.setting, there].map(
      (setting) => toldLength(adventure, setting, preferences.pace).seconds,
    ),
  );

  /** Moves there: the setting is the other one, and what does not fit is swapped; one step to undo. */
  function goThere() {
    const { name } = all[chosen]!;
    draft.edit((now) =>
      changes.reduce(
        (script, { move, instead }) => (instead ? swapMove(script, move.id, instead) : script),
        { ...now, setting: there },
      ),
    );
    draft.closeStep();
    notices.say(`It is led in ${name} now.`, { label: 'Undo', run: () => draft.undo() });
  }
</script>

<section aria-labelledby="elsewhere-title">
  <h2 id="elsewhere-title" class="text-xl">Somewhere else, if it rains</h2>
  <p class="mt-1 leading-8">
    In
    <InlineChoice
      value={chosen}
      label="Another place"
      choices={all.map(({ name }, n) => [n, name] as const)}
      onchange={(n) => (chosen = n)}
    />
    {seconds[0] === seconds[1]
      ? `it takes just as long, ${clockOf(seconds[1]!)}.`
      : `it takes ${clockOf(seconds[1]!)} instead of ${clockOf(seconds[0]!)}.`}
    {changes.length === 0 ? 'Every move fits there too.' : ''}
  </p>
  {#if changes.length > 0}
    <ul data-elsewhere>
      {#each changes as { move, lacks, instead } (move.id)}
        <li class="border-t border-line py-2">
          <b>{capital(move.name)}</b> needs {lacks.join(' and ')}{#if instead}: do
            <b>{instead.name}</b> there instead{/if}.
        </li>
      {/each}
    </ul>
  {/if}
  <button type="button" class="mt-1 -ml-3 btn-quiet" onclick={goThere}>
    Lead it there{changes.some(({ instead }) => instead) ? ', with these swaps' : ''}
  </button>
</section>
