<script setup lang="ts">
/** What keeps people well; the rules of the hall come first. */
</script>

<template>
  <section class="card care">
    <h2>Take care</h2>
    <p>
      Warm up first; water in reach; a dry floor without trailing leads. Show a turn-free way to anyone who
      gets dizzy and a flat one for sore knees. The rules of your hall come first.
    </p>
  </section>
</template>

<style scoped>
.care {
  border-color: var(--notice);
}
</style>
