<template>
  <span class="mark" aria-hidden="true"><i></i><i></i><i></i><i></i></span>
</template>

<style scoped>
.mark {
  display: inline-grid;
  grid-template-columns: 11px 11px;
  gap: 2px;
}
i {
  width: 11px;
  height: 11px;
  border-radius: 3px 3px 3px 1px;
  background: currentColor;
}
i:nth-child(2) {
  background: var(--saffron);
  transform: translate(3px, -3px) rotate(12deg);
}
i:nth-child(3) {
  opacity: 0.75;
}
i:nth-child(4) {
  opacity: 0.55;
}
</style>
