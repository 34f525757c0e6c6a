<!-- The rules of a draw, in sentences whose words can be changed. -->
<script lang="ts">
  import {
    newAction,
    moveIn,
    moveOf,
    type Draw,
    type DrawRules,
    type Move,
    type MoveBook,
    type Setting,
  } from '$core';
  import { newId } from '$lib/store/new-id';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import DoseSentence from '../DoseSentence.svelte';
  import MovePicker from '$lib/moves/MovePicker.svelte';

  type Props = {
    beat: Draw;
    book: MoveBook;
    setting: Setting;
    change: (beat: Draw, key?: string) => void;
  };
  const { beat, book, setting, change }: Props = $props();

  const rules = $derived(beat.rules);
  const device = $derived(beat.device.kind);
  const inOrder = $derived(rules.returns === 'in order');
  const set = (part: Partial<DrawRules>, key?: string) =>
    change({ ...beat, rules: { ...rules, ...part } }, key);

  const RETURNS = $derived([
    ['back', device === 'deck' ? 'and the card goes back' : 'whatever came before'],
    ['bag', 'each once before any twice'],
    ['out', device === 'deck' ? 'and the card stays out' : 'each once, and then it is over'],
    ['in order', 'in order'],
  ] as const);
  const STOPS = [
    ['draws', 'so many times'],
    ['seconds', 'for a time'],
    ['all seen', 'until all were seen'],
  ] as const;
  const REPEATS = [
    ['keep', 'it is done again'],
    ['again', 'it does not count: draw again'],
    ['stand-in', 'the stand-in is done'],
  ] as const;

  const STEERINGS = [
    ['alone', 'is left alone'],
    ['cap', 'brings none more often than'],
    ['fair', 'gives each a fair share'],
    ['surprise', 'gives each a fair share, with no pattern to guess'],
  ] as const;
  const steering = $derived(
    rules.mostOfOne !== null
      ? 'cap'
      : rules.noPattern
        ? 'surprise'
        : rules.mostAhead !== null
          ? 'fair'
          : 'alone',
  );
  /** None comes two more often than another: fair, and yet the last of a round is not known. */
  const FAIR = 2;
  const steer = (to: typeof steering) =>
    set({
      mostOfOne: to === 'cap' ? 4 : null,
      mostAhead: to === 'fair' || to === 'surprise' ? FAIR : null,
      noPattern: to === 'surprise',
    });

  function setStop(after: DrawRules['stop']['after']) {
    const { stop } = rules;
    const times = stop.after === 'draws' ? stop.draws : stop.after === 'all seen' ? stop.most : 20;
    set({
      stop:
        after === 'draws'
          ? { after, draws: times }
          : after === 'seconds'
            ? { after, seconds: 180 }
            : { after, most: Math.max(times, 20) },
    });
  }
  function setStandIn(move: Move) {
    set({ standIn: newAction(move, setting.ages, newId) });
  }
</script>

<p class="leading-8">
  Drawn
  <InlineChoice
    value={rules.stop.after}
    label="When it stops"
    choices={STOPS}
    onchange={setStop}
  />:
  {#if rules.stop.after === 'draws'}
    <InlineNumber
      value={rules.stop.draws}
      label="Draws"
      max={200}
      onchange={(draws) => set({ stop: { after: 'draws', draws: Math.round(draws) } }, 'draws')}
    />
    {rules.stop.draws === 1 ? 'time' : 'times'},
  {:else if rules.stop.after === 'seconds'}
    <InlineNumber
      value={rules.stop.seconds}
      label="Seconds of drawing"
      min={10}
      max={3600}
      step={10}
      onchange={(seconds) =>
        set({ stop: { after: 'seconds', seconds: Math.round(seconds) } }, 'seconds')}
    /> s,
  {:else}
    <InlineNumber
      value={rules.stop.most}
      label="Draws at most"
      max={200}
      onchange={(most) => set({ stop: { after: 'all seen', most: Math.round(most) } }, 'most')}
    /> at most,
  {/if}
  <InlineChoice
    value={rules.returns}
    label="Whether it comes back"
    choices={RETURNS}
    onchange={(returns) => set({ returns })}
  />.
  {#if !inOrder}
    If the same comes twice running,
    <InlineChoice
      value={rules.onRepeat}
      label="On a repeat"
      choices={REPEATS}
      onchange={(onRepeat) => set({ onRepeat })}
    />{#if rules.onRepeat === 'stand-in'},
      <MovePicker
        {book}
        text={rules.standIn ? moveIn(book, rules.standIn.move).name : 'which?'}
        label="Stand-in"
        onpick={setStandIn}
      />{#if rules.standIn}{@const standIn = rules.standIn},
        <DoseSentence
          dose={standIn.dose}
          move={moveOf(book, standIn)}
          ages={setting.ages}
          active={false}
          onchange={(dose, key) => set({ standIn: { ...standIn, dose } }, `standin.${key}`)}
        />{/if}, and a third time
      <InlineChoice
        value={rules.thirdInARow}
        label="The third in a row"
        choices={[
          ['original', 'the move itself again'],
          ['stand-in', 'the stand-in again'],
        ] as const}
        onchange={(thirdInARow) => set({ thirdInARow })}
      />{/if}. Chance
    <InlineChoice
      value={steering}
      label="How chance is steered"
      choices={STEERINGS}
      onchange={steer}
    />{#if rules.mostOfOne !== null}&nbsp;<InlineNumber
        value={rules.mostOfOne}
        label="Most of one move"
        max={200}
        onchange={(mostOfOne) => set({ mostOfOne: Math.round(mostOfOne) }, 'cap')}
      /> times{/if}.
  {/if}
  Between two draws
  <InlineChoice
    value={rules.between !== null}
    label="Between two draws"
    choices={[
      [false, 'nothing else happens'],
      [true, 'they travel to'],
    ] as const}
    onchange={(travels) =>
      set({
        between: travels
          ? { move: 'jog', leastSeconds: 5, mostSeconds: 10, tightens: false }
          : null,
      })}
  />{#if rules.between}{@const between = rules.between}&nbsp;music:
    <MovePicker
      {book}
      text={moveIn(book, between.move).name}
      label="How they travel"
      onpick={({ id }) => set({ between: { ...between, move: id } })}
    />,
    <InlineNumber
      value={between.leastSeconds}
      label="Least seconds between"
      max={120}
      onchange={(seconds) =>
        set(
          {
            between: {
              ...between,
              leastSeconds: Math.round(seconds),
              mostSeconds: Math.max(Math.round(seconds), between.mostSeconds),
            },
          },
          'least',
        )}
    />
    to
    <InlineNumber
      value={between.mostSeconds}
      label="Most seconds between"
      max={120}
      onchange={(seconds) =>
        set(
          {
            between: {
              ...between,
              mostSeconds: Math.round(seconds),
              leastSeconds: Math.min(Math.round(seconds), between.leastSeconds),
            },
          },
          'longest',
        )}
    /> s,
    <InlineChoice
      value={between.tightens}
      label="How the gaps go"
      choices={[
        [false, 'never twice alike'],
        [true, 'shorter and shorter'],
      ] as const}
      onchange={(tightens) => set({ between: { ...between, tightens } })}
    />, and freeze{/if}.
  <InlineChoice
    value={rules.thrower}
    label="Who draws"
    choices={[
      ['presenter', device === 'calls' ? 'You call' : 'You draw'],
      ['child', `The children ${device === 'calls' ? 'call' : 'draw'} in turn`],
      ['on screen', 'It is drawn on the screen'],
    ] as const}
    onchange={(thrower) => set({ thrower })}
  />,
  <InlineChoice
    value={rules.eachSeconds !== null}
    label="How long each takes"
    choices={[
      [false, 'each for its own dose'],
      [true, 'by the clock, straight on'],
    ] as const}
    onchange={(timed) => set({ eachSeconds: timed ? 11 : null })}
  />{#if rules.eachSeconds !== null}:
    <InlineNumber
      value={rules.eachSeconds}
      label="Seconds for each"
      min={3}
      max={120}
      onchange={(seconds) => set({ eachSeconds: Math.round(seconds) }, 'each')}
    /> s each{/if}.
</p>
