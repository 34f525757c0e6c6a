<script lang="ts">
  import { resolve } from '$app/paths';

  const { what }: { what: string } = $props();
</script>

<main id="main" tabindex="-1" class="mx-auto max-w-3xl px-6 py-24">
  <h1 class="text-3xl">This browser doesn’t have that {what}.</h1>
  <p class="mt-3 text-lg">
    It may have been deleted, or it’s in another browser: save it there as a file, and open that
    here.
  </p>
  <p class="mt-6"><a class="btn-lamp" href={resolve('/')}>To the shelf</a></p>
</main>
