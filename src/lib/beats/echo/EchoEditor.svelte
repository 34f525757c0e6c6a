<script lang="ts">
  import { newStation, moveOf, type EchoLine, type Move, type SoundBook } from '$core';
  import X from '@lucide/svelte/icons/x';
  import { newId } from '$lib/store/new-id';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import LineArea from '$lib/ui/LineArea.svelte';
  import type { EditorProps } from '../editor-props';
  import MovePicker from '$lib/moves/MovePicker.svelte';
  import SayFirst from '../SayFirst.svelte';
  import { loadSoundBook } from '$lib/language/sound-book';
  import ChantMarks from './ChantMarks.svelte';

  const { beat, book, ideas, active, change, leave }: EditorProps<'echo'> = $props();

  /** How words sound: fetched when somebody is at a rhyme. */
  let sounds = $state.raw<SoundBook | null>(null);
  $effect(() => {
    if (active && !beat.echo && !sounds)
      loadSoundBook().then(
        (book) => (sounds = book),
        () => {},
      );
  });
  const words = $derived(ideas.words());

  const lines = $derived(beat.lines);
  const seconds = (line: EchoLine) => Math.round((line.beats * 600) / beat.beatsPerMinute) / 10;
  const set = (next: readonly EchoLine[], key?: string) => change({ ...beat, lines: next }, key);

  function changeLine(line: EchoLine, key?: string) {
    const next = lines.map((one) => (one.id === line.id ? line : one));
    set(next, key && `${line.id}.${key}`);
  }
  function add(move: Move) {
    const beats = lines.at(-1)?.beats ?? 4;
    set([...lines, { ...newStation(move, newId), text: '', beats }]);
  }
</script>

<SayFirst
  say={beat.say}
  label="What you say before it"
  open={active}
  onchange={(say) => change({ ...beat, say }, 'say')}
  onleave={leave}
/>
<p class="pl-1 leading-8">
  <span class="font-heading text-lg font-bold">{beat.echo ? 'Echo' : 'Rhyme'}</span>:
  <InlineChoice
    value={beat.echo}
    label="Echo or together"
    choices={[
      [false, 'all together'],
      [true, 'you first, they echo'],
    ] as const}
    onchange={(echo) => change({ ...beat, echo })}
  />, at
  <InlineNumber
    value={beat.beatsPerMinute}
    label="Beats a minute"
    min={40}
    max={180}
    onchange={(beatsPerMinute) =>
      change({ ...beat, beatsPerMinute: Math.round(beatsPerMinute) }, 'tempo')}
  />
  beats a minute,
  <InlineNumber
    value={beat.times}
    label="Times over"
    max={20}
    onchange={(times) => change({ ...beat, times: Math.round(times) }, 'times')}
  />
  {beat.times === 1 ? 'time' : 'times'}
</p>
<ol class="mt-1">
  {#each lines as line, index (line.id)}
    <li
      class={[
        'border-l-2 border-line pl-3',
        active ? 'py-1' : 'flex flex-wrap items-baseline gap-x-3',
      ]}
    >
      <LineArea
        value={line.text}
        label="Line {index + 1}"
        placeholder={active ? 'The words of this line, or the rhythm: tam tam ta-ta tam' : '–'}
        class={active ? '' : 'w-auto! max-w-full'}
        onchange={(text) => changeLine({ ...line, text }, 'text')}
        onleave={leave}
      />
      {#if active && !beat.echo && sounds}
        <ChantMarks
          text={line.text}
          beats={line.beats}
          before={index % 2 === 1 ? lines[index - 1]!.text : null}
          {words}
          {sounds}
        />
      {/if}
      <p class="pl-1 leading-8 text-soft">
        <MovePicker
          {book}
          text={moveOf(book, line).name}
          label="Action of line {index + 1}"
          onpick={({ id }) => changeLine({ ...line, move: id })}
        />, for
        <InlineNumber
          value={line.beats}
          label="Beats of line {index + 1}"
          max={64}
          onchange={(beats) => changeLine({ ...line, beats: Math.round(beats) }, 'beats')}
        />
        beats, {seconds(line)} s
        {#if active && lines.length > 1}
          <button
            type="button"
            class="ml-1 btn-slight"
            aria-label="Take line {index + 1} out"
            onclick={() => set(lines.filter(({ id }) => id !== line.id))}
          >
            <X size={16} aria-hidden="true" />take out
          </button>
        {/if}
      </p>
    </li>
  {/each}
</ol>
{#if active}
  <MovePicker
    {book}
    text="and a line with…"
    label="Another line"
    class="ml-1 underline"
    onpick={add}
  />
{/if}
