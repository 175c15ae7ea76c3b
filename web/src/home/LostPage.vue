<template>
  <main class="grid min-h-screen place-items-center p-6 text-center">
    <div>
      <h1 class="text-3xl">Nothing lies here</h1>
      <p class="my-3">This address leads nowhere; perhaps the thread broke.</p>
      <RouterLink to="/" class="act act-main">Back to the household</RouterLink>
    </div>
  </main>
</template>
