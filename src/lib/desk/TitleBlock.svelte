<!-- Title, the story's want, and for whom, where and how long: a sentence, not a form. -->
<script lang="ts">
  import {
    castInWords,
    FLOORS,
    listInWords,
    readCast,
    readList,
    type Adventure,
    type Setting,
  } from '$core';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineList from '$lib/ui/InlineList.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import LineArea from '$lib/ui/LineArea.svelte';
  import { SHOWING_WORDS } from '$lib/beats/editor';
  import type { Desk } from './desk.svelte';

  const { desk }: { desk: Desk } = $props();

  const adventure = $derived(desk.adventure);
  const setting = $derived(adventure.setting);
  const AGES = [3, 4, 5, 6, 7].map((age) => [age, String(age)] as const);
  const FLOOR_WORDS = FLOORS.map(
    (floor) => [floor, floor === 'mats' ? 'mat-covered' : floor] as const,
  );

  const set = (change: Partial<Adventure>, key: string) =>
    desk.edit((now) => ({ ...now, ...change }), key);
  const setSetting = (change: Partial<Setting>, key: string) =>
    desk.edit((now) => ({ ...now, setting: { ...now.setting, ...change } }), key);
  const setRoom = (change: Partial<Setting['room']>, key: string) =>
    setSetting({ room: { ...setting.room, ...change } }, key);
  const setWorld = (change: Partial<Adventure['world']>, key: string) =>
    set({ world: { ...adventure.world, ...change } }, key);
  const setFrom = (from: number) =>
    setSetting({ ages: { from, to: Math.max(from, setting.ages.to) } }, 'ages');
  const setTo = (to: number) =>
    setSetting({ ages: { from: Math.min(to, setting.ages.from), to } }, 'ages');
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
    onchange={(title) => set({ title: title.replace(/\s*\n\s*/gu, ' ') }, 'title')}
    onleave={leave}
  />
  <LineArea
    value={adventure.world.want}
    label="What the story wants"
    placeholder="What does somebody want? “The lamp has gone out, let us carry a new flame up.”"
    class="-ml-1 max-w-3xl text-lg"
    onchange={(want) => setWorld({ want }, 'want')}
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
      onchange={(group) => setSetting({ group }, 'group')}
    />, in a slot of
    <InlineNumber
      value={Math.round((setting.slotSeconds / 60) * 10) / 10}
      label="Minutes in the slot"
      min={0.5}
      max={120}
      onchange={(minutes) => setSetting({ slotSeconds: Math.round(minutes * 60) }, 'slot')}
    /> minutes,
    <InlineChoice
      value={setting.place}
      label="Filmed or in the room"
      choices={[
        ['in the room', 'in the room with them'],
        ['filmed', 'filmed for them at home'],
      ] as const}
      onchange={(place) => setSetting({ place }, 'place')}
    />.
  </p>
  <details class="mt-1">
    <summary class="w-fit cursor-pointer py-1 text-soft hover:text-ink"
      >The story, the room, how you lead</summary
    >
    <div class="mt-1 border-l-2 border-line pl-5 leading-8">
      <p>
        It happens in
        <input
          class="inline-word min-w-24"
          aria-label="Name of the story's world"
          placeholder="which world?"
          maxlength="120"
          value={adventure.world.name}
          oninput={(event) => setWorld({ name: event.currentTarget.value }, 'world')}
          onblur={leave}
        />, and the learning that rides along is
        <input
          class="inline-word min-w-24"
          aria-label="Learning"
          placeholder="counting, left and right…"
          maxlength="120"
          value={adventure.learning}
          oninput={(event) => set({ learning: event.currentTarget.value }, 'learning')}
          onblur={leave}
        />.
      </p>
      <p class="grid items-baseline gap-x-2 sm:grid-cols-[auto_minmax(0,1fr)]">
        <span>In it are</span>
        <InlineList
          text={castInWords(adventure.world.cast)}
          label="Cast of the story"
          placeholder="who? Pip (carries the post), Nettie (a goat)"
          onchange={(text) => setWorld({ cast: readCast(text) }, 'cast')}
        />
        <span>Its words are</span>
        <InlineList
          text={listInWords(adventure.world.words)}
          label="Words of the story"
          placeholder="stilt, punt, reed…"
          onchange={(text) => setWorld({ words: readList(text, 200, 120) }, 'words')}
        />
        <span>Its colours are</span>
        <InlineList
          text={listInWords(adventure.world.colours)}
          label="Colours of the story"
          placeholder="reed green, lamp yellow…"
          onchange={(text) => setWorld({ colours: readList(text, 40, 120) }, 'colours')}
        />
        <span>At hand are</span>
        <InlineList
          text={listInWords(setting.kit)}
          label="Kit at hand"
          placeholder="mats, balls, chairs…"
          onchange={(text) => setSetting({ kit: readList(text, 100, 80) }, 'kit')}
        />
      </p>
      <p>
        The room is
        <InlineNumber
          value={setting.room.lengthMetres}
          label="Length of the room in metres"
          min={0}
          max={200}
          onchange={(m) => setRoom({ lengthMetres: m }, 'length')}
        />
        by
        <InlineNumber
          value={setting.room.widthMetres}
          label="Width of the room in metres"
          min={0}
          max={200}
          onchange={(m) => setRoom({ widthMetres: m }, 'width')}
        /> m,
        <InlineNumber
          value={setting.room.heightMetres}
          label="Height of the room in metres"
          min={0}
          max={50}
          step={0.1}
          onchange={(m) => setRoom({ heightMetres: m }, 'height')}
        />
        m high, with a
        <InlineChoice
          value={setting.room.floor}
          label="Floor"
          choices={FLOOR_WORDS}
          onchange={(floor) => setRoom({ floor }, 'floor')}
        /> floor.
      </p>
      <p>
        New moves are
        <InlineChoice
          value={adventure.defaults.show}
          label="When new moves are shown"
          choices={SHOWING_WORDS}
          onchange={(show) => set({ defaults: { ...adventure.defaults, show } }, 'show')}
        />, with a count-in of
        <InlineNumber
          value={adventure.defaults.countInSeconds}
          label="Seconds of count-in"
          min={0}
          max={10}
          onchange={(s) =>
            set({ defaults: { ...adventure.defaults, countInSeconds: s } }, 'countin')}
        />
        s; facing the children you say
        <InlineChoice
          value={setting.mirror}
          label="Whose left and right you say"
          choices={[
            [true, 'their left and right'],
            [false, 'your own left and right'],
          ] as const}
          onchange={(mirror) => setSetting({ mirror }, 'mirror')}
        />.
      </p>
    </div>
  </details>
</div>
