<!-- A setting taken from those that are kept, or kept under a name. -->
<script lang="ts">
  import { USUAL_PRESETS } from '$core';
  import { presets } from '$lib/store/preset-store.svelte';
  import { notices } from '$lib/ui/notices.svelte';
  import type { Desk } from './desk.svelte';

  const { desk }: { desk: Desk } = $props();

  let name = $state('');

  const all = $derived([...USUAL_PRESETS, ...presets.list]);

  function take(select: HTMLSelectElement) {
    const preset = all[Number(select.value)];
    select.value = '';
    if (!preset) return;
    desk.setSetting(preset.setting, 'preset');
    desk.draft.closeStep();
  }
  async function keep() {
    const given = name.trim();
    if (!given) return;
    const isKept = await presets.keep(given, desk.adventure.setting);
    if (!isKept) {
      return notices.say('Forty places are kept already. Settings can throw one away.');
    }
    name = '';
    notices.say(`“${given}” is kept, for other adventures too.`, {
      label: 'Undo',
      run: async () => void (await presets.remove(given)),
    });
  }
</script>

<p>
  As in
  <select
    class="inline-word"
    aria-label="Take a setting"
    value=""
    onchange={(event) => take(event.currentTarget)}
  >
    <option value="">which place?</option>
    {#each all as preset, n (n)}<option value={n}>{preset.name}</option>{/each}
  </select>; or keep this setting as
  <input
    class="inline-word min-w-24"
    aria-label="Keep this setting as"
    placeholder="Tuesday’s hall"
    maxlength="60"
    bind:value={name}
    onkeydown={(event) => {
      if (event.key === 'Enter') void keep();
    }}
  />
  {#if name.trim()}<button type="button" class="min-h-6 underline" onclick={keep}>keep it</button
    >{/if}
</p>
