<script setup lang="ts">
import { useAttempt } from '../api/useAttempt'
import { provideProblem } from '../ui/problem'
import { reactive } from 'vue'
import { ProblemError, type Schemas } from '../api/client'
import PlainField from '../ui/PlainField.vue'
import { useWaysIn } from './useAccount'

const { account } = defineProps<{ account: Schemas['AccountView'] }>()
const ways = useWaysIn()
const form = reactive({ household: '', name: '', login: '', password: '' })
const { problem, attempt } = useAttempt()
provideProblem(problem)

const enter = () =>
  attempt(async () => {
    if (account.needsOwner) return ways.owner({ ...form })
    if (await ways.signIn(form.login, form.password)) return
    throw new ProblemError({ status: 401, title: 'No', detail: 'Name and password do not go together.' })
  })
</script>

<template>
  <main class="grid min-h-screen place-items-center p-4">
    <section class="slip w-full max-w-md p-8">
      <h1 class="text-4xl">Hand Down</h1>
      <svg class="my-3 h-4 w-full text-madder" aria-hidden="true">
        <line
          x1="0"
          y1="8"
          x2="100%"
          y2="8"
          stroke="currentColor"
          stroke-width="2.5"
          stroke-dasharray="12 7"
        />
      </svg>
      <p class="mb-5 text-muted">
        Old garments into new ones, with nothing wasted and no cut taken too early.
      </p>

      <button v-if="account.demo" class="act act-main mb-6 w-full text-lg" @click="attempt(ways.demo)">
        Step into the made-up household
      </button>

      <form v-if="!account.demo" class="grid gap-4" @submit.prevent="enter">
        <p v-if="account.needsOwner">
          Nobody has used this installation yet. Say who you are; you will own the household.
        </p>
        <template v-if="account.needsOwner">
          <PlainField v-model="form.household" label="Name of the household" name="household" />
          <PlainField v-model="form.name" label="Your name" name="name" />
        </template>
        <PlainField v-model="form.login" label="Name to sign in with" name="login" autocomplete="username" />
        <PlainField
          v-model="form.password"
          label="Password"
          name="password"
          type="password"
          :autocomplete="account.needsOwner ? 'new-password' : 'current-password'"
        />
        <button class="act act-main">{{ account.needsOwner ? 'Begin' : 'Sign in' }}</button>
      </form>
      <p v-if="problem && !problem.field" class="mt-4 text-madder" role="alert">{{ problem.detail }}</p>
      <p v-if="account.demo" class="text-sm text-muted">
        People, places and measures in the demo are all made up. It runs on this machine only.
      </p>
    </section>
  </main>
</template>
