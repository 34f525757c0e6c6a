<!-- For whom, where and how long: a sentence, not a form. -->
<script lang="ts">
  import InlineAges from '$lib/ui/InlineAges.svelte';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import type { Desk } from './desk.svelte';

  const { desk }: { desk: Desk } = $props();

  const setting = $derived(desk.adventure.setting);
</script>

<p class="leading-7">
  Ages
  <InlineAges ages={setting.ages} onchange={(ages) => desk.setSetting({ ages }, 'ages')} />,
  <InlineNumber
    value={setting.group}
    label="Children in the group"
    max={60}
    onchange={(group) => desk.setSetting({ group }, 'group')}
  />
  {setting.group === 1 ? 'child' : 'children'},
  <InlineNumber
    value={Math.round((setting.slotSeconds / 60) * 10) / 10}
    label="Minutes in the slot"
    min={0.5}
    max={120}
    onchange={(minutes) => desk.setSetting({ slotSeconds: Math.round(minutes * 60) }, 'slot')}
  /> minutes,
  <InlineChoice
    value={setting.place}
    label="Filmed or in the room"
    choices={[
      ['in the room', 'in the room'],
      ['filmed', 'filmed for home'],
    ] as const}
    onchange={(place) => desk.setSetting({ place }, 'place')}
  />
</p>
