<svg viewBox="0 0 16 16" width="16" height="16" fill="currentColor" aria-hidden="true">
    {#each [4, 8, 12] as y (y)}<circle cx="5" cy={y} r="1.3" /><circle cx="11" cy={y} r="1.3" />{/each}
</svg>
