<script lang="ts">
  import { clockOf, moveBookOf, type AdaptationKind } from '$core';
  import { page } from '$app/state';
  import { untrack } from 'svelte';
  import { noteLed } from '$lib/store/adventures';
  import { arrupDb } from '$lib/store/db';
  import { newId } from '$lib/store/new-id';
  import { preferences } from '$lib/store/preferences.svelte';
  import { CHANGE_WORDS, changeOfKey, SKIP_WORDS } from '$lib/stage/adapt-words';
  import { StageClock } from '$lib/stage/clock';
  import { Companions, type RemoteKey } from '$lib/stage/companions';
  import { shownOf } from '$lib/stage/shown';
  import { loadOwnMusic } from '$lib/stage/own-music';
  import { openStage, type StagePlan } from '$lib/stage/open-stage';
  import { hushSpeech, speak } from '$lib/stage/speech';
  import { StageSound } from '$lib/stage/sound';
  import { StageSession } from '$lib/stage/stage.svelte';
  import StageDone from '$lib/stage/StageDone.svelte';
  import StageReady from '$lib/stage/StageReady.svelte';
  import StageView from '$lib/stage/StageView.svelte';
  import { typeKey } from '$lib/stage/typing';
  import { startTicker, stayAwake } from '$lib/stage/ticker';
  import NotHere from '$lib/ui/NotHere.svelte';

  const MOST_SPEED = 60;
  const asked = Number(page.url.searchParams.get('speed') ?? 1);

  let plan = $state.raw<StagePlan | null>(null);
  let missing = $state(false);
  let session = $state.raw<StageSession | null>(null);
  let sound: StageSound | null = null;
  let companions: Companions | null = null;
  /** Music of the presenter's own, in place of the loop. */
  let own: HTMLAudioElement | null = null;
  let stepwise = $state(false);
  let speed = $state(asked >= 1 && asked <= MOST_SPEED ? asked : 1);

  const silent = $derived(preferences.current.muted || speed > 1);
  const leftAt = $derived.by(() => {
    const left = plan?.left;
    const cue = left?.plan[left.leading.index];
    return left && cue
      ? `“${left.labels[cue.beatId] || 'the beginning'}”, ${clockOf(left.leading.scheduleSeconds)} in`
      : null;
  });

  $effect(() => {
    const { id } = page.params;
    if (!id) return;
    void preferences.load().then(async () => {
      plan = await openStage(id, preferences.pace, new Date());
      missing = plan === null;
    });
  });

  $effect(() => {
    if (!session) return;
    const led = session;
    const stop = startTicker(() => led.update());
    const sleep = stayAwake();
    const line = new Companions(led.adventure.id);
    companions = line;
    line.listen((message) => {
      if (message.type === 'key') remoteKey(message.key);
      if (message.type === 'hello') tellOthers();
    });
    return () => {
      stop();
      sleep();
      sound?.close();
      own?.pause();
      line.close();
    };
  });

  const book = $derived(session && moveBookOf(session.adventure));
  const shown = $derived.by(() => {
    const doing = session?.cue?.doing;
    return session && shownOf(session, (doing && book?.get(doing.move)) || null);
  });
  /** The other windows hear of it when something changes that they show. */
  const news = $derived(
    session?.status === 'done'
      ? 'over'
      : shown && JSON.stringify({ ...shown, share: 0, elapsed: 0 }),
  );
  $effect(() => {
    if (news) untrack(tellOthers);
  });
  function tellOthers() {
    if (session?.status === 'done') companions?.tell({ type: 'over' });
    else if (shown) companions?.tell(shown);
  }
  function remoteKey(key: RemoteKey) {
    if (!session || session.status === 'done') return;
    if (key === 'next') session.tapOrNext();
    else if (key === 'back') session.back();
    else if (key === 'go') session.goOrPause();
    else if (key === 'skip') skip();
    else change(key);
  }

  /** Lines are read aloud by the device where that is wanted. */
  const line = $derived(
    session?.status === 'running' && (session.cue?.kind === 'say' || session.cue?.kind === 'ask')
      ? session.cue.text
      : '',
  );
  $effect(() => {
    if (!line || silent || !preferences.current.speak) return;
    speak(line);
    return hushSpeech;
  });

  $effect(() => setVolumes());

  function begin(carryOn: boolean) {
    if (!plan) return;
    const { adventure, left, seed, replan } = plan;
    const { lines, holds, counts } = preferences.current;
    const clock = new StageClock(() => performance.now() / 1000, speed);
    // Made here, in the press of a button: browsers let no sound begin otherwise.
    sound = new StageSound(new AudioContext(), clock);
    sound.wake();
    setVolumes();
    const started = new StageSession(
      adventure,
      { lines, holds, counts },
      {
        clock,
        speed,
        today: () => new Date().toISOString(),
        keep: async (run) => void (await (await arrupDb()).put('runs', run)),
        newRunId: () => newId('run'),
        seed,
        replan,
      },
    );
    if (speed === 1) started.sound = sound;
    started.withMusic = preferences.current.music && speed === 1;
    if (started.withMusic) {
      void loadOwnMusic().then((audio) => {
        own = audio;
        started.ownMusic = audio;
        setVolumes();
      });
    }
    if (carryOn && left) {
      started.carryOn(left, Math.max(0, (Date.now() - Date.parse(left.savedAt)) / 1000));
    } else if (speed === 1) {
      void arrupDb().then((db) => noteLed(db, adventure.id, new Date().toISOString()));
    }
    started.go();
    if (stepwise) started.pause();
    session = started;
  }

  function keydown(event: KeyboardEvent) {
    if (!session || session.status === 'done' || event.ctrlKey || event.metaKey || event.altKey)
      return;
    const { key } = event;
    const onButton = event.target instanceof HTMLButtonElement;
    const wanted = changeOfKey(key);
    if (key === ' ' && !onButton) session.goOrPause();
    else if (key === 'ArrowRight' || key === 'PageDown' || (key === 'Enter' && !onButton))
      session.tapOrNext();
    else if (key === 'ArrowLeft' || key === 'PageUp') session.back();
    else if (key.toLowerCase() === 'm') mute();
    else if (key.toLowerCase() === 'c') changing = !changing;
    else if (key === 'Escape' && changing) changing = false;
    else if (key.toLowerCase() === SKIP_WORDS.key) skip();
    else if (wanted && !session.drawing) change(wanted);
    else if (/^[1-9]$/u.test(key) && session.drawing) typed = typeKey(session, Number(key));
    else return;
    event.preventDefault();
  }
  /** What became of the last outcome that was typed. */
  let typed = $state<'taken' | 'again' | null>(null);

  let changing = $state(false);
  /** What was changed, said for a moment. */
  let told = $state('');
  const TOLD_MS = 3500;
  $effect(() => {
    if (!told) return;
    const timer = setTimeout(() => (told = ''), TOLD_MS);
    return () => clearTimeout(timer);
  });
  function change(what: AdaptationKind) {
    changing = false;
    const { label, done } = CHANGE_WORDS[what];
    if (!session?.adapt(what)) {
      told = `${label}: not here`;
      return;
    }
    const isForm = what === 'easier' || what === 'harder';
    const move = isForm && session.cue?.doing && book?.get(session.cue.doing.move);
    told = move ? `${label}: ${move.name}, from here on` : done;
  }
  function skip() {
    changing = false;
    session?.skip();
    told = SKIP_WORDS.done;
  }

  function setVolumes() {
    const { volume, musicVolume } = preferences.current;
    sound?.setVolume(silent ? 0 : volume);
    sound?.setMusicVolume(musicVolume);
    if (own) own.volume = silent ? 0 : musicVolume;
  }

  function mute() {
    void preferences.change({ muted: !preferences.current.muted });
  }
</script>

<svelte:window
  onkeydown={keydown}
  onpagehide={() => session?.status === 'running' && session.pause()}
/>
<svelte:head><title>{plan?.adventure.title || 'Stage'} · Arrup</title></svelte:head>

{#if missing}
  <NotHere what="adventure" />
{:else if session?.status === 'done'}
  <StageDone {session} />
{:else if session}
  <StageView
    {session}
    muted={silent}
    {typed}
    {told}
    onpoints={(points) => session?.addPoints(points)}
    {changing}
    onchanging={(open) => (changing = open)}
    onadapt={change}
    onskip={skip}
    ontype={(outcome) => (typed = session?.typeDraw(outcome) ?? null)}
    rehearsal={speed > 1 ? speed : null}
    onmute={mute}
    onleave={() => session?.finish()}
  />
{:else if plan}
  <StageReady
    adventure={plan.adventure}
    schedule={plan.schedule}
    lines={preferences.current.lines}
    holds={preferences.current.holds}
    counts={preferences.current.counts}
    oncounts={(counts) => void preferences.change({ counts })}
    {stepwise}
    onstepwise={(chosen) => (stepwise = chosen)}
    onholds={(holds) => void preferences.change({ holds })}
    {speed}
    left={leftAt}
    onlines={(lines) => void preferences.change({ lines })}
    onspeed={(chosen) => (speed = chosen)}
    oncarryon={() => begin(true)}
    onbegin={() => begin(false)}
  />
{/if}
