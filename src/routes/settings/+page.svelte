<script lang="ts">
  import { LENGTH_UNITS, lengthIn, LOOK_CHOICES, type LookChoice } from '$core';
  import BackupSection from '$lib/backup/BackupSection.svelte';
  import LookPicture from '$lib/figures/LookPicture.svelte';
  import PaceSection from '$lib/settings/PaceSection.svelte';
  import { keepOwnMusic, MOST_MUSIC_BYTES } from '$lib/stage/own-music';
  import { presets } from '$lib/store/preset-store.svelte';
  import { shelf } from '$lib/store/shelf.svelte';
  import { trash } from '$lib/store/trash.svelte';
  import { preferences } from '$lib/store/preference-store.svelte';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import KeptAside from '$lib/ui/KeptAside.svelte';
  import { notices } from '$lib/ui/notices.svelte';
  import FileButton from '$lib/ui/parts/FileButton.svelte';
  import Segments from '$lib/ui/parts/Segments.svelte';
  import Slide from '$lib/ui/parts/Slide.svelte';
  import Switch from '$lib/ui/parts/Switch.svelte';

  import { resolve } from '$app/paths';

  const { data } = $props();
  let music = $derived(data.music);

  $effect(() => shelf.follow());
  async function takeMusic(file: File) {
    if (file.size > MOST_MUSIC_BYTES) {
      notices.say(`“${file.name}” is larger than 25 MB: take a shorter one.`);
      return;
    }
    music = { name: file.name, file };
    await keepOwnMusic(music);
  }
  async function dropMusic() {
    music = null;
    await keepOwnMusic(null);
  }

  const percent = (value: number) => `${Math.round(value * 100)} %`;
  const LOOK_WORDS: Readonly<Record<LookChoice, string>> = {
    mixed: 'all of them',
    reed: 'short hair',
    lamp: 'curls',
    dusk: 'a pony tail',
    clay: 'plaits',
    chalk: 'a bun',
    punt: 'a headscarf',
  };

  async function forget(name: string) {
    const place = await presets.remove(name);
    notices.say(`“${name}” is removed.`, {
      label: 'Undo',
      run: async () => {
        await trash.putBack(place);
        await presets.load();
      },
    });
  }
  /** Some of the demo was rewritten: it is asked before that goes too. */
  let asked = $state(false);
  async function removeDemo() {
    await shelf.whole();
    const rewritten = shelf.rewrittenDemo;
    if (rewritten.length > 0 && !asked) {
      asked = true;
      return;
    }
    asked = false;
    const places = await shelf.removeAll(shelf.records.filter(({ demo }) => demo));
    notices.say('The demo adventures are off your shelf.', {
      label: 'Undo',
      run: async () => {
        for (const place of places) await trash.putBack(place);
        await shelf.refresh();
      },
    });
  }
  async function bringBack() {
    await shelf.putOutDemo();
    notices.say('The demo adventures are on your shelf.');
  }
</script>

{#snippet loudness(label: string, value: number, onvolume: (volume: number) => void)}
  <p class="mt-3 flex max-w-md items-center gap-4">
    <span>Quiet</span>
    <Slide {label} {value} min={0} max={1} step={0.05} inWords={percent} onchange={onvolume} />
    <span>loud</span>
  </p>
{/snippet}

<svelte:head><title>Settings · Arrup</title></svelte:head>

<main id="main" tabindex="-1" class="mx-auto max-w-3xl px-4 pb-24 text-lg sm:px-6">
  <h1 class="pt-8 text-4xl">Settings</h1>
  <KeptAside stores={['preferences', 'presets']} />

  <PaceSection />

  <section class="mt-8 border-t border-line pt-5">
    <h2 class="text-2xl">Notes beside your script</h2>
    <Switch
      checked={preferences.current.wordNotes}
      onchange={(wordNotes) => void preferences.change({ wordNotes })}
    >
      Tell me of words that may shame, frighten or leave somebody out
    </Switch>
  </section>

  <section class="mt-8 border-t border-line pt-5">
    <h2 class="text-2xl">Sound on the Stage</h2>
    {@render loudness(
      'Loudness of the Stage’s sounds',
      preferences.current.volume,
      (volume) => void preferences.change({ volume, muted: false }),
    )}
    <Switch
      checked={preferences.current.muted}
      onchange={(muted) => void preferences.change({ muted })}
    >
      No sound at all
    </Switch>
    <Switch
      checked={preferences.current.music}
      onchange={(music) => void preferences.change({ music })}
    >
      A little music while they travel or work by the clock; it stops for a freeze
    </Switch>
    {#if preferences.current.music}
      <div class="mt-2 ml-9">
        {@render loudness(
          'Loudness of the music',
          preferences.current.musicVolume,
          (volume) => void preferences.change({ musicVolume: volume }),
        )}
        <p class="mt-2">
          {music ? `It’s “${music.name}”, from this browser.` : 'It’s a small tune of Arrup’s own.'}
          <FileButton
            label="Music of your own"
            accept="audio/*"
            class="min-h-6 underline"
            onfile={(file) => void takeMusic(file)}>Take a sound file of yours</FileButton
          >
          {#if music}
            <button type="button" class="min-h-6 underline" onclick={dropMusic}
              >back to the small tune</button
            >
          {/if}
        </p>
      </div>
    {/if}
    <Switch
      checked={preferences.current.speak}
      onchange={(speak) => void preferences.change({ speak })}
    >
      Read my lines aloud, with a voice of this device, if it has one
    </Switch>
  </section>

  <section class="mt-8 border-t border-line pt-5">
    <h2 class="text-2xl">Who is in the pictures</h2>
    <p class="mt-2 text-soft">
      On the Stage, on every page and in print. Where a move is done sitting down, the one with the
      pony tail and the one with the bun sit in a wheelchair, the others on a chair.
    </p>
    <Segments
      label="Who is in the pictures"
      value={preferences.current.look}
      choices={LOOK_CHOICES.map((choice) => [choice, LOOK_WORDS[choice]] as const)}
      onchange={(look) => void preferences.change({ look })}
    >
      {#snippet picture(choice)}<LookPicture {choice} size={80} />{/snippet}
    </Segments>
  </section>

  <section class="mt-8 border-t border-line pt-5">
    <h2 class="text-2xl">Lengths, day and night</h2>
    <p class="mt-2 leading-9">
      Rooms are measured in
      <InlineChoice
        value={preferences.current.unit}
        label="Unit of length"
        choices={LENGTH_UNITS.map((unit) => [unit, unit] as const)}
        onchange={(unit) => void preferences.change({ unit })}
      />. The pages are
      <InlineChoice
        value={preferences.mode}
        label="Light or dark"
        choices={[
          ['system', 'as this device has it'],
          ['light', 'light'],
          ['dark', 'dark'],
        ] as const}
        onchange={(mode) => preferences.setMode(mode)}
      />.
    </p>
  </section>

  {#if presets.list.length > 0}
    <section class="mt-8 border-t border-line pt-5">
      <h2 class="text-2xl">Your settings</h2>
      <ul class="mt-2">
        {#each presets.list as { name, setting } (name)}
          <li class="flex flex-wrap items-baseline justify-between gap-3 border-t border-line py-2">
            <span
              ><b>{name}</b>
              <span class="text-soft"
                >{lengthIn(setting.room.lengthMetres, preferences.current.unit)} by {lengthIn(
                  setting.room.widthMetres,
                  preferences.current.unit,
                )}, {setting.place}</span
              ></span
            >
            <button type="button" class="min-h-6 underline" onclick={() => forget(name)}
              >Remove {name}</button
            >
          </li>
        {/each}
      </ul>
    </section>
  {/if}

  <BackupSection />

  <section class="mt-8 border-t border-line pt-5">
    <h2 class="text-2xl">The demo</h2>
    <p class="mt-2">
      Adventures from Lanternfen, a village on a marsh, to look at, lead and take apart.
    </p>
    <p class="mt-3 flex gap-3">
      {#if shelf.ready && shelf.demoIsOut}
        <button type="button" class="btn-quiet border border-line" onclick={removeDemo}>
          {asked ? 'Yes, all of it' : 'Remove the demo'}
        </button>
      {/if}
      <button type="button" class="btn-quiet border border-line" onclick={bringBack}>
        Bring the demo back
      </button>
    </p>
    {#if asked}
      <p class="mt-2 font-semibold text-pencil" role="alert">
        You’ve written in {shelf.rewrittenDemo
          .map(({ document }) => `“${document.title}”`)
          .join(', ')}. That goes too, and stays in the <a href={resolve('/trash')}>trash</a> for
        thirty days.
        <button type="button" class="min-h-6 underline" onclick={() => (asked = false)}>
          Keep everything
        </button>
      </p>
    {/if}
  </section>

  <section class="mt-8 border-t border-line pt-5">
    <h2 class="text-2xl">Where everything is</h2>
    <p class="mt-2">
      Your adventures and your logbook live in this browser and in the files that you save. Nothing
      is sent anywhere, and no names of children are asked for. Clearing this browser's data clears
      them too: keep files of what you would miss.
    </p>
  </section>
</main>
