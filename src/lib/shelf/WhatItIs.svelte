<!-- What this is, for somebody who was told nothing: one sentence and three drawn steps. -->
<section class="mb-8" aria-label="What Arrup does">
  <p class="max-w-2xl font-heading text-xl leading-snug">
    You write a story that children move to. Arrup does the sums, the clock, the cautions and the
    record, and stands beside you while you lead it.
  </p>
  <div class="mt-4 grid gap-6 sm:grid-cols-3">
    <p>
      <svg viewBox="0 0 220 92" aria-hidden="true">
        <path class="paper" d="M30 6h160v80H30z" />
        <path class="words" d="M44 24h92M44 40h122M44 56h70" />
        <path class="lamp" d="M150 74l34-34 10 10-34 34-14 4z" />
      </svg>
      <b>Write it</b>, a line at a time: “8 frog jumps”, “drink”, “What do you see?”
    </p>
    <p>
      <svg viewBox="0 0 220 92" aria-hidden="true">
        <path class="land" d="M8 84V70h26l16-30 18 22 20-44 26 40 20-26 22 38h20l14 10h22v4z" />
        <path class="ground" d="M4 84h212" />
        <path class="drop" d="M176 30c5 7 8 11 8 15a8 8 0 0 1-16 0c0-4 3-8 8-15z" />
      </svg>
      <b>See how it goes</b>: how long, how lively, where a drink is missing.
    </p>
    <p>
      <svg viewBox="0 0 220 92" aria-hidden="true">
        <rect class="paper" x="44" y="6" width="132" height="80" rx="8" />
        <circle class="ring" cx="138" cy="46" r="25" />
        <text x="138" y="56" text-anchor="middle">8</text>
        <circle class="body" cx="80" cy="26" r="8" />
        <path class="body" d="M80 34v22M80 40l-16-10M80 40l16-10M80 56l-12 20M80 56l12 20" />
      </svg>
      <b>Lead it</b>: large enough to follow from three metres away, on all fours.
    </p>
  </div>
</section>

<style>
  svg {
    display: block;
    width: 100%;
    max-width: 14rem;
    margin-bottom: 0.4rem;
  }
  .paper {
    fill: var(--raised);
    stroke: var(--ink);
    stroke-width: 2.5;
  }
  .words,
  .ground,
  .body {
    fill: none;
    stroke: var(--ink);
    stroke-width: 3;
    stroke-linecap: round;
  }
  .lamp {
    fill: var(--lamp);
    stroke: var(--ink);
    stroke-width: 2.5;
    stroke-linejoin: round;
  }
  .land {
    fill: var(--adventure);
    stroke: var(--ink);
    stroke-width: 2.5;
    stroke-linejoin: round;
  }
  .drop {
    fill: var(--water);
  }
  .ring {
    fill: none;
    stroke: var(--lamp);
    stroke-width: 6;
  }
  text {
    fill: var(--ink);
    font-family: var(--font-heading);
    font-size: 28px;
    font-weight: 800;
  }
</style>
