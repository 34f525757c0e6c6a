<!-- A film to follow along: how it is to be, what it will look like, and its making. -->
<script lang="ts">
  import { clockOf, fileStem, type Adventure, type LookChoice, type Pace } from '$core';
  import Clapperboard from '@lucide/svelte/icons/clapperboard';
  import Download from '@lucide/svelte/icons/download';
  import { untrack } from 'svelte';
  import { stayAwake } from '$lib/stage/ticker';
  import { saveBlob } from '$lib/ui/download';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import { canKeepFilms, filmPaints, keyOf } from './ask-for-film';
  import { USUAL_FILM, type FilmChoices } from './film-choices';
  import { pictureCodec, roomFor, soundCodec } from './film-codecs';
  import { FilmMaking } from './film-making.svelte';
  import { planFilm } from './film-plan';
  import FilmStill from './FilmStill.svelte';
  import { PICTURES_A_SECOND } from './zip-pictures';
  import ShareDone from '$lib/ui/parts/ShareDone.svelte';

  type Props = { adventure: Adventure; pace: Pace; look: LookChoice };
  const { adventure, pace, look }: Props = $props();

  let choices = $state.raw<FilmChoices>(USUAL_FILM);
  const choose = (some: Partial<FilmChoices>) => (choices = { ...choices, ...some });

  const plan = $derived(planFilm(adventure, pace));
  const making = new FilmMaking();
  const now = $derived(making.now);
  const busy = $derived(now.step === 'making');

  const safe = canKeepFilms();
  const pictures = $derived(safe ? pictureCodec(choices) : Promise.resolve(null));
  const sound = $derived(safe ? soundCodec(choices.container) : Promise.resolve(null));
  const paints = filmPaints();
  const asked = $derived({ adventure, pace, look, paints, choices });

  // What was broken off before is found again, also after a reload.
  $effect(() => {
    const request = asked;
    if (!safe || untrack(() => busy)) return;
    void keyOf(request).then((key) => making.find(key));
  });
  $effect(() => (busy ? stayAwake() : undefined));
  $effect(() => () => making.stop());

  const stem = $derived(fileStem(adventure.title) || 'adventure');
  let room = $state<number | null>(null);
  void navigator.storage?.estimate?.().then(({ quota = 0, usage = 0 }) => (room = quota - usage));
  const needed = $derived(roomFor(plan.totalSeconds, choices));

  async function make(kind: 'film' | 'pictures') {
    const request = asked;
    const key = await keyOf(request);
    const answer = await making.make({ kind, key, ...request });
    if (answer) save();
  }

  function save() {
    if (now.step !== 'done') return;
    const end = now.file.name.slice(now.file.name.lastIndexOf('.'));
    saveBlob(`${stem}${end === '.zip' ? '.film-pictures.zip' : end}`, now.file);
  }

  const MEGA = 1e6;
  const megabytes = (bytes: number) => {
    const all = bytes / MEGA;
    return `${all < 10 ? all.toFixed(1) : Math.round(all)} MB`;
  };
  const percent = (share: number) => `${Math.floor(share * 100)} %`;
  /** "about 2 min left", and no seconds that jump about. */
  const leftInWords = (seconds: number | null) => {
    if (seconds === null) return '';
    if (seconds < 60) return 'less than a minute left';
    return `about ${Math.ceil(seconds / 60)} min left`;
  };
</script>

<div class="mt-4 rounded-2xl border border-line bg-raised p-4 sm:p-5" data-film-panel>
  <div class="grid gap-x-8 gap-y-4 lg:grid-cols-2">
    <FilmStill {plan} {choices} {look} {paints} />
    <div class="min-w-0">
      <h3 class="text-xl">A film to follow along</h3>
      <p class="mt-1 leading-8">
        What children see on the Stage, by the clock: {clockOf(plan.totalSeconds)}, with the draws
        as the Desk shows them and the guide’s sounds
        <InlineChoice
          value={choices.music}
          label="Music"
          choices={[
            [true, 'and music'],
            [false, 'without music'],
          ] as const}
          onchange={(music) => choose({ music })}
        />. Captions
        <InlineChoice
          value={choices.captions}
          label="Captions"
          choices={[
            ['in the picture', 'in the picture'],
            ['beside it', 'not in it'],
          ] as const}
          onchange={(captions) => choose({ captions })}
        />,
        <InlineChoice
          value={choices.corner}
          label="Room for your picture"
          choices={[
            ['none', 'no room'],
            ['green', 'a green corner'],
            ['blurred', 'a blurred corner'],
          ] as const}
          onchange={(corner) => choose({ corner })}
        />
        for a picture of you. It’s
        <InlineChoice
          value={choices.container}
          label="Kind of file"
          choices={[
            ['mp4', 'an MP4'],
            ['webm', 'a WebM'],
          ] as const}
          onchange={(container) => choose({ container })}
        />,
        <InlineChoice
          value={choices.height}
          label="Size of the picture"
          choices={[
            [720, '1280 × 720'],
            [1080, '1920 × 1080'],
          ] as const}
          onchange={(height) => choose({ height })}
        />,
        <InlineChoice
          value={choices.framesPerSecond}
          label="Pictures a second"
          choices={[
            [25, '25 pictures a second'],
            [30, '30 pictures a second'],
          ] as const}
          onchange={(framesPerSecond) => choose({ framesPerSecond })}
        />.
      </p>
      {#await Promise.all([pictures, sound]) then [canPicture, canSound]}
        {#if !canPicture}
          <p class="mt-3 font-semibold text-pencil" data-no-film>
            {safe
              ? 'This browser can’t make films of that kind and size: it has no encoder for them.'
              : 'Films are made only at a safe address: https, or this very machine.'}
          </p>
          {#if safe}
            <p class="mt-1">
              What it can give: the guide track above, and the film’s pictures one by one,
              {PICTURES_A_SECOND} a second, for a program that cuts films.
            </p>
          {/if}
        {:else if !canSound}
          <p class="mt-3 text-pencil">
            This browser can’t encode sound: the film will be silent. The guide track above is its
            sound, from the first moment on.
          </p>
        {:else if canSound === 'opus' && choices.container === 'mp4'}
          <p class="mt-3 text-soft">
            This browser gives an MP4 its sound as Opus. Phones and most players know it; some older
            programs play the picture alone.
          </p>
        {/if}
        {#if room !== null && room < needed}
          <p class="mt-3 text-pencil">
            It may need {megabytes(needed)} while it’s made, and this browser has {megabytes(room)} left.
          </p>
        {/if}
        <div class="mt-3 flex flex-wrap items-center gap-x-3 gap-y-2" data-film={now.step}>
          {#if now.step === 'making'}
            <ShareDone label="The film" share={now.share} />
            <span class="tabular">{percent(now.share)}</span>
            <span class="text-soft">{leftInWords(now.secondsLeft)}</span>
            <button type="button" class="btn-quiet border border-line" onclick={() => making.stop()}
              >Stop for now</button
            >
          {:else if canPicture}
            <button type="button" class="btn-quiet border border-ink" onclick={() => make('film')}>
              <Clapperboard size={18} aria-hidden="true" />{now.step === 'stopped'
                ? 'Carry on with it'
                : now.step === 'done'
                  ? 'Make it again'
                  : 'Make the film'}
            </button>
          {:else if safe}
            <button
              type="button"
              class="btn-quiet border border-ink"
              onclick={() => make('pictures')}
            >
              <Clapperboard size={18} aria-hidden="true" />Make the pictures
            </button>
          {/if}
          {#if now.step === 'done'}
            <button type="button" class="btn-quiet" onclick={save}>
              <Download size={18} aria-hidden="true" />Save it again, {megabytes(now.file.size)}
            </button>
          {/if}
          {#if now.step === 'done' || now.step === 'stopped'}
            <button type="button" class="btn-quiet" onclick={() => void making.forget()}
              >Throw it away</button
            >
          {/if}
        </div>
        <p class="mt-2 text-soft" role="status">
          {#if now.step === 'making'}
            You can go on working here. Keep this tab open.
          {:else if now.step === 'stopped'}
            {now.share === null ? 'A part of it' : percent(now.share)} is made, and is kept on this device.
          {:else if now.step === 'done'}
            It’s made and saved. {choices.captions === 'beside it'
              ? 'Its captions are the planned captions above.'
              : ''}
          {:else if now.step === 'failed'}
            It couldn’t be made: {now.reason}
          {/if}
        </p>
      {/await}
    </div>
  </div>
</div>
