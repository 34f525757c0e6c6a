<!-- The story's world, the room and how the presenter leads: sentences, folded away. -->
<script lang="ts">
  import {
    castInWords,
    FLOORS,
    listInWords,
    readCast,
    readList,
    usualLimits,
    type Defaults,
    type Limits,
    type Setting,
  } from '$core';
  import { BY_ITSELF, COUNT_IN_CHOICES, LED_CHOICES } from '$lib/beats/led-words';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineList from '$lib/ui/InlineList.svelte';
  import InlineLength from '$lib/ui/InlineLength.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import type { Desk } from './desk.svelte';
  import PresetLine from './PresetLine.svelte';
  import WorldLine from './WorldLine.svelte';

  const { desk }: { desk: Desk } = $props();

  const adventure = $derived(desk.adventure);
  const setting = $derived(adventure.setting);
  const FLOOR_WORDS = FLOORS.map(
    (floor) => [floor, floor === 'mats' ? 'mat-covered' : floor] as const,
  );
  const setRoom = (change: Partial<Setting['room']>, key: string) =>
    desk.setSetting({ room: { ...setting.room, ...change } }, key);
  const limits = $derived(adventure.limits);
  const usual = $derived(usualLimits(setting.ages));
  const setLimit = (change: Partial<Limits>) =>
    desk.set({ limits: { ...limits, ...change } }, 'limits');
  const setDefaults = (change: Partial<Defaults>, key: string) =>
    desk.set({ defaults: { ...adventure.defaults, ...change } }, key);
  const leave = () => desk.draft.closeStep();
</script>

<div class="leading-8">
  <p>
    It happens in
    <input
      class="inline-word min-w-24"
      aria-label="Name of the story's world"
      placeholder="which world?"
      maxlength="120"
      value={adventure.world.name}
      oninput={(event) => desk.setWorld({ name: event.currentTarget.value }, 'world')}
      onblur={leave}
    />, and the learning that rides along is
    <input
      class="inline-word min-w-24"
      aria-label="Learning"
      placeholder="counting, left and right…"
      maxlength="120"
      value={adventure.learning}
      oninput={(event) => desk.set({ learning: event.currentTarget.value }, 'learning')}
      onblur={leave}
    />.
  </p>
  <WorldLine {desk} />
  <p class="grid grid-cols-[auto_minmax(0,1fr)] items-baseline gap-x-2">
    <span>In it are</span>
    <InlineList
      text={castInWords(adventure.world.cast)}
      label="Cast of the story"
      placeholder="who? Pip (carries the post), Nettie (a goat)"
      onchange={(text) => desk.setWorld({ cast: readCast(text) }, 'cast')}
    />
    <span>Its words are</span>
    <InlineList
      text={listInWords(adventure.world.words)}
      label="Words of the story"
      placeholder="stilt, punt, reed…"
      onchange={(text) => desk.setWorld({ words: readList(text, 200, 120) }, 'words')}
    />
    <span>Its colours are</span>
    <InlineList
      text={listInWords(adventure.world.colours)}
      label="Colours of the story"
      placeholder="reed green, lamp yellow…"
      onchange={(text) => desk.setWorld({ colours: readList(text, 40, 120) }, 'colours')}
    />
    <span>At hand are</span>
    <InlineList
      text={listInWords(setting.kit)}
      label="Kit at hand"
      placeholder="mats, balls, chairs…"
      onchange={(text) => desk.setSetting({ kit: readList(text, 100, 80) }, 'kit')}
    />
  </p>
  <PresetLine {desk} />
  <p>
    The room is
    <InlineLength
      metres={setting.room.lengthMetres}
      label="Length of the room"
      max={200}
      bare
      onchange={(m) => setRoom({ lengthMetres: m }, 'length')}
    />
    by
    <InlineLength
      metres={setting.room.widthMetres}
      label="Width of the room"
      max={200}
      onchange={(m) => setRoom({ widthMetres: m }, 'width')}
    />,
    <InlineLength
      metres={setting.room.heightMetres}
      label="Height of the room"
      max={50}
      onchange={(m) => setRoom({ heightMetres: m }, 'height')}
    />
    high, with a
    <InlineChoice
      value={setting.room.floor}
      label="Floor"
      choices={FLOOR_WORDS}
      onchange={(floor) => setRoom({ floor }, 'floor')}
    /> floor and
    <InlineChoice
      value={setting.room.wallFree}
      label="A free wall"
      choices={[
        [true, 'a free stretch of wall'],
        [false, 'no wall to lean on'],
      ] as const}
      onchange={(wallFree) => setRoom({ wallFree }, 'wall')}
    />. Besides you there
    {setting.grownUps === 1 ? 'is' : 'are'}
    <InlineNumber
      value={setting.grownUps}
      label="Grown-ups besides you"
      min={0}
      max={30}
      onchange={(n) => desk.setSetting({ grownUps: Math.round(n) }, 'grownups')}
    />
    {setting.grownUps === 1 ? 'grown-up' : 'grown-ups'}.
  </p>
  <p>
    You lead
    <InlineChoice
      value={adventure.defaults.led}
      label="How you lead"
      choices={LED_CHOICES}
      onchange={(led) => setDefaults({ led }, 'led')}
    />,
    <InlineChoice
      value={adventure.defaults.countIn}
      label="Whether you count in"
      choices={[[null, BY_ITSELF[adventure.defaults.led].countIn], ...COUNT_IN_CHOICES]}
      onchange={(countIn) => setDefaults({ countIn }, 'countin')}
    />, and “three, two, one, go” takes you
    <InlineNumber
      value={adventure.defaults.countInSeconds}
      label="Seconds of count-in"
      min={0.5}
      max={10}
      step={0.1}
      onchange={(countInSeconds) => setDefaults({ countInSeconds }, 'countin seconds')}
    />
    s; facing the children you say
    <InlineChoice
      value={setting.mirror ?? ''}
      label="Whose left and right you say"
      choices={[
        ...(setting.mirror === null ? [['', 'whose left and right?'] as const] : []),
        [true, 'their left and right'],
        [false, 'your own left and right'],
      ]}
      onchange={(mirror) => {
        if (mirror !== '') desk.setSetting({ mirror }, 'mirror');
      }}
    />.
  </p>
  <p>
    The notes speak up above
    <InlineNumber
      value={limits.landings ?? usual.landings}
      label="Most landings in the session"
      max={5000}
      onchange={(landings) => setLimit({ landings: Math.round(landings) })}
    /> landings,
    <InlineNumber
      value={limits.listeningSeconds ?? usual.listeningSeconds}
      label="Most seconds of listening at a stretch"
      min={10}
      step={5}
      onchange={(seconds) => setLimit({ listeningSeconds: Math.round(seconds) })}
    /> s of listening and
    <InlineNumber
      value={limits.sentenceWords ?? usual.sentenceWords}
      label="Most words in a sentence"
      min={4}
      max={80}
      onchange={(words) => setLimit({ sentenceWords: Math.round(words) })}
    /> words in a sentence{#if limits.landings ?? limits.listeningSeconds ?? limits.sentenceWords},
      <button
        type="button"
        class="min-h-6 underline"
        onclick={() => setLimit({ landings: null, listeningSeconds: null, sentenceWords: null })}
        >back to the usual</button
      >{/if}.
  </p>
</div>
