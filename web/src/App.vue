<script setup lang="ts">
import { useAccount } from './account/useAccount'
import SignIn from './account/SignIn.vue'

const { account, failed } = useAccount()
</script>

<template>
  <main v-if="failed" class="grid min-h-screen place-items-center p-6">
    <p class="slip max-w-md p-6" role="alert">
      Hand Down cannot be reached. Start it again with <code>./hand-down start</code>, then reload this page.
    </p>
  </main>
  <SignIn v-else-if="account && !account.name" :account="account" />
  <RouterView v-else-if="account" />
</template>
