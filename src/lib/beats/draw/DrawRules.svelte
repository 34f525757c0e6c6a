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
  import Rule from './Rule.svelte';
  import type { Snippet } from 'svelte';
  import MovePicker from '$lib/moves/MovePicker.svelte';

  type Props = {
    beat: Draw;
    book: MoveBook;
    setting: Setting;
    change: (beat: Draw, key?: string) => void;
    /** More rules, as they are. */
    children?: Snippet;
  };
  const { beat, book, setting, change, children }: Props = $props();

  const rules = $derived(beat.rules);
  const device = $derived(beat.device.kind);
  const inOrder = $derived(rules.returns === 'in order');
  const set = (part: Partial<DrawRules>, key?: string) =>
    change({ ...beat, rules: { ...rules, ...part } }, key);

  /** Each answer, and what it does to a session. */
  const RETURNS = $derived([
    [
      'back',
      device === 'deck' ? 'yes, the card goes back' : 'yes',
      'Anything can come, every time.',
    ],
    ['bag', 'only after all the others', 'Every one comes once before any comes twice.'],
    [
      'out',
      device === 'deck' ? 'no, the card stays out' : 'no',
      'What has come is done with: it ends when all have come.',
    ],
    ['in order', 'they come in order', 'From the first to the last, like a list.'],
  ] as const);
  const REPEATS = $derived([
    ['keep', 'do it again', 'Two the same in a row are simply done twice.'],
    ['again', 'draw again', 'The second doesn’t count; another draw takes a few seconds.'],
    [
      'stand-in',
      'do something else',
      rules.standIn
        ? `The second time, it’s ${moveIn(book, rules.standIn.move).name} instead.`
        : 'Choose what they do instead.',
    ],
  ] as const);
  const STEERINGS = [
    ['alone', 'no, pure chance', 'One may come often, another not at all.'],
    ['cap', 'none comes more than', 'What has come that often is drawn again.'],
    ['fair', 'yes, share it out', 'None gets two ahead of another.'],
    ['surprise', 'yes, and without a pattern', 'Shared out, and they can’t guess what’s next.'],
  ] as const;
  const choices = <V extends string>(answers: readonly (readonly [V, string, string])[]) =>
    answers.map(([value, word]) => [value, word] as const);
  const doesOf = (answers: readonly (readonly [string, string, string])[], value: string) =>
    answers.find(([one]) => one === value)?.[2] ?? '';
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

  function setStandIn(move: Move) {
    set({ standIn: newAction(move, setting.ages, newId) });
  }
</script>

<div class="mt-1 text-soft">
  <Rule asks="Can it come again?" does={doesOf(RETURNS, rules.returns)}>
    <InlineChoice
      value={rules.returns}
      label="Whether it comes back"
      choices={choices(RETURNS)}
      onchange={(returns) => set({ returns })}
    />
  </Rule>
  {#if !inOrder}
    <Rule asks="The same twice in a row?" does={doesOf(REPEATS, rules.onRepeat)}>
      <InlineChoice
        value={rules.onRepeat}
        label="On a repeat"
        choices={choices(REPEATS)}
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
        />{/if}
    </Rule>
    <Rule asks="Shared out fairly?" does={doesOf(STEERINGS, steering)}>
      <InlineChoice
        value={steering}
        label="How chance is steered"
        choices={choices(STEERINGS)}
        onchange={steer}
      />{#if rules.mostOfOne !== null}&nbsp;<InlineNumber
          value={rules.mostOfOne}
          label="Most of one move"
          max={200}
          onchange={(mostOfOne) => set({ mostOfOne: Math.round(mostOfOne) }, 'cap')}
        /> times{/if}
    </Rule>
  {/if}
  <Rule asks="Between two draws?">
    <InlineChoice
      value={rules.between !== null}
      label="Between two draws"
      choices={[
        [false, 'nothing else happens'],
        [true, 'they move to'],
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
          [false, 'never the same length twice'],
          [true, 'shorter and shorter'],
        ] as const}
        onchange={(tightens) => set({ between: { ...between, tightens } })}
      />, and freeze{/if}
  </Rule>
  <Rule asks="Who draws?">
    <InlineChoice
      value={rules.thrower}
      label="Who draws"
      choices={[
        ['presenter', device === 'calls' ? 'You call' : 'You draw'],
        ['child', `The children ${device === 'calls' ? 'call' : 'draw'} in turn`],
        ['on screen', 'The screen draws'],
      ] as const}
      onchange={(thrower) => set({ thrower })}
    />
  </Rule>
  <Rule asks="How long is each?">
    <InlineChoice
      value={rules.eachSeconds !== null}
      label="How long each takes"
      choices={[
        [false, 'as long as it takes'],
        [true, 'by the clock, one straight after the other'],
      ] as const}
      onchange={(timed) => set({ eachSeconds: timed ? 11 : null })}
    />{#if rules.eachSeconds !== null}:
      <InlineNumber
        value={rules.eachSeconds}
        label="Seconds for each"
        min={3}
        max={120}
        onchange={(seconds) => set({ eachSeconds: Math.round(seconds) }, 'each')}
      /> s each{/if}
  </Rule>
  {@render children?.()}
</div>
