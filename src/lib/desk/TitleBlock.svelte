<!-- Title, the story's want, and for whom, where and how long: a sentence, not a form. -->
<script lang="ts">
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import LineArea from '$lib/ui/LineArea.svelte';
  import type { Desk } from './desk.svelte';
  import StoryAndRoom from './StoryAndRoom.svelte';

  const { desk }: { desk: Desk } = $props();

  const adventure = $derived(desk.adventure);
  const setting = $derived(adventure.setting);
  const AGES = [3, 4, 5, 6, 7].map((age) => [age, String(age)] as const);
  const setFrom = (from: number) =>
    desk.setSetting({ ages: { from, to: Math.max(from, setting.ages.to) } }, 'ages');
  const setTo = (to: number) =>
    desk.setSetting({ ages: { from: Math.min(to, setting.ages.from), to } }, 'ages');
  const leave = () => desk.draft.closeStep();
</script>

<div>
  <h1 class="sr-only">{adventure.title || 'An adventure without a title yet'}</h1>
  <LineArea
    value={adventure.title}
    label="Title of the adventure"
    placeholder="What is the adventure called?"
    most={120}
    class="-ml-1 font-heading text-3xl leading-tight font-extrabold sm:text-4xl"
    onchange={(title) => desk.set({ title: title.replace(/\s*\n\s*/gu, ' ') }, 'title')}
    onleave={leave}
  />
  <LineArea
    value={adventure.world.want}
    label="What the story wants"
    placeholder="What does somebody want? “The lamp has gone out, let us carry a new flame up.”"
    class="-ml-1 max-w-3xl text-lg"
    onchange={(want) => desk.setWorld({ want }, 'want')}
    onleave={leave}
  />
  <p class="mt-1 leading-8">
    For ages <InlineChoice
      value={setting.ages.from}
      label="Youngest age"
      choices={AGES}
      onchange={setFrom}
    />
    to <InlineChoice value={setting.ages.to} label="Oldest age" choices={AGES} onchange={setTo} />,
    a group of
    <InlineNumber
      value={setting.group}
      label="Children in the group"
      max={60}
      onchange={(group) => desk.setSetting({ group }, 'group')}
    />, in a slot of
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
        ['in the room', 'in the room with them'],
        ['filmed', 'filmed for them at home'],
      ] as const}
      onchange={(place) => desk.setSetting({ place }, 'place')}
    />.
  </p>
  <StoryAndRoom {desk} />
</div>
