<template>
  <div class="stack">
    <h1>There is no page here</h1>
    <p>Perhaps the address was cut. <RouterLink to="/classes">Go to the coming classes</RouterLink>.</p>
  </div>
</template>
