<!-- The Stage of one adventure: before it begins, while it is led, and afterwards. -->
<script lang="ts">
  import { clockOf } from '$core';
  import { untrack, type Snippet } from 'svelte';
  import { preferences } from '$lib/store/preference-store.svelte';
  import type { StagePlan } from './stage-plan';
  import type { StageSession } from './stage.svelte';
  import { StagePage } from './stage-page.svelte';
  import StageDone from './StageDone.svelte';
  import StageFollow from './StageFollow.svelte';
  import StageReady from './StageReady.svelte';
  import StageView from './StageView.svelte';

  type Props = {
    plan: StagePlan;
    speed: number;
    /** What the ready page leads to, and what there is to do afterwards. */
    links: Snippet;
    after: Snippet<[StageSession]>;
    /** Who looks at the screen sees only what is for the children. */
    forChildren?: boolean;
  };
  const { plan, speed, links, after, forChildren = false }: Props = $props();

  // Another plan is another room: the page makes it anew.
  const stage = untrack(() => new StagePage(plan, speed));
  stage.attach();

  const session = $derived(stage.session);
  const leftAt = $derived.by(() => {
    const { left } = plan;
    const cue = left?.plan[left.leading.index];
    return left && cue
      ? `“${left.labels[cue.beatId] || 'the beginning'}”, ${clockOf(left.leading.scheduleSeconds)} in`
      : null;
  });
</script>

<svelte:window onkeydown={(event) => stage.keydown(event)} onpagehide={() => stage.hide()} />

{#if session?.status === 'done'}
  <StageDone {session} {after} />
{:else if session && stage.shown && forChildren}
  <StageFollow adventure={plan.adventure} {session} shown={stage.shown} />
{:else if session && stage.shown}
  <StageView
    {session}
    shown={stage.shown}
    dims={stage.dims}
    muted={stage.silent}
    typed={stage.typed}
    told={stage.told}
    onpoints={(points, team) => session.addPoints(points, team)}
    changing={stage.changing}
    onchanging={(open) => (stage.changing = open)}
    onadapt={(what) => stage.change(what)}
    onskip={() => stage.skip()}
    ontype={(outcome) => stage.typeDraw(outcome)}
    rehearsal={stage.speed > 1 ? stage.speed : null}
    onmute={() => stage.mute()}
    onleave={() => session.finish()}
  />
{:else}
  <StageReady
    {links}
    adventure={plan.adventure}
    schedule={plan.schedule}
    lines={preferences.current.lines}
    holds={preferences.current.holds}
    throws={preferences.current.throws}
    onthrows={(throws) => void preferences.change({ throws })}
    counts={preferences.current.counts}
    oncounts={(counts) => void preferences.change({ counts })}
    stepwise={stage.stepwise}
    onstepwise={(chosen) => (stage.stepwise = chosen)}
    onholds={(holds) => void preferences.change({ holds })}
    speed={stage.speed}
    left={leftAt}
    onlines={(lines) => void preferences.change({ lines })}
    onspeed={(chosen) => (stage.speed = chosen)}
    oncarryon={() => stage.begin(true)}
    onbegin={() => stage.begin(false)}
  />
{/if}
