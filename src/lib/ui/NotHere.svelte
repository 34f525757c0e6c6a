<script lang="ts">
  import { resolve } from '$app/paths';

  const { what }: { what: string } = $props();
</script>

<main class="mx-auto max-w-3xl px-6 py-24">
  <h1 class="text-3xl">There is no such {what} in this browser.</h1>
  <p class="mt-3 text-lg">
    It may have been deleted, or it lives in another browser: a file brings it over.
  </p>
  <p class="mt-6"><a class="btn-lamp" href={resolve('/')}>To the shelf</a></p>
</main>
