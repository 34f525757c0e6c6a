<!-- Something is said or asked: the words have the whole screen. Children see that somebody speaks. -->
<script lang="ts">
  import Fitted from './Fitted.svelte';
  import { SIGNS } from '$lib/pictures/move-pictures';
  import PictureSvg from '$lib/pictures/PictureSvg.svelte';

  type Props = {
    moment: 'say' | 'ask' | 'goodbye';
    words: string;
    /** For children: a sign and a word, nothing to read. */
    forChildren: boolean;
  };
  const { moment, words, forChildren }: Props = $props();
</script>

<div class={['words', moment, forChildren && 'children']}>
  {#if forChildren}
    <div class="sign" aria-hidden="true">
      <PictureSvg picture={SIGNS[moment]} size="100%" strokeWidth={1.3} />
    </div>
  {/if}
  <Fitted {words} most={forChildren ? 170 : 132} />
  {#if moment === 'ask' && !forChildren}<span class="asked" aria-hidden="true">?</span>{/if}
</div>

<style>
  .words {
    position: relative;
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: minmax(0, 1fr);
    height: calc(100% - 1.6rem);
    padding: clamp(0.5rem, 2.5cqmin, 2rem) clamp(0.75rem, 4cqmin, 3rem);
    border: 5px solid var(--ink);
    border-radius: clamp(1.25rem, 6cqmin, 3.5rem);
    background: var(--raised);
  }
  /* The tail of what is said. */
  .words::after {
    content: '';
    position: absolute;
    left: 12%;
    bottom: -1.55rem;
    width: 2.6rem;
    height: 1.7rem;
    background: var(--ink);
    clip-path: polygon(0 0, 100% 0, 0 100%);
  }
  .ask {
    grid-template-columns: minmax(0, 1fr) auto;
    border-style: dashed;
    border-color: var(--water);
  }
  .ask::after {
    background: var(--water);
  }
  .asked {
    align-self: center;
    padding-left: 1rem;
    font-family: var(--font-heading);
    font-size: 46cqmin;
    font-weight: 800;
    line-height: 0.8;
    color: var(--water);
  }
  .goodbye {
    height: 100%;
    border: 0;
    background: none;
    padding-bottom: 24cqmin;
  }
  /* The sun goes down. */
  .goodbye::after {
    left: 50%;
    bottom: 0;
    width: 44cqmin;
    height: 22cqmin;
    translate: -50%;
    border-radius: 22cqmin 22cqmin 0 0;
    background: var(--lamp);
    clip-path: none;
  }
  .children {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: minmax(0, 3fr) minmax(0, 2fr);
    text-align: center;
  }
  .sign {
    display: grid;
    place-items: center;
    min-height: 0;
    color: var(--water);
  }
  .sign :global(svg) {
    height: 100%;
    max-width: 100%;
  }
  @container (max-width: 30rem) {
    .ask {
      grid-template-columns: minmax(0, 1fr);
      grid-template-rows: minmax(0, 1fr) auto;
    }
    .asked {
      justify-self: end;
      font-size: 30cqmin;
    }
  }
</style>
