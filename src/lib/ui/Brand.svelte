<!-- A lamp over the marsh. -->
<svg viewBox="0 0 40 32" width="40" height="32" aria-hidden="true">
  <circle cx="29" cy="9" r="6" fill="var(--lamp)" stroke="var(--ink)" stroke-width="2" />
  <path
    d="M1 30C9 30 10 13 17 13s7 9 11 9 5-5 11-5v13z"
    fill="var(--cool-down)"
    stroke="var(--ink)"
    stroke-width="2"
    stroke-linejoin="round"
  />
</svg>
