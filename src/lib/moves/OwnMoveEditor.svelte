<!-- A move of the presenter's own, as sentences whose words can be changed. -->
<script lang="ts">
  import {
    AGE_BANDS,
    DOSE_UNITS,
    FAMILIES,
    isInRing,
    listInWords,
    pluralOf,
    POSTURES,
    readList,
    REGIONS,
    type AgeBand,
    type DoseUnit,
    type Effort,
    type Move,
    type MoveBook,
  } from '$core';
  import MovePicker from '$lib/moves/MovePicker.svelte';
  import { notices } from '$lib/ui/notices.svelte';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineList from '$lib/ui/InlineList.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import FigureEditor from './FigureEditor.svelte';
  import type { MoveDraft } from '$lib/store/open-draft';
  import { EFFORT_WORDS, FAMILY_WORDS, SPACE_WORDS, SURFACE_WORDS } from './words';

  type Props = { draft: MoveDraft; book: MoveBook };
  const { draft, book }: Props = $props();

  const move = $derived(draft.document);
  const set = (change: Partial<Move>, key: string | null = null) =>
    draft.edit((now) => ({ ...now, ...change }), key);
  const leave = () => draft.closeStep();
  const UNIT_WORDS: Readonly<Record<DoseUnit, string>> = {
    reps: 'reps',
    steps: 'steps',
    seconds: 'seconds',
    hold: 'seconds held',
    metres: 'metres',
  };
  const FORMS = [
    ['easier', 'An easier form is'],
    ['harder', 'a harder one is'],
    ['seated', 'and sitting down it is'],
  ] as const;
  const LISTS = [
    ['pictureWords', 'It looks like', 'heron, windmill…'],
    ['aliases', 'It is also found as', 'other names that you type'],
    ['kit', 'It needs', 'nothing, or: ball, hoop…'],
  ] as const;

  /** A form that leads back here would be easier and harder at once. */
  function setForm(form: (typeof FORMS)[number][0], other: Move) {
    if (other.id === move.id) return set({ [form]: null });
    const next = { ...move, [form]: other.id };
    if (form !== 'seated' && isInRing(next, form, book)) {
      notices.say(
        `“${other.name}” leads back to “${move.name}” as its ${form} form already. Take that away there first.`,
      );
    } else set({ [form]: other.id });
  }

  function toggle(region: (typeof REGIONS)[number]) {
    const has = move.regions.includes(region);
    if (has && move.regions.length === 1) return;
    const regions = has
      ? move.regions.filter((one) => one !== region)
      : REGIONS.filter((one) => one === region || move.regions.includes(one));
    set({ regions });
  }
  function setTempo(band: AgeBand, seconds: number) {
    set({ secondsPerRep: { ...move.secondsPerRep, [band]: seconds } }, `tempo.${band}`);
  }
  /** The least never passes the most: the other end moves along. */
  function setRange(band: AgeBand, end: 0 | 1, value: number) {
    const [least, most] = move.usual.range[band];
    const range = end === 0 ? [value, Math.max(value, most)] : [Math.min(least, value), value];
    const usual = { ...move.usual, range: { ...move.usual.range, [band]: range } };
    set({ usual } as Partial<Move>, `range.${band}`);
  }
  const lines = (text: string) =>
    text
      .split('\n')
      .map((line) => line.trim().slice(0, 200))
      .filter(Boolean)
      .slice(0, 40);
  const bandWords = (band: AgeBand) =>
    band === '5' ? 'fives' : `ages ${band.replace('-', ' and ')}`;
</script>

<h1 class="sr-only">{move.name || 'A move of your own'}</h1>
<input
  class="mt-2 w-full rounded border-0 bg-transparent px-1 py-0 font-heading text-4xl font-bold hover:bg-sunk focus:bg-raised focus:ring-0"
  aria-label="Name of the move"
  placeholder="What is it called?"
  maxlength="80"
  value={move.name}
  oninput={({ currentTarget: { value } }) =>
    set({ name: value, plural: value ? pluralOf(value) : '' }, 'name')}
  onblur={leave}
/>
{#if !draft.isWhole}
  <p class="pl-1 text-pencil" role="alert">
    It needs a name and a part of the body. Until then the last whole version is kept.
  </p>
{/if}

<div class="mt-4 max-w-3xl pl-1 text-lg leading-10">
  <p>
    It belongs to
    <InlineChoice
      value={move.family}
      label="Family"
      choices={FAMILIES.map((one) => [one, FAMILY_WORDS[one]] as const)}
      onchange={(family) => set({ family })}
    />, is done
    <InlineChoice
      value={move.posture}
      label="Posture"
      choices={POSTURES.map((one) => [one, one === 'all fours' ? 'on all fours' : one] as const)}
      onchange={(posture) => set({ posture })}
    />,
    <InlineChoice
      value={move.space}
      label="Room"
      choices={(['spot', 'lane', 'room'] as const).map((one) => [one, SPACE_WORDS[one]] as const)}
      onchange={(space) => set({ space })}
    />,
    <InlineChoice
      value={move.surface}
      label="Floor"
      choices={(['any', 'mat', 'grip'] as const).map((one) => [one, SURFACE_WORDS[one]] as const)}
      onchange={(surface) => set({ surface })}
    />, and
    <InlineChoice
      value={move.quiet}
      label="Quiet or noisy"
      choices={[
        [true, 'quiet'],
        [false, 'noisy'],
      ] as const}
      onchange={(quiet) => set({ quiet })}
    />.
  </p>
  <div class="flex flex-wrap items-center gap-x-2" role="group" aria-label="Parts of the body">
    <span>It works the</span>
    {#each REGIONS as region (region)}
      {@const on = move.regions.includes(region)}
      <button
        type="button"
        class={[
          'min-h-8 rounded-full border-2 px-3 text-base leading-7',
          on ? 'border-water bg-water text-page' : 'border-line text-soft hover:text-ink',
        ]}
        aria-pressed={on}
        onclick={() => toggle(region)}>{region}</button
      >
    {/each}
  </div>
  <p>
    Effort:
    <InlineChoice
      value={move.effort}
      label="Effort"
      choices={([1, 2, 3, 4, 5] as const).map(
        (level: Effort) => [level, `${level} of 5, ${EFFORT_WORDS[level]}`] as const,
      )}
      onchange={(effort) => set({ effort })}
    />. It has
    <InlineChoice
      value={move.sided}
      label="Sides"
      choices={[
        [false, 'no sides'],
        [true, 'a left and a right'],
      ] as const}
      onchange={(sided) => set({ sided })}
    />, suits most children from about
    <InlineNumber
      value={move.fromAge}
      label="Most children can from this age"
      min={3}
      max={7}
      onchange={(fromAge) => set({ fromAge: Math.round(fromAge) }, 'age')}
    />, and
    <InlineChoice
      value={move.wall}
      label="Wall"
      choices={[
        [false, 'needs no wall'],
        [true, 'needs a free wall'],
      ] as const}
      onchange={(wall) => set({ wall })}
    />.
  </p>
  <p>
    One lands
    <InlineNumber
      value={move.landingsPerRep}
      label="Landings each"
      min={0}
      max={4}
      onchange={(landingsPerRep) => set({ landingsPerRep }, 'landings')}
    /> times and covers
    <InlineNumber
      value={move.metresPerRep}
      label="Metres each"
      min={0}
      max={5}
      step={0.1}
      onchange={(metresPerRep) => set({ metresPerRep }, 'metres')}
    /> m. Usual are
    <InlineChoice
      value={move.usual.unit}
      label="What is counted"
      choices={DOSE_UNITS.map((unit) => [unit, UNIT_WORDS[unit]] as const)}
      onchange={(unit) => set({ usual: { ...move.usual, unit } })}
    />:
  </p>
  <ul class="pl-4">
    {#each AGE_BANDS as band (band)}
      <li>
        for {bandWords(band)}
        <InlineNumber
          value={move.usual.range[band][0]}
          label="Least for {bandWords(band)}"
          onchange={(value) => setRange(band, 0, Math.round(value))}
        />
        to
        <InlineNumber
          value={move.usual.range[band][1]}
          label="Most for {bandWords(band)}"
          onchange={(value) => setRange(band, 1, Math.round(value))}
        />, at
        <InlineNumber
          value={move.secondsPerRep[band]}
          label="Seconds each for {bandWords(band)}"
          min={0.2}
          max={60}
          step={0.1}
          onchange={(value) => setTempo(band, value)}
        /> s each
      </li>
    {/each}
  </ul>
  <p>
    {#each FORMS as [form, words], index (form)}
      {words}
      <MovePicker
        {book}
        text={book.get(move[form] ?? '')?.name ?? '…'}
        label="{form} form"
        onpick={(other) => setForm(form, other)}
      />{#if move[form]}<button
          type="button"
          class="ml-1 min-h-6 text-base text-soft underline"
          aria-label="No {form} form"
          onclick={() => set({ [form]: null })}>none</button
        >{/if}{index < FORMS.length - 1 ? ', ' : '.'}
    {/each}
  </p>
  <div class="grid items-baseline gap-x-2 sm:grid-cols-[auto_minmax(0,1fr)]">
    {#each LISTS as [field, words, placeholder] (field)}
      <span>{words}</span>
      <InlineList
        text={listInWords(move[field])}
        label={words}
        {placeholder}
        onchange={(text) => set({ [field]: readList(text, 40, 80) }, field)}
      />
    {/each}
  </div>
  <FigureEditor {draft} />
  <h2 class="mt-6 text-xl">How it goes</h2>
  <InlineList
    text={move.formCues.join('\n')}
    label="Form cues, one a line"
    placeholder="Two to four short cues, one a line: Land softly"
    onchange={(text) => set({ formCues: lines(text) }, 'cues')}
  />
  <h2 class="mt-4 text-xl">Look out for</h2>
  <InlineList
    text={move.cautions.join('\n')}
    label="Cautions, one a line"
    placeholder="What can hurt, one a line: A mat for the back"
    onchange={(text) => set({ cautions: lines(text) }, 'cautions')}
  />
</div>
